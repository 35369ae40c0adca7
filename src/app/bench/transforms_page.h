// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/bench/bench_page.h"
#include "app/judging/compare_view.h"
#include "app/judging/judged.h"
#include "app/session/bench_actions.h"
#include "app/session/session.h"
#include "app/tables/figure_rows.h"

class QComboBox;
class QStackedWidget;

namespace refero {

class AbPlot;
class Dialogs;
class PairLadder;
class ScopesPage;
class TransformTable;
class VerdictList;
namespace look {
class Button;
class Label;
}  // namespace look

/// Transforms of others on the current setup's chart shot: a table of them, what each does, and any picture
/// of the setup seen through two of them.
class TransformsPage : public BenchPage {
    Q_OBJECT
  public:
    TransformsPage(Session& session, Dialogs& dialogs, QWidget* parent);
    void take(const QStringList& paths);
    /// Chart shots that show themselves, such as in other picture styles.
    void takePictures(const QStringList& paths);
    void setCompact(bool compact);

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    QWidget* buildBar();
    QWidget* buildTable(QWidget* parent);
    QWidget* buildPanel(QWidget* parent);
    void refresh();
    void fillPictures();
    QWidget* buildPages(QWidget* parent);
    void showChosen();
    void showFigures(const Assessment& assessment);
    void clearFigures();
    void draw();
    void state();
    void makeDemo();
    void showOwn();
    const BenchActions::Trial* chosen() const;

    Session& session_;
    Dialogs& dialogs_;
    BenchActions& bench_;
    std::vector<QWidget*> captions_;  ///< of the choices in the bar
    QComboBox *picture_, *against_, *layout_, *feed_, *space_, *balance_;
    look::Button *add_, *own_, *remove_, *demo_;
    look::Label *title_, *said_;
    TransformTable* table_;
    VerdictList* verdicts_;
    QStackedWidget* pages_;
    FigureRows* patches_;
    PairLadder* ladder_;
    AbPlot* arrows_;
    ScopesPage* scopes_;
    std::shared_ptr<const SmallFrame> frame_;  ///< the picture at hand
    int job_ = 0;
};

}  // namespace refero
