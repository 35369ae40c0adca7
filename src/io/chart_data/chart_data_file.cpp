// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/chart_data/chart_data_file.h"

#include "core/say/say.h"
#include "io/files/safe_write.h"

namespace refero::io {

std::string cgatsText(const ChartData& data);
std::string cxfText(const ChartData& data);
std::string tableText(const ChartData& data);

namespace {

constexpr std::size_t kLargest = 64u << 20;

}  // namespace

Result<ChartData> parseChartData(std::string_view text, const std::string& origin,
                                 const ChartDataOptions& options) {
    const auto begin = text.find_first_not_of(" \t\r\n\xEF\xBB\xBF");
    if (begin == text.npos) return failure(say("%1 is empty.", origin));
    auto data = text[begin] == '<'                     ? parseCxf(text, origin, options)
                : text.find("BEGIN_DATA") != text.npos ? parseCgats(text, origin)
                                                       : parseTable(text, origin);
    // What a file leaves open a person may know.
    if (data && data->condition.empty()) data->condition = options.condition;
    return data;
}

Result<ChartData> readChartData(const std::filesystem::path& path, const ChartDataOptions& options) {
    return readFile(path, kLargest).and_then([&](const std::string& text) {
        return parseChartData(text, path.filename().string(), options);
    });
}

std::string toText(const ChartData& data, ChartDataFormat format) {
    switch (format) {
        case ChartDataFormat::cxf:
            return cxfText(data);
        case ChartDataFormat::table:
            return tableText(data);
        case ChartDataFormat::cgats:
            break;
    }
    return cgatsText(data);
}

Status writeChartData(const ChartData& data, const std::filesystem::path& path) {
    if (auto ok = validate(data); !ok) return ok;
    const auto ending = path.extension();
    const auto format = ending == ".cxf"                       ? ChartDataFormat::cxf
                        : ending == ".csv" || ending == ".tsv" ? ChartDataFormat::table
                                                               : ChartDataFormat::cgats;
    return writeFile(path, toText(data, format));
}

}  // namespace refero::io
