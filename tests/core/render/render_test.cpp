// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/render/render.h"

#include <gtest/gtest.h>

#include <Eigen/LU>
#include <cmath>
#include <limits>
#include <random>

#include "core/fit/correction.h"
#include "core/render/feed.h"

namespace refero {
namespace {

Rendering someRendering(Encoding e, int degree = 1) {
    RootPolynomial::Coefficients m(3, RootPolynomial::termCount(degree));
    m.setZero();
    m.leftCols<3>() << 1.7, -0.6, -0.1, -0.3, 1.5, -0.2, 0.05, -0.45, 1.4;
    for (Eigen::Index k = 3; k < m.cols(); ++k) {
        const double bend = 0.02 * static_cast<double>(k);
        m.col(k) << bend, -bend, 0.5 * bend;
    }
    return {{1.3, 1, 1.6}, RootPolynomial(degree, m), e};
}

// The fast path's only liberty: float arithmetic and the Log and Exp of Highway, together below a quarter of
// a 16-bit step.
constexpr double kQuarterStep = 0.25 / 65535;

// Near black these rise without bound, and float light is known to a ten-millionth only.
double steep(Encoding e) {
    return e == Encoding::gamma22 || e == Encoding::bt1886 ? 2e-5
           : e == Encoding::pq                             ? 2e-3
           : e == Encoding::cineon                         ? 2e-6
                                                           : 0;
}

TEST(Render, IsItsDefinitionForEveryEncodingAndLength) {
    std::mt19937 random(3);
    for (int i = 0; i < 3 * static_cast<int>(kEncodings.size()); ++i) {
        const Encoding e = kEncodings[static_cast<std::size_t>(i / 3)];
        const Rendering r = someRendering(e, 1 + i % 3);
        for (const std::size_t pixels : {1u, 2u, 7u, 8u, 16u, 31u, 1000u}) {
            std::vector<float> in(3 * pixels), out(3 * pixels, -9);
            for (float& v : in) v = static_cast<float>(random() / 4294967295.0 * 1.3 - 0.05);
            render(in, out, r);
            for (std::size_t p = 0; p < pixels; ++p) {
                const Vector3 expected = rendered({in[3 * p], in[3 * p + 1], in[3 * p + 2]}, r);
                for (std::size_t c = 0; c < 3; ++c) {
                    const double want = expected(static_cast<Eigen::Index>(c));
                    EXPECT_NEAR(out[3 * p + c], want, kQuarterStep * std::max(1.0, std::abs(want)) + steep(e))
                        << name(e) << ", degree " << 1 + i % 3;
                }
            }
        }
    }
}

// Every stage that a rendering can have, or not have.
Rendering inStages(int which, int degree) {
    Rendering r = someRendering(Encoding::linear, degree);
    // As XYZ, which is what a move is over.
    const Matrix3 toXyz = rgbToXyzD50(primaries::bt2020);
    r.colours = RootPolynomial(degree, toXyz * r.colours.coefficients());
    r.last = toXyz.inverse();
    if (which & 1) {
        GreyCurves curves;
        for (std::size_t c = 0; c < 3; ++c)
            curves[c] = RootCurve::sampled([&](double t) { return t + 0.05 * double(c + 1) * t * (1 - t); });
        r.curves = std::make_shared<const GreyCurves>(curves);
    }
    if (which & 2)
        r.lattice =
            std::make_shared<const ColourLattice>(ColourLattice::sampled([](const Vector3& u) -> Vector3 {
                return 0.1 * Vector3(u.y() - u.z(), u.z() - u.x(), std::sin(3 * (u.x() - u.y())));
            }));
    if (which & 4) {
        r.beforeTone = toXyz.inverse();
        r.tone = std::make_shared<const RootCurve>(
            RootCurve::sampled([](double t) { return t + 0.2 * t * (1 - t) * (t - 0.4); }));
        r.last.setIdentity();
    }
    return r;
}

TEST(Render, IsItsDefinitionWithEveryStage) {
    std::mt19937 random(8);
    for (int which = 1; which < 8; ++which)
        for (int degree = 1; degree <= 3; ++degree) {
            const Rendering r = inStages(which, degree);
            ASSERT_FALSE(r.isShort());
            for (const std::size_t pixels : {1u, 5u, 16u, 511u, 512u, 513u, 1700u}) {
                std::vector<float> in(3 * pixels), out(3 * pixels, -9);
                for (float& v : in) v = static_cast<float>(random() / 4294967295.0 * 1.4 - 0.1);
                render(in, out, r);
                for (std::size_t p = 0; p < pixels; ++p) {
                    const Vector3 expected = rendered({in[3 * p], in[3 * p + 1], in[3 * p + 2]}, r);
                    for (std::size_t c = 0; c < 3; ++c) {
                        const double want = expected(static_cast<Eigen::Index>(c));
                        ASSERT_NEAR(out[3 * p + c], want, 2e-5 * std::max(1.0, std::abs(want)))
                            << "stages " << which << ", degree " << degree << ", pixel " << p;
                    }
                }
            }
        }
}

TEST(Render, OfWhatIsNoNumberOrEndlessStaysInsideItsTables) {
    const float none = std::numeric_limits<float>::quiet_NaN(),
                endless = std::numeric_limits<float>::infinity();
    std::vector<float> in;
    for (const float a : {none, endless, -endless, 1e30f, -1e30f, 0.5f})
        for (const float b : {none, endless, -endless, 1e30f, 0.0f}) in.insert(in.end(), {a, b, 0.2f});
    const std::size_t spoilt = in.size();
    in.insert(in.end(), {0.1f, 0.2f, 0.3f});
    std::vector<float> out(in.size());
    const Rendering r = inStages(7, 2);
    render(in, out, r);
    const Vector3 expected = rendered({in[spoilt], in[spoilt + 1], in[spoilt + 2]}, r);
    for (std::size_t c = 0; c < 3; ++c)
        EXPECT_NEAR(out[spoilt + c], expected(static_cast<Eigen::Index>(c)), 2e-5)
            << "its neighbours spoil none";
}

TEST(Render, MayWorkInPlace) {
    std::vector<float> pixels{0.1f, 0.2f, 0.3f, 0.4f, 0.5f, 0.6f}, apart(6);
    const Rendering r = someRendering(Encoding::srgb);
    render(pixels, apart, r);
    render(pixels, pixels, r);
    EXPECT_EQ(pixels, apart);
}

TEST(Render, OfAWholeImageIsTheSameAsOfItsParts) {
    LinearImage image(313, 211);
    std::mt19937 random(5);
    for (float& v : image.values()) v = static_cast<float>(random() / 4294967295.0);
    const Rendering r = someRendering(Encoding::rec709);
    const EncodedImage whole = render(image, r);
    std::vector<float> row(3 * 313);
    for (const int y : {0, 100, 210}) {
        render({image.row(y), row.size()}, row, r);
        for (std::size_t i = 0; i < row.size(); ++i) EXPECT_EQ(row[i], whole.row(y)[i]);
    }
}

TEST(Compile, AddsTheFinishAndLeavesItOutWhenAsked) {
    Correction c;
    c.gains = {1.8, 1, 1.4};
    c.level = 1.2;
    c.colours = RootPolynomial(rgbToXyzD50(primaries::bt2020));
    c.finish = *finishByName("rounded");
    c.finish.warmthSteps = 2;
    const Vector3 camera(0.2, 0.3, 0.1);
    const Matrix3 toLinear = xyzD50ToLinear(OutputSpace::linearSrgb);
    const Vector3 plain = toLinear * c.toXyzD50(camera).vector();
    const Vector3 toned = toLinear * finished(c.toXyzD50(camera), compile(c.finish)).vector();
    EXPECT_NEAR((rendered(camera, compile(c, OutputSpace::linearSrgb)) - toned).norm(), 0, 1e-9);
    EXPECT_NEAR((rendered(camera, compile(c, OutputSpace::linearSrgb, {})) - plain).norm(), 0, 1e-9);
    c.finish.contrast = 0;  // no curve: all of it is one matrix
    EXPECT_TRUE(compile(c, OutputSpace::srgb).isShort());
    const Vector3 straight = toLinear * finished(c.toXyzD50(camera), compile(c.finish)).vector();
    EXPECT_NEAR((rendered(camera, compile(c, OutputSpace::linearSrgb)) - straight).norm(), 0, 1e-9);
}

TEST(Compile, TakesCurvesAndAMoveAlong) {
    Correction c;
    c.gains = {1.5, 1, 1.2};
    const Rendering stages = inStages(3, 1);
    c.greyCurves = *stages.curves;
    c.colours = Colours(RootPolynomial(rgbToXyzD50(primaries::bt2020)), ColourLattice(*stages.lattice));
    const Vector3 camera(0.2, 0.3, 0.4);
    EXPECT_NEAR((rendered(camera, compile(c, OutputSpace::xyzD50)) - c.toXyzD50(camera).vector()).norm(), 0,
                1e-9);
    EXPECT_FALSE(c.cameraToXyzD50()) << "no matrix holds it";
}

TEST(Compile, TakesWhiteToTheOutputsWhiteInEverySpace) {
    Correction c;
    c.gains = {1.8, 1, 1.4};
    c.level = 1.2;
    c.colours = RootPolynomial(rgbToXyzD50(primaries::bt2020));
    const Vector3 white = (c.gains * c.level).cwiseInverse();
    for (const OutputSpace s : kOutputSpaces) {
        const Vector3 out = rendered(white, compile(c, s));
        if (s == OutputSpace::xyzD50) {
            EXPECT_NEAR((out - whiteXyz(white::d50).vector()).norm(), 0, 1e-9);
            continue;
        }
        // Most have it at 1; PQ and HLG go on above it.
        const Vector3 one = encoded(s, Vector3::Constant(info(s).white));
        for (int k = 0; k < 3; ++k) EXPECT_NEAR(out(k), one(k), 1e-9) << info(s).name;
    }
}

TEST(FeedOfCorrections, PicturesGoByTheLightThatTheirDisplaysShow) {
    const auto feed = Feed::between(Encoding::rec709, Encoding::srgb);
    ASSERT_TRUE(feed);
    for (const double stored : {0.1, 0.4, 0.75, 0.95}) {
        // ITU-R BT.1886: what the display shows of the stored number; sRGB's numbers are display light.
        const Vector3 fed = (*feed)(Vector3::Constant(decode(Encoding::rec709, stored)));
        EXPECT_NEAR(fed.y(), std::pow(stored, 2.4), 1e-6);
    }
    // There and back, other primaries and HLG's system gamma too.
    const Vector3 colour(0.3, 0.12, 0.05);
    for (const Encoding other : {Encoding::rec709, Encoding::gamma22, Encoding::oprgb, Encoding::rec2020,
                                 Encoding::hlg, Encoding::pq}) {
        const auto there = Feed::between(Encoding::srgb, other), back = Feed::between(other, Encoding::srgb);
        ASSERT_TRUE(there && back);
        EXPECT_NEAR(((*back)((*there)(colour)) - colour).norm(), 0, 1e-5) << name(other);
        EXPECT_FALSE(there->changesNothing());
    }
}

TEST(FeedOfCorrections, LogCurvesMeetAtTheirWhiteAndOthersDoNotMeet) {
    LogCurve one, other;
    other.name = "other";
    other.linearSlope = 8;
    const Transfer a = *Transfer::fromLog(one), b = *Transfer::fromLog(other);
    const auto feed = Feed::between(a, b);
    ASSERT_TRUE(feed);
    EXPECT_NEAR((*feed)(Vector3::Constant(*nominalWhite(a))).y(), *nominalWhite(b), 1e-12);
    EXPECT_TRUE(Feed::between(a, a)->changesNothing());
    EXPECT_TRUE(Feed::between(Encoding::linear, Encoding::linear)->changesNothing());
    EXPECT_FALSE(Feed::between(a, Encoding::linear)) << "other primaries than the sensor's";
    EXPECT_FALSE(Feed::between(Encoding::srgb, Encoding::linear));
    EXPECT_FALSE(Feed::between(Encoding::linear, Encoding::rec709));
}

}  // namespace
}  // namespace refero
