// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/meters/meter_panel.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <utility>

#include "app/jobs/job.h"
#include "app/meters/camera_notes.h"
#include "app/meters/comparison.h"
#include "app/meters/evenness_map.h"
#include "app/meters/grey_list.h"
#include "app/meters/scope_view.h"
#include "app/plots/ladder_plot.h"
#include "core/read/ladder.h"
#include "core/read/spot.h"
#include "core/read/swatch.h"

namespace refero {
MeterPanel::MeterPanel(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("meterPanel"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    auto* bar = new QHBoxLayout;
    bar->setSpacing(8);
    meter_ = new QComboBox(this);
    meter_->setObjectName(QStringLiteral("meterChoice"));
    meter_->setAccessibleName(tr("Instrument"));
    meter_->addItems({tr("Neutral ladder"), tr("Even light"), tr("Histogram"), tr("Waveform"), tr("Parade"),
                      tr("Vectorscope"), tr("Is this grey grey?"), tr("What moved?"), tr("In the camera")});
    source_ = new QComboBox(this);
    source_->setObjectName(QStringLiteral("meterSource"));
    source_->setAccessibleName(tr("What feeds the scope"));
    source_->setToolTip(tr("What feeds the scope. A region is drawn on the frame with Shift held."));
    source_->addItems({tr("Whole picture"), tr("Region"), tr("Patches"), tr("Greys alone")});
    bar->addWidget(meter_);
    bar->addWidget(source_);
    bar->addStretch(1);
    column->addLayout(bar);
    stack_ = new QStackedWidget(this);
    ladder_ = new LadderPlot(stack_);
    evenness_ = new EvennessMap(stack_);
    scope_ = new ScopeView(stack_);
    greys_ = new GreyList(stack_);
    comparison_ = new Comparison(stack_);
    camera_ = new CameraNotes(stack_);
    for (QWidget* w :
         {static_cast<QWidget*>(ladder_), static_cast<QWidget*>(evenness_), static_cast<QWidget*>(scope_),
          static_cast<QWidget*>(greys_), static_cast<QWidget*>(comparison_), static_cast<QWidget*>(camera_)})
        stack_->addWidget(w);
    column->addWidget(stack_, 1);
    connect(meter_, &QComboBox::currentIndexChanged, this, &MeterPanel::refresh);
    connect(meter_, &QComboBox::currentIndexChanged, this, &MeterPanel::meterChanged);
    connect(source_, &QComboBox::currentIndexChanged, this, &MeterPanel::refresh);
    refresh();
}

MeterPanel::Meter MeterPanel::meter() const {
    return static_cast<Meter>(meter_->currentIndex());
}

std::vector<QRectF> MeterPanel::greyRegions() const {
    return meter() == Meter::greys ? regions_ : std::vector<QRectF>{};
}

void MeterPanel::showMeter(Meter meter) {
    meter_->setCurrentIndex(static_cast<int>(meter));
}

void MeterPanel::showSource(Source source) {
    source_->setCurrentIndex(static_cast<int>(source));
}

void MeterPanel::setReading(const std::optional<Reading>& reading) {
    const bool other = !reading || !reading_ || reading->framePath != reading_->framePath;
    reading_ = reading;
    if (other) {
        ++readings_;
        greys_->clear();
        regions_.clear();
    }
    ladder_->setLadder(reading ? neutralLadder(*reading) : std::vector<LadderStep>{});
    evenness_->setReading(reading);
    scope_->setTargets(reading ? vectorscopeTargets(reading->chart, OutputSpace::srgb)
                               : std::vector<ScopeTarget>{});
    refresh();
}

MeterPanel::Picture MeterPanel::pictureOf(const QImage& srgb, QSize frame) {
    return {srgb, srgb.scaled(GreyList::kSmall, Qt::KeepAspectRatio, Qt::SmoothTransformation), frame};
}

void MeterPanel::setPicture(Picture picture) {
    picture_ = std::move(picture);
    greys_->setPicture(picture_.small);
    refresh();
}

void MeterPanel::clearPicture() {
    setPicture({});
}

// A region may be all of a large frame.
void MeterPanel::measureGrey(const QRectF& region, const std::shared_ptr<const io::Frame>& frame) {
    if (!frame || !reading_) return greys_->say(tr("There is no reading to compare it with."));
    runJob(
        this,
        [region, frame] {
            return meanOf(frame->image, {region.left(), region.top()}, {region.right(), region.bottom()});
        },
        [this, region, of = readings_](const std::optional<Vector3>& mean) {
            if (of != readings_) return;
            if (!mean) return greys_->say(tr("There is no reading to compare it with."));
            const auto candidate = greyCandidate(*mean, *reading_);
            if (!candidate) return greys_->say(QString::fromStdString(candidate.error().message));
            regions_.push_back(region);
            greys_->add(*candidate, tr("Region %1").arg(regions_.size()));
            emit greyRegionsChanged();
        },
        Urgency::now);
}

void MeterPanel::setRegion(const QRectF& region, const std::shared_ptr<const io::Frame>& frame) {
    region_ = region;
    if (region.isEmpty()) return refresh();
    if (meter() == Meter::greys) return measureGrey(region, frame);
    if (static_cast<Source>(source_->currentIndex()) == Source::picture)
        source_->setCurrentIndex(static_cast<int>(Source::region));
    refresh();
}

void MeterPanel::refresh() {
    const std::uint64_t wanted = ++scopesWanted_;
    const Meter meter = this->meter();
    const bool scope = meter >= Meter::histogram && meter <= Meter::vectorscope;
    source_->setVisible(scope);
    if (meter == Meter::ladder) return stack_->setCurrentWidget(ladder_);
    if (meter == Meter::evenness) return stack_->setCurrentWidget(evenness_);
    if (meter == Meter::greys) return stack_->setCurrentWidget(greys_);
    if (meter == Meter::camera) return stack_->setCurrentWidget(camera_);
    if (meter == Meter::comparison) return stack_->setCurrentWidget(comparison_);
    stack_->setCurrentWidget(scope_);
    scope_->setKind(
        static_cast<ScopeView::Kind>(static_cast<int>(meter) - static_cast<int>(Meter::histogram)));
    const auto source = static_cast<Source>(source_->currentIndex());
    if (source == Source::patches || source == Source::neutrals) {
        if (!reading_) return scope_->clear();
        return scope_->setScopes(scopesOf(balancedSrgb(*reading_, source == Source::neutrals)));
    }
    if (picture_.full.isNull()) return scope_->clear();
    const QImage& full = picture_.full;
    QRect part;
    if (source == Source::region && !region_.isEmpty() && !picture_.frame.isEmpty()) {
        const double k = double(full.width()) / picture_.frame.width();
        part = {static_cast<int>(region_.left() * k), static_cast<int>(region_.top() * k),
                std::max(1, static_cast<int>(region_.width() * k)),
                std::max(1, static_cast<int>(region_.height() * k))};
    }
    runJob(
        this,
        [full, part] {
            const ScopePicture all{full.constBits(), full.width(), full.height(), full.bytesPerLine()};
            return scopesOf(part.isEmpty() ? all : all.part(part.x(), part.y(), part.width(), part.height()));
        },
        [this, wanted](Scopes scopes) {
            if (wanted == scopesWanted_) scope_->setScopes(std::move(scopes));
        },
        Urgency::now);
}

}  // namespace refero
