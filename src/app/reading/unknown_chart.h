// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <memory>
#include <optional>
#include <vector>

#include "app/session/session.h"
#include "core/find/layout.h"
#include "workflow/chart_learning.h"

class QPlainTextEdit;

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look
class Dialogs;
class Form;

/// Stands beside a frame in which no known chart was found: says what field of patches is seen, and takes
/// the chart's data, from a file or pasted. The rest of the chart is learned from the frame.
class UnknownChart : public QWidget {
    Q_OBJECT
  public:
    UnknownChart(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);

    /// Looks for patches in the setup's frame, in the background; what was seen of the same frame before is
    /// shown at once. Null, or a setup with a reading, hides it.
    void show(const Setup* setup);
    /// What was seen in the frame that is shown.
    const LearnedLayout* layout() const { return layouts_ ? &layouts_->front() : nullptr; }
    /// "4 x 6 patches", or empty.
    QString seen() const;
    /// The outlines of chart and patches, in frame pixels.
    Evidence outlines() const;
    /// Asks for a file with the chart's data and learns the chart.
    void openData();
    void takeData(const QString& path);

  signals:
    /// A layout was found in the frame.
    void looked();
    /// The outline is to be set by hand after all.
    void byHandWanted();

  private:
    void take(const Result<workflow::ChartSource>& source, const QString& name);
    void learn(std::optional<workflow::ChartSource> source, const QString& name);

    Session& session_;
    Dialogs& dialogs_;
    look::Label* message_;
    QPlainTextEdit* paste_;
    Form* form_;
    look::Button *learn_, *layoutOnly_, *byHand_;
    FramePointer frame_;                                         ///< that was looked at
    std::shared_ptr<const std::vector<LearnedLayout>> layouts_;  ///< null: none was found so far
    studio::SetupId id_ = 0;
    double longSideMm_ = 0;
    QString name_;
};

}  // namespace refero
