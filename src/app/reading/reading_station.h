// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "app/station/station.h"

class QBoxLayout;
class QComboBox;
class QMenu;

namespace refero {

namespace look {
class Button;
class Label;
}  // namespace look
class Dialogs;
class EncodingChoice;
class FrameView;
class MeterPanel;
class PatchTable;
class UnknownChart;

/// The chart frame large with the evidence on it, the patches and the instruments under it, the findings
/// beside it.
class ReadingStation : public Station {
    Q_OBJECT
  public:
    ReadingStation(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);
    /// A chart that nobody has described is seen in the frame, and waits for its data.
    bool wantsChartData() const;
    void takeChartData(const QString& path);

  signals:
    /// The reading is good enough to go on from.
    void correctionWanted();

  private:
    QWidget* buildBar();
    void buildFigures();
    void show(const Setup* setup) override;
    void showPicture(const Setup& setup);
    void ask(const Setup& setup);
    void fillTreatments();
    void compare();
    /// What to set in the camera, while that is looked at.
    void advise();
    void showFindings(const Setup& setup);
    void showAwaited(const Setup& setup);
    void showUnknown();
    void layOutline();
    void narrow(bool compact) override;
    void proceed() override;

    Dialogs& dialogs_;
    FrameView* frame_;
    FiguresPanel* panel_;
    QBoxLayout* figures_;
    std::vector<QWidget*> captions_;
    PatchTable* table_;
    MeterPanel* meters_;
    UnknownChart* unknown_;
    QComboBox* chart_;
    EncodingChoice* encoding_;
    QComboBox* view_;
    look::Button* treat_;
    QMenu* treatments_;
    int shownView_ = 0;
    look::Label* question_;
    look::Button* answer_;
    std::optional<Transfer> proposed_;
    FramePointer shown_;
    Vector3 shownGains_{0, 0, 0};
};

}  // namespace refero
