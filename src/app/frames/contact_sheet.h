// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractScrollArea>
#include <QSet>
#include <vector>

#include "app/frames/sheet_layout.h"
#include "app/look/described.h"
#include "app/pictures/thumbnails.h"

class QMimeData;

namespace refero {

/// One frame on the sheet.
struct SheetFrame {
    qint64 id = 0;
    QString path, key, title, detail;  ///< key: hash of the content
    bool chart = false, doubted = false;
    bool operator==(const SheetFrame&) const = default;
};
struct SheetGroup {
    qint64 setup = 0;
    QString title, detail;
    std::vector<SheetFrame> frames;
    bool operator==(const SheetGroup&) const = default;
};

/// Frames by setup as small pictures. Chosen with mouse and keyboard as files are elsewhere: click, Ctrl,
/// Shift, arrows, Ctrl+A; what is chosen is dragged onto a setup's heading or pictures. Only what is to be
/// seen is drawn.
class ContactSheet : public QAbstractScrollArea, public look::Described {
    Q_OBJECT
  public:
    explicit ContactSheet(QWidget* parent = nullptr);
    void setGroups(std::vector<SheetGroup> groups);
    const std::vector<SheetGroup>& groups() const { return groups_; }
    std::vector<qint64> chosen() const;
    void choose(const std::vector<qint64>& frames);
    /// For another display.
    void drawAnew();
    const SheetLayout& layOut() const { return layout_; }
    QString describe() const override;
    /// For dragging onto other parts of the window.
    static QString mimeType() { return QStringLiteral("application/x-refero-frames"); }
    static std::vector<qint64> framesIn(const QMimeData* data);

  signals:
    void chosenChanged();
    /// Return, or a double click.
    void opened(qint64 frame);
    /// In the file manager.
    void showWanted(qint64 frame);
    /// Out of the shoot; the files stay where they are.
    void removeWanted(const std::vector<qint64>& frames);
    void moveWanted(const std::vector<qint64>& frames, qint64 setup);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dragMoveEvent(QDragMoveEvent* event) override;
    void dragLeaveEvent(QDragLeaveEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    bool viewportEvent(QEvent* event) override;

  private:
    void relay();
    const SheetFrame& frameAt(int index) const;
    int groupAt(const QPoint& inSheet) const;
    QPoint inSheet(const QPoint& inViewport) const;
    void goTo(int index, Qt::KeyboardModifiers modifiers);
    void startDrag();
    void paintHeading(QPainter& painter, int group) const;
    void paintCell(QPainter& painter, int index);

    std::vector<SheetGroup> groups_;
    SheetLayout layout_;
    Thumbnails thumbnails_;
    QSet<qint64> chosen_;
    int current_ = -1, anchor_ = -1, dropGroup_ = -1;
    QPoint pressed_;
    bool pressedOnChosen_ = false;
};

}  // namespace refero
