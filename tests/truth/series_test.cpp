// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Exposure series held against what the simulated cameras really did.
#include "core/series/series.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/colour/lab.h"
#include "core/fit/fit.h"
#include "core/series/exposure_steps.h"
#include "io/chart_file.h"
#include "truth/series_trial.h"
#include "truth/trial.h"

namespace refero {
namespace {

using test::Recorder;

const std::vector<double> kStops{-4, -3, -2, -1, 0, 1, 2, 3, 4};

const Chart& chart() {
    static const Chart c = *io::chartByNameOrPath("fen-24");
    return c;
}

Transfer steepLog() {
    LogCurve curve;
    curve.name = "Steep log";
    curve.logSlope = 0.28;
    curve.logOffset = 0.45;
    curve.linearSlope = 4;
    curve.linearOffset = 0.02;
    return *Transfer::fromLog(curve);
}

// Five bodies by three curves: raw of 14 bits, a log curve by constants in 10 bits, ACEScct in 10 bits.
std::vector<Recorder> recorders() {
    std::vector<Recorder> out;
    for (const sim::Body& body : test::trialBodies()) {
        Recorder linear;
        linear.body = body;
        linear.bits = body.bits;
        linear.stopsToClipping = 2.8;
        out.push_back(linear);
        Recorder log = linear;
        log.curve = steepLog();
        log.bits = 10;
        log.stopsToClipping = 5;
        out.push_back(log);
        Recorder cct = log;
        cct.curve = Encoding::acescct;
        cct.stopsToClipping = 4.5;
        out.push_back(cct);
    }
    return out;
}

std::string about(const Recorder& r) {
    return std::string(r.body.name) + ", " + std::string(r.curve.name());
}

// The same limits on readings with next to no noise, at any exposure between the steps.
class Truth {
  public:
    explicit Truth(const Recorder& r) : recorder_(r), base_(test::recorded(r, chart(), 0, kPixels, 77)) {
        correction_ = *fit(std::span(&base_, 1));
    }
    double share(double stops, const SeriesLimits& limits) const {
        const Reading r = test::recorded(recorder_, chart(), stops, kPixels, 78);
        const double drift =
            driftBetween(levelled(base_, base_, correction_, 0), levelled(r, base_, correction_, stops), 0)
                .judged() /
            limits.drift;
        FitOptions o;
        o.model = correction_.model;
        const auto c = fit(std::span(&r, 1), o);
        if (!c) return drift;
        double squares = 0, count = 0;
        for (const PatchResult& p : c->patches)
            if (p.used && toXyz(p.reference).y >= 0.03) {
                squares += p.chromaNoise * p.chromaNoise;
                ++count;
            }
        return std::max(drift, std::sqrt(squares / count) / limits.chromaNoise);
    }
    // Where it first passes 1 on the way from the base to `end`; `end` where it never does.
    double bound(double end, const SeriesLimits& limits) const {
        const double step = end > 0 ? 0.25 : -0.25;
        double good = 0;
        while (std::abs(good) < std::abs(end) && share(good + step, limits) <= 1) good += step;
        if (std::abs(good) >= std::abs(end)) return end;
        double bad = good + step;
        for (int i = 0; i < 4; ++i) {
            const double middle = (good + bad) / 2;
            (share(middle, limits) <= 1 ? good : bad) = middle;
        }
        return (good + bad) / 2;
    }

  private:
    static constexpr std::size_t kPixels = 700;
    const Recorder& recorder_;
    Reading base_;
    Correction correction_;
};

SeriesOptions withZeroAt(std::size_t shot) {
    SeriesOptions o;
    o.zero = shot;
    o.pairs = false;
    return o;
}

TEST(SeriesTrial, TellsStepsOffsetAndUsableRangeOfFiveBodiesWithThreeCurves) {
    unsigned seed = 100;
    double worstStep = 0, worstOffset = 0, worstRange = 0;
    for (const Recorder& r : recorders()) {
        const auto series = analysed(test::seriesOf(r, chart(), kStops, false, seed), withZeroAt(4));
        seed += 20;
        ASSERT_TRUE(series) << about(r) << ": " << series.error().message;
        ASSERT_EQ(series->profiles.size(), 1u);
        const SeriesProfile& p = series->profiles[0];
        ASSERT_EQ(p.steps.size(), kStops.size()) << about(r);
        for (std::size_t k = 0; k < kStops.size(); ++k) {
            EXPECT_NEAR(p.steps[k].stops, kStops[k], 0.03) << about(r);
            worstStep = std::max(worstStep, std::abs(p.steps[k].stops - kStops[k]));
        }
        if (r.curve != Encoding::linear) {
            ASSERT_TRUE(p.stated) << about(r);
            EXPECT_NEAR(p.stated->offset, 0, 0.05) << about(r);
            worstOffset = std::max(worstOffset, std::abs(p.stated->offset));
        }
        const Truth truth(r);
        const double low = truth.bound(-4, series->limits), high = truth.bound(4, series->limits);
        EXPECT_NEAR(p.usableLow, low, 1.0 / 3) << about(r);
        EXPECT_NEAR(p.usableHigh, high, 1.0 / 3) << about(r);
        worstRange = std::max({worstRange, std::abs(p.usableLow - low), std::abs(p.usableHigh - high)});
        EXPECT_GE(p.bestOffset, p.usableLow) << about(r);
        EXPECT_LE(p.bestOffset, p.usableHigh) << about(r);
    }
    RecordProperty("worst_step_stops", std::to_string(worstStep));
    RecordProperty("worst_offset_stops", std::to_string(worstOffset));
    RecordProperty("worst_range_stops", std::to_string(worstRange));
    std::printf("steps %.4f, offset %.4f, range %.3f stops\n", worstStep, worstOffset, worstRange);
}

TEST(SeriesTrial, FindsTheOffsetThatARecordingIsFedWith) {
    unsigned seed = 900;
    for (Recorder r : recorders()) {
        if (r.curve == Encoding::linear) continue;
        for (const double offset : {-1.0, 0.4, 1.0}) {
            r.offset = offset;
            r.stopsToClipping = 5 - std::max(0.0, offset);
            const auto shots = test::seriesOf(r, chart(), kStops, true, seed++);
            std::vector<ExposedReading> exposed;
            for (std::size_t k = 0; k < shots.size(); ++k) exposed.push_back({&shots[k].reading, kStops[k]});
            const auto fit = curveFit(characteristicCurve(exposed), r.curve);
            ASSERT_TRUE(fit);
            EXPECT_NEAR(fit->offset, offset, 0.05) << about(r);
        }
    }
}

// Photons and read noise say by themselves where a pixel's green is as noisy as that.
TEST(SeriesTrial, DynamicRangeIsThatOfTheSensor) {
    for (const Recorder& r : recorders()) {
        if (r.curve != Encoding::linear) continue;
        const auto shots = test::seriesOf(r, chart(), std::vector<double>{-7, -5, -3, -1, 1}, false, 5);
        std::vector<const Reading*> readings;
        for (const SeriesShot& s : shots) readings.push_back(&s.reading);
        const auto range = dynamicRange(readings);
        ASSERT_TRUE(range);
        EXPECT_FALSE(range->atLeast);
        const double read = r.body.readNoiseElectrons,
                     step = r.body.fullWellElectrons / (std::exp2(r.bits) - 1);
        const double own = read * read + step * step / 12;
        const double darkest = (4 + std::sqrt(16 + 16 * own)) / 2;  // of n^2 = 4 (n + own)
        EXPECT_NEAR(range->stops, std::log2(r.body.fullWellElectrons / darkest), 0.35) << about(r);
        const auto brief = dynamicRange(std::span(readings).last(2));
        ASSERT_TRUE(brief);
        EXPECT_TRUE(brief->atLeast) << "nothing dark enough was shot";
        EXPECT_LT(brief->stops, range->stops);
    }
}

// A look whose channels bend differently turns the greys: which way, in the unders and in the overs.
TEST(SeriesTrial, DriftHasItsDirection) {
    Recorder r;
    r.body = test::trialBodies()[1];
    r.curve = steepLog();
    r.bits = 12;
    r.stopsToClipping = 5;
    r.flare = 0;
    int right = 0, all = 0;
    for (const double red : {0.95, 1.05})
        for (const double blue : {0.95, 1.05}) {
            r.gammas = {red, 1, blue};
            const auto series = analysed(test::seriesOf(r, chart(), kStops, true, 31), withZeroAt(4));
            ASSERT_TRUE(series);
            for (const SeriesStep& s : series->profiles[0].steps) {
                if (std::abs(s.stops) < 0.5 || s.clipped > 0) continue;
                const GroupDrift* grey = s.drift.group(kNeutralGroup);
                ASSERT_NE(grey, nullptr);
                // Above 1, a channel's light grows faster than that of green.
                const double blueUp = (blue - 1) * s.stops;
                ++all;
                right += grey->yellower * blueUp < 0;
            }
        }
    EXPECT_EQ(right, all);
    EXPECT_GE(all, 16);
}

std::vector<SeriesShot> plain(std::vector<double> stops, bool stated = true) {
    Recorder r;
    r.body = test::trialBodies()[0];
    r.stopsToClipping = 2.8;
    return test::seriesOf(r, chart(), stops, stated, 7);
}

std::size_t notesOf(const Series& s, SeriesFlaw flaw) {
    return static_cast<std::size_t>(
        std::count_if(s.notes.begin(), s.notes.end(), [&](const SeriesNote& n) { return n.flaw == flaw; }));
}

TEST(SeriesFlaws, AWholeSeriesHasNone) {
    const auto s = analysed(plain(kStops));
    ASSERT_TRUE(s);
    EXPECT_TRUE(s->notes.empty()) << name(s->notes.front().flaw) << " " << s->notes.front().stops;
}

TEST(SeriesFlaws, MissingAndDoubleStepsAreNamed) {
    const auto missing = analysed(plain({-3, -2, 0, 1, 2}));
    ASSERT_TRUE(missing);
    ASSERT_EQ(notesOf(*missing, SeriesFlaw::stepMissing), 1u);
    EXPECT_EQ(missing->notes.size(), 1u);
    EXPECT_NEAR(missing->notes[0].stops - missing->profiles[0].steps[0].stops, 2, 0.05);
    const auto twice = analysed(plain({-2, -1, 0, 0, 1}));
    ASSERT_TRUE(twice);
    EXPECT_EQ(notesOf(*twice, SeriesFlaw::stepTwice), 1u);
}

TEST(SeriesFlaws, OrderByTimeIsNamed) {
    auto shots = plain({-2, 0, -1, 1, 2});
    for (std::size_t i = 0; i < shots.size(); ++i)
        shots[i].reading.taken = "2026:05:14 10:00:0" + std::to_string(i);
    const auto s = analysed(shots);
    ASSERT_TRUE(s);
    EXPECT_EQ(notesOf(*s, SeriesFlaw::outOfOrder), 1u);
    for (std::size_t k = 1; k < s->profiles[0].steps.size(); ++k)
        EXPECT_GT(s->profiles[0].steps[k].stops, s->profiles[0].steps[k - 1].stops) << "sorted all the same";
}

TEST(SeriesFlaws, ASettingThatTheChartDeniesIsNamed) {
    auto shots = plain({-2, -1, 0, 1, 2});
    shots[1].reading.settings.exposureSeconds *= 1.5;
    const auto s = analysed(shots);
    ASSERT_TRUE(s);
    ASSERT_EQ(notesOf(*s, SeriesFlaw::statedDiffers), 1u);
    EXPECT_EQ(s->notes[0].frame, shots[1].reading.framePath);
    EXPECT_NEAR(s->profiles[0].steps[1].stops - s->profiles[0].steps[2].stops, -1, 0.03)
        << "the chart counts";
}

TEST(SeriesFlaws, AnotherLightAndAnotherSceneAreLeftOut) {
    Recorder warm;
    warm.body = test::trialBodies()[0];
    warm.stopsToClipping = 2.8;
    warm.light = "a";
    auto shots = plain(kStops);
    shots[3].reading = test::recorded(warm, chart(), -1, 900, 5);
    shots[3].reading.framePath = "warm";
    auto s = analysed(shots);
    ASSERT_TRUE(s);
    EXPECT_EQ(notesOf(*s, SeriesFlaw::lightChanged) + notesOf(*s, SeriesFlaw::otherScene), 1u);
    EXPECT_EQ(s->profiles[0].steps.size(), kStops.size() - 1);

    shots = plain(kStops);
    for (std::size_t i = 0; i < shots[5].reading.patches.size(); i += 2)
        shots[5].reading.patches[i].rgb *= 0.6;  // half the chart in a shadow
    s = analysed(shots);
    ASSERT_TRUE(s);
    EXPECT_EQ(notesOf(*s, SeriesFlaw::otherScene), 1u);

    shots = plain(kStops);
    shots[0].reading.chart = *io::chartByNameOrPath("fen-48");
    s = analysed(shots);
    ASSERT_TRUE(s);
    EXPECT_EQ(notesOf(*s, SeriesFlaw::otherChart), 1u);
}

// Pictures with a look do not decode to the light of the scene.
TEST(SeriesTrial, StepsOfPicturesFollowFromTheirGreysAlone) {
    Recorder r;
    r.body = test::trialBodies()[0];
    r.curve = Encoding::srgb;
    r.bits = 8;
    r.stopsToClipping = 2.6;
    r.gammas = {1.35, 1.35, 1.35};
    std::vector<SeriesShot> shots = test::seriesOf(r, chart(), std::vector<double>{-2, -1, 0, 1}, false, 3);
    std::vector<const Reading*> readings;
    for (const SeriesShot& s : shots) readings.push_back(&s.reading);
    const auto told = stepsByGreys(readings);
    ASSERT_TRUE(told);
    for (std::size_t k = 0; k < shots.size(); ++k)
        EXPECT_NEAR(told->stops[k] - told->stops[0], static_cast<double>(k), 0.06) << k;
}

TEST(SeriesTrial, ProfilesAreComparedAndTheNearestIsNamed) {
    Recorder linear = recorders()[0], log = recorders()[1];
    auto shots = test::seriesOf(linear, chart(), std::vector<double>{-1, 0, 1}, true, 3);
    for (SeriesShot& s : shots) s.profile = "raw";
    log.body.readNoiseElectrons *= 4;
    for (SeriesShot& s : test::seriesOf(log, chart(), std::vector<double>{-1, 0, 1}, true, 9)) {
        s.profile = "log";
        s.reading.framePath += "b";
        shots.push_back(s);
    }
    const auto s = analysed(shots);
    ASSERT_TRUE(s);
    ASSERT_EQ(s->profiles.size(), 2u);
    ASSERT_EQ(s->pairs.size(), 1u);
    ASSERT_TRUE(s->pairs[0].left) << s->pairs[0].why;
    EXPECT_LT(*s->pairs[0].left, *s->pairs[0].before);
    EXPECT_GT(s->pairs[0].noiseStops, 0) << "the second is noisier";
}

// Other limits are another look at the same measurements.
TEST(SeriesTrial, JudgedAnewIsAsMeasuredAnew) {
    const auto shots = test::seriesOf(recorders()[1], chart(), kStops, true, 3);
    SeriesOptions strict;
    strict.limits.drift = 0.7;
    strict.limits.signalToNoise = 4;
    strict.limits.headroomStops = 0.5;
    const auto loose = analysed(shots), anew = analysed(shots, strict);
    ASSERT_TRUE(loose && anew);
    const Series judged = judgedBy(*loose, shots, strict.limits);
    EXPECT_EQ(judged.limits, strict.limits);
    const SeriesProfile &a = judged.profiles[0], &b = anew->profiles[0];
    EXPECT_DOUBLE_EQ(a.usableLow, b.usableLow);
    EXPECT_DOUBLE_EQ(a.usableHigh, b.usableHigh);
    EXPECT_DOUBLE_EQ(a.bestOffset, b.bestOffset);
    ASSERT_TRUE(a.range && b.range);
    EXPECT_DOUBLE_EQ(a.range->stops, b.range->stops);
    EXPECT_LT(a.usableHigh - a.usableLow, loose->profiles[0].usableHigh - loose->profiles[0].usableLow);
}

}  // namespace
}  // namespace refero
