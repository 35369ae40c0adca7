// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/correction.h"

#include <algorithm>
#include <utility>

#include "core/read/spot.h"
#include "core/say/say.h"
#include "io/correction_file.h"
#include "io/read_frame.h"
#include "workflow/shoot_state.h"

namespace refero::workflow {
CorrectionChoices CorrectionChoices::of(const Correction& c) {
    return {c.finish, c.intent != Intent::pleasing, c.limits};
}

Result<Correction> CorrectionTask::run(const std::stop_token& stop) const {
    FitOptions all = options;
    all.stop = stop;
    auto c = fit(std::span(&reading, 1), all);
    if (!c) return c;
    c->name = name;
    c->built = plan::isoText(plan::now());
    return c;
}

CorrectionTask correctionTask(const Setup& setup, const plan::Shoot& shoot, FitOptions wish,
                              const std::optional<CorrectionChoices>& choices) {
    CorrectionTask task{*setup.reading, std::move(wish), correctionName(setup, setup.reading->taken)};
    FitOptions& all = task.options;
    all.resamples = kResamples;
    if (choices)
        all.limits = choices->limits;
    else if (const auto limits = fitLimitsByName(shoot.limits))
        all.limits = *limits;
    for (const OwnColour& c : setup.colours)
        if (c.counts) all.known.push_back(c.colour);
    std::erase_if(all.weights, [&](const auto& each) {
        return !task.reading.chart.patch(each.first) &&
               std::none_of(all.known.begin(), all.known.end(),
                            [&](const KnownColour& k) { return k.name == each.first; });
    });
    // The one that came with the pleasing intent goes with it.
    if (choices && choices->ownFinish && all.finish.isNone() && all.intent != Intent::pleasing)
        all.finish = choices->finish;
    return task;
}

std::string documentOf(const Correction& correction) {
    return io::toJson(correction).dump();
}

Result<studio::CorrectionRecord> keepCorrection(studio::Edit& edit, const studio::Contents& contents,
                                                studio::SetupId setup, const Correction& c,
                                                std::string document) {
    const auto* reading = c.loan ? nullptr : readingOf(contents, setup);
    if (!reading && !c.loan)
        return failure(say("The setup's reading is gone, so there is nothing to keep a correction for."));
    edit.removeCorrections(setup);
    studio::CorrectionRecord record{0,
                                    setup,
                                    reading ? reading->id : 0,
                                    plan::isoText(plan::now()),
                                    c.name,
                                    std::string(name(c.model)),
                                    c.summary.after.mean,
                                    c.summary.crossValidated.mean,
                                    document.empty() ? documentOf(c) : std::move(document)};
    record.id = edit.add(record);
    return record;
}

Result<Verification> proofOn(const Correction& correction, const std::filesystem::path& path,
                             const std::vector<Chart>& charts, const std::stop_token& stop) {
    const auto frame = io::readFrameAssuming(correction.inputEncoding, path);
    if (!frame) return tl::unexpected(frame.error());
    const auto reading = io::readAnyChart(*frame, charts, {}, stop);
    if (!reading) return tl::unexpected(reading.error());
    return verified(correction, *reading);
}

void addProof(Correction& c, const Verification& proof) {
    std::erase_if(c.verifications, [&](const Verification& v) { return v.framePath == proof.framePath; });
    c.verifications.push_back(proof);
}

Result<KnownColour> measureKnown(const Setup& setup, const std::filesystem::path& path,
                                 const DrawnPlace& place, const std::string& name, const Lab& labD50) {
    if (!setup.reading)
        return failure(say("A colour counts beside a chart that was read; this setup has none."));
    const auto frame = io::readFrameAssuming(setup.correction->inputEncoding, path);
    if (!frame) return tl::unexpected(frame.error());
    const auto area = areaReading(frame->image, place.from, place.to);
    if (!area) return failure(say("That place is not in the frame."));
    KnownColour out{name, path.string(), area->mean, area->deviation, area->pixels, labD50};
    // Beside all others, so that what could not be fitted is said now.
    std::vector<KnownColour> all;
    for (const OwnColour& other : setup.colours) all.push_back(other.colour);
    all.push_back(out);
    if (const auto usable = withKnownColours(*setup.reading, all); !usable)
        return tl::unexpected(usable.error());
    return out;
}

studio::KnownRecord knownRecord(studio::SetupId setup, const KnownColour& k) {
    return {0,
            setup,
            k.name,
            k.framePath,
            k.rgb.x(),
            k.rgb.y(),
            k.rgb.z(),
            k.deviation.x(),
            k.deviation.y(),
            k.deviation.z(),
            static_cast<std::int64_t>(k.pixels),
            k.labD50.L,
            k.labD50.a,
            k.labD50.b,
            false};
}

std::string correctionName(const Setup& s, const std::string& taken) {
    // EXIF writes days with colons, which file names cannot have everywhere.
    std::string day = taken.substr(0, 10);
    std::replace(day.begin(), day.end(), ':', '-');
    std::string out;
    for (const std::string& part : {s.body, s.lens, s.light, s.place, day})
        if (!part.empty()) out += (out.empty() ? "" : ", ") + part;
    return out;
}

}  // namespace refero::workflow
