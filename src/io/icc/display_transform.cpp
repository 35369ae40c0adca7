// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/icc/display_transform.h"

#include <lcms2.h>
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <bit>

#include "io/files/safe_write.h"

namespace refero::io {
namespace {

struct Closes {
    void operator()(void* p) const { cmsCloseProfile(p); }
};
using Profile = std::unique_ptr<void, Closes>;

constexpr std::size_t kLargestProfile = 32u << 20;

}  // namespace

Result<DisplayTransform> DisplayTransform::fromProfile(std::string_view bytes) {
    static_assert(std::endian::native == std::endian::little, "0xAARRGGBB is BGRA in memory");
    cmsSetLogErrorHandler([](cmsContext, cmsUInt32Number, const char*) {});
    const Profile display(cmsOpenProfileFromMem(bytes.data(), static_cast<cmsUInt32Number>(bytes.size())));
    if (!display) return failure("That is no ICC profile, or a damaged one.");
    if (cmsGetColorSpace(display.get()) != cmsSigRgbData)
        return failure("That ICC profile does not describe a display of red, green and blue.");
    const Profile srgb(cmsCreate_sRGBProfile());
    const auto through = std::shared_ptr<void>(
        cmsCreateTransform(srgb.get(), TYPE_BGRA_8, display.get(), TYPE_BGRA_8, INTENT_RELATIVE_COLORIMETRIC,
                           cmsFLAGS_NOCACHE | cmsFLAGS_BLACKPOINTCOMPENSATION | cmsFLAGS_COPY_ALPHA |
                               cmsFLAGS_HIGHRESPRECALC),
        [](void* t) {
            if (t) cmsDeleteTransform(t);
        });
    if (!through) return failure("That ICC profile cannot be used to show pictures with.");
    DisplayTransform d;
    char text[200] = {};
    cmsGetProfileInfoASCII(display.get(), cmsInfoDescription, "en", "US", text, sizeof text);
    d.description_ = text[0] ? text : "a profile without a name";
    d.through_ = through;
    return d;
}

Result<DisplayTransform> DisplayTransform::fromFile(const std::filesystem::path& path) {
    return readFile(path, kLargestProfile).and_then([&](const std::string& bytes) {
        return fromProfile(bytes);
    });
}

void DisplayTransform::apply(std::span<std::uint32_t> pixels) const {
    if (!through_) return;
    tbb::parallel_for(tbb::blocked_range<std::size_t>(0, pixels.size(), 1 << 14), [&](const auto& part) {
        cmsDoTransform(through_.get(), pixels.data() + part.begin(), pixels.data() + part.begin(),
                       static_cast<cmsUInt32Number>(part.size()));
    });
}

}  // namespace refero::io
