// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string>
#include <string_view>
#include <vector>

#include "core/read/reading.h"
#include "core/result.h"

namespace refero {

/// What can be done about a fault that a reading knows of, before its patches are fitted.
enum class TreatmentKind {
    covered,      ///< patches that show something else are left out
    specular,     ///< so are those with a mirror image on top
    clipped,      ///< so are those with a clipped channel, or one that the encoding has cut at black
    shadowEdge,   ///< so are those that the edge of a shadow crosses
    shadow,       ///< patches in a shadow are brought to the light beside it
    unevenLight,  ///< patches are brought to the light's mean over the chart
    flare,        ///< light that lies over everything is subtracted
};
inline constexpr std::array kTreatmentKinds{
    TreatmentKind::covered, TreatmentKind::specular,    TreatmentKind::clipped, TreatmentKind::shadowEdge,
    TreatmentKind::shadow,  TreatmentKind::unevenLight, TreatmentKind::flare};
/// "covered", "specular", "clipped", "shadow-edge", "shadow", "uneven-light", "flare": for files.
std::string_view name(TreatmentKind kind);
Result<TreatmentKind> treatmentKindByName(std::string_view name);

struct Treatment {
    TreatmentKind kind = TreatmentKind::covered;
    std::vector<std::string> patches;  ///< ids of those left out, or that lie in the shadow
    double amount = 0;                 ///< stops of light; flare as a share of the perfect diffuser
    double error = 0;                  ///< standard error of it, the same unit
    std::size_t reading = 0;           ///< of a correction's readings, the one that it was done to

    friend bool operator==(const Treatment&, const Treatment&) = default;
};

struct TreatedReading {
    Reading reading;
    std::vector<Treatment> treatments;  ///< in the order of the kinds; empty where nothing was to be done
};

/// What the patches are compared with afterwards.
enum class TreatmentTarget {
    reference,  ///< what they are: a channel that a picture has cut at black says little of it
    picture,    ///< what another picture shows, which is cut in the same way
};

/// The reading with its faults mended, each where it is certain enough to help: light and flare by their own
/// standard errors, which go into the patches' treatmentError; patches are left out only while at least four
/// greys and half of all patches remain. What a person asked for before is kept.
TreatedReading treated(Reading reading, TreatmentTarget target = TreatmentTarget::reference);

/// Patches that show something else than the chart: by their colour, or since they are not of one colour. A
/// shadow's edge makes patches so, too; those it crosses are not counted.
std::vector<std::size_t> coveredPatches(const Reading& reading);
/// Patches over which the light changes by more than 0.03 stops at the shadow's edge.
std::vector<std::size_t> shadowEdgePatches(const Reading& reading);

}  // namespace refero
