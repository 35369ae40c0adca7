// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/two_light.h"

#include <Eigen/LU>
#include <cmath>
#include <string>

#include "core/fit/moves.h"
#include "core/say/say.h"

namespace refero {
namespace {

constexpr double kClosest = 20;  // mired; nearer than that one of the two will do
constexpr double kBeyond = 0.1;  // of the way between them

double mired(double kelvin) {
    return 1e6 / kelvin;
}

std::string rounded(double kelvin) {
    return std::to_string(std::lround(kelvin)) + " K";
}

Status goTogether(const LitCorrection& one, const LitCorrection& other) {
    const Correction &a = one.correction, &b = other.correction;
    for (const LitCorrection* each : {&one, &other})
        if (!(each->kelvin >= 1500 && each->kelvin <= 20000))
            return failure(
                say("A light's colour temperature must be 1500 to 20000 K, not %1.", rounded(each->kelvin)));
    if (a.body != b.body)
        return failure(say("The corrections are of two cameras, %1 and %2; only those of one can be mixed.",
                           a.body, b.body));
    if (!(a.inputEncoding == b.inputEncoding))
        return failure(say("The corrections are for two encodings, %1 and %2.", a.inputEncoding.name(),
                           b.inputEncoding.name()));
    if (a.aim.kind != AimKind::reference || b.aim.kind != AimKind::reference)
        return failure(
            say("A correction towards another camera belongs to one light; mix two that go to reference "
                "values."));
    if (a.colours.lattice() || b.colours.lattice() || a.greyCurves || b.greyCurves)
        return failure(
            say("Curves and lattices belong to one light; mix two matrices or two root polynomials of one "
                "degree."));
    if (a.colours.base().degree() != b.colours.base().degree())
        return failure(say("One correction is a %1, the other a %2; build both with the same model.",
                           name(a.model), name(b.model)));
    if (!(std::abs(mired(one.kelvin) - mired(other.kelvin)) >= kClosest))
        return failure(say("The two lights are closer than 20 mired; use the nearer one's correction."));
    return {};
}

double redOverBlue(const Vector3& v) {
    return std::log(v.x() / v.z());
}

}  // namespace

Result<Correction> betweenLights(const LitCorrection& one, const LitCorrection& other, double kelvin) {
    if (auto ok = goTogether(one, other); !ok) return tl::unexpected(ok.error());
    const double share = (mired(kelvin) - mired(one.kelvin)) / (mired(other.kelvin) - mired(one.kelvin));
    if (!(share >= -kBeyond && share <= 1 + kBeyond))
        return failure(say("%1 is not between %2 and %3: shoot the chart under that light.", rounded(kelvin),
                           rounded(one.kelvin), rounded(other.kelvin)));
    const Correction &a = one.correction, &b = other.correction;
    Correction out = a;
    out.name =
        say("%1, %2 between %3 and %4", a.body, rounded(kelvin), rounded(one.kelvin), rounded(other.kelvin));
    out.description = say("Between \"%1\" and \"%2\"", a.name, b.name);
    out.readings.insert(out.readings.end(), b.readings.begin(), b.readings.end());
    const auto between = [&](double x, double y) {
        return std::exp((1 - share) * std::log(x) + share * std::log(y));
    };
    for (int k = 0; k < 3; ++k) out.gains(k) = between(a.gains(k), b.gains(k));
    out.level = between(a.level, b.level);
    // Rows that sum to white keep doing so.
    out.colours = RootPolynomial(a.colours.base().degree(), (1 - share) * a.colours.base().coefficients() +
                                                                share * b.colours.base().coefficients());
    out.training = a.training && b.training;
    out.patches.clear();
    out.considered.clear();
    out.verifications.clear();
    out.certainty.reset();
    out.noise = {};
    out.summary = {};
    out.summary.message = say(
        "Mixed by mired for %1, %2 % of the way from %3 to %4; check it on a chart shot under that light.",
        rounded(kelvin), std::to_string(std::lround(100 * share)), rounded(one.kelvin),
        rounded(other.kelvin));
    return out;
}

Result<Colours> mixedColours(const Colours& one, const Colours& other, double share) {
    const auto weighed = [&](const auto& a, const auto& b) { return ((1 - share) * a + share * b).eval(); };
    const RootPolynomial &a = one.base(), &b = other.base();
    if (!one.lattice() && !other.lattice() && a.degree() == b.degree())
        return Colours(RootPolynomial(
            a.degree(), RootPolynomial::Coefficients(weighed(a.coefficients(), b.coefficients()))));
    // Of degree 1 in the exposure, so that their slope at white is a matrix that keeps it (Euler).
    const Matrix3 base = weighed(a.slope(Vector3::Ones()), b.slope(Vector3::Ones()));
    const Matrix3 back = base.inverse();
    const auto move = [&](const Vector3& roots) -> Vector3 {
        const Vector3 rgb = back * fromRoots(roots);
        return weighed(toRoots(one(rgb)), toRoots(other(rgb))) - roots;
    };
    return keptMove(move).map(
        [&](ColourLattice lattice) { return Colours(RootPolynomial(base), std::move(lattice)); });
}

Result<double> kelvinOfGrey(const LitCorrection& one, const LitCorrection& other, const Vector3& grey) {
    if (auto ok = goTogether(one, other); !ok) return tl::unexpected(ok.error());
    if (!(grey.minCoeff() > 0) || !grey.allFinite())
        return failure(say("That grey has no light in some channel."));
    // A balance makes a grey's channels alike, so a light's own ratio is the inverse.
    const double from = -redOverBlue(one.correction.gains), to = -redOverBlue(other.correction.gains);
    const double share = (redOverBlue(grey) - from) / (to - from);
    if (!(share >= -kBeyond && share <= 1 + kBeyond))
        return failure(say("What is grey there is in a light that is not between the two."));
    return 1e6 / ((1 - share) * mired(one.kelvin) + share * mired(other.kelvin));
}

}  // namespace refero
