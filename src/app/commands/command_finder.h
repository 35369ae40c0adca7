// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QFrame>
#include <QStandardItemModel>
#include <functional>
#include <vector>

class QLineEdit;
class QListView;

namespace refero {

/// One thing that can be done or gone to.
struct Command {
    QString name;
    QString detail;  ///< its keys, or where it belongs
    std::function<void()> run;
};

/// A field over the window that finds commands by name and does the one chosen: type, arrow keys, Return;
/// Escape leaves.
class CommandFinder : public QFrame {
    Q_OBJECT
  public:
    explicit CommandFinder(QWidget* window);

    /// Shows itself with these to choose from.
    void open(std::vector<Command> commands);

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    void filter(const QString& typed);
    void choose(int row);

    std::vector<Command> commands_;
    QStandardItemModel model_;
    QLineEdit* field_;
    QListView* list_;
};

}  // namespace refero
