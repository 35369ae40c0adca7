// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

namespace refero {
class History;
namespace look {
class Button;
class Label;
}  // namespace look

/// Station names, and the few things that belong to no station: open, undo, redo, steps, surround, picture
/// only.
class TopBar : public QWidget {
    Q_OBJECT
  public:
    explicit TopBar(History& undo, QWidget* parent = nullptr);
    void setStation(int index);
    void setProgress(const QString& text);
    /// Where the menu opens.
    QPoint menuPlace() const;
    void setCompact(bool compact);

  signals:
    void stationWanted(int index);
    void openWanted();
    /// At the lower left corner of its button.
    void menuWanted(const QPoint& at);
    void findWanted();
    void surroundWanted();
    void viewingWanted();

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    look::Button* addIcon(const char* icon, const char* object, const QString& hint);
    void showSteps();

    History& undo_;
    QList<class StationTab*> tabs_;
    look::Label* progress_;
    look::Button* find_;
    look::Button* steps_ = nullptr;
};

}  // namespace refero
