// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/result.h"

namespace refero {

/// A value in the good band passes; outside it but inside the tolerable one it is to be looked at; beyond
/// that the chart is to be shot again.
struct Band {
    double low, high;                    ///< good
    double tolerableLow, tolerableHigh;  ///< still usable

    friend bool operator==(const Band&, const Band&) = default;
};

/// The limits that a reading is judged by. These are for product work; common practice unless said
/// otherwise, or set where the virtual camera's careful and mistaken shots part.
struct Limits {
    std::string name = "Product";
    std::string source;  ///< where the set comes from, for people
    /// Brightest channel of the lightest neutral, share of clipping, linear. 90 % of full scale in a display
    /// encoding is 0.79 in linear light; half of that still leaves the grey series clear of noise.
    Band exposure{0.40, 0.95, 0.15, 0.985};
    /// Of curves with a nominal level (log, PQ, HLG): stops from it. Such recordings have room above white; a
    /// stop either way is common practice of camera crews.
    Band nominal{-1, 1, -3, 3};
    Band clipping{0, 0.001, 0, 0.02};     ///< share of clipped pixels in the worst patch
    Band buried{5, 1e9, 2.5, 1e9};        ///< darkest neutral's weakest channel over its own spread
    Band neutrality{0, 0.010, 0, 0.03};   ///< worst cast along the grey series, share, display-encoded
    Band cast{0, 0.010, 0, 0.03};         ///< of the light, middle or dark greys together; same unit
    Band sharePercent{2, 60, 0.7, 85};    ///< chart's area, per cent of the frame
    Band patchPixels{400, 1e9, 60, 1e9};  ///< measured in the smallest patch
    Band edgePercent{4, 1e9, 0.5, 1e9};   ///< from the frame's edge, per cent of its short side
    Band tilt{0, 15, 0, 32};              ///< degrees
    Band focusPercent{0, 12, 0, 35};      ///< width of an edge, per cent of the smallest patch's side
    Band evenness{0, 0.30, 0, 1.0};       ///< lightest to darkest place, stops
    Band shadow{0, 0.12, 0, 0.40};        ///< stops at its edge
    Band covered{0, 0, 0, 3};             ///< patches
    Band flare{0, 0.006, 0, 0.025};       ///< added light, share of a perfect diffuser
    Band shine{0, 0.012, 0, 0.05};        ///< the same, in one place
    /// Signal to noise of one pixel of a mid-grey, in luminance; ISO 12232 calls 40 excellent and 10
    /// acceptable (from memory).
    Band noise{15, 1e9, 7, 1e9};
    Band agreement{0.93, 1, 0.80, 1};  ///< share of the chart's colours explained
    Band doubt{0, 0.15, 0, 1e9};       ///< stops by which the greys miss the stated encoding
    /// CIEDE2000 of a mid-grey in the subject's light, balanced on the chart: 1 is just seen side by side, 3
    /// is plain (common practice).
    Band subject{0, 2, 0, 5};

    friend bool operator==(const Limits&, const Limits&) = default;
};

/// One limit of a set, by the id of the check that it serves.
struct LimitField {
    std::string_view id;
    Band Limits::*band;
};
std::span<const LimitField> limitFields();

/// Copy work, Product, Event, Film.
const std::vector<Limits>& limitSets();
Result<Limits> limitsByName(std::string_view name);

/// A set and what a shoot changes in it, as "tilt 0 20 0 32; noise 8 1e9 4 1e9": id, then the band's good and
/// tolerable numbers.
Result<Limits> limitsFrom(std::string_view set, std::string_view changes);
/// What the limits change in the set of their name, in that form; empty for nothing.
std::string changesIn(const Limits& limits);
/// The band widened until the value is good.
Band allowing(const Band& band, double value);

/// The set with that limit changed; an error where there is none of that id or the band is no band.
Result<Limits> withLimit(Limits limits, std::string_view id, const Band& band);

}  // namespace refero
