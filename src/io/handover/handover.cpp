// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/handover.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>

#include "io/correction_file.h"
#include "io/files/safe_write.h"
#include "io/files/write_together.h"
#include "io/handover/cdl_file.h"
#include "io/handover/cube_file.h"
#include "io/handover/ocio_config.h"
#include "io/handover/proof.h"
#include "io/handover/readings_table.h"
#include "io/handover/transform_chain.h"
#include "io/icc/icc_file.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

// More than 65 points a side only where somebody asks: many programs take no more.
constexpr std::array kSizes{33, 65};
// Nobody asks for certain sizes of these; a smaller one is written and read in half the time.
constexpr std::array kChainSizes{33, 49, 65};

// A proof of nothing is none.
bool passes(const Proof& p, Format format, double share = 1) {
    const bool plain = format == Format::json || format == Format::csv;
    return (plain || p.colours > 0) && p.largest <= share * io::info(format).largest &&
           p.mean <= share * io::info(format).mean;
}

// The smallest LUT that will pass, by our own interpolation; the largest where none will, so that the proof
// says so.
Result<Cube> smallestCube(const RepresentablePart& representable, const ExportOptions& o) {
    const auto sampled = [&](int size) {
        return Cube::sampled(
            representable.correction,
            {size, representable.inputEncoding, representable.space, o.shaper, o.videoRange, o.exposureOffsetStops});
    };
    // In linear light no size is enough for a display's curve; trying them all would only take time.
    const bool hopeless = !o.shaper && representable.inputEncoding == Encoding::linear &&
                          refero::info(o.space).encoding != Encoding::linear;
    if (o.size || hopeless) return sampled(o.size.value_or(kSizes.front()));
    for (const int size : kSizes) {
        auto cube = sampled(size);
        if (!cube || size == kSizes.back() || passes(expectedOf(*cube, representable), Format::cube, 0.95))
            return cube;
    }
    return failure("No size was tried.");
}

std::string feedSentence(const RepresentablePart& representable, const ExportOptions& o) {
    const bool profile = o.format == Format::icc || o.format == Format::icc2 || o.format == Format::dcp;
    std::string out =
        representable.balanced
            ? "Feed it camera RGB balanced on a grey, its strongest channel left as it is, encoded as "
            : "Feed it camera RGB as recorded, no white balance, encoded as ";
    out += std::string(name(representable.inputEncoding)) + "; ";
    if (profile)
        out += representable.keptLevel ? "the level stays as it was exposed; "
                                       : "the chart shot's level is brought to its reference; ";
    char stops[80];
    std::snprintf(stops, sizeof stops, "exposed %+.2f stops against the chart shot.", o.exposureOffsetStops);
    return out + (o.exposureOffsetStops == 0 ? "nominal exposure, no offset." : stops);
}

// The same of a chain; 0 where it is a matrix and has no grid.
std::pair<OCIO_NAMESPACE::GroupTransformRcPtr, int> smallestChain(const RepresentablePart& representable,
                                                                  const ExportOptions& o) {
    const auto made = [&](int size) {
        return chainOf(representable.correction, representable.inputEncoding, representable.space, size);
    };
    if (representable.correction.cameraToXyzD50()) return {made(2), 0};
    if (o.size) return {made(*o.size), *o.size};
    for (const int size : kChainSizes) {
        auto chain = made(size);
        const auto expected = expectedOf(chain, representable);
        if (size == kChainSizes.back() || (expected && passes(*expected, Format::clf, 0.95)))
            return {std::move(chain), size};
    }
    return {made(kChainSizes.front()), kChainSizes.front()};
}

// A raw developer's list shows the description: what it is to be fed stands there.
Correction named(const RepresentablePart& r) {
    Correction out = r.correction;
    out.name += r.balanced ? " (for balanced input)" : " (for input as recorded)";
    return out;
}

struct Clf {
    std::string text;
    int size = 0;
};

Result<Clf> clfOf(const RepresentablePart& representable, const ExportOptions& o) {
    const Correction& c = representable.correction;
    const auto [chain, size] = smallestChain(representable, o);
    return clfText(chain, c.name,
                   {"Made by Refero from " + c.chartName + ", model " + std::string(name(c.model)) + ".",
                    feedSentence(representable, o),
                    "It gives " + std::string(refero::info(representable.space).label) + " (" +
                        std::string(refero::info(representable.space).name) + ")."})
        .map([size = size](std::string text) {
            return Clf{std::move(text), size};
        });
}

struct Content {
    std::string bytes;
    int size = 0;
    std::vector<std::pair<fs::path, std::string>> beside{};  ///< files that it reads
};

Content plain(std::string bytes) {
    return {std::move(bytes), 0, {}};
}

// The configuration and the transforms that it reads, which stand beside it under its name.
Result<Content> configuration(const Correction& c, const RepresentablePart& representable,
                              const ExportOptions& o, const fs::path& target) {
    const fs::path camera = fs::path(target).replace_extension(".clf"),
                   finish = fs::path(target).replace_extension(".finish.clf");
    auto clf = clfOf(representable, o);
    if (!clf) return tl::unexpected(clf.error());
    Content out{{}, clf->size, {{camera, std::move(clf->text)}}};
    if (!c.finish.isNone()) {
        auto view = clfText(viewOf(c.finish, OutputSpace::acescg, OutputSpace::srgb), "Finish of " + c.name,
                            {"ACEScg to sRGB with the finish: " + inWords(c.finish) + "."});
        if (!view) return tl::unexpected(view.error());
        out.beside.emplace_back(finish, *std::move(view));
    }
    auto text =
        ocioConfig(c, representable.inputEncoding, camera.filename().string(), finish.filename().string());
    if (!text) return tl::unexpected(text.error());
    out.bytes = *std::move(text);
    return out;
}

Result<Content> content(const Correction& c, const RepresentablePart& representable, const ExportOptions& o,
                        const fs::path& target) {
    switch (o.format) {
        case Format::cube:
            return smallestCube(representable, o).map([&](const Cube& cube) {
                return Content{cube.text(representable.correction), cube.options().size, {}};
            });
        case Format::cube1d:
            return plain(curvesText(
                representable.correction,
                {0, representable.inputEncoding, representable.space, false, o.videoRange, o.exposureOffsetStops}));
        case Format::clf:
            return clfOf(representable, o).map([](Clf clf) {
                return Content{std::move(clf.text), clf.size, {}};
            });
        case Format::cdl:
            return cdlFile(*representable.cdl, c.name,
                           c.name + ". " + feedSentence(representable, o) + " It gives " +
                               std::string(refero::info(representable.space).label) + ".")
                .map(plain);
        case Format::icc:
        case Format::icc2:
            return iccProfile(named(representable), representable.inputEncoding,
                              o.format == Format::icc ? IccVersion::four : IccVersion::two,
                              o.shape == ProfileShape::table)
                .map(plain);
        case Format::dcp:
            return dcpFile(*representable.dcp).map(plain);
        case Format::ocio:
            return configuration(c, representable, o, target);
        case Format::json:
            return plain(prettyJson(toJson(c)));
        case Format::csv:
            return plain(readingsTable(c));
    }
    return failure("There is no such kind of file.");
}

bool sameMoves(const Correction& a, const Correction& b) {
    const auto &one = a.colours.lattice(), &two = b.colours.lattice();
    return (one && two ? *one == *two : !one && !two) && a.greyCurves == b.greyCurves;
}

// Our own document is its own format: reading it back must give the same numbers.
Result<Proof> proveJson(const fs::path& file, const Correction& c) {
    const auto again = readCorrection(file);
    if (!again) return tl::unexpected(again.error());
    const auto& theirs = again->colours.base().coefficients();
    const auto& ours = c.colours.base().coefficients();
    if (theirs.cols() != ours.cols() || (theirs - ours).norm() > 1e-9 ||
        (again->gains * again->level - c.gains * c.level).norm() > 1e-9 || !sameMoves(*again, c) ||
        again->finish != c.finish)
        return failure("The document does not read back as it was written.");
    return Proof{"Refero", 0, 0, 0};
}

// A table has a line a patch and one more.
Result<Proof> proveTable(const fs::path& file, const Correction& c) {
    const auto text = readFile(file);
    if (!text) return tl::unexpected(text.error());
    if (*text != readingsTable(c)) return failure("The table does not read back as it was written.");
    return Proof{"Refero", 0, 0, 0};
}

Result<Proof> prove(const fs::path& file, const Correction& c, const RepresentablePart& representable,
                    Format format) {
    switch (format) {
        case Format::cube:
        case Format::cube1d:
        case Format::clf:
        case Format::cdl:
            return proveTransform(file, representable);
        case Format::icc:
        case Format::icc2:
            return proveIcc(file, representable);
        case Format::dcp:
            return proveDcp(file, representable);
        case Format::ocio:
            return proveConfig(file, representable, c.finish);
        case Format::json:
            return proveJson(file, c);
        case Format::csv:
            break;
    }
    return proveTable(file, c);
}

std::string tooFar(const Proof& p, const ExportOptions& o, const RepresentablePart& representable, int size) {
    char text[400];
    std::snprintf(
        text, sizeof text,
        "Read back by %s, the file differs from the correction by up to %.2f CIEDE2000 (limit %.1f), by %.2f "
        "on average (limit %.1f).",
        p.engine.c_str(), p.largest, io::info(o.format).largest, p.mean, io::info(o.format).mean);
    std::string out = text;
    if (o.format != Format::cube) return out;
    if (representable.inputEncoding == Encoding::linear && !o.shaper)
        return out +
               " A LUT fed with linear light is too coarse in the shadows: feed it srgb or acescct, or begin "
               "it with a shaper.";
    return out + (size < 129 ? " Ask for more points a side (97 or 129) where the program takes them, or feed it another encoding."
                             : " Use an ICC profile, or feed it srgb.");
}

}  // namespace

Status ExportOptions::validate() const {
    if (size && (*size < 2 || *size > 129))
        return failure("A LUT's size must be 2 to 129 points a side; 33 and 65 are usual.");
    if (!(std::abs(exposureOffsetStops) <= 8)) return failure("An exposure offset is at most 8 stops.");
    if (shaper && format != Format::cube) return failure("Only a 3D .cube begins with a shaper.");
    if (videoRange && format != Format::cube && format != Format::cube1d)
        return failure("Only a .cube is made for video range.");
    if (videoRange && shaper) return failure("A shaper is for linear light, which has no video range.");
    if (shaper && encoding && *encoding != Encoding::linear)
        return failure("A shaper is for linear light; feed it linear.");
    if (second && format != Format::dcp) return failure("Only a camera profile is for two lights.");
    if (finishCurve && format != Format::dcp) return failure("Only a camera profile has a base tone curve.");
    const bool icc = format == Format::icc || format == Format::icc2;
    if (input != ProfileInput::automatic && !icc)
        return failure("Only an ICC profile is made for balanced or unbalanced input.");
    if (keepLevel && !icc && format != Format::dcp) return failure("Only a profile can leave the level as it is.");
    if (!illuminants.empty() && format != Format::dcp)
        return failure("Only a camera profile names its light.");
    return {};
}

Transfer naturalInputEncoding(const Correction& c, Format format) {
    const bool lut = format == Format::cube || format == Format::cube1d || format == Format::cdl;
    return lut && c.inputEncoding == Encoding::linear ? Transfer(Encoding::srgb) : c.inputEncoding;
}

Result<Handover> exportCorrection(const Correction& c, const fs::path& target, const ExportOptions& options) {
    ExportOptions o = options;
    if (o.shaper && !o.encoding) o.encoding = Encoding::linear;
    const auto representable = representablePartOf(c, o);
    if (!representable) return tl::unexpected(representable.error());
    const auto made = content(c, *representable, o, target);
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
        const auto proof = prove(side, c, *representable, o.format);
        if (!proof) return tl::unexpected(proof.error());
        if (!passes(*proof, o.format)) {
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
