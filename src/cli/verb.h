// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <CLI/CLI.hpp>
#include <iosfwd>
#include <memory>
#include <string>
#include <vector>

#include "core/result.h"

namespace refero::cli {

/// Where a verb writes: results on `out`, messages on `err`.
struct Streams {
    std::ostream& out;
    std::ostream& err;
};

enum class Outcome { done = 0, failed = 1 };

/// One verb of the command line: declares its options, then runs.
class Verb {
  public:
    virtual ~Verb() = default;
    virtual CLI::App* declare(CLI::App& app) = 0;
    /// Errors are printed by the caller and end with exit status 1.
    virtual Result<Outcome> run(Streams& streams) = 0;
};

std::vector<std::unique_ptr<Verb>> allVerbs();

/// The whole command line: 0 done, 1 could not do it, 2 wrong call.
int run(const std::vector<std::string>& arguments, Streams& streams);

/// Writes text to a file, or to `streams.out` where the target is "-".
Status deliver(const std::string& target, const std::string& text, Streams& streams);

}  // namespace refero::cli
