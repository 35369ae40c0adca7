// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/station/figures_panel.h"

#include <QComboBox>
#include <QEvent>
#include <QHBoxLayout>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>

#include "app/look/button.h"
#include "app/look/caption.h"
#include "app/look/tokens.h"
#include "app/pictures/display_profile.h"
#include "app/settings/own_settings.h"

namespace refero {
namespace {

constexpr int kHeader = 36;                           // px
constexpr int kUsualHeight = 330, kUsualWidth = 400;  // px, of the figures before a person sized them
constexpr int kChoiceLength = 14;                     // letters
constexpr int kLeastFigures = 80;                     // px, of the content that is not folded
constexpr int kLeastPicture = 160;                    // px, along the splitter

}  // namespace

FiguresPanel::FiguresPanel(const QString& name, const QString& title, QWidget* picture, QWidget* parent)
    : QSplitter(parent), name_(name), picture_(picture), title_(title) {
    setObjectName(name + QStringLiteral("Panel"));
    setHandleWidth(5);
    addWidget(picture);
    figures_ = new QWidget(this);
    column_ = new QVBoxLayout(figures_);
    column_->setContentsMargins(0, 0, 0, 0);
    column_->setSpacing(0);
    auto* bar = new QWidget(figures_);
    bar->setFixedHeight(kHeader);
    header_ = new QHBoxLayout(bar);
    header_->setContentsMargins(8, 2, 8, 2);
    header_->setSpacing(8);
    fold_ = new look::Button(look::Button::Kind::icon, {}, bar);
    fold_->setObjectName(name + QStringLiteral("Fold"));
    header_->addWidget(fold_);
    move_ = new look::Button(look::Button::Kind::icon, {}, bar);
    move_->setObjectName(name + QStringLiteral("Move"));
    header_->addWidget(move_);
    display_ = look::caption({}, bar);
    display_->setObjectName(QStringLiteral("displayProfile"));
    display_->setSingleLine();
    display_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    column_->addWidget(bar);
    addWidget(figures_);
    setStretchFactor(0, 1);
    setStretchFactor(1, 0);
    setChildrenCollapsible(false);
    folded_ = ownSettings().value(key("folded"), true).toBool();
    side_ = ownSettings().value(key("side")).toString() == QLatin1String("right") ? Side::right : Side::below;
    connect(fold_, &QAbstractButton::clicked, this, [this] { setFolded(!folded_); });
    connect(move_, &QAbstractButton::clicked, this,
            [this] { setSide(side_ == Side::below ? Side::right : Side::below); });
    connect(this, &QSplitter::splitterMoved, this, [this] {
        if (!folded_)
            ownSettings().setValue(key(side_ == Side::below ? "height" : "width"), sizes().value(1));
    });
    arrange();
}

// Stations put their own choices between the header's buttons: the tab key goes through them as they stand.
void FiguresPanel::orderTabs() {
    QWidget* last = nullptr;
    for (int i = 0; i < header_->count(); ++i) {
        QWidget* here = header_->itemAt(i)->widget();
        if (!here || !(here->focusPolicy() & Qt::TabFocus)) continue;
        if (last) setTabOrder(last, here);
        last = here;
    }
}

QString FiguresPanel::key(const char* what) const {
    return QStringLiteral("panels/%1/%2").arg(name_, QLatin1String(what));
}

void FiguresPanel::sayDisplay() {
    const QString whole = display::briefly();
    display_->setText(whole);
    display_->setAccessibleName(whole);
    display_->setToolTip(display::inWords());
}

void FiguresPanel::showEvent(QShowEvent* event) {
    orderTabs();
    QSplitter::showEvent(event);
    sayDisplay();
}

void FiguresPanel::setContent(QWidget* content) {
    // As wide as they ask where there is room; else what is chosen is told by the hint, too.
    for (QComboBox* box : figures_->findChildren<QComboBox*>()) {
        box->setSizeAdjustPolicy(QComboBox::AdjustToContents);
        box->setMinimumContentsLength(kChoiceLength);
    }
    // In a small window the content scrolls rather than make the window larger.
    content_ = new QScrollArea(figures_);
    content_->setAccessibleName(title_);
    content_->setWidgetResizable(true);
    content_->setFrameShape(QFrame::NoFrame);
    content_->setFocusPolicy(Qt::NoFocus);
    content_->setMinimumSize(kLeastFigures, kLeastFigures);
    content_->setWidget(content);
    column_->addWidget(content_, 1);
    // The way out of the header is at its far end.
    header_->removeWidget(move_);
    header_->addWidget(display_, 3);
    header_->addWidget(move_);
    arrange();
}

void FiguresPanel::setFolded(bool folded) {
    if (folded_ == folded) return;
    folded_ = folded;
    ownSettings().setValue(key("folded"), folded);
    arrange();
}

void FiguresPanel::setSide(Side side) {
    if (side_ == side) return;
    side_ = side;
    ownSettings().setValue(key("side"),
                           side == Side::right ? QStringLiteral("right") : QStringLiteral("below"));
    arrange();
    emit sideChanged(side);
}

void FiguresPanel::setPictureAlone(bool alone) {
    figures_->setVisible(!alone);
}

void FiguresPanel::giveRoom(int pixels) {
    setFolded(false);
    const int wanted = pixels + (side_ == Side::below ? kHeader : 0);
    if (wantedSize() >= wanted) return;
    ownSettings().setValue(key(side_ == Side::below ? "height" : "width"), wanted);
    applySize();
}

// Folded, what is left is a line below the picture, wherever the figures stand else.
void FiguresPanel::arrange() {
    const bool below = folded_ || side_ == Side::below;
    setOrientation(below ? Qt::Vertical : Qt::Horizontal);
    if (content_) content_->setVisible(!folded_);
    figures_->setMaximumHeight(folded_ ? kHeader : QWIDGETSIZE_MAX);
    move_->setVisible(!folded_);
    fold_->setIconName(folded_ ? QStringLiteral("unfold") : QStringLiteral("fold"));
    const QString fold = folded_ ? tr("Show %1").arg(title_) : tr("Fold %1 away").arg(title_);
    fold_->setAccessibleName(fold);
    fold_->setToolTip(fold);
    move_->setIconName(below ? QStringLiteral("panel-right") : QStringLiteral("panel-below"));
    const QString move = below ? tr("Put %1 at the right of the picture").arg(title_)
                               : tr("Put %1 below the picture").arg(title_);
    move_->setAccessibleName(move);
    move_->setToolTip(move);
    applySize();
}

int FiguresPanel::wantedSize() const {
    if (folded_) return kHeader;
    return side_ == Side::below ? ownSettings().value(key("height"), kUsualHeight).toInt()
                                : ownSettings().value(key("width"), kUsualWidth).toInt();
}

void FiguresPanel::applySize() {
    const int all = orientation() == Qt::Vertical ? height() : width();
    const int figures = std::clamp(wantedSize(), kHeader, std::max(kHeader, all - kLeastPicture));
    setSizes({std::max(1, all - figures - handleWidth()), figures});
}

void FiguresPanel::resizeEvent(QResizeEvent* event) {
    QSplitter::resizeEvent(event);
    applySize();
}

}  // namespace refero
