// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/foreign/dcp_developer.h"

#include <gtest/gtest.h>

#include "support/csv.h"

namespace refero::io {
namespace {

// The profile of tests/reference/make_dcp_reference.mjs.
DcpProfile profile() {
    DcpProfile p;
    DcpProfile::Light warm, cool;
    warm.illuminant = 17;
    warm.colourMatrix << 0.92, -0.31, -0.08, -0.42, 1.21, 0.23, -0.03, 0.12, 0.58;
    warm.forwardMatrix << 0.61, 0.24, 0.1142, 0.22, 0.83, -0.05, 0.02, -0.16, 0.9649;
    cool.illuminant = 21;
    cool.colourMatrix << 0.81, -0.22, -0.09, -0.46, 1.27, 0.2, -0.08, 0.18, 0.66;
    cool.forwardMatrix << 0.57, 0.27, 0.1242, 0.25, 0.78, -0.03, 0.04, -0.12, 0.9049;
    for (int l = 0; l < 2; ++l) {
        std::vector<HueSatMap::Entry> entries;
        for (int v = 0; v < 2; ++v)
            for (int h = 0; h < 3; ++h)
                for (int s = 0; s < 2; ++s)
                    entries.push_back({float(s * (4 * h - 5 + 3 * l + 2 * v)),
                                       float(1 + s * 0.05 * (h - 1) + 0.02 * l),
                                       float(1 + s * (0.03 * v - 0.02 * h))});
        (l ? cool : warm).map = HueSatMap(3, 2, entries, 2);
    }
    p.lights = {warm, cool};
    p.look = HueSatMap(2, 2, {{0, 1, 1}, {6, 0.95f, 1.02f}, {0, 1, 1}, {-4, 1.05f, 0.98f}});
    p.baselineExposureOffset = 0.35;
    p.toneCurve = {{0, 0}, {0.1, 0.06}, {0.4, 0.45}, {1, 1}};
    return p;
}

// Published arithmetic: DNG specification 1.4, chapter 6, done again by an independent script.
TEST(DcpDeveloper, DoesWhatTheSpecificationSays) {
    const auto rows = test::textsOf("dcp_reference.csv");
    ASSERT_EQ(rows.size(), 18u);
    for (const auto& row : rows) {
        std::vector<double> v;
        for (const std::string& cell : row) v.push_back(std::stod(cell));
        const auto d = DcpDeveloper::of(profile(), {v[0], v[1], v[2]});
        ASSERT_TRUE(d);
        // The script takes the temperature by a formula that is good to some kelvin.
        EXPECT_NEAR(d->share(), v[6], 0.003);
        EXPECT_NEAR(d->kelvin(), v[7], 0.005 * v[7]);
        const Xyz xyz = d->developed({v[3], v[4], v[5]});
        EXPECT_NEAR(xyz.x, v[8], 0.0015);
        EXPECT_NEAR(xyz.y, v[9], 0.0015);
        EXPECT_NEAR(xyz.z, v[10], 0.0015);
    }
}

TEST(DcpDeveloper, WithoutAForwardMatrixTheNeutralIsWhite) {
    DcpProfile p = profile();
    for (auto& light : p.lights) {
        light.forward = false;
        light.map.reset();
    }
    p.look.reset();
    p.toneCurve.clear();
    p.baselineExposureOffset = 0;
    const auto d = DcpDeveloper::of(p, {0.52, 1, 0.5});
    ASSERT_TRUE(d);
    const Xyz white = d->developed({1, 1, 1});
    EXPECT_NEAR(white.x, 0.9642, 1e-3);
    EXPECT_NEAR(white.y, 1, 1e-9);
    EXPECT_NEAR(white.z, 0.8249, 1e-3);
}

TEST(DcpDeveloper, AMatrixWithoutAnInverseIsAnError) {
    DcpProfile p = profile();
    p.lights.resize(1);
    p.lights[0].colourMatrix.setZero();
    EXPECT_FALSE(DcpDeveloper::of(p, {0.5, 1, 0.5}));
    EXPECT_FALSE(DcpDeveloper::of(profile(), {0, 1, 0.5}));
}

}  // namespace
}  // namespace refero::io
