// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/stations/correction_station.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include "app/look/label.h"
#include "app/session/job.h"
#include "app/stations/handover_card.h"
#include "app/views/ab_plot.h"
#include "app/views/compare_view.h"
#include "app/views/display_colour.h"
#include "app/views/findings.h"
#include "app/views/row_table.h"
#include "core/fit/fit_checks.h"

namespace refero {
namespace {

struct Pair {
    PictureView::Levels before, after;
    QSize full;
    QString error;
};

// Both renderings of one picture, on a worker thread. The chart frame is at hand already; others are read.
Pair renderPair(const QString& path, const FramePointer& chartFrame, const Correction& correction) {
    FramePointer frame = chartFrame;
    if (!frame || frame->path != path.toStdString()) {
        auto read = io::readFrame(path.toStdString());
        if (read && read->encodingSource == io::EncodingSource::assumed &&
            read->encoding != correction.inputEncoding)
            read = io::readFrame(path.toStdString(), correction.inputEncoding);
        if (!read) return {{}, {}, {}, QString::fromStdString(read.error().message)};
        frame = std::make_shared<const io::Frame>(*std::move(read));
    }
    constexpr int kLongEdge = 2400;
    const auto levels = [&](const Rendering& r) {
        return PictureView::pyramid(displayImage(frame->image, r, kLongEdge));
    };
    return {levels(compileBalanceOnly(correction, OutputSpace::srgb)),
            levels(compile(correction, OutputSpace::srgb)),
            QSize(frame->image.width(), frame->image.height()),
            {}};
}

}  // namespace

CorrectionStation::CorrectionStation(Session& session, Dialogs& dialogs, QWidget* parent)
    : Station(session, parent), differences_(this) {
    setObjectName(QStringLiteral("correctionStation"));
    QWidget* bar = buildBar();
    QWidget* errors = buildErrors();
    compare_ = new CompareView(this);
    compare_->setTitles(QStringLiteral("Balance alone"), QStringLiteral("Corrected"));
    card_ = new HandoverCard(session, dialogs, findings_);
    findings_->setExtra(card_);
    connect(plot_, &AbPlot::patchPointed, this, &CorrectionStation::markPatch);
    connect(
        list_->selectionModel(), &QItemSelectionModel::currentChanged, this, [this](const QModelIndex& now) {
            plot_->setMarkedPatch(now.isValid() ? now.data(DifferenceModel::kIdRole).toString() : QString());
        });
    lay(bar, compare_, errors);
}

QWidget* CorrectionStation::buildBar() {
    auto* bar = new QWidget(this);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(16, 8, 16, 8);
    row->setSpacing(8);
    const auto choice = [&](const char* caption, const char* object, std::initializer_list<const char*> items,
                            const char* hint) {
        auto* l = new look::Label(QLatin1String(caption), look::Size::small, look::Label::Tone::quiet);
        l->setWordWrap(false);
        row->addWidget(l);
        captions_.push_back(l);
        auto* box = new QComboBox(bar);
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(QLatin1String(caption));
        box->setToolTip(QLatin1String(hint));
        for (const char* item : items) box->addItem(QLatin1String(item));
        row->addWidget(box);
        row->addSpacing(8);
        return box;
    };
    model_ = choice("Model", "modelChoice", {"Automatic", "Balance alone", "Matrix"},
                    "Automatic takes the model that does better on patches it has not seen.");
    intent_ = choice("Favour", "intentChoice", {"Every patch alike", "Neutrals", "Skin"},
                     "Which patches the fit favours: the chosen ones count four times.");
    row->addStretch(1);
    picture_ = choice("Picture", "pictureChoice", {},
                      "What before and after are shown on; drop more frames of this setup here.");
    picture_->setMinimumWidth(150);
    connect(model_, &QComboBox::activated, this, &CorrectionStation::rebuild);
    connect(intent_, &QComboBox::activated, this, &CorrectionStation::rebuild);
    connect(picture_, &QComboBox::activated, this, [this] {
        if (const Setup* s = session_.current()) renderPicture(*s);
    });
    return bar;
}

QWidget* CorrectionStation::buildErrors() {
    auto* errors = new QWidget(this);
    errors->setFixedHeight(330);
    auto* row = new QHBoxLayout(errors);
    row->setContentsMargins(8, 8, 8, 8);
    row->setSpacing(12);
    plot_ = new AbPlot(errors);
    row->addWidget(plot_, 1);
    auto* side = new QVBoxLayout;
    side->setContentsMargins(0, 4, 8, 0);
    side->setSpacing(8);
    summary_ = new look::Label({}, look::Size::small);
    summary_->setObjectName(QStringLiteral("fitSummary"));
    side->addWidget(summary_);
    list_ = new RowTable(errors);
    list_->setObjectName(QStringLiteral("differenceList"));
    list_->setAccessibleName(QStringLiteral("Patches by remaining difference"));
    list_->setModel(&differences_);
    side->addWidget(list_, 1);
    row->addLayout(side, 1);
    return errors;
}

void CorrectionStation::narrow(bool compact) {
    for (QWidget* caption : captions_) caption->setVisible(!compact);
    list_->setColumnHidden(DifferenceModel::before, compact);  // the arrows show it
    const int figure = compact ? 56 : 64;
    list_->setWidths({76, 0, figure, figure, figure});
}

void CorrectionStation::show(const Setup* setup) {
    const bool ready = setup && setup->correction;
    for (QWidget* w : {static_cast<QWidget*>(model_), static_cast<QWidget*>(intent_)})
        w->setEnabled(setup && setup->reading);
    picture_->setEnabled(ready);
    differences_.setCorrection(ready ? setup->correction : std::nullopt);
    plot_->setCorrection(ready ? setup->correction : std::nullopt);
    plot_->setMarkedPatch({});
    card_->setVisible(ready);
    if (ready) return showCorrection(*setup);
    compare_->clearPicture();
    shownKey_.clear();
    summary_->setText({});
    if (!setup || !setup->reading) {
        findings_->setMessage(
            QStringLiteral("No reading yet"),
            QStringLiteral("A correction is built from a chart that was read. Go to Reading first."));
        return findings_->setNextStep(setup ? QStringLiteral("Go to Reading") : QString(), {});
    }
    findings_->setMessage(QStringLiteral("Not corrected"),
                          setup->error.isEmpty()
                              ? QStringLiteral("The chart is read. Building takes a moment.")
                              : setup->error);
    findings_->setNextStep(QStringLiteral("Build the correction"),
                           QStringLiteral("Automatic choice of model, every patch alike."));
}

void CorrectionStation::showCorrection(const Setup& setup) {
    const Correction& c = *setup.correction;
    const auto checks = judged(c);
    findings_->setChecks(checks, worst(checks));
    findings_->setNextStep(QStringLiteral("Hand it over"),
                           setup.error.isEmpty()
                               ? QStringLiteral("The file is read back by another engine before it counts.")
                               : setup.error);
    summary_->setText(QString::fromStdString(c.summary.message));
    card_->show(setup);
    const QSignalBlocker blockModel(model_), blockIntent(intent_);
    intent_->setCurrentIndex(static_cast<int>(c.intent));
    if (model_->currentIndex() != 0) model_->setCurrentIndex(c.model == Model::balance ? 1 : 2);
    showPictures(setup);
    renderPicture(setup);
}

void CorrectionStation::showPictures(const Setup& setup) {
    const QSignalBlocker block(picture_);
    const QString kept = picture_->currentData().toString();
    picture_->clear();
    for (const Picture& p : setup.pictures) picture_->addItem(p.title, p.path);
    const int at = picture_->findData(kept);
    // A picture of the subject says more than the chart does.
    picture_->setCurrentIndex(at >= 0 ? at : picture_->count() > 1 ? 1 : 0);
}

void CorrectionStation::renderPicture(const Setup& setup) {
    const QString path = picture_->currentData().toString();
    const Matrix3 m = setup.correction->cameraToXyzD50();
    const QString key = path + QString::number(m.sum(), 'g', 17) + QString::number(m.norm(), 'g', 17);
    if (key == shownKey_) return;
    shownKey_ = key;
    runJob(
        this,
        [path, frame = setup.frame, correction = *setup.correction] {
            return renderPair(path, frame, correction);
        },
        [this, key](Pair pair) {
            if (key != shownKey_) return;  // something newer is on its way
            if (!pair.error.isEmpty()) {
                compare_->clearPicture();
                return summary_->setText(pair.error);
            }
            compare_->setPair(std::move(pair.before), std::move(pair.after), pair.full);
        });
}

void CorrectionStation::markPatch(const QString& id) {
    plot_->setMarkedPatch(id);
    const int row = differences_.rowOf(id);
    if (row >= 0) list_->selectRow(row);
}

void CorrectionStation::rebuild() {
    FitOptions options;
    if (model_->currentIndex() > 0)
        options.model = model_->currentIndex() == 1 ? Model::balance : Model::matrix;
    options.intent = static_cast<Intent>(intent_->currentIndex());
    session_.correct(session_.currentId(), options);
}

void CorrectionStation::proceed() {
    const Setup* s = session_.current();
    if (!s || !s->reading) return emit readingWanted();
    if (!s->correction) return rebuild();
    card_->handOver();
}

}  // namespace refero
