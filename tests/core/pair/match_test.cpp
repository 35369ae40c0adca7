// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/match.h"

#include <gtest/gtest.h>

#include "core/colour/difference.h"
#include "core/grade/recipe.h"
#include "core/pair/made_up.h"
#include "core/render/render.h"

namespace refero {
namespace {

using test::madeUpReading;

Vector3 contrasty(const Vector3& rgb) {
    return Vector3(rgb.array().max(0).pow(1.25)).cwiseProduct(Vector3(1.04, 1, 0.93));
}

Vector3 flat(const Vector3& rgb) {
    Matrix3 m;
    m << 0.85, 0.1, 0.05, 0.06, 0.88, 0.06, 0.04, 0.12, 0.84;
    return Vector3((m * rgb).array().max(0).pow(0.9) * 0.8).cwiseProduct(Vector3(0.95, 1, 1.08));
}

class Matching : public testing::Test {
  protected:
    Reading a = madeUpReading("a.jpg", "A", Encoding::srgb, contrasty),
            b = madeUpReading("b.jpg", "B", Encoding::srgb, flat);
    Result<Match> match(const MatchOptions& options = {}) { return matched({a}, std::span(&b, 1), options); }
};

TEST_F(Matching, BringsPicturesTogetherStepByStep) {
    const auto m = match();
    ASSERT_TRUE(m) << m.error().message;
    EXPECT_EQ(m->correction.aim.framePath, "a.jpg");
    EXPECT_GT(m->correction.summary.before.mean, 5);
    EXPECT_LT(m->correction.summary.after.mean, 0.6);
    ASSERT_EQ(m->steps.size(), kPairSteps + 1);
    // Balance and level do for greys what they can, contrast the rest.
    EXPECT_LT(*m->steps[1].neutral, *m->steps[0].neutral);
    const Lab levelled = m->stepwise->patches(stepsUpTo(1))[3].after;
    EXPECT_NEAR(levelled.L, m->correction.patches[3].reference.L, 1.5) << "mid-grey, by its level";
    EXPECT_LT(*m->steps[3].neutral, 0.6);
    EXPECT_LT(*m->steps[4].skin, 0.6 * *m->steps[3].skin);
    // Each hue is done by its own step.
    for (std::size_t k = 0; k < kRecipeSectors.size(); ++k) {
        if (!m->steps[5 + k].hues[k]) continue;
        EXPECT_LE(*m->steps.back().hues[k], 1.0) << kRecipeSectors[k].letters;
    }
    EXPECT_NEAR(m->steps.back().mean, m->correction.summary.after.mean, 1e-9);
}

TEST_F(Matching, IsACorrectionLikeAnyOther) {
    const auto m = match();
    ASSERT_TRUE(m);
    ASSERT_TRUE(m->correction.look);
    const Rendering exact = compile(m->correction, OutputSpace::srgb);
    for (std::size_t i = 0; i < b.patches.size(); ++i) {
        // In A's space it gives what A has.
        const Vector3 stored = rendered(b.patches[i].rgb, exact);
        const Vector3 wanted = a.patches[i].rgb.unaryExpr([](double v) { return encode(Encoding::srgb, v); });
        EXPECT_LT((stored - wanted).cwiseAbs().maxCoeff(), 0.03) << b.patches[i].id;
        // The fast path is the definition.
        const float in[3] = {float(b.patches[i].rgb.x()), float(b.patches[i].rgb.y()),
                             float(b.patches[i].rgb.z())};
        float out[3];
        render(in, out, exact);
        for (int c = 0; c < 3; ++c) EXPECT_NEAR(out[c], stored(c), 2e-4);
    }
}

TEST_F(Matching, AStepThatIsHeldBackLeavesWhatItWouldHaveDone) {
    MatchOptions o;
    o.held[*pairStepById("balance")] = true;
    const auto held = match(o);
    ASSERT_TRUE(held) << held.error().message;
    EXPECT_EQ(held->correction.aim.heldBack, std::vector<std::string>{"balance"});
    // Greys keep the follower's own cast, bluer than its light's, and get the leader's contrast.
    const PatchResult& grey = held->correction.patches[3];
    EXPECT_NEAR(grey.after.L, grey.reference.L, 1.0);
    EXPECT_LT(grey.after.b, -2);
    EXPECT_GT(grey.reference.b, 1);

    MatchOptions contrast;
    contrast.held[*pairStepById("contrast")] = true;
    const auto own = match(contrast);
    ASSERT_TRUE(own);
    const auto& p = own->correction.patches;
    // Mid-grey meets, the ends do not: the follower's contrast is lower.
    EXPECT_GT(p[5].after.L, p[5].reference.L + 2);
    EXPECT_LT(p[0].after.L, p[0].reference.L + 3);
}

TEST_F(Matching, StopsWhereItIsTold) {
    MatchOptions o;
    o.stopAfter = *pairStepById("contrast");
    const auto m = match(o);
    ASSERT_TRUE(m);
    EXPECT_EQ(m->correction.aim.heldBack.size(), kPairSteps - 3);
    const auto whole = match();
    double greys = 0, colours = 0, wholeColours = 0;
    for (std::size_t i = 0; i < m->correction.patches.size(); ++i) {
        if (i < 6)
            greys = std::max(greys, m->correction.patches[i].differenceAfter);
        else
            colours += m->correction.patches[i].differenceAfter,
                wholeColours += whole->correction.patches[i].differenceAfter;
    }
    EXPECT_LT(greys, 1.5);
    EXPECT_GT(colours, 2 * wholeColours);
    EXPECT_FALSE(pairStepById("nose"));
}

TEST_F(Matching, AColourMarkedInBothPicturesCounts) {
    // A curtain that B sees unlike any patch, and what A shows of it.
    const Vector3 inB(0.12, 0.3, 0.25);
    const Lab inA{55, -30, 5, white::d50};
    MatchOptions o;
    o.fit.model = Model::lattice;
    const auto without = match(o);
    o.fit.known.push_back({"curtain", "b2.jpg", inB, {1e-4, 1e-4, 1e-4}, 1000, inA, 50});
    const auto with = match(o);
    ASSERT_TRUE(with) << with.error().message;
    EXPECT_LT(ciede2000(inA, with->correction.toLab(inB)),
              0.6 * ciede2000(inA, without->correction.toLab(inB)));
}

// The recipe's goal is the leader's picture, and hands that set what it says get what it says.
TEST_F(Matching, TheRecipeTowardsTheLeaderKeepsItsPromise) {
    const auto m = match();
    ASSERT_TRUE(m);
    const auto recipe = recipeFor(m->correction);
    ASSERT_TRUE(recipe) << recipe.error().message;
    double sum = 0, apart = 0;
    for (const PatchResult& p : m->correction.patches) {
        sum += ciede2000(m->correction.toLab(p.rgb), carriedOut(p.rgb, recipe->settings));
        apart += ciede2000(p.reference, carriedOut(p.rgb, recipe->settings));
    }
    const auto n = static_cast<double>(m->correction.patches.size());
    EXPECT_NEAR(sum / n, recipe->left, 0.02);
    EXPECT_LT(apart / n, 0.5 * m->correction.summary.before.mean)
        << "and it is the leader that they come near";
    for (std::size_t k = 1; k < recipe->steps.size(); ++k)
        EXPECT_LE(recipe->steps[k].left, recipe->start + 1e-9) << recipe->steps[k].name;
}

TEST_F(Matching, OneFrameOnBothSidesIsRefused) {
    b.framePath = a.framePath;
    const auto m = match();
    ASSERT_FALSE(m);
    EXPECT_NE(m.error().message.find("both sides"), std::string::npos);
    EXPECT_FALSE(matched({a}, {}, {}));
}

TEST(LightDifference, IsToldOfPicturesAndOfOneModel) {
    const auto as = [](const Vector3& gain) {
        return [gain](const Vector3& v) { return Vector3(v.cwiseProduct(gain)); };
    };
    const Reading a = madeUpReading("a.jpg", "A", Encoding::srgb, as({0.5, 0.5, 0.5}));
    const auto darker =
        lightDifference(a, madeUpReading("b.jpg", "B", Encoding::srgb, as({0.25, 0.25, 0.25})));
    EXPECT_TRUE(darker.asShown);
    EXPECT_NEAR(darker.stops, -1, 0.02);
    ASSERT_TRUE(darker.mired);
    EXPECT_NEAR(*darker.mired, 0, 0.5);
    const auto warmer = lightDifference(a, madeUpReading("b.jpg", "B", Encoding::srgb, as({0.6, 0.5, 0.35})));
    EXPECT_GT(*warmer.mired, 30);
    const Reading raw = madeUpReading("a.dng", "A", Encoding::linear, as({0.3, 0.5, 0.4}));
    EXPECT_FALSE(
        lightDifference(raw, madeUpReading("b.dng", "B", Encoding::linear, as({0.4, 0.5, 0.3}))).mired)
        << "two sensors";
    const auto moved =
        lightDifference(raw, madeUpReading("c.dng", "A", Encoding::linear, as({0.3, 0.4, 0.25})));
    ASSERT_TRUE(moved.mired);
    EXPECT_GT(*moved.mired, 10);
    EXPECT_NEAR(moved.stops, std::log2(0.4 / 0.5), 0.05);
}

}  // namespace
}  // namespace refero
