// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/handover/receivers.h"

#include <initializer_list>

namespace refero {
namespace {

using io::Format;

std::vector<io::ExportOptions> as(std::initializer_list<Format> formats) {
    std::vector<io::ExportOptions> out;
    for (const Format f : formats) {
        io::ExportOptions o;
        o.format = f;
        out.push_back(o);
    }
    return out;
}

FramesWish frames(io::FrameOutput output) {
    FramesWish out;
    out.output = std::move(output);
    return out;
}

}  // namespace

const ReceiverInfo& info(Receiver receiver) {
    static constexpr std::array<ReceiverInfo, 5> all{{
        {"receiverRaw", "Raw developer", "Profiles of camera and input",
         "For whoever develops the frames: true colours for every frame of this setup."},
        {"receiverEditor", "Editor", "LUT and recipe",
         "For cutting and grading: a LUT for BT.709, and the correction told for wheels and hue controls."},
        {"receiverCompositor", "Compositor", "Configuration and plates",
         "For images that a renderer's sit in: scene-linear ACEScg, nothing clipped, no finish, and the view "
         "to judge them by."},
        {"receiverClient", "Client", "Pictures and report",
         "For whoever decides by the colour: finished pictures, and what the colours are good for."},
        {"receiverArchive", "Archive", "Masters and all figures",
         "For later: pictures of 16 bits, the correction's document, its readings and the report."},
    }};
    return all[static_cast<std::size_t>(receiver)];
}

Parcel parcelFor(Receiver receiver, const Correction& c) {
    Parcel p;
    p.receiver = QString::fromLatin1(info(receiver).title);
    const bool raw = c.inputEncoding == Encoding::linear;
    switch (receiver) {
        case Receiver::rawDeveloper:
            p.exports = raw ? as({Format::dcp, Format::icc}) : as({Format::icc, Format::icc2});
            break;
        case Receiver::editor:
            p.exports = as({Format::cube});
            p.exports.front().space = OutputSpace::rec709;
            p.recipe = true;
            break;
        case Receiver::compositor: {
            p.exports = as({Format::ocio});
            io::FrameOutput plate;
            plate.kind = "exr";
            plate.space = OutputSpace::acescg;
            plate.finish = false;
            p.check = plate;
            p.frames = frames(plate);
            break;
        }
        case Receiver::client: {
            io::FrameOutput jpeg;
            jpeg.kind = "jpg";
            jpeg.longEdge = 2560;
            p.frames = frames(jpeg);
            p.report = true;
            break;
        }
        case Receiver::archive:
            p.exports = as({Format::json, Format::csv});
            p.frames = frames({});
            p.report = true;
            break;
    }
    return p;
}

QString inWords(const io::FrameOutput& o) {
    QString kind;
    if (o.kind == "exr") kind = o.half ? QStringLiteral("EXR, half floats") : QStringLiteral("EXR, floats");
    if (o.kind == "tif") kind = QStringLiteral("TIFF, %1 bit").arg(o.bits);
    if (o.kind == "png") kind = QStringLiteral("PNG, %1 bit").arg(o.bits);
    if (o.kind == "dpx") kind = QStringLiteral("DPX, %1 bit").arg(o.bits);
    if (o.kind == "jpg") kind = QStringLiteral("JPEG");
    const std::string_view label = info(o.space).label;
    QString out =
        kind + QStringLiteral(", ") + QString::fromUtf8(label.data(), static_cast<int>(label.size()));
    if (o.longEdge > 0) out += QStringLiteral(", %1 pixels").arg(o.longEdge);
    if (!o.finish) out += QStringLiteral(", no finish");
    return out;
}

}  // namespace refero
