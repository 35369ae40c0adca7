// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

#include "app/session/session.h"
#include "workflow/shelf.h"

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look
class Dialogs;
class FigureRows;
class RowTable;

/// What the studio can lend to lights without a chart shot: its corrections of all shoots, by body, lens and
/// light, and those of other studios.
class LibraryPage : public QWidget {
    Q_OBJECT
  public:
    LibraryPage(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);
    /// Documents are parsed in the background; the tables follow.
    void refresh();

  signals:
    void told(const QString& message);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    QWidget* buildTop();
    void show(std::vector<workflow::ShelfGroup> groups);
    void showGroup(int row);
    void copyOut();
    void copyIn();
    void takeOut();

    Session& session_;
    Dialogs& dialogs_;
    std::vector<workflow::ShelfGroup> groups_;
    int asked_ = 0;  ///< times that the library was asked for; an answer to an earlier one is late
    look::Label *title_, *said_;
    look::Button *out_, *in_, *remove_;
    FigureRows *groupRows_, *itemRows_;
    RowTable *groupTable_, *itemTable_;
};

}  // namespace refero
