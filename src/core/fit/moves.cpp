// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/moves.h"

#include <Eigen/Cholesky>
#include <Eigen/LU>
#include <algorithm>
#include <cmath>

#include "core/colour/lab.h"
#include "core/fit/detail/look_field.h"
#include "core/fit/detail/smooth_field.h"
#include "core/numeric/least_squares.h"
#include "core/say/say.h"

namespace refero {
namespace {

// Lightness and two opponent differences of roots, in steps of about one to the eye (after Hunter's Lab, as
// CIE 15 recalls it; from memory). Linear, so that what is fitted there is a move of roots.
const Matrix3& opponent() {
    static const Matrix3 m = (Matrix3() << 0, 100, 0, 350, -350, 0, 0, 140, -140).finished();
    return m;
}
const Matrix3& fromOpponent() {
    static const Matrix3 m = opponent().inverse();
    return m;
}

// Nothing on the grey axis, all of it from some colour on.
double colouredShare(const Vector3& place) {
    constexpr double kHalf = 6;
    const double chroma = place.y() * place.y() + place.z() * place.z();
    return chroma / (chroma + kHalf * kHalf);
}

// How little a patch counts.
double doubtOf(const Samples& s, std::size_t i) {
    constexpr double kTolerance = 0.3;  // of a chart's references, CIEDE2000 as a rule
    const double error =
        100 * s.error[i].norm() / std::sqrt(3.0) / std::max(2 * std::sqrt(s.reference[i].y), 0.1);
    return (1 + error * error / (kTolerance * kTolerance)) / s.weights[i];
}

struct Steps {
    std::vector<Vector3> places, steps;  ///< opponent
    std::vector<double> doubt;
};

Steps stepsOf(const RootPolynomial& base, const Samples& s) {
    Steps out;
    for (std::size_t i = 0; i < s.size(); ++i) {
        const Vector3 roots = toRoots(base(s.rgb[i]));
        out.places.push_back(opponent() * roots);
        out.steps.push_back(opponent() * (toRoots(s.reference[i].vector()) - roots));
        out.doubt.push_back(doubtOf(s, i));
    }
    return out;
}

using PolynomialTerms = Eigen::Matrix<double, 7, 1>;

PolynomialTerms polynomialTerms(const Vector3& place) {
    const Vector3 v = place / 50;
    PolynomialTerms t;
    t << v.y(), v.z(), v.y() * v.y(), v.y() * v.z(), v.z() * v.z(), v.x() * v.y(), v.x() * v.z();
    return t;
}

using Around = Eigen::Matrix<double, HueSectors::kCount, 1>;

// What one kind of move is at each sector: `reach` is what a move of 1 does to a patch, `wanted` what should
// be done to it.
Around sectorsOf(const std::vector<HueSectors::Blend>& blends, const std::vector<double>& reach,
                 const std::vector<double>& wanted, const std::vector<double>& weights) {
    constexpr double kToNothing = 0.05, kToNeighbours = 0.2;
    numeric::NormalEquations<HueSectors::kCount> equations;
    for (std::size_t i = 0; i < blends.size(); ++i) {
        Around row = Around::Zero();
        row(static_cast<Eigen::Index>(blends[i].first)) += reach[i] * (1 - blends[i].share);
        row(static_cast<Eigen::Index>(blends[i].second)) += reach[i] * blends[i].share;
        equations.add(row, wanted[i], weights[i]);
    }
    const double mean = std::max(equations.power().trace() / HueSectors::kCount, 1e-9);
    for (Eigen::Index k = 0; k < HueSectors::kCount; ++k) {
        Around second = Around::Zero();
        second(k) = -2;
        second((k + 1) % HueSectors::kCount) += 1;
        second((k + HueSectors::kCount - 1) % HueSectors::kCount) += 1;
        equations.add(second, 0, kToNeighbours * kToNeighbours * mean);
        equations.pull(static_cast<int>(k), kToNothing * mean);
    }
    return equations.solve();
}

}  // namespace

ColourMove smoothMove(const RootPolynomial& base, const Samples& s) {
    static const detail::SmoothField::Choices choices{{14, 30}, {0.05, 0.3, 2}, &colouredShare};
    Steps steps = stepsOf(base, s);
    auto field = detail::SmoothField::fitted(std::move(steps.places), steps.steps, steps.doubt, choices);
    if (!field) return {};
    return [field = *std::move(field)](const Vector3& roots) -> Vector3 {
        return fromOpponent() * field(opponent() * roots);
    };
}

ColourMove polynomialMove(const RootPolynomial& base, const Samples& s) {
    constexpr double kRidge = 1e-2;
    const Steps steps = stepsOf(base, s);
    numeric::NormalEquations<7, 3> equations;
    for (std::size_t i = 0; i < s.size(); ++i)
        equations.add(polynomialTerms(steps.places[i]), steps.steps[i], 1 / steps.doubt[i]);
    equations.pullAll(kRidge * equations.power().trace() / 7);
    const Eigen::Matrix<double, 3, 7> coefficients = equations.solve().transpose();
    return [coefficients](const Vector3& roots) -> Vector3 {
        return fromOpponent() * (coefficients * polynomialTerms(opponent() * roots));
    };
}

LookMove lookMove(const RootPolynomial& base, const Samples& s) {
    const auto vector = [](const Lab& v) { return Vector3(v.L, v.a, v.b); };
    std::vector<Lab> places;
    std::vector<Vector3> steps;
    std::vector<double> doubt;
    for (std::size_t i = 0; i < s.size(); ++i) {
        places.push_back(toLab(Xyz::from(base(s.rgb[i])), white::d50));
        steps.push_back(vector(toLab(s.reference[i], white::d50)) - vector(places.back()));
        doubt.push_back(doubtOf(s, i));
    }
    auto field = detail::LookField::fitted(places, steps, doubt);
    const double evidence = field.evidence();
    ColourMove move = [field = std::move(field)](const Vector3& roots) -> Vector3 {
        Lab at = toLab(Xyz::from(fromRoots(roots)), white::d50);
        const Vector3 step = field(at);
        at.L += step(0);
        at.a += step(1);
        at.b += step(2);
        return toRoots(toXyz(at).vector()) - roots;
    };
    return {std::move(move), evidence};
}

HueSectors fittedSectors(const RootPolynomial& base, const Samples& s) {
    constexpr double kMostTurn = 30, kMostLightness = 20;
    std::vector<HueSectors::Blend> blends;
    std::vector<double> chroma, share, lightnessWanted, chromaWanted, hueWanted, weights;
    for (std::size_t i = 0; i < s.size(); ++i) {
        const Lch is = toLch(toLab(Xyz::from(base(s.rgb[i])), white::d50));
        const Lch should = toLch(toLab(s.reference[i], white::d50));
        blends.push_back(HueSectors::blendAt(is.h));
        // Differences of strong colours count by less, as in CIEDE2000's chroma and hue.
        const double sc = 1 + 0.045 * should.C, sh = 1 + 0.015 * should.C;
        chroma.push_back(is.C / sc);
        chromaWanted.push_back((should.C - is.C) / sc);
        share.push_back(HueSectors::lightnessShare(is.C));
        lightnessWanted.push_back(should.L - is.L);
        hueWanted.push_back(is.C / sh * std::remainder(should.h - is.h, 360.0));
        weights.push_back(s.weights[i]);
    }
    std::vector<double> arc;
    for (std::size_t i = 0; i < s.size(); ++i) {
        const double sc = 1 + 0.045 * toLch(toLab(s.reference[i], white::d50)).C;
        const double sh = 1 + 0.015 * toLch(toLab(s.reference[i], white::d50)).C;
        arc.push_back(chroma[i] * sc / sh);
    }
    const Around turn = sectorsOf(blends, arc, hueWanted, weights);
    const Around stronger = sectorsOf(blends, chroma, chromaWanted, weights);
    const Around lighter = sectorsOf(blends, share, lightnessWanted, weights);
    HueSectors out;
    for (Eigen::Index k = 0; k < HueSectors::kCount; ++k)
        out.sectors[static_cast<std::size_t>(k)] = {std::clamp(turn(k), -kMostTurn, kMostTurn),
                                                    std::clamp(1 + stronger(k), 0.5, 2.0),
                                                    std::clamp(lighter(k), -kMostLightness, kMostLightness)};
    return out;
}

ColourMove moveOf(const HueSectors& sectors) {
    return [sectors](const Vector3& roots) -> Vector3 {
        const Lab from = toLab(Xyz::from(fromRoots(roots)), white::d50);
        return toRoots(toXyz(sectors.moved(from)).vector()) - roots;
    };
}

Result<ColourLattice> keptMove(const ColourMove& move) {
    const ColourLattice whole = ColourLattice::sampled(move);
    if (auto kept = whole.unfolded()) return *std::move(kept);
    for (const double share : {0.85, 0.7, 0.55, 0.4, 0.25}) {
        ColourLattice kept = whole.scaled(share);
        if (!kept.reversesOrientation()) return kept;
    }
    return failure(
        say("What is left of these colours contradicts itself: bringing each to its reference would fold "
            "others over. Check that the reading is of the chart it says, or use a matrix."));
}

}  // namespace refero
