// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/placement.h"

#include <algorithm>

namespace refero {

Chart withPatchesMoved(Chart chart, const std::vector<PatchByHand>& byHand) {
    for (const PatchByHand& h : byHand)
        for (Patch& p : chart.patches)
            if (p.id == h.id) p.centreMm += h.movedMm;
    return chart;
}

std::optional<Placement> Placement::at(Chart chart, const Quad& corners, std::vector<PatchByHand> byHand) {
    if (!isProperQuad(corners)) return {};
    const auto map = fitHomography(chart.outline(), corners);
    if (!map) return {};
    return Placement(std::move(chart), corners, *map, std::move(byHand));
}

Placement::Placement(Chart chart, const Quad& corners, const Homography& map, std::vector<PatchByHand> byHand)
    : chart_(std::move(chart)), corners_(corners), map_(map), byHand_(std::move(byHand)) {
    settle();
}

Quad Placement::area(std::size_t patch, double inset) const {
    return map_(placed_.patches[patch].corners(inset));
}

Point Placement::centre(std::size_t patch) const {
    return map_(placed_.patches[patch].centreMm);
}

std::optional<std::size_t> Placement::patchAt(const Point& pixel) const {
    const Point mm = map_.inverse()(pixel);
    for (std::size_t i = 0; i < placed_.patches.size(); ++i) {
        const Point d = (mm - placed_.patches[i].centreMm).cwiseAbs() - placed_.patches[i].sizeMm / 2;
        if (d.maxCoeff() <= 0) return i;
    }
    return {};
}

const PatchByHand* Placement::find(std::size_t patch) const {
    const auto it = std::find_if(byHand_.begin(), byHand_.end(),
                                 [&](const PatchByHand& h) { return h.id == chart_.patches[patch].id; });
    return it == byHand_.end() ? nullptr : &*it;
}

PatchByHand& Placement::entry(std::size_t patch) {
    if (!find(patch)) byHand_.push_back({chart_.patches[patch].id, {0, 0}, false});
    return *std::find_if(byHand_.begin(), byHand_.end(),
                         [&](const PatchByHand& h) { return h.id == chart_.patches[patch].id; });
}

bool Placement::leftOut(std::size_t patch) const {
    const PatchByHand* h = find(patch);
    return h && h->leftOut;
}

bool Placement::moved(std::size_t patch) const {
    const PatchByHand* h = find(patch);
    return h && !h->movedMm.isZero();
}

bool Placement::moveCorner(std::size_t corner, const Point& pixel) {
    Quad q = corners_;
    q[corner] = pixel;
    if (!isProperQuad(q)) return false;
    const auto map = fitHomography(chart_.outline(), q);
    if (!map) return false;
    corners_ = q;
    map_ = *map;
    return true;
}

bool Placement::movePatch(std::size_t patch, const Point& pixel) {
    const Point mm = map_.inverse()(pixel);
    if (!mm.allFinite() || mm.minCoeff() < 0 || (chart_.outlineMm - mm).minCoeff() < 0) return false;
    entry(patch).movedMm = mm - chart_.patches[patch].centreMm;
    settle();
    return true;
}

void Placement::leaveOut(std::size_t patch, bool out) {
    entry(patch).leftOut = out;
    settle();
}

void Placement::putBack(std::size_t patch) {
    entry(patch) = {chart_.patches[patch].id, {0, 0}, false};
    settle();
}

// What is as it was is not kept, so that taking a step back leaves nothing behind.
void Placement::settle() {
    std::erase_if(byHand_, [](const PatchByHand& h) { return !h.leftOut && h.movedMm.isZero(); });
    placed_ = withPatchesMoved(chart_, byHand_);
}

}  // namespace refero
