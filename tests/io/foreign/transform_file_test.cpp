// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/foreign/transform_file.h"

#include <gtest/gtest.h>
#include <lcms2.h>

#include "core/assess/assessment.h"
#include "core/fit/fit.h"
#include "io/correction_file.h"
#include "io/foreign/cube_scan.h"
#include "io/handover/handover.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

std::string cubeText(int n, const std::string& head = "", const std::string& row = "") {
    std::string out = head + "LUT_3D_SIZE " + std::to_string(n) + "\n";
    for (int b = 0; b < n; ++b)
        for (int g = 0; g < n; ++g)
            for (int r = 0; r < n; ++r)
                out += row.empty()
                           ? std::to_string(double(r) / (n - 1)) + " " + std::to_string(double(g) / (n - 1)) +
                                 " " + std::to_string(double(b) / (n - 1)) + "\n"
                           : row + "\n";
    return out;
}

TEST(CubeScan, TellsWhatItIs) {
    const auto scan = scanCube("TITLE \"A look\"\n# words\n" + cubeText(17), "a.cube");
    ASSERT_TRUE(scan) << scan.error().message;
    EXPECT_EQ(scan->points3d, 17);
    EXPECT_EQ(scan->title, "A look");
    EXPECT_TRUE(scan->remarks.empty());
    const auto two = scanCube(cubeText(2), "a.cube");
    ASSERT_TRUE(two);
    EXPECT_EQ(two->remarks.size(), 1u) << "two points a side are legal, and named";
    EXPECT_TRUE(scanCube(cubeText(129), "a.cube"));
}

TEST(CubeScan, NamesWhatIsWrong) {
    const auto says = [](const std::string& text) {
        const auto scan = scanCube(text, "a.cube");
        return scan ? std::string() : scan.error().message;
    };
    EXPECT_NE(says("").find("no size"), std::string::npos);
    EXPECT_NE(says("LUT_3D_SIZE 1\n0 0 0\n").find("line 1"), std::string::npos);
    EXPECT_NE(says("LUT_3D_SIZE 300\n").find("129"), std::string::npos);
    EXPECT_NE(says(cubeText(2, "", "0.5 nan 0.5")).find("nan"), std::string::npos);
    EXPECT_NE(says(cubeText(2, "", "0.5 inf 0.5")).find("inf"), std::string::npos);
    EXPECT_NE(says(cubeText(2, "", "0.5 x 0.5")).find("no number"), std::string::npos);
    EXPECT_NE(says(cubeText(2, "DOMAIN_MIN 0 0 0\nDOMAIN_MAX 1 0 1\n")).find("domain"), std::string::npos);
    EXPECT_NE(says("LUT_3D_SIZE 3\n0 0 0\n").find("27"), std::string::npos) << "too few rows";
}

class TransformFile : public testing::Test {
  protected:
    static void SetUpTestSuite() {
        reading_ = new Reading(*test::readingOf(test::plainShot()));
        correction_ = new Correction(*fit(std::span(reading_, 1)));
    }
    static void TearDownTestSuite() {
        delete reading_;
        delete correction_;
    }
    fs::path put(const std::string& name, const std::string& bytes) const {
        test::put(own_.path() / name, bytes);
        return own_.path() / name;
    }
    // How far the file is from the correction's own figure, once it is fed as it is to be.
    static double mean(const ForeignTransform& c, const TransformTerms& terms) {
        const auto a = assessed(c, std::span(reading_, 1), terms);
        EXPECT_TRUE(a) << a.error().message;
        return a->mean;
    }

    static inline Reading* reading_ = nullptr;
    static inline Correction* correction_ = nullptr;
    test::TemporaryFolder own_;
};

// Our own files come back as contestants that do what the correction does.
TEST_F(TransformFile, EveryKindThatWeWriteDoesWhatTheCorrectionDoes) {
    const double own = correction_->summary.after.mean;
    struct Case {
        Format format;
        const char* name;
        double allowed;
    };
    for (const Case& c : {Case{Format::cube, "a.cube", 0.5}, Case{Format::clf, "a.clf", 0.5},
                          Case{Format::icc, "a.icc", 0.1}, Case{Format::icc2, "b.icc", 0.2},
                          Case{Format::dcp, "a.dcp", 0.6}, Case{Format::json, "a.json", 0.001}}) {
        ExportOptions o;
        o.format = c.format;
        const auto done = exportCorrection(*correction_, own_.path() / c.name, o);
        ASSERT_TRUE(done) << c.name << ": " << done.error().message;
        const auto transform = readTransform(own_.path() / c.name, *reading_);
        ASSERT_TRUE(transform) << c.name << ": " << transform.error().message;
        const TransformTerms terms = termsFor(*transform, *reading_);
        const auto a = assessed(*transform, std::span(reading_, 1), terms);
        ASSERT_TRUE(a);
        EXPECT_NEAR(a->meanLevelled, own, c.allowed)
            << c.name << ", " << name(terms.feed) << " to " << info(terms.space).name;
        EXPECT_NEAR(a->expectsStops, 0, 0.15) << c.name;
        EXPECT_TRUE(a->reversals.empty()) << c.name;
        EXPECT_TRUE(a->bands.empty()) << c.name;
    }
}

TEST_F(TransformFile, AConfigurationIsSeenThroughItsView) {
    ExportOptions o;
    o.format = Format::ocio;
    const auto done = exportCorrection(*correction_, own_.path() / "config.ocio", o);
    ASSERT_TRUE(done) << done.error().message;
    const auto c = readTransform(own_.path() / "config.ocio", *reading_);
    ASSERT_TRUE(c) << c.error().message;
    EXPECT_LT(mean(*c, termsFor(*c, *reading_)), correction_->summary.after.mean + 0.6);
    TransformOptions wrong;
    wrong.view = "No such view";
    EXPECT_FALSE(readTransform(own_.path() / "config.ocio", *reading_, wrong));
    fs::remove(done->beside.front());
    const auto broken = readTransform(own_.path() / "config.ocio", *reading_);
    ASSERT_FALSE(broken) << "its other file is gone";
    EXPECT_NE(broken.error().message.find("config.ocio"), std::string::npos);
}

TEST_F(TransformFile, ADecisionListIsCarriedOutByItsDefinition) {
    const fs::path path =
        put("a.cc",
            "<?xml version=\"1.0\"?><ColorCorrection id=\"x\"><SOPNode><Slope>1.2 1 0.9</Slope>"
            "<Offset>0.01 0 0</Offset><Power>1 1.1 1</Power></SOPNode><SatNode><Saturation>1"
            "</Saturation></SatNode></ColorCorrection>");
    const auto c = readTransform(path, *reading_);
    ASSERT_TRUE(c) << c.error().message;
    const Vector3 out = c->apply({0.5, 0.5, 0.5});
    EXPECT_NEAR(out.x(), 0.61, 1e-5);
    EXPECT_NEAR(out.y(), std::pow(0.5, 1.1), 1e-5);
    EXPECT_NEAR(out.z(), 0.45, 1e-5);
}

TEST_F(TransformFile, OfAnotherClassDamagedOrMissingIsNamed) {
    const auto refused = [&](const fs::path& path) {
        const auto c = readTransform(path, *reading_);
        EXPECT_FALSE(c) << path;
        return c ? std::string() : c.error().message;
    };
    const cmsHPROFILE display = cmsCreate_sRGBProfile();
    const fs::path icc = own_.path() / "display.icc";
    ASSERT_TRUE(cmsSaveProfileToFile(display, icc.c_str()));
    cmsCloseProfile(display);
    EXPECT_NE(refused(icc).find("another class"), std::string::npos);
    refused(put("torn.icc", "not a profile"));
    refused(put("torn.dcp", "IIRC"));
    refused(put("torn.clf", "<ProcessList"));
    refused(put("torn.cdl", "<x/>"));
    refused(put("torn.ocio", "ocio_profile_version: 2\n"));
    refused(put("not.json", "{}"));
    refused(put("a.txt", "words"));
    refused(own_.path() / "missing.cube");
    EXPECT_NE(refused(put("nan.cube", cubeText(2, "", "nan 0 0"))).find("line 2"), std::string::npos);
}

TEST_F(TransformFile, ADeviceLinkIsCarriedOut) {
    cmsToneCurve* curves[3];
    for (auto& c : curves) c = cmsBuildGamma(nullptr, 2);
    const cmsHPROFILE link = cmsCreateLinearizationDeviceLink(cmsSigRgbData, curves);
    const fs::path path = own_.path() / "link.icc";
    ASSERT_TRUE(cmsSaveProfileToFile(link, path.c_str()));
    cmsCloseProfile(link);
    for (auto* c : curves) cmsFreeToneCurve(c);
    const auto c = readTransform(path, *reading_);
    ASSERT_TRUE(c) << c.error().message;
    EXPECT_EQ(c->kind, "ICC device link");
    EXPECT_NEAR(c->apply({0.5, 0.5, 0.5}).x(), 0.25, 2e-3);
}

}  // namespace
}  // namespace refero::io
