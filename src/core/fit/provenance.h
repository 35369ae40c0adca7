// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/fit/aim_origin.h"
#include "core/fit/loan.h"

namespace refero {

/// One of several setups, or steps of exposure, that share a correction.
struct PooledShot {
    std::string name;             ///< its light, step or file
    double weight = 1;            ///< how much it counted
    double stops = 0;             ///< by which it is brighter than what they share
    std::optional<double> mired;  ///< by which its light is warmer; nothing where a grey does not tell
    /// Mean CIEDE2000 over its patches: with a correction of its own; with the shared one, balanced and
    /// levelled by its own greys; with the shared one as it is, as through a LUT.
    double own = 0, balanced = 0, asIs = 0;
};

/// Where a correction comes from: whose shots, of which chart, by which camera, built when and by what.
struct Provenance {
    std::string name;
    AimOrigin aim;  ///< what it goes towards
    std::string chartId, chartName;
    std::string body, lens, description, taken;
    std::string uniqueModel;            ///< a DNG's own name of the body, where it differs
    std::string serial;                 ///< of the body; empty where it is not known
    std::vector<std::string> readings;  ///< the frames that it was built from
    std::vector<PooledShot> pool;       ///< whose it is together; empty: of one setup
    std::optional<Loan> loan;           ///< what stands in for a chart shot; none where there is one
    std::string builtBy, built;         ///< the program with its version; when, ISO 8601 in UTC
};

}  // namespace refero
