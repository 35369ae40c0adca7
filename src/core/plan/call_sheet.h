// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/plan/prepare.h"
#include "core/plan/schedule.h"

namespace refero::plan {

/// One line of the day, in words.
struct CallLine {
    SetupId setup = 0;
    int number = 0;  ///< in shooting order, from 1
    std::string time{}, place{}, label{}, camera{}, light{};
    bool shootChart = true;
    std::string chart{};  ///< what to do with the chart
    std::string why{};
    std::string slate{};  ///< text of its code
};

/// The day for the printer or the telephone.
struct CallSheet {
    std::string title{}, subtitle{};  ///< shoot; client, date and what counts as a change
    std::vector<CallLine> lines;
    std::vector<Task> tasks;
};

CallSheet callSheet(const Day& day, const ClearSky& sky);

/// What counts as a change, in one sentence.
std::string described(Policy policy);

}  // namespace refero::plan
