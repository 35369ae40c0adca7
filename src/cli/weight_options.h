// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <string>
#include <vector>

#include "cli/verb.h"

namespace refero::cli {

/// "--weight B3=4": how often patches count in a fit.
class WeightOptions {
  public:
    void declare(CLI::App& verb);
    Result<std::map<std::string, double>> weights() const;

  private:
    std::vector<std::string> words_;
};

}  // namespace refero::cli
