// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/cdl_file.h"

#include <OpenColorIO/OpenColorIO.h>

#include <sstream>

#include "core/render/render.h"
#include "core/say/say.h"

namespace refero::io {

namespace ocio = OCIO_NAMESPACE;

Result<Cdl> cdlFor(const ColourTransform& c, const Transfer& inputEncoding, OutputSpace space,
                   std::span<const Vector3> colours) {
    const Rendering rendering = compile(c, space);
    std::vector<Vector3> from, to;
    for (const Vector3& camera : colours) {
        from.push_back(camera.unaryExpr([&](double v) { return inputEncoding.encode(v); }));
        to.push_back(rendered(camera, rendering));
    }
    return nearestCdl(from, to);
}

Result<std::string> cdlFile(const Cdl& c, const std::string& id, const std::string& description) {
    try {
        const auto t = ocio::CDLTransform::Create();
        t->setSlope(c.slope.data());
        t->setOffset(c.offset.data());
        t->setPower(c.power.data());
        t->setSat(c.saturation);
        t->setStyle(ocio::CDL_ASC);
        t->setID(id.c_str());
        t->setFirstSOPDescription(description.c_str());
        auto group = ocio::GroupTransform::Create();
        group->appendTransform(t);
        std::ostringstream out;
        group->write(ocio::Config::CreateRaw(), "ColorDecisionList", out);
        return out.str();
    } catch (const std::exception& e) {
        return failure(say("OpenColorIO could not write the decision list: %1", e.what()));
    }
}

}  // namespace refero::io
