// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/judging/finish_page.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QSignalBlocker>
#include <QSlider>
#include <cmath>

#include "app/judging/warmth_ladder.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"

namespace refero {
namespace {

QString stops(double v) {
    return signedText(v, 2) + told(" stops");
}
QString tint(double v) {
    return v > 0   ? told("%1 greener").arg(decimalText(v, 1))
           : v < 0 ? told("%1 more magenta").arg(decimalText(-v, 1))
                   : QStringLiteral("0");
}
QString perCentMore(double v) {
    return signedText(100 * v, 0) + QStringLiteral(" %");
}
QString perCent(double v) {
    return decimalText(100 * v, 0) + QStringLiteral(" %");
}

}  // namespace

FinishPage::FinishPage(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("finishPage"));
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(6);
    grid->setColumnStretch(1, 1);
    auto* ready = new QHBoxLayout;
    ready->setSpacing(8);
    const auto button = [&](const char* object, const char* name, const char* hint) {
        auto* b = new look::Button(look::Button::Kind::plain, told(name), this);
        b->setObjectName(QLatin1String(object));
        b->setToolTip(told(hint));
        connect(b, &QAbstractButton::clicked, this, [this, name] {
            change(*finishByName(QString::fromLatin1(name).toLower().toStdString()), true);
        });
        ready->addWidget(b);
        return b;
    };
    base_ = button("finishBase", word("Base"), word("Adds nothing: the colours as they were."));
    rounded_ = button("finishRounded", word("Rounded"), word("A gentle curve and a little saturation."));
    auto* apart =
        new look::Label(tr("On top; no figure counts it."), look::Size::small, look::Label::Tone::quiet);
    ready->addWidget(apart, 1);
    grid->addLayout(ready, 0, 0, 1, 3);
    warmth_ = new WarmthLadder(this);
    auto* name = new look::Label(tr("Warmth,\nmired"), look::Size::small);
    grid->addWidget(name, 1, 0, Qt::AlignTop);
    grid->addWidget(warmth_, 1, 1, 1, 2);
    addAmount(grid, 2, "finishTint", word("Tint"), word("Green to magenta, in thousandths of Duv."),
              &Finish::tintDuv, -20, 20, 0.5, &tint);
    addAmount(grid, 3, "finishExposure", word("Exposure"), word("In stops."), &Finish::exposureStops, -2, 2,
              0.05, &stops);
    addAmount(grid, 4, "finishContrast", word("Contrast"),
              word("Black, mid-grey and white stay where they are."), &Finish::contrast, -1, 1, 0.05,
              &perCentMore);
    addAmount(grid, 5, "finishSaturation", word("Saturation"), word("Luminance stays."), &Finish::saturation,
              0, 2, 0.02, &perCent);
    grid->setRowStretch(6, 1);
    connect(warmth_, &WarmthLadder::moved, this, [this](double steps) {
        Finish f = finish_;
        f.warmthSteps = steps;
        change(f, false);
    });
    connect(warmth_, &WarmthLadder::settled, this, [this] { change(finish_, !held_); });
    warmth_->installEventFilter(this);
    showFinish();
}

void FinishPage::addAmount(QGridLayout* grid, int row, const char* object, const char* name, const char* hint,
                           double Finish::*part, double low, double high, double unit,
                           QString (*inWords)(double)) {
    auto* caption = new look::Label(told(name), look::Size::small);
    caption->setWordWrap(false);
    auto* slider = new QSlider(Qt::Horizontal, this);
    slider->setMinimumWidth(60);
    slider->setObjectName(QLatin1String(object));
    slider->setAccessibleName(told(name));
    slider->setToolTip(told(hint));
    slider->setRange(static_cast<int>(std::lround(low / unit)), static_cast<int>(std::lround(high / unit)));
    slider->setPageStep(4);
    auto* value = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    value->setWordWrap(false);
    value->setFont(look::figures(look::Size::small));
    value->setMinimumWidth(84);
    grid->addWidget(caption, row, 0);
    grid->addWidget(slider, row, 1);
    grid->addWidget(value, row, 2);
    amounts_.push_back({part, slider, value, unit, inWords});
    connect(slider, &QSlider::valueChanged, this, [this, part, unit, slider](int steps) {
        Finish f = finish_;
        f.*part = steps * unit;
        change(f, !slider->isSliderDown() && !held_);
    });
    slider->installEventFilter(this);
    connect(slider, &QSlider::sliderReleased, this, [this] { change(finish_, true); });
}

bool FinishPage::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::KeyPress) held_ = true;
    const bool released =
        event->type() == QEvent::KeyRelease && !static_cast<QKeyEvent*>(event)->isAutoRepeat();
    if (released || event->type() == QEvent::FocusOut) {
        held_ = false;
        if (moving_) change(finish_, true);
    }
    return QWidget::eventFilter(watched, event);
}

void FinishPage::setFinish(const Finish& finish) {
    if (moving_) return;
    finish_ = finish;
    showFinish();
}

void FinishPage::showFinish() {
    const QSignalBlocker quiet(warmth_);
    warmth_->setSteps(finish_.warmthSteps);
    for (const Amount& a : amounts_) {
        const QSignalBlocker block(a.slider);
        a.slider->setValue(static_cast<int>(std::lround(finish_.*a.part / a.unit)));
        a.value->setText(a.inWords(finish_.*a.part));
    }
    base_->setEnabled(!finish_.isNone());
    rounded_->setEnabled(finish_ != *finishByName("rounded"));
}

void FinishPage::change(const Finish& finish, bool settled) {
    finish_ = finish;
    moving_ = !settled;
    showFinish();
    if (settled)
        emit chosen(finish_);
    else
        emit trying(finish_);
}

}  // namespace refero
