// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/judging/levels_page.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QSignalBlocker>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/look/decimal_box.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/tables/row_table.h"
#include "core/assess/levels.h"
#include "words/series_words.h"

namespace refero {
namespace {

// A number that is stepped or typed is kept once it rests.
constexpr int kRestMs = 500;
constexpr double kMostPercent = 109;

QString percentText(double v) {
    return decimalText(v, 1);
}

QString capital(QString name) {
    if (!name.isEmpty()) name[0] = name[0].toUpper();
    return name;
}

}  // namespace

LevelsPage::LevelsPage(QWidget* parent)
    : QWidget(parent),
      effects_({{tr("Colours"), tr("Groups of the chart's patches."), false},
                {tr("Chroma"), tr("By how much they are stronger or paler than without these levels.")},
                {tr("Hue"), tr("By how many degrees it turns, towards larger hue angles.")},
                {tr("Apart"), tr("Mean CIEDE2000 between the colours with and without these levels.")}},
               this) {
    setObjectName(QStringLiteral("levelsPage"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(6);
    grid->setColumnStretch(1, 1);
    column->addLayout(grid);
    rows_ = std::array{addRow(grid, 0, tr("Black"), "levelBlack", &Levels::black),
                       addRow(grid, 1, tr("Mid-grey"), "levelGrey", &Levels::grey),
                       addRow(grid, 2, tr("White"), "levelWhite", &Levels::white)};
    said_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet, QFont::Normal, this);
    said_->setObjectName(QStringLiteral("levelsSaid"));
    column->addWidget(said_);
    auto* list = new RowTable(this);
    list->setObjectName(QStringLiteral("levelEffects"));
    list->setAccessibleName(tr("What the levels do to colours"));
    list->setModel(&effects_);
    list->setWidths({0, 64, 54, 54});
    column->addWidget(list, 1);
    quiet_ = new QTimer(this);
    quiet_->setSingleShot(true);
    quiet_->setInterval(kRestMs);
    connect(quiet_, &QTimer::timeout, this, [this] { emit chosen(finish_); });
    setCorrection({});
}

LevelsPage::Row LevelsPage::addRow(QGridLayout* grid, int at, const QString& name, const char* object,
                                   std::optional<LevelPoint> Levels::*part) {
    auto* caption = new look::Label(name, look::Size::small);
    caption->setWordWrap(false);
    auto* grey = new QComboBox(this);
    grey->setObjectName(QLatin1String(object));
    grey->setAccessibleName(tr("Grey of the chart for %1").arg(name));
    grey->setToolTip(tr("The grey of the chart by which this level is set, or none."));
    grey->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    auto* percent = new look::DecimalBox(this);
    percent->setObjectName(QLatin1String(object) + QLatin1String("Percent"));
    percent->setAccessibleName(tr("%1 in per cent of the signal").arg(name));
    percent->setToolTip(tr("What that grey is to show, in per cent of a BT.1886 video signal."));
    percent->setRange(0, kMostPercent);
    percent->setDecimals(1);
    percent->setSuffix(QStringLiteral(" %"));
    auto* now = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    now->setWordWrap(false);
    now->setMinimumWidth(84);
    grid->addWidget(caption, at, 0);
    grid->addWidget(grey, at, 1);
    grid->addWidget(percent, at, 2);
    grid->addWidget(now, at, 3);
    const Row out{part, grey, percent, now};
    connect(grey, &QComboBox::activated, this, [this, out] { choose(out); });
    connect(percent, &QDoubleSpinBox::valueChanged, this, &LevelsPage::take);
    return out;
}

double LevelsPage::percentWithout(double light) const {
    return signalPercent(kLevelSpace, shownWithoutLevels(finish_, light));
}

void LevelsPage::setCorrection(const std::optional<Correction>& correction) {
    // A number that rests in a moment is about to be kept.
    if (quiet_->isActive()) return;
    correction_ = correction;
    finish_ = correction ? correction->finish : Finish{};
    fill();
    showEffects();
}

void LevelsPage::fill() {
    for (const Row& r : rows_) {
        const QSignalBlocker one(r.grey), other(r.percent);
        r.grey->clear();
        r.grey->addItem(tr("As it comes"), 0.0);
        const auto& level = finish_.levels.*r.part;
        if (correction_)
            for (const LevelGrey& g : levelGreys(*correction_))
                r.grey->addItem(tr("%1, L* %2", "a patch, its lightness")
                                    .arg(text(g.patch))
                                    .arg(decimalText(g.lightness, 0)),
                                g.light);
        int chosen = 0;
        for (int i = 1; level && i < r.grey->count(); ++i)
            if (std::abs(r.grey->itemData(i).toDouble() / level->light - 1) < 1e-3) chosen = i;
        if (level && chosen == 0) {
            r.grey->addItem(tr("A grey of another shot"), level->light);
            chosen = r.grey->count() - 1;
        }
        r.grey->setCurrentIndex(chosen);
        r.percent->setVisible(level.has_value());
        r.percent->setValue(level ? signalPercent(kLevelSpace, level->shows) : 0);
        r.now->setText(level ? tr("was %1 %").arg(percentText(percentWithout(level->light))) : QString());
    }
}

// A level begins where the grey is.
void LevelsPage::choose(const Row& r) {
    const double light = r.grey->currentData().toDouble();
    auto& level = finish_.levels.*r.part;
    if (light <= 0)
        level.reset();
    else
        level = LevelPoint{light, shownWithoutLevels(finish_, light)};
    const auto ok = finish_.validate();
    fill();
    showEffects();
    if (!ok) return said_->setText(text(ok.error().message));
    quiet_->stop();
    emit chosen(finish_);
}

void LevelsPage::take() {
    for (const Row& r : rows_)
        if (auto& level = finish_.levels.*r.part)
            level->shows = lightOfSignal(kLevelSpace, r.percent->value());
    quiet_->stop();
    if (const auto ok = finish_.validate(); !ok) return said_->setText(text(ok.error().message));
    showEffects();
    emit trying(finish_);
    quiet_->start();
}

void LevelsPage::showEffects() {
    said_->setText(
        finish_.levels.isNone()
            ? tr("Choose a grey of the chart and the per cent of signal that it is to show. The picture "
                 "follows; no figure of the correction counts it.")
            : tr("A curve through these levels, the same in each channel, moves colours as well:"));
    std::vector<FigureRow> rows;
    if (correction_)
        for (const LevelEffect& e : levelEffects(*correction_, finish_)) {
            const bool grey = e.group == kNeutralGroup;
            const QString none = QStringLiteral("–");
            FigureRow row;
            row.id = QString::number(e.group);
            row.cells = {capital(text(words::colours(e.group))),
                         grey ? none : tr("%1 %", "a change").arg(signedText(100 * (e.chroma - 1), 0)),
                         grey ? none : tr("%1°", "a change").arg(signedText(e.turnDegrees, 1)),
                         decimalText(e.difference, 1)};
            rows.push_back(std::move(row));
        }
    effects_.setRows(std::move(rows));
}

}  // namespace refero
