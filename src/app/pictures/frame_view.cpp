// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pictures/frame_view.h"

#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QMouseEvent>
#include <algorithm>
#include <cmath>

#include "app/findings/marks.h"
#include "app/look/text.h"

namespace refero {
namespace {

constexpr std::size_t kMostPins = 8;
constexpr const char* kCorners[] = {word("top left"), word("top right"), word("bottom right"),
                                    word("bottom left")};

}  // namespace

FrameView::FrameView(QWidget* parent) : PictureView(parent) {
    setObjectName(QStringLiteral("frameView"));
    setAccessibleName(tr("Chart frame with outline and sampling areas"));
    setMouseTracking(true);
    allowRegions();
}

void FrameView::setFrame(workflow::FramePointer frame, const Vector3& gains) {
    frame_ = std::move(frame);
    gains_ = gains;
}

void FrameView::setPlacement(const Chart& chart, const Quad& corners, std::vector<PatchByHand> byHand) {
    auto placement = Placement::at(chart, corners, std::move(byHand));
    if (!placement) return;
    placement_ = std::move(placement);
    if (patch_ >= std::ssize(chart.patches)) patch_ = -1;
    update();
}

void FrameView::clearPlacement() {
    placement_.reset();
    selected_ = patch_ = -1;
    update();
}

void FrameView::choosePatch(int index) {
    if (patch_ == index) return;
    patch_ = index;
    if (index >= 0) selected_ = -1;
    update();
}

void FrameView::setKey(std::vector<ExposureKey> key) {
    key_ = std::move(key);
    update();
}

void FrameView::setMarkedPatch(int index) {
    if (marked_ == index) return;
    marked_ = index;
    update();
}

void FrameView::setEvidence(std::vector<MarkedEvidence> evidence) {
    evidence_ = std::move(evidence);
    update();
}

void FrameView::setPlaces(std::vector<QRectF> places) {
    places_ = std::move(places);
    update();
}

Evidence FrameView::evidence() const {
    Evidence all;
    for (const MarkedEvidence& e : evidence_) {
        all.patches.insert(all.patches.end(), e.evidence.patches.begin(), e.evidence.patches.end());
        all.lines.insert(all.lines.end(), e.evidence.lines.begin(), e.evidence.lines.end());
    }
    return all;
}

void FrameView::pin(const Point& at) {
    if (pins_.size() == kMostPins) pins_.erase(pins_.begin());
    pins_.push_back(at);
    update();
}

void FrameView::clearPins() {
    pins_.clear();
    update();
}

int FrameView::cornerAt(const QPointF& view) const {
    if (!placement_) return -1;
    for (int i = 0; i < 4; ++i) {
        const QPointF d = toView(qt(placement_->corners()[static_cast<std::size_t>(i)])) - view;
        if (std::hypot(d.x(), d.y()) < 12) return i;
    }
    return -1;
}

int FrameView::patchAt(const QPointF& frame) const {
    const auto at = placement_ ? placement_->patchAt({frame.x(), frame.y()}) : std::nullopt;
    return at ? static_cast<int>(*at) : -1;
}

void FrameView::mousePressEvent(QMouseEvent* event) {
    const bool left = event->button() == Qt::LeftButton && !(event->modifiers() & Qt::ShiftModifier);
    const int corner = left ? cornerAt(event->position()) : -1;
    const int patch = left && corner < 0 ? patchAt(toFrame(event->position())) : -1;
    pressed_.reset();
    if (corner < 0 && (patch < 0 || patch != patch_)) {
        if (patch >= 0) pressed_ = event->position();
        return PictureView::mousePressEvent(event);
    }
    setFocus();
    selected_ = corner;
    if (corner >= 0) patch_ = -1;
    beforeDrag_ = placement_;
    const Point place = corner >= 0 ? placement_->corners()[static_cast<std::size_t>(corner)]
                                    : placement_->centre(static_cast<std::size_t>(patch));
    grip_ = toView(qt(place)) - event->position();
    update();
}

// What is held: a corner, or the chosen patch. A corner that would fold the outline over stays, and so does a
// patch that would leave it.
bool FrameView::dragTo(const QPointF& view) {
    const QPointF at = toFrame(view);
    const Point to(at.x(), at.y());
    const bool moved = selected_ >= 0 ? placement_->moveCorner(static_cast<std::size_t>(selected_), to)
                                      : placement_->movePatch(static_cast<std::size_t>(patch_), to);
    if (moved) update();
    return moved;
}

void FrameView::mouseMoveEvent(QMouseEvent* event) {
    const QPointF here = toFrame(event->position());
    pointed_ = Point(here.x(), here.y());
    update();
    if (drawingRegion()) return PictureView::mouseMoveEvent(event);
    if (beforeDrag_) {
        // A hand that shakes while clicking moves no patch.
        const QPointF to = event->position() + grip_;
        if (selected_ >= 0 || placement_->byHand() != beforeDrag_->byHand() ||
            (to - toView(qt(placement_->centre(static_cast<std::size_t>(patch_))))).manhattanLength() > 4)
            dragTo(to);
        return;
    }
    setCursor(cornerAt(event->position()) >= 0 ? Qt::CrossCursor : Qt::ArrowCursor);
    emit patchPointed(patchAt(toFrame(event->position())));
    PictureView::mouseMoveEvent(event);
}

void FrameView::leaveEvent(QEvent* event) {
    pointed_.reset();
    update();
    PictureView::leaveEvent(event);
}

void FrameView::mouseDoubleClickEvent(QMouseEvent* event) {
    const QPointF here = toFrame(event->position());
    pin({here.x(), here.y()});
}

void FrameView::mouseReleaseEvent(QMouseEvent* event) {
    if (beforeDrag_) {
        const Placement before = *beforeDrag_;
        beforeDrag_.reset();
        if (before.corners() != placement_->corners())
            emit cornersMoved(placement_->corners(), tr("Move the %1 corner").arg(told(kCorners[selected_])));
        else if (before.byHand() != placement_->byHand())
            editPatch(patch_, word("Move %1"));
        return;
    }
    if (pressed_ && (event->position() - *pressed_).manhattanLength() < 4) {
        selected_ = -1;
        choosePatch(patchAt(toFrame(event->position())));
        setFocus();
    }
    pressed_.reset();
    PictureView::mouseReleaseEvent(event);
}

void FrameView::editPatch(int index, const char* what) {
    const std::string& id = placement_->chart().patches[static_cast<std::size_t>(index)].id;
    update();
    emit patchesEdited(placement_->byHand(), told(what).arg(QString::fromStdString(id)));
}

void FrameView::toggleLeftOut(int index) {
    if (!placement_ || index < 0) return;
    const auto i = static_cast<std::size_t>(index);
    const bool out = !placement_->leftOut(i);
    placement_->leaveOut(i, out);
    editPatch(index, out ? word("Leave out %1") : word("Count %1 again"));
}

void FrameView::stepPatch(int by) {
    if (!placement_) return;
    const int n = static_cast<int>(placement_->chart().patches.size());
    selected_ = -1;
    choosePatch(patch_ < 0 ? (by > 0 ? 0 : n - 1) : (patch_ + by + n) % n);
}

void FrameView::contextMenuEvent(QContextMenuEvent* event) {
    const bool keyboard = event->reason() == QContextMenuEvent::Keyboard;
    const int index = keyboard ? patch_ : patchAt(toFrame(QPointF(event->pos())));
    if (index < 0) return;
    choosePatch(index);
    const auto i = static_cast<std::size_t>(index);
    const QString id = QString::fromStdString(placement_->chart().patches[i].id);
    QMenu menu(this);
    QAction* out = menu.addAction(
        (placement_->leftOut(i) ? tr(word("Count %1 again")) : tr(word("Leave out %1"))).arg(id));
    out->setShortcut(Qt::Key_L);
    QAction* back = menu.addAction(tr("Put %1 back in its place").arg(id));
    back->setShortcut(Qt::Key_R);
    back->setEnabled(placement_->moved(i));
    const QPoint at =
        keyboard ? mapToGlobal(toView(qt(placement_->centre(i))).toPoint()) : event->globalPos();
    const QAction* chosen = menu.exec(at);
    if (chosen == out) toggleLeftOut(index);
    if (chosen != back) return;
    placement_->putBack(i);
    editPatch(index, word("Put %1 back"));
}

void FrameView::nudge(double x, double y) {
    if (!placement_) return;
    if (patch_ >= 0) {
        const auto i = static_cast<std::size_t>(patch_);
        if (placement_->movePatch(i, placement_->centre(i) + Point(x, y)))
            editPatch(patch_, word("Nudge %1"));
        return;
    }
    if (selected_ < 0) return;
    const auto corner = static_cast<std::size_t>(selected_);
    if (!placement_->moveCorner(corner, placement_->corners()[corner] + Point(x, y))) return;
    update();
    emit cornersMoved(placement_->corners(), tr("Nudge the %1 corner").arg(told(kCorners[selected_])));
}

void FrameView::keyPressEvent(QKeyEvent* event) {
    const double step = event->modifiers() & Qt::ShiftModifier ? 10
                        : event->modifiers() & Qt::AltModifier ? 0.1
                                                               : 1;
    if (placement_ && event->key() >= Qt::Key_1 && event->key() <= Qt::Key_4 &&
        event->modifiers() == Qt::NoModifier) {
        selected_ = event->key() - Qt::Key_1;
        patch_ = -1;
        return update();
    }
    switch (event->key()) {
        case Qt::Key_Left:
            return nudge(-step, 0);
        case Qt::Key_Right:
            return nudge(step, 0);
        case Qt::Key_Up:
            return nudge(0, -step);
        case Qt::Key_Down:
            return nudge(0, step);
        case Qt::Key_M:
            if (pointed_) pin(*pointed_);
            return;
        case Qt::Key_Delete:
            return clearPins();
        case Qt::Key_PageDown:
            return stepPatch(1);
        case Qt::Key_PageUp:
            return stepPatch(-1);
        case Qt::Key_L:
            return toggleLeftOut(patch_);
        case Qt::Key_R:
            if (!placement_ || patch_ < 0 || !placement_->moved(static_cast<std::size_t>(patch_))) return;
            placement_->putBack(static_cast<std::size_t>(patch_));
            return editPatch(patch_, word("Put %1 back"));
        case Qt::Key_Escape:
            if (selected_ < 0 && patch_ < 0) break;
            selected_ = patch_ = -1;
            return update();
        default:
            break;
    }
    PictureView::keyPressEvent(event);
}

// Tab walks the corners once one is chosen, then leaves.
bool FrameView::focusNextPrevChild(bool next) {
    if (placement_ && selected_ >= 0) {
        const int to = selected_ + (next ? 1 : -1);
        if (to >= 0 && to < 4) {
            selected_ = to;
            update();
            return true;
        }
        selected_ = -1;
        update();
    }
    return PictureView::focusNextPrevChild(next);
}

}  // namespace refero
