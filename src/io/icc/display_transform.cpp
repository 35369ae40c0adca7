// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/icc/display_transform.h"

#include <lcms2.h>
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <Eigen/LU>
#include <algorithm>
#include <array>
#include <bit>
#include <cmath>
#include <optional>
#include <vector>

#include "core/colour/rgb_space.h"
#include "core/say/say.h"
#include "io/files/safe_write.h"

namespace refero::io {
namespace {

struct Closes {
    void operator()(void* p) const { cmsCloseProfile(p); }
};
using Profile = std::unique_ptr<void, Closes>;
struct Freed {
    void operator()(cmsToneCurve* c) const { cmsFreeToneCurve(c); }
};

constexpr std::size_t kLargestProfile = 32u << 20;
constexpr std::size_t kLevels = 1 << 16;
constexpr cmsUInt32Number kFlags =
    cmsFLAGS_NOCACHE | cmsFLAGS_BLACKPOINTCOMPENSATION | cmsFLAGS_COPY_ALPHA | cmsFLAGS_HIGHRESPRECALC;

// By the root of light, since eyes and displays need the finest steps in the dark.
std::size_t levelOf(float light) {
    constexpr auto kTop = static_cast<float>(kLevels - 1);
    // Whatever is no number is black.
    return light > 0 ? static_cast<std::size_t>(std::sqrt(std::min(light, 1.0f)) * kTop + 0.5f) : 0;
}

// For each level the code whose light is nearest: half-way between two codes one gives way to the next.
template <class LightOf>
std::vector<std::uint8_t> codes(const LightOf& lightOf) {
    std::vector<std::uint8_t> out(kLevels);
    int code = 0;
    double next = lightOf(0.5 / 255);
    for (std::size_t i = 0; i < kLevels; ++i) {
        const double root = static_cast<double>(i) / (kLevels - 1);
        while (code < 255 && root * root > next) {
            ++code;
            next = std::max(next, code < 255 ? lightOf((code + 0.5) / 255) : next);
        }
        out[i] = static_cast<std::uint8_t>(code);
    }
    return out;
}

// An inner space that holds all that displays show, for those whose profile is a table.
Profile wideProfile() {
    const auto& p = primaries::romm;
    const cmsCIExyY white{p.white.x, p.white.y, 1};
    const cmsCIExyYTRIPLE corners{{p.red.x, p.red.y, 1}, {p.green.x, p.green.y, 1}, {p.blue.x, p.blue.y, 1}};
    // The levels' own curve, so that 16 bits of it are the levels.
    const std::unique_ptr<cmsToneCurve, Freed> square(cmsBuildGamma(nullptr, 2));
    cmsToneCurve* curves[3] = {square.get(), square.get(), square.get()};
    return Profile(cmsCreateRGBProfile(&white, &corners, curves));
}

std::shared_ptr<void> transformOf(cmsHPROFILE from, cmsUInt32Number format, cmsHPROFILE to) {
    return {cmsCreateTransform(from, format, to, TYPE_BGRA_8, INTENT_RELATIVE_COLORIMETRIC, kFlags),
            [](void* t) {
                if (t) cmsDeleteTransform(t);
            }};
}

}  // namespace

/// Linear components by a matrix, then a code for each level.
struct DisplayTransform::Direct {
    Eigen::Matrix3f fromXyz;
    std::array<std::vector<std::uint8_t>, 3> codes;
};

namespace {

// Tables go before matrices where a profile has both.
bool isPlain(cmsHPROFILE display) {
    const auto table = [&](cmsTagSignature tag) { return cmsIsTag(display, tag) != 0; };
    return cmsIsMatrixShaper(display) && !table(cmsSigBToA0Tag) && !table(cmsSigBToA1Tag) &&
           !table(cmsSigBToD0Tag) && !table(cmsSigBToD1Tag);
}

struct PlainDisplay {
    Matrix3 toXyz;
    std::array<const cmsToneCurve*, 3> curves;
};
std::optional<PlainDisplay> plainDisplay(cmsHPROFILE display) {
    constexpr std::array kColumns{cmsSigRedColorantTag, cmsSigGreenColorantTag, cmsSigBlueColorantTag};
    constexpr std::array kCurves{cmsSigRedTRCTag, cmsSigGreenTRCTag, cmsSigBlueTRCTag};
    if (!isPlain(display)) return {};
    PlainDisplay out;
    for (int c = 0; c < 3; ++c) {
        const auto at = static_cast<std::size_t>(c);
        const auto* column = static_cast<const cmsCIEXYZ*>(cmsReadTag(display, kColumns[at]));
        out.curves[at] = static_cast<const cmsToneCurve*>(cmsReadTag(display, kCurves[at]));
        if (!column || !out.curves[at]) return {};
        out.toXyz.col(c) << column->X, column->Y, column->Z;
        // A black that is not dark is the library's to compensate, and so are curves that turn back.
        if (std::abs(cmsEvalToneCurveFloat(out.curves[at], 0)) > 1e-5f ||
            !cmsIsToneCurveMonotonic(out.curves[at]) || cmsIsToneCurveDescending(out.curves[at]))
            return {};
    }
    if (!(std::abs(out.toXyz.determinant()) > 1e-6) || !out.toXyz.allFinite()) return {};
    return out;
}

}  // namespace

DisplayTransform::DisplayTransform() {
    static const auto srgb = [] {
        auto d = std::make_shared<Direct>();
        d->fromXyz = xyzD50ToLinear(OutputSpace::srgb).cast<float>();
        d->codes.fill(codes([](double code) { return decode(Encoding::srgb, code); }));
        return d;
    }();
    direct_ = srgb;
}

Result<DisplayTransform> DisplayTransform::fromProfile(std::string_view bytes) {
    static_assert(std::endian::native == std::endian::little, "0xAARRGGBB is BGRA in memory");
    cmsSetLogErrorHandler([](cmsContext, cmsUInt32Number, const char*) {});
    const Profile display(cmsOpenProfileFromMem(bytes.data(), static_cast<cmsUInt32Number>(bytes.size())));
    if (!display) return failure(say("That is no ICC profile, or a damaged one."));
    if (cmsGetColorSpace(display.get()) != cmsSigRgbData)
        return failure(say("That ICC profile does not describe a display of red, green and blue."));
    DisplayTransform d;
    d.fromSrgb_ = transformOf(Profile(cmsCreate_sRGBProfile()).get(), TYPE_BGRA_8, display.get());
    if (!d.fromSrgb_) return failure(say("That ICC profile cannot be used to show pictures with."));
    if (const auto plain = plainDisplay(display.get())) {
        auto direct = std::make_shared<Direct>();
        direct->fromXyz = plain->toXyz.inverse().cast<float>();
        for (std::size_t c = 0; c < 3; ++c)
            direct->codes[c] = codes([&](double code) {
                return double(cmsEvalToneCurveFloat(plain->curves[c], static_cast<float>(code)));
            });
        d.direct_ = direct;
    } else {
        d.direct_.reset();
        d.fromWide_ = transformOf(wideProfile().get(), TYPE_RGB_16, display.get());
        if (!d.fromWide_) return failure(say("That ICC profile cannot be used to show pictures with."));
    }
    char text[200] = {};
    cmsGetProfileInfoASCII(display.get(), cmsInfoDescription, "en", "US", text, sizeof text);
    d.description_ = text[0] ? text : "a profile without a name";
    return d;
}

Result<DisplayTransform> DisplayTransform::fromFile(const std::filesystem::path& path) {
    return readFile(path, kLargestProfile).and_then([&](const std::string& bytes) {
        return fromProfile(bytes);
    });
}

void DisplayTransform::show(std::span<const float> xyzD50, std::span<std::uint32_t> pixels) const {
    static const Eigen::Matrix3f toWide = xyzD50ToLinear(OutputSpace::romm).cast<float>();
    const std::size_t count = std::min(pixels.size(), xyzD50.size() / 3);
    tbb::parallel_for(tbb::blocked_range<std::size_t>(0, count, 1 << 14), [&](const auto& part) {
        const auto linear = [&](const Eigen::Matrix3f& m, std::size_t i) -> Eigen::Vector3f {
            return m * Eigen::Map<const Eigen::Vector3f>(xyzD50.data() + 3 * i);
        };
        if (direct_) {
            for (std::size_t i = part.begin(); i < part.end(); ++i) {
                const Eigen::Vector3f rgb = linear(direct_->fromXyz, i);
                pixels[i] = 0xFF000000u | std::uint32_t{direct_->codes[0][levelOf(rgb[0])]} << 16 |
                            std::uint32_t{direct_->codes[1][levelOf(rgb[1])]} << 8 |
                            direct_->codes[2][levelOf(rgb[2])];
            }
            return;
        }
        std::vector<std::uint16_t> wide(3 * part.size());
        for (std::size_t i = 0; i < part.size(); ++i) {
            const Eigen::Vector3f rgb = linear(toWide, part.begin() + i);
            for (int c = 0; c < 3; ++c)
                wide[3 * i + static_cast<std::size_t>(c)] = static_cast<std::uint16_t>(levelOf(rgb[c]));
        }
        cmsDoTransform(fromWide_.get(), wide.data(), pixels.data() + part.begin(),
                       static_cast<cmsUInt32Number>(part.size()));
        for (std::size_t i = part.begin(); i < part.end(); ++i) pixels[i] |= 0xFF000000u;
    });
}

void DisplayTransform::apply(std::span<std::uint32_t> pixels) const {
    if (!fromSrgb_) return;
    tbb::parallel_for(tbb::blocked_range<std::size_t>(0, pixels.size(), 1 << 14), [&](const auto& part) {
        cmsDoTransform(fromSrgb_.get(), pixels.data() + part.begin(), pixels.data() + part.begin(),
                       static_cast<cmsUInt32Number>(part.size()));
    });
}

}  // namespace refero::io
