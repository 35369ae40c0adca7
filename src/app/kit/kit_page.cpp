// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/kit/kit_page.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QListView>
#include <QPainter>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/kit/kit_lines.h"
#include "app/look/button.h"
#include "app/look/label.h"

namespace refero {
namespace {

// What is carried is in the first column; charts, places and the rest in the second.
constexpr std::size_t kFirstColumn = 4;

}  // namespace

KitPage::KitPage(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), kinds_(kitKinds(session)) {
    setObjectName(QStringLiteral("kitPage"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    row->addWidget(buildLists(), 1);
    row->addWidget(buildPanel());
    refresh();
}

KitPage::~KitPage() = default;

QWidget* KitPage::buildLists() {
    auto* area = new QScrollArea(this);
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget;
    auto* row = new QHBoxLayout(inside);
    row->setContentsMargins(0, 4, 0, 8);
    row->setSpacing(0);
    QVBoxLayout* columns[2];
    for (auto*& column : columns) {
        column = new QVBoxLayout;
        column->setSpacing(0);
        row->addLayout(column, 1);
    }
    for (std::size_t i = 0; i < kinds_.size(); ++i)
        columns[i < kFirstColumn ? 0 : 1]->addWidget(buildSection(i));
    for (auto* column : columns) column->addStretch(1);
    area->setWidget(inside);
    return area;
}

QWidget* KitPage::buildSection(std::size_t kind) {
    auto* section = new QWidget(this);
    auto* column = new QVBoxLayout(section);
    column->setContentsMargins(0, 0, 0, 8);
    column->setSpacing(0);
    auto* heading = new QHBoxLayout;
    heading->setContentsMargins(16, 0, 8, 0);
    heading->addWidget(
        new look::Label(kinds_[kind]->title(), look::Size::small, look::Label::Tone::quiet, QFont::Medium),
        1);
    auto* more = new look::Button(look::Button::Kind::icon, kinds_[kind]->addText(), section);
    more->setObjectName(QStringLiteral("add%1").arg(kind));
    more->setIconName(QStringLiteral("plus"));
    more->setToolTip(kinds_[kind]->addText());
    heading->addWidget(more);
    column->addLayout(heading);
    auto* model = new KitLines(section);
    auto* list = new QListView(section);
    list->setObjectName(QStringLiteral("kitList%1").arg(kind));
    list->setAccessibleName(kinds_[kind]->title());
    list->setModel(model);
    list->setItemDelegate(new KitLineDelegate(list));
    list->setFrameShape(QFrame::NoFrame);
    list->setMouseTracking(true);
    list->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(list);
    models_.push_back(model);
    lists_.push_back(list);
    connect(more, &QAbstractButton::clicked, this, [this, kind] { add(kind); });
    connect(list->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this, kind](const QModelIndex& now) {
                if (now.isValid()) choose(kind, now.data(KitLines::IdRole).toLongLong());
            });
    return section;
}

QWidget* KitPage::buildPanel() {
    auto* panel = new QWidget(this);
    panel->setFixedWidth(look::kFindingsWidth);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(16, 12, 16, 12);
    column->setSpacing(3 * look::kStep);
    title_ = new look::Label({}, look::Size::title, look::Label::Tone::loud, QFont::DemiBold);
    column->addWidget(title_);
    for (auto& kind : kinds_) {
        forms_.push_back(kind->makeForm(panel));
        column->addWidget(forms_.back());
    }
    message_ = new look::Label({}, look::Size::small, look::Label::Tone::loud);
    message_->setObjectName(QStringLiteral("kitMessage"));
    column->addWidget(message_);
    auto* row = new QHBoxLayout;
    deed_ = new look::Button(look::Button::Kind::plain, tr("Done"), panel);
    deed_->setObjectName(QStringLiteral("kitDeed"));
    remove_ = new look::Button(look::Button::Kind::plain, tr("Take out"), panel);
    remove_->setObjectName(QStringLiteral("kitRemove"));
    row->addWidget(deed_);
    row->addWidget(remove_);
    row->addStretch(1);
    column->addLayout(row);
    column->addStretch(1);
    connect(remove_, &QAbstractButton::clicked, this, &KitPage::remove);
    connect(deed_, &QAbstractButton::clicked, this, [this] { tell(kinds_[kind_]->doDeed(id_)); });
    return panel;
}

void KitPage::choose(std::size_t kind, studio::AnyId id) {
    const bool other = kind != kind_ || id != id_;
    kind_ = kind;
    id_ = id;
    // One thing is chosen on the whole page.
    for (std::size_t i = 0; i < lists_.size(); ++i)
        if (i != kind) lists_[i]->selectionModel()->clear();
    if (other) tell({});
    refresh();
}

void KitPage::chooseShoot(studio::ShootId id) {
    refresh();
    const int row = models_.back()->rowOf(id.number());
    if (row >= 0) lists_.back()->setCurrentIndex(models_.back()->index(row));
}

void KitPage::tell(const Status& status) {
    message_->setText(status ? QString() : QString::fromStdString(status.error().message));
    message_->setVisible(!status);
}

void KitPage::add(std::size_t kind) {
    const auto id = kinds_[kind]->add();
    if (!id) return tell(tl::unexpected(id.error()));
    refresh();
    lists_[kind]->setCurrentIndex(models_[kind]->index(models_[kind]->rowOf(*id)));
    if (auto* field = forms_[kind]->findChild<QLineEdit*>()) {
        field->setFocus();
        field->selectAll();
    }
}

void KitPage::remove() {
    const Status done = kinds_[kind_]->remove(id_);
    tell(done);
}

void KitPage::refresh() {
    if (!session_.studio()) return;
    for (std::size_t i = 0; i < kinds_.size(); ++i) {
        models_[i]->setLines(kinds_[i]->lines());
        const int rows = models_[i]->rowCount();
        lists_[i]->setFixedHeight(rows * KitLineDelegate::kHeight);
    }
    if (id_ == 0 && models_[0]->rowCount() > 0)
        id_ = models_[0]->index(0).data(KitLines::IdRole).toLongLong();
    const int row = models_[kind_]->rowOf(id_);
    const bool any = row >= 0;
    if (any && lists_[kind_]->currentIndex().row() != row)
        lists_[kind_]->setCurrentIndex(models_[kind_]->index(row));
    for (std::size_t i = 0; i < forms_.size(); ++i) forms_[i]->setVisible(any && i == kind_);
    remove_->setVisible(any);
    deed_->setVisible(any && !kinds_[kind_]->deed().isEmpty());
    if (const QString deed = kinds_[kind_]->deed(); !deed.isEmpty()) {
        deed_->setText(deed);
        deed_->setAccessibleName(deed);
        deed_->updateGeometry();
    }
    title_->setText(any ? models_[kind_]->index(row).data().toString()
                        : tr("Choose a line to see it, or enter what you own"));
    if (any) kinds_[kind_]->show(id_);
}

void KitPage::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), look::palette().ground);
    p.fillRect(QRect(width() - look::kFindingsWidth, 0, look::kFindingsWidth, height()),
               look::palette().panel);
}

}  // namespace refero
