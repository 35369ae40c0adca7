// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A camera profile, by the DNG specification 1.4 (chapters 2 and 6): its tags read here byte by byte, its
// arithmetic done again from them alone.
#include "io/handover/dcp_profile.h"

#include <gtest/gtest.h>

#include <Eigen/LU>
#include <cmath>
#include <cstring>
#include <map>

#include "core/colour/adaptation.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "io/handover/built.h"
#include "io/handover/carried.h"
#include "io/handover/handover.h"
#include "io/handover/proof.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::bending;
using test::contentOf;
using test::correction;
using test::TemporaryFolder;

// TIFF 6.0, section 2, little-endian: numbers of every tag, text as its bytes.
std::map<unsigned, std::vector<double>> tagsOf(const std::string& bytes) {
    const auto raw = [&](std::size_t at, std::size_t size) {
        std::uint64_t v = 0;
        for (std::size_t k = 0; k < size; ++k)
            v |= std::uint64_t(static_cast<unsigned char>(bytes.at(at + k))) << (8 * k);
        return v;
    };
    std::map<unsigned, std::vector<double>> out;
    const std::size_t start = raw(4, 4), count = raw(start, 2);
    for (std::size_t i = 0; i < count; ++i) {
        const std::size_t entry = start + 2 + 12 * i;
        const auto tag = unsigned(raw(entry, 2)), type = unsigned(raw(entry + 2, 2));
        const std::size_t n = raw(entry + 4, 4);
        static const std::map<unsigned, std::size_t> sizes{{1, 1}, {2, 1}, {3, 2},  {4, 4},
                                                           {5, 8}, {7, 1}, {10, 8}, {11, 4}};
        const std::size_t size = sizes.at(type);
        std::size_t at = n * size <= 4 ? entry + 8 : raw(entry + 8, 4);
        for (std::size_t k = 0; k < n; ++k, at += size) {
            double v = double(raw(at, std::min<std::size_t>(size, 4)));
            if (type == 10) v = double(std::int32_t(raw(at, 4))) / double(std::int32_t(raw(at + 4, 4)));
            if (type == 5) v = double(raw(at, 4)) / double(raw(at + 4, 4));
            if (type == 11) {
                const auto bits = std::uint32_t(raw(at, 4));
                float f;
                std::memcpy(&f, &bits, 4);
                v = double(f);
            }
            out[tag].push_back(v);
        }
    }
    return out;
}

Matrix3 matrixOf(const std::vector<double>& nine) {
    Matrix3 m;
    for (int k = 0; k < 9; ++k) m(k / 3, k % 3) = nine.at(std::size_t(k));
    return m;
}

// Chapter 6 written down once more, with ROMM's published matrix (ISO 22028-2) in place of ours.
Lab byTheSpecification(const std::map<unsigned, std::vector<double>>& tags, const Vector3& camera,
                       const Vector3& neutral) {
    const Vector3 balanced = camera.cwiseQuotient(neutral);
    Vector3 xyz = matrixOf(tags.at(50964)) * balanced;
    if (tags.contains(50938)) {
        Matrix3 fromRomm;
        fromRomm << 0.7976749, 0.1351917, 0.0313534, 0.2880402, 0.7118741, 0.0000857, 0, 0, 0.8252100;
        const Vector3 rgb = (fromRomm.inverse() * xyz).cwiseMax(0);
        const double v = rgb.maxCoeff(), gap = v - rgb.minCoeff();
        double s = v > 0 ? gap / v : 0, h = 0;
        if (gap > 0) {
            h = rgb(0) == v   ? (rgb(1) - rgb(2)) / gap
                : rgb(1) == v ? 2 + (rgb(2) - rgb(0)) / gap
                              : 4 + (rgb(0) - rgb(1)) / gap;
            if (h < 0) h += 6;
        }
        const auto& dims = tags.at(50937);
        const auto& data = tags.at(50938);
        const int hues = int(dims[0]), sats = int(dims[1]);
        const double hAt = h * hues / 6, sAt = std::min(s, 1.0) * (sats - 1);
        const int h0 = int(hAt) % hues, s0 = std::min(int(sAt), sats - 2);
        double e[3] = {};
        for (int dh = 0; dh < 2; ++dh)
            for (int ds = 0; ds < 2; ++ds) {
                const double w =
                    (dh ? hAt - int(hAt) : 1 - (hAt - int(hAt))) * (ds ? sAt - s0 : 1 - (sAt - s0));
                const auto at = std::size_t(3 * (((h0 + dh) % hues) * sats + s0 + ds));
                for (std::size_t k = 0; k < 3; ++k) e[k] += w * data.at(at + k);
            }
        h = std::fmod(h + e[0] / 60 + 12, 6);
        s = std::min(1.0, s * e[1]);
        const double value = v * e[2];
        Vector3 out;
        for (int k = 0; k < 3; ++k) {
            // The hexcone: each channel falls off with its distance in hue.
            double d = std::abs(h - (k == 0 ? 0 : k == 1 ? 2 : 4));
            d = std::min(d, 6 - d);
            out(k) = value * (1 - s * std::clamp(d - 1, 0.0, 1.0));
        }
        xyz = fromRomm * out;
    }
    xyz *= std::exp2(tags.at(51109).at(0));
    return toLab(Xyz::from(xyz), white::d50);
}

TEST(CameraProfile, MathsFromItsTagsAloneIsTheCorrection) {
    const TemporaryFolder folder;
    io::ExportOptions o;
    o.format = io::Format::dcp;
    for (const Correction& c : {correction(), bending()}) {
        const auto done = io::exportCorrection(c, folder / "a.dcp", o);
        ASSERT_TRUE(done) << done.error().message;
        EXPECT_NE(done->proof.engine.find("Exiv2"), std::string::npos);
        const auto tags = tagsOf(contentOf(folder / "a.dcp"));
        const Vector3 neutral = io::neutralOf(c);
        double mean = 0, largest = 0;
        std::size_t n = 0;
        for (const Vector3& camera : io::proofColours(c, OutputSpace::srgb)) {
            if (!io::withinProfile(c, camera)) continue;
            const double d = ciede2000(byTheSpecification(tags, camera, neutral), c.toLab(camera));
            mean += d;
            largest = std::max(largest, d);
            ++n;
        }
        ASSERT_GT(n, 500u);
        mean /= double(n);
        EXPECT_LT(mean, 0.2);
        EXPECT_LT(largest, 1.0);
        EXPECT_NEAR(mean, done->foreseen.mean, 0.02) << "what is said to be left is what is left";
    }
}

TEST(CameraProfile, HasTheTagsThatTheSpecificationAsksFor) {
    const TemporaryFolder folder;
    io::ExportOptions o;
    o.format = io::Format::dcp;
    ASSERT_TRUE(io::exportCorrection(bending(), folder / "a.dcp", o));
    const std::string bytes = contentOf(folder / "a.dcp");
    EXPECT_EQ(bytes.substr(0, 4), "IIRC");
    const auto tags = tagsOf(bytes);
    const Matrix3 forward = matrixOf(tags.at(50964)), colour = matrixOf(tags.at(50721));
    // "A neutral goes to D50": the forward matrix of 1, 1, 1.
    EXPECT_LT((forward * Vector3::Ones() - whiteXyz(white::d50).vector()).norm(), 1e-4);
    // The colour matrix takes the light's own white, here D50, to the camera's neutral.
    EXPECT_LT((colour * whiteXyz(white::d50).vector() - io::neutralOf(bending())).norm(), 1e-4);
    EXPECT_EQ(tags.at(50778).at(0), 23);
    EXPECT_EQ(tags.at(50940), (std::vector<double>{0, 0, 1, 1})) << "a straight tone curve";
    EXPECT_EQ(tags.at(50941).at(0), 0);
    const auto& dims = tags.at(50937);
    EXPECT_EQ(tags.at(50938).size(), std::size_t(3 * dims[0] * dims[1] * dims[2]));
    std::string camera;
    for (const double v : tags.at(50708)) camera += static_cast<char>(v);
    EXPECT_STREQ(camera.c_str(), "Camera") << "its body is not known";
}

// DNG specification 1.4, ProfileToneCurve: pairs of light, the first 0 and 0, the last 1 and 1, rising.
TEST(CameraProfile, TakesTheFinishsContrastAsItsToneCurveWhereItIsChosen) {
    const TemporaryFolder folder;
    Correction c = correction();
    c.finish = *finishByName("rounded");
    io::ExportOptions o;
    o.format = io::Format::dcp;
    o.finishCurve = true;
    const auto done = io::exportCorrection(c, folder / "a.dcp", o);
    ASSERT_TRUE(done) << done.error().message;
    EXPECT_TRUE(std::any_of(done->foreseen.lost.begin(), done->foreseen.lost.end(),
                            [](const auto& s) { return s.find("base tone curve") != std::string::npos; }));
    const auto curve = tagsOf(contentOf(folder / "a.dcp")).at(50940);
    ASSERT_GE(curve.size(), 20u);
    EXPECT_EQ(curve[0], 0);
    EXPECT_EQ(curve[1], 0);
    EXPECT_EQ(curve[curve.size() - 2], 1);
    EXPECT_EQ(curve[curve.size() - 1], 1);
    // A grey through the finish as it is rendered: what the curve gives it, between its points straight.
    Finish contrast;
    contrast.contrast = c.finish.contrast;
    const CompiledFinish rendered = compile(contrast);
    for (const double light : {0.02, 0.1, 0.18, 0.4, 0.8}) {
        std::size_t i = 2;
        while (curve[i] < light) i += 2;
        const double share = (light - curve[i - 2]) / (curve[i] - curve[i - 2]);
        const double given = curve[i - 1] + share * (curve[i + 1] - curve[i - 1]);
        const Vector3 grey = light * whiteXyz(white::d50).vector();
        EXPECT_NEAR(given, finished(Xyz::from(grey), rendered).vector().y(), 5e-4) << light;
        EXPECT_GT(curve[i + 1], curve[i - 1]);
    }
    EXPECT_NEAR(finished(Xyz::from(0.18 * whiteXyz(white::d50).vector()), rendered).vector().y(), 0.18, 1e-3);
    o.format = io::Format::icc;
    EXPECT_FALSE(io::exportCorrection(c, folder / "a.icc", o)) << "an ICC profile has none";
}

TEST(CameraProfile, ForTwoLightsPutsTheWarmerFirst) {
    Correction warm = correction(), cool = bending();
    warm.gains = {1.1, 1, 2.6};
    warm.body = cool.body = "Heron";
    const auto colours = io::proofColours(cool, OutputSpace::srgb);
    const Correction* both[] = {&cool, &warm};
    const auto p = io::dcpProfileOf(both, false, colours);
    ASSERT_TRUE(p) << p.error().message;
    ASSERT_EQ(p->lights.size(), 2u);
    EXPECT_EQ(p->lights[0].illuminant, 17);
    EXPECT_EQ(p->lights[1].illuminant, 21);
    EXPECT_FALSE(p->lights[0].map);
    EXPECT_TRUE(p->lights[1].map);
    // Each one's light, as CIE 015 has its white, gives that one's neutral.
    EXPECT_LT((p->lights[0].colourMatrix * whiteXyz(white::a).vector() - io::neutralOf(warm)).norm(), 1e-6);
    EXPECT_LT((p->lights[1].colourMatrix * whiteXyz(white::d65).vector() - io::neutralOf(cool)).norm(), 1e-6);
    const auto again = io::dcpFile(*p).and_then([](const std::string& b) { return io::readDcp(b); });
    ASSERT_TRUE(again) << again.error().message;
    ASSERT_EQ(again->lights.size(), 2u);
    EXPECT_LT((again->lights[1].forwardMatrix - p->lights[1].forwardMatrix).norm(), 1e-6);

    const TemporaryFolder folder;
    io::ExportOptions o;
    o.format = io::Format::dcp;
    o.second = warm;
    const auto done = io::exportCorrection(cool, folder / "two.dcp", o);
    ASSERT_TRUE(done) << done.error().message;
    EXPECT_LT(done->proof.largest, 0.1);
}

TEST(CameraProfile, RefusesWhatItCannotBe) {
    const auto refused = [](std::initializer_list<const Correction*> all, std::vector<int> lights = {}) {
        return !io::dcpProfileOf(std::vector<const Correction*>(all), false,
                                 io::proofColours(correction(), OutputSpace::srgb), std::move(lights));
    };
    Correction other = correction();
    EXPECT_FALSE(refused({&other}));
    EXPECT_TRUE(refused({}));
    EXPECT_TRUE(refused({&other, &other})) << "the same light twice";
    EXPECT_TRUE(refused({&other}, {17, 21}));
    other.inputEncoding = Encoding::rec709;
    EXPECT_TRUE(refused({&other}));
    Correction warm = correction();
    warm.gains.z() *= 2;
    warm.body = "Another";
    const Correction cool = correction();
    EXPECT_TRUE(refused({&cool, &warm})) << "two bodies";
    EXPECT_FALSE(io::readDcp("IIRC"));
    EXPECT_FALSE(io::readDcp(std::string("IIRC\x08\0\0\0\xff\xff", 10)));
    EXPECT_FALSE(io::readDcp("no profile at all"));
}

}  // namespace
}  // namespace refero
