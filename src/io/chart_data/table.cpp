// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>

#include "core/say/say.h"
#include "io/chart_data/chart_data_file.h"
#include "io/chart_data/detail/columns.h"

namespace refero::io {
namespace {

std::vector<std::string> cellsOf(std::string_view line, char separator) {
    std::vector<std::string> out(1);
    bool quoted = false;
    for (const char c : line) {
        if (c == '"') {
            quoted = !quoted;
        } else if (c == separator && !quoted) {
            out.emplace_back();
        } else if (c != '\r') {
            out.back() += c;
        }
    }
    for (std::string& s : out) {
        s.erase(0, s.find_first_not_of(" \t"));
        s.erase(s.find_last_not_of(" \t") + 1);
    }
    return out;
}

// The separator that the first line has most of; a comma last, since it may be a decimal one below.
char separatorOf(std::string_view line) {
    for (const char c : {'\t', ';', ','})
        if (std::count(line.begin(), line.end(), c) >= 2) return c;
    return ' ';
}

}  // namespace

Result<ChartData> parseTable(std::string_view text, const std::string& origin) {
    if (text.starts_with("\xEF\xBB\xBF")) text.remove_prefix(3);
    std::optional<detail::RowReader> reader;
    char separator = ',';
    int number = 0;
    while (!text.empty()) {
        const auto end = text.find('\n');
        const std::string_view line = text.substr(0, end);
        text.remove_prefix(end == text.npos ? text.size() : end + 1);
        ++number;
        if (line.find_first_not_of(" \t\r,;") == line.npos || line.starts_with('#')) continue;
        if (!reader) {
            separator = separatorOf(line);
            auto made = detail::RowReader::make(detail::Columns::of(cellsOf(line, separator)), origin);
            if (!made) return tl::unexpected(made.error());
            reader = *std::move(made);
        } else if (auto ok =
                       reader->add(cellsOf(line, separator), origin + ", line " + std::to_string(number));
                   !ok) {
            return tl::unexpected(ok.error());
        }
    }
    if (!reader) return failure(say("%1 is empty.", origin));
    ChartData data = std::move(*reader).finish();
    if (auto ok = validate(data); !ok) return failure(origin + ": " + ok.error().message);
    return data;
}

std::string tableText(const ChartData& data) {
    const auto number = [](double v) {
        char text[32];
        std::snprintf(text, sizeof text, ",%.6g", v);
        return std::string(text);
    };
    const auto quoted = [](const std::string& s) {
        return s.find_first_of(",\n") == s.npos ? s : "\"" + s + "\"";
    };
    std::string out = "id,name";
    if (data.kind == ChartData::Kind::spectra)
        for (std::size_t i = 0; i < data.samples.front().spectrum.size(); ++i)
            out += number(data.startNm + double(i) * data.stepNm);
    else
        out += data.kind == ChartData::Kind::lab ? ",L,a,b" : ",X,Y,Z";
    for (const auto& s : data.samples) {
        out += "\n" + quoted(s.id) + "," + quoted(s.name);
        if (data.kind == ChartData::Kind::spectra)
            for (const double v : s.spectrum) out += number(v);
        else
            for (int k = 0; k < 3; ++k) out += number(s.value(k));
    }
    return out + "\n";
}

}  // namespace refero::io
