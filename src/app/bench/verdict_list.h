// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QScrollArea>
#include <QString>
#include <vector>

#include "core/read/reading.h"

class QVBoxLayout;

namespace refero {

/// Verdicts under each other: a mark, a few words, why, and what to do.
class VerdictList : public QScrollArea {
    Q_OBJECT
  public:
    struct Item {
        Verdict verdict = Verdict::pass;
        QString title, reason, remedy;
    };
    explicit VerdictList(QWidget* parent = nullptr);
    /// What needs attention first; `words` is said under them, a line each.
    void setItems(std::vector<Item> items, const QStringList& words = {});

  private:
    QVBoxLayout* column_;
};

}  // namespace refero
