// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/charts/copy_panel.h"

#include <QDate>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QVBoxLayout>

#include "app/jobs/job.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"

namespace refero {

CopyPanel::CopyPanel(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("copyPanel"));
    setFocusPolicy(Qt::StrongFocus);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3 * look::kStep);
    title_ = new look::Label({}, look::Size::title, look::Label::Tone::loud, QFont::DemiBold);
    instrumentText_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    now_ = new look::Label({}, look::Size::large, look::Label::Tone::loud, QFont::DemiBold);
    now_->setObjectName(QStringLiteral("patchNow"));
    said_ = new look::Label({}, look::Size::body);
    said_->setObjectName(QStringLiteral("copySaid"));
    measure_ = new look::Button(look::Button::Kind::primary, tr("Measure"), this);
    measure_->setObjectName(QStringLiteral("measurePatch"));
    measure_->setToolTip(tr("Space"));
    tile_ = new look::Button(look::Button::Kind::plain, tr("White tile"), this);
    tile_->setObjectName(QStringLiteral("measureTile"));
    tile_->setToolTip(tr("Takes out what the instrument has drifted since the last time."));
    keep_ = new look::Button(look::Button::Kind::plain, tr("Keep these values"), this);
    keep_->setObjectName(QStringLiteral("keepCopy"));
    auto* leave = new look::Button(look::Button::Kind::plain, tr("Cancel"), this);
    leave->setObjectName(QStringLiteral("leaveCopy"));
    auto* row = new QHBoxLayout;
    row->addWidget(measure_);
    row->addWidget(tile_);
    row->addStretch(1);
    auto* last = new QHBoxLayout;
    last->addWidget(keep_);
    last->addWidget(leave);
    last->addStretch(1);
    column->addWidget(title_);
    column->addWidget(instrumentText_);
    column->addWidget(now_);
    column->addWidget(said_);
    column->addLayout(row);
    column->addLayout(last);
    column->addStretch(1);
    connect(measure_, &QAbstractButton::clicked, this, &CopyPanel::measure);
    connect(tile_, &QAbstractButton::clicked, this, &CopyPanel::calibrate);
    connect(leave, &QAbstractButton::clicked, this, &CopyPanel::leaveWanted);
    connect(keep_, &QAbstractButton::clicked, this, [this] {
        const QString reference = QStringLiteral("%1, %2").arg(QString::fromStdString(instrument_->name()),
                                                               QDate::currentDate().toString(Qt::ISODate));
        if (const auto chart = copy_->chart(reference.toStdString())) emit keepWanted(*chart, reference);
    });
}

void CopyPanel::begin(const Chart& design, const QString& copy,
                      std::unique_ptr<Spectrophotometer> instrument) {
    copy_ = std::make_unique<CopyMeasurement>(design);
    instrument_ = std::move(instrument);
    label_ = copy;
    patch_ = 0;
    busy_ = false;
    refresh(tr("Put the instrument on its white tile."));
    setFocus();
}

void CopyPanel::goTo(int patch) {
    if (!copy_ || busy_ || patch < 0 || patch >= static_cast<int>(copy_->design().patches.size())) return;
    patch_ = patch;
    refresh({});
}

void CopyPanel::calibrate() {
    if (!instrument_ || busy_) return;
    busy_ = true;
    runJob(
        this, [instrument = instrument_] { return instrument->calibrate(); },
        [this](const Status& done) {
            busy_ = false;
            refresh(done ? tr("The tile is measured. Now lay it on the marked patch.")
                         : QString::fromStdString(done.error().message));
        });
}

void CopyPanel::measure() {
    if (!instrument_ || busy_) return;
    if (instrument_->wantsTile()) return refresh(tr("Put it on its white tile first, and press White tile."));
    busy_ = true;
    const auto at = static_cast<std::size_t>(patch_);
    instrument_->layOn(copy_->design().patches[at].id);
    runJob(
        this, [instrument = instrument_] { return instrument->measure(); },
        [this, at](const Result<Reflectance>& r) {
            busy_ = false;
            const auto taken = r.and_then([&](const Reflectance& v) { return copy_->add(at, v); });
            if (!taken) return refresh(QString::fromStdString(taken.error().message));
            const double off = *copy_->difference(at);
            QString said = told("%1 is %2 from its design (CIEDE2000).")
                               .arg(QString::fromStdString(copy_->design().patches[at].id))
                               .arg(decimalText(off, 1));
            if (off > CopyMeasurement::kSuspicious)
                said += told(" Did it lie on that patch? Choose it and measure it again.");
            if (const auto next = copy_->next(at)) patch_ = static_cast<int>(*next);
            refresh(said);
        });
}

void CopyPanel::refresh(const QString& said) {
    const bool tile = instrument_->wantsTile();
    title_->setText(tr("Measure %1").arg(label_));
    instrumentText_->setText(QString::fromStdString(instrument_->name()));
    const auto& patch = copy_->design().patches[static_cast<std::size_t>(patch_)];
    now_->setText(copy_->complete() ? tr("All %1 measured").arg(copy_->measured())
                  : tile            ? tr("White tile")
                                    : tr("Patch %1").arg(QString::fromStdString(patch.id)));
    said_->setText(
        said.isEmpty()
            ? told("%1 of %2 measured.").arg(copy_->measured()).arg(copy_->design().patches.size())
            : said + told(" %1 of %2 measured.").arg(copy_->measured()).arg(copy_->design().patches.size()));
    keep_->setEnabled(copy_->complete());
    emit changed();
}

void CopyPanel::keyPressEvent(QKeyEvent* event) {
    if (event->key() != Qt::Key_Space) return QWidget::keyPressEvent(event);
    instrument_ && instrument_->wantsTile() ? calibrate() : measure();
}

}  // namespace refero
