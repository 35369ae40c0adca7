// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/series_page.h"

#include <QBuffer>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>

#include "app/bench/curve_view.h"
#include "app/bench/verdict_list.h"
#include "app/demo/demo.h"
#include "app/demo/demo_bench.h"
#include "app/dialogs/dialogs.h"
#include "app/judging/compare_view.h"
#include "app/look/button.h"
#include "app/look/caption.h"
#include "app/look/decimal_box.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/pictures/display_colour.h"
#include "core/series/series_verdicts.h"
#include "io/files/safe_write.h"
#include "io/report/series_document.h"
#include "paper/document_pdf.h"
#include "words/series_words.h"

namespace refero {
namespace {

constexpr int kLargeEdge = 1400;

}  // namespace

SeriesPage::SeriesPage(Session& session, Dialogs& dialogs, QWidget* parent)
    : BenchPage(QStringLiteral("seriesPage"), parent),
      session_(session),
      dialogs_(dialogs),
      bench_(session.bench()) {
    view_->setObjectName(QStringLiteral("seriesView"));
    view_->setAccessibleName(tr("The chosen steps, large"));
    grid_ = new SeriesGrid(this);
    lay(buildBar(), grid_, buildPanel());
    connect(grid_, &SeriesGrid::chosenChanged, this, [this] {
        compare();
        showVerdicts();
    });
    connect(grid_, &SeriesGrid::normalWanted, this, [this](const SeriesCell& c) {
        const auto& s = bench_.series();
        if (const BenchShot* shot = s ? bench_.shotOf(s->profiles[c.profile].steps[c.step].shot) : nullptr)
            bench_.setNormal(shot->path);
    });
    connect(grid_, &SeriesGrid::profileWanted, this, &SeriesPage::nameProfile);
    connect(&bench_, &BenchActions::seriesChanged, this, &SeriesPage::showSeries);
    connect(&bench_, &BenchActions::shotsChanged, this, &SeriesPage::refresh);
    connect(&bench_, &BenchActions::progress, this, [this](int done, int all) {
        refresh();
        if (bench_.reading()) said_->setText(tr("%1 of %2. Begin anew stops it.").arg(done).arg(all));
    });
    connect(grid_, &SeriesGrid::filterWanted, this, &SeriesPage::askFilter);
    connect(&bench_, &BenchActions::seriesFailed, this, [this](const QString& why) {
        title_->setText(tr("No series yet"));
        said_->setText(why);
    });
    connect(&session_, &Session::displayChanged, this, [this] {
        drawAnew();
        compare();
    });
    showSeries();
}

QWidget* SeriesPage::buildBar() {
    auto* bar = new QWidget(this);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(16, 8, 16, 8);
    row->setSpacing(8);
    add_ = new look::Button(look::Button::Kind::plain, tr("Add frames"), bar);
    add_->setObjectName(QStringLiteral("addSeriesFrames"));
    add_->setToolTip(
        tr("Chart shots of one scene at steps of exposure, in one or more recording profiles. "
           "Frames, clips and folders can also be dropped here."));
    connect(add_, &QAbstractButton::clicked, this, [this] { take(dialogs_.openFrames(this)); });
    row->addWidget(add_);
    clear_ = new look::Button(look::Button::Kind::plain, tr("Begin anew"), bar);
    clear_->setObjectName(QStringLiteral("clearSeries"));
    connect(clear_, &QAbstractButton::clicked, &bench_, &BenchActions::clear);
    row->addWidget(clear_);
    row->addSpacing(12);
    row->addWidget(look::caption(tr("Seen"), bar));
    seen_ = new QComboBox(bar);
    seen_->setObjectName(QStringLiteral("seriesSeen"));
    seen_->setAccessibleName(tr("How the steps are seen"));
    seen_->addItems(
        {tr("As recorded"), tr("Level only"), tr("Contrast from the greys"), tr("Fully corrected")});
    seen_->setCurrentIndex(1);
    row->addWidget(seen_);
    connect(seen_, &QComboBox::currentIndexChanged, this, [this] {
        draw();
        compare();
    });
    layout_ = new QComboBox(bar);
    layout_->setObjectName(QStringLiteral("seriesLayout"));
    layout_->setAccessibleName(tr("How A and B share the view"));
    layout_->addItems({tr("Wipe"), tr("Checker"), tr("Side by side"), tr("A alone")});
    row->addWidget(layout_);
    connect(layout_, &QComboBox::currentIndexChanged, this, &SeriesPage::compare);
    row->addSpacing(12);
    row->addWidget(look::caption(tr("Drift up to"), bar));
    tolerance_ = new look::DecimalBox(bar);
    tolerance_->setObjectName(QStringLiteral("seriesTolerance"));
    tolerance_->setAccessibleName(tr("Drift that can be used, CIEDE2000"));
    tolerance_->setToolTip(
        tr("Mean CIEDE2000 of all patches, of the greys and of skin, with the level alone "
           "corrected, that a shot may be from the base to be used."));
    tolerance_->setRange(0.5, 10);
    tolerance_->setSingleStep(0.5);
    tolerance_->setDecimals(1);
    tolerance_->setFocusPolicy(Qt::StrongFocus);
    tolerance_->setValue(bench_.limits().drift);
    connect(tolerance_, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        SeriesLimits l = bench_.limits();
        l.drift = v;
        bench_.setLimits(l);
    });
    row->addWidget(tolerance_);
    row->addStretch(1);
    return bar;
}

QWidget* SeriesPage::buildPanel() {
    auto* panel = new QWidget(this);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(12, 8, 12, 12);
    column->setSpacing(8);
    title_ = new look::Label({}, look::Size::title, look::Label::Tone::loud, QFont::DemiBold, panel);
    title_->setObjectName(QStringLiteral("seriesTitle"));
    said_ = new look::Label({}, look::Size::small, look::Label::Tone::text, QFont::Normal, panel);
    said_->setObjectName(QStringLiteral("seriesSaid"));
    column->addWidget(title_);
    column->addWidget(said_);
    demo_ = new look::Button(look::Button::Kind::plain, tr("Try it with the demo's series"), panel);
    demo_->setObjectName(QStringLiteral("demoSeries"));
    demo_->setToolTip(tr("A simulated camera shoots one scene at five exposures in two profiles."));
    connect(demo_, &QAbstractButton::clicked, this, &SeriesPage::shootDemo);
    column->addWidget(demo_, 0, Qt::AlignLeft);
    verdicts_ = new VerdictList(panel);
    verdicts_->setObjectName(QStringLiteral("seriesVerdicts"));
    column->addWidget(verdicts_, 3);
    curve_ = new CurveView(panel);
    column->addWidget(curve_, 1);
    auto* row = new QHBoxLayout;
    report_ = new look::Button(look::Button::Kind::primary, tr("Report"), panel);
    report_->setObjectName(QStringLiteral("seriesReport"));
    report_->setToolTip(tr("Two pages to hand round, as PDF or HTML."));
    connect(report_, &QAbstractButton::clicked, this, &SeriesPage::report);
    row->addWidget(report_);
    keep_ = new look::Button(look::Button::Kind::plain, tr("Keep with the body"), panel);
    keep_->setObjectName(QStringLiteral("keepSeries"));
    keep_->setToolTip(
        tr("What can be used of each profile stays with the body in the kit, and a plan that goes "
           "beyond it says so."));
    connect(keep_, &QAbstractButton::clicked, &bench_, &BenchActions::keep);
    share_ = new look::Button(look::Button::Kind::plain, tr("One LUT"), panel);
    share_->setObjectName(QStringLiteral("shareSeriesLut"));
    share_->setToolTip(
        tr("A LUT that all usable steps share, in the profile of the step chosen as A, with a card for the "
           "camera; it is said what each step pays."));
    connect(share_, &QAbstractButton::clicked, this, &SeriesPage::share);
    row->addWidget(share_);
    row->addStretch(1);
    column->addLayout(row);
    // Beside the others there is no room for it in longer languages.
    column->addWidget(keep_, 0, Qt::AlignLeft);
    return panel;
}

void SeriesPage::setCompact(bool compact) {
    for (QWidget* w : {static_cast<QWidget*>(layout_), static_cast<QWidget*>(curve_)})
        w->setVisible(!compact);
}

void SeriesPage::take(const QStringList& paths) {
    if (!paths.isEmpty()) bench_.bringIn(paths);
}

SeriesSeen SeriesPage::seen() const {
    return static_cast<SeriesSeen>(seen_->currentIndex());
}

void SeriesPage::refresh() {
    clear_->setEnabled(!bench_.shots().empty() || bench_.reading());
    const auto& s = bench_.series();
    report_->setEnabled(s != nullptr);
    share_->setEnabled(s != nullptr);
    keep_->setEnabled(s != nullptr && !bench_.bodyName().isEmpty());
    demo_->setVisible(!s && bench_.shots().empty() && !bench_.reading());
    demo_->setEnabled(!shooting_);
    if (bench_.reading()) {
        title_->setText(tr("Reading the charts"));
        return;
    }
    if (s) return;
    title_->setText(tr("What can this camera take?"));
    said_->setText(
        tr("Shoot one scene with the chart at steps of exposure, from far too dark to far too light, in "
           "every recording profile that you might use. Drop the frames or clips here: which exposures "
           "can be used, where colours drift and what each profile costs is told at once."));
}

void SeriesPage::showSeries() {
    refresh();
    const auto& s = bench_.series();
    if (!s) {
        grid_->clear();
        verdicts_->setItems({});
        curve_->clear();
        view_->setPanes(CompareView::Layout::wipe, {}, {});
        return;
    }
    std::size_t steps = 0;
    for (const SeriesProfile& p : s->profiles) steps += p.steps.size();
    title_->setText(tr("%1: %2 steps in %3", "body, number, profiles")
                        .arg(bench_.bodyName().isEmpty() ? tr("A camera") : bench_.bodyName())
                        .arg(steps)
                        .arg(s->profiles.size() == 1
                                 ? text(s->profiles[0].name)
                                 : tr("%n profiles", nullptr, static_cast<int>(s->profiles.size()))));
    const BenchShot* zero = bench_.shotOf(s->zero);
    said_->setText(zero ? tr("0 is the exposure of %1. A click chooses A, with Shift B.")
                              .arg(QFileInfo(zero->path).fileName())
                        : QString());
    if (zero && zero->reading) grid_->setSeries(s, zero->reading->chart);
    showVerdicts();
    if (drawn_ == bench_.measured()) return;
    drawn_ = bench_.measured();
    drawAnew();
    compare();
}

// Of the profile that is chosen, and between all of them.
void SeriesPage::showVerdicts() {
    const auto& s = bench_.series();
    if (!s) return;
    const std::size_t profile = grid_->chosen().profile;
    std::vector<VerdictList::Item> items;
    for (const SeriesVerdict& v : verdictsOf(*s)) {
        const bool between = v.finding == SeriesFinding::closest || v.finding == SeriesFinding::meeting ||
                             v.finding == SeriesFinding::cost;
        if (!between && v.profile != profile) continue;
        const words::SaidVerdict said = words::said(v, *s);
        items.push_back({v.verdict, text(said.title), text(said.reason), text(said.remedy)});
    }
    QStringList notes;
    for (const SeriesNote& n : s->notes) notes << text(words::sentence(n));
    for (const BenchShot& shot : bench_.shots())
        if (!shot.reading) notes << tr("%1: %2").arg(QFileInfo(shot.path).fileName(), shot.why);
    verdicts_->setItems(std::move(items), notes);
    const BenchShot* base = bench_.shotOf(s->profiles[profile].baseStep().shot);
    if (base && base->reading) curve_->setProfile(s->profiles[profile], base->reading->encoding);
}

std::vector<std::vector<SeriesPage::Source>> SeriesPage::sources(SeriesSeen how, OutputSpace space) const {
    const auto s = bench_.series();
    std::vector<std::vector<Source>> sources;
    for (const SeriesProfile& p : s->profiles) {
        sources.emplace_back();
        for (const SeriesStep& step : p.steps) {
            const BenchShot* shot = bench_.shotOf(step.shot);
            if (!shot || !shot->cell) {
                sources.back().emplace_back();
                continue;
            }
            sources.back().push_back({shot->cell, renderingOf(p, step, shot->reading->encoding, how, space)});
        }
    }
    return sources;
}

template <class Draw>
SeriesPage::Pictures SeriesPage::picturesOf(const std::vector<std::vector<Source>>& sources,
                                            const Draw& draw) {
    Pictures out;
    for (const auto& row : sources) {
        out.emplace_back();
        for (const Source& one : row) out.back().push_back(one.crop ? draw(one) : QImage());
    }
    return out;
}

void SeriesPage::draw() {
    if (!bench_.series()) return;
    if (const auto made = made_.find(seen()); made != made_.end())
        grid_->setPictures(made->second);
    else
        makePictures(seen(), Urgency::now);
}

void SeriesPage::drawAnew() {
    ++making_;
    made_.clear();
    draw();
}

void SeriesPage::makePictures(SeriesSeen how, Urgency urgency) {
    runJob(
        this,
        [sources = sources(how, kShownSpace)] {
            return picturesOf(sources, [](const Source& one) {
                return displayImage(*one.crop, one.rendering, BenchShot::kCellEdge);
            });
        },
        [this, how, making = making_](const Pictures& pictures) {
            if (making != making_ || !bench_.series() || !made_.emplace(how, pictures).second) return;
            if (how == seen()) grid_->setPictures(pictures);
            // Whoever looks at one way looks at the others next: they are made while nobody waits.
            for (const SeriesSeen other :
                 {SeriesSeen::asRecorded, SeriesSeen::levelOnly, SeriesSeen::greys, SeriesSeen::corrected})
                if (!made_.contains(other)) return makePictures(other, Urgency::soon);
        },
        urgency);
}

void SeriesPage::compare() {
    const auto s = bench_.series();
    if (!s) return;
    const auto source = [&](const SeriesCell& c) {
        const SeriesStep& step = s->profiles[c.profile].steps[c.step];
        const BenchShot* shot = bench_.shotOf(step.shot);
        return shot && shot->crop
                   ? Source{shot->crop, renderingOf(s->profiles[c.profile], step, shot->reading->encoding,
                                                    seen(), kShownSpace)}
                   : Source{};
    };
    const auto titled = [&](const QString& letter, const SeriesCell& c) {
        return tr("%1: %2, %3", "A: profile, exposure")
            .arg(letter, text(s->profiles[c.profile].name),
                 text(words::exposure(s->profiles[c.profile].steps[c.step].stops)));
    };
    const Source a = source(grid_->chosen()), b = source(grid_->against());
    if (!a.crop || !b.crop) return;
    runJob(
        this,
        [a, b] {
            const QImage one = displayImage(*a.crop, a.rendering, kLargeEdge);
            // Of one size, so that a wipe lies on the same place of the chart.
            const QImage other = displayImage(*b.crop, b.rendering, kLargeEdge).scaled(one.size());
            return std::pair(PictureView::pyramid(one), PictureView::pyramid(other));
        },
        [this, first = titled(tr("A"), grid_->chosen()), second = titled(tr("B"), grid_->against()),
         a = grid_->chosen(), b = grid_->against(),
         how = layout_->currentIndex()](std::pair<PictureView::Levels, PictureView::Levels> p) {
            if (!(a == grid_->chosen()) || !(b == grid_->against()) || !bench_.series()) return;
            using Layout = CompareView::Layout;
            const QSize full = p.first.front().size();
            if (how == 3)
                view_->setPanes(Layout::alone, {{first, std::move(p.first)}}, full);
            else
                view_->setPanes(std::array{Layout::wipe, Layout::checker,
                                           Layout::sideBySide}[static_cast<std::size_t>(how)],
                                {{first, std::move(p.first)}, {second, std::move(p.second)}}, full);
        },
        Urgency::now);
}

void SeriesPage::share() {
    const auto& s = bench_.series();
    if (!s) return;
    const std::size_t profile = std::min(grid_->chosen().profile, s->profiles.size() - 1);
    const QString path =
        dialogs_.saveFile(this, tr("One LUT for all usable steps"),
                          text(s->profiles[profile].name) + QStringLiteral(".cube"), tr("3D LUT (*.cube)"));
    if (!path.isEmpty()) bench_.shareLut(profile, path);
}

// The grid as it is seen, but for its colours: a paper's are sRGB, whatever display is at hand.
void SeriesPage::report() {
    const auto s = bench_.series();
    const BenchShot* zero = s ? bench_.shotOf(s->zero) : nullptr;
    if (!zero || !zero->reading) return;
    const QString title = bench_.bodyName().isEmpty() ? tr("Exposure series")
                                                      : tr("Exposure series of %1").arg(bench_.bodyName());
    const QString path = dialogs_.saveFile(this, tr("Report of the series"), title + QStringLiteral(".pdf"),
                                           tr("Report (*.pdf *.html)"));
    if (path.isEmpty()) return;
    runJob(
        this,
        [sources = sources(seen(), OutputSpace::srgb)] {
            return picturesOf(sources, [](const Source& one) {
                return srgbImage(*one.crop, one.rendering, BenchShot::kCellEdge);
            });
        },
        [this, s, chart = zero->reading->chart, title, path](Pictures pictures) {
            if (s != bench_.series())
                return said_->setText(tr("The series is another one by now; ask for its report again."));
            writeReport(chart, title, path, grid_->forPaper(std::move(pictures)));
        });
}

void SeriesPage::writeReport(const Chart& chart, const QString& title, const QString& path,
                             const QImage& grid) {
    runJob(
        this,
        [s = bench_.series(), chart, title = title.toStdString(), path = path.toStdString(),
         grid]() -> Status {
            QByteArray jpeg;
            QBuffer buffer(&jpeg);
            grid.save(&buffer, "JPEG", 90);
            const io::Document document = io::seriesDocument(*s, chart, title, {jpeg.begin(), jpeg.end()});
            if (path.ends_with(".html")) return io::writeFile(path, io::documentHtml(document));
            return paper::writeDocument(path, document);
        },
        [this, path](const Status& done) {
            said_->setText(done ? tr("The report is in %1.").arg(QFileInfo(path).fileName())
                                : text(done.error().message));
        });
}

// No file knows of it, and the exposure that was set is told without it.
void SeriesPage::askFilter(const SeriesCell& cell) {
    const auto& s = bench_.series();
    const BenchShot* shot = s ? bench_.shotOf(s->profiles[cell.profile].steps[cell.step].shot) : nullptr;
    if (!shot) return;
    const auto typed = dialogs_.nameOf(this, tr("Neutral density"), tr("Stops that it takes away:"),
                                       QString::number(shot->ndStops));
    if (!typed) return;
    bool is = false;
    const double stops = QString(*typed).replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&is);
    if (!is || stops < 0 || stops > 20)
        return said_->setText(tr("Neutral density is a number of stops, from 0 to 20."));
    bench_.setNd(shot->path, stops);
}

void SeriesPage::shootDemo() {
    shooting_ = true;
    refresh();
    title_->setText(tr("Shooting the demo's series"));
    runJob(
        this,
        [folder = Demo::folder() + QStringLiteral("/test")](const std::stop_token& stop) {
            return demoSeries(folder, stop);
        },
        [this](const Result<QStringList>& frames) {
            shooting_ = false;
            refresh();
            if (frames)
                take(*frames);
            else
                said_->setText(text(frames.error().message));
        });
}

void SeriesPage::nameProfile(const SeriesCell& cell) {
    const auto& s = bench_.series();
    if (!s) return;
    const SeriesProfile& p = s->profiles[cell.profile];
    const auto name =
        dialogs_.nameOf(this, tr("Recording profile"), tr("What this shot was recorded in:"), text(p.name));
    if (!name || name->isEmpty()) return;
    if (const BenchShot* shot = bench_.shotOf(p.steps[cell.step].shot))
        bench_.setProfile(shot->path, name->toStdString());
}

}  // namespace refero
