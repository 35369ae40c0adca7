// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/icc/icc_input.h"

#include "core/say/say.h"

#include <lcms2.h>
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <cmath>
#include <memory>

namespace refero::io {
namespace {

struct Closes {
    void operator()(void* p) const { cmsCloseProfile(p); }
};
struct Frees {
    void operator()(void* t) const { cmsDeleteTransform(t); }
    void operator()(cmsToneCurve* c) const { cmsFreeToneCurve(c); }
};
using Profile = std::unique_ptr<void, Closes>;

constexpr int kPoints = 1024;

Profile opened(std::span<const unsigned char> bytes) {
    cmsSetLogErrorHandler([](cmsContext, cmsUInt32Number, const char*) {});
    return Profile(cmsOpenProfileFromMem(bytes.data(), static_cast<cmsUInt32Number>(bytes.size())));
}

std::string descriptionOf(cmsHPROFILE p) {
    char text[200] = {};
    cmsGetProfileInfoASCII(p, cmsInfoDescription, "en", "US", text, sizeof text);
    std::string out;
    for (const char c : std::string(text))
        if (static_cast<unsigned char>(c) >= 0x20 && static_cast<unsigned char>(c) < 0x7F) out += c;
    return out.empty() ? "unnamed profile" : out;
}

std::optional<Transfer> curveOf(cmsHPROFILE p, const std::string& label) {
    if (cmsIsTag(p, cmsSigAToB0Tag) || cmsIsTag(p, cmsSigDToB0Tag)) return {};
    const cmsToneCurve* curves[3] = {static_cast<cmsToneCurve*>(cmsReadTag(p, cmsSigRedTRCTag)),
                                     static_cast<cmsToneCurve*>(cmsReadTag(p, cmsSigGreenTRCTag)),
                                     static_cast<cmsToneCurve*>(cmsReadTag(p, cmsSigBlueTRCTag))};
    if (!curves[0] || !curves[1] || !curves[2]) return {};
    Curve c;
    c.name = label;
    for (int i = 0; i <= kPoints; ++i) {
        const auto x = static_cast<float>(i) / kPoints;
        const float v = cmsEvalToneCurveFloat(curves[0], x);
        for (int k = 1; k < 3; ++k)
            if (std::abs(cmsEvalToneCurveFloat(curves[k], x) - v) > 1e-4f) return {};
        c.stored.push_back(x);
        c.linear.push_back(v);
    }
    for (const Encoding e : kEncodings) {
        double furthest = 0;
        for (std::size_t i = 0; i < c.stored.size(); ++i)
            furthest = std::max(furthest, std::abs(decode(e, c.stored[i]) - c.linear[i]));
        if (furthest < 5e-5) return Transfer(e);
    }
    const auto t = Transfer::fromCurve(std::move(c));
    return t ? std::optional(*t) : std::nullopt;
}

// BT.2020's primaries with straight curves.
Profile linearWide() {
    const cmsCIExyY white{0.3127, 0.3290, 1};
    const cmsCIExyYTRIPLE primaries{{0.708, 0.292, 1}, {0.170, 0.797, 1}, {0.131, 0.046, 1}};
    const std::unique_ptr<cmsToneCurve, Frees> straight(cmsBuildGamma(nullptr, 1));
    cmsToneCurve* const curves[3] = {straight.get(), straight.get(), straight.get()};
    return Profile(cmsCreateRGBProfile(&white, &primaries, curves));
}

}  // namespace

Result<IccInput> IccInput::fromBytes(std::span<const unsigned char> bytes) {
    const Profile p = opened(bytes);
    if (!p) return failure(say("Its embedded ICC profile is damaged."));
    IccInput in;
    in.description_ = descriptionOf(p.get());
    const auto kind = cmsGetDeviceClass(p.get());
    if (cmsGetColorSpace(p.get()) != cmsSigRgbData ||
        (kind != cmsSigInputClass && kind != cmsSigDisplayClass && kind != cmsSigOutputClass &&
         kind != cmsSigColorSpaceClass))
        return failure(
            say("Its embedded ICC profile, \"%1\", does not describe RGB pictures.", in.description_));
    in.curve_ = curveOf(p.get(), "profile " + in.description_);
    if (!in.curve_) in.bytes_.assign(bytes.begin(), bytes.end());
    return in;
}

Result<LinearImage> IccInput::linear(const EncodedImage& stored) const {
    const Profile from = opened({reinterpret_cast<const unsigned char*>(bytes_.data()), bytes_.size()});
    const Profile to = linearWide();
    const std::unique_ptr<void, Frees> through(
        from && to ? cmsCreateTransform(from.get(), TYPE_RGB_FLT, to.get(), TYPE_RGB_FLT,
                                        INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_NOCACHE)
                   : nullptr);
    if (!through) return failure(say("Its embedded ICC profile, \"%1\", cannot be used.", description_));
    LinearImage out(stored.width(), stored.height());
    tbb::parallel_for(tbb::blocked_range<int>(0, stored.height(), 32),
                      [&](const tbb::blocked_range<int>& rows) {
                          for (int y = rows.begin(); y < rows.end(); ++y)
                              cmsDoTransform(through.get(), stored.row(y), out.row(y),
                                             static_cast<cmsUInt32Number>(stored.width()));
                      });
    return out;
}

}  // namespace refero::io
