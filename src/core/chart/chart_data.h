// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/chart/chart.h"

namespace refero {

/// Colours of a chart as somebody measured them, before it is known where they are on it.
struct ChartData {
    enum class Kind { lab, xyz, spectra };
    struct Sample {
        std::string id, name;
        Vector3 value = Vector3::Zero();  ///< L*a*b*, or XYZ with Y = 1 for the perfect diffuser
        std::vector<double> spectrum;     ///< reflectance, 0..1, on the grid below
    };

    Kind kind = Kind::lab;
    std::string source;              ///< who measured it, with what, when; as far as the file says
    std::string illuminant;          ///< "D50", "A"; empty where the file does not say
    int observerDegrees = 0;         ///< 2 or 10; 0 where the file does not say
    std::string condition;           ///< ISO 13655's "M0" to "M3"; empty where the file does not say
    double startNm = 0, stepNm = 0;  ///< of the spectra
    std::vector<Sample> samples;
};

/// Names the first contradiction: no samples, a repeated id, a value that is not finite or out of range.
Status validate(const ChartData& data);

/// The samples as this product keeps them: L*a*b* for D50 and the 2 degree observer, and the reflectance
/// where there is one.
struct ChartColours {
    struct Colour {
        std::string id, name;
        Lab labD50;
        std::optional<Reflectance> reflectance;
    };
    std::vector<Colour> colours;
    std::string method;  ///< how they were brought here, and what was assumed, for a person
};

/// Spectra: exact. XYZ and L*a*b* of another illuminant: CAT16 from that illuminant's white. Values of the 10
/// degree observer cannot be converted without spectra: they are taken as they are, and `method` says so. An
/// error where the illuminant is not known here.
Result<ChartColours> brought(const ChartData& data);

/// Colour of a reflectance under D50 for the 2 degree observer.
Lab labOf(const Reflectance& reflectance);

/// Roles are a person's affair; this is a first proposal from the colour alone.
Role proposedRole(const Lab& labD50);

/// Patches of one size in rows, left to right from the top.
struct ChartGrid {
    int rows = 4, columns = 6;
    double patchWidthMm = 40, patchHeightMm = 40, gapMm = 4, marginMm = 8;
};

/// The rows and columns that come nearest to a chart half as wide again as high; whole rows only where the
/// number allows it.
ChartGrid proposedGrid(std::size_t patches);

/// An id for a name: "My chart (2026)" gives "my-chart-2026".
std::string chartId(const std::string& name);

/// A chart of these colours in that grid. An error where there are more colours than places, or a size is not
/// possible.
Result<Chart> chartOnGrid(const ChartColours& colours, const ChartGrid& grid, const std::string& id,
                          const std::string& name, const std::string& source);

/// A chart of known design with other colours, as one copy of it was measured: by the patches' ids where all
/// are named so, else in their order. An error where the numbers differ.
Result<Chart> withColours(const Chart& design, const ChartColours& colours, const std::string& source = {});

/// The other way: what a chart file knows, for the formats of others. Spectra where every patch has one.
ChartData dataOf(const Chart& chart);

}  // namespace refero
