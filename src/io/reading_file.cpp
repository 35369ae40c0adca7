// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/reading_file.h"

#include <cmath>

#include "io/chart_file.h"
#include "io/curve_file.h"
#include "io/safe_write.h"

namespace refero::io {
namespace {

Json vector(const Vector3& v) {
    return Json::array({v.x(), v.y(), v.z()});
}

Vector3 vectorFrom(const Node& n) {
    const auto v = n.numbers(3);
    return {v[0], v[1], v[2]};
}

Json checkJson(const Check& c) {
    return {{"id", c.id},       {"verdict", name(c.verdict)}, {"value", c.value},   {"unit", c.unit},
            {"limit", c.limit}, {"title", c.title},           {"reason", c.reason}, {"remedy", c.remedy}};
}

Json frameJson(const Reading& r) {
    Json frame{{"path", r.framePath}, {"width", r.width}, {"height", r.height}};
    putTransfer(frame, "encoding", r.encoding);
    frame["encoding_source"] = r.encodingSource;
    const auto put = [&](const char* key, const std::string& value) {
        if (!value.empty()) frame[key] = value;
    };
    put("body", r.body);
    put("lens", r.lens);
    put("taken", r.taken);
    put("description", r.description);
    if (r.focalLength35mm > 0) frame["focal_length_35mm"] = r.focalLength35mm;
    return frame;
}

void frameFrom(const Node& n, Reading& r) {
    r.framePath = n.text("path", "");
    r.width = static_cast<int>(n.at("width").number());
    r.height = static_cast<int>(n.at("height").number());
    r.encoding = transferFrom(n, "encoding");
    r.encodingSource = n.text("encoding_source", "stated");
    r.body = n.text("body", "");
    r.lens = n.text("lens", "");
    r.taken = n.text("taken", "");
    r.description = n.text("description", "");
    r.focalLength35mm = n.number("focal_length_35mm", 0);
}

PatchReading patchFrom(const Node& n) {
    PatchReading p;
    p.id = n.at("id").text();
    if (n.has("centre")) {
        const auto c = n.at("centre").numbers(2);
        p.centre = {c[0], c[1]};
    }
    p.rgb = vectorFrom(n.at("rgb"));
    if (n.has("deviation")) p.deviation = vectorFrom(n.at("deviation"));
    p.clipped = n.number("clipped", 0);
    p.pixels = static_cast<std::size_t>(std::max(0.0, n.number("pixels", 1)));
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
        for (std::size_t i = 0; i < 4; ++i) {
            const auto p = items[i].numbers(2);
            r.corners[i] = {p[0], p[1]};
        }
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
    r.verdict = Verdict::pass;
    if (root.has("verdict")) {
        const std::string v = root.at("verdict").text();
        r.verdict = v == "reshoot" ? Verdict::reshoot : v == "review" ? Verdict::review : Verdict::pass;
    }
    return r;
}

}  // namespace

Reading aboutFrame(const Frame& frame) {
    Reading r;
    r.framePath = frame.path.string();
    r.width = frame.image.width();
    r.height = frame.image.height();
    r.encoding = frame.encoding;
    r.encodingSource = name(frame.encodingSource);
    r.body = frame.metadata.body;
    r.lens = frame.metadata.lens;
    r.taken = frame.metadata.taken;
    r.description = frame.metadata.description;
    r.focalLength35mm = frame.metadata.focalLength35mm;
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
    j["patches"] = Json::array();
    for (const PatchReading& p : r.patches)
        j["patches"].push_back({{"id", p.id},
                                {"centre", {p.centre.x(), p.centre.y()}},
                                {"rgb", vector(p.rgb)},
                                {"deviation", vector(p.deviation)},
                                {"clipped", p.clipped},
                                {"pixels", p.pixels}});
    j["checks"] = Json::array();
    for (const Check& c : r.checks) j["checks"].push_back(checkJson(c));
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
