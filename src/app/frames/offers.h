// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "app/session/session.h"

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look

/// What the frames that came in speak for, a line each with its buttons: setups to be begun and the day to be
/// done in one go; a chart that nobody has described.
class Offers : public QWidget {
    Q_OBJECT
  public:
    explicit Offers(Session& session, QWidget* parent = nullptr);
    void refresh();

  signals:
    /// The rest of the day is to be done.
    void dayWanted();
    /// The chart frame of the current setup is to be looked at.
    void readingWanted();

  private:
    QWidget* buildSetups();
    QWidget* buildUnknown();
    void showSetups();
    void showUnknown();

    Session& session_;
    QWidget *setups_, *unknown_;
    look::Label *setupsText_, *unknownText_;
    look::Button *accept_, *doDay_, *dismiss_, *give_, *stop_;
};

}  // namespace refero
