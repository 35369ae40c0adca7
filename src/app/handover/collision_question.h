// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QStringList>
#include <QWidget>

#include "io/batch/job.h"

namespace refero {
namespace look {
class Label;
}

/// What is to become of files that are there already: asked once for all of them, in the window itself.
class CollisionQuestion : public QWidget {
    Q_OBJECT
  public:
    explicit CollisionQuestion(QWidget* parent = nullptr);
    void ask(const QStringList& names);

  signals:
    void answered(io::Collision collisions);
    void declined();

  private:
    look::Label* text_;
};

}  // namespace refero
