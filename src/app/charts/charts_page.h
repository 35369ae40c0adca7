// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "app/session/session.h"

class QListView;
class QStackedWidget;

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look
class ChartAssistant;
class ChartPicture;
class CopyPanel;
class Dialogs;
class KitLines;

/// The charts that are looked for, shipped and one's own, with their physical copies: seen, made from data,
/// measured, handed on.
class ChartsPage : public QWidget {
    Q_OBJECT
  public:
    ChartsPage(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);
    void refresh();

  signals:
    void told(const QString& message);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    QWidget* buildList();
    QWidget* buildAbout();
    void choose(int row);
    void beginChart();
    void beginCopy();
    void valuesFromFile();
    void completeChart(const Chart& layout);
    void keepChart(const Chart& chart);
    void keepCopy(const Chart& measured, const QString& reference);
    void handOn();
    void takeOut();
    void showPicture();
    void showAbout();
    /// A design of the list, or the copy's.
    std::optional<Chart> chosenChart() const;
    const plan::ChartCopy* chosenCopy() const;

    Session& session_;
    Dialogs& dialogs_;
    ChartPicture* picture_;
    QStackedWidget* panels_;
    ChartAssistant* assistant_;
    CopyPanel* copy_;
    KitLines* model_;
    QListView* list_;
    look::Label *title_, *facts_;
    look::Button *measure_, *values_, *export_, *remove_;
    QWidget* about_;
    studio::ChartCopyId copyBeing_ = 0;  ///< measured
};

}  // namespace refero
