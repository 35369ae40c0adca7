// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <string>
#include <vector>

#include "app/session/setup.h"
#include "core/plan/drift.h"
#include "studio/contents.h"

namespace refero {

/// Makes the window's setups from the studio's contents. Documents are parsed once and kept until they
/// change.
class SetupBuilder {
  public:
    /// The day's setups in order; without what is only at hand (frame, error, busy).
    std::vector<Setup> build(const studio::Contents& contents, const plan::Day& day);

    const plan::ClearSky& sky() const { return sky_; }

  private:
    template <class Document>
    struct Parsed {
        std::string text, limits;  ///< what it was made from
        std::optional<Document> document;
        std::string fingerprint{};  ///< of a correction; made when it is first asked for
    };
    const Reading* reading(const studio::ReadingRecord& record, const plan::Shoot& shoot,
                           const std::vector<SubjectLight>& subjects);
    const Correction* correction(const studio::CorrectionRecord& record);
    void addHandovers(Setup& setup, const studio::Contents& contents, const studio::CorrectionRecord* now);

    plan::ClearSky sky_;
    std::map<studio::Id, Parsed<Reading>> readings_;
    std::shared_ptr<const Correction> snapshot(const studio::SnapshotRecord& record);
    std::map<studio::Id, Parsed<Correction>> corrections_;
    std::map<studio::Id, std::shared_ptr<const Correction>> snapshots_;  ///< their documents never change
};

/// The latest of a setup, or null.
const studio::ReadingRecord* readingOf(const studio::Contents& contents, studio::Id setup);
const studio::CorrectionRecord* correctionOf(const studio::Contents& contents, studio::Id setup);

}  // namespace refero
