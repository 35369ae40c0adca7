// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>
#include <vector>

#include "core/read/reading.h"

class QVBoxLayout;
class QScrollArea;

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look

/// The right-hand panel: the verdict, every check behind it, and one button with the next step and why.
class Findings : public QWidget {
    Q_OBJECT
  public:
    explicit Findings(QWidget* parent = nullptr);

    void setChecks(const std::vector<Check>& checks, std::optional<Verdict> verdict);
    /// A line instead of findings: busy, failed, nothing yet.
    void setMessage(const QString& title, const QString& text);
    /// An empty `step` hides the button.
    void setNextStep(const QString& step, const QString& why, bool enabled = true);
    /// Something of the station's own, above the button.
    void setExtra(QWidget* extra);

  signals:
    void nextStepWanted();
    /// A limit is to be changed for the shoot: so that the value is good, or back to its set's.
    void limitWanted(const refero::Check& check, std::optional<double> value);
    /// The evidence of these findings is to be shown: of the one pointed at, else of all that did not pass.
    void evidenceWanted(const refero::Evidence& evidence);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    class Headline;
    void showEvidence();

    Headline* headline_;
    QScrollArea* scroll_;
    QVBoxLayout* list_;
    QVBoxLayout* extra_;
    std::vector<class CheckView*> views_;
    CheckView* pointed_ = nullptr;
    look::Label* why_;
    look::Button* step_;
};

}  // namespace refero
