// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/chart_file.h"

#include <cmath>
#include <cstdio>
#include <cstdlib>

#include "core/embedded.h"
#include "core/say/say.h"
#include "io/files/safe_write.h"

namespace refero::io {
namespace {

Lab labFrom(const Node& node) {
    const auto v = node.numbers(3);
    return {v[0], v[1], v[2], white::d50};
}

Point pointFrom(const Node& node) {
    const auto v = node.numbers(2);
    return {v[0], v[1]};
}

double rounded(double v, double unit) {
    return std::round(v / unit) * unit;
}

// Through text, so that 0.1 is written as 0.1.
Json digits(double v, int decimals) {
    char text[64];
    std::snprintf(text, sizeof text, "%.*f", decimals, v);
    return std::strtod(text, nullptr);
}

Json labJson(const Lab& v) {
    return Json::array({digits(v.L, 3), digits(v.a, 3), digits(v.b, 3)});
}

Json pointJson(const Point& p) {
    return Json::array({digits(p.x(), 3), digits(p.y(), 3)});
}

Patch patchFrom(const Node& node) {
    Patch p;
    p.id = node.at("id").text();
    p.name = node.text("name", "");
    if (auto role = roleByName(node.text("role", "other"))) {
        p.role = *role;
    } else {
        node.at("role").fail("is wrong: " + role.error().message);
    }
    p.centreMm = pointFrom(node.at("centre_mm"));
    p.sizeMm = pointFrom(node.at("size_mm"));
    p.labD50 = labFrom(node.at("lab_d50"));
    if (node.has("reflectance")) {
        const Node r = node.at("reflectance");
        p.reflectance =
            Reflectance{r.at("start_nm").number(), r.at("step_nm").number(), r.at("values").numbers()};
    }
    return p;
}

}  // namespace

Chart chartFrom(const Node& root) {
    expectFormat(root, "refero-chart", 1);
    Chart c;
    c.id = root.at("id").text();
    c.name = root.text("name", c.id);
    c.source = root.text("source", "");
    c.condition = root.text("condition", "");
    c.outlineMm = pointFrom(root.at("outline_mm"));
    if (root.has("surround_lab_d50")) c.surroundLabD50 = labFrom(root.at("surround_lab_d50"));
    c.estimatedColours = root.text("colours", "") == "estimated";
    c.assumedLayout = root.text("layout", "") == "assumed";
    for (const Node& patch : root.at("patches").items()) c.patches.push_back(patchFrom(patch));
    if (auto ok = validate(c); !ok) throw JsonProblem{ok.error().message};
    return c;
}

Json toJson(const Chart& c) {
    Json patches = Json::array();
    for (const Patch& p : c.patches) {
        Json j;
        j["id"] = p.id;
        if (!p.name.empty()) j["name"] = p.name;
        j["role"] = name(p.role);
        j["centre_mm"] = pointJson(p.centreMm);
        j["size_mm"] = pointJson(p.sizeMm);
        j["lab_d50"] = labJson(p.labD50);
        if (p.reflectance) {
            Json values = Json::array();
            for (double v : p.reflectance->values) values.push_back(digits(rounded(v, 1e-5), 5));
            j["reflectance"] = {{"start_nm", p.reflectance->startNm},
                                {"step_nm", p.reflectance->stepNm},
                                {"values", std::move(values)}};
        }
        patches.push_back(std::move(j));
    }
    Json out{{"format", "refero-chart"},
             {"version", 1},
             {"id", c.id},
             {"name", c.name},
             {"source", c.source},
             {"outline_mm", pointJson(c.outlineMm)},
             {"surround_lab_d50", labJson(c.surroundLabD50)},
             {"patches", std::move(patches)}};
    if (!c.condition.empty()) out["condition"] = c.condition;
    if (c.estimatedColours) out["colours"] = "estimated";
    if (c.assumedLayout) out["layout"] = "assumed";
    return out;
}

Result<Chart> parseChart(std::string_view text, const std::string& origin) {
    return parseJson(text, origin).and_then([&](const Json& json) {
        return guarded(origin, [&] { return chartFrom(Node(json, "")); });
    });
}

Result<Chart> readChart(const std::filesystem::path& path) {
    return readFile(path).and_then([&](const std::string& text) { return parseChart(text, path.string()); });
}

Status writeChart(const Chart& chart, const std::filesystem::path& path) {
    return validate(chart).and_then([&] { return writeFile(path, prettyJson(toJson(chart))); });
}

const std::vector<Chart>& shippedCharts() {
    static const std::vector<Chart> charts = [] {
        std::vector<Chart> out;
        for (const auto& file : embedded::charts()) {
            auto chart = parseChart(file.text, std::string(file.name));
            if (!chart) {
                std::fprintf(stderr, "%s\n", chart.error().message.c_str());
                std::abort();  // compiled in: our own mistake
            }
            out.push_back(*std::move(chart));
        }
        return out;
    }();
    return charts;
}

Result<Chart> chartByNameOrPath(const std::string& nameOrPath) {
    for (const Chart& c : shippedCharts())
        if (c.id == nameOrPath) return c;
    if (!std::filesystem::exists(nameOrPath)) {
        std::string known;
        for (const Chart& c : shippedCharts()) known += (known.empty() ? "" : ", ") + c.id;
        return failure(say("There is no chart file %1, and no chart of that name ships with Refero (%2).",
                           nameOrPath, known));
    }
    return readChart(nameOrPath);
}

}  // namespace refero::io
