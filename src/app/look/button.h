// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractButton>

namespace refero::look {

/// A push button in three weights. The primary one is the station's next step; there is one a station.
class Button : public QAbstractButton {
    Q_OBJECT
  public:
    enum class Kind { primary, plain, icon };

    Button(Kind kind, const QString& text, QWidget* parent = nullptr);
    void setIconName(const QString& name);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

  protected:
    void paintEvent(QPaintEvent* event) override;
    void enterEvent(QEnterEvent* event) override;
    void leaveEvent(QEvent* event) override;

  private:
    Kind kind_;
    QString iconName_;
    bool hovered_ = false;
};

/// Draws the two-tone ring that marks keyboard focus.
void paintFocusRing(QPainter& painter, const QRectF& rect);

}  // namespace refero::look
