// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

#include "core/finish/finish.h"

class QGridLayout;
class QSlider;

namespace refero {

class WarmthLadder;
namespace look {
class Button;
class Label;
}  // namespace look

/// Taste on top of the correction: two ready finishes, the ladder of warmth, and four amounts.
class FinishPage : public QWidget {
    Q_OBJECT
  public:
    explicit FinishPage(QWidget* parent = nullptr);
    /// What is kept; being moved, the page goes on with what it shows.
    void setFinish(const Finish& finish);
    const Finish& finish() const { return finish_; }

  protected:
    /// A key that is held moves all the way in one step, as a drag does.
    bool eventFilter(QObject* watched, QEvent* event) override;

  signals:
    /// While something is being moved.
    void trying(const Finish& finish);
    void chosen(const Finish& finish);

  private:
    struct Amount {
        double Finish::*part;
        QSlider* slider;
        look::Label* value;
        double unit;  ///< of the part, a step of the slider
        QString (*inWords)(double);
    };
    void addAmount(QGridLayout* grid, int row, const char* object, const char* name, const char* hint,
                   double Finish::*part, double low, double high, double unit, QString (*inWords)(double));
    void showFinish();
    void change(const Finish& finish, bool settled);

    Finish finish_;
    look::Button *base_, *rounded_;
    WarmthLadder* warmth_;
    std::vector<Amount> amounts_;
    bool moving_ = false;
    bool held_ = false;  ///< a key
};

}  // namespace refero
