// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QRectF>
#include <functional>
#include <map>
#include <memory>
#include <vector>

#include "app/session/frame_queue.h"
#include "app/session/history.h"
#include "app/session/parcel.h"
#include "app/session/setup.h"
#include "app/session/setup_builder.h"
#include "core/fit/fit.h"
#include "core/plan/call_sheet.h"
#include "core/read/compare.h"
#include "core/read/limits.h"
#include "core/read/placement.h"
#include "io/read_frame.h"
#include "studio/charts.h"
#include "studio/frames_to_render.h"
#include "studio/intake.h"
#include "studio/studio.h"

class QTimer;

namespace refero {

struct ParcelContent;
struct WaitingReport;

/// The work at hand: the setups of one shoot of a studio, in order, and everything done to them. What is done
/// is kept in the studio at once and can be undone by name. Slow work runs in the background; `changed` says
/// when there is something new.
class Session : public QObject {
    Q_OBJECT
  public:
    explicit Session(QObject* parent = nullptr);
    ~Session() override;

    /// Works on another studio from now on; the one before is closed.
    void use(std::unique_ptr<studio::Studio> studio);
    /// Null before the first `use`.
    const studio::Studio* studio() const { return studio_.get(); }

    const std::vector<Setup>& setups() const { return setups_; }
    const Setup* setup(int id) const;
    const Setup* current() const { return setup(current_); }
    /// By whose correction its frames go out: its own, or that of the setup whose chart serves it.
    int correctedBy(int id) const;
    int currentId() const { return current_; }
    History& undo() { return history_; }
    QString shoot() const;
    /// The shoot's day in words.
    plan::CallSheet callSheet() const;
    /// What the plan's rules know of it, as of now.
    const plan::Day& day() const { return day_; }
    const plan::ClearSky& sky() const { return builder_.sky(); }
    studio::Id shootId() const { return shoot_; }
    /// Works on another shoot of the studio; no step.
    void openShoot(studio::Id shoot);
    /// What time it is; tests and pictures set their own.
    void setClock(std::function<plan::Moment()> clock);

    /// The shoot at hand, entered where there is none yet; a new one.
    studio::Id shootFor(studio::Edit& edit) const;
    studio::Id newShoot(studio::Edit& edit) const;

    /// Brings files and folders into the shoot, one after the other in the background; each is sorted into a
    /// setup with the reason. One step, however many they are. With `copyTo`, verified copies are made there
    /// and those are the shoot's frames.
    void bringInFiles(const QStringList& paths, const QString& copyTo = {});
    void stopBringingIn();
    bool bringingIn() const { return intake_ != nullptr; }
    /// Puts frames into a setup (0: none) by hand.
    void putFrames(const std::vector<studio::Id>& frames, studio::Id setup);
    /// A clip stands for another of its pictures; a chart in it is read.
    void takeMoment(studio::Id frame, double seconds);
    /// The newest chart frame of a setup counts from now on: it is read, and what was built from an older one
    /// goes.
    void readNewest(int id);
    /// A camera's clock was behind by so many seconds; see studio::setClock.
    void setCameraClock(studio::Id frame, int seconds);
    /// The charts that are looked for: shipped, and the studio's own.
    const std::vector<Chart>& charts() const { return charts_; }
    /// A new setup with the first frame's body and lens, and these frames in it.
    void beginSetupWith(const std::vector<studio::Id>& frames);

    /// Puts a setup at another place in the shooting order, 0 first.
    void moveSetup(int id, int to);
    /// The frame becomes the chart frame of a setup that was planned; it is read.
    void addChartFrame(int id, const QString& path);

    /// One action by name: `fill` collects its changes. What it refuses, and what cannot be kept, is an error
    /// and changes nothing. An action that changes nothing is no step.
    Status perform(const QString& name, const std::function<Status(studio::Edit&)>& fill);

    void select(int id);

    /// Adds a setup for a frame and reads its chart. Body and lens are taken from the frame.
    int addFrame(const QString& path);
    /// A frame of a setup has come by itself, such as the demo's; no step of a person. A chart frame is read.
    void bringIn(int id, const QString& path, studio::FrameRole role);
    /// Changes one limit for the shoot, so that this value is good; nothing gives its set's limit back.
    void allow(const Check& check, std::optional<double> value);
    /// What chart shots are judged by in this shoot.
    Limits limits() const;
    /// Adds a picture of the setup to judge the correction on.
    void addPicture(int id, const QString& path);

    void remove(int id);
    void rename(int id, const QString& place, const QString& light);
    /// Moves the chart's corners and reads again.
    void setCorners(int id, const Quad& corners, const QString& step);
    /// Moves single patches or leaves them out, and reads again; these are all that is done to them then.
    void setPatches(int id, const std::vector<PatchByHand>& byHand, const QString& step);
    /// Brings every patch to the light's mean over the chart, or leaves the light in.
    void takeOutLight(int id, bool out);
    /// Takes a flat-field frame out of the patches, and keeps the lens's fall-off in the kit; an empty path
    /// leaves it in.
    void takeOutFlatField(int id, const QString& path);
    /// The mean of the setup's chart frames, or the one frame alone.
    void averageFrames(int id, bool all);
    /// Chart frames of the setup other than the one that is read, the latest first.
    std::vector<studio::Frame> otherChartFrames(int id) const;
    /// What moved since another chart frame of the setup was shot; `done` gets it, or why it cannot be said.
    void compareWith(int id, const QString& path,
                     const std::function<void(const Result<std::vector<ReadingChange>>&)>& done);
    /// Something in a subject's frame is grey: its light is compared with the chart's from now on. Zero takes
    /// that back.
    void markGrey(studio::Id frame, const Vector3& linear);
    /// Reads with another chart, looking for it anew; where it is not found, its outline is laid in the
    /// middle.
    void setChart(int id, const Chart& chart);
    void setEncoding(int id, const Transfer& encoding);
    /// As setEncoding, from a curve file; where it cannot be used, the setup says why and stays as it is.
    void setEncodingCurve(int id, const QString& path);
    void correct(int id, const FitOptions& options);
    /// Holds the correction against another chart frame; the outcome is kept with it.
    void proveOn(int id, const QString& path);
    /// The finish on top of the correction.
    void setFinish(int id, const Finish& finish);
    /// What the correction is judged by.
    void judgeBy(int id, const FitLimits& limits);
    /// Keeps the correction as it is now, by a name that no other of the setup has.
    void keepSnapshot(int id);
    void renameSnapshot(int snapshot, const QString& name);
    void removeSnapshot(int snapshot);
    /// What was kept becomes the setup's correction once more.
    void takeSnapshot(int snapshot);
    /// Something of known colour in a frame of the setup; its place is measured in the background. `done` is
    /// told why not, or nothing.
    void addColour(int id, const QString& path, const QRectF& place, const QString& name, const Lab& labD50,
                   const std::function<void(const QString&)>& done);
    /// Whether it counts in the fit, or is for proofs.
    void countColour(int colour, bool counts);
    void removeColour(int colour);
    /// Holds the correction against the colours that do not count; the outcome is kept with it.
    void proveOnColours(int id);
    /// What a kind of file would lose of the setup's correction; `done` is told in the background.
    void foresee(int id, const io::ExportOptions& options,
                 const std::function<void(const Result<io::Foreseen>&)>& done);
    void handOver(int id, const QString& target, const io::ExportOptions& options);
    /// All that a receiver gets, into a folder, one after the other in the background; then the frames. Each
    /// is recorded as it goes out.
    void give(int id, const Parcel& parcel, const QString& folder);
    bool giving() const { return giving_ != nullptr; }
    /// Which of a parcel's files are there already; `done` is told their names in the background.
    void inTheWay(int id, const Parcel& parcel, const QString& folder,
                  const std::function<void(const QStringList&)>& done);
    /// Which frames a parcel would hold.
    studio::FramesToRender framesFor(int id, const FramesWish& wish) const;
    FrameQueue& frameQueue() { return *queue_; }
    /// Goes on with frames that were left, such as by a crash.
    void goOnWith(int handover);

  signals:
    void changed(int id);
    void listChanged();
    void currentChanged(int id);
    /// The day, the kit or what is due may be others now.
    void planChanged();
    void handedOver(int id, const QString& error);
    /// Of a parcel: what becomes of its item, in words.
    void parcelTold(int item, const QString& state);
    /// All of it went out but for what is named.
    void parcelGiven(int id, const QStringList& problems);
    /// Of what is coming in; `left` in milliseconds, -1 while that cannot be said.
    void intakeProgress(int done, int all, qint64 left);
    /// All came in, or it was stopped; what could not be read is named, a line each.
    void intakeFinished(int broughtIn, const QStringList& problems);
    /// Pictures are to be drawn anew, for another display.
    void displayChanged();
    /// Something could not be kept; the message says why and what is unharmed.
    void refused(const QString& message);

  private:
    // What is only at hand.
    // What a person chose for a correction; it outlives the correction where the chart is read anew.
    struct Choices {
        Finish finish;
        bool ownFinish = false;  ///< not the one that comes with an intent
        FitLimits limits;
    };
    struct AtHand {
        FramePointer frame;
        QString error;
        bool busy = false;
        int job = 0;                     ///< the reading that is wanted; answers to older ones are let go
        std::optional<Choices> choices;  ///< of the last correction
    };
    struct FrameOutcome {
        FramePointer frame;
        Result<Reading> reading;
        std::string sha256{};
    };

    struct Giving;
    void giveNext();
    void giveFrames();
    std::string subjectOf(int id) const;
    struct FrameJob;
    FrameJob frameJob(int id, const Parcel& parcel, const QString& folder) const;
    studio::Id recordHandover(int id, studio::HandoverRecord record);
    void keepRecord(const studio::Edit& edit);
    ParcelContent parcelContent(int id) const;
    std::shared_ptr<WaitingReport> reportBefore(const studio::HandoverRecord& frames) const;
    void reportFrames(const studio::HandoverRecord& frames);
    void framesFinished(const QString& job, int done, int failed, int all, const QString& error);
    struct Intake;
    void lookAtNext();
    void takeIn(std::vector<studio::Arrival> arrivals);
    void finishIntake();

    template <class Work, class Done>
    void inBackground(Work work, Done done);
    bool commit(const studio::Edit& edit);
    void minutePassed();
    void readFrame(int id, const QString& other = {});
    std::vector<Chart> chartsFor(int id) const;
    std::optional<Transfer> curveFor(int id) const;
    void rebuild();
    void putAtHand(Setup& setup);
    void showAtHand(int id);
    void refuse(int id, const QString& message);
    void keepProof(int id, const Verification& proof);
    void changeCorrection(int id, const QString& step, const std::function<void(Correction&)>& change);
    void frameRead(int id, std::int64_t step, FrameOutcome outcome);
    void loadFrame(int id);
    void replaceReading(int id, const QString& step, const Reading& reading);
    void readAgain(int id, const QString& step, const std::function<void(io::ReadRequest&)>& change);
    void putReading(studio::Edit& edit, int id, const Reading& reading) const;
    studio::Frame frameOf(int setup, const QString& path, studio::FrameRole role, const char* because) const;
    studio::Id placeFor(studio::Edit& edit, studio::Id shoot, const QString& label) const;

    std::unique_ptr<studio::Studio> studio_;
    History history_;
    SetupBuilder builder_;
    std::vector<Setup> setups_;
    std::map<int, AtHand> atHand_;
    studio::Id shoot_ = 0;
    plan::Day day_;
    std::vector<Chart> charts_;
    std::function<plan::Moment()> clock_ = plan::now;
    QTimer* minute_;
    int current_ = 0, jobs_ = 0;
    int studios_ = 0;  ///< that were used so far
    std::shared_ptr<Intake> intake_;
    std::shared_ptr<Giving> giving_;
    std::map<QString, std::shared_ptr<WaitingReport>>
        reportedWith_;  ///< by the job of frames that it waits for
    FrameQueue* queue_;
};

}  // namespace refero
