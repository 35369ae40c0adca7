// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Chart data of others: CGATS, CxF3, tables, and what is made of it.
#include <cstddef>
#include <cstdint>
#include <cstdlib>
#include <string_view>

#include "core/chart/chart_data.h"
#include "io/chart_data/chart_data_file.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* bytes, std::size_t size) {
    using namespace refero;
    const auto data = io::parseChartData({reinterpret_cast<const char*>(bytes), size}, "fuzz");
    if (!data) return 0;
    const auto colours = brought(*data);
    if (!colours) return 0;
    const auto chart = chartOnGrid(*colours, proposedGrid(colours->colours.size()), "fuzz", "Fuzz", "fuzz");
    // What was taken is sound: a chart made of it passes its own check.
    if (chart && !validate(*chart)) std::abort();
    return 0;
}
