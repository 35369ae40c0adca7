// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/proof.h"

#include <gtest/gtest.h>

#include "core/colour/lab.h"
#include "core/render/render.h"
#include "io/json.h"
#include "support/temporary.h"

namespace refero {
namespace {

Correction simple() {
    Correction c;
    c.gains = {2, 1, 1.5};
    c.level = 1.1;
    c.colours = RootPolynomial(rgbToXyzD50(primaries::bt2020));
    PatchResult p;
    p.rgb = {0.2, 0.4, 0.3};
    c.patches.assign(24, p);
    return c;
}

io::RepresentablePart whole(const Correction& c) {
    return *io::representablePartOf(c, {});
}

TEST(ProofColours, AreTheSameEveryTimeAndWithinBothGamuts) {
    const Correction c = simple();
    const auto one = io::proofColours(c, OutputSpace::srgb), two = io::proofColours(c, OutputSpace::srgb);
    ASSERT_EQ(one.size(), 24u * 3 + 4000);
    for (std::size_t i = 0; i < one.size(); ++i) EXPECT_EQ(one[i], two[i]);
    Rendering linear = compile(c, OutputSpace::srgb);
    linear.encoding = Encoding::linear;
    for (std::size_t i = 72; i < one.size(); ++i) {
        EXPECT_GE(one[i].minCoeff(), 0) << "what a camera can record";
        EXPECT_LE(one[i].maxCoeff(), 1);
        const Vector3 out = rendered(one[i], linear);
        EXPECT_GE(out.minCoeff(), -1e-9) << "what the display can show";
        EXPECT_LE(out.maxCoeff(), 1 + 1e-9);
    }
}

TEST(Proof, NoticesAFileThatDoesSomethingElse) {
    const test::TemporaryFolder folder;
    const Correction c = simple();
    Correction other = c;
    other.gains.x() *= 1.05;
    const auto cube = io::Cube::sampled(other, {33, Encoding::srgb, OutputSpace::srgb});
    ASSERT_TRUE(cube);
    test::put(folder / "other.cube", cube->text(other));
    const auto proof = io::proveTransform(folder / "other.cube", whole(c));
    ASSERT_TRUE(proof);
    EXPECT_GT(proof->largest, 2 * io::kProofLimit) << "five per cent of red cannot pass";
    const auto right = io::proveTransform(folder / "other.cube", whole(other));
    EXPECT_LT(right->mean, proof->mean);
}

TEST(Proof, RefusesWhatTheEngineCannotRead) {
    const test::TemporaryFolder folder;
    test::put(folder / "a.cube", "LUT_3D_SIZE banana");
    test::put(folder / "a.icc", "not a profile");
    EXPECT_FALSE(io::proveTransform(folder / "a.cube", whole(simple())));
    EXPECT_FALSE(io::proveIcc(folder / "a.icc", whole(simple())));
    EXPECT_FALSE(io::proveIcc(folder / "none.icc", whole(simple())));
}

}  // namespace
}  // namespace refero
