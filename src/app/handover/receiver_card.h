// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractButton>

#include "app/handover/receivers.h"

namespace refero {

/// One receiver to choose: the name, and what they get.
class ReceiverCard : public QAbstractButton {
    Q_OBJECT
  public:
    explicit ReceiverCard(Receiver receiver, QWidget* parent = nullptr);
    Receiver receiver() const { return receiver_; }
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return {112, sizeHint().height()}; }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    Receiver receiver_;
};

}  // namespace refero
