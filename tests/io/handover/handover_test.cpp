// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/handover.h"

#include <OpenColorIO/OpenColorIO.h>
#include <gtest/gtest.h>
#include <lcms2.h>

#include <cmath>
#include <functional>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/fit/fit.h"
#include "core/render/render.h"
#include "io/correction_file.h"
#include "io/handover/built.h"
#include "io/handover/cube_file.h"
#include "io/handover/proof.h"
#include "io/icc/icc_file.h"
#include "io/reading_file.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

namespace ocio = OCIO_NAMESPACE;
using test::bending;
using test::contentOf;
using test::correction;
using test::reading;
using test::TemporaryFolder;

TEST(Handover, OfALutIsProvedByOpenColorIO) {
    const TemporaryFolder folder;
    const auto done = io::exportCorrection(correction(), folder / "a.cube", {});
    ASSERT_TRUE(done) << done.error().message;
    EXPECT_NE(done->proof.engine.find("OpenColorIO"), std::string::npos);
    EXPECT_GT(done->proof.colours, 4000u);
    EXPECT_LE(done->proof.largest, io::kProofLimit);
    EXPECT_GT(done->proof.largest, 0) << "interpolation is never exact";
    EXPECT_EQ(done->encoding, Encoding::srgb) << "linear light would be too coarse a feed";
    const std::string text = contentOf(folder / "a.cube");
    EXPECT_NE(text.find("encoded as srgb"), std::string::npos) << "the header says what to feed it";
    EXPECT_NE(text.find("LUT_3D_SIZE " + std::to_string(done->size)), std::string::npos);
    EXPECT_EQ(folder.files(), 1u);
}

// Read again here, by OpenColorIO alone, on the chart's own patches against the Lab that the fit states.
TEST(Handover, LutGivesTheChartTheLabThatTheFitStates) {
    const TemporaryFolder folder;
    ASSERT_TRUE(io::exportCorrection(correction(), folder / "a.cube", {}));
    const auto transform = ocio::FileTransform::Create();
    transform->setSrc((folder / "a.cube").c_str());
    transform->setInterpolation(ocio::INTERP_TETRAHEDRAL);
    const auto cpu = ocio::Config::CreateRaw()->getProcessor(transform)->getDefaultCPUProcessor();
    for (const PatchResult& p : correction().patches) {
        float v[3];
        for (int k = 0; k < 3; ++k) v[k] = static_cast<float>(encode(Encoding::srgb, p.rgb(k)));
        cpu->applyRGB(v);
        Vector3 linear;
        for (int k = 0; k < 3; ++k) linear(k) = decode(Encoding::srgb, v[k]);
        const Lab lab = toLab(Xyz::from(rgbToXyzD50(primaries::bt709) * linear), white::d50);
        EXPECT_LT(ciede2000(lab, p.after), io::kProofLimit) << p.id;
    }
}

TEST(Handover, OfAProfileIsProvedByLittleCms) {
    const TemporaryFolder folder;
    io::ExportOptions options;
    options.format = io::Format::icc;
    for (const Encoding e :
         {Encoding::linear, Encoding::srgb, Encoding::rec709, Encoding::rec2020, Encoding::gamma22}) {
        options.encoding = e;
        const auto done = io::exportCorrection(correction(), folder / "a.icc", options);
        ASSERT_TRUE(done) << done.error().message;
        EXPECT_NE(done->proof.engine.find("Little CMS"), std::string::npos);
        EXPECT_LT(done->proof.largest, 0.1) << name(e);
    }
    options.encoding = Encoding::acescct;
    EXPECT_FALSE(io::exportCorrection(correction(), folder / "b.icc", options)) << "a log curve leaves 0..1";
}

TEST(Handover, OfWhatBendsColoursIsProvedAsWell) {
    const TemporaryFolder folder;
    ASSERT_EQ(bending().model, Model::rootPolynomial);
    EXPECT_FALSE(bending().cameraToXyzD50());
    io::ExportOptions options;
    const auto lut = io::exportCorrection(bending(), folder / "a.cube", options);
    ASSERT_TRUE(lut) << lut.error().message;
    EXPECT_LE(lut->proof.largest, io::kProofLimit);
    options.format = io::Format::icc;
    for (const Encoding e : {Encoding::linear, Encoding::srgb, Encoding::rec709, Encoding::gamma22}) {
        options.encoding = e;
        const auto profile = io::exportCorrection(bending(), folder / "a.icc", options);
        ASSERT_TRUE(profile) << name(e) << ": " << profile.error().message;
        EXPECT_GT(profile->proof.colours, 4000u);
        EXPECT_LE(profile->proof.largest, io::kProofLimit) << name(e);
    }
    options.format = io::Format::json;
    EXPECT_TRUE(io::exportCorrection(bending(), folder / "a.json", options));
}

// ISO 15076-1, 10.12: read by Little CMS, a table profile has lutAToB and no matrix of its own.
TEST(Handover, AProfileThatBendsIsATable) {
    const auto bytes = io::iccProfile(bending(), Encoding::srgb);
    ASSERT_TRUE(bytes) << bytes.error().message;
    cmsHPROFILE p = cmsOpenProfileFromMem(bytes->data(), static_cast<cmsUInt32Number>(bytes->size()));
    ASSERT_TRUE(p);
    EXPECT_FALSE(cmsIsMatrixShaper(p));
    EXPECT_TRUE(cmsIsCLUT(p, INTENT_PERCEPTUAL, LCMS_USED_AS_INPUT));
    EXPECT_NEAR(cmsGetProfileVersion(p), 4.3, 0.01);
    cmsCloseProfile(p);
}

// ISO 15076-1: an input profile of version 4 with a matrix, D50 as its media white, and a text for people.
TEST(Handover, ProfileIsAVersion4InputProfile) {
    const auto bytes = io::iccProfile(correction(), Encoding::srgb);
    ASSERT_TRUE(bytes);
    EXPECT_EQ(bytes->substr(36, 4), "acsp");
    cmsHPROFILE p = cmsOpenProfileFromMem(bytes->data(), static_cast<cmsUInt32Number>(bytes->size()));
    ASSERT_TRUE(p);
    EXPECT_EQ(cmsGetDeviceClass(p), cmsSigInputClass);
    EXPECT_EQ(cmsGetColorSpace(p), cmsSigRgbData);
    EXPECT_EQ(cmsGetPCS(p), cmsSigXYZData);
    EXPECT_NEAR(cmsGetProfileVersion(p), 4.3, 0.01);
    EXPECT_TRUE(cmsIsMatrixShaper(p));
    const auto* white = static_cast<cmsCIEXYZ*>(cmsReadTag(p, cmsSigMediaWhitePointTag));
    ASSERT_TRUE(white);
    EXPECT_NEAR(white->X, 0.9642, 2e-5);
    char text[64] = {};
    cmsGetProfileInfoASCII(p, cmsInfoDescription, "en", "US", text, sizeof text);
    EXPECT_EQ(std::string(text), correction().name);
    cmsCloseProfile(p);
}

TEST(Handover, TooCoarseALutIsAnErrorAndLeavesTheTargetAlone) {
    const TemporaryFolder folder;
    test::put(folder / "a.cube", "kept");
    io::ExportOptions options;
    options.size = 5;
    const auto small = io::exportCorrection(correction(), folder / "a.cube", options);
    ASSERT_FALSE(small);
    EXPECT_NE(small.error().message.find("CIEDE2000"), std::string::npos);
    options.size.reset();
    options.encoding = Encoding::linear;
    const auto linear = io::exportCorrection(correction(), folder / "a.cube", options);
    ASSERT_FALSE(linear);
    EXPECT_NE(linear.error().message.find("srgb or acescct"), std::string::npos) << linear.error().message;
    EXPECT_EQ(contentOf(folder / "a.cube"), "kept");
    EXPECT_EQ(folder.files(), 2u) << "the failed one stands beside it";
}

TEST(Handover, LinearToLinearIsExactAtAnySize) {
    const TemporaryFolder folder;
    io::ExportOptions options;
    options.encoding = Encoding::linear;
    options.space = OutputSpace::acescg;
    options.size = 2;
    const auto done = io::exportCorrection(correction(), folder / "a.cube", options);
    ASSERT_TRUE(done) << done.error().message;
    EXPECT_LT(done->proof.largest, 0.02);
}

TEST(Handover, FailsClearlyWhereItCannotWrite) {
    const auto nowhere = io::exportCorrection(correction(), "/nowhere/a.cube", {});
    ASSERT_FALSE(nowhere);
    EXPECT_NE(nowhere.error().message.find("/nowhere"), std::string::npos);
    EXPECT_FALSE(io::formatByName("pdf"));
}

TEST(Cube, InterpolatesAsOpenColorIODoes) {
    const TemporaryFolder folder;
    const auto cube = io::Cube::sampled(correction(), {9, Encoding::srgb, OutputSpace::srgb});
    ASSERT_TRUE(cube);
    test::put(folder / "a.cube", cube->text(correction()));
    const auto transform = ocio::FileTransform::Create();
    transform->setSrc((folder / "a.cube").c_str());
    transform->setInterpolation(ocio::INTERP_TETRAHEDRAL);
    const auto cpu = ocio::Config::CreateRaw()->getProcessor(transform)->getDefaultCPUProcessor();
    test::Random random(4);
    for (int i = 0; i < 500; ++i) {
        const Vector3 in(random.uniform(0, 1), random.uniform(0, 1), random.uniform(0, 1));
        float v[3] = {float(in.x()), float(in.y()), float(in.z())};
        cpu->applyRGB(v);
        const Vector3 ours = cube->at(in);
        for (int k = 0; k < 3; ++k) EXPECT_NEAR(ours(k), v[k], 3e-6);
    }
    EXPECT_FALSE(io::Cube::sampled(correction(), {1, Encoding::srgb, OutputSpace::srgb}));
    EXPECT_FALSE(io::Cube::sampled(correction(), {500, Encoding::srgb, OutputSpace::srgb}));
}

TEST(CorrectionFile, ComesBackAsItWent) {
    const TemporaryFolder folder;
    ASSERT_TRUE(io::writeCorrection(correction(), folder / "c.json"));
    const auto again = io::readCorrection(folder / "c.json");
    ASSERT_TRUE(again) << again.error().message;
    EXPECT_NEAR((*again->cameraToXyzD50() - *correction().cameraToXyzD50()).norm(), 0, 1e-14);
    EXPECT_EQ(again->patches.size(), correction().patches.size());
    EXPECT_EQ(again->summary.after.mean, correction().summary.after.mean);
    EXPECT_EQ(again->summary.message, correction().summary.message);
    EXPECT_EQ(again->name, correction().name);
}

TEST(CorrectionFile, KeepsWhatBendsColoursAndHowSureItIs) {
    const auto again = io::parseCorrection(io::toJson(bending()).dump(), "c.json");
    ASSERT_TRUE(again) << again.error().message;
    const Correction& c = bending();
    EXPECT_EQ(again->model, c.model);
    EXPECT_EQ(again->training, c.training);
    EXPECT_EQ(again->objective, c.objective);
    EXPECT_NEAR((again->colours.base().coefficients() - c.colours.base().coefficients()).norm(), 0, 1e-14);
    ASSERT_EQ(again->considered.size(), c.considered.size());
    for (std::size_t i = 0; i < c.considered.size(); ++i) {
        EXPECT_EQ(again->considered[i].model, c.considered[i].model);
        EXPECT_EQ(again->considered[i].expected, c.considered[i].expected);
    }
    ASSERT_TRUE(c.certainty && again->certainty);
    EXPECT_EQ(again->certainty->after.mean.low, c.certainty->after.mean.low);
    EXPECT_EQ(again->certainty->crossValidated.max.high, c.certainty->crossValidated.max.high);
    EXPECT_EQ(again->noise.chromaGain, c.noise.chromaGain);
    EXPECT_EQ(again->noise.stopsToBlotches, c.noise.stopsToBlotches);
    EXPECT_EQ(again->summary.irreducibleError, c.summary.irreducibleError);
    EXPECT_EQ(again->patches[3].role, c.patches[3].role);
    io::Json j = io::toJson(c);
    j["root_polynomial"][1][2] = j["root_polynomial"][1][2].get<double>() + 0.1;
    EXPECT_FALSE(io::parseCorrection(j.dump(), "c.json")) << "white would not be white";
    j = io::toJson(c);
    j["root_polynomial"][0].erase(0);
    EXPECT_FALSE(io::parseCorrection(j.dump(), "c.json"));
    j = io::toJson(c);
    j["objective"] = "beauty";
    EXPECT_FALSE(io::parseCorrection(j.dump(), "c.json"));
}

// With every stage that a correction can have.
Correction inStages() {
    Correction c = correction();
    c.model = Model::lattice;
    // A turn about the grey axis, of the stronger colours.
    c.colours = Colours(c.colours.base(), ColourLattice::sampled([](const Vector3& u) -> Vector3 {
                            return 0.06 * Vector3(u.y() - u.z(), u.z() - u.x(), u.x() - u.y());
                        }));
    GreyCurves curves;
    for (std::size_t k = 0; k < 3; ++k)
        curves[k] = RootCurve::sampled([&](double t) { return t + 0.03 * double(k + 1) * t * (1 - t); });
    c.greyCurves = curves;
    HueSectors sectors;
    sectors.sectors[4] = {-3, 1.1, 2};
    c.sectors = sectors;
    c.finish = *finishByName("rounded");
    c.finish.warmthSteps = 1.5;
    c.weights = {{"B3", 4.0}};
    c.limits = *fitLimitsByName("Film");
    c.built = "2026-05-14T09:30:00Z";
    c.lightTakenOut = {false, true};
    return c;
}

TEST(CorrectionFile, KeepsEveryStage) {
    const Correction c = inStages();
    const auto again = io::parseCorrection(io::toJson(c).dump(), "c.json");
    ASSERT_TRUE(again) << again.error().message;
    ASSERT_TRUE(again->colours.lattice());
    EXPECT_EQ(*again->colours.lattice(), *c.colours.lattice());
    EXPECT_EQ(again->greyCurves, c.greyCurves);
    EXPECT_EQ(again->sectors, c.sectors);
    EXPECT_EQ(again->finish, c.finish);
    EXPECT_EQ(again->weights, c.weights);
    EXPECT_EQ(again->limits, c.limits);
    EXPECT_EQ(again->built, c.built);
    EXPECT_EQ(again->builtBy, c.builtBy);
    EXPECT_EQ(again->lightTakenOut, c.lightTakenOut);
    const Vector3 camera(0.2, 0.3, 0.1);
    EXPECT_EQ((rendered(camera, compile(*again, OutputSpace::srgb)) -
               rendered(camera, compile(c, OutputSpace::srgb)))
                  .norm(),
              0);
}

TEST(CorrectionFile, RefusesStagesThatWouldSpoilColour) {
    const io::Json whole = io::toJson(inStages());
    const auto refused = [&](const std::function<void(io::Json&)>& spoil) {
        io::Json j = whole;
        spoil(j);
        return !io::parseCorrection(j.dump(), "c.json");
    };
    ASSERT_FALSE(refused([](io::Json&) {}));
    EXPECT_TRUE(refused([](io::Json& j) { j["lattice"]["moves"].erase(5); }));
    EXPECT_TRUE(refused([](io::Json& j) { j["lattice"]["points"] = 1e9; }));
    EXPECT_TRUE(refused([](io::Json& j) { j["lattice"]["moves"][0] = 50000; }))
        << "black would have a colour";
    EXPECT_TRUE(refused([](io::Json& j) { j["lattice"]["moves"][3 * (8 + 33 * 5)] = 400000; }))
        << "it would fold";
    EXPECT_TRUE(refused([](io::Json& j) { j["grey_curves"]["roots"][1][40] = 0; })) << "a curve that falls";
    EXPECT_TRUE(refused([](io::Json& j) { j["grey_curves"]["roots"].erase(2); }));
    EXPECT_TRUE(refused([](io::Json& j) { j["finish"]["contrast"] = 7; }));
    EXPECT_TRUE(refused([](io::Json& j) { j["hue_sectors"].erase(0); }));
    EXPECT_TRUE(refused([](io::Json& j) { j["limits"]["mean"]["good"] = 9; })) << "good beyond tolerable";
}

// The same correction as a LUT, read by OpenColorIO: with its finish, or without.
TEST(Handover, OfEveryStageIsProvedLikeAnyOther) {
    const TemporaryFolder folder;
    const Correction c = inStages();
    const auto cube = io::exportCorrection(c, folder / "all.cube", {});
    ASSERT_TRUE(cube) << cube.error().message;
    EXPECT_LT(cube->proof.largest, io::kProofLimit);
    EXPECT_GT(cube->proof.colours, 4000u);
    EXPECT_NE(contentOf(folder / "all.cube").find("# Finish: 1.5 steps warmer"), std::string::npos);
    for (const io::Format format : {io::Format::icc, io::Format::json}) {
        io::ExportOptions options;
        options.format = format;
        const auto done = io::exportCorrection(c, folder / "all", options);
        ASSERT_TRUE(done) << done.error().message;
        EXPECT_LT(done->proof.largest, io::kProofLimit);
    }
}

TEST(CorrectionFile, RefusesWhatWouldSpoilColour) {
    io::Json j = io::toJson(correction());
    const auto message = [&](const char* field, const io::Json& value) {
        io::Json copy = j;
        copy[field] = value;
        const auto c = io::parseCorrection(copy.dump(), "c.json");
        EXPECT_FALSE(c) << field;
        return c ? std::string() : c.error().message;
    };
    EXPECT_NE(message("matrix", {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}}).find("white"), std::string::npos);
    EXPECT_NE(message("gains", {0, 1, 1}).find("gains"), std::string::npos);
    EXPECT_NE(message("model", "magic").find("model"), std::string::npos);
    EXPECT_NE(message("input_encoding", "film").find("input_encoding"), std::string::npos);
    EXPECT_NE(message("matrix", "none").find("matrix"), std::string::npos);
}

TEST(ReadingFile, StandsAloneAndComesBack) {
    const auto again = io::parseReading(io::prettyJson(io::toJson(reading())), "r.json");
    ASSERT_TRUE(again) << again.error().message;
    EXPECT_EQ(again->chart.patches.size(), 24u) << "the chart is in it";
    for (std::size_t i = 0; i < 24; ++i) EXPECT_EQ(again->patches[i].rgb, reading().patches[i].rgb);
    FitOptions same;
    same.model = Model::matrix;
    const auto c = fit(std::span(&*again, 1), same);
    ASSERT_TRUE(c);
    EXPECT_NEAR(c->summary.after.mean, correction().summary.after.mean, 1e-3);
}

TEST(ReadingFile, PatchesMayComeInAnyOrderButMustBeThere) {
    io::Json j = io::toJson(reading());
    std::reverse(j["patches"].begin(), j["patches"].end());
    const auto turned = io::parseReading(j.dump(), "r.json");
    ASSERT_TRUE(turned);
    EXPECT_EQ(turned->patches[0].id, "A1");
    j["patches"].erase(3);
    EXPECT_NE(io::parseReading(j.dump(), "r.json").error().message.find("lacks patch"), std::string::npos);
    j = io::toJson(reading());
    j["patches"][0]["id"] = "Z9";
    EXPECT_NE(io::parseReading(j.dump(), "r.json").error().message.find("Z9"), std::string::npos);
    j = io::notFoundJson(reading(), reading().chart, "none");
    EXPECT_NE(io::parseReading(j.dump(), "r.json").error().message.find("no chart was found"),
              std::string::npos);
}

// What the configuration reads stands beside it; neither is new without the other.
TEST(Handover, AFailedProofLeavesConfigurationAndTransformAsTheyWere) {
    const test::TemporaryFolder folder;
    io::ExportOptions o;
    o.format = io::Format::ocio;
    ASSERT_TRUE(io::exportCorrection(test::correction(), folder / "show.ocio", o));
    const std::string configuration = test::contentOf(folder / "show.ocio");
    const std::string transform = test::contentOf(folder / "show.clf");
    o.size = 2;  // far too coarse for what bends colours
    const auto failed = io::exportCorrection(test::bending(), folder / "show.ocio", o);
    ASSERT_FALSE(failed);
    EXPECT_EQ(test::contentOf(folder / "show.ocio"), configuration);
    EXPECT_EQ(test::contentOf(folder / "show.clf"), transform);
}

}  // namespace
}  // namespace refero
