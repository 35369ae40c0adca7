// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/reading/reading_station.h"

#include <QComboBox>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenu>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include "app/dialogs/dialogs.h"
#include "app/findings/findings.h"
#include "app/forms/encoding_choice.h"
#include "app/jobs/job.h"
#include "app/look/button.h"
#include "app/look/caption.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/meters/camera_notes.h"
#include "app/meters/comparison.h"
#include "app/meters/meter_panel.h"
#include "app/pictures/display_colour.h"
#include "app/pictures/frame_view.h"
#include "app/reading/unknown_chart.h"
#include "app/session/correction_actions.h"
#include "app/session/reading_actions.h"
#include "app/station/figures_panel.h"
#include "app/station/paint_in_turn.h"
#include "app/tables/patch_table.h"
#include "core/read/encoding_fit.h"
#include "core/read/swatch.h"

namespace refero {
namespace {

constexpr int kLongEdge = 3200;  // of what is shown

struct Shown {
    PictureView::Levels levels;
    MeterPanel::Picture metered;
};

}  // namespace

ReadingStation::ReadingStation(Session& session, Dialogs& dialogs, QWidget* parent)
    : Station(session, parent), dialogs_(dialogs) {
    setObjectName(QStringLiteral("readingStation"));
    frame_ = new FrameView(this);
    QWidget* bar = buildBar();
    panel_ = new FiguresPanel(QStringLiteral("reading"), tr("patches and instruments"), frame_, this);
    buildFigures();
    connect(frame_, &FrameView::cornersMoved, this, [this](const Quad& corners, const QString& step) {
        session_.reading().setCorners(session_.currentId(), corners, step);
    });
    connect(frame_, &FrameView::patchesEdited, this,
            [this](const std::vector<PatchByHand>& byHand, const QString& step) {
                session_.reading().setPatches(session_.currentId(), byHand, step);
            });
    connect(table_, &PatchTable::leaveOutWanted, frame_, &FrameView::toggleLeftOut);
    connect(table_, &PatchTable::patchChosen, frame_, &FrameView::choosePatch);
    connect(meters_, &MeterPanel::meterChanged, this, &ReadingStation::compare);
    connect(meters_, &MeterPanel::meterChanged, this, &ReadingStation::advise);
    const auto places = [this] { frame_->setPlaces(meters_->greyRegions()); };
    connect(meters_, &MeterPanel::meterChanged, this, places);
    connect(meters_, &MeterPanel::greyRegionsChanged, this, places);
    connect(&session_, &Session::planChanged, this, &ReadingStation::advise);
    connect(&session_, &Session::displayChanged, this, [this] {
        shown_.reset();
        if (const Setup* s = session_.current()) showPicture(*s);
    });
    connect(&meters_->camera(), &CameraNotes::kelvinTyped, this,
            [this](double kelvin) { session_.reading().setDialled(session_.currentId(), kelvin); });
    connect(&meters_->comparison(), &Comparison::wanted, this, [this](const QString& path) {
        session_.reading().compareWith(session_.currentId(), path,
                                       [this, path](const Result<std::vector<ReadingChange>>& changes) {
                                           if (meters_->comparison().path() == path)
                                               meters_->comparison().setChanges(changes);
                                       });
    });
    connect(frame_, &FrameView::patchPointed, this, [this](int index) { frame_->setMarkedPatch(index); });
    connect(table_, &PatchTable::patchChosen, frame_, &FrameView::setMarkedPatch);
    connect(frame_, &FrameView::regionDrawn, this,
            [this](const QRectF& region) { meters_->setRegion(region, shown_); });
    connect(findings_, &Findings::evidenceWanted, frame_, &FrameView::setEvidence);
    unknown_ = new UnknownChart(session_, dialogs_, findings_);
    findings_->setExtra(unknown_);
    connect(unknown_, &UnknownChart::looked, this, [this] {
        if (const Setup* s = session_.current()) showFindings(*s);
    });
    connect(unknown_, &UnknownChart::byHandWanted, this, &ReadingStation::layOutline);
    connect(findings_, &Findings::limitWanted, this, [this](const Check& check, std::optional<double> value) {
        session_.reading().allow(check, value);
    });
    lay(bar, panel_);
}

QWidget* ReadingStation::buildBar() {
    auto* bar = new QWidget(this);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(16, 8, 16, 8);
    row->setSpacing(8);
    const auto caption = [&](const char* text) {
        captions_.push_back(look::caption(told(text)));
        row->addWidget(captions_.back());
    };
    caption(word("Chart"));
    chart_ = new QComboBox(bar);
    chart_->setObjectName(QStringLiteral("chartChoice"));
    chart_->setAccessibleName(tr("Chart"));
    chart_->setToolTip(tr("Which chart the frame shows; it is recognised by itself."));
    row->addWidget(chart_);
    row->addSpacing(12);
    caption(word("Encoding"));
    encoding_ = new EncodingChoice(bar);
    encoding_->setObjectName(QStringLiteral("encodingChoice"));
    encoding_->setAccessibleName(tr("Encoding"));
    encoding_->setToolTip(tr("How the frame's numbers relate to light."));
    encoding_->offerFile(tr("Curve file..."));
    row->addWidget(encoding_);
    question_ = new look::Label({}, look::Size::small, look::Label::Tone::loud);
    question_->setObjectName(QStringLiteral("encodingQuestion"));
    question_->setWordWrap(false);
    question_->setMinimumWidth(1);
    question_->hide();
    row->addWidget(question_);
    answer_ = new look::Button(look::Button::Kind::plain, tr("Take it"), bar);
    answer_->setObjectName(QStringLiteral("encodingAnswer"));
    answer_->hide();
    row->addWidget(answer_);
    connect(answer_, &QAbstractButton::clicked, this, [this] {
        if (proposed_) session_.reading().setEncoding(session_.currentId(), *proposed_);
    });
    row->addSpacing(12);
    caption(word("Show"));
    view_ = new QComboBox(bar);
    view_->setObjectName(QStringLiteral("viewChoice"));
    view_->setAccessibleName(tr("What the frame is shown as"));
    view_->setToolTip(
        tr("The picture, its levels in stops from mid-grey, what is clipped, or where the "
           "aimed-at levels lie."));
    view_->addItems({tr("Picture"), tr("Stops"), tr("Clipping"), tr("White 90 %"), tr("White 96 %")});
    row->addWidget(view_);
    connect(view_, &QComboBox::currentIndexChanged, this, [this] {
        if (const Setup* s = session_.current()) showPicture(*s);
    });
    treat_ = new look::Button(look::Button::Kind::plain, tr("Mend the reading"), bar);
    treat_->setObjectName(QStringLiteral("treatments"));
    treat_->setAccessibleName(treat_->text());
    treat_->setToolTip(
        told("Take uneven light or a flat field out of the patches, or average the setup's chart frames."));
    treatments_ = new QMenu(treat_);
    treatments_->setObjectName(QStringLiteral("treatmentsMenu"));
    connect(treatments_, &QMenu::aboutToShow, this, &ReadingStation::fillTreatments);
    connect(treat_, &QAbstractButton::clicked, this,
            [this] { treatments_->popup(treat_->mapToGlobal(QPoint(0, treat_->height()))); });
    row->addWidget(treat_);
    row->addStretch(1);
    connect(chart_, &QComboBox::activated, this, [this](int i) {
        session_.reading().setChart(session_.currentId(),
                                    session_.reading().charts()[static_cast<std::size_t>(i)]);
    });
    connect(encoding_, &EncodingChoice::chosen, this,
            [this](const Transfer& t) { session_.reading().setEncoding(session_.currentId(), t); });
    connect(encoding_, &EncodingChoice::fileWanted, this, [this] {
        const QString path = dialogs_.openFile(this, tr("Open a curve from stored number to linear light"),
                                               tr("Curves (*.cube *.clf *.spi1d *.csv *.txt)"));
        if (!path.isEmpty()) session_.reading().setEncodingCurve(session_.currentId(), path);
    });
    return bar;
}

// Beside each other below the picture, one over the other at its right.
void ReadingStation::buildFigures() {
    auto* content = new QWidget(panel_);
    figures_ = new QBoxLayout(QBoxLayout::LeftToRight, content);
    figures_->setContentsMargins(8, 0, 8, 8);
    figures_->setSpacing(8);
    table_ = new PatchTable(content);
    meters_ = new MeterPanel(content);
    figures_->addWidget(table_, 2);
    figures_->addWidget(meters_, 1);
    panel_->header()->addWidget(look::caption(tr("Patches and instruments"), panel_));
    panel_->header()->addStretch(1);
    panel_->setContent(content);
    const auto turn = [this](FiguresPanel::Side side) {
        const bool below = side == FiguresPanel::Side::below;
        figures_->setDirection(below ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
        table_->setCompact(!below);
    };
    connect(panel_, &FiguresPanel::sideChanged, this, turn);
    turn(panel_->side());
}

void ReadingStation::show(const Setup* setup) {
    const bool ready = setup && setup->reading;
    chart_->setEnabled(setup && setup->frame);
    encoding_->setEnabled(setup && !setup->busy);
    encoding_->setKit(session_.day().kit.curves);
    const QSignalBlocker blockChart(chart_);
    chart_->clear();
    for (const Chart& c : session_.reading().charts()) chart_->addItem(QString::fromStdString(c.name));
    if (setup && setup->frame) encoding_->setValue(setup->frame->encoding);
    table_->patches().setReading(ready ? setup->reading : std::nullopt);
    meters_->setReading(ready ? setup->reading : std::nullopt);
    frame_->setPlaces(meters_->greyRegions());
    advise();
    unknown_->show(setup);
    if (!setup) {
        question_->hide();
        answer_->hide();
        frame_->clearPicture();
        frame_->clearPlacement();
        invite(tr("No setup is chosen"), tr("Choose one at the left, or drop a chart shot on this window."));
        return setNextStep({}, {});
    }
    showPicture(*setup);
    if (ready) {
        // A chart that has just been found brings findings, values and the picture's marks all at once.
        if (!frame_->placement()) paintInTurn(*frame_);
        chart_->setCurrentText(QString::fromStdString(setup->reading->chart.name));
        frame_->setPlacement(setup->reading->chart, setup->reading->corners,
                             io::requestOf(*setup->reading).patches);
    } else {
        chart_->setCurrentIndex(-1);
        frame_->clearPlacement();
    }
    treat_->setEnabled(ready && setup->frame);
    ask(*setup);
    showFindings(*setup);
    compare();
}

bool ReadingStation::wantsChartData() const {
    return unknown_->layout() != nullptr;
}

void ReadingStation::takeChartData(const QString& path) {
    unknown_->takeData(path);
}

// The other frame is only read where its comparison is looked at.
void ReadingStation::compare() {
    if (meters_->meter() != MeterPanel::Meter::comparison) return;
    const plan::Day& day = session_.day();
    int offset = 0;
    for (const plan::Setup& s : day.setups)
        for (const plan::Place& p : day.places)
            if (s.id == session_.currentId() && p.id == s.conditions.place) offset = p.offsetMinutes;
    const auto* record = workflow::readingOf(session_.studio()->contents(), session_.currentId());
    meters_->comparison().setFrames(session_.reading().otherChartFrames(session_.currentId()), offset,
                                    record ? std::hash<std::string>{}(record->document) : 0);
}

void ReadingStation::advise() {
    if (meters_->meter() != MeterPanel::Meter::camera) return;
    const auto id = session_.currentId();
    const Setup* s = session_.current();
    if (!s || !s->reading) return meters_->camera().say(tr("Read a chart shot first."));
    session_.reading().adviseCamera(id, [this, id](const QStringList& sentences, double kelvin) {
        if (id == session_.currentId()) meters_->camera().show(sentences, kelvin);
    });
}

// What is done to the readings: each can be taken back.
void ReadingStation::fillTreatments() {
    treatments_->clear();
    const Setup* s = session_.current();
    if (!s || !s->reading) return;
    const auto id = s->id;
    const Reading& r = *s->reading;
    const auto add = [&](const QString& text, bool on, auto act) {
        QAction* action = treatments_->addAction(text);
        action->setCheckable(true);
        action->setChecked(on);
        connect(action, &QAction::triggered, this, act);
        return action;
    };
    const bool lightOut = r.lightTakenOut.chart;
    add(tr("Take uneven light out"), lightOut, [this, id, lightOut] {
        session_.reading().takeOutLight(id, !lightOut);
    })->setEnabled(r.light.has_value());
    const bool flat = !r.flatField.empty();
    add(flat ? tr("Flat field %1").arg(QFileInfo(QString::fromStdString(r.flatField)).fileName())
             : tr("Take out a flat field..."),
        flat, [this, id, flat] {
            if (flat) return session_.reading().takeOutFlatField(id, {});
            const QStringList paths = dialogs_.openFrames(this);
            if (!paths.isEmpty()) session_.reading().takeOutFlatField(id, paths.front());
        });
    const std::size_t others = session_.reading().otherChartFrames(id).size();
    const bool mean = !r.averaged.empty();
    add(others == 0 ? tr("Average the chart frames (there is one)")
                    : tr("Average the %1 chart frames").arg(others + 1),
        mean, [this, id, mean] { session_.reading().averageFrames(id, !mean); })
        ->setEnabled(mean || others > 0);
}

// A file that does not say its encoding is a question, with what the greys answer.
void ReadingStation::ask(const Setup& setup) {
    proposed_.reset();
    const bool open = setup.reading && setup.reading->encodingSource == EncodingSource::assumed;
    question_->setVisible(open);
    answer_->setVisible(open);
    if (!open) return;
    std::vector<Transfer> candidates(kTellableEncodings.begin(), kTellableEncodings.end());
    for (const plan::RecordingCurve& recording : session_.day().kit.curves)
        if (const auto t = Transfer::fromLog(recording.curve)) candidates.push_back(*t);
    const Transfer assumed = setup.reading->encoding;
    const auto better = betterEncodings(*setup.reading, candidates);
    proposed_ = better.empty() ? assumed : better.front().encoding;
    const auto text = [](const Transfer& t) {
        return QString::fromUtf8(t.name().data(), static_cast<qsizetype>(t.name().size()));
    };
    const auto fitOf = [&](const Transfer& t) {
        const auto fits = encodingFits(*setup.reading, {t});
        return fits.empty() ? told("not at all")
                            : told("within %1 stops").arg(decimalText(fits.front().errorStops, 2));
    };
    question_->setText(tr("The file does not state it:"));
    question_->setToolTip(better.empty()
                              ? tr("The greys agree with %1 %2.").arg(text(assumed), fitOf(assumed))
                              : tr("The greys agree with %1 %2, with %3 %4.")
                                    .arg(text(*proposed_), fitOf(*proposed_), text(assumed), fitOf(assumed)));
    answer_->setText(better.empty() ? tr("It is %1").arg(text(*proposed_))
                                    : tr("More likely %1").arg(text(*proposed_)));
    answer_->setAccessibleName(answer_->text());
    answer_->setToolTip(question_->toolTip());
    answer_->updateGeometry();
}

void ReadingStation::narrow(bool compact) {
    // A question about the encoding needs room as well.
    for (QWidget* caption : captions_) caption->setVisible(!compact);
    treat_->setText(compact ? tr("Mend", "on a button") : tr("Mend the reading"));
    treat_->updateGeometry();
    for (QComboBox* box : {chart_, static_cast<QComboBox*>(encoding_), view_}) {
        box->setMinimumContentsLength(compact ? 3 : 0);
        box->setSizeAdjustPolicy(compact ? QComboBox::AdjustToMinimumContentsLengthWithIcon
                                         : QComboBox::AdjustToContents);
    }
    table_->setCompact(compact || panel_->side() == FiguresPanel::Side::right);
}

void ReadingStation::showPicture(const Setup& setup) {
    frame_->setFrame(setup.frame, setup.reading ? viewingGains(*setup.reading) : Vector3::Ones());
    if (!setup.frame) {
        shown_.reset();
        meters_->clearPicture();
        return frame_->clearPicture();
    }
    const Vector3 gains = setup.reading ? viewingGains(*setup.reading) : Vector3(0, 0, 0);
    const bool alike = (gains - shownGains_).cwiseAbs().maxCoeff() < 0.02 * gains.maxCoeff();
    const int view = view_->currentIndex();
    if (shown_ == setup.frame && alike && shownView_ == view) return;
    if (shown_ != setup.frame) frame_->clearPicture();
    shown_ = setup.frame;
    shownGains_ = gains;
    shownView_ = view;
    const std::optional<ExposureView> exposures =
        view > 0 ? std::optional(static_cast<ExposureView>(view - 1)) : std::nullopt;
    frame_->setKey(exposures ? exposureKey(*exposures) : std::vector<ExposureKey>{});
    const QSize full(setup.frame->image.width(), setup.frame->image.height());
    runJob(
        this,
        [frame = setup.frame, full, gains, exposures] {
            const Vector3 balance = gains.isZero() ? roughGains(frame->image) : gains;
            const auto as = [&](OutputSpace space) {
                Rendering r = compileUntouched(space);
                r.gains = balance;
                return r;
            };
            const QImage shown =
                exposures
                    ? forDisplay(exposureImage(frame->image, balance, frame->encoding, *exposures, kLongEdge))
                    : displayImage(frame->image, as(kShownSpace), kLongEdge);
            // The scopes read full HD, and numbers that no display's profile has changed.
            constexpr int kScopeEdge = 1920;
            const QImage srgb = srgbImage(frame->image, as(OutputSpace::srgb), kScopeEdge)
                                    .scaled(1920, 1080, Qt::KeepAspectRatio, Qt::FastTransformation);
            return Shown{PictureView::pyramid(shown), MeterPanel::pictureOf(srgb, full)};
        },
        [this, frame = setup.frame, full, view](Shown shown) {
            if (shown_ != frame || shownView_ != view) return;
            frame_->setPicture(std::move(shown.levels), full);
            meters_->setPicture(std::move(shown.metered));
        });
}

void ReadingStation::showFindings(const Setup& setup) {
    if (setup.busy) {
        setMessage(tr("Reading"), {});
        return setNextStep({}, tr("The frame is being opened and searched for a chart."));
    }
    if (setup.chartFrame.empty()) return showAwaited(setup);
    if (!setup.reading && unknown_->layout()) return showUnknown();
    if (!setup.reading) {
        setMessage(setup.frame ? tr("No chart found") : tr("Not readable"), setup.error);
        if (setup.frame)
            return setNextStep(tr("Set the corners by hand"),
                               tr("Lays the outline over the frame for you to drag into place."));
        return setNextStep({}, {});
    }
    setChecks(setup.reading->checks, setup.reading->verdict);
    // Something asked for since then could not be done; the reading is as it was.
    if (!setup.error.isEmpty()) return setNextStep(tr("Build the correction"), setup.error);
    if (setup.correction) return setNextStep(tr("See the correction"), tr("It was built from this reading."));
    switch (setup.reading->verdict) {
        case Verdict::pass:
            return setNextStep(tr("Build the correction"), tr("Everything a correction needs is here."));
        case Verdict::review:
            return setNextStep(tr("Build the correction"), tr("It can be used; look at the findings first."));
        case Verdict::reshoot:
            return setNextStep(tr("Build anyway"),
                               tr("Better: mend what is named above and shoot the chart again."));
    }
}

void ReadingStation::showUnknown() {
    const QString seen = tr("This looks like a chart of %1.").arg(unknown_->seen());
    const QString why = tr(
        "Give its data, a file of its maker's or an instrument's: they tell the names, the order and which "
        "way up it is. Rows, sizes and gaps come from this picture, and it is found by itself from then on.");
    setMessage(tr("Not a known chart"), seen + QStringLiteral("\n\n") + why);
    setNextStep(tr("Open its data"), tr("CGATS, CxF or a table; it can be dropped, too."));
    frame_->setEvidence({{EvidenceMark::bracketed, unknown_->outlines()}});
}

// Planned, and its chart not shot yet; or served by that of another setup.
void ReadingStation::showAwaited(const Setup& setup) {
    const Setup* other = session_.setup(setup.plan.shotOf);
    const bool served = setup.plan.state == plan::DueState::done && other;
    invite(served ? tr("No chart of its own") : tr("No chart frame yet"),
           QString::fromStdString(setup.plan.reason));
    if (served)
        return setNextStep(tr("Go to %1").arg(text(other->light)), tr("Its chart shot holds here, too."));
    setNextStep(tr("Open its chart frame"), tr("Or drop it anywhere on this window."));
}

void ReadingStation::layOutline() {
    session_.reading().setChart(session_.currentId(), session_.reading().charts().front());
}

void ReadingStation::proceed() {
    const Setup* s = session_.current();
    if (!s) return;
    if (s->chartFrame.empty()) {
        if (s->plan.state == plan::DueState::done) return session_.select(s->plan.shotOf);
        const QStringList paths = dialogs_.openFrames(this);
        if (!paths.isEmpty()) session_.reading().addChartFrame(s->id, paths.front());
        return;
    }
    if (!s->reading) return unknown_->layout() ? unknown_->openData() : layOutline();
    if (!s->correction) session_.correction().build(s->id, {});
    emit correctionWanted();
}

}  // namespace refero
