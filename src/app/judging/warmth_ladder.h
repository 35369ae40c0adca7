// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

namespace refero {

/// A ladder of warmth with a number of mired on each rung, cool at the left: clicked, dragged, or moved with
/// the arrow keys (half a rung with Shift).
class WarmthLadder : public QWidget {
    Q_OBJECT
  public:
    static constexpr int kRungs = 6;  ///< to either side

    explicit WarmthLadder(QWidget* parent = nullptr);
    void setSteps(double steps);
    double steps() const { return steps_; }

  signals:
    void moved(double steps);
    /// The mouse was let go, or a key was pressed.
    void settled();

  protected:
    QSize sizeHint() const override { return {320, 46}; }
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

  private:
    double xOf(double steps) const;
    void moveTo(double steps);

    double steps_ = 0;
};

}  // namespace refero
