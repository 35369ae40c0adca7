// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/charts/charts_page.h"

#include <QHBoxLayout>
#include <QListView>
#include <QPainter>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <cmath>

#include "app/charts/chart_assistant.h"
#include "app/charts/chart_data_files.h"
#include "app/charts/chart_picture.h"
#include "app/charts/copy_panel.h"
#include "app/dialogs/dialogs.h"
#include "app/kit/kit_lines.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/session/reading_actions.h"
#include "core/colour/difference.h"
#include "io/chart_data/chart_data_file.h"
#include "io/chart_file.h"
#include "sim/spectrophotometer.h"
#include "studio/charts.h"
#include "studio/plan_edits.h"
#include "workflow/chart_learning.h"

namespace refero {
namespace {

enum Panel { kAbout, kAssistant, kCopy };

constexpr int kListWidth = 232;

// Lines of designs have ids below zero: minus their place in the session's list, and one.
studio::AnyId lineOf(std::size_t chart) {
    return -1 - static_cast<studio::AnyId>(chart);
}

}  // namespace

ChartsPage::ChartsPage(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session), dialogs_(dialogs) {
    setObjectName(QStringLiteral("chartsPage"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    row->addWidget(buildList());
    picture_ = new ChartPicture(this);
    row->addWidget(picture_, 1);
    auto* side = new QWidget(this);
    side->setFixedWidth(look::kFindingsWidth);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(16, 12, 16, 12);
    panels_ = new QStackedWidget(side);
    about_ = buildAbout();
    assistant_ = new ChartAssistant(dialogs_, panels_);
    copy_ = new CopyPanel(panels_);
    for (QWidget* w : {about_, static_cast<QWidget*>(assistant_), static_cast<QWidget*>(copy_)})
        panels_->addWidget(w);
    column->addWidget(panels_);
    row->addWidget(side);
    connect(assistant_, &ChartAssistant::changed, this, &ChartsPage::showPicture);
    connect(assistant_, &ChartAssistant::keepWanted, this, &ChartsPage::keepChart);
    connect(copy_, &CopyPanel::changed, this, &ChartsPage::showPicture);
    connect(copy_, &CopyPanel::keepWanted, this, &ChartsPage::keepCopy);
    connect(picture_, &ChartPicture::patchChosen, this, [this](int patch) {
        if (panels_->currentIndex() == kCopy) copy_->goTo(patch);
    });
    const auto leave = [this] {
        panels_->setCurrentIndex(kAbout);
        showPicture();
    };
    connect(assistant_, &ChartAssistant::leaveWanted, this, leave);
    connect(copy_, &CopyPanel::leaveWanted, this, leave);
}

QWidget* ChartsPage::buildList() {
    auto* side = new QWidget(this);
    side->setFixedWidth(kListWidth);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 12, 0, 12);
    column->setSpacing(2 * look::kStep);
    model_ = new KitLines(side);
    list_ = new QListView(side);
    list_->setObjectName(QStringLiteral("chartList"));
    list_->setAccessibleName(tr("Charts and their copies"));
    list_->setModel(model_);
    list_->setItemDelegate(new KitLineDelegate(list_));
    list_->setFrameShape(QFrame::NoFrame);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(list_, 1);
    auto* make = new look::Button(look::Button::Kind::plain, tr("New chart from data"), side);
    make->setObjectName(QStringLiteral("newChart"));
    auto* row = new QHBoxLayout;
    row->setContentsMargins(16, 0, 16, 0);
    row->addWidget(make);
    row->addStretch(1);
    column->addLayout(row);
    connect(make, &QAbstractButton::clicked, this, &ChartsPage::beginChart);
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& now) { choose(now.row()); });
    return side;
}

QWidget* ChartsPage::buildAbout() {
    auto* about = new QWidget(this);
    auto* column = new QVBoxLayout(about);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3 * look::kStep);
    title_ = new look::Label({}, look::Size::title, look::Label::Tone::loud, QFont::DemiBold);
    title_->setObjectName(QStringLiteral("chartTitle"));
    facts_ = new look::Label({}, look::Size::body);
    facts_->setObjectName(QStringLiteral("chartFacts"));
    column->addWidget(title_);
    column->addWidget(facts_);
    const auto add = [&](const char* name, const QString& words, const QString& hint, auto slot) {
        auto* b = new look::Button(look::Button::Kind::plain, words, about);
        b->setObjectName(QLatin1String(name));
        b->setToolTip(hint);
        column->addWidget(b, 0, Qt::AlignLeft);
        connect(b, &QAbstractButton::clicked, this, slot);
        return b;
    };
    measure_ =
        add("measureCopy", tr("Measure this copy"),
            tr("Patch by patch with an instrument; the simulated one that ships."), &ChartsPage::beginCopy);
    values_ = add("copyValues", tr("Its values from a file"),
                  refero::told("CGATS, CxF or CSV with as many colours as it has patches, in their order."),
                  &ChartsPage::valuesFromFile);
    export_ = add("exportChart", tr("Hand on its data"),
                  tr("As CGATS text, CxF or CSV, by the file's ending."), &ChartsPage::handOn);
    remove_ = add("removeChart", tr("Take out"), {}, &ChartsPage::takeOut);
    column->addStretch(1);
    return about;
}

std::optional<Chart> ChartsPage::chosenChart() const {
    const studio::AnyId id = list_->currentIndex().data(KitLines::IdRole).toLongLong();
    if (id > 0) return studio::chartOfCopy(session_.studio()->contents(), id);
    const auto at = static_cast<std::size_t>(-1 - id);
    return id < 0 && at < session_.reading().charts().size() ? std::optional(session_.reading().charts()[at])
                                                             : std::nullopt;
}

const plan::ChartCopy* ChartsPage::chosenCopy() const {
    const studio::AnyId id = list_->currentIndex().data(KitLines::IdRole).toLongLong();
    return id > 0 ? session_.studio()->contents().find<plan::ChartCopy>(id) : nullptr;
}

void ChartsPage::refresh() {
    if (!session_.studio()) return;
    std::vector<KitKind::Line> lines;
    const auto& charts = session_.reading().charts();
    const std::size_t shipped = io::shippedCharts().size();
    for (std::size_t i = 0; i < charts.size(); ++i) {
        lines.push_back({lineOf(i), text(charts[i].name),
                         i < shipped ? refero::told("design") : refero::told("your own")});
        for (const auto& [id, c] : session_.studio()->contents().all<plan::ChartCopy>())
            if (c.chart == charts[i].id)
                lines.push_back({id.number(), QStringLiteral("    ") + text(c.label),
                                 c.values.empty() ? refero::told("copy") : refero::told("measured")});
    }
    const studio::AnyId chosen = list_->currentIndex().data(KitLines::IdRole).toLongLong();
    model_->setLines(std::move(lines));
    const int row = std::max(0, model_->rowOf(chosen));
    if (list_->currentIndex().row() != row) list_->setCurrentIndex(model_->index(row));
    showAbout();
    showPicture();
}

void ChartsPage::choose(int) {
    if (panels_->currentIndex() == kCopy) panels_->setCurrentIndex(kAbout);
    showAbout();
    showPicture();
}

void ChartsPage::showAbout() {
    const auto chart = chosenChart();
    const plan::ChartCopy* copy = chosenCopy();
    title_->setText(copy ? text(copy->label) : chart ? text(chart->name) : QString());
    const bool estimated = chart && chart->estimatedColours;
    measure_->setVisible(copy && !estimated);
    values_->setVisible(copy || estimated);
    values_->setText(estimated ? tr("Give its data") : tr("Its values from a file"));
    values_->setAccessibleName(values_->text());
    export_->setVisible(chart.has_value());
    const studio::AnyId id = list_->currentIndex().data(KitLines::IdRole).toLongLong();
    remove_->setVisible(id < 0 && static_cast<std::size_t>(-1 - id) >= io::shippedCharts().size());
    if (!chart) return facts_->setText({});
    QStringList lines;
    const double scale = copy ? copy->scale : 1;
    lines << refero::told("%1 patches, %2 of them neutral")
                 .arg(chart->patches.size())
                 .arg(chart->neutrals().size());
    lines << QStringLiteral("%1 x %2 mm")
                 .arg(std::lround(chart->outlineMm.x() * scale))
                 .arg(std::lround(chart->outlineMm.y() * scale));
    lines << text(chart->source);
    if (estimated)
        lines << tr(
            "Its colours are as one picture showed them: it is found in frames, and corrections wait "
            "for its data.");
    if (chart->assumedLayout)
        lines << tr(
            "Its rows, columns and sizes are a proposal: a photograph of it, opened as a frame, tells "
            "them.");
    if (copy && !copy->values.empty()) {
        double sum = 0, most = 0;
        for (const Chart& design : session_.reading().charts())
            if (design.id == chart->id && design.patches.size() == chart->patches.size())
                for (std::size_t i = 0; i < design.patches.size(); ++i) {
                    const double d = ciede2000(design.patches[i].labD50, chart->patches[i].labD50);
                    sum += d / double(design.patches.size());
                    most = std::max(most, d);
                }
        lines << refero::told(
                     "This copy differs from its design by %1 on average, %2 at most (CIEDE2000). Readings "
                     "of its setups use its own values.")
                     .arg(decimalText(sum, 1))
                     .arg(decimalText(most, 1));
    } else if (copy) {
        lines << refero::told(
            "It is taken to be as its design. Measured, its readings become as good as it is.");
    }
    facts_->setText(lines.join(QStringLiteral("\n\n")));
}

void ChartsPage::showPicture() {
    picture_->setFigures({});
    if (panels_->currentIndex() == kAssistant) {
        const auto& chart = assistant_->chart();
        if (chart) return picture_->setChart(*chart);
        return picture_->clear(tr("The chart appears here as soon as its data can be read."));
    }
    if (panels_->currentIndex() == kCopy && copy_->measurement()) {
        const CopyMeasurement& m = *copy_->measurement();
        picture_->setChart(m.design());
        picture_->setMarked(copy_->patch());
        std::map<std::size_t, QString> figures;
        for (std::size_t i = 0; i < m.design().patches.size(); ++i)
            if (const auto d = m.difference(i)) figures[i] = decimalText(*d, 1);
        return picture_->setFigures(std::move(figures));
    }
    picture_->setMarked(-1);
    if (const auto chart = chosenChart()) return picture_->setChart(*chart);
    picture_->clear({});
}

void ChartsPage::beginChart() {
    assistant_->begin();
    panels_->setCurrentIndex(kAssistant);
    showPicture();
}

void ChartsPage::keepChart(const Chart& chart) {
    const Status kept =
        session_.perform(tr("Keep the chart %1").arg(text(chart.name)), [&](studio::Edit& edit) -> Status {
            return studio::addChart(edit, session_.studio()->contents(), chart)
                .map([](studio::ChartDesignId) {});
        });
    if (!kept) return assistant_->refuse(text(kept.error().message));
    panels_->setCurrentIndex(kAbout);
    refresh();
    for (std::size_t i = 0; i < session_.reading().charts().size(); ++i)
        if (session_.reading().charts()[i].id == chart.id)
            list_->setCurrentIndex(model_->index(model_->rowOf(lineOf(i))));
}

void ChartsPage::beginCopy() {
    const plan::ChartCopy* copy = chosenCopy();
    if (!copy) return;
    const auto all = session_.reading().charts();
    const auto design =
        std::find_if(all.begin(), all.end(), [&](const Chart& c) { return c.id == copy->chart; });
    if (design == all.end()) return;
    copyBeing_ = copy->id;
    const auto seed = static_cast<unsigned>(copy->id);
    copy_->begin(
        *design, text(copy->label),
        std::make_unique<sim::SimulatedSpectrophotometer>(sim::aged(*design, {14, 0.005, seed}), seed));
    panels_->setCurrentIndex(kCopy);
    showPicture();
    copy_->setFocus();
}

void ChartsPage::keepCopy(const Chart& measured, const QString& reference) {
    const auto* copy = session_.studio()->contents().find<plan::ChartCopy>(copyBeing_);
    if (!copy) return;
    const Status kept =
        session_.perform(tr("Keep what was measured on %1").arg(text(copy->label)), [&](studio::Edit& edit) {
            return studio::keepValues(edit, session_.studio()->contents(), copyBeing_, measured,
                                      reference.toStdString());
        });
    if (!kept) return emit told(text(kept.error().message));
    panels_->setCurrentIndex(kAbout);
    refresh();
}

// A chart whose layout was learned from a picture becomes whole.
void ChartsPage::completeChart(const Chart& layout) {
    const QString path = dialogs_.openFile(this, tr("Open the chart's data"), chartDataFilter());
    if (path.isEmpty()) return;
    const auto chart =
        workflow::chartSource(path.toStdString()).and_then([&](const workflow::ChartSource& source) {
            return workflow::chartCompleted(layout, source, {});
        });
    const Status kept =
        !chart ? tl::unexpected(chart.error())
               : session_.perform(tr("Give the data of %1").arg(text(layout.name)), [&](studio::Edit& edit) {
                     return studio::replaceChart(edit, session_.studio()->contents(), *chart);
                 });
    emit told(kept ? QString() : text(kept.error().message));
    // What was read with the colours of a picture is read anew.
    std::vector<studio::SetupId> stale;
    for (const Setup& s : session_.setups())
        if (kept && s.reading && s.reading->chart.id == layout.id) stale.push_back(s.id);
    for (const auto id : stale) session_.reading().readNewest(id);
    refresh();
}

void ChartsPage::valuesFromFile() {
    if (const auto chart = chosenChart(); chart && chart->estimatedColours) return completeChart(*chart);
    const plan::ChartCopy* copy = chosenCopy();
    if (!copy) return;
    const QString path = dialogs_.openFile(this, tr("Open this copy's values"), chartDataFilter());
    if (path.isEmpty()) return;
    const auto given = io::readChartData(path.toStdString());
    const auto design = chosenChart();
    const auto measured = given.and_then([&](const ChartData& d) -> Result<Chart> {
        return brought(d).and_then([&](const ChartColours& c) { return withColours(*design, c); });
    });
    const Status kept =
        !measured ? tl::unexpected(measured.error())
                  : session_.perform(tr("Take the values of %1 from a file").arg(text(copy->label)),
                                     [&](studio::Edit& edit) {
                                         return studio::keepValues(edit, session_.studio()->contents(),
                                                                   copy->id, *measured, measured->source);
                                     });
    emit told(kept ? QString() : text(kept.error().message));
    refresh();
}

void ChartsPage::handOn() {
    const auto chart = chosenChart();
    if (!chart) return;
    const QString path =
        dialogs_.saveFile(this, tr("Hand on the chart's data"), text(chart->id) + QStringLiteral(".txt"),
                          tr("CGATS (*.txt);;CxF (*.cxf);;Table (*.csv)"));
    if (path.isEmpty()) return;
    const Status done = io::writeChartData(dataOf(*chart), path.toStdString());
    emit told(done ? tr("Written to %1").arg(path) : text(done.error().message));
}

void ChartsPage::takeOut() {
    const auto chart = chosenChart();
    if (!chart) return;
    for (const auto& [id, d] : session_.studio()->contents().all<studio::ChartDesign>()) {
        if (d.chart != chart->id) continue;
        const Status done = session_.perform(tr("Take out %1").arg(text(d.label)), [&](studio::Edit& edit) {
            return studio::removeUnused<studio::ChartDesign>(edit, session_.studio()->contents(), id);
        });
        emit told(done ? QString() : text(done.error().message));
        break;
    }
    refresh();
}

void ChartsPage::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), look::palette().ground);
    p.fillRect(QRect(width() - look::kFindingsWidth, 0, look::kFindingsWidth, height()),
               look::palette().panel);
}

}  // namespace refero
