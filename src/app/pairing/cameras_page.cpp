// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pairing/cameras_page.h"

#include <algorithm>

#include "app/pairing/pair_text.h"
#include "workflow/pairing.h"

namespace refero {

CamerasPage::CamerasPage(QWidget* parent)
    : RowTable(parent),
      rows_({{tr("Pair"), {}, false},
             {tr("Before"), tr("Mean CIEDE2000 between the two as they show themselves.")},
             {tr("Now"), tr("The same with the corrections that are kept.")}},
            this) {
    setObjectName(QStringLiteral("pairCameras"));
    setAccessibleName(tr("Pairs of cameras"));
    setModel(&rows_);
    setWidths({0, 60, 60});
}

void CamerasPage::show(const std::vector<Setup>& setups, const std::string& place) {
    std::vector<const workflow::Setup*> read;
    for (const Setup& s : setups)
        if (s.reading && s.place == place) read.push_back(&s);
    const auto named = [&](plan::SetupId id) {
        for (const Setup& s : setups)
            if (s.id == id) return titleOf(s);
        return QString();
    };
    const auto pairs = workflow::pairFigures(read);
    const auto weakest = std::max_element(pairs.begin(), pairs.end(),
                                          [](const auto& x, const auto& y) { return x.after < y.after; });
    std::vector<FigureRow> rows;
    for (auto f = pairs.begin(); f != pairs.end(); ++f) {
        const bool worst = f == weakest && pairs.size() > 1;
        const QString pair = worst ? tr("%1 and %2 (weakest)") : tr("%1 and %2");
        rows.push_back(
            {QStringLiteral("%1-%2").arg(f->first.number()).arg(f->second.number()),
             {pair.arg(named(f->first), named(f->second)), pairFigure(f->before), pairFigure(f->after)},
             worst,
             false,
             {},
             tr("Over %1 patches that both show.").arg(f->patches)});
    }
    rows_.setRows(std::move(rows));
}

}  // namespace refero
