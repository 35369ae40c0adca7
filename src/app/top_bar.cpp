// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/top_bar.h"

#include <QAbstractButton>
#include <QHBoxLayout>
#include <QMenu>
#include <QPainter>

#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/session/history.h"

namespace refero {

/// A station's name; the current one is lighter and underlined by a bar.
class StationTab : public QAbstractButton {
  public:
    StationTab(const QString& text, QWidget* parent) : QAbstractButton(parent) {
        setText(text);
        setAccessibleName(text);
        setCheckable(true);
        setFocusPolicy(Qt::StrongFocus);
        setCursor(Qt::PointingHandCursor);
        setFont(look::font(look::Size::title, QFont::Medium));
    }
    QSize sizeHint() const override {
        return {fontMetrics().horizontalAdvance(text()) + (compact_ ? 16 : 28), 48};
    }
    void setCompact(bool compact) {
        compact_ = compact;
        updateGeometry();
    }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        const auto& c = look::palette();
        p.setFont(font());
        p.setPen(isChecked() ? c.loud : c.quiet);
        p.drawText(rect(), Qt::AlignCenter, text());
        if (isChecked())
            p.fillRect(QRect(compact_ ? 8 : 14, height() - 3, width() - (compact_ ? 16 : 28), 3), c.loud);
        p.setRenderHint(QPainter::Antialiasing);
        if (hasFocus()) look::paintFocusRing(p, rect().adjusted(2, 6, -2, -6));
    }

  private:
    bool compact_ = false;
};

TopBar::TopBar(History& undo, QWidget* parent) : QWidget(parent), undo_(undo) {
    setObjectName(QStringLiteral("topBar"));
    setFixedHeight(48);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(2, 0, 8, 0);
    row->setSpacing(2);
    // The stations keep their numbers in the order of the work.
    for (const auto& [name, number] :
         {std::pair(word("Plan"), 1), std::pair(word("Frames"), 2), std::pair(word("Reading"), 3),
          std::pair(word("Correction"), 4), std::pair(word("Pairing"), 5), std::pair(word("Handover"), 6),
          std::pair(word("Test"), 7)}) {
        auto* tab = new StationTab(told(name), this);
        tab->setObjectName(QLatin1String(name) + QStringLiteral("Tab"));
        tab->setToolTip(QStringLiteral("%1 (Ctrl+%2)").arg(told(name)).arg(number));
        connect(tab, &QAbstractButton::clicked, this,
                [this, i = static_cast<int>(tabs_.size())] { emit stationWanted(i); });
        row->addWidget(tab);
        tabs_ << tab;
    }
    progress_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    progress_->setObjectName(QStringLiteral("progress"));
    progress_->setSingleLine();
    progress_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    row->addWidget(progress_, 1);
    row->addSpacing(8);

    find_ = new look::Button(look::Button::Kind::plain, {}, this);
    find_->setObjectName(QStringLiteral("findButton"));
    find_->setIconName(QStringLiteral("find"));
    find_->setAccessibleName(tr("Find and do"));
    find_->setToolTip(tr("Find and do anything by its name (Ctrl+K)"));
    connect(find_, &QAbstractButton::clicked, this, &TopBar::findWanted);
    row->addWidget(find_);
    row->addSpacing(4);
    connect(addIcon("folder-open", "openButton", tr("Import frames (Ctrl+O)")), &QAbstractButton::clicked,
            this, &TopBar::openWanted);
    auto* undoButton = addIcon("undo-2", "undoButton", tr("Undo (Ctrl+Z)"));
    auto* redoButton = addIcon("redo-2", "redoButton", tr("Redo (Ctrl+Shift+Z)"));
    steps_ = addIcon("history", "stepsButton", tr("All steps, by name"));
    connect(undoButton, &QAbstractButton::clicked, &undo, &History::undo);
    connect(redoButton, &QAbstractButton::clicked, &undo, &History::redo);
    connect(steps_, &QAbstractButton::clicked, this, &TopBar::showSteps);
    const auto follow = [this, undoButton, redoButton] {
        undoButton->setEnabled(undo_.canUndo());
        redoButton->setEnabled(undo_.canRedo());
        steps_->setEnabled(undo_.count() > 0);
        undoButton->setToolTip(undo_.canUndo() ? tr("Undo: %1 (Ctrl+Z)").arg(undo_.undoText())
                                               : tr("Nothing to undo"));
        redoButton->setToolTip(undo_.canRedo() ? tr("Redo: %1 (Ctrl+Shift+Z)").arg(undo_.redoText())
                                               : tr("Nothing to redo"));
    };
    connect(&undo, &History::indexChanged, this, follow);
    follow();
    connect(addIcon("sun-dim", "surroundButton", tr("Dim or booth surround (Ctrl+B)")),
            &QAbstractButton::clicked, this, &TopBar::surroundWanted);
    connect(addIcon("maximize", "viewingButton", tr("Nothing but the picture (F11)")),
            &QAbstractButton::clicked, this, &TopBar::viewingWanted);
    auto* menu = addIcon("menu", "menuButton", tr("Menu: studios, steps, pages, help (F10)"));
    connect(menu, &QAbstractButton::clicked, this,
            [this, menu] { emit menuWanted(menu->mapToGlobal(QPoint(0, menu->height()))); });
    setCompact(false);
}

void TopBar::setCompact(bool compact) {
    for (StationTab* tab : tabs_) tab->setCompact(compact);
    find_->setText(compact ? QString() : tr("Find  Ctrl+K"));
    find_->updateGeometry();
}

look::Button* TopBar::addIcon(const char* icon, const char* object, const QString& hint) {
    auto* button = new look::Button(look::Button::Kind::icon, hint, this);
    button->setObjectName(QLatin1String(object));
    button->setIconName(QLatin1String(icon));
    button->setToolTip(hint);
    static_cast<QHBoxLayout*>(layout())->addWidget(button);
    return button;
}

// Newest first; choosing a step goes back or forward to just after it.
void TopBar::showSteps() {
    QMenu menu(this);
    for (int i = undo_.count(); i >= 0; --i) {
        const QString text = i == 0 ? tr("Beginning") : undo_.text(i - 1);
        auto* action = menu.addAction(i == undo_.index() ? text + told("   (now)") : text);
        connect(action, &QAction::triggered, this, [this, i] { undo_.setIndex(i); });
    }
    menu.exec(steps_->mapToGlobal(QPoint(0, steps_->height())));
}

void TopBar::setStation(int index) {
    for (int i = 0; i < tabs_.size(); ++i) tabs_[i]->setChecked(i == index);
}

void TopBar::setProgress(const QString& text) {
    progress_->setText(text);
    progress_->setToolTip(text);
}

QPoint TopBar::menuPlace() const {
    const auto* menu = findChild<look::Button*>(QStringLiteral("menuButton"));
    return menu->mapToGlobal(QPoint(0, menu->height()));
}

void TopBar::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), look::palette().ground);
}

}  // namespace refero
