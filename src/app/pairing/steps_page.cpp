// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pairing/steps_page.h"

#include <QCheckBox>
#include <QItemSelectionModel>
#include <QVBoxLayout>

#include "app/pairing/pair_text.h"
#include "app/tables/row_table.h"
#include "words/pair_words.h"

namespace refero {
namespace {

enum Column { step, all, greys, skinColumn, own };

const QString kNothing = QStringLiteral("nothing");

}  // namespace

StepsPage::StepsPage(QWidget* parent)
    : QWidget(parent),
      rows_({{tr("Step"), tr("In the order of the trade. A step that is not ticked is held back."), false},
             {tr("All"), tr("Mean CIEDE2000 between the two cameras over the chart after this step.")},
             {tr("Greys"), tr("The same over the greys.")},
             {tr("Skin"), tr("The same over skin.")},
             {tr("Its own"), tr("The same over the hue that this step is for.")}},
            this) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    list_ = new RowTable(this);
    list_->setObjectName(QStringLiteral("pairSteps"));
    list_->setAccessibleName(tr("Steps of the match"));
    list_->setToolTip(tr("Choose a step to see the pictures after it; untick one to hold it back."));
    list_->setModel(&rows_);
    list_->setWidths({0, 46, 50, 44, 58});
    column->addWidget(list_, 1);
    skin_ = new QCheckBox(tr("Skin counts four times"), this);
    skin_->setObjectName(QStringLiteral("pairSkin"));
    skin_->setAccessibleName(skin_->text());
    column->addWidget(skin_);
    connect(skin_, &QCheckBox::clicked, this, &StepsPage::choicesChanged);
    connect(&rows_, &FigureRows::checked, this, [this](const QString& id, bool on) {
        if (const auto at = pairStepById(id.toStdString())) held_[*at] = !on;
        emit choicesChanged();
    });
    connect(list_->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
            [this](const QModelIndex& now, const QModelIndex& before) {
                if (now.row() != before.row()) emit stepChosen();
            });
}

bool StepsPage::skin() const {
    return skin_->isChecked();
}

void StepsPage::setSkin(bool on) {
    skin_->setChecked(on);
}

void StepsPage::setCompact(bool compact) {
    list_->setColumnHidden(skinColumn, compact);
}

int StepsPage::chosenRow() const {
    return list_->currentIndex().isValid() ? list_->currentIndex().row() : rows_.rowCount() - 1;
}

StepSet StepsPage::shown() const {
    const int row = chosenRow();
    StepSet out = allSteps();
    if (row == 0) {
        out = {};
    } else if (row > 0 && row < rows_.rowCount() - 1) {
        const QString id = rows_.rows()[static_cast<std::size_t>(row)].id;
        if (const auto last = pairStepById(id.toStdString())) out = stepsUpTo(*last);
    }
    for (std::size_t k = 0; k < out.size(); ++k) out[k] = out[k] && !held_[k];
    return out;
}

QString StepsPage::shownInWords() const {
    const int row = chosenRow();
    if (row == 0) return tr("as it is");
    if (row < 0 || row == rows_.rowCount() - 1) return tr("matched");
    return tr("after %1").arg(rows_.rows()[static_cast<std::size_t>(row)].cells.front());
}

void StepsPage::clear() {
    rows_.setRows({});
}

void StepsPage::show(const Match& m) {
    std::vector<FigureRow> rows;
    for (const StepFigures& f : m.steps) {
        if (f.step == 0) {
            const QStringList cells{
                tr("As they are"), pairFigure(f.mean), pairFigure(f.neutral), pairFigure(f.skin), {}};
            rows.push_back({kNothing, cells, false, false, {}, {}});
            continue;
        }
        const std::size_t at = f.step - 1;
        const bool hue = at >= kFirstHueStep;
        if (hue && !f.hues[at - kFirstHueStep]) continue;  // the chart has none of it
        const QStringList cells{text(words::pairStep(at)), pairFigure(f.mean), pairFigure(f.neutral),
                                pairFigure(f.skin), hue ? pairFigure(f.hues[at - kFirstHueStep]) : QString()};
        rows.push_back({text(std::string(pairStepId(at))), cells, false, held_[at], !held_[at], {}});
    }
    if (!rows.empty()) rows.back().strong = true;
    const bool none = !list_->currentIndex().isValid();
    rows_.setRows(std::move(rows));
    if (none || !list_->currentIndex().isValid()) list_->selectRow(rows_.rowCount() - 1);
}

}  // namespace refero
