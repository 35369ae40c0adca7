// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/transform_table.h"

#include <QHeaderView>
#include <QItemSelectionModel>
#include <QSignalBlocker>
#include <algorithm>
#include <cmath>

#include "app/look/text.h"

namespace refero {
namespace {

using Trial = BenchActions::Trial;

enum Column {
    nameColumn,
    kindColumn,
    errorColumn,
    levelColumn,
    castColumn,
    hueColumn,
    noiseColumn,
    flawsColumn
};

double worstCast(const Assessment& a) {
    double out = 0;
    for (const AssessedGrey& g : a.greys) out = std::max(out, g.difference);
    return out;
}

double worstHue(const Assessment& a) {
    double out = 0;
    for (const AssessedHue& h : a.hues) out = std::max(out, h.difference);
    return out;
}

QString flaws(const Assessment& a) {
    QStringList out;
    if (!a.reversals.empty()) out << TransformTable::tr("reverses");
    if (!a.bands.empty()) out << TransformTable::tr("bands");
    if (!a.merges.empty()) out << TransformTable::tr("merges");
    if (!a.cut.empty()) out << TransformTable::tr("cuts");
    return out.isEmpty() ? TransformTable::tr("none") : out.join(QStringLiteral(", "));
}

QString signedStops(double stops) {
    if (std::abs(stops) < 0.05) return QStringLiteral("0");
    return (stops > 0 ? QStringLiteral("+") : QString()) + decimalText(stops, 1);
}

// What a column is sorted by.
double figureOf(const Assessment& a, int column) {
    switch (column) {
        case levelColumn:
            return std::abs(a.expectsStops);
        case castColumn:
            return worstCast(a);
        case hueColumn:
            return worstHue(a);
        case noiseColumn:
            return a.chromaNoise;
        case flawsColumn:
            return double(!a.reversals.empty()) + double(!a.bands.empty()) + double(!a.merges.empty());
        default:
            return a.meanLevelled;
    }
}

// What cannot be told yet, or at all, stands last.
bool before(const Trial& one, const Trial& other, int column) {
    if (!one.result || !other.result) return one.result && !other.result;
    const Assessment &a = one.result->assessment, &b = other.result->assessment;
    if (column == nameColumn) return a.name < b.name;
    if (column == kindColumn) return a.kind < b.kind;
    return figureOf(a, column) < figureOf(b, column);
}

FigureRow rowOf(const Trial& t) {
    FigureRow out;
    out.id = t.path;
    if (t.isFile()) out.hint = t.path;
    if (!t.result) {
        out.cells = {t.title, t.why.isEmpty() ? TransformTable::tr("Being tried") : t.why};
        out.cells.resize(flawsColumn + 1);
        out.quiet = true;
        return out;
    }
    const Assessment& a = t.result->assessment;
    out.cells = {text(a.name),
                 text(a.kind),
                 decimalText(a.meanLevelled, 2),
                 signedStops(a.expectsStops),
                 decimalText(worstCast(a), 1),
                 decimalText(worstHue(a), 1),
                 decimalText(a.chromaNoise, 1),
                 flaws(a)};
    return out;
}

}  // namespace

TransformTable::TransformTable(QWidget* parent)
    : RowTable(parent),
      rows_({{tr("Transform"), {}, false},
             {tr("What it is"), {}, false},
             {tr("Error"), tr("Mean CIEDE2000 to the reference values at the exposure that it expects.")},
             {tr("Expects"), tr("Stops more than the chart shot has.")},
             {tr("Cast"), tr("CIEDE2000 of the grey that is furthest from grey.")},
             {tr("Hue"), tr("Mean CIEDE2000 of the hue that is furthest off.")},
             {tr("Noise"), tr("Chroma noise of one pixel, a* and b*.")},
             {tr("Flaws"),
              tr("Whether it turns colours over, makes steps, merges near colours, or cuts colours off."),
              false}},
            this) {
    setObjectName(QStringLiteral("transformTable"));
    setAccessibleName(tr("Transforms"));
    setModel(&rows_);
    setWidths({170, 0, 56, 62, 52, 52, 56, 130});
    horizontalHeader()->setSectionsClickable(true);
    horizontalHeader()->setToolTip(tr("A click on a heading sorts by it."));
    connect(horizontalHeader(), &QHeaderView::sectionClicked, this, [this](int section) {
        sorted_ = section;
        fill();
    });
    connect(selectionModel(), &QItemSelectionModel::currentRowChanged, this, &TransformTable::chosenChanged);
}

void TransformTable::show(const std::vector<Trial>& trials) {
    trials_ = trials;
    fill();
}

void TransformTable::fill() {
    const auto kept = chosen();
    std::stable_sort(trials_.begin(), trials_.end(),
                     [this](const Trial& a, const Trial& b) { return before(a, b, sorted_); });
    std::vector<FigureRow> rows;
    for (const Trial& t : trials_) rows.push_back(rowOf(t));
    const QSignalBlocker block(selectionModel());
    rows_.setRows(std::move(rows));
    // Of none that was chosen, the first.
    choose(kept.value_or(rows_.rows().empty() ? QString() : rows_.rows().front().id));
}

void TransformTable::setCompact(bool compact) {
    setColumnHidden(kindColumn, compact);
}

void TransformTable::choose(const QString& id) {
    const auto& all = rows_.rows();
    const auto at = std::find_if(all.begin(), all.end(), [&](const FigureRow& r) { return r.id == id; });
    selectRow(at == all.end() ? 0 : static_cast<int>(at - all.begin()));
}

std::optional<QString> TransformTable::chosen() const {
    const int row = currentIndex().row();
    if (row < 0 || row >= rows_.rowCount()) return {};
    return rows_.rows()[static_cast<std::size_t>(row)].id;
}

}  // namespace refero
