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

Encoding feedOf(const Correction& c, const ExportOptions& o) {
    if (o.encoding) return *o.encoding;
    return o.format == Format::cube && c.inputEncoding == Encoding::linear ? Encoding::srgb : c.inputEncoding;
}

Result<std::string> content(const Correction& c, const ExportOptions& o, Encoding encoding) {
    switch (o.format) {
        case Format::cube: return cubeText(c, {o.size, encoding, o.space});
        case Format::icc: return iccProfile(c, encoding);
        case Format::json: break;
    }
    return prettyJson(toJson(c));
}

// Our own document is its own format: reading it back must give the same matrix.
Result<Proof> proveJson(const std::filesystem::path& file, const Correction& c) {
    const auto again = readCorrection(file);
    if (!again) return tl::unexpected(again.error());
    if ((again->cameraToXyzD50() - c.cameraToXyzD50()).norm() > 1e-9)
        return failure("The document does not read back as it was written.");
    return Proof{"Refero", 0, 0, 0};
}

Result<Proof> prove(const std::filesystem::path& file, const Correction& c, const ExportOptions& o, Encoding encoding) {
    switch (o.format) {
        case Format::cube: return proveCube(file, c, encoding, o.space);
        case Format::icc: return proveIcc(file, c, encoding);
        case Format::json: break;
    }
    return proveJson(file, c);
}

std::string tooFar(const Proof& p, const ExportOptions& o, Encoding encoding) {
    char text[400];
    std::snprintf(text, sizeof text,
                  "Read back by %s, the file differs from the correction by up to %.2f CIEDE2000 (limit %.1f).",
                  p.engine.c_str(), p.largest, kProofLimit);
    std::string out = text;
    if (o.format != Format::cube) return out;
    if (encoding == Encoding::linear) return out + " A LUT fed with linear light is too coarse in the shadows: feed it srgb or acescct.";
    return out + (o.size < 65 ? " Use 65 points a side." : " Use an ICC profile.");
}

Status plainWrite(const std::filesystem::path& path, const std::string& bytes) {
    std::ofstream out(path, std::ios::binary);
    out.write(bytes.data(), static_cast<std::streamsize>(bytes.size()));
    out.close();
    if (!out) return failure(path.filename().string() + " could not be written: the disk may be full or read-only.");
    return {};
}

}  // namespace

std::string_view name(Format format) {
    return kFormats[static_cast<std::size_t>(format)];
}

Result<Format> formatByName(std::string_view wanted) {
    const auto it = std::find(kFormats.begin(), kFormats.end(), wanted);
    if (it == kFormats.end())
        return failure("Refero does not write \"" + std::string(wanted) + "\"; it writes cube, icc and json.");
    return static_cast<Format>(it - kFormats.begin());
}

Result<Handover> exportCorrection(const Correction& c, const std::filesystem::path& target, const ExportOptions& o) {
    const Encoding encoding = feedOf(c, o);
    const auto bytes = content(c, o, encoding);
    if (!bytes) return tl::unexpected(bytes.error());
    Handover done{target, encoding, {}};
    const auto status = writeFile(target, [&](const std::filesystem::path& side) -> Status {
        if (auto ok = plainWrite(side, *bytes); !ok) return ok;
        const auto proof = prove(side, c, o, encoding);
        if (!proof) return tl::unexpected(proof.error());
        if (!(proof->largest <= kProofLimit)) return failure(tooFar(*proof, o, encoding));
        done.proof = *proof;
        return {};
    });
    if (!status) return tl::unexpected(status.error());
    return done;
}

}  // namespace refero::io
