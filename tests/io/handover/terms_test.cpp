// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What files for others say of their own terms, and that they keep to them: read back by other engines.
#include <OpenColorIO/OpenColorIO.h>
#include <gtest/gtest.h>
#include <lcms2.h>

#include <cmath>

#include "core/colour/adaptation.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "io/batch/output_profile.h"
#include "io/handover/built.h"
#include "io/handover/carried.h"
#include "io/handover/handover.h"
#include "support/temporary.h"

namespace refero {
namespace {

namespace ocio = OCIO_NAMESPACE;
using test::bending;
using test::contentOf;
using test::correction;
using test::TemporaryFolder;

using Profile = std::unique_ptr<void, int (*)(void*)>;
Profile profileIn(const std::string& bytes) {
    return {cmsOpenProfileFromMem(bytes.data(), static_cast<cmsUInt32Number>(bytes.size())),
            &cmsCloseProfile};
}

// Little CMS on the patches: what the profile makes of `fed`, against the Lab that the correction states.
double worstThrough(const std::string& bytes, const Correction& c,
                    const std::function<Vector3(const Vector3&)>& fed, double levelStops = 0) {
    const Profile profile = profileIn(bytes), lab{cmsCreateLab4Profile(nullptr), &cmsCloseProfile};
    const auto transform =
        cmsCreateTransform(profile.get(), TYPE_RGB_DBL, lab.get(), TYPE_Lab_DBL, INTENT_RELATIVE_COLORIMETRIC,
                           cmsFLAGS_NOOPTIMIZE | cmsFLAGS_NOCACHE);
    double worst = 0;
    for (const PatchResult& p : c.patches) {
        const Vector3 in = fed(p.rgb);
        if (in.maxCoeff() > 1) continue;
        double out[3];
        cmsDoTransform(transform, in.data(), out, 1);
        const Vector3 expected = c.toXyzD50(p.rgb).vector() * std::exp2(levelStops);
        worst = std::max(
            worst, ciede2000(toLab(Xyz::from(expected), white::d50), {out[0], out[1], out[2], white::d50}));
    }
    cmsDeleteTransform(transform);
    return worst;
}

Vector3 asDeveloped(const Vector3& rgb, const Correction& c) {
    const Vector3 n = c.gains.cwiseInverse();
    return rgb.cwiseQuotient(n / n.maxCoeff());
}

TEST(Terms, OfAnIccProfileAreWhatARawDeveloperFeedsUnlessSaidOtherwise) {
    const TemporaryFolder folder;
    for (const Correction* c : {&correction(), &bending()}) {
        const auto developed = [&](const Vector3& rgb) { return asDeveloped(rgb, *c); };
        const auto recorded = [](const Vector3& rgb) { return rgb; };
        io::ExportOptions o;
        o.format = io::Format::icc;
        const auto balanced = io::exportCorrection(*c, folder / "b.icc", o);
        ASSERT_TRUE(balanced) << balanced.error().message;
        EXPECT_NE(balanced->feed.find("balanced on a grey"), std::string::npos) << balanced->feed;
        EXPECT_LT(worstThrough(contentOf(folder / "b.icc"), *c, developed), 0.6);
        EXPECT_GT(worstThrough(contentOf(folder / "b.icc"), *c, recorded), 5) << "it is not for those";
        o.input = io::ProfileInput::asRecorded;
        const auto plain = io::exportCorrection(*c, folder / "r.icc", o);
        ASSERT_TRUE(plain) << plain.error().message;
        EXPECT_NE(plain->feed.find("as recorded"), std::string::npos);
        EXPECT_LT(worstThrough(contentOf(folder / "r.icc"), *c, recorded), 0.6);
        o.input = io::ProfileInput::balanced;
        o.keepLevel = true;
        const auto level = io::exportCorrection(*c, folder / "k.icc", o);
        ASSERT_TRUE(level);
        EXPECT_NE(level->feed.find("level stays"), std::string::npos);
        const double stops = -std::log2(c->level * c->gains.minCoeff());
        EXPECT_LT(worstThrough(contentOf(folder / "k.icc"), *c, developed, stops), 0.6);
    }
}

TEST(Terms, AProfileForTwoLightsHasNoLevelWhereTheShotsDiffer) {
    const TemporaryFolder folder;
    Correction warm = correction();
    warm.gains = {0.7, 1, 2.2};
    warm.level *= 2;  // shot a stop darker
    io::ExportOptions o;
    o.format = io::Format::dcp;
    o.second = warm;
    const auto done = io::exportCorrection(correction(), folder / "two.dcp", o);
    ASSERT_TRUE(done) << done.error().message;
    EXPECT_NE(done->feed.find("level stays"), std::string::npos) << done->feed;
    bool said = false;
    for (const std::string& sentence : done->foreseen.lost)
        said |= sentence.find("exposed differently") != sentence.npos;
    EXPECT_TRUE(said);
    EXPECT_LT(done->foreseen.largest, 3) << "no figure is hidden behind an exposure";
    warm.level = correction().level * correction().gains.minCoeff() / warm.gains.minCoeff();
    o.second = warm;
    const auto same = io::exportCorrection(correction(), folder / "same.dcp", o);
    ASSERT_TRUE(same);
    EXPECT_NE(same->feed.find("brought to its reference"), std::string::npos);
}

TEST(Terms, AProfileIsFoundByTheBodysOwnNameInADng) {
    const TemporaryFolder folder;
    Correction c = correction();
    c.body = "Heron";
    c.uniqueModel = "Heron Works H1";
    io::ExportOptions o;
    o.format = io::Format::dcp;
    ASSERT_TRUE(io::exportCorrection(c, folder / "a.dcp", o));
    EXPECT_NE(contentOf(folder / "a.dcp").find("Heron Works H1"), std::string::npos);
}

// ISO 15076-1, 9.2.15: chad takes the display's white to D50; Little CMS reads it.
TEST(Terms, EmbeddedProfilesSayHowTheirWhiteCameToD50) {
    for (const OutputSpace s :
         {OutputSpace::srgb, OutputSpace::bt1886, OutputSpace::p3dci, OutputSpace::oprgb}) {
        const auto bytes = io::outputProfile(s);
        ASSERT_TRUE(bytes) << info(s).name;
        const Profile p = profileIn(*bytes);
        const auto* chad = static_cast<const cmsCIEXYZ*>(cmsReadTag(p.get(), cmsSigChromaticAdaptationTag));
        ASSERT_TRUE(chad) << info(s).name;
        const Vector3 white = whiteXyz(info(s).primaries->white).vector();
        const Vector3 brought(Vector3(chad[0].X, chad[0].Y, chad[0].Z).dot(white),
                              Vector3(chad[1].X, chad[1].Y, chad[1].Z).dot(white),
                              Vector3(chad[2].X, chad[2].Y, chad[2].Z).dot(white));
        EXPECT_LT((brought - whiteXyz(white::d50).vector()).norm(), 5e-4) << info(s).name;
    }
    EXPECT_FALSE(io::outputProfile(OutputSpace::rec2100pq)) << "a profile ends just above white";
}

TEST(Terms, TransformsAreNamedByWhatTheyHold) {
    const TemporaryFolder folder;
    io::ExportOptions o;
    o.format = io::Format::clf;
    const auto idOf = [&](const Correction& c, const char* file) {
        EXPECT_TRUE(io::exportCorrection(c, folder / file, o));
        const std::string text = contentOf(folder / file);
        const auto at = text.find(" id=\"") + 5;
        return text.substr(at, text.find('"', at) - at);
    };
    const std::string a = idOf(correction(), "a.clf"), again = idOf(correction(), "c.clf"),
                      b = idOf(bending(), "b.clf");
    EXPECT_EQ(a, again);
    EXPECT_NE(a, b);
    EXPECT_NE(a, "refero");
}

// OpenColorIO's documentation, "Roles": what other configurations are met by, and a logarithmic space for
// grading.
TEST(Terms, OfAConfigurationHaveTheRolesThatOthersMeetItBy) {
    const TemporaryFolder folder;
    io::ExportOptions o;
    o.format = io::Format::ocio;
    ASSERT_TRUE(io::exportCorrection(correction(), folder / "a.ocio", o));
    const auto config = ocio::Config::CreateFromFile((folder / "a.ocio").c_str());
    EXPECT_STREQ(config->getColorSpace("aces_interchange")->getName(), "ACES2065-1");
    EXPECT_EQ(config->getColorSpace("cie_xyz_d65_interchange")->getReferenceSpaceType(),
              ocio::REFERENCE_SPACE_DISPLAY);
    EXPECT_STREQ(config->getColorSpace("color_timing")->getEncoding(), "log");
    EXPECT_STREQ(config->getColorSpace("compositing_log")->getEncoding(), "log");
    // Academy S-2014-004: AP1's white is AP0's; and ACEScct's mid-grey is 0.4135884 (S-2016-001).
    const auto through = [&](const char* from, const char* to, float v) {
        float rgb[3] = {v, v, v};
        config->getProcessor(from, to)->getDefaultCPUProcessor()->applyRGB(rgb);
        return rgb[1];
    };
    EXPECT_NEAR(through("scene_linear", "aces_interchange", 0.18f), 0.18, 1e-4);
    EXPECT_NEAR(through("scene_linear", "compositing_log", 0.18f), 0.4135884, 1e-4);
    EXPECT_NEAR(through("scene_linear", "cie_xyz_d65_interchange", 1.0f), 1, 1e-4) << "Y of white";
}

TEST(Terms, OfALutForVideoRangeAreThatOfBt709) {
    const TemporaryFolder folder;
    io::ExportOptions o;
    o.encoding = Encoding::srgb;
    o.space = OutputSpace::rec709;
    const auto run = [&](const char* file, float v) {
        const auto transform = ocio::FileTransform::Create();
        transform->setSrc((folder / file).c_str());
        transform->setInterpolation(ocio::INTERP_TETRAHEDRAL);
        float rgb[3] = {v, v, v};
        ocio::Config::CreateRaw()->getProcessor(transform)->getDefaultCPUProcessor()->applyRGB(rgb);
        return Vector3(rgb[0], rgb[1], rgb[2]);
    };
    ASSERT_TRUE(io::exportCorrection(correction(), folder / "full.cube", o));
    o.videoRange = true;
    const auto video = io::exportCorrection(correction(), folder / "video.cube", o);
    ASSERT_TRUE(video) << video.error().message;
    EXPECT_NE(contentOf(folder / "video.cube").find("video range"), std::string::npos);
    for (const double v : {0.1, 0.35, 0.6}) {
        // ITU-R BT.709-6, item 5.7: black at 64 and white at 940 of 10 bits.
        const Vector3 full = run("full.cube", float(v)), in = run("video.cube", float((64 + 876 * v) / 1023));
        for (int k = 0; k < 3; ++k) EXPECT_NEAR((1023 * in(k)-64) / 876, full(k), 0.004) << v;
    }
    o.format = io::Format::clf;
    EXPECT_FALSE(io::exportCorrection(correction(), folder / "x.clf", o));
}

TEST(Terms, BlackOfAPolishedLutIsBlack) {
    const TemporaryFolder folder;
    for (const Correction* c : {&correction(), &bending()}) {
        ASSERT_TRUE(io::exportCorrection(*c, folder / "a.cube", {}));
        const std::string text = contentOf(folder / "a.cube");
        const auto first = text.find("DOMAIN_MAX 1 1 1\n") + 17;
        EXPECT_EQ(text.substr(first, 26), "0.000000 0.000000 0.000000");
    }
}

TEST(Terms, NoLutHasMoreThan65PointsUnlessAskedFor) {
    const TemporaryFolder folder;
    const auto done = io::exportCorrection(bending(), folder / "a.cube", {});
    ASSERT_TRUE(done);
    EXPECT_LE(done->size, 65);
    io::ExportOptions o;
    o.size = 97;
    EXPECT_EQ(io::exportCorrection(bending(), folder / "b.cube", o)->size, 97);
}

// Each output through the display's own curve, by OpenColorIO and its own transforms: the chart must look as
// the correction says. Gammas of BT.1886, SMPTE RP 431-2 and IEC 61966-2-5.
TEST(Terms, OutputsForDisplaysAreShownAsTheyAreMeant) {
    const TemporaryFolder folder;
    for (const auto& [space, gamma] : {std::pair{OutputSpace::bt1886, 2.4},
                                       {OutputSpace::p3d65, 2.6},
                                       {OutputSpace::p3dci, 2.6},
                                       {OutputSpace::oprgb, 563.0 / 256}}) {
        io::ExportOptions o;
        o.space = space;
        const auto done = io::exportCorrection(correction(), folder / "a.cube", o);
        ASSERT_TRUE(done) << done.error().message;
        const auto lut = ocio::FileTransform::Create();
        lut->setSrc((folder / "a.cube").c_str());
        lut->setInterpolation(ocio::INTERP_TETRAHEDRAL);
        const auto power = ocio::ExponentTransform::Create();
        const double g[4] = {gamma, gamma, gamma, 1};
        power->setValue(g);
        const auto group = ocio::GroupTransform::Create();
        group->appendTransform(lut);
        group->appendTransform(power);
        const auto cpu = ocio::Config::CreateRaw()->getProcessor(group)->getDefaultCPUProcessor();
        const Matrix3 toXyz = rgbToXyzD50(*info(space).primaries);
        double worst = 0;
        for (const PatchResult& p : correction().patches) {
            float v[3];
            for (int k = 0; k < 3; ++k) v[k] = static_cast<float>(encode(Encoding::srgb, p.rgb(k)));
            cpu->applyRGB(v);
            const Vector3 linear(v[0], v[1], v[2]);
            if (linear.minCoeff() < 0.001 || linear.maxCoeff() > 0.99) continue;  // outside the gamut
            worst = std::max(
                worst, ciede2000(correction().toLab(p.rgb), toLab(Xyz::from(toXyz * linear), white::d50)));
        }
        EXPECT_LT(worst, io::kProofLimit) << info(space).name;  // what a LUT may be off between its points
    }
}

}  // namespace
}  // namespace refero
