// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/handover.h"

#include <cmath>
#include <cstdio>

#include "core/say/figure.h"
#include "io/files/write_together.h"
#include "io/handover/handover_format.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

// Whose slope at black has no end.
bool isPurePower(Encoding e) {
    return e == Encoding::bt1886 || e == Encoding::gamma22 || e == Encoding::gamma26 || e == Encoding::oprgb;
}

std::string tooFar(const Proof& p, const ExportOptions& o, const RepresentablePart& representable, int size) {
    const std::string out = sayf(
        "Read back by %s, the file differs from the correction by up to %.2f CIEDE2000 (limit %.1f), by %.2f "
        "on average (limit %.1f).",
        p.engine.c_str(), p.largest, largestAllowed(io::info(o.format), representable.space), p.mean,
        io::info(o.format).mean);
    if (o.format != Format::cube) return out;
    if (representable.inputEncoding == Encoding::linear && !o.shaper)
        return out + say(" A LUT fed with linear light is too coarse in the shadows: feed it srgb or "
                         "acescct, or begin it with a shaper.");
    return out + (size < 129 ? say(" Ask for more points a side (97 or 129) where the program takes them, or "
                                   "feed it another encoding.")
                             : say(" Use an ICC profile, or feed it srgb."));
}

}  // namespace

double largestAllowed(const FormatInfo& info, OutputSpace space) {
    return info.gives && isPurePower(refero::info(space).encoding) ? 3 * info.largest : info.largest;
}

bool passes(const Proof& p, const FormatInfo& info, OutputSpace space, double share) {
    const bool holdsColours = info.largest > 0;
    return (!holdsColours || p.colours > 0) && p.largest <= share * largestAllowed(info, space) &&
           p.mean <= share * info.mean;
}

std::string feedSentence(const RepresentablePart& representable, const ExportOptions& o) {
    std::string out =
        representable.balanced
            ? "Feed it camera RGB balanced on a grey, its strongest channel left as it is, encoded as "
            : "Feed it camera RGB as recorded, no white balance, encoded as ";
    out += std::string(name(representable.inputEncoding)) + "; ";
    if (isProfile(o.format))
        out += representable.keptLevel ? "the level stays as it was exposed; "
                                       : "the chart shot's level is brought to its reference; ";
    char stops[80];
    std::snprintf(stops, sizeof stops, "exposed %+.2f stops against the chart shot.", o.exposureOffsetStops);
    return out + (o.exposureOffsetStops == 0 ? "nominal exposure, no offset." : stops);
}

std::string givesSentence(const RepresentablePart& part) {
    return "It gives " + std::string(refero::info(part.space).label) + " (" +
           std::string(refero::info(part.space).name) + ")";
}

Status ExportOptions::validate() const {
    if (size && (*size < 2 || *size > 129))
        return failure(say("A LUT's size must be 2 to 129 points a side; 33 and 65 are usual."));
    if (!(std::abs(exposureOffsetStops) <= 8)) return failure(say("An exposure offset is at most 8 stops."));
    if (shaper && format != Format::cube) return failure(say("Only a 3D .cube begins with a shaper."));
    if (videoRange && format != Format::cube && format != Format::cube1d)
        return failure(say("Only a .cube is made for video range."));
    if (videoRange && shaper) return failure(say("A shaper is for linear light, which has no video range."));
    if (shaper && encoding && *encoding != Encoding::linear)
        return failure(say("A shaper is for linear light; feed it linear."));
    if (second && format != Format::dcp) return failure(say("Only a camera profile is for two lights."));
    if (finishCurve && format != Format::dcp)
        return failure(say("Only a camera profile has a base tone curve."));
    const bool icc = format == Format::icc || format == Format::icc2;
    if (input != ProfileInput::automatic && !icc)
        return failure(say("Only an ICC profile is made for balanced or unbalanced input."));
    if (keepLevel && !isProfile(format)) return failure(say("Only a profile can leave the level as it is."));
    if (!illuminants.empty() && format != Format::dcp)
        return failure(say("Only a camera profile names its light."));
    return {};
}

Transfer naturalInputEncoding(const ColourTransform& c, Format format) {
    const bool lut = format == Format::cube || format == Format::cube1d || format == Format::cdl;
    return lut && c.inputEncoding == Encoding::linear ? Transfer(Encoding::srgb) : c.inputEncoding;
}

Result<Handover> exportCorrection(const Correction& c, const fs::path& target, const ExportOptions& options) {
    ExportOptions o = options;
    if (o.shaper && !o.encoding) o.encoding = Encoding::linear;
    const auto representable = representablePartOf(c, o);
    if (!representable) return tl::unexpected(representable.error());
    const HandoverFormat& format = handoverFormat(o.format);
    const auto made = format.write(c, *representable, o, target);
    if (!made) return tl::unexpected(made.error());
    Handover done;
    done.path = target;
    done.encoding = representable->inputEncoding;
    done.size = made->size;
    done.foreseen = representable->foreseen;
    done.feed = feedSentence(*representable, o);
    std::vector<NewFile> files{{target, made->bytes}};
    for (const auto& [path, bytes] : made->beside) {
        files.push_back({path, bytes});
        done.beside.push_back(path);
    }
    const auto status = writeTogether(files, [&](const fs::path& side) -> Status {
        const auto proof = format.prove(side, c, *representable);
        if (!proof) return tl::unexpected(proof.error());
        if (!passes(*proof, format.info, representable->space)) {
            std::error_code ignored;
            const fs::path aside = target.string() + ".failed";
            fs::copy_file(side, aside, fs::copy_options::overwrite_existing, ignored);
            return failure(tooFar(*proof, o, *representable, made->size) +
                           (ignored ? "" : " It is kept aside as " + aside.filename().string() + "."));
        }
        done.proof = *proof;
        return {};
    });
    if (!status) return tl::unexpected(status.error());
    return done;
}

std::string suggestedName(const Correction& c, const ExportOptions& o) {
    std::string out = c.name.empty() ? "correction" : c.name;
    const FormatInfo& f = io::info(o.format);
    if (f.hasInputEncoding)
        out += ", from " + std::string(name(o.encoding.value_or(naturalInputEncoding(c, o.format))));
    if (o.exposureOffsetStops != 0) {
        char stops[40];
        std::snprintf(stops, sizeof stops, " %+.1f stops", o.exposureOffsetStops);
        out += stops;
    }
    if (f.gives) out += " to " + std::string(refero::info(o.space).name);
    for (char& ch : out)
        if (ch == '/' || ch == '\\' || ch == ':' || static_cast<unsigned char>(ch) < 32) ch = '-';
    return out + std::string(f.ending);
}

}  // namespace refero::io
