// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/reading_file.h"

#include <algorithm>
#include <cmath>

#include "io/chart_file.h"
#include "io/curve_file.h"
#include "io/files/safe_write.h"

namespace refero::io {
namespace {

Json vector(const Vector3& v) {
    return Json::array({v.x(), v.y(), v.z()});
}

Vector3 vectorFrom(const Node& n) {
    const auto v = n.numbers(3);
    return {v[0], v[1], v[2]};
}

Json point(const Point& p) {
    return Json::array({p.x(), p.y()});
}

Point pointFrom(const Node& n) {
    const auto v = n.numbers(2);
    return {v[0], v[1]};
}

Json points(const std::vector<Point>& all) {
    Json out = Json::array();
    for (const Point& p : all) out.push_back(point(p));
    return out;
}

std::vector<Point> pointsFrom(const Node& n) {
    std::vector<Point> out;
    for (const Node& p : n.items()) out.push_back(pointFrom(p));
    return out;
}

Json ids(const Reading& r, const std::vector<std::size_t>& patches) {
    Json out = Json::array();
    for (const std::size_t i : patches) out.push_back(r.patches[i].id);
    return out;
}

std::vector<std::size_t> idsFrom(const Node& n, const Chart& chart) {
    std::vector<std::size_t> out;
    for (const Node& id : n.items()) {
        const std::string wanted = id.text();
        std::size_t at = 0;
        while (at < chart.patches.size() && chart.patches[at].id != wanted) ++at;
        if (at == chart.patches.size()) id.fail("is " + wanted + ", which the chart does not have");
        out.push_back(at);
    }
    return out;
}

Verdict verdictFrom(const std::string& v) {
    return v == "reshoot" ? Verdict::reshoot : v == "review" ? Verdict::review : Verdict::pass;
}

Json checkJson(const Reading& r, const Check& c) {
    Json j{{"id", c.id},
           {"verdict", name(c.verdict)},
           {"value", c.value},
           {"unit", c.unit},
           {"limit", c.limit},
           {"good", {c.low, c.high}},
           {"scale", {c.scaleLow, c.scaleHigh}},
           {"title", c.title},
           {"reason", c.reason},
           {"remedy", c.remedy}};
    if (!c.evidence.patches.empty()) j["evidence"]["patches"] = ids(r, c.evidence.patches);
    for (const auto& line : c.evidence.lines) j["evidence"]["lines"].push_back(points(line));
    return j;
}

Check checkFrom(const Node& n, const Chart& chart) {
    Check c;
    c.id = n.at("id").text();
    c.verdict = verdictFrom(n.at("verdict").text());
    c.value = n.at("value").number();
    c.unit = n.text("unit", "");
    c.limit = n.text("limit", "");
    c.title = n.text("title", c.id);
    c.reason = n.text("reason", "");
    c.remedy = n.text("remedy", "");
    if (n.has("good")) {
        const auto v = n.at("good").numbers(2);
        c.low = v[0];
        c.high = v[1];
    }
    if (n.has("scale")) {
        const auto v = n.at("scale").numbers(2);
        c.scaleLow = v[0];
        c.scaleHigh = v[1];
    }
    if (!n.has("evidence")) return c;
    const Node e = n.at("evidence");
    if (e.has("patches")) c.evidence.patches = idsFrom(e.at("patches"), chart);
    if (e.has("lines"))
        for (const Node& line : e.at("lines").items()) c.evidence.lines.push_back(pointsFrom(line));
    return c;
}

template <class Matrix>
Json flat(const Matrix& m) {
    Json out = Json::array();
    for (Eigen::Index row = 0; row < m.rows(); ++row)
        for (Eigen::Index column = 0; column < m.cols(); ++column) out.push_back(m(row, column));
    return out;
}

Matrix3 matrixFrom(const Node& n) {
    const auto v = n.numbers(9);
    Matrix3 m;
    for (Eigen::Index i = 0; i < 9; ++i) m(i / 3, i % 3) = v[static_cast<std::size_t>(i)];
    return m;
}

Json lightJson(const Reading& r) {
    const ChartLight& l = *r.light;
    Json j{{"field_stops", l.field.stops},
           {"field_middle_mm", point(l.field.middleMm)},
           {"field_half_mm", point(l.field.halfMm)},
           {"range_stops", l.rangeStops},
           {"lightest_mm", point(l.lightestMm)},
           {"darkest_mm", point(l.darkestMm)},
           {"residual_stops", l.residualStops},
           {"white", vector(l.white)},
           {"xyz_to_rgb", flat(l.xyzToRgb)},
           {"veil", vector(l.flare)},
           {"veil_share", l.flareShare},
           {"veil_error", vector(l.flareError)},
           {"error_stops", l.errorStops},
           {"covered", ids(r, l.covered)},
           {"covered_mm", points(l.coveredMm)},
           {"shining", ids(r, l.specular)},
           {"shining_mm", points(l.specularMm)},
           {"shine_share", l.specularShare}};
    if (l.shadow)
        j["shadow"] = {{"through_mm", point(l.shadow->throughMm)},
                       {"darker_way", point(l.shadow->darkerWay)},
                       {"stops", l.shadow->stops},
                       {"soft_mm", l.shadow->softMm}};
    if (l.lobe)
        j["mirror_image"] = {{"centre_mm", point(l.lobe->centreMm)},
                             {"radius_mm", l.lobe->radiusMm},
                             {"level", l.lobe->level}};
    return j;
}

ChartLight lightFrom(const Node& n, const Chart& chart) {
    ChartLight l;
    const auto stops = n.at("field_stops").numbers(6);
    std::copy_n(stops.begin(), 6, l.field.stops.begin());
    l.field.middleMm = pointFrom(n.at("field_middle_mm"));
    l.field.halfMm = pointFrom(n.at("field_half_mm"));
    if (!(l.field.halfMm.minCoeff() > 0)) n.at("field_half_mm").fail("must be above 0");
    l.rangeStops = n.number("range_stops", 0);
    l.lightestMm = pointFrom(n.at("lightest_mm"));
    l.darkestMm = pointFrom(n.at("darkest_mm"));
    l.residualStops = n.number("residual_stops", 0);
    l.white = vectorFrom(n.at("white"));
    l.xyzToRgb = matrixFrom(n.at("xyz_to_rgb"));
    l.flare = vectorFrom(n.at("veil"));
    l.flareShare = n.number("veil_share", 0);
    if (n.has("veil_error")) l.flareError = vectorFrom(n.at("veil_error"));
    if (n.has("error_stops")) l.errorStops = n.at("error_stops").numbers(chart.patches.size());
    l.covered = idsFrom(n.at("covered"), chart);
    l.coveredMm = pointsFrom(n.at("covered_mm"));
    l.specular = idsFrom(n.at("shining"), chart);
    l.specularMm = pointsFrom(n.at("shining_mm"));
    l.specularShare = n.number("shine_share", 0);
    if (n.has("mirror_image")) {
        const Node m = n.at("mirror_image");
        l.lobe = SpecularLobe{pointFrom(m.at("centre_mm")), std::max(1e-3, m.at("radius_mm").number()),
                              m.at("level").number()};
    }
    if (n.has("shadow")) {
        const Node s = n.at("shadow");
        l.shadow = ShadowEdge{pointFrom(s.at("through_mm")), pointFrom(s.at("darker_way")),
                              s.at("stops").number(), std::max(1e-3, s.at("soft_mm").number())};
    }
    return l;
}

Json sharpnessJson(const Sharpness& s) {
    return {{"edge_pixels", s.widthPixels},
            {"across_pixels", s.acrossPixels},
            {"down_pixels", s.downPixels},
            {"movement_degrees", s.movementDegrees},
            {"smallest_side_pixels", s.smallestSidePixels},
            {"sides", s.sides}};
}

Sharpness sharpnessFrom(const Node& n) {
    Sharpness s;
    s.widthPixels = n.number("edge_pixels", 0);
    s.acrossPixels = n.number("across_pixels", 0);
    s.downPixels = n.number("down_pixels", 0);
    s.movementDegrees = n.number("movement_degrees", 0);
    s.smallestSidePixels = n.number("smallest_side_pixels", 0);
    s.sides = n.whole<std::size_t>("sides", 0);
    return s;
}

Json frameJson(const Reading& r) {
    Json frame{{"path", r.framePath}, {"width", r.width}, {"height", r.height}};
    putTransfer(frame, "encoding", r.encoding);
    frame["encoding_source"] = name(r.encodingSource);
    const auto put = [&](const char* key, const std::string& value) {
        if (!value.empty()) frame[key] = value;
    };
    put("body", r.body);
    put("unique_model", r.uniqueModel);
    put("serial", r.serial);
    put("lens", r.lens);
    put("taken", r.taken);
    put("description", r.description);
    const auto putAbove0 = [&](const char* key, double value) {
        if (value > 0) frame[key] = value;
    };
    putAbove0("focal_length_35mm", r.focalLength35mm);
    putAbove0("exposure_seconds", r.settings.exposureSeconds);
    putAbove0("f_number", r.settings.fNumber);
    putAbove0("iso", r.settings.iso);
    put("profile", r.settings.profile);
    return frame;
}

void frameFrom(const Node& n, Reading& r) {
    r.framePath = n.text("path", "");
    r.width = n.at("width").whole();
    r.height = n.at("height").whole();
    r.encoding = transferFrom(n, "encoding");
    const auto source = encodingSourceByName(n.text("encoding_source", "stated"));
    if (!source) n.fail(source.error().message);
    r.encodingSource = *source;
    r.body = n.text("body", "");
    r.uniqueModel = n.text("unique_model", "");
    r.serial = n.text("serial", "");
    r.lens = n.text("lens", "");
    r.taken = n.text("taken", "");
    r.description = n.text("description", "");
    r.focalLength35mm = n.number("focal_length_35mm", 0);
    r.settings = {n.number("exposure_seconds", 0), n.number("f_number", 0), n.number("iso", 0),
                  n.text("profile", "")};
}

Json patchJson(const PatchReading& p) {
    Json j{{"id", p.id},
           {"centre", {p.centre.x(), p.centre.y()}},
           {"rgb", vector(p.rgb)},
           {"deviation", vector(p.deviation)},
           {"clipped", p.clipped},
           {"clipped_channels", vector(p.clippedChannels)},
           {"covariance", flat(p.covariance)},
           {"rejected", p.rejected},
           {"blotch", p.blotch},
           {"pixels", p.pixels}};
    if (p.independence < 1) j["independence"] = p.independence;
    if (p.leftOut) j["left_out"] = true;
    if (!p.movedMm.isZero()) j["moved_mm"] = point(p.movedMm);
    return j;
}

Json averagedJson(const AveragedFrame& f) {
    Json j{{"path", f.path}, {"level_stops", f.levelStops}};
    if (f.otherLight) j["other_light"] = true;
    if (!f.outliers.empty()) j["outliers"] = f.outliers;
    return j;
}

AveragedFrame averagedFrom(const Node& n) {
    AveragedFrame f;
    f.path = n.at("path").text();
    f.levelStops = n.number("level_stops", 0);
    f.otherLight = n.truth("other_light", false);
    if (n.has("outliers"))
        for (const Node& id : n.at("outliers").items()) f.outliers.push_back(id.text());
    return f;
}

PatchReading patchFrom(const Node& n) {
    PatchReading p;
    p.id = n.at("id").text();
    if (n.has("centre")) p.centre = pointFrom(n.at("centre"));
    p.rgb = vectorFrom(n.at("rgb"));
    if (n.has("deviation")) p.deviation = vectorFrom(n.at("deviation"));
    p.clipped = n.number("clipped", 0);
    p.pixels = n.whole<std::size_t>("pixels", 1);
    if (n.has("clipped_channels")) p.clippedChannels = vectorFrom(n.at("clipped_channels"));
    if (n.has("covariance")) p.covariance = matrixFrom(n.at("covariance"));
    p.rejected = n.number("rejected", 0);
    p.independence = n.number("independence", 1);
    if (!(p.independence > 0 && p.independence <= 1))
        n.at("independence").fail("must be above 0 and at most 1");
    p.blotch = n.number("blotch", 0);
    p.leftOut = n.truth("left_out", false);
    if (n.has("moved_mm")) p.movedMm = pointFrom(n.at("moved_mm"));
    return p;
}

Reading readingFrom(const Node& root) {
    expectFormat(root, "refero-reading", 1);
    Reading r;
    frameFrom(root.at("frame"), r);
    r.found = root.truth("found", true);
    if (!r.found)
        root.at("found").fail(
            "is false: no chart was found in this frame, so there is nothing to correct from");
    r.chart = chartFrom(root.at("chart_definition"));
    if (root.has("corners")) {
        const auto items = root.at("corners").items();
        if (items.size() != 4) root.at("corners").fail("must be four points");
        for (std::size_t i = 0; i < 4; ++i) r.corners[i] = pointFrom(items[i]);
    }
    // By id, into the chart's order: scripts may have sorted or edited the list.
    r.patches.resize(r.chart.patches.size());
    std::vector<bool> seen(r.patches.size(), false);
    for (const Node& n : root.at("patches").items()) {
        const PatchReading p = patchFrom(n);
        std::size_t at = 0;
        while (at < r.chart.patches.size() && r.chart.patches[at].id != p.id) ++at;
        if (at == r.chart.patches.size()) n.at("id").fail("is " + p.id + ", which the chart does not have");
        if (seen[at]) n.at("id").fail("is " + p.id + ", which occurs twice");
        seen[at] = true;
        r.patches[at] = p;
    }
    for (std::size_t i = 0; i < seen.size(); ++i)
        if (!seen[i]) root.at("patches").fail("lacks patch " + r.chart.patches[i].id);
    r.agreement = root.number("agreement", 1);
    r.robustAgreement = root.number("robust_agreement", r.agreement);
    r.confidence = root.number("confidence", 1);
    r.cornersByHand = root.truth("corners_by_hand", false);
    r.wrongQuarterTurns = root.whole("corners_wrong_quarter_turns", 0);
    r.othersSought = root.truth("others_sought", false);
    if (root.has("other_charts"))
        for (const Node& n : root.at("other_charts").items()) {
            const auto q = pointsFrom(n);
            if (q.size() != 4) n.fail("must be four points");
            r.otherCharts.push_back({q[0], q[1], q[2], q[3]});
        }
    if (root.has("sharpness")) r.sharpness = sharpnessFrom(root.at("sharpness"));
    if (root.has("light")) r.light = lightFrom(root.at("light"), r.chart);
    const auto taken = takenOutByName(root.text("light_taken_out", ""));
    if (!taken) root.fail(taken.error().message);
    r.lightTakenOut = *taken;
    r.flatField = root.text("flat_field", "");
    if (root.has("averaged"))
        for (const Node& n : root.at("averaged").items()) r.averaged.push_back(averagedFrom(n));
    if (root.has("subjects"))
        for (const Node& n : root.at("subjects").items())
            r.subjects.push_back(
                {n.at("path").text(), vectorFrom(n.at("rgb")), n.truth("certain", true), n.text("from", "")});
    r.limits = root.text("limits", r.limits);
    if (root.has("checks"))
        for (const Node& n : root.at("checks").items()) r.checks.push_back(checkFrom(n, r.chart));
    r.verdict = root.has("verdict") ? verdictFrom(root.at("verdict").text()) : Verdict::pass;
    return r;
}

}  // namespace

Reading aboutFrame(const Frame& frame) {
    Reading r;
    r.framePath = frame.path.string();
    r.width = frame.image.width();
    r.height = frame.image.height();
    r.encoding = frame.encoding;
    r.encodingSource = frame.encodingSource;
    r.body = frame.metadata.body;
    r.serial = frame.metadata.serial;
    if (frame.metadata.uniqueModel != r.body) r.uniqueModel = frame.metadata.uniqueModel;
    r.lens = frame.metadata.lens;
    r.taken = frame.metadata.taken;
    r.description = frame.metadata.description;
    r.focalLength35mm = frame.metadata.focalLength35mm;
    r.settings = {frame.metadata.exposureSeconds, frame.metadata.fNumber, frame.metadata.iso,
                  frame.metadata.pictureProfile};
    return r;
}

Json toJson(const Reading& r) {
    Json j{{"format", "refero-reading"},
           {"version", 1},
           {"frame", frameJson(r)},
           {"chart", r.chart.id},
           {"found", r.found}};
    j["corners"] = Json::array();
    for (const Point& p : r.corners) j["corners"].push_back({p.x(), p.y()});
    j["agreement"] = r.agreement;
    j["robust_agreement"] = r.robustAgreement;
    j["confidence"] = r.confidence;
    if (r.cornersByHand) j["corners_by_hand"] = true;
    if (r.wrongQuarterTurns) j["corners_wrong_quarter_turns"] = r.wrongQuarterTurns;
    if (r.othersSought) j["others_sought"] = true;
    for (const Quad& q : r.otherCharts) j["other_charts"].push_back(points({q.begin(), q.end()}));
    if (r.sharpness.sides > 0) j["sharpness"] = sharpnessJson(r.sharpness);
    if (r.light) j["light"] = lightJson(r);
    if (r.lightTakenOut.any()) j["light_taken_out"] = name(r.lightTakenOut);
    if (!r.flatField.empty()) j["flat_field"] = r.flatField;
    for (const AveragedFrame& f : r.averaged) j["averaged"].push_back(averagedJson(f));
    for (const SubjectLight& s : r.subjects)
        j["subjects"].push_back(
            {{"path", s.path}, {"rgb", vector(s.rgb)}, {"certain", s.certain}, {"from", s.from}});
    j["limits"] = r.limits;
    j["patches"] = Json::array();
    for (const PatchReading& p : r.patches) j["patches"].push_back(patchJson(p));
    j["checks"] = Json::array();
    for (const Check& c : r.checks) j["checks"].push_back(checkJson(r, c));
    j["verdict"] = name(r.verdict);
    j["chart_definition"] = toJson(r.chart);
    return j;
}

Json notFoundJson(const Reading& about, const Chart& chart, const std::string& reason) {
    return {{"format", "refero-reading"},
            {"version", 1},
            {"frame", frameJson(about)},
            {"chart", chart.id},
            {"found", false},
            {"reason", reason},
            {"patches", Json::array()},
            {"checks", Json::array()},
            {"verdict", "reshoot"},
            {"chart_definition", toJson(chart)}};
}

Result<Reading> parseReading(std::string_view text, const std::string& origin) {
    return parseJson(text, origin).and_then([&](const Json& json) {
        return guarded(origin, [&] { return readingFrom(Node(json, "")); });
    });
}

Result<Reading> readReading(const std::filesystem::path& path) {
    return readFile(path).and_then(
        [&](const std::string& text) { return parseReading(text, path.string()); });
}

}  // namespace refero::io
