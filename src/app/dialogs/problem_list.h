// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QDialog>

namespace refero {

/// What failed and why, a line each; it can be copied.
class ProblemList : public QDialog {
    Q_OBJECT
  public:
    ProblemList(const QString& title, const QStringList& problems, QWidget* parent);
};

}  // namespace refero
