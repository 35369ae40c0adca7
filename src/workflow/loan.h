// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>
#include <optional>
#include <stop_token>
#include <string>
#include <vector>

#include "workflow/correction.h"
#include "workflow/setup.h"
#include "workflow/shelf.h"

namespace refero::workflow {

/// What a light without a chart shot of its own gets, and how; `run` may be called on any thread.
class LoanTask {
  public:
    /// Errors are those of `lent`; ErrorKind::stopped where it was.
    Result<Correction> run(ParsedCorrections& parser, const std::stop_token& stop = {}) const;

  private:
    friend std::optional<LoanTask> loanTask(const studio::Contents&, const Setup*, const Setup&);

    std::string name_;
    Borrower borrower_;
    std::string frame_;  ///< path of one, which tells the encoding
    std::vector<ShelfItem> items_;
    std::optional<CorrectionChoices> kept_{};  ///< of the loan that this one replaces
    std::optional<Correction> byPlan_{};       ///< of the setup that the plan's rules name
};

/// Nothing where the setup has a correction of its own, can have one from a chart frame that is to be read or
/// is good, or has no frames; or where the plan's rules name a setup that is not corrected yet. `server` is
/// the setup whose chart serves it by those rules (plan.shotOf), or null.
std::optional<LoanTask> loanTask(const studio::Contents& contents, const Setup* server, const Setup& setup);

/// Whether there is a loanTask, without making one: quick.
bool wantsLoan(const studio::Contents& contents, const Setup* server, const Setup& setup);

/// The setup has this loan already, so that there is nothing to keep.
bool sameLoan(const Setup& setup, const Correction& fresh);

}  // namespace refero::workflow
