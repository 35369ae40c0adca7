// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correction/correction_station.h"

#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>

#include "app/correction/proof_page.h"
#include "app/findings/findings.h"
#include "app/judging/colours_page.h"
#include "app/judging/finish_page.h"
#include "app/judging/judging_view.h"
#include "app/judging/levels_page.h"
#include "app/judging/scopes_page.h"
#include "app/judging/snapshots_page.h"
#include "app/judging/stages_page.h"
#include "app/look/caption.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/plots/ab_plot.h"
#include "app/plots/certainty_view.h"
#include "app/session/correction_actions.h"
#include "app/session/reading_actions.h"
#include "app/station/figures_panel.h"
#include "app/tables/row_table.h"
#include "core/fit/fit_checks.h"
#include "words/treatment_words.h"

namespace refero {
namespace {

QString channelsOf(const Correction& c) {
    return CorrectionStation::tr(
               "Noise of linear sRGB against balance alone: red %1, green %2, blue %3 times.")
        .arg(decimalText(c.noise.gain.x(), 2))
        .arg(decimalText(c.noise.gain.y(), 2))
        .arg(decimalText(c.noise.gain.z(), 2));
}

// What was mended in the chart shot, in the fewest words; all of it is told stage by stage.
QString mendedIn(const Correction& c) {
    if (c.treatments.empty()) return {};
    if (c.treatments.size() == 1)
        return QLatin1Char(' ') + QString::fromStdString(words::sentence(c.treatments.front()));
    return QLatin1Char(' ') +
           CorrectionStation::tr("Mended in the chart shot: %n things; see Stage by stage.", nullptr,
                                 static_cast<int>(c.treatments.size()));
}

// What the correction does to noise, and what no correction could do.
QString noiseAmplificationOf(const Correction& c) {
    const auto times = [](double v) { return decimalText(v, 2); };
    QString out;
    if (c.noise.chroma > 0) {
        out = CorrectionStation::tr("Noise in colour: %1 times that of balance alone.")
                  .arg(times(c.noise.chromaGain));
        if (c.noise.stopsToBlotches && *c.noise.stopsToBlotches > 0)
            out += CorrectionStation::tr(" Colour noise shows %1 stops above this sensitivity.")
                       .arg(decimalText(*c.noise.stopsToBlotches, 1));
        else if (c.noise.stopsToBlotches)
            out += CorrectionStation::tr(" Colour noise shows already: use less sensitivity.");
    }
    if (c.summary.irreducibleError)
        out +=
            CorrectionStation::tr(" Best that this camera can do here: %1 CIEDE2000, over made-up surfaces.")
                .arg(times(*c.summary.irreducibleError));
    return out.trimmed();
}

}  // namespace

CorrectionStation::CorrectionStation(Session& session, QWidget* parent)
    : Station(session, parent), differences_(this), contenders_(this) {
    setObjectName(QStringLiteral("correctionStation"));
    judging_ = new JudgingView(this);
    panel_ = new FiguresPanel(QStringLiteral("correction"), tr("figures"), judging_, this);
    buildFigures();
    connectJudging();
    connect(findings_, &Findings::limitWanted, this, [this](const Check& check, std::optional<double> value) {
        const Setup* s = session_.current();
        if (!s || !s->correction) return;
        if (const auto limits = allowing(s->correction->limits, check.id, value))
            session_.correction().judgeBy(s->id, *limits);
    });
    connect(plot_, &AbPlot::patchPointed, this, &CorrectionStation::markPatch);
    connect(
        list_->selectionModel(), &QItemSelectionModel::currentChanged, this, [this](const QModelIndex& now) {
            plot_->setMarkedPatch(now.isValid() ? now.data(DifferenceModel::kIdRole).toString() : QString());
        });
    lay(nullptr, panel_);
}

// Beside each other below the picture, one over the other at its right.
void CorrectionStation::buildFigures() {
    auto* content = new QWidget(panel_);
    figures_ = new QBoxLayout(QBoxLayout::LeftToRight, content);
    figures_->setContentsMargins(8, 0, 8, 8);
    figures_->setSpacing(12);
    plot_ = new AbPlot(content);
    figures_->addWidget(plot_, 1);
    page_ = new QComboBox(panel_);
    page_->setObjectName(QStringLiteral("pageChoice"));
    page_->setAccessibleName(tr("What is told of the correction"));
    figures_->addWidget(buildPages(content), 1);
    headline_ = look::caption({}, panel_);
    headline_->setSingleLine();
    panel_->header()->addWidget(look::caption(tr("Show"), panel_));
    panel_->header()->addWidget(page_);
    panel_->header()->addWidget(headline_, 4);
    panel_->setContent(content);
    const auto turn = [this](FiguresPanel::Side side) {
        figures_->setDirection(side == FiguresPanel::Side::below ? QBoxLayout::LeftToRight
                                                                 : QBoxLayout::TopToBottom);
        judging_->setCompact(compact_ || side == FiguresPanel::Side::right);
    };
    connect(panel_, &FiguresPanel::sideChanged, this, turn);
    turn(panel_->side());
}

// How it is built, and what else was tried.
QWidget* CorrectionStation::buildFitting(QWidget* parent) {
    auto* holder = new QWidget(parent);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(6);
    grid->setColumnStretch(1, 1);
    grid->setColumnStretch(3, 1);
    const auto choice = [&](int at, const QString& name, const char* object, const QStringList& items,
                            const QString& hint) {
        grid->addWidget(look::caption(name, holder), at / 2, 2 * (at % 2));
        auto* box = new QComboBox(holder);
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(name);
        box->setToolTip(hint);
        box->addItems(items);
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(6);
        grid->addWidget(box, at / 2, 2 * (at % 2) + 1);
        return box;
    };
    QStringList models{tr("Automatic")}, sets;
    for (const Model m : kModels) models << inWords(m);
    for (const FitLimits& l : fitLimitSets()) sets << told(l.name);
    model_ = choice(0, tr("Model"), "modelChoice", models,
                    tr("Automatic takes what does better on patches it has not seen, and minds the noise."));
    intent_ = choice(1, tr("Priority"), "intentChoice",
                     {tr("All patches equally"), tr("Neutrals"), tr("Skin"), tr("Pleasing")},
                     tr("Which patches the fit favours: the chosen ones count four times. Pleasing puts the "
                        "Rounded finish on top."));
    limits_ = choice(2, tr("Judged as"), "fitLimitsChoice", sets, tr("What the figures are held against."));
    mend_ = new QCheckBox(tr("Mend the shot"), holder);
    mend_->setObjectName(QStringLiteral("mendChoice"));
    mend_->setAccessibleName(tr("Mend the shot before the fit"));
    mend_->setToolTip(
        tr("Before the fit: leaves out patches that are covered or mirror a lamp, takes uneven light and "
           "shadows out, subtracts flare; each where it is certain enough to help. Switched off, the shot "
           "is used as it is."));
    mend_->setChecked(true);
    grid->addWidget(mend_, 1, 2, 1, 2);
    column->addLayout(grid);
    summary_ = new look::Label({}, look::Size::small);
    summary_->setObjectName(QStringLiteral("fitSummary"));
    column->addWidget(summary_);
    models_ = new RowTable(holder);
    models_->setObjectName(QStringLiteral("contenderList"));
    models_->setAccessibleName(tr("Models that were tried"));
    models_->setModel(&contenders_);
    column->addWidget(models_, 1);
    connect(model_, &QComboBox::activated, this, &CorrectionStation::rebuild);
    connect(intent_, &QComboBox::activated, this, &CorrectionStation::rebuild);
    connect(mend_, &QCheckBox::clicked, this, &CorrectionStation::rebuild);
    connect(limits_, &QComboBox::activated, this, [this](int index) {
        session_.correction().judgeBy(session_.currentId(), fitLimitSets()[static_cast<std::size_t>(index)]);
    });
    return holder;
}

// What is left of each patch, how sure the figures are and what they cost, and what else was tried.
QWidget* CorrectionStation::buildPages(QWidget* parent) {
    pages_ = new QStackedWidget(parent);
    list_ = new RowTable(parent);
    list_->setObjectName(QStringLiteral("differenceList"));
    list_->setAccessibleName(tr("Patches by remaining difference"));
    list_->setModel(&differences_);
    list_->setContextMenuPolicy(Qt::ActionsContextMenu);
    const auto count = [&](const char* object, const char* text, const QList<QKeySequence>& keys,
                           double factor) {
        auto* action = new QAction(told(text), list_);
        action->setObjectName(QLatin1String(object));
        action->setShortcuts(keys);
        action->setShortcutContext(Qt::WidgetShortcut);
        connect(action, &QAction::triggered, this, [this, factor] { favour(factor); });
        list_->addAction(action);
    };
    count("countMore", word("Count it twice as often"), {Qt::Key_Plus, Qt::Key_Equal}, 2);
    count("countLess", word("Count it half as often"), {Qt::Key_Minus}, 0.5);
    count("countOnce", word("Count it once"), {Qt::Key_0}, 0);
    const auto page = [&](const char* name, QWidget* content) {
        page_->addItem(tr(name));
        pages_->addWidget(content);
    };
    page(QT_TR_NOOP("Patches"), list_);
    page(QT_TR_NOOP("Certainty and price"), buildCertainty(parent));
    page(QT_TR_NOOP("How it is built"), buildFitting(parent));
    finish_ = new FinishPage(parent);
    page(QT_TR_NOOP("Finish"), finish_);
    levels_ = new LevelsPage(parent);
    page(QT_TR_NOOP("Levels by hand"), levels_);
    scopes_ = new ScopesPage(parent);
    page(QT_TR_NOOP("Scopes of both"), scopes_);
    snapshots_ = new SnapshotsPage(parent);
    page(QT_TR_NOOP("Snapshots"), snapshots_);
    colours_ = new ColoursPage(parent);
    page(QT_TR_NOOP("This job's colours"), colours_);
    proof_ = new ProofPage(parent);
    page(QT_TR_NOOP("Proof on another shot"), proof_);
    stages_ = new StagesPage(parent);
    page(QT_TR_NOOP("Stage by stage"), stages_);
    connect(proof_, &ProofPage::wanted, this,
            [this](const QString& path) { session_.correction().proveOn(session_.currentId(), path); });
    connect(page_, &QComboBox::currentIndexChanged, this, &CorrectionStation::showPageOf);
    // What is chosen is to be seen.
    connect(page_, &QComboBox::activated, this, [this] { panel_->setFolded(false); });
    return pages_;
}

// Scopes of both need all the room there is.
void CorrectionStation::showPageOf(int index) {
    constexpr int kScopeRoom = 380;  // px: a vectorscope of 300 with its name and choice
    pages_->setCurrentIndex(index);
    const bool scopes = static_cast<Page>(index) == Page::scopes;
    plot_->setVisible(!scopes);
    if (scopes && panel_->side() == FiguresPanel::Side::below && !panel_->folded())
        panel_->giveRoom(kScopeRoom);
}

void CorrectionStation::connectJudging() {
    connect(judging_, &JudgingView::failed, headline_, &QLabel::setText);
    connect(&session_, &Session::displayChanged, judging_, &JudgingView::drawAnew);
    connect(judging_, &JudgingView::scopesChanged, scopes_, &ScopesPage::setScopes);
    connect(judging_, &JudgingView::snapshotWanted, this,
            [this] { session_.correction().keepSnapshot(session_.currentId()); });
    connect(finish_, &FinishPage::trying, judging_,
            [this](const Finish& finish) { judging_->tryFinish(finish); });
    connect(levels_, &LevelsPage::trying, judging_,
            [this](const Finish& finish) { judging_->tryFinish(finish); });
    const auto keep = [this](const Finish& finish) {
        session_.correction().setFinish(session_.currentId(), finish);
        judging_->tryFinish({});
    };
    connect(finish_, &FinishPage::chosen, this, keep);
    connect(levels_, &LevelsPage::chosen, this, keep);
    connect(judging_, &JudgingView::placeDrawn, this, [this](const QString& path, const QRectF& place) {
        colours_->setPlace(path, place);
        if (!place.isEmpty()) showPage(Page::colours);
    });
    connect(colours_, &ColoursPage::addWanted, this,
            [this](const QString& path, const QRectF& place, const QString& name, const Lab& lab) {
                session_.correction().addColour(session_.currentId(), path, place, name, lab,
                                                [this](const QString& message) {
                                                    colours_->answer(message);
                                                    if (message.isEmpty()) judging_->compare().setRegion({});
                                                });
            });
    connect(colours_, &ColoursPage::countWanted, this, [this](studio::KnownColourId colour, bool counts) {
        session_.correction().countColour(colour, counts);
        rebuild();
    });
    connect(colours_, &ColoursPage::removeWanted, &session_.correction(), &CorrectionActions::removeColour);
    connect(colours_, &ColoursPage::proofWanted, this,
            [this] { session_.correction().proveOnColours(session_.currentId()); });
    connect(snapshots_, &SnapshotsPage::againstWanted, judging_, &JudgingView::holdAgainst);
    connect(snapshots_, &SnapshotsPage::takeWanted, &session_.correction(), &CorrectionActions::takeSnapshot);
    connect(snapshots_, &SnapshotsPage::removeWanted, &session_.correction(),
            &CorrectionActions::removeSnapshot);
    connect(snapshots_, &SnapshotsPage::renamed, &session_.correction(), &CorrectionActions::renameSnapshot);
}

void CorrectionStation::showPage(Page page) {
    panel_->setFolded(false);
    page_->setCurrentIndex(static_cast<int>(page));
    showPageOf(page_->currentIndex());
}

void CorrectionStation::setViewingOnly(bool only) {
    Station::setViewingOnly(only);
    judging_->setBarVisible(!only);
}

QWidget* CorrectionStation::buildCertainty(QWidget* parent) {
    auto* holder = new QWidget(parent);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2);
    certainty_ = new CertaintyView(holder);
    column->addWidget(certainty_, 1);
    price_ = new look::Label({}, look::Size::small);
    price_->setObjectName(QStringLiteral("priceLabel"));
    column->addWidget(price_);
    return holder;
}

void CorrectionStation::narrow(bool compact) {
    compact_ = compact;
    judging_->setCompact(compact || panel_->side() == FiguresPanel::Side::right);
    list_->setColumnHidden(DifferenceModel::before, compact);  // the arrows show it
    const int figure = compact ? 50 : 54;
    list_->setWidths({compact ? 52 : 64, 0, figure, figure, figure, figure});
    models_->setWidths({124, 0, figure, figure});
}

void CorrectionStation::show(const Setup* setup) {
    const bool ready = setup && setup->correction;
    for (QWidget* w :
         {static_cast<QWidget*>(model_), static_cast<QWidget*>(intent_), static_cast<QWidget*>(mend_)})
        w->setEnabled(setup && setup->reading);
    limits_->setEnabled(ready);
    pages_->setEnabled(ready);
    // Built anew, it is the same patch that a person works on.
    const QString chosen = setup && setup->id == shownSetup_
                               ? list_->currentIndex().data(DifferenceModel::kIdRole).toString()
                               : QString();
    shownSetup_ = setup ? setup->id : studio::SetupId{};
    differences_.setCorrection(ready ? setup->correction : std::nullopt);
    contenders_.setCorrection(ready ? setup->correction : std::nullopt);
    certainty_->setCorrection(ready ? setup->correction : std::nullopt);
    price_->setText(ready ? noiseAmplificationOf(*setup->correction) : QString());
    price_->setToolTip(ready ? channelsOf(*setup->correction) : QString());
    plot_->setCorrection(ready ? setup->correction : std::nullopt);
    stages_->setCorrection(ready ? setup->correction : std::nullopt);
    finish_->setFinish(ready ? setup->correction->finish : Finish{});
    levels_->setCorrection(ready ? setup->correction : std::nullopt);
    snapshots_->show(ready ? setup : nullptr);
    colours_->show(ready ? setup : nullptr);
    scopes_->setTargets(ready && setup->reading ? vectorscopeTargets(setup->reading->chart, OutputSpace::srgb)
                                                : std::vector<ScopeTarget>{});
    if (!ready) scopes_->clear();
    judging_->show(ready ? setup : nullptr);
    plot_->setMarkedPatch({});
    if (const int row = differences_.rowOf(chosen); row >= 0) list_->selectRow(row);
    proof_->show(ready ? setup : nullptr,
                 ready ? session_.reading().otherChartFrames(setup->id) : std::vector<studio::Frame>{});
    if (ready) return showCorrection(*setup);
    const QSignalBlocker blockLimits(limits_);
    limits_->setCurrentText(told(session_.reading().limits().name));
    weights_.clear();  // they were another setup's, or of a correction that is gone
    summary_->setText({});
    headline_->setText({});
    if (setup && !setup->reading && !setup->busy && session_.correction().canBorrow(setup->id)) {
        invite(tr("No chart shot"),
               setup->error.isEmpty()
                   ? tr("Its frames can be given colours that are lent: by a setup that the plan's "
                        "rules allow, or by the library for this body and light.")
                   : setup->error);
        return setNextStep(tr("Borrow a correction"),
                           tr("It says whose colours these are. Shoot the chart where you still can."));
    }
    if (!setup || !setup->reading) {
        invite(tr("No reading yet"),
               tr("A correction is built from a chart that was read. Go to Reading first."));
        return setNextStep(setup ? tr("Go to Reading") : QString(), {});
    }
    invite(
        tr("Not corrected yet"),
        setup->error.isEmpty()
            ? tr("The chart of %1 is read. From its %n patches Refero tries every model, takes the one that "
                 "does best on colours it has not seen, and shows what is left.",
                 nullptr, static_cast<int>(setup->reading->patches.size()))
                  .arg(text(setup->light))
            : setup->error);
    setNextStep(tr("Build the correction"), tr("It takes a moment; every choice can be changed afterwards."));
}

void CorrectionStation::showCorrection(const Setup& setup) {
    const Correction& c = *setup.correction;
    if (c.loan) {
        setMessage(tr("Lent, not proved"),
                   tr("Nothing tells how well these colours fit this light. Shoot a chart in it where "
                      "you still can: the correction is built anew from that."));
    } else {
        const auto checks = judged(c);
        setChecks(checks, worst(checks));
    }
    setNextStep(tr("Hand over"), setup.error);
    summary_->setText(QString::fromStdString(c.summary.message) + mendedIn(c));
    headline_->setText(summary_->text());
    headline_->setToolTip(summary_->text());
    weights_ = c.weights;
    const QSignalBlocker blockModel(model_), blockIntent(intent_), blockLimits(limits_);
    limits_->setCurrentText(told(c.limits.name));
    intent_->setCurrentIndex(static_cast<int>(c.intent));
    mend_->setChecked(!c.asShot);
    if (model_->currentIndex() != 0) model_->setCurrentIndex(1 + static_cast<int>(c.model));
}

void CorrectionStation::markPatch(const QString& id) {
    plot_->setMarkedPatch(id);
    const int row = differences_.rowOf(id);
    if (row >= 0) list_->selectRow(row);
}

// A factor of 0 makes it count once again.
void CorrectionStation::favour(double factor) {
    const QString id = list_->currentIndex().data(DifferenceModel::kIdRole).toString();
    if (id.isEmpty()) return;
    double& weight = weights_.try_emplace(id.toStdString(), 1).first->second;
    weight = factor > 0 ? std::clamp(weight * factor, 1 / 16.0, 16.0) : 1;
    rebuild();
}

void CorrectionStation::rebuild() {
    FitOptions options;
    options.weights = weights_;
    if (model_->currentIndex() > 0)
        options.model = kModels[static_cast<std::size_t>(model_->currentIndex() - 1)];
    options.intent = static_cast<Intent>(intent_->currentIndex());
    options.asShot = !mend_->isChecked();
    session_.correction().build(session_.currentId(), options);
}

void CorrectionStation::proceed() {
    const Setup* s = session_.current();
    if (s && !s->reading && !s->correction && session_.correction().canBorrow(s->id))
        return session_.correction().borrow(s->id);
    if (!s || (!s->reading && !s->correction)) return emit readingWanted();
    if (!s->correction) return rebuild();
    emit handoverWanted();
}

}  // namespace refero
