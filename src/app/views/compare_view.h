// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/views/picture_view.h"

namespace refero {

/// Two renderings of one picture: a wipe whose edge is dragged (or moved with the arrow keys), and a flick:
/// while F or the space bar is held, the whole picture is the first one, at once.
class CompareView : public PictureView {
    Q_OBJECT
  public:
    explicit CompareView(QWidget* parent = nullptr);

    void setPair(Levels before, Levels after, QSize fullSize);
    void setTitles(const QString& before, const QString& after);
    double wipe() const { return wipe_; }
    bool flicked() const { return flicked_; }

  protected:
    void paintPicture(QPainter& painter, const QRectF& target) override;
    void paintOver(QPainter& painter) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

  private:
    double edge() const;
    void setWipe(double share);

    Levels before_;
    QString beforeTitle_, afterTitle_;
    double wipe_ = 0.5;  // share of the view's width that shows the first picture
    bool wiping_ = false, flicked_ = false;
};

}  // namespace refero
