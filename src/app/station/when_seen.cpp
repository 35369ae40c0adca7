// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/station/when_seen.h"

#include <QEvent>

namespace refero {

WhenSeen::WhenSeen(QWidget* page, std::function<void()> update)
    : QObject(page), page_(page), update_(std::move(update)) {
    later_.setSingleShot(true);
    later_.setInterval(0);
    connect(&later_, &QTimer::timeout, this, [this] { update_(); });
    page->installEventFilter(this);
}

void WhenSeen::ask() {
    if (!page_->isVisible()) return later_.start();
    later_.stop();
    update_();
}

void WhenSeen::catchUp() {
    if (!later_.isActive()) return;
    later_.stop();
    update_();
}

bool WhenSeen::eventFilter(QObject* watched, QEvent* event) {
    if (watched == page_ && event->type() == QEvent::Show) catchUp();
    return QObject::eventFilter(watched, event);
}

}  // namespace refero
