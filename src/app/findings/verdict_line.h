// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include "app/look/strip.h"
#include "core/read/reading.h"

namespace refero {
namespace look {
class Button;
}

/// What all of it comes to, on one line over the picture: the verdict, what stands behind it, and the one
/// button with the next step. The findings open and close from here.
class VerdictLine : public look::Strip {
    Q_OBJECT
  public:
    explicit VerdictLine(QWidget* parent = nullptr);

    void setChecks(const std::vector<Check>& checks, std::optional<Verdict> verdict);
    /// A title instead of a verdict: busy, failed, nothing yet.
    void setTitle(const QString& title);
    /// An empty `step` hides the button.
    void setNextStep(const QString& step, const QString& why, bool enabled = true);
    /// Whether there are findings to open, and whether they are.
    void setFindings(bool any, bool open);

  signals:
    void nextStepWanted();
    void findingsWanted(bool open);

  private:
    class Word;
    class Line;
    void say();

    Word* word_;
    Line* line_;
    QString behind_, why_;
    look::Button *findings_, *step_;
    bool open_ = false;
};

}  // namespace refero
