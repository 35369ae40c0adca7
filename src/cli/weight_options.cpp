// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/weight_options.h"

namespace refero::cli {

void WeightOptions::declare(CLI::App& verb) {
    verb.add_option("--weight", words_,
                    "This job's colours: how often a patch counts, as B3=4; may be given again");
}

Result<std::map<std::string, double>> WeightOptions::weights() const {
    std::map<std::string, double> out;
    for (const std::string& text : words_) {
        const auto at = text.find('=');
        double weight = 0;
        if (at == std::string::npos || !CLI::detail::lexical_cast(text.substr(at + 1), weight))
            return failure("\"" + text + "\" is no weight. Say the patch and how often it counts, as B3=4.");
        out[text.substr(0, at)] = weight;
    }
    return out;
}

}  // namespace refero::cli
