// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QTableView>

namespace refero {

/// A table of rows without grid or row numbers, chosen a row at a time.
class RowTable : public QTableView {
    Q_OBJECT
  public:
    explicit RowTable(QWidget* parent = nullptr);
    /// Widths of the columns of the model, which must be set; the one of width 0 takes what is left.
    void setWidths(std::initializer_list<int> widths);
    /// Long text wraps and the table is as high as its rows, whatever becomes of the model, which must be
    /// set: nothing is cut off, nothing scrolls.
    void showWhole();

  protected:
    /// Copying gives the chosen row, else all rows, with the heads, as text with tabs.
    void keyPressEvent(QKeyEvent* event) override;

  private:
    QString asText() const;
    void fitRows();
};

}  // namespace refero
