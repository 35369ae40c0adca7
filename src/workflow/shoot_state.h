// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/plan/drift.h"
#include "core/read/limits.h"
#include "studio/contents.h"
#include "workflow/setup.h"

namespace refero::workflow {

/// What chart shots are judged by in a shoot. Changes that cannot be read count for nothing.
Limits limitsOf(const plan::Shoot& shoot);

/// What follows from a studio's contents. Documents are parsed and judged once and kept until they, or what
/// they are judged by, change. One thread.
class ShootState {
  public:
    /// The facts of a shoot for the plan's rules. A chart shot that is to be shot again by the limits of
    /// today is not usable, whatever it was judged by when it was read.
    plan::Day day(const studio::Contents& contents, studio::ShootId shoot,
                  std::optional<plan::Moment> now = {});
    /// The day's setups in shooting order.
    std::vector<Setup> setups(const studio::Contents& contents, const plan::Day& day);

    /// Judged by the limits of the shoot, with the subjects' light as the setup's frames show it. Null where
    /// the document cannot be read.
    const Reading* reading(const studio::Contents& contents, const studio::ReadingRecord& record);
    const Correction* correction(const studio::CorrectionRecord& record);

    /// What was just made and is kept by this record, so that its document need not be parsed.
    void know(const studio::ReadingRecord& record, Reading reading);
    void know(const studio::CorrectionRecord& record, Correction correction);

    const plan::ClearSky& sky() const { return sky_; }

  private:
    template <class Document>
    struct Parsed {
        std::string text, limits;  ///< what it was made from
        std::optional<Document> document;
        std::string fingerprint{};  ///< of a correction; made when it is first asked for
    };
    using Subjects = std::map<studio::SetupId, std::vector<SubjectLight>>;  ///< by setup
    static Subjects subjects(const studio::Contents& contents, studio::ShootId shoot);
    const Reading* reading(const studio::ReadingRecord& record, const plan::Shoot& shoot,
                           const Subjects& seen);
    std::shared_ptr<const Correction> snapshot(const studio::SnapshotRecord& record);
    void addHandovers(Setup& setup, const studio::Contents& contents, const studio::CorrectionRecord* now);

    plan::ClearSky sky_;
    std::map<studio::ReadingId, Parsed<Reading>> readings_;
    std::map<studio::CorrectionId, Parsed<Correction>> corrections_;
    std::map<studio::SnapshotId, std::shared_ptr<const Correction>>
        snapshots_;  ///< their documents never change
};

/// The latest of a setup, or null.
const studio::ReadingRecord* readingOf(const studio::Contents& contents, studio::SetupId setup);
const studio::CorrectionRecord* correctionOf(const studio::Contents& contents, studio::SetupId setup);

}  // namespace refero::workflow
