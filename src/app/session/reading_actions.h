// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <functional>
#include <optional>
#include <vector>

#include "core/read/compare.h"
#include "core/read/limits.h"
#include "core/read/placement.h"
#include "io/read_frame.h"
#include "studio/edit.h"
#include "workflow/chart_learning.h"
#include "workflow/chart_shot.h"

namespace refero {

class Session;

/// What a person does to chart shots. All of it reads in the background, and is a step.
class ReadingActions : public QObject {
    Q_OBJECT
  public:
    explicit ReadingActions(Session& session);

    /// The charts that are looked for: shipped, and the studio's own.
    std::vector<Chart> charts() const;
    /// What a chart shot of a setup (0: of none yet) is read and judged with.
    workflow::ShotContext contextOf(studio::SetupId id) const;
    /// What chart shots are judged by in this shoot.
    Limits limits() const;
    /// Changes one limit for the shoot, so that this value is good; nothing gives its set's limit back.
    void allow(const Check& check, std::optional<double> value);

    /// The frame becomes the chart frame of a setup that was planned; it is read.
    void addChartFrame(studio::SetupId id, const QString& path);
    /// The newest chart frame of a setup counts from now on: it is read, and what was built from an older one
    /// goes.
    void readNewest(studio::SetupId id);
    /// Reads a setup's chart frame where that was not tried yet.
    void readIfUnread(studio::SetupId id);
    /// Decodes the chart frame for looking at, where that was not done yet or its encoding has changed since.
    void loadFrame(studio::SetupId id);

    /// Moves the chart's corners and reads again.
    void setCorners(studio::SetupId id, const Quad& corners, const QString& step);
    /// Moves single patches or leaves them out, and reads again; these are all that is done to them then.
    void setPatches(studio::SetupId id, const std::vector<PatchByHand>& byHand, const QString& step);
    /// Brings every patch to the light's mean over the chart, or leaves the light in.
    void takeOutLight(studio::SetupId id, bool out);
    /// Takes a flat-field frame out of the patches, and keeps the lens's fall-off in the kit; an empty path
    /// leaves it in.
    void takeOutFlatField(studio::SetupId id, const QString& path);
    /// The mean of the setup's chart frames, or the one frame alone.
    void averageFrames(studio::SetupId id, bool all);
    /// Chart frames of the setup other than the one that is read, the latest first.
    std::vector<studio::Frame> otherChartFrames(studio::SetupId id) const;
    /// What moved since another chart frame of the setup was shot; `done` gets it, or why it cannot be said.
    void compareWith(studio::SetupId id, const QString& path,
                     const std::function<void(const Result<std::vector<ReadingChange>>&)>& done);
    /// What to set in the camera for the setup's light, a sentence each; and the kelvin that were read off
    /// for its chart frame, or 0.
    void adviseCamera(studio::SetupId id, const std::function<void(const QStringList&, double)>& done);
    /// Kelvin that a person read off the camera for the chart frame; 0 takes it back. One step.
    void setDialled(studio::SetupId id, double kelvin);
    /// Something in a subject's frame is grey: its light is compared with the chart's from now on. Zero takes
    /// that back.
    void markGrey(studio::FrameId frame, const Vector3& linear);
    /// Reads with another chart, looking for it anew; where it is not found, its outline is laid in the
    /// middle.
    void setChart(studio::SetupId id, const Chart& chart);
    /// Makes a chart of what was seen in the setup's frame, keeps it in the kit and reads the frame with it:
    /// one step. Without data only its layout. `done` hears why it was refused, or nothing.
    void learnChart(studio::SetupId id, std::shared_ptr<const std::vector<LearnedLayout>> layouts,
                    std::optional<workflow::ChartSource> data, const workflow::LearnRequest& request,
                    const std::function<void(const QString& refused)>& done);
    void setEncoding(studio::SetupId id, const Transfer& encoding);
    /// The same for several at once, as one step: for those whose chart shots do not say theirs.
    void setEncodings(const std::vector<studio::SetupId>& ids, const Transfer& encoding);
    /// As setEncoding, from a curve file; where it cannot be used, the setup says why and stays as it is.
    void setEncodingCurve(studio::SetupId id, const QString& path);

  private:
    const studio::Frame* chartFrameOf(studio::SetupId id) const;
    void readFrame(studio::SetupId id, const std::string& path);
    void frameRead(studio::SetupId id, std::int64_t step, const workflow::ChartShot& shot);
    void replaceReading(studio::SetupId id, const QString& step, const Reading& reading);
    void readAgain(studio::SetupId id, const QString& step,
                   const std::function<void(io::ReadRequest&)>& change);

    Session& session_;
    int jobs_ = 0;
};

}  // namespace refero
