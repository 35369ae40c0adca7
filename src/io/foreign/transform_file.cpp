// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/foreign/transform_file.h"

#include <OpenColorIO/OpenColorIO.h>
#include <lcms2.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <memory>

#include "core/colour/shown_picture.h"
#include "core/finish/finish.h"
#include "core/read/balance.h"
#include "core/say/say.h"
#include "io/correction_file.h"
#include "io/files/safe_write.h"
#include "io/foreign/cube_scan.h"
#include "io/foreign/dcp_developer.h"
#include "io/handover/ocio_config.h"

namespace refero::io {
namespace {

namespace ocio = OCIO_NAMESPACE;
namespace fs = std::filesystem;

constexpr std::size_t kMostBytes = std::size_t{256} << 20;

std::string endingOf(const fs::path& path) {
    std::string out = path.extension().string();
    std::transform(out.begin(), out.end(), out.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return out;
}

ForeignTransform named(const fs::path& path, std::string kind) {
    ForeignTransform c;
    c.name = path.filename().string();
    c.kind = std::move(kind);
    return c;
}

void runBy(ForeignTransform& c, const ocio::ConstProcessorRcPtr& processor) {
    c.apply = [cpu = processor->getDefaultCPUProcessor()](const Vector3& fed) {
        float pixel[3] = {static_cast<float>(fed.x()), static_cast<float>(fed.y()),
                          static_cast<float>(fed.z())};
        cpu->applyRGB(pixel);
        return Vector3(pixel[0], pixel[1], pixel[2]);
    };
}

// A transform that gives no numbers gives no colours.
Status givesNumbers(const ForeignTransform& c) {
    for (const double v : {0.0, 0.18, 0.5, 1.0})
        if (!c.apply(Vector3::Constant(v)).allFinite())
            return failure(say("%1 makes numbers that are not finite of plain greys.", c.name));
    return {};
}

Result<ForeignTransform> byOcio(const fs::path& path, std::string kind, int points,
                                std::vector<std::string> remarks) {
    try {
        const auto transform = ocio::FileTransform::Create();
        transform->setSrc(path.c_str());
        transform->setInterpolation(ocio::INTERP_BEST);
        transform->setCCCId("0");
        transform->setCDLStyle(ocio::CDL_ASC);
        ocio::ClearAllCaches();
        ForeignTransform c = named(path, std::move(kind));
        c.points = points;
        c.remarks = std::move(remarks);
        runBy(c, ocio::Config::CreateRaw()->getProcessor(transform));
        return c;
    } catch (const std::exception& e) {
        return failure(say("%1 cannot be read: %2", path.filename().string(), e.what()));
    }
}

Result<ForeignTransform> cube(const fs::path& path) {
    const auto text = readFile(path, kMostBytes);
    if (!text) return tl::unexpected(text.error());
    const auto scan = scanCube(*text, path.filename().string());
    if (!scan) return tl::unexpected(scan.error());
    std::string kind;
    if (scan->points3d == 0)
        kind = say(".cube, curves of %1 points", std::to_string(scan->points1d));
    else
        kind = say(".cube, 3D of %1 points%2", std::to_string(scan->points3d),
                   scan->points1d ? say(" after curves") : "");
    return byOcio(path, kind, scan->points3d, scan->remarks);
}

Result<ForeignTransform> configuration(const fs::path& path, const TransformOptions& o) {
    try {
        ocio::ClearAllCaches();
        const auto config = ocio::Config::CreateFromFile(path.c_str());
        config->validate();
        const auto has = [&](const char* name) { return config->getColorSpace(name) != nullptr; };
        const std::string from = !o.inputSpace.empty()          ? o.inputSpace
                                 : has(kCameraSpace)            ? kCameraSpace
                                 : has(ocio::ROLE_SCENE_LINEAR) ? ocio::ROLE_SCENE_LINEAR
                                                                : ocio::ROLE_DEFAULT;
        const std::string display = o.display.empty() ? config->getDefaultDisplay() : o.display;
        const std::string view = o.view.empty() ? config->getDefaultView(display.c_str()) : o.view;
        ForeignTransform c =
            named(path, say("OpenColorIO configuration, from %1 to %2, view %3", from, display, view));
        runBy(c,
              config->getProcessor(from.c_str(), display.c_str(), view.c_str(), ocio::TRANSFORM_DIR_FORWARD));
        if (o.inputSpace.empty() && !has(kCameraSpace)) c.feed = Encoding::linear;
        return c;
    } catch (const std::exception& e) {
        return failure(say("%1 cannot be used: %2", path.filename().string(), e.what()));
    }
}

struct Closes {
    void operator()(void* p) const { cmsCloseProfile(p); }
};
struct Frees {
    void operator()(void* t) const { cmsDeleteTransform(t); }
};

Result<ForeignTransform> icc(const fs::path& path, const Reading& reading) {
    const auto bytes = readFile(path, kMostBytes);
    if (!bytes) return tl::unexpected(bytes.error());
    cmsSetLogErrorHandler([](cmsContext, cmsUInt32Number, const char*) {});
    const std::unique_ptr<void, Closes> profile(
        cmsOpenProfileFromMem(bytes->data(), static_cast<cmsUInt32Number>(bytes->size())));
    const std::string file = path.filename().string();
    if (!profile) return failure(say("%1 is no ICC profile, or it is damaged.", file));
    const auto kind = cmsGetDeviceClass(profile.get());
    const bool link = kind == cmsSigLinkClass;
    if ((kind != cmsSigInputClass && !link) || cmsGetColorSpace(profile.get()) != cmsSigRgbData ||
        (link && cmsGetPCS(profile.get()) != cmsSigRgbData))
        return failure(
            say("%1 is an ICC profile of another class. Only input profiles and device links for RGB do "
                "something to a camera's picture.",
                file));
    ForeignTransform c = named(path, link ? say("ICC device link") : say("ICC input profile"));
    std::shared_ptr<void> through;
    if (link) {
        cmsHPROFILE one[] = {profile.get()};
        through.reset(cmsCreateMultiprofileTransform(one, 1, TYPE_RGB_FLT, TYPE_RGB_FLT, INTENT_PERCEPTUAL,
                                                     cmsFLAGS_NOCACHE | cmsFLAGS_NOOPTIMIZE),
                      Frees());
    } else {
        const std::unique_ptr<void, Closes> xyz(cmsCreateXYZProfile());
        through.reset(
            cmsCreateTransform(profile.get(), TYPE_RGB_FLT, xyz.get(), TYPE_XYZ_FLT,
                               INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_NOCACHE | cmsFLAGS_NOOPTIMIZE),
            Frees());
        c.space = OutputSpace::xyzD50;
        c.feed = reading.encoding;
    }
    if (!through) return failure(say("%1 cannot be carried out by Little CMS.", file));
    c.apply = [through](const Vector3& fed) {
        const float in[3] = {static_cast<float>(fed.x()), static_cast<float>(fed.y()),
                             static_cast<float>(fed.z())};
        float out[3] = {0, 0, 0};
        cmsDoTransform(through.get(), in, out, 1);
        return Vector3(out[0], out[1], out[2]);
    };
    return c;
}

Result<ForeignTransform> dcp(const fs::path& path, const Reading& reading) {
    const std::string file = path.filename().string();
    const auto profile = readFile(path, kMostBytes).and_then([](const std::string& b) { return readDcp(b); });
    if (!profile) return failure(file + ": " + profile.error().message);
    if (reading.encoding != Encoding::linear)
        return failure(say("%1 is for raw files; this reading is of an encoded frame.", file));
    const auto gains = neutralGains(reading);
    if (!gains)
        return failure(say("%1 needs a grey to be balanced on, and no grey of the chart can be used.", file));
    const auto developer = DcpDeveloper::of(*profile, gains->cwiseInverse());
    if (!developer) return failure(file + ": " + developer.error().message);
    ForeignTransform c = named(path, profile->lights.size() > 1 ? say("Camera profile for two lights")
                                                                : say("Camera profile for one light"));
    if (profile->lights.size() > 1)
        c.remarks.push_back(say("Of its two lights, the second has a share of %1 % in this one.",
                                std::to_string(static_cast<int>(std::lround(100 * developer->share())))));
    c.feed = Encoding::linear;
    c.balance = FeedBalance::balanced;
    c.space = OutputSpace::xyzD50;
    c.apply = [d = *developer](const Vector3& fed) { return d.developed(fed).vector(); };
    return c;
}

Result<ForeignTransform> correction(const fs::path& path) {
    return readCorrection(path).map(
        [&](Correction c) { return transformOf(std::move(c), path.filename().string()); });
}

constexpr std::array<const char*, 15> kEndings{".cube",  ".clf", ".ctf", ".3dl",  ".spi1d",
                                               ".spi3d", ".cdl", ".cc",  ".ccc",  ".ocio",
                                               ".icc",   ".icm", ".dcp", ".json", ".csp"};

}  // namespace

bool isTransformFile(const fs::path& path) {
    return std::find(kEndings.begin(), kEndings.end(), endingOf(path)) != kEndings.end();
}

Result<ForeignTransform> readTransform(const fs::path& path, const Reading& reading,
                                       const TransformOptions& options) {
    const std::string ending = endingOf(path);
    std::error_code error;
    if (!fs::is_regular_file(path, error))
        return failure(say("%1 is not there, or is no file.", path.string()));
    const auto made = [&]() -> Result<ForeignTransform> {
        if (ending == ".cube") return cube(path);
        if (ending == ".ocio") return configuration(path, options);
        if (ending == ".icc" || ending == ".icm") return icc(path, reading);
        if (ending == ".dcp") return dcp(path, reading);
        if (ending == ".json") return correction(path);
        if (ending == ".cdl" || ending == ".cc" || ending == ".ccc")
            return byOcio(path, say("Decision list (CDL)"), 0, {});
        if (isTransformFile(path)) return byOcio(path, say("%1 file", ending.substr(1)), 0, {});
        return failure(
            say("%1 is no transform that can be assessed: .cube, .clf, .icc, .dcp, .cdl, an OpenColorIO "
                "configuration or a correction is.",
                path.filename().string()));
    }();
    if (!made) return made;
    if (auto ok = givesNumbers(*made); !ok) return tl::unexpected(ok.error());
    return made;
}

ForeignTransform transformOf(Correction correction, const std::string& called) {
    ForeignTransform c;
    c.name = called;
    c.kind = say("Correction, %1", name(correction.model));
    c.feed = Encoding::linear;  // what was recorded, decoded by the correction's own encoding
    c.balance = FeedBalance::asRecorded;
    c.space = OutputSpace::xyzD50;
    const CompiledFinish finish = compile(correction.finish);
    c.apply = [correction = std::move(correction), finish](const Vector3& fed) {
        const Xyz seen = correction.toXyzD50(fed);
        return (correction.finish.isNone() ? seen : finished(seen, finish)).vector();
    };
    return c;
}

ForeignTransform asRecorded(const Reading& reading) {
    ForeignTransform c;
    c.name = say("As recorded");
    c.kind = say("Nothing is done");
    c.apply = [](const Vector3& fed) { return fed; };
    if (const auto shown = shownPicture(reading.encoding)) {
        c.feed = reading.encoding;
        c.space = shown->space;
        c.balance = FeedBalance::asRecorded;
    } else {
        c.feed = Encoding::linear;
        c.space = OutputSpace::linearSrgb;
        c.balance = FeedBalance::balanced;
    }
    return c;
}

}  // namespace refero::io
