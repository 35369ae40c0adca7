// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/chart_words.h"

#include "core/say/say.h"

namespace refero::words {

std::string patchesOf(const std::vector<PatchField>& fields) {
    std::string out;
    for (const PatchField& f : fields) {
        const std::string size = std::to_string(f.rows) + " x " + std::to_string(f.columns);
        out = out.empty() ? size : say("%1 and %2", out, size);
    }
    return say("%1 patches", out);
}

}  // namespace refero::words
