// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/commands/name_match.h"

#include <QStringList>
#include <algorithm>

namespace refero {

std::optional<int> nameMatch(const QString& typed, const QString& name) {
    int score = 0;
    for (const QString& word : typed.split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
        int best = -1;
        for (qsizetype at = name.indexOf(word, 0, Qt::CaseInsensitive); at >= 0;
             at = name.indexOf(word, at + 1, Qt::CaseInsensitive)) {
            const bool begins = at == 0 || !name[at - 1].isLetterOrNumber();
            best = std::max(best, (begins ? 1000 : 200) - static_cast<int>(std::min<qsizetype>(at, 150)));
        }
        if (best < 0) return {};
        score += best;
    }
    return score;
}

}  // namespace refero
