// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/series/series_flaws.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/numeric/statistics.h"
#include "core/read/balance.h"

namespace refero {
namespace {

constexpr double kTwice = 0.1;            // stops
constexpr double kGap = 1.5;              // times the usual step
constexpr double kStatedStops = 1.0 / 6;  // half a third: what a dial and a mechanical aperture are good for
constexpr double kSameScene = 0.15;       // stops, root mean square
constexpr double kSceneLinear = 0.05;     // stops: above, the recording does not decode to the scene's light
constexpr double kLightStops = 0.1;       // red or blue against green: about 12 mired
constexpr double kSlopeOff = 0.03;

std::vector<const Reading*> readingsOf(std::span<const SeriesShot> all, std::span<const std::size_t> shots) {
    std::vector<const Reading*> out;
    for (const std::size_t s : shots) out.push_back(&all[s].reading);
    return out;
}

void keepOnly(SteppedProfile& p, const std::vector<bool>& keep) {
    const auto filter = [&](auto& v) {
        std::size_t k = 0;
        std::erase_if(v, [&](const auto&) { return !keep[k++]; });
    };
    filter(p.shots);
    filter(p.stated);
    filter(p.told.stops);
    filter(p.told.error);
    filter(p.told.missed);
    if (p.told.stops.empty()) return;
    const double first = p.told.stops.front();
    for (double& s : p.told.stops) s -= first;
}

std::vector<std::size_t> byExposure(const SteppedProfile& p) {
    std::vector<std::size_t> order(p.shots.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::stable_sort(order.begin(), order.end(),
                     [&](std::size_t a, std::size_t b) { return p.told.stops[a] < p.told.stops[b]; });
    return order;
}

class Flaws {
  public:
    Flaws(SteppedProfile& p, std::span<const SeriesShot> all, std::vector<SeriesNote>& notes)
        : p_(p), all_(all), notes_(notes) {}

    void look() {
        leaveOutUnjoined();
        leaveOutOtherScenes();
        leaveOutOtherLight();
        compareWithStated();
        order();
        gaps();
    }

  private:
    const std::string& frame(std::size_t k) const { return all_[p_.shots[k]].reading.framePath; }
    void note(SeriesFlaw flaw, const std::string& frame, double stops = 0, double expected = 0,
              const std::string& other = {}) {
        notes_.push_back({flaw, p_.name, frame, other, stops, expected});
    }

    void leaveOutUnjoined() {
        std::vector<bool> keep(p_.shots.size(), true);
        for (std::size_t k = 0; k < p_.shots.size(); ++k) {
            if (std::isfinite(p_.told.error[k])) continue;
            // What the camera was set to stands in for patches that are clipped or buried in all others.
            if (p_.stated[k] && p_.stated[0]) {
                p_.told.stops[k] = *p_.stated[k] - *p_.stated[0];
                p_.told.error[k] = kStatedStops;
                continue;
            }
            keep[k] = false;
            note(SeriesFlaw::noCommonPatch, frame(k));
        }
        keepOnly(p_, keep);
    }

    void leaveOutOtherScenes() {
        if (p_.shots.size() < 3) return;
        std::vector<bool> keep(p_.shots.size(), true);
        std::vector<double> missed = p_.told.missed;
        const double usual = numeric::medianOf(missed);
        for (std::size_t k = 0; k < p_.shots.size(); ++k)
            if (p_.told.missed[k] > std::max(kSameScene, 4 * usual)) {
                keep[k] = false;
                note(SeriesFlaw::otherScene, frame(k), p_.told.missed[k]);
            }
        keepOnly(p_, keep);
    }

    // Red and blue of the greys against green, stops; nothing where no grey tells.
    std::optional<Vector3> balanceOf(std::size_t k) const {
        const auto gains = neutralGains(all_[p_.shots[k]].reading);
        if (!gains || !(gains->minCoeff() > 0)) return {};
        return Vector3(-std::log2(gains->x()), 0, -std::log2(gains->z()));
    }

    // A balance that drifts with exposure goes on from step to step; another light stands out between its
    // neighbours.
    void leaveOutOtherLight() {
        const auto order = byExposure(p_);
        std::vector<bool> keep(p_.shots.size(), true);
        for (std::size_t i = 1; i + 1 < order.size(); ++i) {
            const auto here = balanceOf(order[i]), below = balanceOf(order[i - 1]),
                       above = balanceOf(order[i + 1]);
            if (!here || !below || !above || !keep[order[i - 1]]) continue;
            const double out = (*here - (*below + *above) / 2).cwiseAbs().maxCoeff();
            const double neighbours = (*above - *below).cwiseAbs().maxCoeff();
            if (out < kLightStops || out < 2 * neighbours) continue;
            keep[order[i]] = false;
            note(SeriesFlaw::lightChanged, frame(order[i]), out);
        }
        for (const bool low : {true, false}) {  // the ends have one neighbour, which has one more
            if (order.size() < 4) break;
            const auto at = [&](std::size_t i) { return low ? order[i] : order[order.size() - 1 - i]; };
            const auto end = balanceOf(at(0)), next = balanceOf(at(1)), third = balanceOf(at(2));
            if (!end || !next || !third || !keep[at(1)] || !keep[at(2)]) continue;
            const double out = (*end - *next).cwiseAbs().maxCoeff();
            if (out < 2 * kLightStops || out < 6 * (*next - *third).cwiseAbs().maxCoeff()) continue;
            keep[at(0)] = false;
            note(SeriesFlaw::lightChanged, frame(at(0)), out);
        }
        keepOnly(p_, keep);
    }

    void compareWithStated() {
        std::vector<double> stated, told;
        for (std::size_t k = 0; k < p_.shots.size(); ++k)
            if (p_.stated[k]) {
                stated.push_back(*p_.stated[k]);
                told.push_back(p_.told.stops[k]);
            }
        if (stated.size() < 2 || stated.size() < p_.shots.size()) return;
        std::vector<double> apart;
        for (std::size_t k = 0; k < told.size(); ++k) apart.push_back(told[k] - stated[k]);
        if (const auto slope = slopeOff(stated, told)) {
            note(SeriesFlaw::curveDiffers, {}, *slope, 1);
            for (std::size_t k = 0; k < told.size(); ++k) p_.told.stops[k] = stated[k] - stated[0];
            return;
        }
        const double usual = numeric::medianOf(apart);
        for (std::size_t k = 0; k < told.size(); ++k)
            if (std::abs(apart[k] - usual) > kStatedStops)
                note(SeriesFlaw::statedDiffers, frame(k), told[k], stated[k] + usual - told[k]);
    }

    // Where the chart's levels go with what was set, but by another factor: the curve is not the one stated.
    std::optional<double> slopeOff(const std::vector<double>& stated, const std::vector<double>& told) const {
        if (stated.size() < 4 || all_[p_.shots.front()].reading.encoding == Encoding::linear) return {};
        const auto n = static_cast<double>(stated.size());
        const double ms = std::accumulate(stated.begin(), stated.end(), 0.0) / n,
                     mt = std::accumulate(told.begin(), told.end(), 0.0) / n;
        double ss = 0, st = 0, tt = 0;
        for (std::size_t k = 0; k < stated.size(); ++k) {
            ss += (stated[k] - ms) * (stated[k] - ms);
            st += (stated[k] - ms) * (told[k] - mt);
            tt += (told[k] - mt) * (told[k] - mt);
        }
        if (!(ss > 0) || !(tt > 0) || st * st < 0.98 * ss * tt) return {};
        const double slope = st / ss;
        if (std::abs(slope - 1) < kSlopeOff) return {};
        return slope;
    }

    void order() {
        std::vector<std::size_t> byTime(p_.shots.size());
        std::iota(byTime.begin(), byTime.end(), std::size_t{0});
        const auto taken = [&](std::size_t k) -> const std::string& {
            return all_[p_.shots[k]].reading.taken;
        };
        for (const std::size_t k : byTime)
            if (taken(k).empty()) return;
        std::stable_sort(byTime.begin(), byTime.end(),
                         [&](std::size_t a, std::size_t b) { return taken(a) < taken(b); });
        int way = 0;
        for (std::size_t i = 1; i < byTime.size(); ++i) {
            if (taken(byTime[i]) == taken(byTime[i - 1])) return;
            const double step = p_.told.stops[byTime[i]] - p_.told.stops[byTime[i - 1]];
            if (std::abs(step) < kTwice) continue;
            const int here = step > 0 ? 1 : -1;
            if (way != 0 && here != way)
                return note(SeriesFlaw::outOfOrder, frame(byTime[i]), p_.told.stops[byTime[i]]);
            way = here;
        }
    }

    void gaps() {
        const auto order = byExposure(p_);
        std::vector<double> steps;
        for (std::size_t i = 1; i < order.size(); ++i) {
            const double step = p_.told.stops[order[i]] - p_.told.stops[order[i - 1]];
            if (step < kTwice)
                note(SeriesFlaw::stepTwice, frame(order[i - 1]), p_.told.stops[order[i]], step,
                     frame(order[i]));
            else
                steps.push_back(step);
        }
        if (steps.size() < 3) return;
        const double usual = numeric::medianOf(steps);
        for (std::size_t i = 1; i < order.size(); ++i) {
            const double from = p_.told.stops[order[i - 1]], step = p_.told.stops[order[i]] - from;
            if (step > kGap * usual)
                note(SeriesFlaw::stepMissing, frame(order[i - 1]), from + usual, usual, frame(order[i]));
        }
    }

    SteppedProfile& p_;
    std::span<const SeriesShot> all_;
    std::vector<SeriesNote>& notes_;
};

}  // namespace

SteppedProfile stepped(const std::string& profile, std::span<const SeriesShot> all,
                       std::vector<std::size_t> shots, std::vector<SeriesNote>& notes) {
    SteppedProfile out{profile, std::move(shots), {}, {}};
    for (const std::size_t s : out.shots)
        out.stated.push_back(all[s].statedStops ? all[s].statedStops
                                                : statedStops(all[s].reading.settings, all[s].ndStops));
    const auto readings = readingsOf(all, out.shots);
    out.told = *stepsByLevel(readings);
    const bool sceneLinear =
        out.told.missed.empty() || numeric::medianOf(std::vector<double>(out.told.missed)) < kSceneLinear;
    if (!sceneLinear && readings.front()->encoding != Encoding::linear)
        if (auto greys = stepsByGreys(readings)) out.told = *std::move(greys);
    Flaws(out, all, notes).look();
    return out;
}

}  // namespace refero
