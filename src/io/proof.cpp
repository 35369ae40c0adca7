// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/proof.h"

#include <OpenColorIO/OpenColorIO.h>
#include <lcms2.h>

#include <Eigen/LU>
#include <algorithm>
#include <memory>
#include <random>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/render/render.h"

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

// An output's stored numbers back to Lab.
Lab labOf(const Vector3& stored, OutputSpace space) {
    Vector3 v = stored;
    for (int c = 0; c < 3; ++c) v(c) = decode(info(space).encoding, v(c));
    return toLab(Xyz::from(xyzD50ToLinear(space).inverse() * v), white::d50);
}

// Our own rendering against what `engine` makes of the same colours in the LUT's encoding.
template <class Engine>
Proof comparedLut(std::string name, const Correction& c, const Transfer& encoding, OutputSpace space,
                  const Engine& engine) {
    const Rendering rendering = compile(c, space);
    std::vector<Lab> ours, theirs;
    for (const Vector3& camera : proofColours(c, space)) {
        Vector3 fed;
        for (int k = 0; k < 3; ++k) fed(k) = encoding.encode(camera(k));
        theirs.push_back(labOf(engine(fed), space));
        ours.push_back(labOf(rendered(camera, rendering), space));
    }
    return compared(std::move(name), ours, theirs);
}

struct LutJob {
    ocio::ConstCPUProcessorRcPtr processor;
};

Result<LutJob> openLut(const std::filesystem::path& file) {
    try {
        const auto transform = ocio::FileTransform::Create();
        transform->setSrc(file.c_str());
        transform->setInterpolation(ocio::INTERP_TETRAHEDRAL);
        // Side files come and go under like names; a cached reading would prove the wrong one.
        ocio::ClearAllCaches();
        const auto config = ocio::Config::CreateRaw();
        return LutJob{config->getProcessor(transform)->getDefaultCPUProcessor()};
    } catch (const std::exception& e) {
        return failure(std::string("OpenColorIO could not read the LUT back: ") + e.what());
    }
}

}  // namespace

std::vector<Vector3> proofColours(const Correction& c, OutputSpace space) {
    std::vector<Vector3> out;
    for (const double level : {1.0, 0.5, 0.25})
        for (const PatchResult& p : c.patches) out.push_back(p.rgb * level);
    // Even in the display's encoding, as eyes count; XYZ has no gamut of its own, so that of BT.709 serves.
    const OutputSpace gamut = space == OutputSpace::xyzD50 ? OutputSpace::srgb : space;
    const Matrix3 fromXyz = xyzD50ToLinear(gamut);
    // What bends colours is taken as what it is about grey; the result decides whether a colour is inside.
    const Matrix3 back = (fromXyz * c.colours.slope({1, 1, 1}) * (c.gains * c.level).asDiagonal()).inverse();
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

Result<Proof> proveCube(const std::filesystem::path& file, const Correction& c, const Transfer& encoding,
                        OutputSpace space) {
    const auto lut = openLut(file);
    if (!lut) return tl::unexpected(lut.error());
    return comparedLut(std::string("OpenColorIO ") + ocio::GetVersion(), c, encoding, space,
                       [&](const Vector3& fed) {
                           float pixel[3] = {static_cast<float>(fed.x()), static_cast<float>(fed.y()),
                                             static_cast<float>(fed.z())};
                           lut->processor->applyRGB(pixel);
                           return Vector3(pixel[0], pixel[1], pixel[2]);
                       });
}

Proof expectedOf(const Cube& cube, const Correction& c) {
    return comparedLut("Refero", c, cube.options().encoding, cube.options().space,
                       [&](const Vector3& fed) { return cube.at(fed); });
}

Result<Proof> proveIcc(const std::filesystem::path& file, const Correction& c, const Transfer& encoding) {
    const auto closeProfile = [](void* p) { cmsCloseProfile(p); };
    using Profile = std::unique_ptr<void, decltype(closeProfile)>;
    const Profile profile(cmsOpenProfileFromFile(file.c_str(), "r"), closeProfile);
    const Profile xyz(cmsCreateXYZProfile(), closeProfile);
    if (!profile) return failure("Little CMS could not read the profile back.");
    const auto deleteTransform = [](void* t) { cmsDeleteTransform(t); };
    const std::unique_ptr<void, decltype(deleteTransform)> transform(
        cmsCreateTransform(profile.get(), TYPE_RGB_DBL, xyz.get(), TYPE_XYZ_DBL, INTENT_RELATIVE_COLORIMETRIC,
                           cmsFLAGS_NOOPTIMIZE | cmsFLAGS_NOCACHE),
        deleteTransform);
    if (!transform) return failure("Little CMS could not make a transform of the profile.");
    std::vector<Lab> ours, theirs;
    for (const Vector3& camera : proofColours(c, OutputSpace::srgb)) {
        double in[3], out[3];
        for (int k = 0; k < 3; ++k) in[k] = encoding.encode(camera(k));
        cmsDoTransform(transform.get(), in, out, 1);
        theirs.push_back(toLab(Xyz{out[0], out[1], out[2]}, white::d50));
        ours.push_back(c.toLab(camera));
    }
    const int v = cmsGetEncodedCMMversion();
    return compared("Little CMS " + std::to_string(v / 1000) + "." + std::to_string(v % 1000 / 10), ours,
                    theirs);
}

}  // namespace refero::io
