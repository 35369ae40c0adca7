// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "sim/survey.h"
#include "sim/wide_survey.h"

namespace refero::sim {

/// What came of looking for the chart in one frame of the survey.
struct FindingOutcome {
    unsigned seed = 0;
    bool usual = true;
    bool found = false;
    bool right = false;      ///< every corner within 0.1 widths of the smallest patch
    double cornerError = 0;  ///< the worst, in those
    double confidence = 0;
    std::vector<double> valueErrors;  ///< share, per channel of uncovered patches clear of clipping
    std::string told;                 ///< what went wrong
    double agreement = 0, robust = 0, agreeing = 0, seen = 0, edges = 0, residualPixels = 0, patchPixels = 0;
};
FindingOutcome surveyFinding(unsigned seed);
/// The same of a desperate one.
FindingOutcome surveyDesperate(unsigned seed);

struct ChartlessOutcome {
    unsigned seed = 0;
    std::string falseFind;  ///< which chart, how sure; empty as it should be
};
ChartlessOutcome surveyChartless(unsigned seed);

/// What the checks say of one frame.
struct JudgingOutcome {
    bool caught = false;
    std::vector<std::string>
        told;  ///< ids of the checks that did not pass; "finding" where there is no reading
    std::string detail;
};
JudgingOutcome surveyFault(Fault fault, unsigned seed);
JudgingOutcome surveyFaultless(unsigned seed);
/// The same of the wide survey: caught is unaccused where there is no fault.
JudgingOutcome surveyWide(unsigned seed, std::optional<Fault> fault);
JudgingOutcome surveyBeside(unsigned seed, Beside beside);

/// The checks by which a fault is caught; empty where finding tells it.
std::vector<std::string_view> checksFor(Fault fault);

}  // namespace refero::sim
