// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QColor>

#include "app/look/described.h"
#include "app/pictures/picture_view.h"

namespace refero {

/// Renderings of one picture held against each other: a wipe whose edge is dragged (or moved with the arrow
/// keys), two in turn on a checkerboard, two side by side or four up with one zoom for all, or one alone.
/// While F or the space bar is held, the first rendering takes every place, at once.
class CompareView : public PictureView, public look::Described {
    Q_OBJECT
  public:
    enum class Layout { wipe, checker, sideBySide, fourUp, alone };
    struct Pane {
        QString title;
        Levels levels;
    };
    /// What the shades of a picture mean.
    using Legend = std::vector<std::pair<QColor, QString>>;

    explicit CompareView(QWidget* parent = nullptr);

    /// As many as the layout has room for: two, two, two, four and one. Of a wipe, the first is at the left.
    void setPanes(Layout layout, std::vector<Pane> panes, QSize fullSize, Legend legend = {});
    Layout layoutOfPanes() const { return layout_; }
    const std::vector<Pane>& panes() const { return panes_; }
    double wipe() const { return wipe_; }
    bool flicked() const { return flicked_; }
    QString describe() const override;

  protected:
    void paintPicture(QPainter& painter, const QRectF& target) override;
    void paintOver(QPainter& painter) override;
    QSizeF paneSize() const override;
    QPointF paneCorner(const QPointF& view) const override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

  private:
    double edge() const;
    bool nearEdge(const QPointF& view) const;
    void setWipe(double share);
    QRectF paneRect(std::size_t pane) const;
    void paintWipe(QPainter& painter);
    void paintLegend(QPainter& painter);

    Layout layout_ = Layout::wipe;
    std::vector<Pane> panes_;
    Legend legend_;
    double wipe_ = 0.5;  // share of the view's width that shows the first picture
    bool wiping_ = false, flicked_ = false;
};

}  // namespace refero
