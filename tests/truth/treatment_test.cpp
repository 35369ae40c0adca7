// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is done to a reading, held against what the virtual camera was told to do.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/fit/fit.h"
#include "core/read/average.h"
#include "core/read/balance.h"
#include "core/read/compare.h"
#include "core/read/grey_candidate.h"
#include "support/shots.h"

namespace refero {
namespace {

using test::about;
using test::plainShot;
using test::readingOf;
using test::take;
using test::verdictOf;

// Mean departure of the patches from the truth without unevenness, once levelled; share.
double errorOf(const Reading& r, const sim::Truth& truth) {
    std::vector<double> ratio;
    for (std::size_t i = 0; i < r.patches.size(); ++i)
        if (!r.patches[i].leftOut)
            ratio.push_back(std::log(r.patches[i].rgb.y() / truth.patches[i].even.y()));
    double mean = 0, sum = 0;
    for (const double v : ratio) mean += v / double(ratio.size());
    for (const double v : ratio) sum += std::abs(v - mean) / double(ratio.size());
    return sum;
}

TEST(LeftOut, AFingerNoLongerCounts) {
    sim::Shot shot = plainShot();
    shot.mishaps.fingers = {sim::Finger{{215, 160}, 80, 26}};
    const test::Taken t = take(shot);
    const auto with = readChart(t.image, t.chart, about(shot));
    ASSERT_TRUE(with) << with.error().message;
    EXPECT_NE(verdictOf(*with, "covered"), Verdict::pass);
    ReadOptions options;
    for (const Check& c : with->checks)
        if (c.id == "covered")
            for (const std::size_t i : c.evidence.patches)
                options.patches.push_back({t.chart.patches[i].id, {0, 0}, true});
    ASSERT_FALSE(options.patches.empty());
    const auto without = readChart(t.image, t.chart, about(shot), options);
    ASSERT_TRUE(without);
    EXPECT_EQ(verdictOf(*without, "byhand"), Verdict::pass);
    for (const Check& c : without->checks)
        if (c.id == "covered") {
            EXPECT_TRUE(c.evidence.patches.empty()) << "none that counts is covered";
        }
    // The correction from what is left is better for every patch that shows its colour.
    FitOptions asShot;  // what is covered is left out by itself otherwise
    asShot.asShot = true;
    const auto spoilt = fit(std::span(&*with, 1), asShot), saved = fit(std::span(&*without, 1), asShot);
    ASSERT_TRUE(spoilt && saved);
    double before = 0, after = 0;
    for (std::size_t i = 0; i < saved->patches.size(); ++i) {
        EXPECT_EQ(saved->patches[i].used, !without->patches[i].leftOut);
        if (!saved->patches[i].used) continue;
        before += spoilt->patches[i].differenceAfter;
        after += saved->patches[i].differenceAfter;
    }
    std::printf("the rest's sum of CIEDE2000 with a finger %.1f, left out %.1f\n", before, after);
    EXPECT_LT(after, before);
}

TEST(LeftOut, AGreyCountsInNoBalance) {
    sim::Shot shot = plainShot();
    const test::Taken t = take(shot);
    ReadOptions options;
    options.patches = {{"A1", {0, 0}, true}};
    const auto r = readChart(t.image, t.chart, about(shot), options);
    ASSERT_TRUE(r);
    const auto usable = usableNeutrals(*r);
    for (const std::size_t i : usable) EXPECT_NE(r->patches[i].id, "A1");
    EXPECT_EQ(usable.size() + 1, usableNeutrals(*readChart(t.image, t.chart, about(shot))).size());
}

TEST(MovedPatch, IsMeasuredWhereItWasPut) {
    sim::Shot shot = plainShot();
    shot.noise = false;
    const test::Taken t = take(shot);
    const auto plain = readChart(t.image, t.chart, about(shot));
    ASSERT_TRUE(plain);
    // Onto its neighbour: it then reads as that.
    const Patch &from = *t.chart.patch("B2"), &to = *t.chart.patch("B3");
    ReadOptions options;
    options.patches = {{"B2", to.centreMm - from.centreMm, false}};
    const auto moved = readChart(t.image, t.chart, about(shot), options);
    ASSERT_TRUE(moved);
    EXPECT_LT((moved->patch("B2")->rgb - plain->patch("B3")->rgb).norm(), 0.005);
    EXPECT_GT((moved->patch("B2")->rgb - plain->patch("B2")->rgb).norm(), 0.02);
    EXPECT_LT((moved->patch("B2")->centre - plain->patch("B3")->centre).norm(), 0.1);
}

TEST(Averaging, BringsThePatchesNearerToTheTruth) {
    sim::Shot shot = plainShot();
    shot.iso = 6400;
    shot.pose.coverage = 0.03;
    std::vector<Reading> all;
    sim::Truth truth;
    for (unsigned seed = 1; seed <= 6; ++seed) {
        shot.seed = seed;
        const test::Taken t = take(shot);
        const auto r = readChart(t.image, t.chart, about(shot));
        ASSERT_TRUE(r) << r.error().message;
        all.push_back(*r);
        truth = t.truth;
    }
    double alone = 0;
    for (const Reading& r : all) alone += errorOf(r, truth) / double(all.size());
    const auto mean = averaged(all);
    ASSERT_TRUE(mean);
    const double together = errorOf(*mean, truth);
    std::printf("error of one frame %.4f, of six %.4f\n", alone, together);
    // By the root of six, and no less than by half of that.
    EXPECT_LT(together, alone / std::sqrt(6.0) * 1.3);
    for (const AveragedFrame& f : mean->averaged)
        for (const std::string& id : f.outliers) ADD_FAILURE() << id;
}

TEST(FlatField, TakesLensAndLightOutOfTheChart) {
    sim::Shot shot = plainShot();
    shot.pose.coverage = 0.35;
    shot.falloffStops = 1;
    shot.vignettingStops = 1.5;
    const test::Taken t = take(shot);
    // A plain card in the same light: the truth's own loss over the frame, from a shot without chart or set.
    sim::Shot card = shot;
    card.chart.reset();
    card.set = sim::Set::plain;
    const test::Taken c = take(card);
    const auto field = FlatField::from(c.image);
    ASSERT_TRUE(field) << field.error().message;
    EXPECT_GT(field->cornerStops(), 0.8);
    ReadOptions options;
    options.flatField = &*field;
    const auto flat = readChart(t.image, t.chart, about(shot), options);
    const auto plain = readChart(t.image, t.chart, about(shot));
    ASSERT_TRUE(flat && plain);
    std::printf("uneven by %.4f, after the flat field by %.4f\n", errorOf(*plain, t.truth),
                errorOf(*flat, t.truth));
    EXPECT_GT(errorOf(*plain, t.truth), 0.05);
    EXPECT_LT(errorOf(*flat, t.truth), 0.015);
    ASSERT_TRUE(flat->light);
    EXPECT_LT(flat->light->rangeStops, 0.25 * plain->light->rangeStops) << "and the ground agrees";
    EXPECT_LT(verdictOf(*flat, "evenness"), verdictOf(*plain, "evenness"));
}

TEST(SubjectLight, AnotherLightIsNamedWithItsDirection) {
    sim::Shot shot = plainShot();
    shot.light = "led-5600";
    const auto chart = readingOf(shot);
    ASSERT_TRUE(chart);
    const auto held = [&](const char* light) {
        sim::Shot other = shot;
        other.light = light;
        other.seed = 9;
        Reading r = *chart;
        r.subjects = {{"subject.tif", whiteSeen(*readingOf(other)), true, "a chart"}};
        r.checks = judged(r);
        return *std::find_if(r.checks.begin(), r.checks.end(),
                             [](const Check& c) { return c.id == "light"; });
    };
    const Check same = held("led-5600"), warm = held("led-3000"), near = held("d55"), cold = held("d65");
    EXPECT_EQ(same.verdict, Verdict::pass) << same.reason;
    EXPECT_LT(same.value, 0.3);
    EXPECT_EQ(warm.verdict, Verdict::reshoot);
    EXPECT_NE(warm.reason.find("mired warmer"), std::string::npos) << warm.reason;
    EXPECT_NE(cold.reason.find("mired colder"), std::string::npos) << cold.reason;
    EXPECT_LT(near.value, warm.value);
    EXPECT_FALSE(warm.remedy.empty());
}

// What only looks like a grey card accuses nobody for certain.
TEST(SubjectLight, AnUncertainGreyIsOnlyToBeLookedAt) {
    Reading r = *readingOf(plainShot());
    const Vector3 white = whiteSeen(r);
    r.subjects = {
        {"subject.tif", white.cwiseProduct(Vector3(1.6, 1, 0.6)), false, "what looks like a grey card"}};
    EXPECT_EQ(
        [&] {
            r.checks = judged(r);
            return verdictOf(r, "light");
        }(),
        Verdict::review);
    // A certain one that agrees outweighs it.
    r.subjects.push_back({"other.tif", white, true, "what was marked as grey"});
    r.checks = judged(r);
    EXPECT_EQ(verdictOf(r, "light"), Verdict::pass);
}

const ReadingChange& changeOf(const std::vector<ReadingChange>& all, Moved what) {
    return *std::find_if(all.begin(), all.end(), [&](const ReadingChange& c) { return c.what == what; });
}

TEST(Comparison, NamesWhatMovedAndNothingElse) {
    const sim::Shot before = plainShot();
    const auto earlier = readingOf(before);
    ASSERT_TRUE(earlier);
    const auto after = [&](auto change) {
        sim::Shot shot = before;
        shot.seed = 77;
        change(shot);
        return *changesBetween(*earlier, *readingOf(shot));
    };
    const auto moved = [](const std::vector<ReadingChange>& all) {
        std::vector<Moved> out;
        for (const ReadingChange& c : all)
            if (c.noticeable) out.push_back(c.what);
        return out;
    };
    using List = std::vector<Moved>;
    const auto same = after([](sim::Shot&) {});
    EXPECT_EQ(moved(same), List{});
    EXPECT_EQ(inOneSentence(same), "Nothing moved.");
    const auto darker = after([](sim::Shot& s) { s.exposure = 0.75 / std::exp2(0.5); });
    EXPECT_EQ(moved(darker), List{Moved::level});
    EXPECT_NEAR(changeOf(darker, Moved::level).value, -0.5, 0.01);
    EXPECT_EQ(inOneSentence(darker), "Moved: level.");
    const auto soft = after([](sim::Shot& s) { s.blurPixels = 2; });
    EXPECT_EQ(moved(soft), List{Moved::focus});
    const auto uneven = after([](sim::Shot& s) { s.falloffStops = 2; });
    EXPECT_TRUE(changeOf(uneven, Moved::evenness).noticeable);
    EXPECT_FALSE(changeOf(uneven, Moved::focus).noticeable || changeOf(uneven, Moved::light).noticeable);
    const auto away = after([](sim::Shot& s) { s.pose.centre.x() = 0.62; });
    EXPECT_EQ(moved(away), List{Moved::place});
    const auto smaller = after([](sim::Shot& s) { s.pose.coverage = 0.10; });
    EXPECT_EQ(changeOf(smaller, Moved::size).value < -0.15, true) << "a third less area is 18 % less wide";
    EXPECT_FALSE(changesBetween(*earlier, Reading{}));
}

// Two daylights of CIE 015, whose colour temperatures are 5003 K and 6504 K: 199.9 and 153.8 mired.
TEST(Comparison, TellsTheLightInMired) {
    sim::Shot shot = plainShot();
    const auto d50 = readingOf(shot);
    shot.light = "d65";
    const auto d65 = readingOf(shot);
    ASSERT_TRUE(d50 && d65);
    const auto changes = changesBetween(*d50, *d65);
    ASSERT_TRUE(changes);
    const ReadingChange& light = changeOf(*changes, Moved::light);
    EXPECT_TRUE(light.noticeable);
    EXPECT_NE(light.words.find("colder"), std::string::npos) << light.words;
    EXPECT_NEAR(light.value, 153.8 - 199.9, 5);
}

}  // namespace
}  // namespace refero
