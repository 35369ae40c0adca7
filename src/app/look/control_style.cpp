// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/look/control_style.h"

#include <QAbstractItemView>
#include <QComboBox>
#include <QHeaderView>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QScrollArea>
#include <QScrollBar>
#include <QStyleOption>
#include <QTextBrowser>
#include <algorithm>

#include "app/look/tokens.h"

namespace refero::look {
namespace {

constexpr int kBar = 10, kShortestHandle = 24;               // of scroll bars
constexpr int kEdge = 4;                                     // radius
constexpr int kBesideText = 8, kAboveText = 5, kArrow = 14;  // of a choice; a frame of 1 in it
constexpr int kProgress = 8;

void paintBox(QPainter* painter, const QRect& rect, const QColor& fill, const QColor& line, double width) {
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    painter->setPen(QPen(line, width));
    painter->setBrush(fill);
    const double inset = width / 2;
    painter->drawRoundedRect(QRectF(rect).adjusted(inset, inset, -inset, -inset), kEdge, kEdge);
    painter->restore();
}

// Focus is told by a thicker, louder edge, the pointer by a clearer one.
void paintField(QPainter* painter, const QStyleOption& option) {
    const Palette& p = palette();
    const bool focus = option.state & QStyle::State_HasFocus;
    const bool hover = option.state & QStyle::State_MouseOver && option.state & QStyle::State_Enabled;
    paintBox(painter, option.rect, p.raised, focus ? p.loud : hover ? p.quiet : p.line, focus ? 2 : 1);
}

void paintDownwards(QPainter* painter, const QRect& in, const QColor& colour) {
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    painter->setPen(QPen(colour, 1.2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    const QPointF middle = QRectF(in).center() - QPointF(2, 0);
    const QPointF tip[] = {middle + QPointF(-3.5, -1.5), middle + QPointF(0, 2), middle + QPointF(3.5, -1.5)};
    painter->drawPolyline(tip, 3);
    painter->restore();
}

// Its edge tells it from the ground also where it is empty.
void paintTick(QPainter* painter, const QStyleOption& option) {
    const Palette& p = palette();
    const bool enabled = option.state & QStyle::State_Enabled;
    const QColor edge = !enabled ? p.line : option.state & QStyle::State_MouseOver ? p.loud : p.quiet;
    paintBox(painter, option.rect, p.raised, edge, 1);
    const QRectF in = QRectF(option.rect).adjusted(3, 3, -3, -3);
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    painter->setPen(QPen(enabled ? p.loud : p.quiet, 1.8, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    const QPointF tick[] = {{in.left(), in.center().y()},
                            {in.left() + in.width() * 0.38, in.bottom() - 0.5},
                            {in.right(), in.top() + 0.5}};
    if (option.state & QStyle::State_On)
        painter->drawPolyline(tick, 3);
    else if (option.state & QStyle::State_NoChange)
        painter->drawLine(QPointF(in.left(), in.center().y()), QPointF(in.right(), in.center().y()));
    painter->restore();
}

QRect handleOf(const QStyleOptionSlider& bar) {
    const bool lying = bar.orientation == Qt::Horizontal;
    const int length = lying ? bar.rect.width() : bar.rect.height();
    const int range = bar.maximum - bar.minimum;
    const auto page = static_cast<qint64>(std::max(1, bar.pageStep));
    int handle = range > 0 ? static_cast<int>(page * length / (range + page)) : length;
    handle = std::min(length, std::max(handle, kShortestHandle));
    const int at = QStyle::sliderPositionFromValue(bar.minimum, bar.maximum, bar.sliderPosition,
                                                   length - handle, bar.upsideDown);
    return lying ? QRect(bar.rect.x() + at, bar.rect.y(), handle, bar.rect.height())
                 : QRect(bar.rect.x(), bar.rect.y() + at, bar.rect.width(), handle);
}

QRect partOf(const QStyleOptionSlider& bar, QStyle::SubControl part) {
    const QRect all = bar.rect, handle = handleOf(bar);
    const bool lying = bar.orientation == Qt::Horizontal;
    switch (part) {
        case QStyle::SC_ScrollBarSlider:
            return handle;
        case QStyle::SC_ScrollBarGroove:
            return all;
        case QStyle::SC_ScrollBarSubPage:
            return lying ? QRect(all.topLeft(), QPoint(handle.left() - 1, all.bottom()))
                         : QRect(all.topLeft(), QPoint(all.right(), handle.top() - 1));
        case QStyle::SC_ScrollBarAddPage:
            return lying ? QRect(QPoint(handle.right() + 1, all.top()), all.bottomRight())
                         : QRect(QPoint(all.left(), handle.bottom() + 1), all.bottomRight());
        default:
            return {};  // it has no arrows
    }
}

void paintBar(QPainter* painter, const QStyleOptionSlider& bar) {
    if (bar.maximum <= bar.minimum) return;
    const Palette& p = palette();
    const bool hover = bar.activeSubControls & QStyle::SC_ScrollBarSlider;
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    painter->setPen(Qt::NoPen);
    painter->setBrush(hover ? p.quiet : p.line);
    const QRect handle = QStyle::visualRect(bar.direction, bar.rect, handleOf(bar));
    painter->drawRoundedRect(handle.adjusted(2, 2, -2, -2), 3, 3);
    painter->restore();
}

// In the middle of what it got.
QRect progressIn(const QRect& rect) {
    const int height = std::min(kProgress, rect.height());
    return {rect.x(), rect.y() + (rect.height() - height) / 2, rect.width(), height};
}

void paintDone(QPainter* painter, const QStyleOptionProgressBar& bar) {
    QRect done = progressIn(bar.rect);
    const double range = double(bar.maximum) - bar.minimum;
    if (range <= 0) return;
    done.setWidth(
        static_cast<int>(done.width() * std::clamp((bar.progress - bar.minimum) / range, 0.0, 1.0)));
    if (done.width() > 0) paintBox(painter, done, palette().text, palette().text, 1);
}

bool isPopupList(const QWidget* widget) {
    return widget && widget->inherits("QComboBoxListView");
}

// What the base style keeps free of a choice's text, both sides together: px.
constexpr int kLabelInset = 2;

}  // namespace

ControlStyle::ControlStyle() : QProxyStyle(QStringLiteral("Fusion")) {}

void ControlStyle::polish(QWidget* widget) {
    QProxyStyle::polish(widget);
    if (auto* bar = qobject_cast<QScrollBar*>(widget)) {
        bar->setAttribute(Qt::WA_OpaquePaintEvent, false);  // what is under it shows through
        bar->setAttribute(Qt::WA_Hover);
    } else if (qobject_cast<QComboBox*>(widget) || qobject_cast<QLineEdit*>(widget)) {
        widget->setAttribute(Qt::WA_Hover);
    } else if (auto* text = qobject_cast<QTextBrowser*>(widget)) {
        text->setFrameShape(QFrame::NoFrame);
        text->viewport()->setBackgroundRole(QPalette::AlternateBase);
    } else if (auto* view = qobject_cast<QAbstractItemView*>(widget)) {
        view->setFrameShape(QFrame::NoFrame);
        if (!isPopupList(view)) view->viewport()->setAutoFillBackground(false);
    } else if (auto* area = qobject_cast<QScrollArea*>(widget)) {
        area->setFrameShape(QFrame::NoFrame);
        area->viewport()->setAutoFillBackground(false);
        if (area->widget()) area->widget()->setAutoFillBackground(false);
    }
}

int ControlStyle::pixelMetric(PixelMetric metric, const QStyleOption* option, const QWidget* widget) const {
    switch (metric) {
        case PM_ScrollBarExtent:
            return kBar;
        case PM_ScrollBarSliderMin:
            return kShortestHandle;
        case PM_ScrollView_ScrollBarSpacing:
            return 0;
        case PM_ToolTipLabelFrameWidth:
            return 5;
        case PM_MenuPanelWidth:
            return 1;
        case PM_MenuHMargin:
        case PM_MenuVMargin:
            return 4;
        case PM_HeaderMargin:
            return 5;
        case PM_FocusFrameHMargin:
            return qobject_cast<const QListWidget*>(widget)
                       ? 8
                       : QProxyStyle::pixelMetric(metric, option, widget);
        default:
            return QProxyStyle::pixelMetric(metric, option, widget);
    }
}

QSize ControlStyle::sizeFromContents(ContentsType type, const QStyleOption* option, const QSize& contents,
                                     const QWidget* widget) const {
    switch (type) {
        case CT_ComboBox:
            return {contents.width() + kLabelInset + kBesideText + kArrow,
                    std::max(18, contents.height()) + 2 * kAboveText};
        case CT_LineEdit:
            // It counts margins of 2 and 1 of its own.
            return contents + QSize(2 * (kBesideText - 1), 2 * (kAboveText - 1));
        case CT_ProgressBar:
            return {contents.width(), kProgress};
        case CT_MenuItem: {
            const auto* item = qstyleoption_cast<const QStyleOptionMenuItem*>(option);
            QSize size = QProxyStyle::sizeFromContents(type, option, contents, widget);
            if (!item) return size;
            if (item->menuItemType == QStyleOptionMenuItem::Separator) return {size.width(), 9};
            return {size.width() + 12, std::max(size.height(), item->fontMetrics.height() + 12)};
        }
        case CT_ItemViewItem: {
            const QSize size = QProxyStyle::sizeFromContents(type, option, contents, widget);
            return qobject_cast<const QListWidget*>(widget) ? size + QSize(0, 8) : size;
        }
        default:
            return QProxyStyle::sizeFromContents(type, option, contents, widget);
    }
}

QRect ControlStyle::subControlRect(ComplexControl control, const QStyleOptionComplex* option, SubControl part,
                                   const QWidget* widget) const {
    if (const auto* bar = qstyleoption_cast<const QStyleOptionSlider*>(option);
        bar && control == CC_ScrollBar)
        return visualRect(bar->direction, bar->rect, partOf(*bar, part));
    if (control == CC_ComboBox) {
        const QRect all = option->rect;
        if (part == SC_ComboBoxEditField)
            return visualRect(option->direction, all, all.adjusted(kBesideText, 2, -kArrow, -2));
        if (part == SC_ComboBoxArrow)
            return visualRect(option->direction, all,
                              QRect(all.right() - kArrow, all.top(), kArrow, all.height()));
        return all;
    }
    return QProxyStyle::subControlRect(control, option, part, widget);
}

QRect ControlStyle::subElementRect(SubElement element, const QStyleOption* option,
                                   const QWidget* widget) const {
    if (element == SE_LineEditContents)
        if (const auto* frame = qstyleoption_cast<const QStyleOptionFrame*>(option);
            frame && frame->lineWidth > 0)
            return option->rect.adjusted(kBesideText - 1, 1, 1 - kBesideText, -1);
    if (element == SE_ProgressBarGroove || element == SE_ProgressBarContents) return option->rect;
    return QProxyStyle::subElementRect(element, option, widget);
}

void ControlStyle::drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                                 const QWidget* widget) const {
    const Palette& p = palette();
    switch (element) {
        case PE_PanelLineEdit:
            if (const auto* frame = qstyleoption_cast<const QStyleOptionFrame*>(option);
                frame && frame->lineWidth > 0)
                paintField(painter, *option);
            return;
        case PE_PanelTipLabel:
        case PE_PanelMenu:
            painter->fillRect(option->rect, p.line);
            painter->fillRect(option->rect.adjusted(1, 1, -1, -1), p.raised);
            return;
        case PE_FrameMenu:
            return;  // its panel has it
        case PE_Frame:
            painter->save();
            painter->setPen(p.line);
            painter->setBrush(Qt::NoBrush);
            painter->drawRect(option->rect.adjusted(0, 0, -1, -1));
            painter->restore();
            return;
        case PE_IndicatorCheckBox:
        case PE_IndicatorItemViewItemCheck:
            return paintTick(painter, *option);
        case PE_FrameFocusRect:
            // Views show what is chosen by its ground.
            if (qobject_cast<const QAbstractItemView*>(widget)) return;
            break;
        default:
            break;
    }
    QProxyStyle::drawPrimitive(element, option, painter, widget);
}

void ControlStyle::drawControl(ControlElement element, const QStyleOption* option, QPainter* painter,
                               const QWidget* widget) const {
    const Palette& p = palette();
    switch (element) {
        case CE_MenuItem:
            if (const auto* item = qstyleoption_cast<const QStyleOptionMenuItem*>(option)) {
                QStyleOptionMenuItem plain = *item;
                if (item->menuItemType == QStyleOptionMenuItem::Separator) {
                    painter->fillRect(
                        QRect(item->rect.left() + 8, item->rect.center().y(), item->rect.width() - 16, 1),
                        p.line);
                    return;
                }
                for (const auto role : {QPalette::Text, QPalette::WindowText, QPalette::ButtonText})
                    plain.palette.setColor(QPalette::Disabled, role, p.quiet);
                QProxyStyle::drawControl(element, &plain, painter, widget);
                return;
            }
            break;
        case CE_MenuEmptyArea:
        case CE_HeaderSection:
        case CE_HeaderEmptyArea:
            return;
        case CE_HeaderLabel:
            if (const auto* header = qstyleoption_cast<const QStyleOptionHeader*>(option)) {
                QStyleOptionHeaderV2 quiet;
                if (const auto* newer = qstyleoption_cast<const QStyleOptionHeaderV2*>(option))
                    quiet = *newer;
                else
                    static_cast<QStyleOptionHeader&>(quiet) = *header;
                quiet.palette.setColor(QPalette::ButtonText, p.quiet);
                QProxyStyle::drawControl(element, &quiet, painter, widget);
                return;
            }
            break;
        case CE_ComboBoxLabel:
            if (const auto* box = qstyleoption_cast<const QStyleOptionComboBox*>(option)) {
                QStyleOptionComboBox cut = *box;
                // A text's width is told rounded: what is asked for may be short by half a pixel.
                const int room = subControlRect(CC_ComboBox, box, SC_ComboBoxEditField, widget).width() -
                                 kLabelInset + 1 -
                                 (box->currentIcon.isNull() ? 0 : box->iconSize.width() + 4);
                cut.currentText = box->fontMetrics.elidedText(box->currentText, Qt::ElideRight, room);
                QProxyStyle::drawControl(element, &cut, painter, widget);
                return;
            }
            break;
        case CE_Splitter:
            painter->fillRect(option->rect, p.ground);
            return;
        case CE_ProgressBarGroove:
            paintBox(painter, progressIn(option->rect), p.raised, p.raised, 1);
            return;
        case CE_ProgressBarContents:
            if (const auto* bar = qstyleoption_cast<const QStyleOptionProgressBar*>(option)) {
                paintDone(painter, *bar);
                return;
            }
            break;
        case CE_ProgressBarLabel:
            return;
        default:
            break;
    }
    QProxyStyle::drawControl(element, option, painter, widget);
}

void ControlStyle::drawComplexControl(ComplexControl control, const QStyleOptionComplex* option,
                                      QPainter* painter, const QWidget* widget) const {
    if (control == CC_ComboBox) {
        paintField(painter, *option);
        const bool enabled = option->state & State_Enabled;
        paintDownwards(painter, subControlRect(control, option, SC_ComboBoxArrow, widget),
                       enabled ? palette().quiet : palette().line);
        return;
    }
    if (const auto* bar = qstyleoption_cast<const QStyleOptionSlider*>(option);
        bar && control == CC_ScrollBar)
        return paintBar(painter, *bar);
    QProxyStyle::drawComplexControl(control, option, painter, widget);
}

}  // namespace refero::look
