// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/readings_table.h"

#include <cstdio>

namespace refero::io {

std::string csvField(const std::string& text) {
    std::string out = text;
    // "=", "+", "-" and "@" begin a formula.
    if (!out.empty() && std::string_view("=+-@\t\r").find(out.front()) != std::string_view::npos)
        out.insert(0, "'");
    if (out.find_first_of(",\"\r\n") == std::string::npos) return out;
    std::string quoted = "\"";
    for (const char c : out) {
        if (c == '"') quoted += '"';
        quoted += c;
    }
    return quoted + '"';
}

std::string readingsTable(const Correction& c) {
    std::string out =
        "correction,chart,patch,role,used,weight,red,green,blue,reference_L,reference_a,reference_b,before_L,"
        "before_a,before_b,after_L,after_a,after_b,ciede2000_before,ciede2000_after,ciede2000_left_out\r\n";
    for (const PatchResult& p : c.patches) {
        out += csvField(c.name) + ',' + csvField(c.chartId) + ',' + csvField(p.id) + ',' +
               std::string(p.known ? "known" : name(p.role)) + ',' + (p.used ? "yes" : "no");
        char numbers[400];
        std::snprintf(numbers, sizeof numbers,
                      ",%g,%.6f,%.6f,%.6f,%.3f,%.3f,%.3f,%.3f,%.3f,%.3f,%.3f,%.3f,%.3f,%.3f,%.3f,%.3f\r\n",
                      p.weight, p.rgb.x(), p.rgb.y(), p.rgb.z(), p.reference.L, p.reference.a, p.reference.b,
                      p.before.L, p.before.a, p.before.b, p.after.L, p.after.a, p.after.b, p.differenceBefore,
                      p.differenceAfter, p.leftOut);
        out += numbers;
    }
    return out;
}

}  // namespace refero::io
