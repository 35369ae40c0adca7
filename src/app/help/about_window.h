// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QDialog>

namespace refero {

/// What this is, its version, and under which licences it and all that is shipped or used stand.
class AboutWindow : public QDialog {
    Q_OBJECT
  public:
    explicit AboutWindow(QWidget* parent);
};

}  // namespace refero
