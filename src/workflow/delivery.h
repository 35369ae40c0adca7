// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <stop_token>
#include <string>
#include <vector>

#include "studio/studio.h"
#include "workflow/delivery_items.h"
#include "workflow/quick_correction.h"

namespace refero::workflow {

/// Which frames a delivery would hold, each with its correction.
studio::FramesToRender framesFor(const studio::Contents& contents, const plan::Day& day,
                                 studio::SetupId setup, const FramesWish& wish);

/// Frames as a job; its corrections are still documents, which is what the studio keeps.
struct FrameJob {
    io::BatchJob job;
    std::map<std::string, std::string> documents;
    /// Of corrections whose frames have the camera's own pictures beside them, by their key: what is rendered
    /// first. Left out of a delivery that is not made of JPEGs.
    std::map<std::string, QuickSource> quick{};

    bool empty() const { return job.frames.empty(); }
};
/// `setups` are those of the day: their names go into the frames' names.
FrameJob frameJob(const studio::Contents& contents, const plan::Day& day, const std::vector<Setup>& setups,
                  studio::SetupId setup, const Delivery& delivery, const std::string& folder);

/// Names of those files of a delivery that are there already. Reads the disk, not the studio.
std::vector<std::string> conflicts(const Delivery& delivery, const Correction& correction,
                                   const FrameJob& frames, const std::string& folder);

/// Facts of a setup for its report: shoot, place, light as it was planned, chart copy and its age.
std::vector<std::pair<std::string, std::string>> factsOf(const studio::Contents& contents,
                                                         const plan::Day& day, const Setup& setup);
/// What a setup's papers are made of. It must have a correction.
DeliveryContent contentOf(const studio::Contents& contents, const plan::Day& day, const Setup& setup);

/// A delivery on its way: item after item, then the job of its frames. `make` and `writeJob` run on any
/// thread, one call at a time; all else belongs to the studio's thread.
class DeliveryRun {
  public:
    /// The setup must have a correction. `frame` is its decoded chart frame, where that is at hand.
    DeliveryRun(const studio::Contents& contents, const plan::Day& day, const std::vector<Setup>& setups,
                const Setup& setup, Delivery delivery, std::string folder, Print print,
                std::shared_ptr<const io::Frame> frame = {});

    studio::SetupId setup() const { return setup_; }
    const std::string& receiver() const { return delivery_.receiver; }
    std::size_t items() const { return items_.size(); }
    std::size_t next() const { return next_; }
    bool itemsDone() const { return next_ == items_.size(); }

    /// Makes the next item; nothing where the files that are there are to stay.
    Result<std::optional<HandedItem>> make();
    /// Goes on to the item after it. What went out is to be kept: its record, without an id.
    std::optional<studio::HandoverRecord> advance(const Result<std::optional<HandedItem>>& made);
    /// The record that the last `advance` gave got this id.
    void kept(studio::HandoverId record);

    bool hasFrames() const { return !frames_.empty(); }
    /// Writes the job's document beside the frames, where anyone can go on with it; its record.
    Result<studio::HandoverRecord> writeJob();

    /// The report's record once it is written, 0 before; and what it was made of, for its second edition.
    studio::HandoverId report() const { return report_; }
    DeliveryContent takeContent() { return std::move(content_); }

  private:
    studio::SetupId setup_;
    Delivery delivery_;
    std::string folder_;
    std::vector<DeliveryItem> items_;
    FrameJob frames_;
    DeliveryContent content_;
    std::size_t next_ = 0;
    bool reportNext_ = false;  ///< the record that is to be kept is the report's
    studio::HandoverId report_ = 0;
};

/// What became of a delivery that ran to its end in one go.
struct DeliverySummary {
    std::vector<studio::HandoverRecord> records;
    std::vector<std::string> problems;
    std::size_t left = 0;  ///< items whose files were there and stayed
    std::string job;       ///< path of the frames' job; empty without frames
};
/// Item by item, each recorded in the studio as it goes out; `told` hears what is next. The frames' job is
/// written, not run. What fails is named and the rest goes on; ErrorKind::stopped leaves what is not begun.
Result<DeliverySummary> deliver(studio::Studio& studio, DeliveryRun run, const std::stop_token& stop = {},
                                const std::function<void(std::size_t, std::size_t)>& told = {});

/// Adds what went out to the studio, outside of undo; its id.
Result<studio::HandoverId> recordHandover(studio::Studio& studio, studio::SetupId setup,
                                          studio::HandoverRecord record);

/// A report that went out before the frames that go with it were done.
struct WaitingReport {
    DeliveryContent content;
    studio::HandoverId record = 0;  ///< of the handover, which knows where it is
};
/// Of frames that are gone on with in another sitting: what went out before them stands in the record.
/// Nothing where the correction has changed since, for the report is of the one before.
std::optional<WaitingReport> reportBefore(const studio::Contents& contents, const plan::Day& day,
                                          const Setup& setup, const studio::HandoverRecord& frames);
/// Writes it once more, at its place, with the frames' checksums. Any thread.
Result<HandedItem> rewriteReport(WaitingReport& waiting, const std::string& path,
                                 const std::vector<io::FrameReport>& frames);

/// How far it was off when it was read back, for people; empty for what is only read.
std::string proofInWords(const studio::HandoverRecord& record);

}  // namespace refero::workflow
