// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/proof.h"

#include <OpenColorIO/OpenColorIO.h>
#include <lcms2.h>

#include <Eigen/LU>
#include <algorithm>
#include <exiv2/exiv2.hpp>
#include <functional>
#include <memory>
#include <random>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/render/render.h"
#include "core/say/say.h"
#include "io/files/safe_write.h"
#include "io/handover/ocio_config.h"

namespace refero::io {
namespace {

namespace ocio = OCIO_NAMESPACE;

Proof compared(std::string engine, const std::vector<Lab>& ours, const std::vector<Lab>& theirs) {
    Proof p{std::move(engine), ours.size(), 0, 0};
    for (std::size_t i = 0; i < ours.size(); ++i) {
        const double d = ciede2000(ours[i], theirs[i]);
        p.largest = std::max(p.largest, std::isfinite(d) ? d : 1e9);
        p.mean += d / static_cast<double>(ours.size());
    }
    return p;
}

using Engine = std::function<Vector3(const Vector3& fed)>;

// What `engine` makes of the colours in the feed's encoding against what the file should do.
Proof comparedLut(std::string name, const RepresentablePart& representable, const Engine& engine) {
    std::vector<Lab> ours, theirs;
    for (const Vector3& camera : representable.colours) {
        Vector3 fed = camera.unaryExpr([&](double v) { return representable.inputEncoding.encode(v); });
        if (representable.videoRange) fed = fed.unaryExpr([](double v) { return toVideoRange(v); });
        Vector3 given = engine(fed);
        if (representable.videoRange) given = given.unaryExpr([](double v) { return fromVideoRange(v); });
        theirs.push_back(labOfStored(given, representable.space));
        ours.push_back(representable.lab(camera));
    }
    return compared(std::move(name), ours, theirs);
}

Engine engineOf(const ocio::ConstProcessorRcPtr& processor) {
    return [cpu = processor->getDefaultCPUProcessor()](const Vector3& fed) {
        float pixel[3] = {static_cast<float>(fed.x()), static_cast<float>(fed.y()),
                          static_cast<float>(fed.z())};
        cpu->applyRGB(pixel);
        return Vector3(pixel[0], pixel[1], pixel[2]);
    };
}

// Errors of OpenColorIO are exceptions.
template <class Work>
Result<Proof> withOcio(const Work& work) {
    try {
        // Side files come and go under like names; a cached reading would prove the wrong one.
        ocio::ClearAllCaches();
        return work();
    } catch (const std::exception& e) {
        return failure(say("OpenColorIO could not read the file back: %1", e.what()));
    }
}

}  // namespace

std::string ocioName() {
    return std::string("OpenColorIO ") + ocio::GetVersion();
}

std::vector<Vector3> proofColours(const Correction& c, OutputSpace space) {
    std::vector<Vector3> out;
    for (const double level : {1.0, 0.5, 0.25})
        for (const PatchResult& p : c.patches) out.push_back(p.rgb * level);
    // Even in the display's encoding, as eyes count; XYZ has no gamut of its own, so that of BT.709 serves.
    const OutputSpace gamut = space == OutputSpace::xyzD50 ? OutputSpace::srgb : space;
    const Matrix3 fromXyz = xyzD50ToLinear(gamut) / info(gamut).white;
    // What bends colours is taken as what it is about grey; the result decides whether a colour is inside.
    const Matrix3 look = c.look ? c.look->slope(whiteXyz(white::d50)) : Matrix3(Matrix3::Identity());
    const Matrix3 back =
        (fromXyz * look * c.colours.slope({1, 1, 1}) * (c.gains * c.level).asDiagonal()).inverse();
    std::mt19937 random(20260514);
    std::size_t tries = 0;
    for (std::size_t found = 0; found < 4000 && tries < 400000; ++tries) {
        Vector3 v;
        for (int k = 0; k < 3; ++k)
            v(k) = decode(Encoding::srgb, static_cast<double>(random()) / 4294967295.0);
        const Vector3 camera = back * v;
        if (camera.minCoeff() < 0 || camera.maxCoeff() > 1) continue;
        const Vector3 inside = fromXyz * c.toXyzD50(camera).vector();
        if (inside.minCoeff() < -1e-9 || inside.maxCoeff() > 1 + 1e-9) continue;
        out.push_back(camera);
        ++found;
    }
    return out;
}

Result<Proof> proveTransform(const std::filesystem::path& file, const RepresentablePart& representable) {
    return withOcio([&] {
        const auto transform = ocio::FileTransform::Create();
        transform->setSrc(file.c_str());
        transform->setInterpolation(ocio::INTERP_BEST);  // tetrahedral for 3D
        transform->setCCCId("0");                        // the first of a decision list's
        transform->setCDLStyle(ocio::CDL_ASC);
        return comparedLut(ocioName(), representable,
                           engineOf(ocio::Config::CreateRaw()->getProcessor(transform)));
    });
}

Result<Proof> proveConfig(const std::filesystem::path& file, const RepresentablePart& representable,
                          const Finish& finish) {
    return withOcio([&] {
        const auto config = ocio::Config::CreateFromFile(file.c_str());
        config->validate();
        const Proof scene =
            comparedLut(ocioName(), representable, engineOf(config->getProcessor(kCameraSpace, kSceneSpace)));
        RepresentablePart viewed = representable;
        viewed.space = OutputSpace::srgb;
        viewed.colours = proofColours(viewed.correction, viewed.space);
        viewed.correction.finish = finish;
        viewed.rendering = compile(viewed.correction, viewed.space);
        const auto processor =
            config->getProcessor(kCameraSpace, kDisplay, finish.isNone() ? kViewNeutral : kViewFinished,
                                 ocio::TRANSFORM_DIR_FORWARD);
        Proof view = comparedLut(ocioName(), viewed, engineOf(processor));
        view.largest = std::max(view.largest, scene.largest);
        view.mean = std::max(view.mean, scene.mean);
        return view;
    });
}

Result<Proof> expectedOf(const ocio::GroupTransformRcPtr& chain, const RepresentablePart& representable) {
    return withOcio([&] {
        return comparedLut(ocioName(), representable,
                           engineOf(ocio::Config::CreateRaw()->getProcessor(chain)));
    });
}

Proof expectedOf(const Cube& cube, const RepresentablePart& representable) {
    return comparedLut("Refero", representable, [&](const Vector3& fed) { return cube.at(fed); });
}

Result<Proof> proveDcp(const std::filesystem::path& file, const RepresentablePart& representable) {
    const auto profile = readFile(file).and_then([](const std::string& bytes) { return readDcp(bytes); });
    if (!profile) return tl::unexpected(profile.error());
    if (profile->lights.size() != representable.dcp->lights.size())
        return failure(say("The camera profile does not read back with its lights."));
    const auto& curve = representable.dcp->toneCurve;
    const bool sameCurve =
        std::equal(curve.begin(), curve.end(), profile->toneCurve.begin(), profile->toneCurve.end(),
                   [](const auto& a, const auto& b) {
                       return std::abs(a.first - b.first) < 1e-6 && std::abs(a.second - b.second) < 1e-6;
                   });
    if (!sameCurve) return failure(say("The camera profile does not read back with its tone curve."));
    const Vector3 neutral = neutralOf(representable.correction);
    std::vector<Lab> ours, theirs;
    for (const Vector3& camera : representable.colours) {
        if (!withinProfile(representable.correction, camera)) continue;
        ours.push_back(representable.lab(camera));
        theirs.push_back(toLab(profile->toXyzD50(camera, neutral, representable.dcpLight), white::d50));
    }
    return compared("Exiv2 " + Exiv2::versionString(), ours, theirs);
}

Result<Proof> proveIcc(const std::filesystem::path& file, const RepresentablePart& representable) {
    const Correction& c = representable.correction;
    const auto closeProfile = [](void* p) { cmsCloseProfile(p); };
    using Profile = std::unique_ptr<void, decltype(closeProfile)>;
    const Profile profile(cmsOpenProfileFromFile(file.c_str(), "r"), closeProfile);
    const Profile xyz(cmsCreateXYZProfile(), closeProfile);
    if (!profile) return failure(say("Little CMS could not read the profile back."));
    const auto deleteTransform = [](void* t) { cmsDeleteTransform(t); };
    const std::unique_ptr<void, decltype(deleteTransform)> transform(
        cmsCreateTransform(profile.get(), TYPE_RGB_DBL, xyz.get(), TYPE_XYZ_DBL, INTENT_RELATIVE_COLORIMETRIC,
                           cmsFLAGS_NOOPTIMIZE | cmsFLAGS_NOCACHE),
        deleteTransform);
    if (!transform) return failure(say("Little CMS could not make a transform of the profile."));
    std::vector<Lab> ours, theirs;
    for (const Vector3& camera : representable.colours) {
        double in[3], out[3];
        for (int k = 0; k < 3; ++k) in[k] = representable.inputEncoding.encode(camera(k));
        cmsDoTransform(transform.get(), in, out, 1);
        theirs.push_back(toLab(Xyz{out[0], out[1], out[2]}, white::d50));
        ours.push_back(c.toLab(camera));
    }
    const int v = cmsGetEncodedCMMversion();
    return compared("Little CMS " + std::to_string(v / 1000) + "." + std::to_string(v % 1000 / 10), ours,
                    theirs);
}

}  // namespace refero::io
