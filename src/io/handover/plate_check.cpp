// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/plate_check.h"

#include <OpenColorIO/OpenColorIO.h>

#include <algorithm>
#include <cmath>
#include <cstdio>

#include "core/colour/difference.h"
#include "core/say/figure.h"
#include "core/say/say.h"
#include "io/batch/frame_render.h"
#include "io/batch/output_profile.h"
#include "io/files/safe_write.h"
#include "io/frame_file.h"
#include "io/handover/carried.h"
#include "io/handover/ocio_config.h"
#include "io/handover/proof.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;
namespace ocio = OCIO_NAMESPACE;

// Enough of a picture to tell any part of it; evenly over its pixels.
constexpr std::size_t kComparedPixels = 200'000;

Status isPlate(const FrameOutput& o) {
    if (o.kind != "exr" || o.finish || (o.space != OutputSpace::acescg && o.space != OutputSpace::linearSrgb))
        return failure(say("A plate is an .exr in linear sRGB or ACEScg, without the finish."));
    return {};
}

// What the compositor's program shows of the plate.
Result<EncodedImage> viewed(LinearImage&& plate, OutputSpace space, const fs::path& configuration,
                            bool finish) {
    try {
        ocio::ClearAllCaches();
        const auto config = ocio::Config::CreateFromFile(configuration.c_str());
        const auto cpu =
            config
                ->getProcessor(space == OutputSpace::acescg ? kSceneSpace : kLinearSpace, kDisplay,
                               finish ? kViewFinished : kViewNeutral, ocio::TRANSFORM_DIR_FORWARD)
                ->getDefaultCPUProcessor();
        EncodedImage out(plate.width(), plate.height());
        std::copy(plate.values().begin(), plate.values().end(), out.values().begin());
        ocio::PackedImageDesc pixels(out.values().data(), out.width(), out.height(), 3);
        cpu->apply(pixels);
        return out;
    } catch (const std::exception& e) {
        return failure(say("OpenColorIO could not show the plate: %1.", e.what()));
    }
}

// The picture that a client would be given, at the plate's size.
Result<LinearImage> graded(const Correction& c, const fs::path& frame,
                           const std::optional<Transfer>& encoding, const FrameOutput& plate,
                           const fs::path& beside) {
    FrameOutput o;
    o.longEdge = plate.longEdge;
    o.metadata = false;
    o.gamut = GamutUse::cut;  // as the view does
    o.highlights = plate.highlights;
    const fs::path file = beside.parent_path() / ("." + beside.stem().string() + ".graded.tif");
    auto image = renderFrame(c, frame, encoding, o, file).and_then([&] { return readFrame(file); });
    std::error_code gone;
    fs::remove(file, gone);
    if (!image) return tl::unexpected(image.error());
    return std::move(image->image);
}

Proof compared(const EncodedImage& shown, const LinearImage& wanted) {
    Proof p;
    p.engine = ocioName();
    const std::size_t pixels = shown.values().size() / 3;
    const std::size_t step = std::max<std::size_t>(1, pixels / kComparedPixels);
    double sum = 0;
    for (std::size_t i = 0; i < pixels; i += step) {
        Vector3 a, b;
        for (std::size_t k = 0; k < 3; ++k) {
            const auto channel = static_cast<Eigen::Index>(k);
            // A display cuts off what it cannot show.
            a(channel) = std::clamp(double(shown.values()[3 * i + k]), 0.0, 1.0);
            b(channel) = encode(Encoding::srgb, std::clamp(double(wanted.values()[3 * i + k]), 0.0, 1.0));
        }
        const double d = ciede2000(labOfStored(a, OutputSpace::srgb), labOfStored(b, OutputSpace::srgb));
        p.largest = std::max(p.largest, std::isfinite(d) ? d : 1e9);
        sum += d;
        ++p.colours;
    }
    p.mean = p.colours > 0 ? sum / static_cast<double>(p.colours) : 0;
    return p;
}

std::string tooFar(const Proof& p, const FormatInfo& limit, const fs::path& kept) {
    return sayf(
        "Through the view, by %s, the plate differs from the graded picture by up to %.2f CIEDE2000 "
        "(limit %.1f), by %.2f on average (limit %.1f). What it showed is kept aside as %s.",
        p.engine.c_str(), p.largest, limit.largest, p.mean, limit.mean, kept.filename().c_str());
}

}  // namespace

Result<PlateCheck> checkPlate(const Correction& c, const fs::path& frame,
                              const std::optional<Transfer>& encoding, const FrameOutput& output,
                              const fs::path& configuration, const fs::path& plate,
                              const fs::path& checkFrame) {
    if (auto ok = isPlate(output); !ok) return tl::unexpected(ok.error());
    if (auto ok = renderFrame(c, frame, encoding, output, plate); !ok) return tl::unexpected(ok.error());
    auto read = readFrame(plate, Transfer(Encoding::linear));
    if (!read) return tl::unexpected(read.error());
    PlateCheck out;
    for (const float v : read->image.values()) out.lightest = std::max(out.lightest, double(v));
    const auto shown = viewed(std::move(read->image), output.space, configuration, !c.finish.isNone());
    if (!shown) return tl::unexpected(shown.error());
    const auto wanted = graded(c, frame, encoding, output, checkFrame);
    if (!wanted) return tl::unexpected(wanted.error());
    if (wanted->width() != shown->width() || wanted->height() != shown->height())
        return failure(say("The plate and the graded picture are not of one size."));
    out.proof = compared(*shown, *wanted);
    const FormatInfo& limit = info(Format::ocio);
    const bool passes = out.proof.largest <= limit.largest && out.proof.mean <= limit.mean;
    WriteOptions w;
    w.encoding = Encoding::srgb;
    w.space = OutputSpace::srgb;
    w.iccProfile = outputProfile(OutputSpace::srgb).value_or("");
    // Where it fails, it must not stand there as one that passed; its own kind of file it stays.
    fs::path target = checkFrame;
    if (!passes) target.replace_extension(".failed" + checkFrame.extension().string());
    if (auto ok = writeFrame(target, *shown, w); !ok) return tl::unexpected(ok.error());
    if (!passes) return failure(tooFar(out.proof, limit, target));
    return out;
}

}  // namespace refero::io
