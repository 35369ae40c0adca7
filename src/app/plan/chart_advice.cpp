// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/chart_advice.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/plan/framing_view.h"

namespace refero {

ChartAdvice::ChartAdvice(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("chartAdvice"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2 * look::kStep);
    auto* row = new QHBoxLayout;
    row->setSpacing(3 * look::kStep);
    view_ = new FramingView(this);
    figures_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    figures_->setObjectName(QStringLiteral("framingFigures"));
    figures_->setFont(look::figures(look::Size::small));
    figures_->setAlignment(Qt::AlignTop);
    row->addWidget(view_);
    row->addWidget(figures_, 1);
    column->addLayout(row);
    message_ = new look::Label({}, look::Size::body);
    message_->setObjectName(QStringLiteral("framingMessage"));
    column->addWidget(message_);
    offers_ = new QVBoxLayout;
    offers_->setSpacing(look::kStep);
    column->addLayout(offers_);
}

void ChartAdvice::clearOffers() {
    while (QLayoutItem* item = offers_->takeAt(0)) {
        if (item->widget()) item->widget()->deleteLater();
        delete item;
    }
}

void ChartAdvice::show(const plan::Setup& setup, const plan::Day& day, const std::vector<Chart>& charts) {
    clearOffers();
    figures_->setText({});
    const auto view = plan::viewOf(setup, day.kit);
    const auto candidates = plan::candidatesOf(day.kit, charts);
    const auto all = view.and_then([&](const plan::View& v) { return plan::recommend(v, candidates); });
    if (!all) {
        view_->show({}, view ? view->sensorWidthMm / view->sensorHeightMm : 1.5);
        return message_->setText(QString::fromStdString(all.error().message));
    }
    const plan::Advice* chosen = &all->copies.front();
    for (const plan::Advice& a : all->copies)
        if (a.copy == setup.chart) chosen = &a;
    view_->show(chosen->here, view->sensorWidthMm / view->sensorHeightMm);
    showFigures(*chosen);
    const bool taken = setup.chart == chosen->copy;
    message_->setText(taken && chosen->good ? tr("Sits well: large enough, and clear of the corners.")
                                            : QString::fromStdString(taken ? chosen->reason : all->message));
    offer(*all, setup, day.kit);
}

void ChartAdvice::showFigures(const plan::Advice& a) {
    constexpr double kSampledShare = 0.6;  // of each side; see plan::Framing
    const plan::Framing& f = a.here;
    figures_->setText(tr("%1 % of the frame\nSmallest patch %2 px wide\n%3 % of the way to the corners")
                          .arg(decimalText(f.sharePercent, f.sharePercent < 10 ? 1 : 0))
                          .arg(decimalText(std::sqrt(f.patchPixels) / kSampledShare, 0))
                          .arg(decimalText(f.reachPercent, 0)));
}

// The better copy at this distance; else the better distance for the copy at hand.
void ChartAdvice::offer(const plan::Recommendation& all, const plan::Setup& setup, const plan::Kit& kit) {
    const auto add = [&](const QString& text, const char* object, auto slot) {
        auto* button = new look::Button(look::Button::Kind::plain, text, this);
        button->setObjectName(QLatin1String(object));
        connect(button, &QAbstractButton::clicked, this, slot);
        offers_->addWidget(button, 0, Qt::AlignLeft);
    };
    const plan::Advice& best = all.copies.front();
    const bool well = std::any_of(all.copies.begin(), all.copies.end(),
                                  [&](const plan::Advice& a) { return a.copy == setup.chart && a.good; });
    if (best.copy != setup.chart && !well && (best.good || setup.chart == 0))
        if (const auto* copy = kit.chart(best.copy))
            add(tr("Take %1").arg(QString::fromStdString(copy->label)), "takeCopy",
                [this, id = best.copy] { emit copyWanted(id.number()); });
    for (const plan::Advice& a : all.copies)
        if (a.copy == setup.chart && !a.good && a.betterDistanceM)
            add(tr("Shoot it from %1 m").arg(decimalText(*a.betterDistanceM, 2)), "standThere",
                [this, metres = *a.betterDistanceM] { emit distanceWanted(metres); });
}

}  // namespace refero
