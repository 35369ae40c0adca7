// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/lending.h"

#include <algorithm>
#include <cmath>

#include "core/colour/difference.h"
#include "core/fit/two_light.h"
#include "core/say/say.h"
#include "core/spectra/temperature.h"

namespace refero {
namespace {

Vector3 whiteOf(const Correction& c) {
    return c.gains.cwiseInverse();
}

// In shares of what still counts as the same light.
double distance(const LightApart& a) {
    return std::max(std::abs(a.mired) / kSameLightMired, std::abs(a.tint) / kSameLightTint);
}

bool mayLend(const Correction& c, const Borrower& b) {
    if (c.loan || c.aim.kind != AimKind::reference || c.body != b.body) return false;
    if (!c.serial.empty() && !b.serial.empty() && c.serial != b.serial) return false;
    return c.inputEncoding == b.encoding;
}

std::vector<Lender> usable(std::span<const Lender> lenders, const Borrower& b) {
    std::vector<Lender> out;
    for (const Lender& l : lenders)
        if (l.correction && mayLend(*l.correction, b)) out.push_back(l);
    return out;
}

// Of several in the same light the one through the same lens, then the latest, counts.
bool before(const Correction& a, const Correction& b, const Borrower& wish) {
    const bool lensA = a.lens == wish.lens, lensB = b.lens == wish.lens;
    if (lensA != lensB) return lensA;
    return a.taken > b.taken;
}

Correction withoutFigures(const Correction& lender) {
    Correction c = lender;
    c.patches.clear();
    c.considered.clear();
    c.verifications.clear();
    c.certainty.reset();
    c.treatments.clear();
    c.noise = {};
    c.summary = {};
    c.readings.clear();
    c.weights.clear();
    c.description.clear();
    c.finish = {};
    c.intent = c.intent == Intent::pleasing ? Intent::colorimetric : c.intent;
    return c;
}

const Lender* ofKind(const std::vector<Lender>& lenders, const Borrower& b) {
    if (b.lightKind.empty()) return nullptr;
    const Lender* best = nullptr;
    for (const Lender& l : lenders)
        if (l.lightKind == b.lightKind && (!best || before(*l.correction, *best->correction, b))) best = &l;
    return best;
}

struct Near {
    const Lender* lender = nullptr;
    LightApart apart;
};

Near nearest(const std::vector<Lender>& lenders, const Vector3& white, const Borrower& b) {
    Near best;
    for (const Lender& l : lenders) {
        const LightApart apart = lightApart(whiteOf(*l.correction), white);
        const auto better = [&] {
            if (!best.lender) return true;
            const bool same = sameKindOfLight(apart), bestSame = sameKindOfLight(best.apart);
            if (same && bestSame) return before(*l.correction, *best.lender->correction, b);
            return distance(apart) < distance(best.apart);
        };
        if (better()) best = {&l, apart};
    }
    return best;
}

struct Mix {
    const Lender *one = nullptr, *other = nullptr;
    double share = 0;  // of the other
};

// The closest pair of lights between which this one lies, near the line from one to the other.
std::optional<Mix> mixFor(const std::vector<Lender>& lenders, const Vector3& white) {
    std::optional<Mix> best;
    double span = 0;
    for (const Lender& one : lenders)
        for (const Lender& other : lenders) {
            if (one.correction->greyCurves || other.correction->greyCurves) continue;
            const LightApart all = lightApart(whiteOf(*one.correction), whiteOf(*other.correction));
            const LightApart way = lightApart(whiteOf(*one.correction), white);
            if (!(all.mired > kSameLightMired) || !(way.mired > 0 && way.mired < all.mired)) continue;
            const double share = way.mired / all.mired;
            if (std::abs(way.tint - share * all.tint) > kSameLightTint) continue;
            if (!best || all.mired < span) {
                best = share <= 0.5 ? Mix{&one, &other, share} : Mix{&other, &one, 1 - share};
                span = all.mired;
            }
        }
    return best;
}

std::optional<Correction> mixed(const Mix& mix) {
    const Correction &one = *mix.one->correction, &other = *mix.other->correction;
    auto colours = mixedColours(one.colours, other.colours, mix.share);
    if (!colours) return {};
    Correction c = withoutFigures(one);
    c.colours = *std::move(colours);
    c.level = std::pow(one.level, 1 - mix.share) * std::pow(other.level, mix.share);
    c.model = c.colours.lattice() ? Model::lattice : c.model;
    c.sectors.reset();
    c.forLook = false;
    c.training = one.training && other.training;
    c.loan = Loan{LoanSource::mix, BalancedOn::grey, {one.name, other.name}, {}, mix.share};
    return c;
}

Correction of(const Lender& l, LoanSource source) {
    Correction c = withoutFigures(*l.correction);
    c.loan = Loan{source, BalancedOn::lender, {l.correction->name}, {}, 0};
    return c;
}

Correction inLight(const std::vector<Lender>& lenders, const Vector3& white, const Borrower& b) {
    const Near near = nearest(lenders, white, b);
    Correction c = [&] {
        if (sameKindOfLight(near.apart)) return of(*near.lender, LoanSource::shelf);
        if (const auto mix = mixFor(lenders, white))
            if (auto both = mixed(*mix)) return *std::move(both);
        return of(*near.lender, LoanSource::body);
    }();
    c.loan->mired = near.apart.mired;
    c.gains = white.y() * white.cwiseInverse();
    return c;
}

void describe(Correction& c, const Borrower& b) {
    c.body = b.body;
    if (!b.serial.empty()) c.serial = b.serial;
    c.lens = b.lens;
    c.taken.clear();
    if (b.grey && b.reflectance) c.level = *b.reflectance / b.grey->y();
}

}  // namespace

LightApart lightApart(const Vector3& from, const Vector3& to) {
    const auto green = [](const Vector3& v) { return std::log(v.y()) - 0.5 * std::log(v.x() * v.z()); };
    return {miredBetween(from, to), green(to) - green(from)};
}

bool sameKindOfLight(const LightApart& a) {
    return distance(a) <= 1;
}

Result<Correction> lent(std::span<const Lender> all, const Borrower& b) {
    if (b.body.empty())
        return failure(say(
            "The frames do not say which body took them, and a correction is never lent to another body."));
    const std::vector<Lender> lenders = usable(all, b);
    if (lenders.empty())
        return failure(say("The library holds no correction of %1 for this kind of recording.", b.body));
    const auto positive = [](const std::optional<Vector3>& v) {
        return v && v->allFinite() && v->minCoeff() > 0;
    };
    Correction out;
    if (positive(b.grey)) {
        out = inLight(lenders, *b.grey, b);
        out.loan->balance = BalancedOn::grey;
    } else if (const Lender* alike = ofKind(lenders, b)) {
        out = of(*alike, LoanSource::shelf);
    } else if (positive(b.cameraWhite)) {
        out = inLight(lenders, *b.cameraWhite, b);
        out.loan->balance = BalancedOn::camera;
    } else if (!(b.encoding == Transfer(Encoding::linear))) {
        // The camera has balanced it already; the newest is as good as any.
        const Lender* newest = &lenders.front();
        for (const Lender& l : lenders)
            if (before(*l.correction, *newest->correction, b)) newest = &l;
        out = of(*newest, LoanSource::body);
        out.loan->balance = BalancedOn::camera;
        out.gains = Vector3::Ones();
    } else {
        return failure(
            say("Nothing tells the light of these frames: mark something neutral in one of them, or name the "
                "lamp in the plan."));
    }
    describe(out, b);
    return out;
}

Correction lentByPlan(const Correction& lender) {
    Correction c = withoutFigures(lender);
    c.finish = lender.finish;
    c.intent = lender.intent;
    c.loan = Loan{LoanSource::plan, BalancedOn::lender, {lender.name}, 0.0, 0};
    return c;
}

std::optional<double> differenceBetween(const Correction& one, const Correction& other) {
    Correction levelled = other;
    levelled.gains = one.gains;
    levelled.level = one.level;
    double sum = 0;
    std::size_t count = 0;
    for (const PatchResult& p : one.patches) {
        if (!p.used || p.known) continue;
        sum += ciede2000(one.toLab(p.rgb), levelled.toLab(p.rgb));
        ++count;
    }
    if (count == 0) return {};
    return sum / static_cast<double>(count);
}

}  // namespace refero
