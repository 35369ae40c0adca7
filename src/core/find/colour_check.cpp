// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/colour_check.h"

#include <Eigen/Dense>
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <numeric>
#include <vector>

#include "core/colour/lab.h"
#include "core/numeric/least_squares.h"

namespace refero::detail {
namespace {

struct Sample {
    Vector3 rgb, xyz;  // weighted alike, so that dark patches count, too
    Point mm;
};

// Mean over a grid of points in the inner 40 % of the patch; nothing where it leaves the frame.
bool sample(const LinearImage& frame, const Homography& map, const Patch& p, Vector3& out) {
    out.setZero();
    constexpr int n = 5;
    for (int k = 0; k < n * n; ++k) {
        const Point offset((k % n + 0.5) / n - 0.5, (k / n + 0.5) / n - 0.5);
        const Point at = map(p.centreMm + offset.cwiseProduct(p.sizeMm) * 0.4);
        if (!(at.x() >= 0 && at.y() >= 0 && at.x() < frame.width() && at.y() < frame.height())) return false;
        const float* v = frame.pixel(static_cast<int>(at.x()), static_cast<int>(at.y()));
        out += Vector3(v[0], v[1], v[2]) / (n * n);
    }
    return true;
}

std::vector<Sample> samplesOf(const LinearImage& frame, const Chart& chart, const Homography& map,
                              double exponent = 1) {
    std::vector<Sample> out;
    for (const Patch& p : chart.patches) {
        Vector3 rgb;
        if (!sample(frame, map, p, rgb)) continue;
        if (exponent != 1) rgb = rgb.cwiseMax(0).array().pow(exponent).matrix();
        const Vector3 xyz = toXyz(p.labD50).vector();
        const double weight = 1 / (xyz.y() + 0.1);
        out.push_back({rgb * weight, xyz * weight, p.centreMm});
    }
    return out;
}

using Subset = std::vector<std::size_t>;

Subset everything(std::size_t n) {
    Subset s(n);
    std::iota(s.begin(), s.end(), std::size_t{0});
    return s;
}

Matrix3 fitted(const std::vector<Sample>& samples, const Subset& subset) {
    numeric::NormalEquations<3, 3> equations;
    for (const std::size_t i : subset) equations.add(samples[i].rgb, samples[i].xyz);
    equations.pullAll(1e-9 * equations.power().trace() + 1e-300);
    return equations.solve().transpose();
}

double error(const Sample& s, const Matrix3& m) {
    return (s.xyz - m * s.rgb).squaredNorm();
}

double explained(const std::vector<Sample>& samples, const Subset& subset, const Matrix3& m) {
    Vector3 mean = Vector3::Zero();
    for (const std::size_t i : subset) mean += samples[i].xyz / static_cast<double>(subset.size());
    double left = 0, all = 0;
    for (const std::size_t i : subset) {
        left += error(samples[i], m);
        all += (samples[i].xyz - mean).squaredNorm();
    }
    return all > 0 ? std::max(0.0, 1 - left / all) : 0;
}

// The `keep` samples that a fit of themselves explains best, from a first guess (concentration steps of least
// trimmed squares, Rousseeuw and Van Driessen 2006).
Subset concentrated(const std::vector<Sample>& samples, Subset subset, std::size_t keep) {
    Subset order = everything(samples.size());
    for (int step = 0; step < 6; ++step) {
        const Matrix3 m = fitted(samples, subset);
        std::vector<double> e(samples.size());
        for (std::size_t i = 0; i < samples.size(); ++i) e[i] = error(samples[i], m);
        std::nth_element(order.begin(), order.begin() + static_cast<std::ptrdiff_t>(keep), order.end(),
                         [&](std::size_t a, std::size_t b) { return e[a] < e[b]; });
        Subset next(order.begin(), order.begin() + static_cast<std::ptrdiff_t>(keep));
        std::sort(next.begin(), next.end());
        if (next == subset) break;
        subset = std::move(next);
    }
    return subset;
}

struct Robust {
    double explained = 0;
    Matrix3 m = Matrix3::Zero();
};

// Fingers and dirt lie together, so halves of the chart are good first guesses.
Robust trimmed(const std::vector<Sample>& samples) {
    const std::size_t n = samples.size();
    const std::size_t keep = std::clamp<std::size_t>(n * 3 / 4, std::min<std::size_t>(n, 6), n - 1);
    Point middle(0, 0);
    for (const Sample& s : samples) middle += s.mm / static_cast<double>(n);
    std::vector<Subset> starts{everything(n)};
    for (int half = 0; half < 4; ++half) {
        Subset s;
        for (std::size_t i = 0; i < n; ++i) {
            const Point d = samples[i].mm - middle;
            if (half == 0 ? d.x() <= 0 : half == 1 ? d.x() >= 0 : half == 2 ? d.y() <= 0 : d.y() >= 0)
                s.push_back(i);
        }
        if (s.size() >= 6) starts.push_back(std::move(s));
    }
    Robust best;
    for (Subset& start : starts) {
        const Subset s = concentrated(samples, std::move(start), keep);
        const Matrix3 m = fitted(samples, s);
        const double e = explained(samples, s, m);
        if (e > best.explained) best = {e, m};
    }
    return best;
}

struct Shadow {
    double stops = 0;
    std::vector<bool> dark;
};

// The straight edge that best explains the light: for each line, what its darker side must be brought up by.
Shadow likeliestShadow(const std::vector<Sample>& samples) {
    const std::size_t n = samples.size();
    Shadow best;
    double bestLeft = 1e300;
    for (int direction = 0; direction < 8; ++direction) {
        const double angle = direction * std::numbers::pi / 8;
        const Point along(std::cos(angle), std::sin(angle));
        std::vector<double> reach(n);
        for (std::size_t i = 0; i < n; ++i) reach[i] = samples[i].mm.dot(along);
        std::vector<double> sorted = reach;
        std::sort(sorted.begin(), sorted.end());
        for (const double share : {0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8}) {
            const double at = sorted[static_cast<std::size_t>(share * static_cast<double>(n - 1))] + 1e-6;
            Subset near, far;
            for (std::size_t i = 0; i < n; ++i) (reach[i] <= at ? near : far).push_back(i);
            Subset& larger = near.size() >= far.size() ? near : far;
            Subset& smaller = near.size() >= far.size() ? far : near;
            if (smaller.size() < 3) continue;
            const Matrix3 m = fitted(samples, larger);
            double up = 0, down = 0;
            for (const std::size_t i : smaller) {
                const Vector3 p = m * samples[i].rgb;
                up += p.dot(samples[i].xyz);
                down += p.squaredNorm();
            }
            const double gain = down > 0 ? up / down : 1;
            if (!(gain > 0.25 && gain < 4)) continue;
            double left = 0;
            for (const std::size_t i : larger) left += error(samples[i], m);
            for (const std::size_t i : smaller)
                left += (samples[i].xyz - gain * (m * samples[i].rgb)).squaredNorm();
            if (left >= bestLeft) continue;
            bestLeft = left;
            best.stops = std::abs(std::log2(gain));
            best.dark.assign(n, false);
            for (const std::size_t i : gain > 1 ? smaller : larger) best.dark[i] = true;
        }
    }
    return best;
}

}  // namespace

double plainAgreement(const LinearImage& frame, const Chart& chart, const Homography& map) {
    const auto samples = samplesOf(frame, chart, map);
    if (samples.size() < 6) return 0;
    const Subset all = everything(samples.size());
    return explained(samples, all, fitted(samples, all));
}

ColourCheck colourCheck(const LinearImage& frame, const Chart& chart, const Homography& map,
                        double exponent) {
    auto samples = samplesOf(frame, chart, map, exponent);
    ColourCheck check;
    const auto patches = static_cast<double>(chart.patches.size());
    if (samples.size() < 6) return check;
    const Subset all = everything(samples.size());
    check.plain = explained(samples, all, fitted(samples, all));
    Robust robust = trimmed(samples);
    if (robust.explained < 0.97) {
        const Shadow shadow = likeliestShadow(samples);
        if (shadow.stops > 0.1) {
            auto lit = samples;
            for (std::size_t i = 0; i < lit.size(); ++i)
                if (shadow.dark[i]) lit[i].rgb *= std::exp2(shadow.stops);
            const Robust other = trimmed(lit);
            // It has two more numbers to please with: it must please clearly more.
            if (1 - other.explained < 0.7 * (1 - robust.explained)) {
                robust = other;
                samples = std::move(lit);
            }
        }
    }
    check.robust = robust.explained;
    double spread = 0;
    for (const Sample& s : samples) spread += s.xyz.squaredNorm() / static_cast<double>(samples.size());
    double following = 0;
    for (const Sample& s : samples) following += error(s, robust.m) < 0.04 * spread;
    check.agreeing = following / patches;
    return check;
}

}  // namespace refero::detail
