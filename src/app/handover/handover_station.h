// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

#include "app/handover/history_model.h"
#include "app/handover/parcel_model.h"
#include "app/handover/receivers.h"
#include "app/session/session.h"

class QComboBox;
class QLineEdit;
class QSortFilterProxyModel;
class QStackedWidget;

namespace refero {

class CollisionQuestion;
class Dialogs;
class FramesChoice;
class ReceiverCard;
class RowTable;
class SingleFile;
namespace look {
class Button;
class Label;
}  // namespace look

/// Who gets what of the current setup: receivers as cards, and one file of one's own choice; what the chosen
/// one gets and what that cannot hold, the frames at work, and what went out before.
class HandoverStation : public QWidget {
    Q_OBJECT
  public:
    HandoverStation(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);
    /// These frames are what is to go out, of the setup that is current.
    void offer(std::vector<studio::FrameId> frames);

  signals:
    void correctionWanted();

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    QWidget* buildCards();
    QWidget* buildParcel();
    QWidget* buildCurve();
    QWidget* buildHistory();
    QWidget* buildEmpty();
    void choose(std::optional<Receiver> receiver);
    /// Follows the current setup; the choices stay.
    void refresh();
    void showParcel();
    void showHand();
    void showGoOn();
    /// The one chosen in the table; null where none is.
    const workflow::HandedOver* chosenPast() const;
    void foreseeAll();
    void handOver();
    void give(io::Collision collisions);
    void withdraw();
    void goOn();
    void leaveEmpty();
    workflow::Delivery delivery() const;

    Session& session_;
    Dialogs& dialogs_;
    std::optional<Receiver> receiver_ = Receiver::client;  ///< nothing: one file of one's own choice
    std::vector<ReceiverCard*> cards_;
    DeliveryModel items_;
    HistoryModel history_;
    QStackedWidget* pages_;
    look::Label* emptyText_;
    look::Button* emptyGo_;
    look::Label* why_;
    RowTable* list_;
    QWidget* curveRow_;
    QComboBox* curve_;
    FramesChoice* frames_;
    SingleFile* single_;
    CollisionQuestion* inTheWay_;
    look::Button* hand_;
    look::Label* told_;
    RowTable* past_;
    QSortFilterProxyModel* sorted_;
    QLineEdit* search_;
    look::Button* showFile_;
    look::Label* pastEmpty_;
    look::Button* goOn_;
    QString folder_;  ///< that was chosen, until all of it is given
    int asked_ = 0;   ///< answers to older questions are let go
};

}  // namespace refero
