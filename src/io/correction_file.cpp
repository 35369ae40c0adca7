// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/correction_file.h"

#include <Eigen/LU>
#include <cmath>

#include "core/colour/xyz.h"
#include "io/curve_file.h"
#include "io/safe_write.h"

namespace refero::io {
namespace {

Json vector(const Vector3& v) {
    return Json::array({v.x(), v.y(), v.z()});
}

Json lab(const Lab& v) {
    return Json::array({v.L, v.a, v.b});
}

Vector3 vectorFrom(const Node& n) {
    const auto v = n.numbers(3);
    return {v[0], v[1], v[2]};
}

Lab labFrom(const Node& n) {
    const auto v = n.numbers(3);
    return {v[0], v[1], v[2], white::d50};
}

Json spreadJson(const Spread& s) {
    return {{"mean", s.mean}, {"median", s.median}, {"percentile_95", s.percentile95}, {"max", s.max}};
}

Spread spreadFrom(const Node& n) {
    return {n.at("mean").number(), n.at("median").number(), n.at("percentile_95").number(),
            n.at("max").number()};
}

PatchResult patchFrom(const Node& n) {
    PatchResult p;
    p.id = n.at("id").text();
    p.used = n.truth("used", true);
    p.rgb = vectorFrom(n.at("rgb"));
    p.reference = labFrom(n.at("reference_lab_d50"));
    p.before = labFrom(n.at("before_lab_d50"));
    p.after = labFrom(n.at("after_lab_d50"));
    p.differenceBefore = n.at("ciede2000_before").number();
    p.differenceAfter = n.at("ciede2000_after").number();
    p.leftOut = n.number("ciede2000_left_out", 0);
    return p;
}

Correction correctionFrom(const Node& root) {
    expectFormat(root, "refero-correction", 1);
    Correction c;
    c.name = root.text("name", "");
    c.chartId = root.text("chart", "");
    c.chartName = root.text("chart_name", c.chartId);
    c.body = root.text("body", "");
    c.lens = root.text("lens", "");
    c.description = root.text("description", "");
    c.taken = root.text("taken", "");
    if (root.has("readings"))
        for (const Node& n : root.at("readings").items()) c.readings.push_back(n.text());
    c.inputEncoding = transferFrom(root, "input_encoding");
    const std::string model = root.at("model").text();
    if (model != "balance" && model != "matrix") root.at("model").fail("must be balance or matrix");
    c.model = model == "matrix" ? Model::matrix : Model::balance;
    const auto intent = intentByName(root.text("intent", "colorimetric"));
    if (!intent) root.at("intent").fail("is wrong: " + intent.error().message);
    c.intent = *intent;
    c.referenceLight = root.text("reference_light", "d50");
    c.gains = vectorFrom(root.at("gains"));
    c.level = root.at("level").number();
    if (!(c.gains.minCoeff() > 0) || !(c.level > 0)) root.at("gains").fail("and level must be above 0");
    const auto rows = root.at("matrix").items();
    if (rows.size() != 3) root.at("matrix").fail("must be three rows of three numbers");
    for (int i = 0; i < 3; ++i) c.matrix.row(i) = vectorFrom(rows[static_cast<std::size_t>(i)]).transpose();
    if (!((c.matrix * Vector3::Ones() - whiteXyz(white::d50).vector()).norm() < 1e-3))
        root.at("matrix").fail("does not keep white: its rows must sum to D50's X, Y and Z");
    if (!(std::abs(c.matrix.determinant()) > 1e-9)) root.at("matrix").fail("cannot be inverted");
    if (root.has("patches"))
        for (const Node& n : root.at("patches").items()) c.patches.push_back(patchFrom(n));
    if (root.has("summary")) {
        const Node s = root.at("summary");
        c.summary.before = spreadFrom(s.at("ciede2000_before"));
        c.summary.after = spreadFrom(s.at("ciede2000_after"));
        c.summary.crossValidated = spreadFrom(s.at("ciede2000_cross_validated"));
        c.summary.used = static_cast<std::size_t>(s.number("used", 0));
        c.summary.message = s.text("message", "");
    }
    return c;
}

}  // namespace

Json toJson(const Correction& c) {
    Json j{{"format", "refero-correction"},
           {"version", 1},
           {"name", c.name},
           {"chart", c.chartId},
           {"chart_name", c.chartName},
           {"body", c.body},
           {"lens", c.lens},
           {"description", c.description},
           {"taken", c.taken},
           {"readings", c.readings}};
    putTransfer(j, "input_encoding", c.inputEncoding);
    j["model"] = name(c.model);
    j["intent"] = name(c.intent);
    j["reference_light"] = c.referenceLight;
    j["gains"] = vector(c.gains);
    j["level"] = c.level;
    j["matrix"] = Json::array();
    for (int i = 0; i < 3; ++i) j["matrix"].push_back(vector(c.matrix.row(i).transpose()));
    j["summary"] = {{"ciede2000_before", spreadJson(c.summary.before)},
                    {"ciede2000_after", spreadJson(c.summary.after)},
                    {"ciede2000_cross_validated", spreadJson(c.summary.crossValidated)},
                    {"used", c.summary.used},
                    {"message", c.summary.message}};
    j["patches"] = Json::array();
    for (const PatchResult& p : c.patches)
        j["patches"].push_back({{"id", p.id},
                                {"used", p.used},
                                {"rgb", vector(p.rgb)},
                                {"reference_lab_d50", lab(p.reference)},
                                {"before_lab_d50", lab(p.before)},
                                {"after_lab_d50", lab(p.after)},
                                {"ciede2000_before", p.differenceBefore},
                                {"ciede2000_after", p.differenceAfter},
                                {"ciede2000_left_out", p.leftOut}});
    return j;
}

Status writeCorrection(const Correction& correction, const std::filesystem::path& path) {
    return writeFile(path, prettyJson(toJson(correction)));
}

Result<Correction> parseCorrection(std::string_view text, const std::string& origin) {
    return parseJson(text, origin).and_then([&](const Json& json) {
        return guarded(origin, [&] { return correctionFrom(Node(json, "")); });
    });
}

Result<Correction> readCorrection(const std::filesystem::path& path) {
    return readFile(path).and_then(
        [&](const std::string& text) { return parseCorrection(text, path.string()); });
}

}  // namespace refero::io
