// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

namespace refero {
namespace look {
class Label;
}

/// What the window says before there is anything to work on.
class EmptyState : public QWidget {
    Q_OBJECT
  public:
    explicit EmptyState(QWidget* parent = nullptr);
    void setMessage(const QString& message);

  signals:
    void openWanted();
    void demoWanted();
    void planWanted();

  private:
    look::Label* message_;
};

}  // namespace refero
