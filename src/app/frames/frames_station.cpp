// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/frames/frames_station.h"

#include <QComboBox>
#include <QDesktopServices>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPainter>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QUrl>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/dialogs/dialogs.h"
#include "app/dialogs/problem_lines.h"
#include "app/forms/duration_text.h"
#include "app/forms/form.h"
#include "app/frames/card_page.h"
#include "app/frames/frame_facts.h"
#include "app/frames/frame_viewer.h"
#include "app/frames/offers.h"
#include "app/frames/sheet_groups.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/look/time_left.h"
#include "app/onset/on_set_page.h"
#include "app/session/intake_actions.h"
#include "app/session/reading_actions.h"
#include "io/media_path.h"
#include "studio/intake.h"
#include "workflow/proposals.h"

namespace refero {

FramesStation::FramesStation(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session), dialogs_(dialogs) {
    setObjectName(QStringLiteral("framesStation"));
    auto* whole = new QHBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    pages_ = new QStackedWidget(this);
    pages_->addWidget(buildSheetPage());
    viewer_ = new FrameViewer(session_, pages_);
    pages_->addWidget(viewer_);
    onSet_ = new OnSetPage(session_, dialogs_, pages_);
    pages_->addWidget(onSet_);
    card_ = new CardPage(session_, dialogs_, pages_);
    pages_->addWidget(card_);
    connect(card_, &CardPage::leaveWanted, this, [this] {
        pages_->setCurrentIndex(0);
        sheet_->setFocus();
    });
    connect(card_, &CardPage::setupWanted, this, [this](studio::SetupId id) {
        session_.select(id);
        emit readingWanted();
    });
    connect(onSet_, &OnSetPage::leaveWanted, this, [this] { pages_->setCurrentIndex(0); });
    whole->addWidget(pages_);
    connect(viewer_, &FrameViewer::leaveWanted, this, [this] {
        pages_->setCurrentIndex(0);
        sheet_->setFocus();
    });
    connect(viewer_, &FrameViewer::shownChanged, this, [this](qint64 id) { sheet_->choose({id}); });
    connect(viewer_, &FrameViewer::readingWanted, this, [this] {
        const auto* f = session_.studio()->contents().find<studio::Frame>(viewer_->shown());
        if (!f || f->setup == 0) return;
        session_.select(f->setup);
        emit readingWanted();
    });
    connect(&session_, &Session::displayChanged, sheet_, &ContactSheet::drawAnew);
    connect(sheet_, &ContactSheet::chosenChanged, this, &FramesStation::showChosen);
    connect(sheet_, &ContactSheet::moveWanted, this, [this](const std::vector<qint64>& frames, qint64 setup) {
        moveTo({frames.begin(), frames.end()}, setup);
    });
    connect(&session_.intake(), &IntakeActions::proposalsChanged, this, &FramesStation::refresh);
    connect(sheet_, &ContactSheet::opened, this, &FramesStation::view);
    connect(sheet_, &ContactSheet::showWanted, this, [this](qint64 id) {
        if (const auto* f = session_.contents().find<studio::Frame>(id))
            QDesktopServices::openUrl(
                QUrl::fromLocalFile(QFileInfo(text(io::mediaPath(f->path).file.string())).absolutePath()));
    });
    connect(sheet_, &ContactSheet::removeWanted, this, [this](const std::vector<qint64>& frames) {
        session_.intake().removeFrames({frames.begin(), frames.end()});
    });
    connect(&session_, &Session::planChanged, this, &FramesStation::refresh);
    connect(&session_.intake(), &IntakeActions::progress, this, &FramesStation::showProgress);
    connect(&session_.intake(), &IntakeActions::finished, this, &FramesStation::finished);
}

QWidget* FramesStation::buildSheetPage() {
    auto* page = new QWidget(this);
    auto* row = new QHBoxLayout(page);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    sheet_ = new ContactSheet(this);
    empty_ = buildEmpty();
    column->addWidget(buildBar());
    offers_ = new Offers(session_, page);
    connect(offers_, &Offers::readingWanted, this, &FramesStation::readingWanted);
    connect(offers_, &Offers::dayWanted, this, [this] {
        showDay();
        card_->begin();
    });
    column->addWidget(offers_);
    column->addWidget(sheet_, 1);
    column->addWidget(empty_, 1);
    row->addLayout(column, 1);
    panel_ = buildPanel();
    row->addWidget(panel_);
    return page;
}

void FramesStation::showDay() {
    pages_->setCurrentWidget(card_);
    card_->refresh();
    card_->setFocus();
}

void FramesStation::showOnSet() {
    pages_->setCurrentWidget(onSet_);
    onSet_->setFocus();
}

void FramesStation::view(qint64 frame) {
    std::vector<studio::FrameId> among;
    for (const SheetGroup& g : sheet_->groups())
        for (const SheetFrame& f : g.frames) among.push_back(f.id);
    if (const auto* f = session_.studio()->contents().find<studio::Frame>(frame); f && f->setup != 0)
        session_.select(f->setup);
    pages_->setCurrentWidget(viewer_);
    viewer_->show(frame, std::move(among));
}

QWidget* FramesStation::buildBar() {
    auto* bar = new QWidget(this);
    auto* lines = new QVBoxLayout(bar);
    lines->setContentsMargins(16, 8, 16, 8);
    lines->setSpacing(8);
    lines->addLayout(buildIntakeRow(bar));
    lines->addLayout(buildShownRow(bar));
    return bar;
}

QHBoxLayout* FramesStation::buildIntakeRow(QWidget* bar) {
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    auto* in = new look::Button(look::Button::Kind::plain, tr("Import frames"), bar);
    in->setObjectName(QStringLiteral("bringIn"));
    in->setToolTip(tr("Or drop files, folders or a card on the window."));
    row->addWidget(in);
    where_ = new QComboBox(bar);
    where_->setObjectName(QStringLiteral("framesWhere"));
    where_->setAccessibleName(tr("What becomes of the files"));
    where_->addItems({tr("Files stay in place"), tr("Copy them, verified, to...")});
    where_->setToolTip(tr("A verified copy is read again from the disk and compared."));
    row->addWidget(where_);
    auto* onSet = new look::Button(look::Button::Kind::plain, tr("On set"), bar);
    onSet->setObjectName(QStringLiteral("onSet"));
    onSet->setToolTip(tr("Watch the folder that a camera shoots into, and judge every chart shot at once."));
    row->addWidget(onSet);
    connect(onSet, &QAbstractButton::clicked, this, &FramesStation::showOnSet);
    row->addStretch(1);
    progress_ = new look::Label({}, look::Size::small);
    progress_->setObjectName(QStringLiteral("intakeProgress"));
    progress_->setWordWrap(false);
    progress_->setMinimumWidth(40);
    row->addWidget(progress_);
    stop_ = new look::Button(look::Button::Kind::plain, tr("Stop"), bar);
    stop_->setObjectName(QStringLiteral("stopIntake"));
    stop_->setToolTip(tr("What came in so far stays."));
    stop_->hide();
    row->addWidget(stop_);
    connect(in, &QAbstractButton::clicked, this, [this] {
        const QStringList paths = dialogs_.openFrames(this);
        if (!paths.isEmpty()) bringIn(paths);
    });
    connect(where_, &QComboBox::activated, this, &FramesStation::chooseWhere);
    connect(stop_, &QAbstractButton::clicked, &session_.intake(), &IntakeActions::stop);
    return row;
}

QHBoxLayout* FramesStation::buildShownRow(QWidget* bar) {
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    show_ = new QComboBox(bar);
    show_->setObjectName(QStringLiteral("framesShown"));
    show_->setAccessibleName(tr("Frames shown"));
    show_->addItems(
        {tr("All frames"), tr("Chart frames"), tr("In no setup"), tr("Doubtful"), tr("Grey cards")});
    row->addWidget(show_);
    order_ = new QComboBox(bar);
    order_->setObjectName(QStringLiteral("framesOrder"));
    order_->setAccessibleName(tr("Order of the frames"));
    order_->addItems({tr("By time"), tr("By name"), tr("Charts first")});
    row->addWidget(order_);
    count_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    count_->setObjectName(QStringLiteral("framesCount"));
    count_->setWordWrap(false);
    count_->setMinimumWidth(40);
    row->addWidget(count_, 1);
    connect(show_, &QComboBox::activated, this, &FramesStation::refresh);
    connect(order_, &QComboBox::activated, this, &FramesStation::refresh);
    return row;
}

QWidget* FramesStation::buildPanel() {
    auto* panel = new QWidget(this);
    panel->setFixedWidth(look::kFindingsWidth);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(16, 16, 16, 16);
    column->setSpacing(3 * look::kStep);
    title_ = new look::Label({}, look::Size::title, look::Label::Tone::loud, QFont::DemiBold);
    title_->setObjectName(QStringLiteral("frameTitle"));
    facts_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    setup_ = new QComboBox(panel);
    setup_->setObjectName(QStringLiteral("frameSetup"));
    setup_->setAccessibleName(tr("Setup of the chosen frames"));
    reason_ = new look::Label({}, look::Size::body);
    reason_->setObjectName(QStringLiteral("frameReason"));
    doubt_ = new look::Label({}, look::Size::body, look::Label::Tone::loud, QFont::Medium);
    doubt_->setObjectName(QStringLiteral("frameDoubt"));
    clock_ = new Form(panel);
    clock_->addText({QStringLiteral("cameraClock"),
                     tr("Camera clock slow by"),
                     {},
                     tr("How far this camera's clock was behind, as 0:03:20; -1:00:00 where it "
                        "was ahead. All frames of this body move, and "
                        "are sorted anew.")});
    connect(clock_, &Form::entered, this, [this](const QString&, const QString& text) { setClock(text); });
    begin_ = new look::Button(look::Button::Kind::plain, tr("New setup from selection"), panel);
    begin_->setObjectName(QStringLiteral("beginSetup"));
    begin_->setToolTip(tr("A new setup with their body and lens; name it with F2."));
    connect(begin_, &QAbstractButton::clicked, this, [this] {
        const auto chosen = sheet_->chosen();
        session_.intake().beginSetupWith({chosen.begin(), chosen.end()});
    });
    acceptOne_ = new look::Button(look::Button::Kind::plain, tr("Begin this proposed setup"), panel);
    acceptOne_->setObjectName(QStringLiteral("acceptOneSetup"));
    acceptOne_->setToolTip(tr("With all of its frames; its chart shot is read."));
    connect(acceptOne_, &QAbstractButton::clicked, this,
            [this] { session_.intake().acceptProposals(chosenAmong(session_.intake().proposals())); });
    hand_ = new look::Button(look::Button::Kind::plain, tr("Hand over"), panel);
    hand_->setObjectName(QStringLiteral("handOverChosen"));
    hand_->setToolTip(tr("To the handover, with these frames as what goes out."));
    connect(hand_, &QAbstractButton::clicked, this, [this] {
        const auto frames = chosenSubjects();
        if (frames.empty()) return;
        const auto* first = session_.studio()->contents().find<studio::Frame>(frames.front());
        session_.select(session_.correctedBy(first->setup));
        emit handoverWanted(frames);
    });
    problems_ = new ProblemLines("frameProblems", tr("What could not be brought in"), panel);
    for (QWidget* w :
         {static_cast<QWidget*>(title_), static_cast<QWidget*>(facts_), static_cast<QWidget*>(setup_),
          static_cast<QWidget*>(reason_), static_cast<QWidget*>(doubt_), static_cast<QWidget*>(acceptOne_),
          static_cast<QWidget*>(begin_), static_cast<QWidget*>(hand_), static_cast<QWidget*>(clock_),
          static_cast<QWidget*>(problems_)})
        column->addWidget(w);
    column->setAlignment(acceptOne_, Qt::AlignLeft);
    column->setAlignment(begin_, Qt::AlignLeft);
    column->setAlignment(hand_, Qt::AlignLeft);
    column->addStretch(1);
    connect(setup_, &QComboBox::activated, this, &FramesStation::moveChosen);
    return panel;
}

QWidget* FramesStation::buildEmpty() {
    auto* empty = new QWidget(this);
    auto* column = new QVBoxLayout(empty);
    column->setContentsMargins(48, 0, 48, 0);
    column->setSpacing(3 * look::kStep);
    column->addStretch(2);
    column->addWidget(new look::Label(tr("Drop the day's card here"), look::Size::huge,
                                      look::Label::Tone::loud, QFont::DemiBold));
    column->addWidget(
        new look::Label(told("Files, folders or a whole card. Refero finds the chart shots and the slates, "
                             "and sorts every frame into its setup by slate, body, lens and time, with the "
                             "reason. The files stay where they are, or are copied and each copy compared."),
                        look::Size::title));
    column->addStretch(3);
    return empty;
}

void FramesStation::chooseWhere(int index) {
    if (index == 0) {
        copyTo_.clear();
    } else {
        const QString folder = dialogs_.openFolder(this, tr("Copy the frames into"));
        if (!folder.isEmpty()) copyTo_ = folder;
    }
    const QSignalBlocker block(where_);
    where_->setItemText(1, copyTo_.isEmpty() ? tr("Copy them, verified, to...")
                                             : tr("Copy to %1").arg(QDir(copyTo_).dirName()));
    where_->setCurrentIndex(copyTo_.isEmpty() ? 0 : 1);
    where_->setToolTip(copyTo_.isEmpty() ? tr("A verified copy is read again and compared.") : copyTo_);
}

void FramesStation::bringIn(const QStringList& paths) {
    session_.intake().bringIn(paths, copyTo_);
}

void FramesStation::setClock(const QString& text) {
    const auto chosen = sheet_->chosen();
    const auto seconds = durationFrom(text);
    clock_->setMessage(QStringLiteral("cameraClock"),
                       seconds ? QString() : QString::fromStdString(seconds.error().message));
    if (seconds && !chosen.empty()) session_.intake().setCameraClock(chosen.front(), *seconds);
}

void FramesStation::refresh() {
    if (!isVisible() || !session_.studio()) return;
    int all = 0, charts = 0, loose = 0, doubted = 0;
    doubts_.clear();
    const studio::Doubts doubts(session_.studio()->contents(), session_.day());
    for (const auto& [id, f] : session_.studio()->contents().all<studio::Frame>()) {
        if (f.shoot != session_.shootId()) continue;
        ++all;
        charts += f.role == studio::FrameRole::chart;
        loose += f.setup == 0;
        const QString doubt = text(doubts.of(f));
        doubted += !doubt.isEmpty();
        doubts_[id] = doubt;
    }
    count_->setText(told("%1 frames, %2 with a chart, %3 in no setup, %4 doubtful")
                        .arg(all)
                        .arg(charts)
                        .arg(loose)
                        .arg(doubted));
    count_->setVisible(all > 0);
    show_->setVisible(all > 0);
    order_->setVisible(all > 0);
    sheet_->setVisible(all > 0);
    empty_->setVisible(all == 0);
    sheet_->setGroups(sheetGroups(session_, doubts_, static_cast<FramesShown>(show_->currentIndex()),
                                  static_cast<FramesOrder>(order_->currentIndex())));
    offers_->refresh();
    showChosen();
}

QString FramesStation::chartName(const std::string& id) const {
    for (const Chart& c : session_.reading().charts())
        if (c.id == id) return text(c.name);
    return text(id);
}

// As the plan has it, which says where a setup is.
std::optional<int> FramesStation::clockOf(studio::SetupId setup) const {
    const plan::Day& day = session_.day();
    for (const plan::Setup& s : day.setups)
        for (const plan::Place& p : day.places)
            if (s.id == setup && p.id == s.conditions.place) return p.offsetMinutes;
    return {};
}

void FramesStation::showChosen() {
    const auto chosen = sheet_->chosen();
    const auto* f =
        chosen.empty() ? nullptr : session_.studio()->contents().find<studio::Frame>(chosen.front());
    const bool one = chosen.size() == 1 && f;
    title_->setText(!f    ? tr("No frame chosen")
                    : one ? QFileInfo(text(f->path)).fileName()
                          : told("%1 frames").arg(chosen.size()));
    facts_->setText(one ? factsOf(*f, chartName(f->chart), clockOf(f->setup))
                    : f ? QString()
                        : tr("Drag frames onto another setup to correct what was sorted wrongly."));
    facts_->setToolTip(one ? text(f->path) : QString());
    reason_->setText(one ? text(f->because) : QString());
    doubt_->setText(one ? doubts_[f->id] : QString());
    for (QLabel* l :
         {static_cast<QLabel*>(facts_), static_cast<QLabel*>(reason_), static_cast<QLabel*>(doubt_)})
        l->setVisible(!l->text().isEmpty());
    begin_->setVisible(f && std::all_of(chosen.begin(), chosen.end(), [&](qint64 id) {
                           const auto* frame = session_.studio()->contents().find<studio::Frame>(id);
                           return frame && frame->setup == 0;
                       }));
    hand_->setVisible(!chosenSubjects().empty());
    clock_->setVisible(f && !f->taken.empty());
    if (f) clock_->setText(QStringLiteral("cameraClock"), durationText(f->clockSeconds));
    const QSignalBlocker block(setup_);
    setup_->setVisible(f);
    setup_->clear();
    setups_.assign(1, 0);
    setup_->addItem(tr("In no setup"));
    for (const Setup& s : session_.setups()) {
        setups_.push_back(s.id);
        setup_->addItem(text(s.light));
        if (f && f->setup == s.id) setup_->setCurrentIndex(setup_->count() - 1);
    }
    const auto all =
        session_.intake().running() ? std::vector<plan::SetupProposal>() : session_.intake().proposals();
    const auto proposed = chosenAmong(all);
    acceptOne_->setVisible(proposed.has_value());
    if (!proposed) return;
    for (std::size_t i = 0; i < all.size(); ++i) {
        if (all[i].body != all[*proposed].body || all[i].serial != all[*proposed].serial) continue;
        setups_.push_back(proposalKey(i));
        setup_->addItem(tr("Proposed: %1").arg(text(workflow::reasonOf(all[i]))));
        if (i == *proposed) setup_->setCurrentIndex(setup_->count() - 1);
    }
    setups_.push_back(kNewProposal);
    setup_->addItem(tr("A light of its own"));
}

// Of the chosen frames, those that a correction is for.
std::vector<studio::FrameId> FramesStation::chosenSubjects() const {
    std::vector<studio::FrameId> out;
    for (const qint64 id : sheet_->chosen()) {
        const auto* f = session_.studio()->contents().find<studio::Frame>(id);
        if (f && f->setup != 0 && f->role != studio::FrameRole::chart) out.push_back(id);
    }
    return out;
}

void FramesStation::moveChosen(int index) {
    const auto chosen = sheet_->chosen();
    moveTo({chosen.begin(), chosen.end()}, setups_[static_cast<std::size_t>(index)]);
}

// Into a setup, or among what is only proposed.
void FramesStation::moveTo(const std::vector<studio::FrameId>& frames, studio::SetupId where) {
    if (where == kNewProposal)
        session_.intake().splitProposal(frames);
    else if (where < 0)
        session_.intake().joinProposal(frames, proposalOf(where.number()));
    else
        session_.intake().putFrames(frames, where);
}

// The proposal that all chosen frames are in.
std::optional<std::size_t> FramesStation::chosenAmong(const std::vector<plan::SetupProposal>& all) const {
    const auto chosen = sheet_->chosen();
    if (chosen.empty()) return {};
    for (std::size_t i = 0; i < all.size(); ++i)
        if (std::all_of(chosen.begin(), chosen.end(), [&](qint64 id) {
                return std::find(all[i].frames.begin(), all[i].frames.end(), id) != all[i].frames.end();
            }))
            return i;
    return {};
}

void FramesStation::showProgress(int done, int all, qint64 ms) {
    stop_->show();
    problems_->setProblems({});
    progress_->setText(all == 0 ? tr("Looking for files")
                                : tr("Frame %1 of %2").arg(done + 1).arg(all) + timeLeft(ms));
}

void FramesStation::finished(int broughtIn, const QStringList& problems) {
    stop_->hide();
    progress_->setText(told("%1 brought in").arg(broughtIn) +
                       (problems.isEmpty() ? QString() : told(", %1 not").arg(problems.size())));
    problems_->setProblems(problems);
}

void FramesStation::setCompact(bool compact) {
    panel_->setFixedWidth(compact ? look::kFindingsWidthCompact : look::kFindingsWidth);
}

void FramesStation::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

void FramesStation::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), look::palette().ground);
    if (panel_->isVisible())
        p.fillRect(QRect(panel_->mapTo(this, QPoint()), panel_->size()), look::palette().panel);
}

}  // namespace refero
