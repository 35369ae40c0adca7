// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/match_file.h"

#include "io/correction_file.h"

namespace refero::io {
namespace {

Json figure(const std::optional<double>& v) {
    return v ? Json(*v) : Json(nullptr);
}

Json stepJson(const StepFigures& s) {
    Json hues = Json::object();
    for (std::size_t k = 0; k < kRecipeSectors.size(); ++k)
        if (s.hues[k]) hues[std::string(kRecipeSectors[k].letters)] = *s.hues[k];
    return {{"after", s.step == 0 ? std::string("nothing") : std::string(pairStepId(s.step - 1))},
            {"mean", s.mean},
            {"neutral", figure(s.neutral)},
            {"skin", figure(s.skin)},
            {"hues", std::move(hues)}};
}

}  // namespace

Json toJson(const Match& m) {
    const Correction& c = m.correction;
    Json j{{"format", "refero-match"},
           {"version", 1},
           {"leader", {{"frame", c.aim.framePath}, {"body", c.aim.body}, {"through", c.aim.through}}},
           {"follower", {{"frames", c.readings}, {"body", c.body}}},
           {"model", name(c.model)},
           {"ciede2000_before", toJson(c.summary.before)},
           {"ciede2000_after", toJson(c.summary.after)},
           {"ciede2000_cross_validated", toJson(c.summary.crossValidated)},
           {"expected", c.summary.expectedError},
           {"light",
            {{"stops", m.light.stops}, {"mired", figure(m.light.mired)}, {"as_shown", m.light.asShown}}}};
    if (c.aim.translationError > 0) j["translation_error"] = c.aim.translationError;
    for (const StepFigures& s : m.steps) j["steps"].push_back(stepJson(s));
    for (const PatchResult& p : c.patches) {
        Json patch{{"id", p.id},
                   {"role", name(p.role)},
                   {"used", p.used},
                   {"before", p.differenceBefore},
                   {"after", p.differenceAfter},
                   {"left_out", p.leftOut}};
        if (const auto at = m.unreachable.find(p.id); at != m.unreachable.end())
            patch["unreachable"] = at->second;
        j["patches"].push_back(std::move(patch));
    }
    return j;
}

}  // namespace refero::io
