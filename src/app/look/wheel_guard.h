// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>

namespace refero::look {

/// Keeps the wheel from changing a choice or a number that was not clicked: what rolls past under the pointer
/// scrolls on instead. For the whole application.
class WheelGuard : public QObject {
    Q_OBJECT
  public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* event) override;
};

}  // namespace refero::look
