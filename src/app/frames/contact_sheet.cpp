// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/frames/contact_sheet.h"

#include <QApplication>
#include <QContextMenuEvent>
#include <QDrag>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QMimeData>
#include <QPainter>
#include <QScrollBar>
#include <QToolTip>
#include <QUrl>

#include "app/look/button.h"
#include "app/look/sided.h"
#include "app/look/tokens.h"
#include "app/pictures/draw_scaled.h"

namespace refero {
namespace {

constexpr int kPad = 8, kPicture = 104;

}  // namespace

ContactSheet::ContactSheet(QWidget* parent) : QAbstractScrollArea(parent) {
    setObjectName(QStringLiteral("contactSheet"));
    setAccessibleName(tr("Frames by setup"));
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    verticalScrollBar()->setSingleStep(40);
    viewport()->setAcceptDrops(true);
    connect(&thumbnails_, &Thumbnails::ready, viewport(), [this] { viewport()->update(); });
    connect(verticalScrollBar(), &QScrollBar::valueChanged, this, [this] { thumbnails_.forgetWaiting(); });
}

void ContactSheet::setGroups(std::vector<SheetGroup> groups) {
    if (groups == groups_) return;
    const qint64 at = current_ >= 0 ? frameAt(current_).id : 0;
    groups_ = std::move(groups);
    relay();
    QSet<qint64> there;
    current_ = -1;
    for (int i = 0; i < layout_.count(); ++i) {
        const qint64 id = frameAt(i).id;
        if (id == at) current_ = i;
        if (chosen_.contains(id)) there.insert(id);
    }
    anchor_ = current_;
    const bool other = there != chosen_;
    chosen_ = there;
    viewport()->update();
    if (other) emit chosenChanged();
}

void ContactSheet::drawAnew() {
    thumbnails_.forgetAll();
    viewport()->update();
}

void ContactSheet::relay() {
    std::vector<int> counts;
    for (const SheetGroup& g : groups_) counts.push_back(static_cast<int>(g.frames.size()));
    layout_.lay(std::move(counts), viewport()->width(), layoutDirection());
    verticalScrollBar()->setRange(0, std::max(0, layout_.height() + kPad - viewport()->height()));
    verticalScrollBar()->setPageStep(viewport()->height());
}

void ContactSheet::resizeEvent(QResizeEvent*) {
    relay();
}

const SheetFrame& ContactSheet::frameAt(int index) const {
    for (const SheetGroup& g : groups_) {
        if (index < static_cast<int>(g.frames.size())) return g.frames[static_cast<std::size_t>(index)];
        index -= static_cast<int>(g.frames.size());
    }
    static const SheetFrame none;
    return none;
}

QPoint ContactSheet::inSheet(const QPoint& at) const {
    return at + QPoint(0, verticalScrollBar()->value());
}

int ContactSheet::groupAt(const QPoint& at) const {
    int found = -1;
    for (int i = 0; i < layout_.groups(); ++i)
        if (layout_.heading(i).top() <= at.y()) found = i;
    return found;
}

std::vector<qint64> ContactSheet::chosen() const {
    std::vector<qint64> out;
    for (int i = 0; i < layout_.count(); ++i)
        if (chosen_.contains(frameAt(i).id)) out.push_back(frameAt(i).id);
    return out;
}

void ContactSheet::choose(const std::vector<qint64>& frames) {
    chosen_ = QSet<qint64>(frames.begin(), frames.end());
    for (int i = 0; i < layout_.count(); ++i)
        if (!frames.empty() && frameAt(i).id == frames.front()) current_ = anchor_ = i;
    viewport()->update();
    emit chosenChanged();
}

void ContactSheet::goTo(int index, Qt::KeyboardModifiers modifiers) {
    if (index < 0 || index >= layout_.count()) return;
    current_ = index;
    const qint64 id = frameAt(index).id;
    if (modifiers & Qt::ShiftModifier && anchor_ >= 0) {
        chosen_.clear();
        for (int i = std::min(anchor_, index); i <= std::max(anchor_, index); ++i)
            chosen_.insert(frameAt(i).id);
    } else if (modifiers & Qt::ControlModifier) {
        chosen_.contains(id) ? (void)chosen_.remove(id) : (void)chosen_.insert(id);
        anchor_ = index;
    } else {
        chosen_ = {id};
        anchor_ = index;
    }
    const QRect cell = layout_.cell(index);
    QScrollBar* bar = verticalScrollBar();
    if (cell.top() < bar->value()) bar->setValue(cell.top() - SheetLayout::kHeading);
    if (cell.bottom() > bar->value() + viewport()->height())
        bar->setValue(cell.bottom() - viewport()->height() + kPad);
    viewport()->update();
    emit chosenChanged();
}

void ContactSheet::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton) return;
    pressed_ = event->pos();
    const auto cell = layout_.cellAt(inSheet(event->pos()));
    pressedOnChosen_ = cell && chosen_.contains(frameAt(*cell).id) && !event->modifiers();
    if (cell && !pressedOnChosen_) goTo(*cell, event->modifiers());
}

void ContactSheet::mouseMoveEvent(QMouseEvent* event) {
    const bool far = (event->pos() - pressed_).manhattanLength() >= QApplication::startDragDistance();
    if (event->buttons() & Qt::LeftButton && far && layout_.cellAt(inSheet(pressed_)) && !chosen_.isEmpty())
        startDrag();
}

void ContactSheet::mouseReleaseEvent(QMouseEvent* event) {
    // A click on one of several chosen ones chooses it alone, unless it became a drag.
    if (!pressedOnChosen_) return;
    pressedOnChosen_ = false;
    if (const auto cell = layout_.cellAt(inSheet(event->pos()))) goTo(*cell, {});
}

void ContactSheet::mouseDoubleClickEvent(QMouseEvent* event) {
    if (const auto cell = layout_.cellAt(inSheet(event->pos()))) emit opened(frameAt(*cell).id);
}

void ContactSheet::startDrag() {
    pressedOnChosen_ = false;
    auto* mime = new QMimeData;
    QByteArray ids;
    for (const qint64 id : chosen()) ids += QByteArray::number(id) + ' ';
    mime->setData(mimeType(), ids);
    // For other programs they are files.
    QList<QUrl> files;
    for (const SheetGroup& g : groups_)
        for (const SheetFrame& f : g.frames)
            if (chosen_.contains(f.id)) files << QUrl::fromLocalFile(f.path);
    mime->setUrls(files);
    QDrag drag(this);
    drag.setMimeData(mime);
    drag.exec(Qt::MoveAction | Qt::CopyAction, Qt::MoveAction);
    dropGroup_ = -1;
    viewport()->update();
}

std::vector<qint64> ContactSheet::framesIn(const QMimeData* data) {
    std::vector<qint64> out;
    for (const QByteArray& id : data->data(mimeType()).split(' '))
        if (!id.isEmpty()) out.push_back(id.toLongLong());
    return out;
}

void ContactSheet::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasFormat(mimeType())) event->acceptProposedAction();
}

void ContactSheet::dragMoveEvent(QDragMoveEvent* event) {
    if (!event->mimeData()->hasFormat(mimeType())) return;
    dropGroup_ = groupAt(inSheet(event->position().toPoint()));
    event->acceptProposedAction();
    viewport()->update();
}

void ContactSheet::dragLeaveEvent(QDragLeaveEvent*) {
    dropGroup_ = -1;
    viewport()->update();
}

void ContactSheet::dropEvent(QDropEvent* event) {
    const int group = groupAt(inSheet(event->position().toPoint()));
    dropGroup_ = -1;
    if (group >= 0)
        emit moveWanted(framesIn(event->mimeData()), groups_[static_cast<std::size_t>(group)].setup);
    event->acceptProposedAction();
}

void ContactSheet::keyPressEvent(QKeyEvent* event) {
    const auto go = [&](int index) {
        goTo(std::clamp(index, 0, layout_.count() - 1), event->modifiers() & Qt::ShiftModifier);
    };
    const int here = std::max(0, current_);
    if (layout_.count() == 0) return QAbstractScrollArea::keyPressEvent(event);
    if (event->matches(QKeySequence::SelectAll)) {
        for (int i = 0; i < layout_.count(); ++i) chosen_.insert(frameAt(i).id);
        viewport()->update();
        return emit chosenChanged();
    }
    switch (event->key()) {
        case Qt::Key_Left:
            return go(here - 1);
        case Qt::Key_Right:
            return go(current_ < 0 ? 0 : here + 1);
        case Qt::Key_Up:
            return go(layout_.vertically(here, -1));
        case Qt::Key_Down:
            return go(layout_.vertically(here, 1));
        case Qt::Key_Home:
            return go(0);
        case Qt::Key_End:
            return go(layout_.count() - 1);
        case Qt::Key_Return:
        case Qt::Key_Enter:
            if (current_ >= 0) emit opened(frameAt(current_).id);
            return;
        case Qt::Key_Delete:
            if (!chosen_.isEmpty()) emit removeWanted(chosen());
            return;
        default:
            return QAbstractScrollArea::keyPressEvent(event);
    }
}

void ContactSheet::contextMenuEvent(QContextMenuEvent* event) {
    if (event->reason() == QContextMenuEvent::Mouse) {
        const auto cell = layout_.cellAt(inSheet(event->pos()));
        if (!cell) return;
        if (!chosen_.contains(frameAt(*cell).id)) goTo(*cell, {});
    }
    if (chosen_.isEmpty() || current_ < 0) return;
    QMenu menu(this);
    const auto add = [&](const QString& text, const QKeySequence& key, auto act) {
        QAction* action = menu.addAction(text, this, act);
        action->setShortcut(key);
    };
    add(tr("Open"), Qt::Key_Return, [this] { emit opened(frameAt(current_).id); });
    add(tr("Show the file"), {}, [this] { emit showWanted(frameAt(current_).id); });
    add(tr("Take out of this shoot"), Qt::Key_Delete, [this] { emit removeWanted(chosen()); });
    menu.exec(event->globalPos());
}

bool ContactSheet::viewportEvent(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const auto cell = layout_.cellAt(inSheet(help->pos()));
        if (cell) QToolTip::showText(help->globalPos(), frameAt(*cell).detail, this);
        return true;
    }
    return QAbstractScrollArea::viewportEvent(event);
}

void ContactSheet::paintEvent(QPaintEvent*) {
    QPainter p(viewport());
    p.fillRect(viewport()->rect(), look::palette().ground);
    const int top = verticalScrollBar()->value(), bottom = top + viewport()->height();
    p.translate(0, -top);
    for (int g = 0; g < layout_.groups(); ++g)
        if (layout_.heading(g).bottom() >= top && layout_.heading(g).top() <= bottom) paintHeading(p, g);
    const auto [first, last] = layout_.between(top, bottom);
    // The last asked for is made first, so ask from the bottom.
    for (int i = last - 1; i >= first; --i) paintCell(p, i);
}

void ContactSheet::paintHeading(QPainter& p, int group) const {
    const auto& c = look::palette();
    const SheetGroup& g = groups_[static_cast<std::size_t>(group)];
    const QRect box = layout_.heading(group);
    if (group == dropGroup_) p.fillRect(box, c.raised);
    p.setFont(look::font(look::Size::body, QFont::DemiBold));
    p.setPen(c.text);
    const look::Sided sided(p, box, layoutDirection());
    const QRect line = box.adjusted(16, 8, -16, 0);
    p.drawText(sided(line), Qt::AlignLeft | Qt::AlignVCenter, g.title);
    const int used = p.fontMetrics().horizontalAdvance(g.title) + 12;
    p.setFont(look::figures(look::Size::small));
    p.setPen(c.quiet);
    p.drawText(sided(line.adjusted(used, 0, 0, 0)), Qt::AlignLeft | Qt::AlignVCenter, g.detail);
}

void ContactSheet::paintCell(QPainter& p, int index) {
    const auto& c = look::palette();
    const SheetFrame& f = frameAt(index);
    const QRect cell = layout_.cell(index).adjusted(4, 4, -4, -4);
    const bool chosen = chosen_.contains(f.id);
    if (chosen) p.fillRect(cell, c.raised);
    const QRect room(cell.left() + 4, cell.top() + 4, cell.width() - 8, kPicture);
    const QPixmap pixmap = thumbnails_.of(f.path, f.key);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    if (pixmap.isNull()) {
        p.fillRect(room.adjusted(8, 4, -8, -4), c.panel);
    } else {
        QRect shown(QPoint(), pixmap.size().scaled(room.size(), Qt::KeepAspectRatio));
        shown.moveCenter(room.center());
        drawScaled(p, shown, pixmap.toImage());
    }
    const look::Sided sided(p, cell, layoutDirection());
    QRect line(cell.left() + 6, cell.bottom() - 22, cell.width() - 12, 18);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(c.text, 1.5));
    p.setBrush(Qt::NoBrush);
    // A chart frame has the chart's outline, a doubted one a question mark.
    if (f.chart) {
        const QPointF middle = sided(QPointF(line.left() + 7.5, line.center().y()));
        p.drawRect(QRectF(middle.x() - 6.5, middle.y() - 4.5, 13, 9));
        p.drawLine(middle - QPointF(0, 4.5), middle + QPointF(0, 4.5));
        line.setLeft(line.left() + 22);
    }
    p.setFont(look::font(look::Size::small));
    p.setPen(chosen ? c.loud : c.text);
    if (f.doubted) {
        p.drawText(sided(line), Qt::AlignRight | Qt::AlignVCenter, QStringLiteral("?"));
        line.setRight(line.right() - 14);
    }
    p.drawText(sided(line), Qt::AlignLeft | Qt::AlignVCenter,
               p.fontMetrics().elidedText(f.title, Qt::ElideMiddle, line.width()));
    if (index == current_ && hasFocus()) look::paintFocusRing(p, cell);
}

QString ContactSheet::describe() const {
    QStringList out;
    for (const SheetGroup& g : groups_) {
        QStringList frames;
        for (const SheetFrame& f : g.frames) {
            QString words = f.title;
            if (f.chart) words = tr("%1 with a chart").arg(words);
            if (f.doubted) words = tr("%1, doubtful").arg(words);
            if (chosen_.contains(f.id)) words = tr("%1, chosen").arg(words);
            frames << words;
        }
        out << tr("%1: %2.", "a setup and its frames").arg(g.title, frames.join(QStringLiteral("; ")));
    }
    return out.isEmpty() ? tr("No frames.") : out.join(QLatin1Char(' '));
}

}  // namespace refero
