// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

class QProgressBar;

namespace refero {

class FrameQueue;
class ProblemLines;
namespace look {
class Button;
class Label;
}  // namespace look

/// Frames at work: how far they are, the time left, pause and leave, and those that failed. Hidden while
/// there is nothing to tell.
class QueueStrip : public QWidget {
    Q_OBJECT
  public:
    explicit QueueStrip(FrameQueue& queue, QWidget* parent = nullptr);

  private:
    void refresh();

    FrameQueue& queue_;
    QProgressBar* bar_;
    look::Label* text_;
    ProblemLines* problems_;
    look::Button *pause_, *cancel_;
};

}  // namespace refero
