// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pairing/patches_page.h"

#include <QAction>
#include <QVBoxLayout>
#include <algorithm>

#include "app/look/label.h"
#include "app/pairing/pair_text.h"
#include "app/tables/row_table.h"

namespace refero {
namespace {
constexpr int kUnseen = 3;
}

PatchesPage::PatchesPage(QWidget* parent)
    : QWidget(parent),
      rows_(
          {{tr("Patch"), tr("Patches and marked colours, the farthest apart first."), false},
           {tr("Before"), tr("CIEDE2000 between the two cameras as they are.")},
           {tr("After"), tr("The same after the steps that are taken.")},
           {tr("Unseen"), tr("The same where the match did not see this patch.")},
           {tr("Cannot meet"),
            tr("What no transform of the follower's numbers can take away of surfaces like this: its sensor "
               "sees them as one, the leader's does not. By the sensitivities that the chart tells.")},
           {tr("Counts"), tr("How often it counts in the match.")}},
          this) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    list_ = new RowTable(this);
    list_->setObjectName(QStringLiteral("pairPatches"));
    list_->setAccessibleName(tr("Patches of both"));
    list_->setModel(&rows_);
    list_->setWidths({0, 50, 46, 54, 90, 54});
    column->addWidget(list_, 1);
    const auto count = [&](const char* object, const QString& name, const QList<QKeySequence>& keys,
                           double factor) {
        auto* action = new QAction(name, list_);
        action->setObjectName(QLatin1String(object));
        action->setShortcuts(keys);
        action->setShortcutContext(Qt::WidgetShortcut);
        connect(action, &QAction::triggered, this, [this, factor] {
            const QString id = list_->currentIndex().data(FigureRows::kIdRole).toString();
            if (!id.isEmpty()) emit weighed(id, factor);
        });
        list_->addAction(action);
    };
    list_->setContextMenuPolicy(Qt::ActionsContextMenu);
    list_->setToolTip(tr("+ and − let the chosen patch count more or less, 0 lets it count once."));
    count("pairMore", tr("Count it twice as often"), {Qt::Key_Plus, Qt::Key_Equal}, 2);
    count("pairLess", tr("Count it half as often"), {Qt::Key_Minus}, 0.5);
    count("pairOnce", tr("Count it once"), {Qt::Key_0}, 0);
    said_ = new look::Label(
        tr("A colour of the scene counts, too: see one picture alone, and mark it with Shift and "
           "drag in both."),
        look::Size::small, look::Label::Tone::quiet, QFont::Normal, this);
    said_->setObjectName(QStringLiteral("markedColour"));
    column->addWidget(said_);
}

void PatchesPage::say(const QString& text) {
    said_->setText(text);
}

void PatchesPage::setCompact(bool compact) {
    list_->setColumnHidden(kUnseen, compact);
}

void PatchesPage::clear() {
    rows_.setRows({});
}

void PatchesPage::show(const Match& m) {
    std::vector<PatchResult> all = m.correction.patches;
    std::sort(all.begin(), all.end(), [](const PatchResult& a, const PatchResult& b) {
        return a.differenceAfter > b.differenceAfter;
    });
    std::vector<FigureRow> rows;
    for (const PatchResult& p : all) {
        const auto never = m.unreachable.find(p.id);
        const QString none = QStringLiteral("–"),
                      cannot = never == m.unreachable.end() ? none : pairFigure(never->second),
                      unseen = p.used ? pairFigure(p.leftOut) : none;
        const QStringList cells{text(p.id),
                                pairFigure(p.differenceBefore),
                                pairFigure(p.differenceAfter),
                                unseen,
                                cannot,
                                p.used ? shortNumber(p.weight, 3) : tr("no")};
        const QString hint =
            p.used ? QString() : tr("Not used: clipped, covered or left out in one of the two shots.");
        rows.push_back({text(p.id), cells, false, !p.used, {}, hint});
    }
    rows_.setRows(std::move(rows));
}

}  // namespace refero
