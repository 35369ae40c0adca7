// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/session/session.h"
#include "app/stations/station.h"
#include "app/views/difference_model.h"

class QComboBox;
class QTableView;

namespace refero {

class AbPlot;
class CompareView;
class Dialogs;
class Findings;
class HandoverCard;
namespace look {
class Label;
}

/// What was built and why, the errors per patch before and after, before and after on a picture, and the way
/// out.
class CorrectionStation : public Station {
    Q_OBJECT
  public:
    CorrectionStation(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);
    void setViewingOnly(bool only) override;

  signals:
    void readingWanted();

  private:
    QWidget* buildBar();
    QWidget* buildErrors();
    void show(const Setup* setup);
    void showCorrection(const Setup& setup);
    void showPictures(const Setup& setup);
    void renderPicture(const Setup& setup);
    void markPatch(const QString& id);
    void rebuild();
    void proceed();

    Session& session_;
    DifferenceModel differences_;
    look::Label* summary_;
    QComboBox* model_;
    QComboBox* intent_;
    QComboBox* picture_;
    AbPlot* plot_;
    QTableView* list_;
    CompareView* compare_;
    Findings* findings_;
    HandoverCard* card_;
    QWidget* bar_;
    QWidget* errors_;
    QString shownKey_;
};

}  // namespace refero
