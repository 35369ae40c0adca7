// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/chart/chart.h"
#include "core/frame/geometry.h"

namespace refero {

/// What a person does to one patch; the rest is read as it lies.
struct PatchByHand {
    std::string id;
    Point movedMm{0, 0};  ///< from its place on the chart
    bool leftOut = false;

    friend bool operator==(const PatchByHand&, const PatchByHand&) = default;
};

/// The chart with those patches where they were moved to. Ids that it does not have are passed over.
Chart withPatchesMoved(Chart chart, const std::vector<PatchByHand>& byHand);

/// A chart laid over a frame by its outline's corners, and what was done to single patches.
class Placement {
  public:
    /// Nothing where the corners make no proper quad.
    static std::optional<Placement> at(Chart chart, const Quad& corners,
                                       std::vector<PatchByHand> byHand = {});

    const Chart& chart() const { return chart_; }  ///< as it is defined
    const Quad& corners() const { return corners_; }
    const std::vector<PatchByHand>& byHand() const { return byHand_; }

    /// The middle part of a patch in frame pixels, where it is now; `inset` is the share of its sides.
    Quad area(std::size_t patch, double inset) const;
    Point centre(std::size_t patch) const;
    std::optional<std::size_t> patchAt(const Point& pixel) const;
    bool leftOut(std::size_t patch) const;
    bool moved(std::size_t patch) const;

    /// False, and nothing changes, where the outline would fold over.
    bool moveCorner(std::size_t corner, const Point& pixel);
    /// Its centre lies at that place then. False, and nothing changes, where that is outside the outline.
    bool movePatch(std::size_t patch, const Point& pixel);
    void leaveOut(std::size_t patch, bool out);
    /// In its place, and counting.
    void putBack(std::size_t patch);

  private:
    Placement(Chart chart, const Quad& corners, const Homography& map, std::vector<PatchByHand> byHand);
    const PatchByHand* find(std::size_t patch) const;
    PatchByHand& entry(std::size_t patch);
    void settle();

    Chart chart_, placed_;
    Quad corners_;
    Homography map_;
    std::vector<PatchByHand> byHand_;
};

}  // namespace refero
