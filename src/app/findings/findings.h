// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

#include "app/findings/evidence_mark.h"
#include "core/read/reading.h"

class QScrollArea;
class QVBoxLayout;

namespace refero {

class CheckView;
namespace look {
class Button;
}

/// Every check behind a verdict. What needs somebody comes first and gets the room; what is good is one line
/// that unfolds.
class Findings : public QWidget {
    Q_OBJECT
  public:
    explicit Findings(QWidget* parent = nullptr);

    void setChecks(const std::vector<Check>& checks);
    /// A text instead of findings; empty: nothing.
    void setMessage(const QString& text);
    /// Something of the station's own, below.
    void setExtra(QWidget* extra);
    /// Something stands here that a person has to see.
    bool needed() const;
    bool any() const { return !views_.empty() || needed(); }

  signals:
    /// A limit is to be changed for the shoot: so that the value is good, or back to its set's.
    void limitWanted(const refero::Check& check, std::optional<double> value);
    /// The evidence of these findings is to be shown: of the one pointed at, else of all that did not pass.
    void evidenceWanted(const std::vector<refero::MarkedEvidence>& evidence);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    void clear();
    void showEvidence();
    void showGood();

    QScrollArea* scroll_;
    QVBoxLayout* list_;
    QVBoxLayout* extraPlace_;
    QWidget* extra_ = nullptr;
    std::vector<Check> shown_;
    std::vector<CheckView*> views_;
    CheckView* pointed_ = nullptr;
    look::Button* good_ = nullptr;
    bool message_ = false, goodOpen_ = false;
};

}  // namespace refero
