// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pairing/truth_page.h"

#include <QVBoxLayout>

#include "app/look/label.h"
#include "app/look/text.h"
#include "app/pairing/pair_text.h"
#include "app/tables/row_table.h"
#include "core/pair/nearness.h"
#include "workflow/pairing.h"

namespace refero {
namespace {

FigureRow rowOf(const GroupNearness& g) {
    QString name = text(g.group), hint;
    for (const HueSector& s : kRecipeSectors)
        if (s.letters == g.group) hint = text(std::string(s.words));
    if (g.group == "neutral") name = TruthPage::tr("Greys");
    if (g.group == "skin") name = TruthPage::tr("Skin");
    const QString nearer = g.nearer == Nearer::first    ? TruthPage::tr("leader")
                           : g.nearer == Nearer::second ? TruthPage::tr("follower")
                                                        : TruthPage::tr("not told");
    return {
        text(g.group),
        {name, pairFigure(g.first), pairFigure(g.second),
         TruthPage::tr("%1 to %2").arg(pairFigure(g.difference.low), pairFigure(g.difference.high)), nearer},
        false,
        g.nearer == Nearer::notTold,
        {},
        hint};
}

QString mergedBy(const SeenChart& chart, const QString& who) {
    constexpr qsizetype kMost = 3;
    QStringList pairs;
    for (const MergedPair& p : mergedPairs(chart))
        if (pairs.size() < kMost)
            pairs << TruthPage::tr("%1 and %2 (%3, should be %4)")
                         .arg(text(p.one), text(p.other), decimalText(p.seen, 1),
                              decimalText(p.reference, 1));
    QString out = pairs.isEmpty() ? TruthPage::tr("%1 tells all near colours apart.").arg(who)
                                  : TruthPage::tr("%1 merges %2.").arg(who, pairs.join(QStringLiteral(", ")));
    if (const auto broken = brokenSteps(chart); !broken.empty())
        out += QLatin1Char(' ') + TruthPage::tr("Its greys %1 and %2 lose their step.")
                                      .arg(text(broken.front().one), text(broken.front().other));
    return out;
}

}  // namespace

TruthPage::TruthPage(QWidget* parent)
    : QWidget(parent),
      rows_({{tr("Colours"), {}, false},
             {tr("Leader"), {}},
             {tr("Follower"), {}},
             {tr("Difference"), tr("95 % interval of the leader's less the follower's difference.")},
             {tr("Nearer"), tr("Told only where the interval leaves out 0."), false}},
            this) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    auto* list = new RowTable(this);
    list->setObjectName(QStringLiteral("pairTruth"));
    list->setAccessibleName(tr("Who is nearer to the reference"));
    list->setModel(&rows_);
    list->setWidths({0, 54, 62, 96, 66});
    column->addWidget(list, 1);
    merged_ = new look::Label({}, look::Size::small, look::Label::Tone::text, QFont::Normal, this);
    merged_->setObjectName(QStringLiteral("pairMerged"));
    column->addWidget(merged_);
}

void TruthPage::clear() {
    rows_.setRows({});
    merged_->setText({});
}

void TruthPage::show(const Setup& leader, const Setup& follower, const Match* match) {
    const SeenChart one = workflow::seenBesideReference(leader),
                    other = workflow::seenBesideReference(follower);
    const auto groups = nearness(one, other);
    if (!groups) {
        clear();
        return merged_->setText(text(groups.error().message));
    }
    std::vector<FigureRow> rows;
    for (const GroupNearness& g : *groups) rows.push_back(rowOf(g));
    rows_.setRows(std::move(rows));
    QString said = mergedBy(one, bodyOf(leader)) + QLatin1Char(' ') + mergedBy(other, bodyOf(follower));
    if (match)
        said += QLatin1Char(' ') + mergedBy(seenThrough(*follower.reading, match->correction),
                                            tr("After the match %1").arg(bodyOf(follower)));
    merged_->setText(said);
}

}  // namespace refero
