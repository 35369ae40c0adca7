// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/shoot.h"

#include "core/read/limits.h"
#include "core/say/figure.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace refero::plan {
namespace {

constexpr std::array<std::string_view, 3> kPolicyNames{"strict", "usual", "run-and-gun"};
constexpr std::array<std::string_view, 4> kRecordingNames{"raw", "jpeg", "flat-video", "log-video"};

}  // namespace

std::string_view name(Policy policy) {
    return kPolicyNames[static_cast<std::size_t>(policy)];
}

Result<Policy> policyByName(std::string_view wanted) {
    for (const Policy p : kPolicies)
        if (name(p) == wanted) return p;
    return failure(say("\"%1\" is none of strict, usual and run-and-gun.", wanted));
}

std::string_view name(Recording recording) {
    return kRecordingNames[static_cast<std::size_t>(recording)];
}

Result<Recording> recordingByName(std::string_view wanted) {
    for (const Recording r : kRecordings)
        if (name(r) == wanted) return r;
    return failure(say("\"%1\" is none of raw, jpeg, flat-video and log-video.", wanted));
}

Status validate(const Shoot& s) {
    if (s.label.empty()) return failure(say("The shoot needs a name."));
    if (!s.date.empty())
        if (const auto d = dateFrom(s.date); !d)
            return failure(say("The shoot's date: %1", d.error().message));
    if (!(s.moveLimitStops > 0 && s.moveLimitStops <= 4))
        return failure(
            sayf("The limit for the level is %g stops; it must be above 0, to 4.", s.moveLimitStops));
    if (!(s.moveLimitMired > 0 && s.moveLimitMired <= 200))
        return failure(
            sayf("The limit for the colour is %g mired; it must be above 0, to 200.", s.moveLimitMired));
    if (const auto l = limitsFrom(s.limits, s.limitChanges); !l) return tl::unexpected(l.error());
    return {};
}

Status validate(const Place& p) {
    if (p.label.empty()) return failure(say("The place needs a name."));
    if (p.latitude.has_value() != p.longitude.has_value())
        return failure(say("The place needs both latitude and longitude, or neither."));
    if (p.latitude && !(std::abs(*p.latitude) <= 90))
        return failure(sayf("The latitude is %g degrees; it must be -90 to 90.", *p.latitude));
    if (p.longitude && !(std::abs(*p.longitude) <= 180))
        return failure(sayf("The longitude is %g degrees; it must be -180 to 180.", *p.longitude));
    if (std::abs(p.offsetMinutes) > 14 * 60)
        return failure(
            sayf("The clock is %d minutes ahead of UTC; it must be -840 to 840.", p.offsetMinutes));
    return {};
}

Status validate(const Setup& s, const Kit& kit) {
    const Conditions& c = s.conditions;
    if (!(c.powerPercent >= 0 && c.powerPercent <= 100))
        return failure(sayf("The power is %g %%; it must be 0 to 100.", c.powerPercent));
    if (s.startMinutes && s.endMinutes && *s.endMinutes < *s.startMinutes)
        return failure(sayf("The setup ends at %02d:%02d, before it starts at %02d:%02d.", *s.endMinutes / 60,
                            *s.endMinutes % 60, *s.startMinutes / 60, *s.startMinutes % 60));
    if (!(s.distanceM >= 0 && s.distanceM <= 10000))
        return failure(sayf("The distance is %g m; it must be 0 to 10000.", s.distanceM));
    if (!(s.focalLengthMm >= 0 && s.focalLengthMm <= 3000))
        return failure(sayf("The focal length is %g mm; it must be above 0, to 3000.", s.focalLengthMm));
    if (!(std::abs(s.exposureStops) <= 20))
        return failure(sayf("The exposure is %g stops from normal; it must be -20 to 20.", s.exposureStops));
    const Lens* lens = kit.lens(c.lens);
    if (lens && s.focalLengthMm > 0 &&
        (s.focalLengthMm < lens->shortestMm - 1e-6 || s.focalLengthMm > lens->longestMm + 1e-6))
        return failure(sayf("The focal length is %g mm, but %s goes from %g to %g mm.", s.focalLengthMm,
                            lens->model.c_str(), lens->shortestMm, lens->longestMm));
    return {};
}

std::optional<double> beyondTest(const Setup& s, const Kit& kit) {
    const ProfileTest* test = kit.test(s.conditions.body, s.profile);
    if (!test || s.profile.empty()) return {};
    return std::min(0.0, s.exposureStops - test->lowStops) + std::max(0.0, s.exposureStops - test->highStops);
}

}  // namespace refero::plan
