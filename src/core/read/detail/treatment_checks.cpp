// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What was done to a reading, said where it is judged.
#include <algorithm>
#include <filesystem>

#include "core/read/detail/check_parts.h"
#include "core/say/say.h"

namespace refero::detail {
namespace {

constexpr double kManyLeftOut = 0.25;  // of the patches; what a correction stands on becomes thin

std::vector<Check> byHand(const Reading& r) {
    std::vector<std::size_t> left, moved;
    for (std::size_t i = 0; i < r.patches.size(); ++i) {
        if (r.patches[i].leftOut) left.push_back(i);
        if (!r.patches[i].leftOut && !r.patches[i].movedMm.isZero()) moved.push_back(i);
    }
    if (left.empty() && moved.empty()) return {};
    const double most = kManyLeftOut * static_cast<double>(r.patches.size());
    Check c = started("byhand", say("Patches by hand"), static_cast<double>(left.size()), word("left out"),
                      {0, most, 0, 1e9});
    c.scaleHigh = static_cast<double>(r.patches.size());
    c.limit = say("at most a quarter left out");
    if (!left.empty()) c.reason = say("Left out: %1. ", patchList(r, left));
    if (!moved.empty()) c.reason += say("Moved: %1. ", patchList(r, moved));
    c.reason +=
        left.empty() ? say("They are measured where you put them.") : say("A patch left out counts nowhere.");
    if (c.verdict != Verdict::pass)
        c.remedy = say("So few patches carry only a simple correction; shoot the chart again where you can.");
    c.evidence.patches = left;
    c.evidence.patches.insert(c.evidence.patches.end(), moved.begin(), moved.end());
    return {c};
}

std::vector<Check> frames(const Reading& r) {
    if (r.averaged.empty()) return {};
    const auto nameOf = [](const AveragedFrame& f) {
        return std::filesystem::path(f.path).filename().string();
    };
    std::size_t used = 0, odd = 0;
    std::string said;
    for (const AveragedFrame& f : r.averaged) {
        used += !f.otherLight;
        odd += f.otherLight ? 1 : f.outliers.size();
        if (f.otherLight) said += say(" %1 does not count: its greys are lit in another colour.", nameOf(f));
        if (f.outliers.empty()) continue;
        const auto named =
            f.outliers.begin() + static_cast<std::ptrdiff_t>(std::min<std::size_t>(6, f.outliers.size()));
        said += say(" Not counted in %1, for they disagree: %2.", nameOf(f),
                    listed({f.outliers.begin(), named}, f.outliers.size()));
    }
    const auto [low, high] =
        std::minmax_element(r.averaged.begin(), r.averaged.end(),
                            [](const auto& a, const auto& b) { return a.levelStops < b.levelStops; });
    Check c =
        started("frames", say("Frames agree"), static_cast<double>(odd), word("not counted"), {0, 0, 0, 1e9});
    c.scaleHigh = 10;
    c.limit = say("every patch of every frame");
    const std::string apart = figure("%.2f", high->levelStops - low->levelStops);
    c.reason = used == 1 ? say("The patches are those of 1 frame, brought to the level of the others.")
                         : say("The patches are the mean of %1 frames, whose light differed by %2 stops and "
                               "was brought to one level.",
                               std::to_string(used), apart);
    c.reason += said;
    if (c.verdict != Verdict::pass)
        c.remedy = say("Look at the frames named; leave them out of the average.");
    return {c};
}

}  // namespace

std::vector<Check> treatmentChecks(const Reading& r, const Limits&) {
    auto out = byHand(r);
    for (Check& c : frames(r)) out.push_back(std::move(c));
    return out;
}

}  // namespace refero::detail
