// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look

/// What stands where there is nothing to look at yet: what is missing, why it matters, and the one thing to
/// do about it.
class Invitation : public QWidget {
    Q_OBJECT
  public:
    explicit Invitation(QWidget* parent = nullptr);
    void setText(const QString& title, const QString& text);
    /// An empty `step` hides the button.
    void setStep(const QString& step, const QString& why);

  signals:
    void stepWanted();

  private:
    look::Label *title_, *text_, *why_;
    look::Button* step_;
};

}  // namespace refero
