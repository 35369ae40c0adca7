// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <memory>
#include <mutex>
#include <optional>
#include <string>

#include "core/plan/shoot.h"
#include "core/plan/sun.h"
#include "core/spectra/spectrum.h"

namespace refero::plan {

/// Path through the air over that at the zenith (Kasten and Young 1989, table's equation); heights of 0 to 90
/// degrees, without refraction.
double airMass(double heightDegrees);

/// Daylight at one moment.
struct Daylight {
    double stops = 0;  ///< log2 of the illuminance on a scale of its own
    double mired = 0;
};

/// Light of a clear sky at sea level: Planck's law at the sun's 5772 K (IAU 2015 B3), through Rayleigh
/// scattering (Leckner 1978) and haze after Angstrom (exponent 1.3). What is scattered out of the beam comes
/// half, from haze four fifths, down as sky light. No ozone, no water, no clouds: a model for how light
/// changes, not for how much there is.

class ClearSky {
  public:
    /// Angstrom's turbidity at 1000 nm: 0.05 very clear, 0.2 hazy.
    explicit ClearSky(double haze = 0.1);

    /// Sun on a surface that faces it, with the sky's light; heights of 0 to 90 degrees.
    Spectrum sunAndSky(double heightDegrees) const;
    /// The sky's light alone: a north window, open shade.
    Spectrum sky(double heightDegrees) const;
    /// Level and colour of either, from a table over the sun's height, which takes some 20 ms when it is
    /// first asked for. Any thread.
    Daylight at(double heightDegrees, LightKind kind) const;

  private:
    static constexpr std::size_t kNodes = 49;
    double haze_;
    struct Table {
        std::once_flag once;
        std::array<Daylight, kNodes> sun, shade;
    };
    std::shared_ptr<Table> table_ = std::make_shared<Table>();
};

/// Nothing while the sun is below the horizon. Shade sees the sky alone.
std::optional<Daylight> daylightAt(Moment moment, const Place& place, LightKind kind, const ClearSky& sky);

/// One moment of a place's day.
struct SkyMoment {
    Moment at{};
    SunPosition sun;
    std::optional<Daylight> light{};  ///< where the kind moves and the sun is up
};

/// A day by a place's own clock, from midnight to midnight, every `stepMinutes`; nothing without coordinates.
std::vector<SkyMoment> skyOver(Date date, const Place& place, LightKind kind, const ClearSky& sky,
                               int stepMinutes = 10);

/// How long a chart shot of a moving light can be trusted.
struct Trust {
    Moment from{}, until{};
    std::string reason;  ///< what ends it, with its assumption; goes on from "a chart shot then"
};

/// From the shot outwards, minute by minute, to where level or colour leave the shoot's limits, or the sun
/// sets. Nothing where the light does not move, the place has no coordinates, or the sun is down.
std::optional<Trust> trust(Moment shot, const Place& place, LightKind kind, const Shoot& shoot,
                           const ClearSky& sky);

}  // namespace refero::plan
