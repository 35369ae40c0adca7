// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/receivers.h"

#include "core/say/say.h"

#include <initializer_list>

namespace refero::workflow {
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

std::string_view name(Receiver receiver) {
    static constexpr std::array<std::string_view, 5> names{"raw", "editor", "compositor", "client",
                                                           "archive"};
    return names[static_cast<std::size_t>(receiver)];
}

Result<Receiver> receiverByName(std::string_view wanted) {
    for (const Receiver r : kReceivers)
        if (name(r) == wanted) return r;
    return failure(say("\"%1\" is no receiver; it is raw, editor, compositor, client or archive.", wanted));
}

std::string_view title(Receiver receiver) {
    static constexpr std::array<std::string_view, 5> titles{
        word("Raw developer"), word("Editor"), word("Compositor"), word("Client"), word("Archive")};
    return titles[static_cast<std::size_t>(receiver)];
}

Delivery deliveryFor(Receiver receiver, const Correction& c) {
    Delivery p;
    p.receiver = title(receiver);
    const bool raw = c.inputEncoding == Encoding::linear;
    switch (receiver) {
        case Receiver::rawDeveloper:
            p.exports = raw ? as({Format::dcp, Format::icc}) : as({Format::icc, Format::icc2});
            break;
        case Receiver::editor:
            p.exports = as({Format::cube});
            // What an editor's screen shows: the camera's curve alone would be too dark there by a third.
            p.exports.front().space = OutputSpace::bt1886;
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
            jpeg.clips = io::ClipKind::delivery;
            p.frames = frames(jpeg);
            p.report = true;
            break;
        }
        case Receiver::archive: {
            p.exports = as({Format::json, Format::csv});
            io::FrameOutput kept;
            kept.clips = io::ClipKind::intermediate;
            p.frames = frames(kept);
            p.report = true;
            break;
        }
    }
    return p;
}

}  // namespace refero::workflow
