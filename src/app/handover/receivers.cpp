// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/handover/receivers.h"

#include <QCoreApplication>

#include "app/look/text.h"

namespace refero {

const ReceiverInfo& info(std::optional<Receiver> receiver) {
    static constexpr ReceiverInfo oneFile{
        "receiverOneFile", word("LUT, profile or table"),
        word("One file of the kind that you choose, under a name that you choose.")};
    if (!receiver) return oneFile;
    static constexpr std::array<ReceiverInfo, 5> all{{
        {"receiverRaw", word("Camera profiles"),
         word("For whoever develops the frames: true colours for every frame of this setup.")},
        {"receiverEditor", word("LUT and recipe"),
         word("For cutting and grading: a LUT for BT.709, and the correction told for wheels and hue "
              "controls.")},
        {"receiverCompositor", word("Plates and their view"),
         word("For images that a renderer's sit in: scene-linear ACEScg, nothing clipped, no finish, and the "
              "view to judge them by.")},
        {"receiverClient", word("Pictures and report"),
         word("For whoever decides by the colour: finished pictures, and what the colours are good for.")},
        {"receiverArchive", word("Masters, all figures"),
         word("For later: pictures of 16 bits, the correction's document, its readings and the report.")},
    }};
    return all[static_cast<std::size_t>(*receiver)];
}

QString title(std::optional<Receiver> receiver) {
    return receiver ? told(workflow::title(*receiver)) : QCoreApplication::translate("Receivers", "One file");
}

QString inWords(const io::FrameOutput& o) {
    QString kind;
    if (o.kind == "exr") kind = o.half ? told("EXR, half floats") : told("EXR, floats");
    if (o.kind == "tif") kind = told("TIFF, %1 bit").arg(o.bits);
    if (o.kind == "png") kind = told("PNG, %1 bit").arg(o.bits);
    if (o.kind == "dpx") kind = told("DPX, %1 bit").arg(o.bits);
    if (o.kind == "jpg") kind = QStringLiteral("JPEG");
    QString out = kind + QStringLiteral(", ") + told(info(o.space).label);
    if (o.longEdge > 0) out += told(", %1 pixels").arg(o.longEdge);
    if (o.clips == io::ClipKind::intermediate)
        out += QCoreApplication::translate("Receivers", "; clips as FFV1, 10 bits");
    if (o.clips == io::ClipKind::delivery)
        out += QCoreApplication::translate("Receivers", "; clips as AV1, 10 bits");
    if (!o.finish) out += told(", no finish");
    return out;
}

}  // namespace refero
