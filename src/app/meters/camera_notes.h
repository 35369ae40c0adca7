// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QStringList>
#include <QWidget>

class QSpinBox;

namespace refero {
namespace look {
class Label;
}

/// What to set in the camera before the next frame, and what a person read off it.
class CameraNotes : public QWidget {
    Q_OBJECT
  public:
    explicit CameraNotes(QWidget* parent = nullptr);
    /// Sentences, the most useful first; `kelvin` that was read off before, or 0.
    void show(const QStringList& sentences, double kelvin);
    void say(const QString& message);

  protected:
    /// The wheel turns no field that has not the focus.
    bool eventFilter(QObject* watched, QEvent* event) override;

  signals:
    /// 0 takes it back.
    void kelvinTyped(double kelvin);

  private:
    look::Label* text_;
    QSpinBox* kelvin_;
};

}  // namespace refero
