// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/assess/foreign_transform.h"

#include <tbb/parallel_for.h>

#include <array>
#include <cmath>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/read/balance.h"
#include "core/say/say.h"
#include "core/spectra/temperature.h"

namespace refero {
namespace {

constexpr double kMostStops = 4;

// Red up and blue down, so that the light is a mired warmer.
const double kPerMired = 1 / miredBetween({1, 1, 1}, {std::exp(0.5), 1, std::exp(-0.5)});

bool counts(const PatchReading& p) {
    return !p.leftOut && p.pixels > 0 && p.clipped <= 0.01;
}

double meanAt(const FedTransform& fed, const std::vector<Lab>& references, double stops) {
    const Reading& r = fed.reading();
    double sum = 0, n = 0;
    for (std::size_t i = 0; i < r.patches.size(); ++i) {
        if (!counts(r.patches[i])) continue;
        sum += ciede2000(references[i], fed.lab(r.patches[i].rgb, stops));
        ++n;
    }
    return n > 0 ? sum / n : 1e9;
}

ExpectedExposure nearest(const FedTransform& fed, const std::vector<Lab>& references, double coarse,
                         double fine) {
    ExpectedExposure best{0, meanAt(fed, references, 0)};
    for (double e = -kMostStops; e <= kMostStops + 1e-9; e += coarse)
        if (const double mean = meanAt(fed, references, e); mean < best.mean) best = {e, mean};
    for (double step = coarse / 2; step > fine; step /= 2)
        for (const double e : {best.stops - step, best.stops + step})
            if (const double mean = meanAt(fed, references, e); mean < best.mean) best = {e, mean};
    return best;
}

std::vector<Lab> referencesOf(const Reading& r) {
    std::vector<Lab> out;
    for (const Patch& p : r.chart.patches) out.push_back(toLab(referenceXyzD50(p), white::d50));
    return out;
}

}  // namespace

Result<ForeignTransform> byDataSheet(const Transfer& encoding, const Primaries& gamut) {
    const auto white = nominalWhite(encoding);
    if (!white)
        return failure(
            say("The curve %1 does not say where white belongs, so its recording has no colours of its own. "
                "A log curve by constants does.",
                encoding.name()));
    ForeignTransform out;
    out.name = say("By its data sheet");
    out.kind = say("Its own curve and gamut");
    out.feed = Encoding::linear;
    out.balance = FeedBalance::asRecorded;
    out.space = OutputSpace::xyzD50;
    out.apply = [toXyz = Matrix3(rgbToXyzD50(gamut) / *white)](const Vector3& fed) -> Vector3 {
        return toXyz * fed;
    };
    return out;
}

FedTransform::FedTransform(const ForeignTransform& transform, const TransformTerms& terms,
                           const Reading& reading)
    : transform_(&transform), terms_(terms), reading_(&reading) {
    // The strongest channel stays, so that clipping stays at 1.
    if (terms.balance == FeedBalance::balanced)
        if (const auto gains = neutralGains(reading)) gains_ = *gains / gains->minCoeff();
    toXyz_ = xyzD50ToLinear(terms.space).inverse();
}

Vector3 FedTransform::fed(const Vector3& rgb, double stops, double mired) const {
    Vector3 lit = rgb.cwiseProduct(gains_) * std::exp2(stops);
    if (mired != 0) {
        lit.x() *= std::exp(0.5 * mired * kPerMired);
        lit.z() *= std::exp(-0.5 * mired * kPerMired);
    }
    for (int c = 0; c < 3; ++c) lit[c] = terms_.feed.encode(lit[c]);
    return lit;
}

Xyz FedTransform::given(const Vector3& fed) const {
    return Xyz::from(toXyz_ * decoded(terms_.space, transform_->apply(fed)));
}

Lab FedTransform::lab(const Vector3& rgb, double stops, double mired) const {
    return toLab(xyz(rgb, stops, mired), white::d50);
}

EncodedImage srgbThrough(const LinearImage& image, const FedTransform& fed) {
    static const Matrix3 toSrgb = xyzD50ToLinear(OutputSpace::linearSrgb);
    EncodedImage out(image.width(), image.height());
    tbb::parallel_for(0, image.height(), [&](int y) {
        for (int x = 0; x < image.width(); ++x) {
            const float* in = image.pixel(x, y);
            const Vector3 light = toSrgb * fed.xyz(Vector3(in[0], in[1], in[2])).vector();
            for (int c = 0; c < 3; ++c)
                out.pixel(x, y)[c] = static_cast<float>(encode(Encoding::srgb, light[c]));
        }
    });
    return out;
}

ExpectedExposure expectedExposure(const FedTransform& fed) {
    return nearest(fed, referencesOf(fed.reading()), 0.25, 0.004);
}

TransformTerms termsFor(const ForeignTransform& transform, const Reading& reading,
                        const std::optional<Transfer>& feed, const std::optional<OutputSpace>& space,
                        const std::optional<FeedBalance>& balance) {
    TransformTerms out;
    std::vector<Transfer> feeds;
    std::vector<OutputSpace> spaces;
    std::vector<FeedBalance> balances;
    if (const auto& f = feed ? feed : transform.feed) {
        feeds = {*f};
    } else if (reading.encoding != Encoding::linear) {
        feeds = {reading.encoding};
    } else {
        feeds = {Encoding::srgb};
        for (const Encoding e : kTellableEncodings)
            if (e != Encoding::srgb) feeds.emplace_back(e);
    }
    if (const auto& s = space ? space : transform.space)
        spaces = {*s};
    else
        spaces = {OutputSpace::srgb,    OutputSpace::bt1886,     OutputSpace::displayP3, OutputSpace::rec2020,
                  OutputSpace::acescct, OutputSpace::linearSrgb, OutputSpace::acescg,    OutputSpace::rec709};
    if (const auto& b = balance ? balance : transform.balance)
        balances = {*b};
    else if (reading.encoding == Encoding::linear && neutralGains(reading))
        balances = {FeedBalance::asRecorded, FeedBalance::balanced};
    else
        balances = {FeedBalance::asRecorded};
    out = {feeds.front(), balances.front(), spaces.front(), false};
    if (feeds.size() * spaces.size() * balances.size() == 1) return out;
    out.guessed = true;
    constexpr double kPlainly = 0.85, kCoarse = 0.5, kFine = 0.1;
    const std::vector<Lab> references = referencesOf(reading);
    double best = nearest(FedTransform(transform, out, reading), references, kCoarse, kFine).mean;
    TransformTerms found = out;
    double least = best * kPlainly;
    for (const Transfer& f : feeds)
        for (const OutputSpace s : spaces)
            for (const FeedBalance b : balances) {
                const TransformTerms terms{f, b, s, true};
                const double mean =
                    nearest(FedTransform(transform, terms, reading), references, kCoarse, kFine).mean;
                if (!(mean < least)) continue;
                least = mean;
                found = terms;
            }
    return found;
}

}  // namespace refero
