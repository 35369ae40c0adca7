// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

class QSplitter;

namespace refero {

class CompareView;

/// A page of the bench: a bar of choices, two pictures in one view, what they are chosen from below, and what
/// is said of them at the right. Its parts are resized by hand, and remembered.
class BenchPage : public QWidget {
    Q_OBJECT
  public:
    /// `name` is the page's object name; settings are kept under it.
    BenchPage(const QString& name, QWidget* parent);

  protected:
    void lay(QWidget* bar, QWidget* below, QWidget* panel);

    CompareView* view_;

  private:
    QSplitter *across_, *down_;
};

}  // namespace refero
