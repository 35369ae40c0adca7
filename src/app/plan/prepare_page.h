// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <set>

#include "app/session/session.h"

class QVBoxLayout;

namespace refero {
namespace look {
class Label;
}

/// The preparations that follow from the shoot, to tick off; cautions stand apart, at the right.
class PreparePage : public QWidget {
    Q_OBJECT
  public:
    explicit PreparePage(Session& session, QWidget* parent = nullptr);
    void refresh();

  private:
    void build(const std::vector<plan::Task>& tasks);
    std::set<std::string> ticked() const;

    Session& session_;
    QVBoxLayout* columns_[2];
    look::Label* count_;
    std::vector<std::pair<std::string, std::string>> shown_;  ///< id and text, to see whether they are others
};

}  // namespace refero
