// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/ocio_config.h"

#include <sstream>

#include "core/colour/adaptation.h"
#include "core/say/say.h"
#include "io/handover/transform_chain.h"

namespace refero::io {

namespace ocio = OCIO_NAMESPACE;

namespace {

ocio::FileTransformRcPtr file(const std::string& name) {
    auto out = ocio::FileTransform::Create();
    out->setSrc(name.c_str());
    out->setInterpolation(ocio::INTERP_TETRAHEDRAL);
    return out;
}

// From AP1 to XYZ of D65's white.
ocio::MatrixTransformRcPtr d65Xyz() {
    const Matrix3 m =
        adaptation(Adaptation::bradford, primaries::ap1.white, white::d65) * rgbToXyz(primaries::ap1);
    double m44[16] = {};
    for (int i = 0; i < 3; ++i)
        for (int j = 0; j < 3; ++j) m44[4 * i + j] = m(i, j);
    m44[15] = 1;
    auto out = ocio::MatrixTransform::Create();
    out->setMatrix(m44);
    return out;
}

}  // namespace

Result<std::string> ocioConfig(const Correction& c, const Transfer& inputEncoding, const std::string& clfName,
                               const std::string& finishName) {
    try {
        auto config = ocio::Config::Create();
        config->setVersion(2, 1);
        config->setDescription(("Made by Refero: " + c.name).c_str());
        config->setSearchPath(".");

        auto scene = ocio::ColorSpace::Create();
        scene->setName(kSceneSpace);
        scene->setFamily("Scene");
        scene->setEncoding("scene-linear");
        scene->setDescription("Scene-linear, primaries and white of the Academy's S-2014-004.");
        config->addColorSpace(scene);

        auto linear = ocio::ColorSpace::Create();
        linear->setName(kLinearSpace);
        linear->setFamily("Scene");
        linear->setEncoding("scene-linear");
        linear->setDescription("Scene-linear, primaries and white of ITU-R BT.709.");
        linear->setTransform(viewOf({}, OutputSpace::linearSrgb, OutputSpace::acescg),
                             ocio::COLORSPACE_DIR_TO_REFERENCE);
        config->addColorSpace(linear);

        auto camera = ocio::ColorSpace::Create();
        camera->setName(kCameraSpace);
        camera->setFamily("Camera");
        camera->setDescription((c.name + ": camera RGB as recorded, no white balance, encoded as " +
                                std::string(name(inputEncoding)) + "; nominal exposure, no offset.")
                                   .c_str());
        camera->setTransform(file(clfName), ocio::COLORSPACE_DIR_TO_REFERENCE);
        config->addColorSpace(camera);

        // What other configurations know them by: names of the interchange roles (OpenColorIO 2, "Roles").
        const auto interchange = [&](const char* space, OutputSpace as, const char* description) {
            auto s = ocio::ColorSpace::Create();
            s->setName(space);
            s->setFamily("Interchange");
            s->setEncoding("scene-linear");
            s->setDescription(description);
            s->setTransform(viewOf({}, as, OutputSpace::acescg), ocio::COLORSPACE_DIR_TO_REFERENCE);
            config->addColorSpace(s);
        };
        interchange(kAcesSpace, OutputSpace::aces2065, "SMPTE ST 2065-1: scene-linear, AP0.");
        auto log = ocio::ColorSpace::Create();
        log->setName(kLogSpace);
        log->setFamily("Scene");
        log->setEncoding("log");
        log->setDescription("Academy S-2016-001: logarithmic, for grading.");
        log->setTransform(viewOf({}, OutputSpace::acescg, OutputSpace::acescct),
                          ocio::COLORSPACE_DIR_FROM_REFERENCE);
        config->addColorSpace(log);
        // Of displays, which are related by XYZ of their white, D65.
        auto xyz = ocio::ColorSpace::Create(ocio::REFERENCE_SPACE_DISPLAY);
        xyz->setName(kDisplayXyz);
        xyz->setFamily("Interchange");
        xyz->setEncoding("display-linear");
        xyz->setDescription("CIE XYZ of displays, D65.");
        config->addColorSpace(xyz);
        auto toXyz = ocio::ViewTransform::Create(ocio::REFERENCE_SPACE_SCENE);
        toXyz->setName("Unchanged");
        toXyz->setTransform(d65Xyz(), ocio::VIEWTRANSFORM_DIR_FROM_REFERENCE);
        config->addViewTransform(toXyz);

        const auto display = [&](const char* space, const char* view,
                                 const ocio::ConstTransformRcPtr& transform) {
            auto s = ocio::ColorSpace::Create();
            s->setName(space);
            s->setFamily("Display");
            s->setEncoding("sdr-video");
            s->setDescription("IEC 61966-2-1, values as a display is given them.");
            s->setTransform(transform, ocio::COLORSPACE_DIR_FROM_REFERENCE);
            config->addColorSpace(s);
            config->addDisplayView(kDisplay, view, space, "");
        };
        display("sRGB", kViewNeutral, viewOf({}, OutputSpace::acescg, OutputSpace::srgb));
        if (!c.finish.isNone()) display("sRGB with finish", kViewFinished, file(finishName));

        config->setRole(ocio::ROLE_SCENE_LINEAR, kSceneSpace);
        config->setRole(ocio::ROLE_DEFAULT, kSceneSpace);
        config->setRole(ocio::ROLE_COLOR_TIMING, kLogSpace);
        config->setRole(ocio::ROLE_COMPOSITING_LOG, kLogSpace);
        config->setRole("aces_interchange", kAcesSpace);
        config->setRole("cie_xyz_d65_interchange", kDisplayXyz);
        config->validate();
        std::ostringstream out;
        config->serialize(out);
        return out.str();
    } catch (const std::exception& e) {
        return failure(say("OpenColorIO could not make the configuration: %1", e.what()));
    }
}

}  // namespace refero::io
