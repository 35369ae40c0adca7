// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/judging/colours_page.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QLocale>
#include <QVBoxLayout>
#include <algorithm>

#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/pictures/display_colour.h"
#include "app/tables/row_table.h"
#include "core/colour/difference.h"

namespace refero {
namespace {

// Whole numbers in the narrow columns; tenths where there is room.
QString inWords(const Lab& lab, int decimals) {
    const auto one = [&](double v) {
        return decimalText(v, decimals).replace(QLatin1Char('-'), QChar(0x2212));
    };
    return one(lab.L) + QLatin1Char(' ') + one(lab.a) + QLatin1Char(' ') + one(lab.b);
}

// As people type it: a comma or a point, a hyphen or a minus.
std::optional<double> numberIn(const QLineEdit& field) {
    QString text = field.text().trimmed();
    text.replace(QLatin1Char(','), QLatin1Char('.')).replace(QChar(0x2212), QLatin1Char('-'));
    bool ok = false;
    const double v = text.toDouble(&ok);
    return ok ? std::optional(v) : std::nullopt;
}

}  // namespace

void ColoursModel::setSetup(const Setup* setup) {
    beginResetModel();
    colours_ = setup ? setup->colours : std::vector<workflow::OwnColour>{};
    corrected_.clear();
    for (const workflow::OwnColour& c : colours_)
        corrected_.push_back(setup->correction->toLab(c.colour.rgb));
    endResetModel();
}

double ColoursModel::differenceOf(std::size_t row) const {
    return ciede2000(colours_[row].colour.labD50, corrected_[row]);
}

int ColoursModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(colours_.size());
}

int ColoursModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : columns;
}

QVariant ColoursModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) return {};
    const auto row = static_cast<std::size_t>(index.row());
    if (role == Qt::TextAlignmentRole)
        return static_cast<int>((index.column() >= difference ? Qt::AlignRight : Qt::AlignLeft) |
                                Qt::AlignVCenter);
    if (role == Qt::ToolTipRole)
        return told("%1: measured %2, corrected %3 (L* a* b*)")
            .arg(QFileInfo(QString::fromStdString(colours_[row].colour.framePath)).fileName(),
                 inWords(colours_[row].colour.labD50, 1), inWords(corrected_[row], 1));
    if (role != Qt::DisplayRole) return {};
    switch (index.column()) {
        case label:
            return QString::fromStdString(colours_[row].colour.name);
        case measured:
            return inWords(colours_[row].colour.labD50, 0);
        case corrected:
            return inWords(corrected_[row], 0);
        case difference:
            return decimalText(differenceOf(row), 2);
        case counts:
            return colours_[row].counts ? told("4 times") : QStringLiteral("no");
        default:
            return {};
    }
}

QVariant ColoursModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    if (role == Qt::TextAlignmentRole)
        return static_cast<int>((section >= difference ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    if (role != Qt::DisplayRole) return {};
    constexpr const char* names[] = {word("Colour"), word("Measured"), word("Corrected"), word("Off by"),
                                     word("Counts")};
    return told(names[section]);
}

ColoursPage::ColoursPage(QWidget* parent) : QWidget(parent), model_(this) {
    setObjectName(QStringLiteral("coloursPage"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    say_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    say_->setObjectName(QStringLiteral("coloursSay"));
    column->addWidget(say_);
    auto* entry = new QHBoxLayout;
    entry->setSpacing(6);
    const auto field = [&](const char* object, const char* hint, int stretch) {
        auto* f = new QLineEdit(this);
        f->setObjectName(QLatin1String(object));
        f->setAccessibleName(told(hint));
        f->setPlaceholderText(told(hint));
        f->setMinimumWidth(34);
        entry->addWidget(f, stretch);
        connect(f, &QLineEdit::returnPressed, this, &ColoursPage::add);
        connect(f, &QLineEdit::textChanged, this, [this] { refresh(); });
        return f;
    };
    name_ = field("colourName", word("Name"), 3);
    for (const auto& [object, hint] :
         {std::pair{"colourL", "L*"}, std::pair{"colourA", "a*"}, std::pair{"colourB", "b*"}})
        lab_.push_back(field(object, hint, 2));
    add_ = new look::Button(look::Button::Kind::plain, tr("Add"), this);
    add_->setObjectName(QStringLiteral("addColour"));
    entry->addWidget(add_);
    column->addLayout(entry);
    list_ = new RowTable(this);
    list_->setObjectName(QStringLiteral("coloursList"));
    list_->setAccessibleName(tr("Things of known colour"));
    list_->setModel(&model_);
    list_->setWidths({0, 76, 76, 54, 60});
    column->addWidget(list_, 1);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    const auto button = [&](const char* object, const char* text, const char* hint) {
        auto* b = new look::Button(look::Button::Kind::plain, told(text), this);
        b->setObjectName(QLatin1String(object));
        b->setToolTip(told(hint));
        row->addWidget(b);
        return b;
    };
    count_ = button("countColour", word("Count it"),
                    word("Whether it counts in the fit, four times, or is only checked."));
    remove_ = button("removeColour", word("Take out"), word("Removes it; it can be undone."));
    prove_ = button("proveColours", word("Keep as proof"),
                    word("Keeps how far those are that do not count, among the correction's findings."));
    row->addStretch(1);
    column->addLayout(row);
    connect(add_, &QAbstractButton::clicked, this, &ColoursPage::add);
    connect(count_, &QAbstractButton::clicked, this, [this] {
        if (const workflow::OwnColour* c = chosen()) emit countWanted(c->id, !c->counts);
    });
    connect(remove_, &QAbstractButton::clicked, this, [this] {
        if (const workflow::OwnColour* c = chosen()) emit removeWanted(c->id);
    });
    connect(prove_, &QAbstractButton::clicked, this, &ColoursPage::proofWanted);
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this, [this] { refresh(); });
    refresh();
}

const workflow::OwnColour* ColoursPage::chosen() const {
    const int row = list_->currentIndex().row();
    return row >= 0 && row < model_.rowCount() ? &model_.colours()[static_cast<std::size_t>(row)] : nullptr;
}

void ColoursPage::show(const Setup* setup) {
    const workflow::OwnColour* kept = chosen();
    const auto id = kept ? kept->id : studio::KnownColourId{};
    ready_ = setup != nullptr;
    model_.setSetup(setup);
    for (int row = 0; row < model_.rowCount(); ++row)
        if (model_.colours()[static_cast<std::size_t>(row)].id == id) list_->selectRow(row);
    if (!list_->currentIndex().isValid() && model_.rowCount() > 0) list_->selectRow(model_.rowCount() - 1);
    refresh();
}

void ColoursPage::setPlace(const QString& path, const QRectF& place) {
    path_ = path;
    place_ = place;
    refresh();
    if (!place.isEmpty()) name_->setFocus();
}

void ColoursPage::answer(const QString& message) {
    if (!message.isEmpty()) return say_->setText(message);
    place_ = {};
    for (QLineEdit* f : lab_) f->clear();
    name_->clear();
    refresh();
}

void ColoursPage::add() {
    if (place_.isEmpty() || !add_->isEnabled()) return;
    emit addWanted(path_, place_, name_->text(),
                   {*numberIn(*lab_[0]), *numberIn(*lab_[1]), *numberIn(*lab_[2]), white::d50});
}

void ColoursPage::refresh() {
    const bool placed = !place_.isEmpty();
    const bool whole =
        !name_->text().trimmed().isEmpty() &&
        std::all_of(lab_.begin(), lab_.end(), [](QLineEdit* f) { return numberIn(*f).has_value(); });
    say_->setText(placed ? tr("In %1: give it a name and its measured colour (D50, 2 degrees). The frame "
                              "must have the chart shot's exposure.")
                               .arg(QFileInfo(path_).fileName())
                         : tr("This job's colours: with Shift held, draw over the cloth or paint on the "
                              "picture (as a wipe); then enter what an instrument read."));
    for (QLineEdit* f : lab_) f->setEnabled(placed && ready_);
    name_->setEnabled(placed && ready_);
    add_->setEnabled(placed && ready_ && whole);
    const workflow::OwnColour* c = chosen();
    const bool any = model_.rowCount() > 0;
    list_->setVisible(any);
    for (QWidget* b : std::initializer_list<QWidget*>{count_, remove_, prove_}) b->setVisible(any);
    count_->setText(c && c->counts ? tr("Check only") : tr("Count it"));
    count_->updateGeometry();
    prove_->setEnabled(std::any_of(model_.colours().begin(), model_.colours().end(),
                                   [](const workflow::OwnColour& each) { return !each.counts; }));
}

}  // namespace refero
