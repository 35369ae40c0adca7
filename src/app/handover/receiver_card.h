// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractButton>
#include <optional>

#include "app/handover/receivers.h"

namespace refero {

/// One receiver to choose: the name, and what they get.
class ReceiverCard : public QAbstractButton {
    Q_OBJECT
  public:
    /// Nobody in particular: one file of one's own choice.
    explicit ReceiverCard(std::optional<Receiver> receiver, QWidget* parent = nullptr);
    std::optional<Receiver> receiver() const { return receiver_; }
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return {112, sizeHint().height()}; }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    std::optional<Receiver> receiver_;
};

}  // namespace refero
