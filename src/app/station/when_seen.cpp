// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/station/when_seen.h"

#include <QEvent>
#include <chrono>

namespace refero {
namespace {

// Apart from those of the other pages: what is due together would be done together.
std::chrono::milliseconds momentOfItsOwn() {
    constexpr int kPages = 12, kApart = 8;
    static int pages = 0;
    return std::chrono::milliseconds(kApart * (pages++ % kPages));
}

}  // namespace

WhenSeen::WhenSeen(QWidget* page, std::function<void()> update)
    : QObject(page), page_(page), update_(std::move(update)) {
    later_.setSingleShot(true);
    later_.setTimerType(Qt::PreciseTimer);
    later_.setInterval(momentOfItsOwn());
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
