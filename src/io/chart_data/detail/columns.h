// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/chart/chart_data.h"

namespace refero::io::detail {

/// What a list of column names says of the columns: where id, name, L*a*b*, XYZ and wavelengths are.
struct Columns {
    std::optional<std::size_t> id, name;
    std::optional<std::array<std::size_t, 3>> lab, xyz;
    std::vector<std::pair<double, std::size_t>> wavelengths;  ///< nm, rising

    /// Names as in CGATS.17 (SAMPLE_ID, LAB_L, XYZ_X, SPECTRAL_NM380, NM_380) and as people write them (id,
    /// L*, X, 380, 380 nm, R380).
    static Columns of(const std::vector<std::string>& names);
    bool any() const { return lab || xyz || wavelengths.size() >= 2; }
};

/// Collects rows of numbers by those columns. Spectra win over XYZ, XYZ over L*a*b*: the less was computed,
/// the better.
class RowReader {
  public:
    /// An error where the names hold no colours, or wavelengths are not evenly apart.
    static Result<RowReader> make(const Columns& columns, const std::string& origin);
    Status add(const std::vector<std::string>& cells, const std::string& where);
    /// Scales percent to shares and XYZ of 100 to 1, as the values themselves show.
    ChartData finish() &&;

  private:
    Columns columns_;
    ChartData data_;
};

std::optional<double> numberOf(const std::string& text);

/// "M0" to "M3" where a text names one of ISO 13655's conditions as a word of its own ("M1_Daylight" does),
/// or says that ultraviolet was cut off; else empty.
std::string conditionIn(const std::string& text);

}  // namespace refero::io::detail
