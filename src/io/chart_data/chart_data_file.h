// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>
#include <string_view>

#include "core/chart/chart_data.h"

namespace refero::io {

/// Chart data as others write it.
enum class ChartDataFormat {
    cgats,  ///< CGATS.17 / ISO 28178 text
    cxf,    ///< CxF3, ISO 17972-1
    table,  ///< comma, semicolon or tab separated, with a line of names; also what is pasted from a
            ///< spreadsheet
};

/// What a person says of a file that holds more than one answer.
struct ChartDataOptions {
    /// Of a file with values of several measurement conditions (ISO 13655): "M0" to "M3". Without it such a
    /// file is an error that names them. Of a file that does not say, what a person knows.
    std::string condition = {};
};

/// The kind is recognised from the content. Errors name line or element.
Result<ChartData> readChartData(const std::filesystem::path& path, const ChartDataOptions& options = {});
Result<ChartData> parseChartData(std::string_view text, const std::string& origin,
                                 const ChartDataOptions& options = {});

Result<ChartData> parseCgats(std::string_view text, const std::string& origin);
Result<ChartData> parseCxf(std::string_view text, const std::string& origin,
                           const ChartDataOptions& options = {});
Result<ChartData> parseTable(std::string_view text, const std::string& origin);

std::string toText(const ChartData& data, ChartDataFormat format);
/// The format follows the ending: .cxf, .csv or .tsv, else CGATS text.
Status writeChartData(const ChartData& data, const std::filesystem::path& path);

}  // namespace refero::io
