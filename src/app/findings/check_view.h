// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>

#include "core/read/reading.h"

namespace refero {

/// One finding: verdict by shape and word, the value on a gauge with the allowed band, the reason and the
/// remedy.
class CheckView : public QWidget {
    Q_OBJECT
  public:
    explicit CheckView(const Check& check, QWidget* parent = nullptr);
    int heightForWidth(int width) const override;
    QSize sizeHint() const override;
    const Check& check() const { return check_; }
    /// Its evidence is being shown.
    void setChosen(bool chosen);

  signals:
    /// The pointer came over it or left, or the keyboard did.
    void pointed(bool here);
    /// From its menu: that its value is to be allowed, or its limit given back.
    void limitWanted(const refero::Check& check, std::optional<double> value);

  protected:
    void contextMenuEvent(QContextMenuEvent* event) override;
    void enterEvent(QEnterEvent* event) override;
    void leaveEvent(QEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

  private:
    int lay(int width, class QPainter* painter) const;
    void paintGauge(class QPainter& painter, const QRectF& box) const;

    Check check_;
    bool chosen_ = false;
    mutable int measuredWidth_ = -1, measuredHeight_ = 0;
};

/// Its value with the unit, "67 % of clipping"; empty where it has none.
QString valueText(const Check& check);

/// A filled circle for Good, a ring for Look again, a cross in a square for Shoot again.
void paintVerdict(class QPainter& painter, const QPointF& centre, double radius, Verdict verdict);

}  // namespace refero
