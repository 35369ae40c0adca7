// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include "core/chart/chart.h"
#include "core/result.h"

namespace refero {

/// One physical copy of a chart, measured patch by patch in any order; a patch that is measured again
/// is averaged with what was measured before, and a measurement that disagrees with it starts it anew.
class CopyMeasurement {
  public:
    explicit CopyMeasurement(Chart design);

    const Chart& design() const { return design_; }
    /// What was made of a measurement.
    enum class Taken {
        first,     ///< of this patch
        averaged,  ///< with those before, within kRepeat
        anew,      ///< those before were thrown away: they differ by more than kRepeat
    };
    static constexpr double kRepeat = 0.5;  ///< CIEDE2000
    /// Errors: no such patch, values that no reflectance has, other wavelengths than before.
    Result<Taken> add(std::size_t patch, const Reflectance& reflectance);
    void remove(std::size_t patch);

    std::size_t measured() const;
    bool complete() const { return measured() == design_.patches.size(); }
    /// The first that is not measured yet, from `after` on and round; nothing when all are.
    std::optional<std::size_t> next(std::size_t after = 0) const;
    /// Of a measured patch: its colour for D50, and how far that is from the design's, CIEDE2000.
    std::optional<Lab> labD50(std::size_t patch) const;
    std::optional<double> difference(std::size_t patch) const;
    /// A measured patch that differs by more than this is likely another patch, or the instrument lay askew.
    static constexpr double kSuspicious = 8;

    /// The design with this copy's values. An error until every patch is measured.
    Result<Chart> chart(const std::string& source) const;

  private:
    struct Mean {
        Reflectance sum;
        int count = 0;
        Reflectance value() const;
    };
    Chart design_;
    std::vector<std::optional<Mean>> means_;
};

}  // namespace refero
