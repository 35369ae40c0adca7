// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLineEdit>

namespace refero {

/// A line to type in, with the unit at its right end. Escape brings back what was there.
class UnitField : public QLineEdit {
    Q_OBJECT
  public:
    explicit UnitField(const QString& unit, QWidget* parent = nullptr);
    void setShown(const QString& text);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

  private:
    QString unit_, shown_;
};

}  // namespace refero
