// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/sun.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace refero::plan {
namespace {

constexpr double kDegree = std::numbers::pi / 180;

double sind(double d) {
    return std::sin(d * kDegree);
}
double cosd(double d) {
    return std::cos(d * kDegree);
}
double tand(double d) {
    return std::tan(d * kDegree);
}
double turn(double d) {
    const double r = std::fmod(d, 360);
    return r < 0 ? r + 360 : r;
}

// What depends on time alone: the columns of NOAA's solar calculation sheet.
struct Sun {
    double declination = 0;     // degrees
    double equationOfTime = 0;  // minutes
};

Sun sunAt(Moment m) {
    using std::chrono::seconds;
    const double days = static_cast<double>(m.time_since_epoch().count()) / 86400;
    const double century = (days + 2440587.5 - 2451545) / 36525;
    const double meanLongitude = turn(280.46646 + century * (36000.76983 + century * 0.0003032));
    const double anomaly = 357.52911 + century * (35999.05029 - 0.0001537 * century);
    const double eccentricity = 0.016708634 - century * (0.000042037 + 0.0000001267 * century);
    const double centre = sind(anomaly) * (1.914602 - century * (0.004817 + 0.000014 * century)) +
                          sind(2 * anomaly) * (0.019993 - 0.000101 * century) + sind(3 * anomaly) * 0.000289;
    const double node = 125.04 - 1934.136 * century;
    const double longitude = meanLongitude + centre - 0.00569 - 0.00478 * sind(node);
    const double meanObliquity =
        23 + (26 + (21.448 - century * (46.815 + century * (0.00059 - century * 0.001813))) / 60) / 60;
    const double obliquity = meanObliquity + 0.00256 * cosd(node);
    const double y = tand(obliquity / 2) * tand(obliquity / 2);
    Sun s;
    s.declination = std::asin(sind(obliquity) * sind(longitude)) / kDegree;
    s.equationOfTime =
        4 / kDegree *
        (y * sind(2 * meanLongitude) - 2 * eccentricity * sind(anomaly) +
         4 * eccentricity * y * sind(anomaly) * cosd(2 * meanLongitude) -
         0.5 * y * y * sind(4 * meanLongitude) - 1.25 * eccentricity * eccentricity * sind(2 * anomaly));
    return s;
}

// NOAA's approximation, degrees, for a height without refraction.
double refraction(double h) {
    if (h > 85) return 0;
    const double t = tand(h);
    double arcSeconds = 0;
    if (h > 5) {
        arcSeconds = 58.1 / t - 0.07 / (t * t * t) + 0.000086 / std::pow(t, 5);
    } else if (h > -0.575) {
        arcSeconds = 1735 + h * (-518.2 + h * (103.4 + h * (-12.79 + h * 0.711)));
    } else {
        arcSeconds = -20.772 / t;
    }
    return arcSeconds / 3600;
}

}  // namespace

SunPosition sunPosition(Moment m, double latitude, double longitude) {
    const Sun sun = sunAt(m);
    const auto day = std::chrono::floor<std::chrono::days>(m);
    const double minutes = static_cast<double>((m - day).count()) / 60;
    double hourAngle = std::fmod(minutes + sun.equationOfTime + 4 * longitude, 1440) / 4;
    hourAngle += hourAngle < 0 ? 180 : -180;
    const double sine =
        sind(latitude) * sind(sun.declination) + cosd(latitude) * cosd(sun.declination) * cosd(hourAngle);
    const double height = std::asin(std::clamp(sine, -1.0, 1.0)) / kDegree;
    // From the sun's components towards east and north; right in every quadrant and at the poles.
    const double east = -cosd(sun.declination) * sind(hourAngle);
    const double north =
        cosd(latitude) * sind(sun.declination) - sind(latitude) * cosd(sun.declination) * cosd(hourAngle);
    return {height + refraction(height), height, turn(std::atan2(east, north) / kDegree)};
}

SunTimes sunTimes(Date date, double latitude, double longitude) {
    using std::chrono::seconds;
    const Moment midday =
        Moment(std::chrono::sys_days(date)) + std::chrono::hours(12) - seconds(std::lround(longitude * 240));
    const auto offBy = [&](Moment guess, double hourAngle) {
        // The moment of that hour angle, with the sun taken as it stands at `guess`.
        return Moment(std::chrono::sys_days(date)) +
               seconds(std::lround(60 * (720 - 4 * longitude - sunAt(guess).equationOfTime + 4 * hourAngle)));
    };
    SunTimes out;
    out.noon = offBy(midday, 0);
    const auto crossing = [&](double side) -> std::optional<Moment> {
        Moment at = out.noon;
        for (int i = 0; i < 4; ++i) {
            const double d = sunAt(at).declination;
            const double cosine = (cosd(90.833) - sind(latitude) * sind(d)) / (cosd(latitude) * cosd(d));
            if (!(std::abs(cosine) <= 1)) return {};
            at = offBy(at, side * std::acos(cosine) / kDegree);
        }
        return at;
    };
    out.rise = crossing(-1);
    out.set = crossing(1);
    return out;
}

}  // namespace refero::plan
