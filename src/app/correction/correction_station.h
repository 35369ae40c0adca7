// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <string>

#include "app/station/station.h"
#include "app/tables/contender_model.h"
#include "app/tables/difference_model.h"

class QBoxLayout;
class QCheckBox;
class QComboBox;
class QStackedWidget;

namespace refero {

class AbPlot;
class CertaintyView;
class ColoursPage;
class FiguresPanel;
class FinishPage;
class LevelsPage;
class JudgingView;
class ProofPage;
class RowTable;
class ScopesPage;
class SnapshotsPage;
class StagesPage;
namespace look {
class Label;
}

/// Before and after on a picture, the errors per patch before and after, what was built and why.
class CorrectionStation : public Station {
    Q_OBJECT
  public:
    CorrectionStation(Session& session, QWidget* parent = nullptr);
    enum class Page { patches, certainty, models, finish, levels, scopes, snapshots, colours, proof, stages };
    void showPage(Page page);
    JudgingView& judging() { return *judging_; }
    void setViewingOnly(bool only) override;

  signals:
    void readingWanted();
    void handoverWanted();

  private:
    void buildFigures();
    QWidget* buildPages(QWidget* parent);
    QWidget* buildFitting(QWidget* parent);
    void showPageOf(int index);
    QWidget* buildCertainty(QWidget* parent);
    void show(const Setup* setup) override;
    void showCorrection(const Setup& setup);
    void connectJudging();
    void markPatch(const QString& id);
    void rebuild();
    /// Makes the chosen patch count so many times more or less.
    void favour(double factor);
    void narrow(bool compact) override;
    void proceed() override;

    DifferenceModel differences_;
    ContenderModel contenders_;
    FiguresPanel* panel_;
    QBoxLayout* figures_;
    look::Label *summary_, *headline_;
    QComboBox* model_;
    QComboBox* intent_;
    QCheckBox* mend_;
    QComboBox* limits_;
    QComboBox* page_;
    AbPlot* plot_;
    RowTable* list_;
    RowTable* models_;
    CertaintyView* certainty_;
    look::Label* price_;
    QStackedWidget* pages_;
    ProofPage* proof_;
    FinishPage* finish_;
    LevelsPage* levels_;
    ScopesPage* scopes_;
    SnapshotsPage* snapshots_;
    ColoursPage* colours_;
    StagesPage* stages_;
    JudgingView* judging_;
    studio::SetupId shownSetup_ = 0;
    bool compact_ = false;
    std::map<std::string, double> weights_;  ///< by patch id, as favour() left them
};

}  // namespace refero
