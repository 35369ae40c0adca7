// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look

/// The first few things that failed, with the reason, and a button for the list of all. Hidden while there
/// are none.
class ProblemLines : public QWidget {
    Q_OBJECT
  public:
    /// `object` names the lines, `title` the list.
    ProblemLines(const char* object, const QString& title, QWidget* parent);
    void setProblems(const QStringList& problems);

  private:
    QString title_;
    QStringList problems_;
    look::Label* lines_;
    look::Button* all_;
};

}  // namespace refero
