// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/transforms_page.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QMenu>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/bench/transform_table.h"
#include "app/bench/verdict_list.h"
#include "app/demo/demo.h"
#include "app/demo/demo_bench.h"
#include "app/dialogs/dialogs.h"
#include "app/judging/judged.h"
#include "app/judging/scopes_page.h"
#include "app/look/button.h"
#include "app/look/caption.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/pictures/display_colour.h"
#include "app/pictures/srgb_picture.h"
#include "app/plots/ab_plot.h"
#include "app/plots/pair_ladder.h"
#include "app/tables/row_table.h"
#include "words/assess_words.h"

namespace refero {
namespace {

// What is drawn of one side.
struct Side {
    QString title;
    std::shared_ptr<const workflow::Assessed> through;
    QString path;     ///< of the picture that is seen
    Reading reading;  ///< that tells its balance
};

}  // namespace

TransformsPage::TransformsPage(Session& session, Dialogs& dialogs, QWidget* parent)
    : BenchPage(QStringLiteral("transformsPage"), parent),
      session_(session),
      dialogs_(dialogs),
      bench_(session.bench()) {
    view_->setObjectName(QStringLiteral("transformView"));
    view_->setAccessibleName(tr("A picture of the setup through two transforms"));
    lay(buildBar(), buildTable(this), buildPanel(this));
    connect(&bench_, &BenchActions::trialsChanged, this, &TransformsPage::refresh);
    connect(&session_, &Session::currentChanged, this, [this] {
        if (!isVisible()) return;
        bench_.assessOn(session_.currentId());
        fillPictures();
    });
    connect(&session_, &Session::changed, this, [this](studio::SetupId id) {
        if (isVisible() && id == session_.currentId() && bench_.isOutOfDate()) bench_.assessOn(id);
    });
    connect(&session_, &Session::displayChanged, this, &TransformsPage::draw);
    refresh();
}

QWidget* TransformsPage::buildBar() {
    auto* bar = new QWidget(this);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(16, 8, 16, 8);
    row->setSpacing(8);
    add_ = new look::Button(look::Button::Kind::plain, tr("Add a transform"), bar);
    add_->setObjectName(QStringLiteral("addTransform"));
    add_->setToolTip(
        tr("A .cube, .clf, .icc, .dcp, .cdl, an OpenColorIO configuration or a correction. They can also "
           "be dropped here."));
    connect(add_, &QAbstractButton::clicked, this, [this] {
        const QString path = dialogs_.openFile(this, tr("Somebody's transform"),
                                               tr("Transforms (*.cube *.clf *.ctf *.icc *.icm *.dcp *.cdl "
                                                  "*.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)"));
        if (!path.isEmpty()) take({path});
    });
    row->addWidget(add_);
    own_ = new look::Button(look::Button::Kind::plain, tr("Ours"), bar);
    own_->setObjectName(QStringLiteral("addOwnTransform"));
    own_->setToolTip(tr("This setup's correction and its snapshots, to be held against the others."));
    connect(own_, &QAbstractButton::clicked, this, &TransformsPage::showOwn);
    row->addWidget(own_);
    remove_ = new look::Button(look::Button::Kind::plain, tr("Take out"), bar);
    remove_->setObjectName(QStringLiteral("removeTransform"));
    connect(remove_, &QAbstractButton::clicked, this, [this] {
        if (const auto* t = chosen()) bench_.removeTransform(QString(t->path));
    });
    row->addWidget(remove_);
    row->addSpacing(12);
    const auto choice = [&](const QString& caption, const char* object, const QString& hint) {
        captions_.push_back(look::caption(caption, bar));
        row->addWidget(captions_.back());
        auto* box = new QComboBox(bar);
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(caption);
        box->setToolTip(hint);
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(6);
        row->addWidget(box, 1);
        return box;
    };
    picture_ = choice(tr("Picture"), "transformPicture", tr("Any picture of the setup."));
    against_ = choice(tr("Against"), "transformAgainst", tr("What the chosen one is held against."));
    layout_ = choice(tr("View"), "transformLayout", tr("How the two share the view."));
    layout_->addItems({tr("Wipe"), tr("Checker"), tr("Side by side"), tr("Chosen alone")});
    for (QComboBox* box : {picture_, against_, layout_})
        connect(box, &QComboBox::activated, this, &TransformsPage::draw);
    return bar;
}

QWidget* TransformsPage::buildTable(QWidget* parent) {
    table_ = new TransformTable(parent);
    connect(table_, &TransformTable::chosenChanged, this, [this] {
        showChosen();
        draw();
    });
    return table_;
}

QWidget* TransformsPage::buildPanel(QWidget* parent) {
    auto* panel = new QWidget(parent);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(12, 8, 12, 12);
    column->setSpacing(8);
    title_ = new look::Label({}, look::Size::title, look::Label::Tone::loud, QFont::DemiBold, panel);
    title_->setObjectName(QStringLiteral("transformTitle"));
    said_ = new look::Label({}, look::Size::small, look::Label::Tone::text, QFont::Normal, panel);
    said_->setObjectName(QStringLiteral("transformSaid"));
    column->addWidget(title_);
    column->addWidget(said_);
    const auto choice = [&](const QString& caption, const char* object) {
        auto* row = new QHBoxLayout;
        row->addWidget(look::caption(caption, panel));
        auto* box = new QComboBox(panel);
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(caption);
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        row->addWidget(box, 1);
        column->addLayout(row);
        connect(box, &QComboBox::activated, this, &TransformsPage::state);
        return box;
    };
    feed_ = choice(tr("Fed"), "transformFeed");
    feed_->addItem(tr("As its file says, or as the patches tell"));
    for (const Encoding e : kEncodings) feed_->addItem(text(std::string(name(e))));
    balance_ = choice(tr("Balance"), "transformBalance");
    balance_->addItems({tr("As the patches tell"), tr("Numbers as recorded"), tr("Balanced numbers")});
    space_ = choice(tr("Gives"), "transformSpace");
    space_->addItem(tr("As its file says, or as the patches tell"));
    for (const OutputSpace s : kOutputSpaces) space_->addItem(told(info(s).label));
    demo_ = new look::Button(look::Button::Kind::plain, tr("Try three made-up ones"), panel);
    demo_->setObjectName(QStringLiteral("demoTransforms"));
    demo_->setToolTip(
        tr("A look, a LUT that expects a stop more, and one of few numbers, made for this camera."));
    connect(demo_, &QAbstractButton::clicked, this, &TransformsPage::makeDemo);
    column->addWidget(demo_, 0, Qt::AlignLeft);
    column->addWidget(buildPages(panel), 1);
    return panel;
}

QWidget* TransformsPage::buildPages(QWidget* parent) {
    auto* holder = new QWidget(parent);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    auto* page = new QComboBox(holder);
    page->setObjectName(QStringLiteral("transformPage"));
    page->setAccessibleName(tr("What is told of the transform"));
    column->addWidget(page, 0, Qt::AlignLeft);
    pages_ = new QStackedWidget(holder);
    const auto add = [&](const QString& name, QWidget* content) {
        page->addItem(name);
        pages_->addWidget(content);
    };
    verdicts_ = new VerdictList(pages_);
    verdicts_->setObjectName(QStringLiteral("transformVerdicts"));
    add(tr("What it does"), verdicts_);
    patches_ = new FigureRows({{tr("Patch"), tr("The farthest from its reference first."), false},
                               {tr("As it is"), tr("CIEDE2000 to the reference.")},
                               {tr("Levelled"), tr("The same at the exposure that it expects.")},
                               {tr("Noise"), tr("Chroma noise of one pixel, a* and b*.")}},
                              this);
    auto* list = new RowTable(pages_);
    list->setObjectName(QStringLiteral("transformPatches"));
    list->setAccessibleName(tr("Patches through the transform"));
    list->setModel(patches_);
    list->setWidths({0, 64, 70, 54});
    add(tr("Patch by patch"), list);
    auto* colours = new QWidget(pages_);
    auto* down = new QVBoxLayout(colours);
    down->setContentsMargins(0, 0, 0, 0);
    ladder_ = new PairLadder(colours);
    ladder_->setObjectName(QStringLiteral("transformLadder"));
    ladder_->setToolTip(
        tr("Each grey of the chart at the exposure that the transform expects: how much lighter or "
           "darker than its reference it is shown. A slope is contrast."));
    arrows_ = new AbPlot(colours);
    arrows_->setObjectName(QStringLiteral("transformArrows"));
    arrows_->setAccessibleName(tr("Hues through the transform"));
    arrows_->setToolTip(
        tr("Ring: where a patch belongs. Thin line: from where the transform shows it as it is. Dot: at "
           "the exposure that it expects."));
    down->addWidget(ladder_, 2);
    down->addWidget(arrows_, 3);
    // On a small screen the two do not fit above each other.
    auto* rolled = new QScrollArea(pages_);
    rolled->setFrameShape(QFrame::NoFrame);
    rolled->setWidgetResizable(true);
    rolled->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    rolled->setWidget(colours);
    add(tr("Greys and hues"), rolled);
    scopes_ = new ScopesPage(pages_);
    scopes_->joinVectors();
    add(tr("Scopes of both"), scopes_);
    connect(page, &QComboBox::currentIndexChanged, pages_, &QStackedWidget::setCurrentIndex);
    column->addWidget(pages_, 1);
    return holder;
}

void TransformsPage::clearFigures() {
    verdicts_->setItems({});
    patches_->setRows({});
    arrows_->setCorrection({});
    ladder_->setSteps({}, {}, {});
    scopes_->clear();
}

void TransformsPage::showFigures(const Assessment& a) {
    std::vector<const AssessedPatch*> order;
    for (const AssessedPatch& p : a.patches) order.push_back(&p);
    std::stable_sort(order.begin(), order.end(), [](const AssessedPatch* x, const AssessedPatch* y) {
        return x->differenceLevelled > y->differenceLevelled;
    });
    std::vector<FigureRow> rows;
    Correction seen;
    for (const AssessedPatch* p : order) {
        FigureRow r;
        r.id = text(p->id);
        r.cells = {tr("%1, %2", "patch, its role").arg(text(p->id), told(name(p->role))),
                   decimalText(p->difference, 2), decimalText(p->differenceLevelled, 2),
                   decimalText(p->chromaNoise, 1)};
        r.quiet = !p->counted || p->beyond;
        if (!p->counted) r.hint = tr("Clipped or left out in the shot.");
        if (p->beyond)
            r.hint = tr("At the exposure that it expects this lies past the end of what it is fed.");
        if (p->cut) r.hint = tr("A channel ends here.");
        rows.push_back(std::move(r));
        PatchResult& shown = seen.patches.emplace_back();
        shown.id = p->id;
        shown.role = p->role;
        shown.used = p->counted && !p->beyond;
        shown.reference = p->reference;
        shown.before = p->seen;
        shown.after = p->levelled;
    }
    patches_->setRows(std::move(rows));
    arrows_->setCorrection(seen);
    std::vector<GreyPair> greys;
    for (const AssessedGrey& g : a.greys)
        greys.push_back({g.level, g.level, g.shown, std::hypot(g.redder, g.yellower)});
    ladder_->setSteps(std::move(greys), tr("Reference"), text(a.name));
}

void TransformsPage::setCompact(bool compact) {
    table_->setCompact(compact);
    for (QWidget* caption : captions_) caption->setVisible(!compact);
    layout_->setVisible(!compact);
}

void TransformsPage::take(const QStringList& paths) {
    bench_.addTransforms(paths);
    // The latest is what one wants to see.
    table_->choose(paths.back());
}

void TransformsPage::takePictures(const QStringList& paths) {
    bench_.addPictures(paths);
    table_->choose(paths.back());
}

void TransformsPage::showOwn() {
    const Setup* s = session_.current();
    auto* menu = new QMenu(this);
    menu->setObjectName(QStringLiteral("ownTransforms"));
    menu->setAttribute(Qt::WA_DeleteOnClose);
    const auto offer = [&](const QString& title, const std::shared_ptr<const Correction>& correction) {
        connect(menu->addAction(title), &QAction::triggered, this,
                [this, title, correction] { bench_.addOwn(title, correction); });
    };
    if (s && s->correction)
        offer(tr("Correction of %1").arg(text(s->light)), std::make_shared<const Correction>(*s->correction));
    if (s)
        for (const workflow::Snapshot& snapshot : s->snapshots)
            offer(tr("%1 of %2", "a snapshot, its setup").arg(text(snapshot.name), text(s->light)),
                  snapshot.correction);
    if (menu->isEmpty()) menu->addAction(tr("This setup has no correction yet"))->setEnabled(false);
    menu->popup(own_->mapToGlobal(QPoint(0, own_->height())));
}

void TransformsPage::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    if (bench_.assessedSetup() != session_.currentId() || bench_.isOutOfDate())
        bench_.assessOn(session_.currentId());
    fillPictures();
    refresh();
}

const BenchActions::Trial* TransformsPage::chosen() const {
    const auto id = table_->chosen();
    return id ? bench_.trial(*id) : nullptr;
}

void TransformsPage::refresh() {
    table_->show(bench_.trials());
    const QString before = against_->currentData().toString();
    {
        const QSignalBlocker block(against_);
        against_->clear();
        for (const BenchActions::Trial& t : bench_.trials())
            if (t.result) against_->addItem(text(t.result->assessment.name), t.path);
        against_->setCurrentIndex(std::max(0, against_->findData(before)));
    }
    showChosen();
    draw();
}

void TransformsPage::fillPictures() {
    const QSignalBlocker block(picture_);
    const QString before = picture_->currentData().toString();
    picture_->clear();
    if (const Setup* s = session_.current()) {
        if (s->reading) picture_->addItem(tr("The chart shot"), text(s->reading->framePath));
        for (const workflow::Picture& p : s->pictures)
            if (!s->reading || p.path != s->reading->framePath) picture_->addItem(titleOf(p), text(p.path));
    }
    picture_->setCurrentIndex(std::max(0, picture_->findData(before)));
}

void TransformsPage::showChosen() {
    const Setup* s = session_.current();
    const auto* t = chosen();
    remove_->setEnabled(t && t->isAdded());
    own_->setEnabled(s && s->reading);
    const auto& all = bench_.trials();
    demo_->setVisible(
        s && s->reading &&
        std::none_of(all.begin(), all.end(), [](const BenchActions::Trial& each) { return each.isAdded(); }));
    for (QComboBox* box : {feed_, space_, balance_}) box->setEnabled(t && t->isAdded() && !t->correction);
    if (!s || !s->reading) {
        title_->setText(tr("No chart shot to try them on"));
        said_->setText(
            tr("Choose a setup at the left whose chart is read. Then drop the transforms here that you use "
               "or were given, and see what each does to its colours."));
        clearFigures();
        return;
    }
    if (!t) return;
    if (!t->result) {
        title_->setText(t->why.isEmpty() ? tr("Being tried") : tr("It cannot be tried"));
        said_->setText(t->why);
        clearFigures();
        return;
    }
    const Assessment& a = t->result->assessment;
    title_->setText(text(a.name));
    said_->setText(text(words::terms(a.terms)));
    std::vector<VerdictList::Item> items;
    for (const words::AssessFinding& f : words::findings(a))
        items.push_back({f.verdict, text(f.title), text(f.reason), {}});
    QStringList remarks;
    for (const std::string& r : a.remarks) remarks << text(r);
    verdicts_->setItems(std::move(items), remarks);
    showFigures(a);
    const QSignalBlocker one(feed_), two(space_), three(balance_);
    feed_->setCurrentIndex(
        t->stated.feed && t->stated.feed->named() ? 1 + static_cast<int>(*t->stated.feed->named()) : 0);
    space_->setCurrentIndex(t->stated.space ? 1 + static_cast<int>(*t->stated.space) : 0);
    balance_->setCurrentIndex(t->stated.balance ? 1 + static_cast<int>(*t->stated.balance) : 0);
}

void TransformsPage::state() {
    const auto* t = chosen();
    if (!t) return;
    workflow::StatedTerms terms = t->stated;
    terms.feed =
        feed_->currentIndex() == 0
            ? std::nullopt
            : std::optional<Transfer>(kEncodings[static_cast<std::size_t>(feed_->currentIndex() - 1)]);
    terms.space = space_->currentIndex() == 0
                      ? std::nullopt
                      : std::optional(kOutputSpaces[static_cast<std::size_t>(space_->currentIndex() - 1)]);
    terms.balance =
        balance_->currentIndex() == 0
            ? std::nullopt
            : std::optional(balance_->currentIndex() == 1 ? FeedBalance::asRecorded : FeedBalance::balanced);
    bench_.state(QString(t->path), terms);
}

void TransformsPage::makeDemo() {
    const Setup* s = session_.current();
    if (!s || !s->reading) return;
    demo_->setEnabled(false);
    session_.background(
        [reading = *s->reading, folder = Demo::folder() + QStringLiteral("/test")] {
            return demoTransforms(reading, folder);
        },
        [this](const Result<QStringList>& files) {
            demo_->setEnabled(true);
            if (files)
                take(*files);
            else
                said_->setText(text(files.error().message));
        });
}

void TransformsPage::draw() {
    if (!isVisible()) return;
    const Setup* s = session_.current();
    const auto* one = chosen();
    const QString path = picture_->currentData().toString();
    const BenchActions::Trial* other = bench_.trial(against_->currentData().toString());
    ++job_;
    if (!s || !s->reading || path.isEmpty() || !one || !one->result || !other || !other->result)
        return view_->setPanes(CompareView::Layout::wipe, {}, {});
    // A picture that stands for itself is seen instead of the setup's.
    const auto sideOf = [&](const BenchActions::Trial& t) {
        return Side{text(t.result->assessment.name), t.result,
                    t.what == BenchActions::Trial::What::picture ? t.path : path,
                    t.own ? *t.own : *s->reading};
    };
    const std::vector<Side> sides{sideOf(*one), sideOf(*other)};
    struct Drawn {
        QString error;
        std::vector<CompareView::Pane> panes;
        std::vector<Scopes> scopes;
        std::shared_ptr<const SmallFrame> frame;
    };
    const int how = layout_->currentIndex();
    session_.background(
        [sides, alone = how == 3, frame = frame_] {
            Drawn out;
            out.frame = frame;
            QSize size;
            for (const Side& side : sides) {
                if (!out.frame || out.frame->path != side.path) {
                    const auto read = smallFrame(side.path, nullptr, side.reading.encoding);
                    if (!read) {
                        out.error = text(read.error().message);
                        return out;
                    }
                    out.frame = *read;
                }
                QImage srgb = srgbPicture(
                    srgbThrough(out.frame->large,
                                {side.through->transform, side.through->assessment.terms, side.reading}));
                if (size.isEmpty()) size = srgb.size();
                // Of one size, so that a wipe lies on the same place.
                if (srgb.size() != size) srgb = srgb.scaled(size);
                out.scopes.push_back(scopesOf(
                    ScopePicture{srgb.constBits(), srgb.width(), srgb.height(), srgb.bytesPerLine()}));
                if (!alone || out.panes.empty())
                    out.panes.push_back({side.title, PictureView::pyramid(forDisplay(srgb))});
            }
            return out;
        },
        [this, job = job_, how, first = sides[0].title, second = sides[1].title](Drawn d) {
            if (job != job_) return;
            if (!d.error.isEmpty()) return said_->setText(d.error);
            frame_ = d.frame;
            scopes_->setScopes(d.scopes, first, second);
            using Layout = CompareView::Layout;
            view_->setPanes(std::array{Layout::wipe, Layout::checker, Layout::sideBySide,
                                       Layout::alone}[static_cast<std::size_t>(how)],
                            std::move(d.panes), d.frame->full);
        },
        Urgency::now);
}

}  // namespace refero
