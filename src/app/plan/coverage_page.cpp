// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/coverage_page.h"

#include <QHeaderView>
#include <QPainter>
#include <QVBoxLayout>

#include "app/look/label.h"
#include "app/look/text.h"
#include "app/tables/row_delegate.h"
#include "app/tables/row_table.h"

namespace refero {
namespace {

// Valid is solid, weaker is hatched, none is an outline: told apart without hue.
class BarDelegate : public RowDelegate {
  public:
    using RowDelegate::RowDelegate;
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        RowDelegate::paint(p, option, index);
        if (index.column() != CoverageModel::bar) return;
        const auto& c = look::palette();
        const auto& rows = static_cast<const CoverageModel*>(index.model())->rows();
        const studio::SetupCoverage& s = rows[static_cast<std::size_t>(index.row())].coverage;
        if (s.frames() == 0) return;
        p->save();
        QRectF box = QRectF(option.rect).adjusted(8.5, 6.5, -8.5, -6.5);
        const double unit = box.width() / s.frames();
        double x = box.left();
        const auto part = [&](int n, const QBrush& brush) {
            if (n == 0) return;
            p->setPen(QPen(c.quiet, 1));
            p->setBrush(brush);
            p->drawRect(QRectF(x, box.top(), n * unit, box.height()));
            x += n * unit;
        };
        part(s.valid, c.text);
        part(s.weaker, QBrush(c.text, Qt::BDiagPattern));
        part(s.none, Qt::NoBrush);
        p->restore();
    }
};

}  // namespace

void CoverageModel::setRows(std::vector<Row> rows) {
    if (rows == rows_) return;
    beginResetModel();
    rows_ = std::move(rows);
    endResetModel();
}

int CoverageModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int CoverageModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : columns;
}

QVariant CoverageModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const Row& r = rows_[static_cast<std::size_t>(index.row())];
    const bool figure = index.column() >= frames && index.column() <= none;
    const auto count = [](int n) { return n == 0 ? QStringLiteral("-") : QString::number(n); };
    switch (role) {
        case Qt::DisplayRole:
            switch (index.column()) {
                case setup:
                    return r.label;
                case frames:
                    return count(r.coverage.frames());
                case valid:
                    return count(r.coverage.valid);
                case weaker:
                    return count(r.coverage.weaker);
                case none:
                    return count(r.coverage.none);
                case why:
                    return r.coverage.frames() ? QString::fromStdString(r.coverage.reason)
                                               : tr("No frames yet.");
                default:
                    return {};
            }
        case Qt::FontRole:
            return figure ? look::figures(look::Size::body) : look::font(look::Size::body);
        case Qt::TextAlignmentRole:
            return int((figure ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
        case Qt::ToolTipRole:
            return QString::fromStdString(r.coverage.reason);
        default:
            return {};
    }
}

QVariant CoverageModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    if (role == Qt::TextAlignmentRole)
        return int((section >= frames && section <= none ? Qt::AlignRight : Qt::AlignLeft) |
                   Qt::AlignVCenter);
    if (role == Qt::ToolTipRole) {
        static const char* const hints[] = {"",
                                            word("Frames of the subject; chart frames do not count."),
                                            word("A correction built under the same conditions."),
                                            word("Only the same body and kind of light."),
                                            word("No correction of this body under this kind of light."),
                                            word("Solid: valid; hatched: weaker; outline: none."),
                                            ""};
        return told(hints[section]);
    }
    if (role != Qt::DisplayRole) return {};
    static const char* const names[] = {
        word("Setup"), word("Frames"), word("Valid"), word("Weaker"), word("None"), "", word("Why")};
    return told(names[section]);
}

CoveragePage::CoveragePage(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("coveragePage"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(10, 12, 16, 8);
    summary_ = new look::Label({}, look::Size::body, look::Label::Tone::quiet);
    summary_->setObjectName(QStringLiteral("coverageSummary"));
    summary_->setContentsMargins(6, 0, 0, 8);
    column->addWidget(summary_);
    table_ = new RowTable(this);
    table_->setObjectName(QStringLiteral("coverageTable"));
    table_->setAccessibleName(tr("Coverage by setup"));
    table_->setModel(&model_);
    table_->setItemDelegate(new BarDelegate(table_));
    table_->verticalHeader()->setDefaultSectionSize(30);
    table_->setWidths({190, 64, 64, 72, 64, 170, 0});
    column->addWidget(table_, 1);
    connect(table_->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
            [this](const QModelIndex& now) {
                if (now.isValid()) {
                    const auto setup = model_.rows()[static_cast<std::size_t>(now.row())].coverage.setup;
                    if (setup) session_.select(setup);
                }
            });
}

void CoveragePage::refresh() {
    if (!session_.studio()) return;
    std::vector<CoverageModel::Row> rows;
    studio::SetupCoverage all;
    for (const auto& c : studio::coverage(session_.studio()->contents(), session_.day())) {
        const Setup* s = session_.setup(c.setup);
        rows.push_back({s ? text(s->light) : tr("In no setup"), c});
        all.valid += c.valid;
        all.weaker += c.weaker;
        all.none += c.none;
    }
    summary_->setText(all.frames() == 0
                          ? tr("No frames of a subject yet. Once there are some, this page says which have a "
                               "correction that is valid for them.")
                          : told("%1 frames: %2 with a valid correction, %3 with a weaker one, %4 with none")
                                .arg(all.frames())
                                .arg(all.valid)
                                .arg(all.weaker)
                                .arg(all.none));
    model_.setRows(std::move(rows));
}

}  // namespace refero
