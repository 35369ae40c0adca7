// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

namespace refero {

/// One place of the work, shown in the middle and at the right of the window.
class Station : public QWidget {
    Q_OBJECT
  public:
    using QWidget::QWidget;
    /// Nothing but the picture.
    virtual void setViewingOnly(bool only) = 0;
};

}  // namespace refero
