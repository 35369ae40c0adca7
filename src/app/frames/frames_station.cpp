// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/frames/frames_station.h"

#include <QComboBox>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPainter>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/dialogs/dialogs.h"
#include "app/forms/duration_text.h"
#include "app/forms/form.h"
#include "app/frames/card_page.h"
#include "app/frames/frame_viewer.h"
#include "app/frames/offers.h"
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
namespace {

// Groups of the sheet that are no setups yet.
constexpr studio::Id kNewProposal = -1;
studio::Id proposalKey(std::size_t proposal) {
    return -2 - static_cast<studio::Id>(proposal);
}
std::size_t proposalOf(studio::Id key) {
    return static_cast<std::size_t>(-2 - key);
}

// A sentence that goes on.
QString withoutStop(QString sentence) {
    if (sentence.endsWith(QLatin1Char('.'))) sentence.chop(1);
    return sentence;
}

QString secondsText(double s) {
    return s < 0.3 ? QStringLiteral("1/%1 s").arg(std::lround(1 / s)) : QStringLiteral("%1 s").arg(s);
}

// What its file says and what is seen in it, a line each.
QString factsOf(const studio::Frame& f, const QString& chartName) {
    QStringList lines;
    if (!f.taken.empty())
        lines << QStringLiteral("Taken ") +
                     text(f.taken).replace(QLatin1Char('T'), QLatin1Char(' ')).chopped(1) +
                     QStringLiteral(" UTC");
    QStringList camera;
    if (!f.body.empty())
        camera << text(f.body) + (f.serial.empty() ? QString() : QLatin1Char(' ') + text(f.serial));
    if (!f.lens.empty()) camera << text(f.lens);
    if (!camera.isEmpty()) lines << camera.join(QStringLiteral(", "));
    QStringList exposure;
    if (f.exposureSeconds > 0) exposure << secondsText(f.exposureSeconds);
    if (f.fNumber > 0) exposure << QStringLiteral("f/%1").arg(f.fNumber);
    if (f.iso > 0) exposure << QStringLiteral("ISO %1").arg(f.iso);
    if (!f.balance.empty()) exposure << QStringLiteral("balance %1").arg(text(f.balance).toLower());
    if (!f.pictureProfile.empty()) exposure << text(f.pictureProfile);
    if (!exposure.isEmpty()) lines << exposure.join(QStringLiteral(", "));
    if (!f.chart.empty())
        lines << QStringLiteral("Shows %1, %2 % sure").arg(chartName).arg(std::floor(100 * f.certainty));
    if (f.greyCard) lines << QStringLiteral("Shows a plain grey card");
    if (!f.slate.empty()) lines << FramesStation::tr("Shows the slate %1").arg(text(f.slate));
    const io::MediaPath media = io::mediaPath(f.path);
    const bool clip = io::isClip(media.file);
    if (f.pictures > 1)
        lines << (clip ? QStringLiteral("Clip of %1 pictures") : QStringLiteral("Sequence of %1 pictures"))
                     .arg(f.pictures);
    if (media.seconds) lines << QStringLiteral("At %1 s").arg(*media.seconds, 0, 'f', 2);
    lines << QStringLiteral("%1 MB, %2")
                 .arg(double(f.bytes) / 1e6, 0, 'f', 1)
                 .arg(QFileInfo(text(media.file.string())).dir().dirName());
    return lines.join(QLatin1Char('\n'));
}

}  // namespace

FramesStation::FramesStation(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session), dialogs_(dialogs) {
    setObjectName(QStringLiteral("framesStation"));
    auto* whole = new QHBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    pages_ = new QStackedWidget(this);
    pages_->addWidget(buildSheetPage());
    viewer_ = new FrameViewer(session_, dialogs_, pages_);
    pages_->addWidget(viewer_);
    onSet_ = new OnSetPage(session_, dialogs_, pages_);
    pages_->addWidget(onSet_);
    card_ = new CardPage(session_, dialogs_, pages_);
    pages_->addWidget(card_);
    connect(card_, &CardPage::leaveWanted, this, [this] {
        pages_->setCurrentIndex(0);
        sheet_->setFocus();
    });
    connect(card_, &CardPage::setupWanted, this, [this](int id) {
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
        session_.select(static_cast<int>(f->setup));
        emit readingWanted();
    });
    connect(&session_, &Session::displayChanged, sheet_, &ContactSheet::drawAnew);
    connect(sheet_, &ContactSheet::chosenChanged, this, &FramesStation::showChosen);
    connect(sheet_, &ContactSheet::moveWanted, this, [this](const std::vector<qint64>& frames, qint64 setup) {
        moveTo({frames.begin(), frames.end()}, setup);
    });
    connect(&session_.intake(), &IntakeActions::proposalsChanged, this, &FramesStation::refresh);
    connect(sheet_, &ContactSheet::opened, this, &FramesStation::view);
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
    std::vector<studio::Id> among;
    for (const SheetGroup& g : sheet_->groups())
        for (const SheetFrame& f : g.frames) among.push_back(f.id);
    if (const auto* f = session_.studio()->contents().find<studio::Frame>(frame); f && f->setup != 0)
        session_.select(static_cast<int>(f->setup));
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
    auto* in = new look::Button(look::Button::Kind::plain, QStringLiteral("Bring in frames"), bar);
    in->setObjectName(QStringLiteral("bringIn"));
    in->setToolTip(QStringLiteral("Or drop files, folders or a card on the window."));
    row->addWidget(in);
    where_ = new QComboBox(bar);
    where_->setObjectName(QStringLiteral("framesWhere"));
    where_->setAccessibleName(QStringLiteral("What becomes of the files"));
    where_->addItems({QStringLiteral("Files stay in place"), QStringLiteral("Copy them, verified, to...")});
    where_->setToolTip(QStringLiteral("A verified copy is read again from the disk and compared."));
    row->addWidget(where_);
    auto* onSet = new look::Button(look::Button::Kind::plain, QStringLiteral("On set"), bar);
    onSet->setObjectName(QStringLiteral("onSet"));
    onSet->setToolTip(
        QStringLiteral("Watch the folder that a camera shoots into, and judge every chart shot at once."));
    row->addWidget(onSet);
    connect(onSet, &QAbstractButton::clicked, this, &FramesStation::showOnSet);
    row->addStretch(1);
    progress_ = new look::Label({}, look::Size::small);
    progress_->setObjectName(QStringLiteral("intakeProgress"));
    progress_->setWordWrap(false);
    progress_->setMinimumWidth(40);
    row->addWidget(progress_);
    stop_ = new look::Button(look::Button::Kind::plain, QStringLiteral("Stop"), bar);
    stop_->setObjectName(QStringLiteral("stopIntake"));
    stop_->setToolTip(QStringLiteral("What came in so far stays."));
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
    show_->setAccessibleName(QStringLiteral("Frames shown"));
    show_->addItems({QStringLiteral("All frames"), QStringLiteral("Chart frames"),
                     QStringLiteral("In no setup"), QStringLiteral("Doubtful"),
                     QStringLiteral("Grey cards")});
    row->addWidget(show_);
    order_ = new QComboBox(bar);
    order_->setObjectName(QStringLiteral("framesOrder"));
    order_->setAccessibleName(QStringLiteral("Order of the frames"));
    order_->addItems({QStringLiteral("By time"), QStringLiteral("By name"), QStringLiteral("Charts first")});
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
    setup_->setAccessibleName(QStringLiteral("Setup of the chosen frames"));
    reason_ = new look::Label({}, look::Size::body);
    reason_->setObjectName(QStringLiteral("frameReason"));
    doubt_ = new look::Label({}, look::Size::body, look::Label::Tone::loud, QFont::Medium);
    doubt_->setObjectName(QStringLiteral("frameDoubt"));
    clock_ = new Form(panel);
    clock_->addText({QStringLiteral("cameraClock"),
                     QStringLiteral("Clock behind"),
                     {},
                     QStringLiteral("How far this camera's clock was behind, as 0:03:20; -1:00:00 where it "
                                    "was ahead. All frames of this body move, and "
                                    "are sorted anew.")});
    connect(clock_, &Form::entered, this, [this](const QString&, const QString& text) { setClock(text); });
    begin_ = new look::Button(look::Button::Kind::plain, QStringLiteral("Begin a setup with them"), panel);
    begin_->setObjectName(QStringLiteral("beginSetup"));
    begin_->setToolTip(QStringLiteral("A new setup with their body and lens; name it with F2."));
    connect(begin_, &QAbstractButton::clicked, this, [this] {
        const auto chosen = sheet_->chosen();
        session_.intake().beginSetupWith({chosen.begin(), chosen.end()});
    });
    acceptOne_ = new look::Button(look::Button::Kind::plain, tr("Begin this proposed setup"), panel);
    acceptOne_->setObjectName(QStringLiteral("acceptOneSetup"));
    acceptOne_->setToolTip(tr("With all of its frames; its chart shot is read."));
    connect(acceptOne_, &QAbstractButton::clicked, this,
            [this] { session_.intake().acceptProposals(chosenProposal()); });
    hand_ = new look::Button(look::Button::Kind::plain, QStringLiteral("Hand over"), panel);
    hand_->setObjectName(QStringLiteral("handOverChosen"));
    hand_->setToolTip(QStringLiteral("To the handover, with these frames as what goes out."));
    connect(hand_, &QAbstractButton::clicked, this, [this] {
        const auto frames = chosenSubjects();
        if (frames.empty()) return;
        const auto* first = session_.studio()->contents().find<studio::Frame>(frames.front());
        session_.select(session_.correctedBy(static_cast<int>(first->setup)));
        emit handoverWanted(frames);
    });
    problems_ = new look::Label({}, look::Size::small, look::Label::Tone::text);
    problems_->setObjectName(QStringLiteral("frameProblems"));
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
    column->addWidget(new look::Label(QStringLiteral("Drop the day's card here"), look::Size::huge,
                                      look::Label::Tone::loud, QFont::DemiBold));
    column->addWidget(new look::Label(
        QStringLiteral(
            "Files, folders or a whole card. Refero finds the chart shots and the slates, and sorts every "
            "frame into "
            "its setup by slate, body, lens and time, with the reason. The files stay where they are, or are "
            "copied "
            "and each copy compared."),
        look::Size::title));
    column->addStretch(3);
    return empty;
}

void FramesStation::chooseWhere(int index) {
    if (index == 0) {
        copyTo_.clear();
    } else {
        const QString folder = dialogs_.openFolder(this, QStringLiteral("Copy the frames into"));
        if (!folder.isEmpty()) copyTo_ = folder;
    }
    const QSignalBlocker block(where_);
    where_->setItemText(1, copyTo_.isEmpty() ? QStringLiteral("Copy them, verified, to...")
                                             : QStringLiteral("Copy to %1").arg(QDir(copyTo_).dirName()));
    where_->setCurrentIndex(copyTo_.isEmpty() ? 0 : 1);
    where_->setToolTip(copyTo_.isEmpty() ? QStringLiteral("A verified copy is read again and compared.")
                                         : copyTo_);
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

bool FramesStation::isShown(const studio::Frame& f, const QString& doubt) const {
    switch (static_cast<Show>(show_->currentIndex())) {
        case Show::charts:
            return f.role == studio::FrameRole::chart;
        case Show::loose:
            return f.setup == 0;
        case Show::doubted:
            return !doubt.isEmpty();
        case Show::cards:
            return f.greyCard;
        case Show::all:
            break;
    }
    return true;
}

void FramesStation::order(std::vector<const studio::Frame*>& frames) const {
    const auto by = static_cast<Order>(order_->currentIndex());
    const auto name = [](const studio::Frame& f) { return f.path.substr(f.path.rfind('/') + 1); };
    std::stable_sort(frames.begin(), frames.end(), [&](const studio::Frame* a, const studio::Frame* b) {
        if (by == Order::name) return name(*a) < name(*b);
        if (by == Order::certainty && a->certainty != b->certainty) return a->certainty > b->certainty;
        return a->taken < b->taken;
    });
}

std::vector<SheetGroup> FramesStation::groups() {
    std::vector<SheetGroup> out;
    std::map<studio::Id, std::size_t> at;
    for (const Setup& s : session_.setups()) {
        at[s.id] = out.size();
        out.push_back({s.id, text(s.light), text(s.place), {}});
    }
    // What is proposed stands under its reason; frames are dragged from one to the other, or to a new one.
    std::map<studio::Id, std::size_t> proposed;  // by frame
    const auto proposals =
        session_.intake().running() ? std::vector<plan::SetupProposal>() : session_.intake().proposals();
    for (std::size_t i = 0; i < proposals.size(); ++i) {
        const plan::SetupProposal& p = proposals[i];
        for (const studio::Id id : p.frames) proposed[id] = out.size();
        const Setup* joins = session_.setup(static_cast<int>(p.setup));
        const QString who =
            p.body.empty() ? tr("a camera without a name") : text(p.body + " " + p.serial).trimmed();
        out.push_back(
            {proposalKey(i),
             joins ? tr("Proposed for %1").arg(text(joins->light))
                   : tr("Proposed: %1").arg(p.lens.empty() ? who : who + QStringLiteral(", ") + text(p.lens)),
             withoutStop(text(workflow::reasonOf(p))),
             {}});
    }
    if (!proposals.empty())
        out.push_back({kNewProposal, tr("A light of its own"), tr("drop frames here"), {}});
    out.push_back({0, QStringLiteral("In no setup"), {}, {}});
    std::vector<const studio::Frame*> shown;
    for (const auto& [id, f] : session_.studio()->contents().all<studio::Frame>())
        if (f.shoot == session_.shootId() && isShown(f, doubts_[id])) shown.push_back(&f);
    order(shown);
    for (const studio::Frame* f : shown) {
        const auto found = at.find(f->setup);
        const auto offered = proposed.find(f->id);
        SheetGroup& g = out[found != at.end()           ? found->second
                            : offered != proposed.end() ? offered->second
                                                        : out.size() - 1];
        const QString& doubt = doubts_[f->id];
        const QString file = QFileInfo(text(io::mediaPath(f->path).file.string())).fileName();
        g.frames.push_back(
            {f->id, text(f->path), thumbnailKey(f->sha256, f->path),
             f->pictures > 1 ? QStringLiteral("%1, %2").arg(file).arg(f->pictures) : file,
             text(f->because) + (doubt.isEmpty() ? QString() : QStringLiteral("\nBut: ") + doubt),
             f->role == studio::FrameRole::chart, !doubt.isEmpty()});
    }
    for (SheetGroup& g : out) {
        if (g.setup == kNewProposal) continue;
        g.detail = (g.detail.isEmpty() ? QString() : g.detail + QStringLiteral(", ")) +
                   QStringLiteral("%1 %2")
                       .arg(g.frames.size())
                       .arg(g.frames.size() == 1 ? QStringLiteral("frame") : QStringLiteral("frames"));
    }
    std::erase_if(out, [&](const SheetGroup& g) {
        return g.frames.empty() &&
               (g.setup == 0 || (g.setup < 0 && g.setup != kNewProposal) || show_->currentIndex() != 0);
    });
    return out;
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
    count_->setText(QStringLiteral("%1 frames, %2 with a chart, %3 in no setup, %4 doubtful")
                        .arg(all)
                        .arg(charts)
                        .arg(loose)
                        .arg(doubted));
    count_->setVisible(all > 0);
    show_->setVisible(all > 0);
    order_->setVisible(all > 0);
    sheet_->setVisible(all > 0);
    empty_->setVisible(all == 0);
    sheet_->setGroups(groups());
    offers_->refresh();
    showChosen();
}

QString FramesStation::chartName(const std::string& id) const {
    for (const Chart& c : session_.reading().charts())
        if (c.id == id) return text(c.name);
    return text(id);
}

void FramesStation::showChosen() {
    const auto chosen = sheet_->chosen();
    const auto* f =
        chosen.empty() ? nullptr : session_.studio()->contents().find<studio::Frame>(chosen.front());
    const bool one = chosen.size() == 1 && f;
    title_->setText(!f    ? QStringLiteral("No frame chosen")
                    : one ? QFileInfo(text(f->path)).fileName()
                          : QStringLiteral("%1 frames").arg(chosen.size()));
    facts_->setText(
        one ? factsOf(*f, chartName(f->chart))
        : f ? QString()
            : QStringLiteral("Drag frames onto another setup to correct what was sorted wrongly."));
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
    setup_->addItem(QStringLiteral("In no setup"));
    for (const Setup& s : session_.setups()) {
        setups_.push_back(s.id);
        setup_->addItem(text(s.light));
        if (f && f->setup == s.id) setup_->setCurrentIndex(setup_->count() - 1);
    }
    const auto proposed = chosenProposal();
    acceptOne_->setVisible(proposed.has_value());
    if (!proposed) return;
    const auto all = session_.intake().proposals();
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
std::vector<studio::Id> FramesStation::chosenSubjects() const {
    std::vector<studio::Id> out;
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
void FramesStation::moveTo(const std::vector<studio::Id>& frames, studio::Id where) {
    if (where == kNewProposal)
        session_.intake().splitProposal(frames);
    else if (where < 0)
        session_.intake().joinProposal(frames, proposalOf(where));
    else
        session_.intake().putFrames(frames, where);
}

// The proposal that all chosen frames are in.
std::optional<std::size_t> FramesStation::chosenProposal() const {
    const auto chosen = sheet_->chosen();
    if (chosen.empty() || session_.intake().running()) return {};
    const auto all = session_.intake().proposals();
    for (std::size_t i = 0; i < all.size(); ++i)
        if (std::all_of(chosen.begin(), chosen.end(), [&](qint64 id) {
                return std::find(all[i].frames.begin(), all[i].frames.end(), id) != all[i].frames.end();
            }))
            return i;
    return {};
}

void FramesStation::showProgress(int done, int all, qint64 ms) {
    stop_->show();
    problems_->setText({});
    progress_->setText(all == 0 ? QStringLiteral("Looking for files")
                                : QStringLiteral("Frame %1 of %2").arg(done + 1).arg(all) + timeLeft(ms));
}

void FramesStation::finished(int broughtIn, const QStringList& problems) {
    stop_->hide();
    progress_->setText(QStringLiteral("%1 brought in").arg(broughtIn) +
                       (problems.isEmpty() ? QString() : QStringLiteral(", %1 not").arg(problems.size())));
    constexpr int kNamed = 12;
    QString text = problems.isEmpty() ? QString()
                                      : QStringLiteral("Not brought in:\n") +
                                            problems.mid(0, kNamed).join(QLatin1Char('\n'));
    if (problems.size() > kNamed) text += QStringLiteral("\nand %1 more").arg(problems.size() - kNamed);
    problems_->setText(text);
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
