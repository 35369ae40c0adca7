// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <functional>
#include <vector>

#include "core/colour/xyz.h"

namespace refero {

/// Linear ROMM RGB (ISO 22028-2, ANSI/I3A IT10.7666; white D50) from XYZ relative to D50: in it the maps of
/// the DNG specification work.
Matrix3 xyzD50ToRomm();

/// Hue in sixths of a turn, 0..6, saturation 0..1, value: the hexcone of the DNG specification 1.4,
/// chapter 6.
struct Hsv {
    double hue = 0, saturation = 0, value = 0;
};
Hsv toHsv(const Vector3& rgb);
Vector3 fromHsv(const Hsv& hsv);

/// A hue, saturation and value map of the DNG specification 1.4 (ProfileHueSatMapDims and -Data): by its node
/// each colour is turned by so many degrees, its saturation and value scaled. Hue goes around, saturation
/// and, where it is told apart, value run from 0 to 1.
class HueSatMap {
  public:
    struct Entry {
        float hueShiftDegrees = 0, saturationScale = 1, valueScale = 1;
    };
    static constexpr int kHues = 90, kSaturations = 30;

    /// The one that does to linear ROMM RGB what `moved` does, as near as its nodes allow. What is grey
    /// stays.
    static HueSatMap of(const std::function<Vector3(const Vector3&)>& moved);
    /// As a file has it: value by value, hue by hue, saturation fastest. Values stand evenly in light, or,
    /// with `srgbValues`, in sRGB's encoding of it.
    HueSatMap(int hues, int saturations, std::vector<Entry> entries, int values = 1, bool srgbValues = false)
        : hues_(hues),
          saturations_(saturations),
          values_(values),
          srgbValues_(srgbValues),
          entries_(std::move(entries)) {}

    Vector3 operator()(const Vector3& romm) const;

    int hues() const { return hues_; }
    int saturations() const { return saturations_; }
    int values() const { return values_; }
    /// Between two maps of one form: this one's entries, and so much of the other's.
    HueSatMap towards(const HueSatMap& other, double share) const;
    const std::vector<Entry>& entries() const { return entries_; }

  private:
    int hues_ = 0, saturations_ = 0, values_ = 1;
    bool srgbValues_ = false;
    std::vector<Entry> entries_;
};

}  // namespace refero
