// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Chart files and the constants of log curves, both JSON.
#include <cmath>
#include <cstddef>
#include <cstdint>
#include <cstdlib>
#include <string_view>

#include "io/chart_file.h"
#include "io/curve_file.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* bytes, std::size_t size) {
    using namespace refero;
    const std::string_view text(reinterpret_cast<const char*>(bytes), size);
    if (const auto chart = io::parseChart(text, "fuzz")) {
        // What was read is written so that it is read again.
        if (!io::parseChart(io::toJson(*chart).dump(), "again")) std::abort();
    }
    if (const auto curve = io::parseLogCurve(text, "fuzz"))
        if (const auto t = Transfer::fromLog(*curve))
            for (const double x : {-0.5, 0.0, 0.3, 1.0, 2.0})
                if (!std::isfinite(t->decode(x))) std::abort();
    return 0;
}
