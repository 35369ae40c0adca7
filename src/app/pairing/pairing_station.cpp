// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pairing/pairing_station.h"

#include <QAction>
#include <QCheckBox>
#include <QComboBox>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QSignalBlocker>
#include <QSplitter>
#include <QStackedWidget>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

#include "app/judging/scopes_page.h"
#include "app/look/button.h"
#include "app/look/caption.h"
#include "app/look/label.h"
#include "app/plots/ab_plot.h"
#include "app/plots/pair_ladder.h"
#include "app/session/pairing_actions.h"
#include "app/settings/own_settings.h"
#include "app/tables/row_table.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/pair/nearness.h"
#include "core/pair/view.h"
#include "core/plan/moment.h"
#include "core/read/spot.h"
#include "words/pair_words.h"
#include "words/treatment_words.h"
#include "workflow/pairing.h"

namespace refero {
namespace {

enum Layouts { wipe, checker, sideBySide, leaderAlone, followerAlone };

const QString kSplitterKey = QStringLiteral("pairing/splitter");

QString figure(double v) {
    return QString::number(v, 'f', 2).replace(QLatin1Char('-'), QChar(0x2212));
}

QString figure(const std::optional<double>& v) {
    return v ? figure(*v) : QStringLiteral("–");
}

QString bodyOf(const Setup& s) {
    return text(s.body.empty() ? s.light : s.body);
}

QString titleOf(const Setup& s) {
    QString out = bodyOf(s);
    if (!s.body.empty() && !s.light.empty()) out += QStringLiteral(", ") + text(s.light);
    return out;
}

std::optional<double> secondsOf(const studio::Contents& contents, const std::string& path) {
    for (const auto& [id, f] : contents.all<studio::Frame>())
        if (f.path == path)
            if (const auto moment = plan::momentFrom(f.taken))
                return static_cast<double>(moment->time_since_epoch().count());
    return {};
}

// A picture's own encoding; of linear frames, what the correction is for.
Transfer encodingOf(const Setup& s) {
    return s.reading ? s.reading->encoding : Transfer();
}

}  // namespace

PairingStation::PairingStation(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      steps_({{tr("Step"), tr("In the order of the trade. A step that is not ticked is held back."), false},
              {tr("All"), tr("Mean CIEDE2000 between the two cameras over the chart after this step.")},
              {tr("Greys"), tr("The same over the greys.")},
              {tr("Skin"), tr("The same over skin.")},
              {tr("Its own"), tr("The same over the hue that this step is for.")}},
             this),
      patches_(
          {{tr("Patch"), tr("Patches and marked colours, the farthest apart first."), false},
           {tr("Before"), tr("CIEDE2000 between the two cameras as they are.")},
           {tr("After"), tr("The same after the steps that are taken.")},
           {tr("Unseen"), tr("The same where the match did not see this patch.")},
           {tr("Cannot meet"),
            tr("What no transform of the follower's numbers can take away of surfaces like this: its sensor "
               "sees them as one, the leader's does not. By the sensitivities that the chart tells.")},
           {tr("Counts"), tr("How often it counts in the match.")}},
          this),
      cameras_({{tr("Pair"), {}, false},
                {tr("Before"), tr("Mean CIEDE2000 between the two as they show themselves.")},
                {tr("Now"), tr("The same with the corrections that are kept.")}},
               this),
      truth_({{tr("Colours"), {}, false},
              {tr("Leader"), {}},
              {tr("Follower"), {}},
              {tr("Difference"), tr("95 % interval of the leader's less the follower's difference.")},
              {tr("Nearer"), tr("Told only where the interval leaves out 0."), false}},
             this) {
    setObjectName(QStringLiteral("pairingStation"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    bar_ = buildBar();
    column->addWidget(bar_);
    splitter_ = new QSplitter(Qt::Horizontal, this);
    splitter_->setObjectName(QStringLiteral("pairingSplitter"));
    splitter_->setChildrenCollapsible(false);
    splitter_->setHandleWidth(5);
    compare_ = new CompareView(splitter_);
    compare_->setObjectName(QStringLiteral("pairedView"));
    compare_->setAccessibleName(tr("Both cameras"));
    compare_->setToolTip(tr(
        "Drag the edge to wipe; hold F or the space bar to flick to the leader. Alone, Shift and drag marks "
        "a colour: first in the leader's picture, then in the follower's."));
    compare_->allowRegions();
    compare_->setMinimumWidth(320);
    splitter_->addWidget(compare_);
    panel_ = buildPanel();
    splitter_->addWidget(panel_);
    splitter_->setStretchFactor(0, 1);
    splitter_->setStretchFactor(1, 0);
    splitter_->setSizes({700, 360});
    splitter_->restoreState(ownSettings().value(kSplitterKey).toByteArray());
    connect(splitter_, &QSplitter::splitterMoved, this,
            [this] { ownSettings().setValue(kSplitterKey, splitter_->saveState()); });
    column->addWidget(splitter_, 1);

    redraw_ = new QTimer(this);
    redraw_->setSingleShot(true);
    redraw_->setInterval(0);
    connect(redraw_, &QTimer::timeout, this, &PairingStation::draw);
    connect(compare_, &PictureView::regionDrawn, this, &PairingStation::markColour);
    connect(&session_, &Session::currentChanged, this, [this] { refresh(); });
    connect(&session_, &Session::changed, this, [this](int) { refresh(); });
    connect(&session_, &Session::listChanged, this, [this] { refresh(); });
    connect(&session_, &Session::displayChanged, this, [this] { redraw_->start(); });
    PairingActions& actions = session_.pairing();
    connect(&actions, &PairingActions::found, this, [this](int id) {
        if (id != session_.currentId()) return;
        match_ = session_.pairing().match(id);
        showMatch();
    });
    connect(&actions, &PairingActions::failed, this, [this](int id, const QString& message) {
        if (id == session_.currentId()) showEmpty(tr("These two cannot be matched"), message);
    });
}

QWidget* PairingStation::buildBar() {
    auto* bar = new QWidget(this);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(16, 8, 16, 8);
    row->setSpacing(8);
    const auto choice = [&](const QString& name, const char* object, const QString& hint, int stretch) {
        row->addWidget(look::caption(name, bar));
        auto* box = new QComboBox(bar);
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(name);
        box->setToolTip(hint);
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        row->addWidget(box, stretch);
        return box;
    };
    leads_ = choice(tr("Leads"), "leaderChoice",
                    tr("The camera whose look is wanted. The setup chosen at the left follows it."), 5);
    layout_ = choice(tr("View"), "pairLayout", tr("How the two pictures share the view."), 3);
    layout_->addItems(
        {tr("Wipe"), tr("Checker"), tr("Side by side"), tr("Leader alone"), tr("Follower alone")});
    leadersPicture_ = choice(tr("Leader's picture"), "leadersPicture",
                             tr("The follower's picture goes along, to the one shot nearest in time."), 3);
    followersPicture_ =
        choice(tr("Follower's"), "followersPicture", tr("Any of the follower's pictures."), 3);
    connect(leads_, &QComboBox::activated, this, [this] {
        leaders_[session_.currentId()] = leads_->currentData().toInt();
        weights_.clear();
        colours_.clear();
        held_ = {};
        fillPictures();
        find();
    });
    connect(layout_, &QComboBox::activated, this, [this] {
        compare_->setRegion({});
        redraw_->start();
    });
    connect(leadersPicture_, &QComboBox::activated, this, [this] {
        const std::string path = leadersPicture_->currentData().toString().toStdString();
        std::vector<workflow::TimedPicture> others;
        for (int i = 0; i < followersPicture_->count(); ++i) {
            const std::string other = followersPicture_->itemData(i).toString().toStdString();
            others.push_back({other, secondsOf(session_.contents(), other)});
        }
        const std::string nearest = workflow::nearestInTime(others, secondsOf(session_.contents(), path));
        followersPicture_->setCurrentIndex(followersPicture_->findData(text(nearest)));
        redraw_->start();
    });
    connect(followersPicture_, &QComboBox::activated, this, [this] { redraw_->start(); });
    return bar;
}

RowTable* PairingStation::table(FigureRows& rows, const char* object, const QString& name,
                                std::initializer_list<int> widths, QWidget* parent) {
    auto* out = new RowTable(parent);
    out->setObjectName(QLatin1String(object));
    out->setAccessibleName(name);
    out->setModel(&rows);
    out->setWidths(widths);
    return out;
}

QWidget* PairingStation::buildSteps(QWidget* parent) {
    auto* holder = new QWidget(parent);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    stepList_ = table(steps_, "pairSteps", tr("Steps of the match"), {0, 46, 50, 44, 58}, holder);
    stepList_->setToolTip(tr("Choose a step to see the pictures after it; untick one to hold it back."));
    column->addWidget(stepList_, 1);
    skin_ = new QCheckBox(tr("Skin counts four times"), holder);
    skin_->setObjectName(QStringLiteral("pairSkin"));
    skin_->setAccessibleName(skin_->text());
    column->addWidget(skin_);
    connect(skin_, &QCheckBox::clicked, this, &PairingStation::find);
    connect(&steps_, &FigureRows::checked, this, [this](const QString& id, bool on) {
        if (const auto step = pairStepById(id.toStdString())) held_[*step] = !on;
        find();
    });
    connect(stepList_->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
            [this](const QModelIndex& now, const QModelIndex& before) {
                if (now.row() == before.row()) return;
                if (match_) showGreys(*match_);
                redraw_->start();
            });
    return holder;
}

QWidget* PairingStation::buildPatches(QWidget* parent) {
    auto* holder = new QWidget(parent);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    patchList_ = table(patches_, "pairPatches", tr("Patches of both"), {0, 50, 46, 54, 90, 54}, holder);
    column->addWidget(patchList_, 1);
    const auto count = [&](const char* object, const QString& name, const QList<QKeySequence>& keys,
                           double factor) {
        auto* action = new QAction(name, patchList_);
        action->setObjectName(QLatin1String(object));
        action->setShortcuts(keys);
        action->setShortcutContext(Qt::WidgetShortcut);
        connect(action, &QAction::triggered, this, [this, factor] { weigh(factor); });
        patchList_->addAction(action);
    };
    patchList_->setContextMenuPolicy(Qt::ActionsContextMenu);
    patchList_->setToolTip(tr("+ and − let the chosen patch count more or less, 0 lets it count once."));
    count("pairMore", tr("Count it twice as often"), {Qt::Key_Plus, Qt::Key_Equal}, 2);
    count("pairLess", tr("Count it half as often"), {Qt::Key_Minus}, 0.5);
    count("pairOnce", tr("Count it once"), {Qt::Key_0}, 0);
    marked_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet, QFont::Normal, holder);
    marked_->setObjectName(QStringLiteral("markedColour"));
    marked_->setText(
        tr("A colour of the scene counts, too: see one picture alone, and mark it with Shift and drag in "
           "both."));
    column->addWidget(marked_);
    return holder;
}

QWidget* PairingStation::buildPanel() {
    auto* panel = new QWidget(splitter_);
    panel->setMinimumWidth(300);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(12, 8, 12, 12);
    column->setSpacing(8);
    title_ = new look::Label({}, look::Size::title, look::Label::Tone::loud, QFont::DemiBold, panel);
    title_->setObjectName(QStringLiteral("pairTitle"));
    column->addWidget(title_);
    said_ = new look::Label({}, look::Size::small, look::Label::Tone::text, QFont::Normal, panel);
    said_->setObjectName(QStringLiteral("pairSaid"));
    column->addWidget(said_);
    auto* buttons = new QHBoxLayout;
    keep_ = new look::Button(look::Button::Kind::primary, tr("Keep this match"), panel);
    keep_->setObjectName(QStringLiteral("keepMatch"));
    all_ = new look::Button(look::Button::Kind::plain, tr("Match all cameras"), panel);
    all_->setObjectName(QStringLiteral("matchAll"));
    all_->setToolTip(tr("Every other camera that has read its chart at this place follows the leader."));
    buttons->addWidget(keep_);
    buttons->addWidget(all_);
    buttons->addStretch(1);
    column->addLayout(buttons);
    page_ = new QComboBox(panel);
    page_->setObjectName(QStringLiteral("pairPage"));
    page_->setAccessibleName(tr("What is told of the match"));
    column->addWidget(page_, 0, Qt::AlignLeft);
    pages_ = new QStackedWidget(panel);
    const auto page = [&](const QString& name, QWidget* content) {
        page_->addItem(name);
        pages_->addWidget(content);
    };
    page(tr("Step by step"), buildSteps(panel));
    page(tr("Patches"), buildPatches(panel));
    auto* greys = new QWidget(panel);
    auto* both = new QVBoxLayout(greys);
    both->setContentsMargins(0, 0, 0, 0);
    ladder_ = new PairLadder(greys);
    arrows_ = new AbPlot(greys);
    arrows_->setObjectName(QStringLiteral("pairArrows"));
    arrows_->setAccessibleName(tr("From the follower's hues to the leader's"));
    arrows_->setToolTip(
        tr("Ring: what the leader shows. Thin line: from what the follower shows. Dot: after the "
           "match. a* runs from green to red, b* from blue to yellow."));
    both->addWidget(ladder_, 2);
    both->addWidget(arrows_, 3);
    page(tr("Greys and hues"), greys);
    auto* fed = new QWidget(panel);
    auto* scopes = new QVBoxLayout(fed);
    scopes->setContentsMargins(0, 0, 0, 0);
    feed_ = new QComboBox(fed);
    feed_->setObjectName(QStringLiteral("pairFeed"));
    feed_->setAccessibleName(tr("What the scopes show"));
    feed_->setToolTip(tr("Shift and drag over the pictures feeds the scopes with that region of both."));
    feed_->addItems({tr("Pictures, or a region of both"), tr("The same patches of both")});
    scopes->addWidget(feed_, 0, Qt::AlignLeft);
    scopes_ = new ScopesPage(fed);
    scopes_->joinVectors();
    scopes->addWidget(scopes_, 1);
    connect(feed_, &QComboBox::currentIndexChanged, this, &PairingStation::feedScopes);
    page(tr("Scopes of both"), fed);
    page(tr("All cameras"), table(cameras_, "pairCameras", tr("Pairs of cameras"), {0, 60, 60}, panel));
    auto* truth = new QWidget(panel);
    auto* told = new QVBoxLayout(truth);
    told->setContentsMargins(0, 0, 0, 0);
    told->addWidget(
        table(truth_, "pairTruth", tr("Who is nearer to the reference"), {0, 54, 62, 96, 66}, truth), 1);
    merged_ = new look::Label({}, look::Size::small, look::Label::Tone::text, QFont::Normal, truth);
    merged_->setObjectName(QStringLiteral("pairMerged"));
    told->addWidget(merged_);
    page(tr("Nearer to the truth"), truth);
    connect(page_, &QComboBox::currentIndexChanged, pages_, &QStackedWidget::setCurrentIndex);
    column->addWidget(pages_, 1);
    connect(keep_, &QAbstractButton::clicked, this, [this] {
        const Setup* s = follower();
        if (!s || !s->reading || !leader()) return emit readingWanted();
        if (!keep_->property("kept").toBool()) return session_.pairing().keep(s->id);
        emit handoverWanted();
    });
    connect(all_, &QAbstractButton::clicked, this, [this] {
        const Setup* a = leader();
        if (!a) return;
        std::vector<int> followers;
        for (const Setup& s : session_.setups())
            if (s.id != a->id && s.reading && s.place == a->place)
                followers.push_back(static_cast<int>(s.id));
        session_.pairing().matchAll(static_cast<int>(a->id), followers);
    });
    return panel;
}

void PairingStation::setViewingOnly(bool only) {
    bar_->setVisible(!only);
    panel_->setVisible(!only);
}

void PairingStation::setCompact(bool compact) {
    panel_->setMinimumWidth(compact ? 260 : 300);
    stepList_->setColumnHidden(3, compact);
    patchList_->setColumnHidden(3, compact);
}

void PairingStation::showPage(Page page) {
    page_->setCurrentIndex(static_cast<int>(page));
}

void PairingStation::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    shown_ = 0;
    refresh();
}

const Setup* PairingStation::leader() const {
    return session_.setup(leads_->currentData().toInt());
}

const Setup* PairingStation::follower() const {
    return session_.current();
}

// What was chosen for this follower, what its correction follows, or another camera of the same place.
void PairingStation::refresh() {
    if (!isVisible()) return;
    const Setup* s = follower();
    const int id = s ? static_cast<int>(s->id) : 0;
    const bool other = id != shown_;
    shown_ = id;
    const QSignalBlocker block(leads_);
    const int before = leads_->currentData().toInt();
    leads_->clear();
    for (const Setup& each : session_.setups())
        if (each.reading && each.id != id) leads_->addItem(titleOf(each), static_cast<int>(each.id));
    int wanted = leaders_.count(id) ? leaders_[id] : 0;
    if (!wanted && s)
        if (const auto led = workflow::following(
                *s, std::vector<workflow::Setup>(session_.setups().begin(), session_.setups().end())))
            wanted = static_cast<int>(led->leader);
    if (!wanted && s)
        for (const Setup& each : session_.setups())
            if (!wanted && each.reading && each.id != id && each.place == s->place && each.body != s->body)
                wanted = static_cast<int>(each.id);
    if (leads_->findData(wanted) < 0) wanted = other ? 0 : before;
    leads_->setCurrentIndex(std::max(0, leads_->findData(wanted)));
    if (other) takeUp();
    fillPictures();
    showCameras();
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
    held_ = kept.held;
    weights_ = kept.fit.weights;
    colours_ = kept.fit.known;
    skin_->setChecked(kept.fit.intent == Intent::skin);
}

MatchOptions PairingStation::options() const {
    MatchOptions out;
    out.held = held_;
    out.fit.weights = weights_;
    out.fit.known = colours_;
    if (skin_->isChecked()) out.fit.intent = Intent::skin;
    return out;
}

void PairingStation::find() {
    if (!isVisible() || !leader() || !follower()) return;
    session_.pairing().find(static_cast<int>(leader()->id), session_.currentId(), options());
}

void PairingStation::showEmpty(const QString& title, const QString& said) {
    match_.reset();
    title_->setText(title);
    said_->setText(said);
    const Setup* s = follower();
    keep_->setProperty("kept", false);
    keep_->setText(s && s->reading && leader() ? tr("Keep this match") : tr("Go to Reading"));
    keep_->setEnabled(!(s && s->reading && leader()));
    all_->setEnabled(false);
    steps_.setRows({});
    patches_.setRows({});
    truth_.setRows({});
    merged_->setText({});
    ladder_->setSteps({}, {}, {});
    arrows_->setCorrection({});
    scopes_->clear();
    redraw_->start();
}

void PairingStation::showMatch() {
    const Setup *a = leader(), *b = follower();
    if (!match_ || !a || !b || !b->reading) return;
    const Correction& c = match_->correction;
    title_->setText(
        tr("%1 follows %2: %3 apart, %4 after the match")
            .arg(bodyOf(*b), bodyOf(*a), figure(c.summary.before.mean), figure(c.summary.after.mean)));
    title_->setToolTip(tr("Mean CIEDE2000 over the chart."));
    QString said = tr("Expect %1 CIEDE2000 between ordinary colours that are not on the chart.")
                       .arg(figure(c.summary.expectedError));
    said += QLatin1Char(' ') + text(words::sentence(match_->light));
    if (c.aim.translationError > 0)
        said += QLatin1Char(' ') + tr("The charts are two: translating between them errs by %1 on average.")
                                       .arg(figure(c.aim.translationError));
    for (const Treatment& t : c.treatments) said += QLatin1Char(' ') + text(words::sentence(t));
    const auto led = workflow::following(
        *b, std::vector<workflow::Setup>(session_.setups().begin(), session_.setups().end()));
    const bool toThisLeader = led && led->leader == a->id;
    if (toThisLeader && !led->upToDate) said = text(led->why) + QLatin1Char(' ') + said;
    said_->setText(said);
    const bool kept = toThisLeader && led->upToDate && b->correction->aim == c.aim &&
                      b->correction->weights == c.weights && b->correction->intent == c.intent &&
                      std::abs(b->correction->summary.after.mean - c.summary.after.mean) < 1e-9;
    keep_->setProperty("kept", kept);
    keep_->setText(kept ? tr("Hand it over") : toThisLeader ? tr("Match again") : tr("Keep this match"));
    keep_->setToolTip(
        kept ? tr("The match is this setup's correction: its frames go out looking like %1.").arg(bodyOf(*a))
             : tr("Makes the match this setup's correction, in the place of the one that it has."));
    keep_->setEnabled(true);
    all_->setEnabled(true);
    showSteps(*match_);
    showPatches(*match_);
    showGreys(*match_);
    showCameras();
    showTruth();
    redraw_->start();
}

void PairingStation::showSteps(const Match& m) {
    std::vector<FigureRow> rows;
    for (const StepFigures& s : m.steps) {
        if (s.step == 0) {
            rows.push_back({QStringLiteral("nothing"),
                            {tr("As they are"), figure(s.mean), figure(s.neutral), figure(s.skin), {}},
                            false,
                            false,
                            {},
                            {}});
            continue;
        }
        const std::size_t step = s.step - 1;
        const bool hue = step >= 4;
        if (hue && !s.hues[step - 4]) continue;  // the chart has none of it
        FigureRow row{
            QString::fromUtf8(pairStepId(step).data(), static_cast<qsizetype>(pairStepId(step).size())),
            {text(words::pairStep(step)), figure(s.mean), figure(s.neutral), figure(s.skin),
             hue ? figure(s.hues[step - 4]) : QString()},
            false,
            held_[step],
            !held_[step],
            {}};
        rows.push_back(std::move(row));
    }
    if (!rows.empty()) rows.back().strong = true;
    const QString chosen = stepList_->currentIndex().data(FigureRows::kIdRole).toString();
    steps_.setRows(std::move(rows));
    if (chosen.isEmpty() && steps_.rowCount() > 0) stepList_->selectRow(steps_.rowCount() - 1);
}

void PairingStation::showPatches(const Match& m) {
    std::vector<PatchResult> all = m.correction.patches;
    std::sort(all.begin(), all.end(), [](const PatchResult& a, const PatchResult& b) {
        return a.differenceAfter > b.differenceAfter;
    });
    std::vector<FigureRow> rows;
    for (const PatchResult& p : all) {
        const auto never = m.unreachable.find(p.id);
        FigureRow row{text(p.id),
                      {text(p.id), figure(p.differenceBefore), figure(p.differenceAfter),
                       p.used ? figure(p.leftOut) : QStringLiteral("–"),
                       never == m.unreachable.end() ? QStringLiteral("–") : figure(never->second),
                       p.used ? QString::number(p.weight, 'g', 3) : tr("no")},
                      false,
                      !p.used,
                      {},
                      {}};
        if (!p.used) row.hint = tr("Not used: clipped, covered or left out in one of the two shots.");
        rows.push_back(std::move(row));
    }
    patches_.setRows(std::move(rows));
}

StepSet PairingStation::shownSteps() const {
    const QString id = stepList_->currentIndex().data(FigureRows::kIdRole).toString();
    StepSet out = allSteps();
    if (id == QLatin1String("nothing")) {
        out = {};
    } else if (stepList_->currentIndex().row() < steps_.rowCount() - 1) {
        if (const auto step = pairStepById(id.toStdString())) out = stepsUpTo(*step);
    }
    for (std::size_t k = 0; k < out.size(); ++k) out[k] = out[k] && !held_[k];
    return out;
}

// Lines at the greys and arrows, after the step that is chosen.
void PairingStation::showGreys(const Match& m) {
    const Setup *a = leader(), *b = follower();
    if (!a || !b || !b->reading) return;
    Correction seen = m.correction;
    const StepSet taken = shownSteps();
    const bool none = std::none_of(taken.begin(), taken.end(), [](bool t) { return t; });
    std::vector<PairLadder::Step> greys;
    std::vector<ScopeView::Link> links;
    const Matrix3 toSrgb = xyzD50ToLinear(OutputSpace::srgb);
    const auto encodedOf = [&](const Lab& lab) -> Vector3 {
        return (toSrgb * toXyz(lab).vector()).unaryExpr([](double x) {
            return encode(Encoding::srgb, std::clamp(x, 0.0, 1.0));
        });
    };
    patchesOfLeader_.clear();
    patchesOfFollower_.clear();
    for (PatchResult& p : seen.patches) {
        p.after = none ? p.before : m.stepwise->lab(p.rgb, taken);
        patchesOfLeader_.push_back(encodedOf(p.reference));
        patchesOfFollower_.push_back(encodedOf(p.after));
        links.push_back({toYCbCr(patchesOfLeader_.back()), toYCbCr(patchesOfFollower_.back())});
        const Patch* patch = b->reading->chart.patch(p.id);
        if (p.role != Role::neutral || !p.used || !patch) continue;
        greys.push_back({patch->labD50.L, p.reference.L, p.after.L,
                         std::hypot(p.reference.a - p.after.a, p.reference.b - p.after.b)});
    }
    std::sort(greys.begin(), greys.end(),
              [](const auto& x, const auto& y) { return x.reference > y.reference; });
    ladder_->setSteps(std::move(greys), bodyOf(*a), bodyOf(*b));
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

void PairingStation::showCameras() {
    std::vector<const workflow::Setup*> read;
    const Setup* s = follower();
    for (const Setup& each : session_.setups())
        if (each.reading && s && each.place == s->place) read.push_back(&each);
    const auto pairs = workflow::pairFigures(read);
    const auto weakest = std::max_element(pairs.begin(), pairs.end(),
                                          [](const auto& x, const auto& y) { return x.after < y.after; });
    std::vector<FigureRow> rows;
    for (const auto& f : pairs) {
        const Setup *one = session_.setup(static_cast<int>(f.first)),
                    *other = session_.setup(static_cast<int>(f.second));
        if (!one || !other) continue;
        const bool worst = &f == &*weakest && pairs.size() > 1;
        rows.push_back(
            {QStringLiteral("%1-%2").arg(f.first).arg(f.second),
             {tr("%1 and %2").arg(titleOf(*one), titleOf(*other)) + (worst ? tr(" (weakest)") : QString()),
              figure(f.before), figure(f.after)},
             worst,
             false,
             {},
             tr("Over %n patches that both show.", nullptr, static_cast<int>(f.patches))});
    }
    cameras_.setRows(std::move(rows));
}

void PairingStation::showTruth() {
    const Setup *a = leader(), *b = follower();
    if (!a || !b || !a->reading || !b->reading) return;
    // Pictures as they show themselves but for their level; others through a correction to reference values.
    const auto seen = [](const Setup& s) {
        const bool own =
            s.correction && s.correction->aim.kind == AimKind::reference && !showsItself(*s.reading);
        return own ? seenThrough(*s.reading, *s.correction) : asShownLevelled(*s.reading);
    };
    const SeenChart one = seen(*a), other = seen(*b);

    std::vector<FigureRow> rows;
    if (const auto groups = nearness(one, other)) {
        for (const GroupNearness& g : *groups) {
            QString name = text(g.group), hint;
            for (const HueSector& s : kRecipeSectors)
                if (s.letters == g.group) hint = text(std::string(s.words));
            if (g.group == "neutral") name = tr("Greys");
            if (g.group == "skin") name = tr("Skin");
            const QString nearer = g.nearer == Nearer::first    ? tr("leader")
                                   : g.nearer == Nearer::second ? tr("follower")
                                                                : tr("not told");
            rows.push_back({text(g.group),
                            {name, figure(g.first), figure(g.second),
                             tr("%1 to %2").arg(figure(g.difference.low), figure(g.difference.high)), nearer},
                            false,
                            g.nearer == Nearer::notTold,
                            {},
                            hint});
        }
        merged_->setText({});
    } else {
        merged_->setText(text(groups.error().message));
    }
    truth_.setRows(std::move(rows));
    const auto merged = [](const SeenChart& chart, const QString& who) {
        QStringList pairs;
        for (const MergedPair& p : mergedPairs(chart))
            if (pairs.size() < 3)
                pairs << tr("%1 and %2 (%3, should be %4)")
                             .arg(text(p.one), text(p.other), QString::number(p.seen, 'f', 1),
                                  QString::number(p.reference, 'f', 1));
        QString out = pairs.isEmpty() ? tr("%1 tells all near colours apart.").arg(who)
                                      : tr("%1 merges %2.").arg(who, pairs.join(QStringLiteral(", ")));
        if (const auto broken = brokenSteps(chart); !broken.empty())
            out += QLatin1Char(' ') + tr("Its greys %1 and %2 lose their step.")
                                          .arg(text(broken.front().one), text(broken.front().other));
        return out;
    };
    if (!merged_->text().isEmpty()) return;
    QString said = merged(one, bodyOf(*a)) + QLatin1Char(' ') + merged(other, bodyOf(*b));
    if (match_)
        said += QLatin1Char(' ') + merged(seenThrough(*b->reading, match_->correction),
                                          tr("After the match %1").arg(bodyOf(*b)));
    merged_->setText(said);
}

void PairingStation::fillPictures() {
    const auto fill = [](QComboBox* box, const Setup* s) {
        const QString before = box->currentData().toString();
        const QSignalBlocker block(box);
        box->clear();
        if (!s) return;
        for (const workflow::Picture& p : s->pictures) box->addItem(titleOf(p), text(p.path));
        box->setCurrentIndex(std::max(0, box->findData(before)));
    };
    fill(leadersPicture_, leader());
    fill(followersPicture_, follower());
}

// The follower through the steps that are shown; as it is where there is no match.
Correction PairingStation::followersView() const {
    const Setup* b = follower();
    if (match_) {
        const StepSet taken = shownSteps();
        const bool none = std::none_of(taken.begin(), taken.end(), [](bool t) { return t; });
        if (!none)
            if (auto c = match_->stepwise->with(taken)) return *std::move(c);
        if (b->reading && !showsItself(*b->reading)) {
            Correction balanced = asShownCorrection(encodingOf(*b));
            balanced.gains = match_->correction.gains;
            balanced.level = match_->correction.level;
            return balanced;
        }
    }
    return asShownCorrection(encodingOf(*b));
}

void PairingStation::draw() {
    const Setup *a = leader(), *b = follower();
    const QString one = leadersPicture_->currentData().toString(),
                  other = followersPicture_->currentData().toString();
    if (!a || !b || !b->reading || one.isEmpty() || other.isEmpty()) {
        ++drawing_;
        return compare_->setPanes(CompareView::Layout::wipe, {}, {});
    }
    const Correction leads = match_ && match_->leaderView ? *match_->leaderView
                             : a->correction              ? *a->correction
                                                          : asShownCorrection(encodingOf(*a));
    struct Drawn {
        Result<PairedPictures> pictures;
        std::map<QString, std::shared_ptr<const SmallFrame>> frames;
    };
    const QString chosen =
        steps_.rowCount() > 0 && stepList_->currentIndex().isValid() &&
                stepList_->currentIndex().row() < steps_.rowCount() - 1
            ? tr("after %1").arg(stepList_->currentIndex().siblingAtColumn(0).data().toString())
            : tr("matched");
    const QString shown = stepList_->currentIndex().row() == 0 ? tr("as it is") : chosen;
    session_.background(
        [one, other, frames = frames_, leads, region = region_, follows = followersView(),
         ea = encodingOf(*a), eb = encodingOf(*b), titleA = bodyOf(*a),
         titleB = QStringLiteral("%1, %2").arg(
             bodyOf(*b), match_ ? shown : tr("as it is"))]() mutable -> std::shared_ptr<Drawn> {
            const auto frame = [&](const QString& path,
                                   const Transfer& encoding) -> Result<std::shared_ptr<const SmallFrame>> {
                auto& kept = frames[path];
                if (kept) return kept;
                auto read = smallFrame(path, nullptr, encoding);
                if (!read) return read;
                return kept = *read;
            };
            const auto frameA = frame(one, ea), frameB = frame(other, eb);
            if (!frameA || !frameB)
                return std::make_shared<Drawn>(
                    Drawn{tl::unexpected(!frameA ? frameA.error() : frameB.error()), std::move(frames)});
            auto pictures = paired({titleA, *frameA, compile(leads, OutputSpace::srgb)},
                                   {titleB, *frameB, compile(follows, OutputSpace::srgb)}, region);
            return std::make_shared<Drawn>(Drawn{std::move(pictures), std::move(frames)});
        },
        [this, job = ++drawing_](const std::shared_ptr<Drawn>& drawn) {
            if (job != drawing_) return;
            constexpr std::size_t kKept = 8;
            frames_ = drawn->frames.size() > kKept ? decltype(frames_){} : drawn->frames;
            if (!drawn->pictures) {
                compare_->setPanes(CompareView::Layout::wipe, {}, {});
                return said_->setText(text(drawn->pictures.error().message));
            }
            PairedPictures& p = *drawn->pictures;
            using L = CompareView::Layout;
            const int layout = layout_->currentIndex();
            if (layout == leaderAlone || layout == followerAlone) {
                compare_->setPanes(L::alone, {p.panes[layout == leaderAlone ? 0 : 1]}, p.full);
            } else {
                compare_->setPanes(layout == wipe      ? L::wipe
                                   : layout == checker ? L::checker
                                                       : L::sideBySide,
                                   p.panes, p.full);
            }
            drawn_ = std::move(p.scopes);
            feedScopes();
        },
        Urgency::now);
}

// A factor of 0 makes it count once again.
void PairingStation::weigh(double factor) {
    const QString id = patchList_->currentIndex().data(FigureRows::kIdRole).toString();
    if (id.isEmpty()) return;
    double& weight = weights_.try_emplace(id.toStdString(), 1).first->second;
    weight = factor > 0 ? std::clamp(weight * factor, 1 / 16.0, 16.0) : 1;
    if (weight == 1) weights_.erase(id.toStdString());
    find();
}

void PairingStation::markColour(const QRectF& place) {
    const int layout = layout_->currentIndex();
    const bool leads = layout == leaderAlone;
    if (!leads && layout != followerAlone) {
        const auto kept = frames_.find(followersPicture_->currentData().toString());
        const QSize full = kept != frames_.end() && kept->second ? kept->second->full : QSize();
        region_ = place.isEmpty() || full.isEmpty()
                      ? QRectF()
                      : QRectF(place.x() / full.width(), place.y() / full.height(),
                               place.width() / full.width(), place.height() / full.height());
        return redraw_->start();
    }
    if (place.isEmpty() || (!leads && layout != followerAlone) || !match_) return;
    const QString path = (leads ? leadersPicture_ : followersPicture_)->currentData().toString();
    const auto kept = frames_.find(path);
    if (kept == frames_.end() || !kept->second) return;
    const SmallFrame& frame = *kept->second;
    const double scale = double(frame.large.width()) / frame.full.width();
    const auto area = areaReading(frame.large, {place.left() * scale, place.top() * scale},
                                  {place.right() * scale, place.bottom() * scale});
    if (!area) return marked_->setText(tr("That place is not in the picture."));
    if (leads) {
        leadersColour_ = match_->leaderView->toLab(area->mean);
        return marked_->setText(
            tr("Marked in the leader's picture. Now see the follower alone and mark the same "
               "thing there."));
    }
    if (!leadersColour_) return marked_->setText(tr("Mark it in the leader's picture first."));
    KnownColour k{tr("Colour %1").arg(colours_.size() + 1).toStdString(),
                  path.toStdString(),
                  area->mean,
                  area->deviation,
                  area->pixels,
                  *leadersColour_,
                  4};
    colours_.push_back(std::move(k));
    leadersColour_.reset();
    marked_->setText(tr("It counts four times now."));
    find();
}

}  // namespace refero
