// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What to set in a camera: against lights whose temperature CIE 15 states, and arithmetic by hand.
#include "core/read/camera_settings.h"

#include <gtest/gtest.h>

#include <Eigen/LU>

#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"
#include "sim/body.h"

namespace refero {
namespace {

Spectrum flat() {
    Spectrum s;
    s.values.fill(1);
    return s;
}

// A camera whose channels are a matrix of X, Y and Z: what it sees of white tells the light exactly.
const Matrix3 kExact = (Matrix3() << 0.9, 0.2, -0.1, -0.4, 1.3, 0.1, 0.05, -0.1, 0.8).finished();

Vector3 exactWhite(const Spectrum& light) {
    const Xyz w = lightXyz(light);
    return kExact * Vector3(w.x, w.y, w.z) / w.y;
}

// CIE 15: illuminant A is 2856 K and on the locus; D65 has a correlated temperature of 6504 K, Duv 0.0032.
TEST(CameraBalance, TellsTheTemperaturesThatCieStates) {
    const auto a = balanceOf(exactWhite(*illuminantByName("a")), kExact);
    ASSERT_TRUE(a) << a.error().message;
    EXPECT_NEAR(a->kelvin, 2856, 3);
    EXPECT_NEAR(a->duv, 0, 0.0002);
    const auto d65 = balanceOf(exactWhite(*illuminantByName("d65")), kExact);
    ASSERT_TRUE(d65);
    EXPECT_NEAR(d65->kelvin, 6504, 5);
    EXPECT_NEAR(d65->duv, 0.0032, 0.0002);
    EXPECT_FALSE(balanceOf(Vector3(0, 1, 1), kExact));
    EXPECT_FALSE(balanceOf(Vector3(1, 1, 1), Matrix3::Zero()));
    EXPECT_FALSE(balanceOf(Vector3(1, 20, 1), kExact)) << "no light is that green";
}

// A body whose dial says 4 % more mired and 9 on top, as no two makers agree: three frames tell it.
TEST(CameraBalance, LearnsABodysOwnScale) {
    const auto dial = [](double kelvin) { return 1e6 / (9 + 1.04 * 1e6 / kelvin); };
    std::vector<BalanceSample> samples;
    EXPECT_DOUBLE_EQ(balanceScale(samples).dialled(5000), 5000);
    samples.push_back({5000, dial(5000)});
    EXPECT_NEAR(balanceScale(samples).dialled(5000), dial(5000), 0.5);
    EXPECT_DOUBLE_EQ(balanceScale(samples).slope, 1) << "one frame does not turn it";
    samples.push_back({3200, dial(3200)});
    samples.push_back({7000, dial(7000)});
    for (const double k : {2900.0, 4300.0, 6500.0}) EXPECT_NEAR(balanceScale(samples).dialled(k), dial(k), 1);
    EXPECT_EQ(balanceScale(samples).samples, 3U);
}

TEST(CameraBalance, NamesAStoredOneWhereItIsNearAndTheLightIsNotTinted) {
    EXPECT_EQ(storedBalanceFor({5400, 0.001}), StoredBalance::daylight);
    EXPECT_EQ(storedBalanceFor({3050, 0}), StoredBalance::incandescent);
    EXPECT_FALSE(storedBalanceFor({2200, 0})) << "candles have none";
    EXPECT_FALSE(storedBalanceFor({5300, 0.012})) << "a green tube is not daylight";
}

// By hand: white (0.8, 1, 0.5) balanced for (0.5, 1, 0.8) has gains (2, 1, 1.25): red reaches 1.6.
TEST(CameraBalance, SaysByHowMuchTheHistogramIsMisled) {
    EXPECT_NEAR(histogramMisleads({0.8, 1, 0.5}, {0.5, 1, 0.8}), std::log2(1.6), 1e-12);
    EXPECT_NEAR(histogramMisleads({0.5, 1, 0.8}, {0.5, 1, 0.8}), 0, 1e-12) << "the right balance";
    const std::vector<Vector3> same{{0.5, 1, 0.8}, {0.5, 1, 0.8}}, other{{0.5, 1, 0.8}, {0.6, 1, 0.7}};
    EXPECT_DOUBLE_EQ(balanceWander(same), 0);
    EXPECT_GT(balanceWander(other), 15);
    EXPECT_EQ(thirdsOf(0.7), 2);
    EXPECT_EQ(thirdsOf(-1.05), -3);
}

// Sensors that are no matrix of X, Y and Z: by the matrix that a raw file would carry, daylight and lamps.
TEST(CameraBalance, IsNearForSimulatedBodiesAndNearerOnTheirOwnScale) {
    for (const sim::Body& body : sim::bodies()) {
        Eigen::Matrix<double, 3, Eigen::Dynamic> camera(3, Spectrum::size), xyz(3, Spectrum::size);
        for (std::size_t i = 0; i < Spectrum::size; ++i) {
            const auto at = static_cast<Eigen::Index>(i);
            for (std::size_t c = 0; c < 3; ++c)
                camera(static_cast<Eigen::Index>(c), at) = body.sensitivity[c][i];
            xyz.col(at) << cie1931().x[i], cie1931().y[i], cie1931().z[i];
        }
        const Matrix3 matrix = camera * xyz.transpose() * (xyz * xyz.transpose()).inverse();
        std::vector<BalanceSample> samples;
        const auto seen = [&](double kelvin) {
            const Spectrum light = *(kelvin < 4000 ? blackbody(kelvin) : daylight(kelvin));
            return balanceOf(sim::response(body, light, flat()), matrix);
        };
        for (const double k : {3000.0, 4500.0, 7500.0}) {
            const auto b = seen(k);
            ASSERT_TRUE(b) << body.id << " " << k;
            EXPECT_NEAR(1e6 / b->kelvin, 1e6 / k, 35) << body.id << " " << k << " K, in mired";
            samples.push_back({b->kelvin, k});
        }
        const BalanceScale scale = balanceScale(samples);
        for (const double k : {3400.0, 5500.0, 6500.0}) {
            const auto b = seen(k);
            ASSERT_TRUE(b);
            EXPECT_NEAR(1e6 / scale.dialled(b->kelvin), 1e6 / k, 8) << body.id << " " << k << " K, in mired";
        }
    }
}

}  // namespace
}  // namespace refero
