// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pairing/pairing_station.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/judging/scopes_page.h"
#include "app/look/button.h"
#include "app/look/caption.h"
#include "app/look/label.h"
#include "app/look/strip.h"
#include "app/pairing/cameras_page.h"
#include "app/pairing/pair_choices.h"
#include "app/pairing/pair_text.h"
#include "app/pairing/patches_page.h"
#include "app/pairing/steps_page.h"
#include "app/pairing/truth_page.h"
#include "app/plots/ab_plot.h"
#include "app/plots/certainty_view.h"
#include "app/plots/pair_ladder.h"
#include "app/session/pairing_actions.h"
#include "app/station/figures_panel.h"
#include "app/station/when_seen.h"
#include "core/pair/view.h"
#include "words/pair_words.h"
#include "words/treatment_words.h"
#include "workflow/pairing.h"

namespace refero {
namespace {

// Through the steps that are taken; as it is where there is no match, or none is taken.
Correction followersView(const std::shared_ptr<const Match>& match, const StepSet& taken,
                         const Reading& reading) {
    const bool any = std::any_of(taken.begin(), taken.end(), [](bool t) { return t; });
    if (match && any)
        if (auto c = match->stepwise->with(taken)) return *std::move(c);
    Correction out = asShownCorrection(reading.encoding);
    if (match && !showsItself(reading)) {
        out.gains = match->correction.gains;
        out.level = match->correction.level;
    }
    return out;
}

}  // namespace

PairingStation::PairingStation(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("pairingStation"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    line_ = buildLine();
    column->addWidget(line_);
    choices_ = new PairChoices(session_, dialogs, this);
    column->addWidget(choices_);
    view_ = new PairedView(session_, this);
    panel_ = new FiguresPanel(QStringLiteral("pairing"), tr("the match"), view_, this);
    buildPanel();
    column->addWidget(panel_, 1);

    redraw_ = new QTimer(this);
    redraw_->setSingleShot(true);
    redraw_->setInterval(0);
    connect(redraw_, &QTimer::timeout, this, &PairingStation::draw);
    connectChoices();
    connectPages();
    auto* following = new WhenSeen(this, [this] { refresh(); });
    connect(&session_, &Session::currentChanged, following, &WhenSeen::ask);
    connect(&session_, &Session::changed, following, &WhenSeen::ask);
    connect(&session_, &Session::listChanged, following, &WhenSeen::ask);
    connect(&session_, &Session::displayChanged, this, [this] { redraw_->start(); });
    PairingActions& actions = session_.pairing();
    connect(&actions, &PairingActions::found, this, [this](studio::SetupId id) {
        if (id != session_.currentId()) return;
        match_ = session_.pairing().match(id);
        showMatch();
    });
    connect(&actions, &PairingActions::madeSure, this, [this](studio::SetupId id) {
        if (id != session_.currentId() || !match_) return;
        match_ = session_.pairing().match(id);
        showCertainty();
    });
    connect(&actions, &PairingActions::failed, this, [this](studio::SetupId id, const QString& message) {
        if (id == session_.currentId()) showEmpty(tr("These two cannot be matched"), message);
    });
}

void PairingStation::connectChoices() {
    connect(choices_, &PairChoices::leaderChosen, this, [this] {
        weights_.clear();
        colours_.clear();
        steps_->setHeld({});
        choices_->fillPictures(follower());
        find();
    });
    connect(choices_, &PairChoices::seenChosen, this, [this] {
        leadersColour_.reset();
        find();
    });
    connect(choices_, &PairChoices::arrangementChosen, this, [this] {
        view_->setRegion({});
        redraw_->start();
    });
    connect(choices_, &PairChoices::picturesChosen, this, [this] { redraw_->start(); });
}

// What it comes to, and what to do with it.
QWidget* PairingStation::buildLine() {
    auto* line = new look::Strip(this);
    auto* row = new QHBoxLayout(line);
    row->setContentsMargins(16, 8, 16, 8);
    row->setSpacing(8);
    title_ = new look::Label({}, look::Size::title, look::Label::Tone::loud, QFont::DemiBold, line);
    title_->setObjectName(QStringLiteral("pairTitle"));
    row->addWidget(title_, 1);
    all_ = new look::Button(look::Button::Kind::plain, tr("Match all cameras"), line);
    all_->setObjectName(QStringLiteral("matchAll"));
    all_->setToolTip(tr("Every other camera that has read its chart at this place follows the leader."));
    row->addWidget(all_);
    keep_ = new look::Button(look::Button::Kind::primary, tr("Keep this match"), line);
    keep_->setObjectName(QStringLiteral("keepMatch"));
    row->addWidget(keep_);
    connect(keep_, &QAbstractButton::clicked, this, &PairingStation::proceed);
    connect(all_, &QAbstractButton::clicked, this, [this] {
        const Setup* a = leader();
        if (!a) return;
        std::vector<studio::SetupId> followers;
        for (const Setup& s : session_.setups())
            if (s.id != a->id && s.reading && s.place == a->place) followers.push_back(s.id);
        session_.pairing().matchAll(a->id, followers, choices_->through());
    });
    return line;
}

void PairingStation::buildPanel() {
    auto* panel = new QWidget(panel_);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(12, 0, 12, 12);
    column->setSpacing(8);
    said_ = new look::Label({}, look::Size::small, look::Label::Tone::text, QFont::Normal, panel);
    said_->setObjectName(QStringLiteral("pairSaid"));
    column->addWidget(said_);
    page_ = new QComboBox(panel_);
    page_->setObjectName(QStringLiteral("pairPage"));
    page_->setAccessibleName(tr("What is told of the match"));
    panel_->header()->addWidget(look::caption(tr("Show"), panel_));
    panel_->header()->addWidget(page_);
    panel_->header()->addStretch(1);
    pages_ = new QStackedWidget(panel);
    const auto page = [&](const QString& name, QWidget* content) {
        page_->addItem(name);
        pages_->addWidget(content);
    };
    page(tr("Step by step"), steps_ = new StepsPage(panel));
    page(tr("Patches"), patches_ = new PatchesPage(panel));
    page(tr("Greys and hues"), buildGreys(panel));
    page(tr("Scopes of both"), buildScopes(panel));
    page(tr("All cameras"), cameras_ = new CamerasPage(panel));
    page(tr("Nearer to the truth"), truth_ = new TruthPage(panel));
    page(tr("How sure"), buildCertainty(panel));
    connect(page_, &QComboBox::currentIndexChanged, this, [this](int index) {
        pages_->setCurrentIndex(index);
        showOthers();
    });
    connect(page_, &QComboBox::activated, this, [this] { panel_->setFolded(false); });
    column->addWidget(pages_, 1);
    panel_->setContent(panel);
}

QWidget* PairingStation::buildGreys(QWidget* parent) {
    auto* holder = new QWidget(parent);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    ladder_ = new PairLadder(holder);
    arrows_ = new AbPlot(holder);
    arrows_->setObjectName(QStringLiteral("pairArrows"));
    arrows_->setAccessibleName(tr("From the follower's hues to the leader's"));
    arrows_->setToolTip(
        tr("Ring: what the leader shows. Thin line: from what the follower shows. Dot: after the "
           "match. a* runs from green to red, b* from blue to yellow."));
    column->addWidget(ladder_, 2);
    column->addWidget(arrows_, 3);
    return holder;
}

QWidget* PairingStation::buildCertainty(QWidget* parent) {
    auto* holder = new QWidget(parent);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    certainty_ = new CertaintyView(holder);
    certainty_->setObjectName(QStringLiteral("pairCertainty"));
    column->addWidget(certainty_, 1);
    sure_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet, QFont::Normal, holder);
    sure_->setObjectName(QStringLiteral("pairSure"));
    column->addWidget(sure_);
    return holder;
}

QWidget* PairingStation::buildScopes(QWidget* parent) {
    auto* holder = new QWidget(parent);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    feed_ = new QComboBox(holder);
    feed_->setObjectName(QStringLiteral("pairFeed"));
    feed_->setAccessibleName(tr("What the scopes show"));
    feed_->setToolTip(tr("Shift and drag over the pictures feeds the scopes with that region of both."));
    feed_->addItems({tr("Pictures, or a region of both"), tr("The same patches of both")});
    column->addWidget(feed_, 0, Qt::AlignLeft);
    scopes_ = new ScopesPage(holder);
    scopes_->joinVectors();
    column->addWidget(scopes_, 1);
    connect(feed_, &QComboBox::currentIndexChanged, this, &PairingStation::feedScopes);
    return holder;
}

void PairingStation::connectPages() {
    connect(steps_, &StepsPage::choicesChanged, this, &PairingStation::find);
    connect(steps_, &StepsPage::stepChosen, this, [this] {
        showGreys();
        redraw_->start();
    });
    connect(patches_, &PatchesPage::weighed, this, &PairingStation::weigh);
    connect(view_, &PictureView::regionDrawn, this, &PairingStation::mark);
    connect(view_, &PairedView::failed, said_, &QLabel::setText);
    connect(view_, &PairedView::drawn, this, [this](const std::vector<Scopes>& scopes) {
        drawn_ = scopes;
        feedScopes();
    });
}

void PairingStation::setViewingOnly(bool only) {
    line_->setVisible(!only);
    choices_->setVisible(!only);
    panel_->setPictureAlone(only);
}

void PairingStation::setCompact(bool compact) {
    choices_->setCompact(compact);
    steps_->setCompact(compact);
    patches_->setCompact(compact);
}

void PairingStation::showPage(Page page) {
    panel_->setFolded(false);
    page_->setCurrentIndex(static_cast<int>(page));
}

void PairingStation::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    shown_ = 0;
    refresh();
}

const Setup* PairingStation::leader() const {
    return choices_->leader();
}

const Setup* PairingStation::follower() const {
    return session_.current();
}

void PairingStation::refresh() {
    if (!isVisible()) return;
    const Setup* s = follower();
    const auto id = s ? s->id : studio::SetupId{};
    const bool other = id != shown_;
    shown_ = id;
    if (other) takeUp();
    choices_->fillLeaders(s, other);
    choices_->fillPictures(s);
    showOthers();
    if (!s || !s->reading)
        return showEmpty(
            tr("No reading to follow with"),
            tr("A camera follows by its chart shot. Choose a setup at the left whose chart is read, "
               "or read this one's first."));
    if (!leader())
        return showEmpty(
            tr("Nobody leads yet"),
            tr("Two cameras of one scene are matched by a chart shot of each. Bring in the chart "
               "shot of another camera, as a setup of its own, and read it."));
    find();
}

void PairingStation::takeUp() {
    leadersColour_.reset();
    match_.reset();
    const Setup* s = follower();
    const MatchOptions kept = s ? workflow::choicesOf(*s) : MatchOptions{};
    choices_->setThrough(s ? workflow::leaderTransformOf(*s) : std::nullopt);
    steps_->setHeld(kept.held);
    steps_->setSkin(kept.fit.intent == Intent::skin);
    weights_ = kept.fit.weights;
    colours_ = kept.fit.known;
}

MatchOptions PairingStation::options() const {
    MatchOptions out;
    out.held = steps_->held();
    out.fit.weights = weights_;
    out.fit.known = colours_;
    if (steps_->skin()) out.fit.intent = Intent::skin;
    return out;
}

void PairingStation::find() {
    if (!isVisible() || !leader() || !follower()) return;
    session_.pairing().find(leader()->id, session_.currentId(), options(), choices_->through());
}

void PairingStation::proceed() {
    const Setup* s = follower();
    if (!s || !s->reading || !leader()) return emit readingWanted();
    if (kept_) return emit handoverWanted();
    session_.pairing().keep(s->id);
}

void PairingStation::showEmpty(const QString& title, const QString& said) {
    match_.reset();
    kept_ = false;
    title_->setText(title);
    said_->setText(said);
    const Setup* s = follower();
    const bool two = s && s->reading && leader();
    keep_->setText(two ? tr("Keep this match") : tr("Go to Reading"));
    keep_->setEnabled(!two);
    all_->setEnabled(false);
    steps_->clear();
    patches_->clear();
    truth_->clear();
    ladder_->setSteps({}, {}, {});
    arrows_->setCorrection({});
    scopes_->clear();
    showCertainty();
    redraw_->start();
}

void PairingStation::showMatch() {
    const Setup *a = leader(), *b = follower();
    if (!match_ || !a || !b || !a->reading || !b->reading) return;
    const Correction& c = match_->correction;
    title_->setText(tr("%1 follows %2: %3 apart, %4 after the match")
                        .arg(bodyOf(*b), bodyOf(*a), pairFigure(c.summary.before.mean),
                             pairFigure(c.summary.after.mean)));
    title_->setToolTip(tr("Mean CIEDE2000 over the chart."));
    QStringList said{tr("Expect %1 CIEDE2000 between ordinary colours that are not on the chart.")
                         .arg(pairFigure(c.summary.expectedError)),
                     text(words::sentence(match_->light))};
    if (c.aim.translationError > 0)
        said << tr("The charts are two: translating between them errs by %1 on average.")
                    .arg(pairFigure(c.aim.translationError));
    for (const Treatment& t : c.treatments) said << text(words::sentence(t));
    said_->setText(said.join(QLatin1Char(' ')));
    showKept(*a, *b);
    all_->setEnabled(true);
    steps_->show(*match_);
    patches_->show(*match_);
    showGreys();
    showCertainty();
    showOthers();
    redraw_->start();
}

// Pages that ask for some arithmetic, while they are looked at.
void PairingStation::showOthers() {
    const Setup *a = leader(), *b = follower();
    if (page_->currentIndex() == static_cast<int>(Page::cameras))
        cameras_->show(session_.setups(), b ? b->place : std::string());
    if (page_->currentIndex() == static_cast<int>(Page::truth) && a && b && a->reading && b->reading)
        truth_->show(*a, *b, match_.get());
}

// Of a match with all its steps; of a part of one they are not told.
void PairingStation::showCertainty() {
    certainty_->setCorrection(match_ ? std::optional(match_->correction) : std::nullopt);
    if (!match_)
        sure_->setText({});
    else if (match_->correction.certainty)
        sure_->setText(tr("Bars: 95 % intervals, by drawing the noise of both readings anew."));
    else if (!match_->correction.aim.heldBack.empty())
        sure_->setText(tr("Intervals are told of a match of which no step is held back."));
    else
        sure_->setText(tr("The intervals are being worked out."));
}

// Whether the match is kept already, and what the button does.
void PairingStation::showKept(const Setup& a, const Setup& b) {
    const Correction& c = match_->correction;
    const auto led = workflow::following(b, workflow::leaderOf(b, session_.setups()));
    const bool toThisLeader = led && led->leader == a.id;
    if (toThisLeader && !led->upToDate) said_->setText(text(led->why) + QLatin1Char(' ') + said_->text());
    kept_ = toThisLeader && led->upToDate && b.correction->aim == c.aim &&
            b.correction->weights == c.weights && b.correction->intent == c.intent &&
            std::abs(b.correction->summary.after.mean - c.summary.after.mean) < 1e-9;
    keep_->setText(kept_ ? tr("Hand it over") : toThisLeader ? tr("Match again") : tr("Keep this match"));
    keep_->setToolTip(
        kept_ ? tr("The match is this setup's correction: its frames go out looking like %1.").arg(bodyOf(a))
              : tr("Makes the match this setup's correction, in the place of the one that it has."));
    keep_->setEnabled(true);
}

// Lines at the greys, arrows and links, after the step that is chosen.
void PairingStation::showGreys() {
    const Setup *a = leader(), *b = follower();
    if (!match_ || !a || !b || !b->reading) return;
    Correction seen = match_->correction;
    seen.patches = match_->stepwise->patches(steps_->shown());
    std::vector<ScopeView::Link> links;
    patchesOfLeader_.clear();
    patchesOfFollower_.clear();
    for (const PatchResult& p : seen.patches) {
        patchesOfLeader_.push_back(storedColour(p.reference, OutputSpace::srgb));
        patchesOfFollower_.push_back(storedColour(p.after, OutputSpace::srgb));
        links.push_back({toYCbCr(patchesOfLeader_.back()), toYCbCr(patchesOfFollower_.back())});
    }
    ladder_->setSteps(greyPairs(seen.patches, b->reading->chart), bodyOf(*a), bodyOf(*b));
    arrows_->setCorrection(seen);
    scopes_->setLinks(links);
    feedScopes();
}

// Of the pictures as they are drawn, or of the patches that both show.
void PairingStation::feedScopes() {
    const Setup *a = leader(), *b = follower();
    if (!a || !b) return;
    const bool patches = feed_->currentIndex() == 1;
    if (patches && !patchesOfLeader_.empty())
        return scopes_->setScopes({scopesOf(patchesOfLeader_), scopesOf(patchesOfFollower_)}, bodyOf(*a),
                                  bodyOf(*b));
    if (!drawn_.empty()) scopes_->setScopes(drawn_, bodyOf(*a), bodyOf(*b));
}

void PairingStation::draw() {
    const Setup *a = leader(), *b = follower();
    const QString one = choices_->leadersPicture(), other = choices_->followersPicture();
    if (!a || !b || !a->reading || !b->reading || one.isEmpty() || other.isEmpty()) return view_->clear();
    const Correction leads = match_ && match_->leaderView ? *match_->leaderView
                             : a->correction              ? *a->correction
                                                          : asShownCorrection(a->reading->encoding);
    const QString how = match_ ? steps_->shownInWords() : tr("as it is");
    const auto through = match_ ? session_.pairing().leaderThrough(session_.currentId()) : nullptr;
    view_->show({through ? tr("%1 through %2").arg(bodyOf(*a), text(through->name())) : bodyOf(*a), one,
                 a->reading->encoding, [leads] { return leads; }, through},
                {tr("%1, %2").arg(bodyOf(*b), how), other, b->reading->encoding,
                 [match = match_, taken = steps_->shown(), reading = *b->reading] {
                     return followersView(match, taken, reading);
                 },
                 nullptr},
                choices_->arrangement());
}

// A factor of 0 makes it count once again.
void PairingStation::weigh(const QString& id, double factor) {
    double& weight = weights_.try_emplace(id.toStdString(), 1).first->second;
    weight = factor > 0 ? std::clamp(weight * factor, 1 / 16.0, 16.0) : 1;
    if (weight == 1) weights_.erase(id.toStdString());
    find();
}

// A region over both feeds the scopes; over one alone it is a colour that counts once it is marked in both.
void PairingStation::mark(const QRectF& place) {
    const bool leads = choices_->arrangement() == PairedView::Arrangement::leaderAlone;
    if (!leads && choices_->arrangement() != PairedView::Arrangement::followerAlone) {
        view_->feedWith(view_->shareOf(place));
        return redraw_->start();
    }
    const QString path = leads ? choices_->leadersPicture() : choices_->followersPicture();
    const auto frame = view_->frame(path);
    if (place.isEmpty() || !match_ || !frame) return;
    // The smaller copy that is shown holds what is marked as well.
    const double scale = double(frame->large.width()) / frame->full.width();
    const workflow::Marked marked{
        frame->large,
        {{place.left() * scale, place.top() * scale}, {place.right() * scale, place.bottom() * scale}}};
    if (leads) {
        const auto through = session_.pairing().leaderThrough(session_.currentId());
        const auto colour = through ? workflow::colourMarked(marked, *through)
                                    : workflow::colourMarked(marked, *match_->leaderView);
        if (!colour) return patches_->say(text(colour.error().message));
        leadersColour_ = *colour;
        return patches_->say(
            tr("Marked in the leader's picture. Now see the follower alone and mark the same thing there."));
    }
    if (!leadersColour_) return patches_->say(tr("Mark it in the leader's picture first."));
    const auto colour = workflow::colourMarked(
        marked, path.toStdString(), tr("Colour %1").arg(colours_.size() + 1).toStdString(), *leadersColour_);
    if (!colour) return patches_->say(text(colour.error().message));
    colours_.push_back(*colour);
    leadersColour_.reset();
    patches_->say(tr("It counts four times now."));
    find();
}

}  // namespace refero
