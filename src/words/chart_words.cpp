// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/chart_words.h"

namespace refero::words {

std::string patchesOf(const std::vector<PatchField>& fields) {
    std::string out;
    for (const PatchField& f : fields)
        out += (out.empty() ? "" : " and ") + std::to_string(f.rows) + " x " + std::to_string(f.columns);
    return out + " patches";
}

}  // namespace refero::words
