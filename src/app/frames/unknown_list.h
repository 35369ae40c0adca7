// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <functional>
#include <vector>

#include "app/session/session.h"
#include "workflow/unknowns.h"

class QVBoxLayout;

namespace refero {

/// What the shoot's files do not tell, a question each with its answer beside it; hidden where all is told.
class UnknownList : public QWidget {
    Q_OBJECT
  public:
    explicit UnknownList(Session& session, QWidget* parent = nullptr);
    void refresh();

  private:
    void addRow(const workflow::Unknown& unknown);
    QString question(const workflow::Unknown& unknown) const;
    /// Keeps one answer as a step of that name.
    void keep(const QString& name, const std::function<Status(studio::Edit&)>& answer);

    Session& session_;
    QVBoxLayout* rows_;
    std::vector<QWidget*> shown_;
    std::vector<workflow::Unknown> unknowns_;
};

}  // namespace refero
