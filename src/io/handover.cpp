// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover.h"

#include <algorithm>
#include <array>
#include <cstdio>
#include <fstream>

#include "io/correction_file.h"
#include "io/cube_file.h"
#include "io/icc_file.h"
#include "io/proof.h"
#include "io/safe_write.h"

namespace refero::io {
namespace {

constexpr std::array<std::string_view, 3> kFormats{"cube", "icc", "json"};

constexpr std::array kSizes{33, 65, 97, 129};

// The smallest LUT that will pass, by our own interpolation; the largest where none will, so that the proof
// says so.
Result<Cube> smallestCube(const Correction& c, const ExportOptions& o, const Transfer& encoding) {
    // In linear light no size is enough for a display's curve; trying them all would only take time.
    const bool hopeless = encoding == Encoding::linear && info(o.space).encoding != Encoding::linear;
    if (o.size || hopeless) return Cube::sampled(c, {o.size.value_or(kSizes.front()), encoding, o.space});
    for (const int size : kSizes) {
        auto cube = Cube::sampled(c, {size, encoding, o.space});
        if (!cube || size == kSizes.back() || expectedOf(*cube, c).largest < 0.95 * kProofLimit) return cube;
    }
    return failure("No size was tried.");
}

struct Content {
    std::string bytes;
    int size = 0;
};

Result<Content> content(const Correction& c, const ExportOptions& o, const Transfer& encoding) {
    if (o.format == Format::cube)
        return smallestCube(c, o, encoding).map([&](const Cube& cube) {
            return Content{cube.text(c), cube.options().size};
        });
    if (o.format == Format::icc)
        return iccProfile(c, encoding).map([](std::string bytes) { return Content{std::move(bytes), 0}; });
    return Content{prettyJson(toJson(c)), 0};
}

bool sameMoves(const Correction& a, const Correction& b) {
    const auto &one = a.colours.lattice(), &two = b.colours.lattice();
    return (one && two ? *one == *two : !one && !two) && a.greyCurves == b.greyCurves;
}

// Our own document is its own format: reading it back must give the same numbers.
Result<Proof> proveJson(const std::filesystem::path& file, const Correction& c) {
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

Result<Proof> prove(const std::filesystem::path& file, const Correction& c, const ExportOptions& o,
                    const Transfer& encoding) {
    switch (o.format) {
        case Format::cube:
            return proveCube(file, c, encoding, o.space);
        case Format::icc:
            return proveIcc(file, c, encoding);
        case Format::json:
            break;
    }
    return proveJson(file, c);
}

std::string tooFar(const Proof& p, const ExportOptions& o, const Transfer& encoding, int size) {
    char text[400];
    std::snprintf(
        text, sizeof text,
        "Read back by %s, the file differs from the correction by up to %.2f CIEDE2000 (limit %.1f).",
        p.engine.c_str(), p.largest, kProofLimit);
    std::string out = text;
    if (o.format != Format::cube) return out;
    if (encoding == Encoding::linear)
        return out + " A LUT fed with linear light is too coarse in the shadows: feed it srgb or acescct.";
    return out + (size < 129 ? " Use more points a side, or leave the size open."
                             : " Use an ICC profile, or feed it srgb.");
}

Status plainWrite(const std::filesystem::path& path, const std::string& bytes) {
    std::ofstream out(path, std::ios::binary);
    out.write(bytes.data(), static_cast<std::streamsize>(bytes.size()));
    out.close();
    if (!out)
        return failure(path.filename().string() +
                       " could not be written: the disk may be full or read-only.");
    return {};
}

}  // namespace

std::string_view name(Format format) {
    return kFormats[static_cast<std::size_t>(format)];
}

Result<Format> formatByName(std::string_view wanted) {
    const auto it = std::find(kFormats.begin(), kFormats.end(), wanted);
    if (it == kFormats.end())
        return failure("Refero does not write \"" + std::string(wanted) +
                       "\"; it writes cube, icc and json.");
    return static_cast<Format>(it - kFormats.begin());
}

Transfer naturalFeed(const Correction& c, Format format) {
    return format == Format::cube && c.inputEncoding == Encoding::linear ? Transfer(Encoding::srgb)
                                                                         : c.inputEncoding;
}

Result<Handover> exportCorrection(const Correction& c, const std::filesystem::path& target,
                                  const ExportOptions& o) {
    const Transfer encoding = o.encoding.value_or(naturalFeed(c, o.format));
    const auto made = content(c, o, encoding);
    if (!made) return tl::unexpected(made.error());
    Handover done{target, encoding, made->size, {}};
    const auto status = writeFile(target, [&](const std::filesystem::path& side) -> Status {
        if (auto ok = plainWrite(side, made->bytes); !ok) return ok;
        const auto proof = prove(side, c, o, encoding);
        if (!proof) return tl::unexpected(proof.error());
        if (!(proof->largest <= kProofLimit)) return failure(tooFar(*proof, o, encoding, made->size));
        done.proof = *proof;
        return {};
    });
    if (!status) return tl::unexpected(status.error());
    return done;
}

}  // namespace refero::io
