// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>

#include "cli/verb.h"

namespace refero::cli {

std::unique_ptr<Verb> makeRead();
std::unique_ptr<Verb> makeCorrect();
std::unique_ptr<Verb> makeMatch();
std::unique_ptr<Verb> makeSeries();
std::unique_ptr<Verb> makeAssess();
std::unique_ptr<Verb> makeBalance();
std::unique_ptr<Verb> makeCamera();
std::unique_ptr<Verb> makeDay();
std::unique_ptr<Verb> makeLibrary();
std::unique_ptr<Verb> makeVerify();
std::unique_ptr<Verb> makeBatch();
std::unique_ptr<Verb> makeReport();
std::unique_ptr<Verb> makeRecipe();
std::unique_ptr<Verb> makeBetween();
std::unique_ptr<Verb> makeApply();
std::unique_ptr<Verb> makeExport();
std::unique_ptr<Verb> makeSimulate();
std::unique_ptr<Verb> makeStudio();
std::unique_ptr<Verb> makeChart();

}  // namespace refero::cli
