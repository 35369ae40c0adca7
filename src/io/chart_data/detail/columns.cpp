// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/chart_data/detail/columns.h"

#include "core/say/say.h"

#include <cctype>

#include <algorithm>
#include <charconv>
#include <cmath>

namespace refero::io::detail {
namespace {

std::string plain(const std::string& name) {
    std::string out;
    for (const char c : name)
        if (std::isalnum(static_cast<unsigned char>(c)))
            out += static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
    return out;
}

// 380 of "SPECTRAL_NM380", "NM_380", "R380", "380 nm", "380.0".
std::optional<double> wavelengthOf(const std::string& name) {
    std::string text = plain(name.substr(0, name.find('.')));
    for (const char* prefix : {"SPECTRAL", "SPEC", "NM", "R", "LAMBDA"})
        if (text.starts_with(prefix)) text.erase(0, std::string(prefix).size());
    if (text.ends_with("NM")) text.erase(text.size() - 2);
    const auto nm = text.size() >= 3 && text.size() <= 4 ? numberOf(text) : std::nullopt;
    return nm && *nm >= 200 && *nm <= 1200 ? nm : std::nullopt;
}

double largest(const ChartData& data) {
    double m = 0;
    for (const auto& s : data.samples) {
        m = std::max(m, s.value.maxCoeff());
        for (const double v : s.spectrum) m = std::max(m, v);
    }
    return m;
}

}  // namespace

std::optional<double> numberOf(const std::string& text) {
    std::string t = text;
    t.erase(0, t.find_first_not_of(" \t+"));
    t.erase(t.find_last_not_of(" \t\r%") + 1);
    // A decimal comma, as spreadsheets of half of Europe write it.
    if (std::count(t.begin(), t.end(), ',') == 1 && t.find('.') == t.npos)
        std::replace(t.begin(), t.end(), ',', '.');
    double v = 0;
    const auto [end, error] = std::from_chars(t.data(), t.data() + t.size(), v);
    if (t.empty() || error != std::errc() || end != t.data() + t.size() || !std::isfinite(v)) return {};
    return v;
}

Columns Columns::of(const std::vector<std::string>& names) {
    Columns c;
    std::optional<std::size_t> l, a, b, x, y, z;
    for (std::size_t i = 0; i < names.size(); ++i) {
        const std::string n = plain(names[i]);
        const auto is = [&](std::initializer_list<const char*> all) {
            return std::any_of(all.begin(), all.end(), [&](const char* s) { return n == s; });
        };
        if (is({"SAMPLEID", "ID", "PATCH", "SAMPLELOC", "LOC"}) && !c.id) {
            c.id = i;
        } else if (is({"SAMPLENAME", "NAME"})) {
            c.name = i;
        } else if (is({"LABL", "L", "CIEL", "LSTAR"})) {
            l = i;
        } else if (is({"LABA", "A", "CIEA", "ASTAR"})) {
            a = i;
        } else if (is({"LABB", "B", "CIEB", "BSTAR"})) {
            b = i;
        } else if (is({"XYZX", "X", "CIEX"})) {
            x = i;
        } else if (is({"XYZY", "Y", "CIEY"})) {
            y = i;
        } else if (is({"XYZZ", "Z", "CIEZ"})) {
            z = i;
        } else if (const auto nm = wavelengthOf(names[i])) {
            c.wavelengths.emplace_back(*nm, i);
        }
    }
    if (l && a && b) c.lab = {*l, *a, *b};
    if (x && y && z) c.xyz = {*x, *y, *z};
    std::sort(c.wavelengths.begin(), c.wavelengths.end());
    return c;
}

Result<RowReader> RowReader::make(const Columns& columns, const std::string& origin) {
    if (!columns.any())
        return failure(say("%1 has no columns for L*, a*, b*, or X, Y, Z, or wavelengths.", origin));
    RowReader r;
    r.columns_ = columns;
    const auto& w = columns.wavelengths;
    if (w.size() >= 2) {
        r.data_.kind = ChartData::Kind::spectra;
        r.data_.startNm = w[0].first;
        r.data_.stepNm = w[1].first - w[0].first;
        for (std::size_t i = 1; i < w.size(); ++i)
            if (std::abs(w[i].first - w[i - 1].first - r.data_.stepNm) > 1e-6 || r.data_.stepNm <= 0)
                return failure(say("%1: its wavelengths are not evenly apart at %2 nm.", origin,
                                   std::to_string(int(w[i].first))));
    } else {
        r.data_.kind = columns.xyz ? ChartData::Kind::xyz : ChartData::Kind::lab;
    }
    return r;
}

Status RowReader::add(const std::vector<std::string>& cells, const std::string& where) {
    ChartData::Sample s;
    const auto cell = [&](std::size_t i) { return i < cells.size() ? cells[i] : std::string(); };
    if (columns_.id) s.id = cell(*columns_.id);
    if (columns_.name) s.name = cell(*columns_.name);
    if (s.id.empty()) s.id = s.name.empty() ? std::to_string(data_.samples.size() + 1) : s.name;
    const auto number = [&](std::size_t i) -> Result<double> {
        if (const auto v = numberOf(cell(i))) return *v;
        return failure(say("%1: \"%2\" is not a number.", where, cell(i).substr(0, 40)));
    };
    if (data_.kind == ChartData::Kind::spectra) {
        for (const auto& [nm, i] : columns_.wavelengths) {
            const auto v = number(i);
            if (!v) return tl::unexpected(v.error());
            s.spectrum.push_back(*v);
        }
    } else {
        const auto& at = data_.kind == ChartData::Kind::xyz ? *columns_.xyz : *columns_.lab;
        for (int k = 0; k < 3; ++k) {
            const auto v = number(at[static_cast<std::size_t>(k)]);
            if (!v) return tl::unexpected(v.error());
            s.value(k) = *v;
        }
    }
    data_.samples.push_back(std::move(s));
    return {};
}

ChartData RowReader::finish() && {
    // Nothing reflects more than a few times the diffuser: larger numbers are per cent, or XYZ on the scale
    // of 100.
    if (data_.kind != ChartData::Kind::lab && largest(data_) > 3)
        for (auto& s : data_.samples) {
            s.value /= 100;
            for (double& v : s.spectrum) v /= 100;
        }
    return std::move(data_);
}

std::string conditionIn(const std::string& text) {
    const auto isLetter = [&](std::size_t i) {
        return i < text.size() && std::isalnum(static_cast<unsigned char>(text[i])) != 0;
    };
    for (std::size_t i = 0; i + 1 < text.size(); ++i)
        if (text[i] == 'M' && text[i + 1] >= '0' && text[i + 1] <= '3' && (i == 0 || !isLetter(i - 1)) &&
            !isLetter(i + 2))
            return text.substr(i, 2);
    std::string lower = text;
    std::transform(lower.begin(), lower.end(), lower.begin(),
                   [](unsigned char c) { return std::tolower(c); });
    for (const char* cut : {"uvcut", "uv cut", "uv-cut", "uvexcluded", "uv excluded"})
        if (lower.find(cut) != lower.npos) return "M2";
    return {};
}

}  // namespace refero::io::detail
