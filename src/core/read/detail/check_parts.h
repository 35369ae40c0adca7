// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/read/checks.h"
#include "core/say/figure.h"

namespace refero::detail {

/// In words, of 0 red, 1 green, 2 blue.
std::string channelName(Eigen::Index channel);

std::string percent(double share);
/// "A1", "A1 and B2", "A1, B2 and 5 more".
std::string patchList(const Reading& r, const std::vector<std::size_t>& patches);

/// A check with its value judged, and nothing said yet.
Check started(const char* id, const std::string& title, double value, const char* unit, const Band& band);

/// A line across the whole chart, in frame pixels.
std::vector<Point> lineAcross(const Reading& r, const Point& throughMm, const Point& alongMm);
/// A small cross at a place of the chart.
std::vector<std::vector<Point>> crossAt(const Reading& r, const Point& mm);

// The groups, each in a file of its own; each check only where it can be made.
std::vector<Check> exposureChecks(const Reading& r, const Limits& limits);
std::vector<Check> greyChecks(const Reading& r, const Limits& limits);
std::vector<Check> framingChecks(const Reading& r, const Limits& limits);
std::vector<Check> lightChecks(const Reading& r, const Limits& limits);
std::vector<Check> identityChecks(const Reading& r, const Limits& limits);
std::vector<Check> subjectChecks(const Reading& r, const Limits& limits);
std::vector<Check> treatmentChecks(const Reading& r, const Limits& limits);

}  // namespace refero::detail
