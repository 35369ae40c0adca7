// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/stations/station.h"
#include "app/views/difference_model.h"

class QComboBox;

namespace refero {

class AbPlot;
class CompareView;
class Dialogs;
class HandoverCard;
class RowTable;
namespace look {
class Label;
}

/// What was built and why, the errors per patch before and after, before and after on a picture, and the way
/// out.
class CorrectionStation : public Station {
    Q_OBJECT
  public:
    CorrectionStation(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);

  signals:
    void readingWanted();

  private:
    QWidget* buildBar();
    QWidget* buildErrors();
    void show(const Setup* setup) override;
    void showCorrection(const Setup& setup);
    void showPictures(const Setup& setup);
    void renderPicture(const Setup& setup);
    void markPatch(const QString& id);
    void rebuild();
    void narrow(bool compact) override;
    void proceed() override;

    DifferenceModel differences_;
    std::vector<QWidget*> captions_;
    look::Label* summary_;
    QComboBox* model_;
    QComboBox* intent_;
    QComboBox* picture_;
    AbPlot* plot_;
    RowTable* list_;
    CompareView* compare_;
    HandoverCard* card_;
    QString shownKey_;
};

}  // namespace refero
