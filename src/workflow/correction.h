// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <stop_token>
#include <string>
#include <vector>

#include "core/fit/fit.h"
#include "core/fit/verify.h"
#include "studio/studio.h"
#include "workflow/setup.h"

namespace refero::workflow {

/// Of the readings' noise, for the intervals of a correction's figures; about a second's work.
inline constexpr std::size_t kResamples = 100;

/// What a person chose for a correction; it outlives the correction where the chart is read anew.
struct CorrectionChoices {
    Finish finish;
    bool ownFinish = false;  ///< not the one that comes with an intent
    FitLimits limits;

    static CorrectionChoices of(const Correction& correction);
};

/// A fit that is ready to be run on any thread.
struct CorrectionTask {
    Reading reading;
    FitOptions options;
    std::string name;

    /// Errors are those of the fit; ErrorKind::stopped where it was.
    Result<Correction> run(const std::stop_token& stop = {}) const;
};

/// The setup must have a reading. What was favoured and is gone since, such as a known colour that does not
/// count any more, is left out; a finish of one's own stays.
CorrectionTask correctionTask(const Setup& setup, const plan::Shoot& shoot, FitOptions wish,
                              const std::optional<CorrectionChoices>& choices = {});

/// Puts it in the place of the setup's corrections; the record as it will be. One that is lent needs no
/// reading; of others, an error where that has gone since. `document` is what documentOf() gives, where it
/// was made before.
Result<studio::CorrectionRecord> keepCorrection(studio::Edit& edit, const studio::Contents& contents,
                                                studio::SetupId setup, const Correction& correction,
                                                std::string document = {});
/// As the studio keeps it. Some ten milliseconds.
std::string documentOf(const Correction& correction);

/// Holds a correction against another chart shot, of any of these charts.
Result<Verification> proofOn(const Correction& correction, const std::filesystem::path& frame,
                             const std::vector<Chart>& charts, const std::stop_token& stop = {});
/// Keeps a proof with its correction; one a frame, the latest counts.
void addProof(Correction& correction, const Verification& proof);

/// Measures something of known colour where it was drawn in a frame: two opposite corners in pixels. Errors:
/// outside the frame, or not to be fitted beside the chart and the other colours.
struct DrawnPlace {
    Point from, to;
};
Result<KnownColour> measureKnown(const Setup& setup, const std::filesystem::path& frame,
                                 const DrawnPlace& place, const std::string& name, const Lab& labD50);
/// As it is kept, for proofs until a person lets it count.
studio::KnownRecord knownRecord(studio::SetupId setup, const KnownColour& colour);

/// Body, lens, light, place and the day of the chart shot.
std::string correctionName(const Setup& setup, const std::string& taken);

}  // namespace refero::workflow
