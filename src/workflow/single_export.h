// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <stop_token>
#include <string>
#include <vector>

#include "core/fit/pool.h"
#include "workflow/delivery_items.h"
#include "workflow/setup.h"

namespace refero::workflow {

/// One kind of file of one correction, with what may go along.
struct SingleExport {
    io::ExportOptions options;
    bool everyFinish = false;  ///< a file for each ready finish, named after it
    bool card = false;         ///< a page beside each file for the person at the camera
    /// Instead of the correction's own, one that these share; empty: its own.
    std::vector<PoolMember> pool;
};

struct SingleOutcome {
    std::vector<HandedItem> items;
    Correction correction;  ///< that went out
};

/// The files that it comes to, each proved like any other; nothing is undone where a later one fails. The
/// last finish's file is told last. Errors: those of pooled(), exportCorrection() and the printer.
Result<SingleOutcome> exportSingle(const std::string& path, const Correction& correction,
                                   const SingleExport& wish, const Print& print,
                                   const std::stop_token& stop = {});

/// "a look.cube" with "rounded": "a look, rounded.cube".
std::string namedAfter(const std::string& path, std::string_view what);

/// A correction with each ready finish, and what its file is called; what was levelled by hand stays.
struct NamedCorrection {
    std::string path, finish;
    Correction correction;
};
std::vector<NamedCorrection> withEveryFinish(const Correction& correction, const std::string& path);

/// The setups whose chart shots can share this one's correction: of its body, chart and encoding; it is the
/// first. Empty where it has none of its own.
std::vector<const Setup*> sharersOf(const Setup& setup, std::span<const Setup* const> all);
/// Their chart shots, each counting once.
std::vector<PoolMember> poolOf(std::span<const Setup* const> sharers);

/// A sentence where a file of that kind would bring the level to a picture that one which went out brings it
/// to already: a profile and a LUT in a row. Nothing where they do not meet, or the level moves by less than
/// a tenth of a stop.
std::optional<std::string> levelTwice(const Setup& setup, io::Format format);

}  // namespace refero::workflow
