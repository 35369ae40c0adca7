// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>
#include <optional>
#include <vector>

#include "app/pictures/picture_view.h"
#include "app/session/session.h"
#include "io/clip.h"

class QSlider;

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look

/// A picture whose pixels can be asked for by pointing at them.
class PointedView : public PictureView {
    Q_OBJECT
  public:
    explicit PointedView(QWidget* parent = nullptr);
    /// A frame's pixel is a display's pixel; again: all of it.
    void toggleActualPixels();

  signals:
    void pointedAt(const QPointF& frame);
    void pointerLeft();

  protected:
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void leaveEvent(QEvent* event) override;
};

/// One frame large: zoomed to its pixels, with what was recorded under the pointer, through the correction of
/// its setup where there is one. Of a clip, any moment.
class FrameViewer : public QWidget {
    Q_OBJECT
  public:
    FrameViewer(Session& session, QWidget* parent = nullptr);

    /// The frame, and those among which the arrow keys go on.
    void show(studio::FrameId frame, std::vector<studio::FrameId> among);
    studio::FrameId shown() const { return id_; }

  signals:
    void leaveWanted();
    void shownChanged(qint64 frame);
    void readingWanted();

  protected:
    void keyPressEvent(QKeyEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

  private:
    struct Loaded;
    QWidget* buildBar();
    QWidget* buildFoot();
    void step(int by);
    void load();
    void took(std::shared_ptr<Loaded> loaded);
    void pointed(const QPointF& at);
    void greyDrawn(const QRectF& region);
    void momentChosen(int milliseconds);
    void takeMoment();
    void sayDisplay();
    QString path() const;

    Session& session_;
    PointedView* view_;
    look::Label *title_, *facts_, *display_, *figures_, *moment_;
    look::Button *read_, *take_;
    QSlider* slider_;
    QWidget* clipRow_;
    studio::FrameId id_ = 0;
    std::vector<studio::FrameId> among_;
    std::shared_ptr<Loaded> loaded_;
    std::optional<double> seconds_;  ///< of the clip, where another moment was gone to
    int job_ = 0;
    bool busy_ = false, again_ = false;
};

}  // namespace refero
