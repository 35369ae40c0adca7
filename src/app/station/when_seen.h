// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QTimer>
#include <QWidget>
#include <functional>

namespace refero {

/// What a page does when the shoot has changed: at once where the page is seen; else in an event of its own,
/// once however often it was asked for, and at the latest when the page is shown. So pages that nobody looks
/// at do not hold up the one that is.
class WhenSeen : public QObject {
    Q_OBJECT
  public:
    WhenSeen(QWidget* page, std::function<void()> update);
    void ask();
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    void catchUp();

    QWidget* page_;
    std::function<void()> update_;
    QTimer later_;
};

}  // namespace refero
