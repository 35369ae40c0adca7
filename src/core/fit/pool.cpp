// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/pool.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/read/balance.h"
#include "core/read/treatment.h"
#include "core/say/say.h"
#include "core/spectra/temperature.h"

namespace refero {
namespace {

constexpr std::size_t kFewest = 2;

Status alike(std::span<const PoolMember> members) {
    if (members.size() < kFewest)
        return failure(say("A pool needs two chart shots or more; one alone has a correction of its own."));
    const Reading& first = members.front().reading;
    for (const PoolMember& m : members) {
        const Reading& r = m.reading;
        if (!r.found || r.patches.size() != r.chart.patches.size())
            return failure(say("The reading of %1 holds no chart; read the frame again.", r.framePath));
        if (!(m.weight > 0 && std::isfinite(m.weight)))
            return failure(say("The weight of %1 must be above 0.", m.name));
        if (r.chart.id != first.chart.id)
            return failure(
                say("The chart shots show two charts, %1 and %2; only shots of one chart share a correction.",
                    first.chart.name, r.chart.name));
        if (r.encoding != first.encoding)
            return failure(say("The recordings are %1 and %2; one LUT cannot be fed both.",
                               name(first.encoding), name(r.encoding)));
        const bool otherBody = !r.body.empty() && !first.body.empty() && r.body != first.body;
        const bool otherOne = !r.serial.empty() && !first.serial.empty() && r.serial != first.serial;
        if (otherBody || otherOne)
            return failure(say("The chart shots are of two bodies; each needs a correction of its own."));
    }
    return {};
}

// A shot with the factors that balance and level it.
struct Levelled {
    const PoolMember* member;
    Reading reading;
    Vector3 scale;
};

Result<std::vector<Levelled>> levelled(std::span<const PoolMember> members, const FitOptions& options) {
    std::vector<Levelled> out;
    for (const PoolMember& m : members) {
        Reading r = options.asShot ? m.reading : treated(m.reading, TreatmentTarget::picture).reading;
        const auto gains = neutralGains(r);
        if (!gains)
            return failure(
                say("No grey of %1 can be used, so %2 cannot share a correction. Leave it out, or shoot its "
                    "chart again.",
                    m.reading.framePath, m.name));
        const double level = neutralLevel(r, *gains);
        out.push_back({&m, std::move(r), *gains * level});
    }
    return out;
}

// Balance and level of all.
Vector3 sharedScale(const std::vector<Levelled>& shots) {
    Vector3 sum = Vector3::Zero();
    double weights = 0;
    for (const Levelled& s : shots) {
        sum += s.member->weight * s.scale.array().log().matrix();
        weights += s.member->weight;
    }
    return (sum / weights).array().exp().matrix();
}

// One patch of all, in the numbers of a shot that `shared` balances and levels.
void takePatch(PatchReading& out, const std::vector<Levelled>& shots, std::size_t patch,
               const Vector3& shared, double maxClipped) {
    const auto whole = [&](const Levelled& s) {
        const PatchReading& p = s.reading.patches[patch];
        return !p.leftOut && p.clipped <= maxClipped && p.pixels > 0;
    };
    if (std::none_of(shots.begin(), shots.end(), whole)) return;
    Vector3 sum = Vector3::Zero(), squares = Vector3::Zero(), variance = Vector3::Zero();
    Matrix3 covariance = Matrix3::Zero();
    double weights = 0, squaredWeights = 0;
    std::size_t pixels = 0;
    for (const Levelled& s : shots) {
        if (!whole(s)) continue;
        const PatchReading& p = s.reading.patches[patch];
        const Vector3 scale = s.scale.cwiseQuotient(shared), rgb = p.rgb.cwiseProduct(scale);
        const double w = s.member->weight;
        sum += w * rgb;
        squares += w * rgb.cwiseAbs2();
        variance += w * w * p.standardError().cwiseProduct(scale).cwiseAbs2();
        covariance += w * scale.asDiagonal() * p.covariance * scale.asDiagonal();
        weights += w;
        squaredWeights += w * w;
        pixels += p.pixels;
    }
    out.leftOut = false;
    out.clipped = 0;
    out.clippedChannels.setZero();
    out.independence = 1;
    out.rgb = sum / weights;
    out.pixels = pixels;
    out.covariance = covariance / weights;
    // By how much the shots disagree comes on top of the noise of each.
    const Vector3 between = (squares / weights - out.rgb.cwiseAbs2()).cwiseMax(0);
    out.treatmentError = (between * (squaredWeights / (weights * weights))).cwiseSqrt();
    out.deviation = (static_cast<double>(pixels) * variance / (weights * weights)).cwiseSqrt();
}

double meanOver(const Levelled& shot, const Correction& c, const Vector3& scale) {
    double sum = 0, n = 0;
    for (std::size_t i = 0; i < shot.reading.patches.size(); ++i) {
        const PatchReading& p = shot.reading.patches[i];
        if (!c.patches[i].used || p.leftOut || p.clipped > 0.01) continue;
        // As the correction would see a shot that its own balance and level fit.
        const Vector3 rgb = p.rgb.cwiseProduct(scale).cwiseQuotient(c.gains * c.level);
        sum += ciede2000(c.patches[i].reference, c.toLab(rgb));
        ++n;
    }
    return n > 0 ? sum / n : 0;
}

}  // namespace

Result<Correction> pooled(std::span<const PoolMember> members, const FitOptions& options) {
    if (auto ok = alike(members); !ok) return tl::unexpected(ok.error());
    const auto shots = levelled(members, options);
    if (!shots) return tl::unexpected(shots.error());
    const Vector3 shared = sharedScale(*shots);
    const auto heaviest = std::max_element(
        shots->begin(), shots->end(),
        [](const Levelled& a, const Levelled& b) { return a.member->weight < b.member->weight; });
    Reading all = heaviest->reading;
    for (std::size_t i = 0; i < all.patches.size(); ++i)
        takePatch(all.patches[i], *shots, i, shared, options.maxClipped);
    FitOptions once = options;
    once.asShot = true;
    auto out = fit(std::span(&all, 1), once);
    if (!out) return out;
    out->asShot = options.asShot;
    out->readings.clear();
    for (const Levelled& s : *shots) {
        out->readings.push_back(s.reading.framePath);
        FitOptions alone = options;
        alone.resamples = 0;
        const auto own = fit(std::span(&s.member->reading, 1), alone);
        if (!own) return tl::unexpected(own.error());
        PooledShot p;
        p.name = s.member->name;
        p.weight = s.member->weight;
        p.stops = std::log2(shared.y() / s.scale.y());
        p.mired = miredBetween(shared.cwiseInverse(), s.scale.cwiseInverse());
        p.own = own->summary.after.mean;
        p.balanced = meanOver(s, *out, s.scale);
        p.asIs = meanOver(s, *out, out->gains * out->level);
        out->pool.push_back(std::move(p));
    }
    return out;
}

}  // namespace refero
