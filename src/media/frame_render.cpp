// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/frame_render.h"
#include "core/say/say.h"

#include <OpenImageIO/imageio.h>

#include <algorithm>
#include <atomic>
#include <chrono>
#include <cmath>
#include <limits>
#include <map>
#include <mutex>
#include <numeric>
#include <vector>

#include "core/frame/scaled.h"
#include "core/render/feed.h"
#include "core/render/render.h"
#include "io/batch/output_profile.h"
#include "io/files/safe_write.h"
#include "io/frame_file.h"
#include "io/media_path.h"
#include "io/memory.h"
#include "io/metadata.h"
#include "io/picture_kind.h"
#include "io/raw_file.h"
#include "media/clip_writer.h"
#include "media/media.h"
#include "media/memory_share.h"
#include "media/picture_output.h"
#include "media/picture_spec.h"

namespace refero::media {

using namespace io;

namespace {

namespace fs = std::filesystem;
using OIIO::ImageInput;
using OIIO::ImageSpec;
using OIIO::TypeDesc;

class Watch {
  public:
    explicit Watch(double* sum) : sum_(sum) {}
    ~Watch() {
        if (sum_) *sum_ += std::chrono::duration<double>(std::chrono::steady_clock::now() - began_).count();
    }
    Watch(const Watch&) = delete;
    Watch& operator=(const Watch&) = delete;

  private:
    double* sum_;
    std::chrono::steady_clock::time_point began_ = std::chrono::steady_clock::now();
};

double* reading(const FrameWork& w) {
    return w.times ? &w.times->reading : nullptr;
}
double* colour(const FrameWork& w) {
    return w.times ? &w.times->colour : nullptr;
}
double* writing(const FrameWork& w) {
    return w.times ? &w.times->writing : nullptr;
}

void mark(WriteOptions& w, const FrameWork& work) {
    if (work.mark.empty()) return;
    std::string& text = w.metadata.description;
    text = work.mark + (text.empty() ? "" : " ") + text;
}

WriteOptions writeOptions(const FrameOutput& o) {
    WriteOptions w;
    w.bits = o.bits;
    w.encoding = o.kind == "exr" ? Encoding::linear : info(o.space).encoding;
    w.space = o.space;
    w.half = o.half;
    w.quality = o.quality;
    w.iccProfile = outputProfile(o.space).value_or("");
    return w;
}

Rendering renderingOf(const Correction& c, const FrameOutput& o) {
    const Finish finish = o.finish ? c.finish : Finish{};
    // OpenEXR holds light: what is given a display's numbers would be shown far too light by all who read it.
    return o.kind == "exr" ? compileLinear(c, o.space, finish) : compile(c, o.space, finish);
}

// Where colours outside the space are compressed; nothing where they are cut, as every integer file does by
// itself.
const GamutMap* gamutOf(const Correction& c, const FrameOutput& o) {
    const bool finished = o.finish && !c.finish.isNone();
    if (o.kind == "exr" || !info(o.space).display || o.gamut == GamutUse::cut ||
        (o.gamut == GamutUse::automatic && !finished))
        return nullptr;
    static std::mutex mutex;
    static std::map<OutputSpace, GamutMap> all;
    const std::scoped_lock lock(mutex);
    return &all.try_emplace(o.space, o.space).first->second;
}

void add(GamutReport& sum, const GamutReport& part, double share) {
    sum.outside += part.outside * share;
    sum.changed += part.changed * share;
    sum.skin += part.skin * share;
}

// What the kind of file would spoil by itself: half floats end at 65504, what is above would become infinite;
// and OpenImageIO cuts the lower bits of a DPX off instead of rounding.
void fit(EncodedImage& image, const FrameOutput& o) {
    if (o.kind == "exr" && o.half)
        for (float& v : image.values()) v = std::clamp(v, -65504.0f, 65504.0f);
    if (o.kind == "dpx" && o.bits == 10)
        for (float& v : image.values()) v = std::round(std::clamp(v, 0.0f, 1.0f) * 1023) / 1023;
}

// Width and height with the output's long edge; a frame that is no larger keeps its own.
std::pair<int, int> sizeOf(int width, int height, const FrameOutput& o) {
    const int longest = std::max(width, height);
    if (o.longEdge == 0 || longest <= o.longEdge) return {width, height};
    const auto scaled = [&](int v) {
        return std::max(1, static_cast<int>(std::lround(double(v) * o.longEdge / longest)));
    };
    return {scaled(width), scaled(height)};
}

LinearImage smaller(LinearImage&& image, const FrameOutput& o) {
    const auto [width, height] = sizeOf(image.width(), image.height(), o);
    if (width == image.width() && height == image.height()) return std::move(image);
    return scaledByArea(image, width, height);
}

// Light in floats goes on above 1: there is no end at which it clips.
Highlights highlightsOf(const fs::path& frame, const FrameOutput& o) {
    return lowerEnding(frame) == ".exr" ? Highlights::asRecorded : o.highlights;
}

EncodedImage coloured(const Correction& c, const LinearImage& image, const FrameOutput& o,
                      const Rendering& rendering, const FrameWork& work) {
    EncodedImage out = render(image, rendering);
    if (const GamutMap* map = gamutOf(c, o)) {
        const GamutReport report = map->compress(out);
        if (work.gamut) *work.gamut = report;
    }
    fit(out, o);
    return out;
}

EncodedImage renderedWhole(const Correction& c, LinearImage&& image, Highlights highlights,
                           const FrameOutput& o, const Rendering& rendering, const FrameWork& work) {
    const Watch watch(colour(work));
    const double share = treatHighlights(image, c.gains, highlights);
    if (work.clippedShare) *work.clippedShare = share;
    return coloured(c, smaller(std::move(image), o), o, rendering, work);
}

// The same of a sensor's sites, that are demosaiced a row at a time: the whole picture is never held.
EncodedImage renderedSmaller(const Correction& c, const Mosaic& sensor, const FrameOutput& o,
                             const FrameWork& work) {
    const Watch watch(colour(work));
    const int rows = sensor.height();
    std::vector<std::atomic<std::size_t>> clipped(static_cast<std::size_t>(rows));
    const auto [width, height] = sizeOf(sensor.width(), rows, o);
    const LinearImage image = scaledByArea(
        sensor.width(), rows,
        [&](int y, float* room) {
            fillRow(sensor, y, room);
            clipped[static_cast<std::size_t>(y)] =
                treatHighlights({room, 3 * static_cast<std::size_t>(sensor.width())}, c.gains, o.highlights);
            return room;
        },
        width, height);
    if (work.clippedShare)
        *work.clippedShare = double(std::accumulate(clipped.begin(), clipped.end(), std::size_t{0})) /
                             (double(sensor.width()) * rows);
    return coloured(c, image, o, renderingOf(c, o), work);
}

// Numbers that the correction was not built for become those that it was, or are refused.
Status feedTo(const Correction& c, const Transfer& encoding, const fs::path& path, LinearImage& image) {
    const auto feed = Feed::between(encoding, c.inputEncoding);
    if (!feed) return failure(path.string() + " " + feed.error().message + ".");
    feed->apply(image);
    return {};
}

Status written(const EncodedImage& rendered, const WriteOptions& w, const fs::path& target,
               const FrameWork& work) {
    if (work.stopped()) return stoppedEarly();
    const Watch watch(writing(work));
    return writeFrame(target, rendered, w);
}

WriteOptions writeOptions(const FrameOutput& o, const FrameMetadata& metadata, const fs::path& file,
                          const FrameWork& work) {
    WriteOptions w = writeOptions(o);
    if (o.metadata) {
        w.metadata = metadata;
        w.metadataFrom = file;
    }
    mark(w, work);
    return w;
}

MemoryShare& memoryOfFrames() {
    static MemoryShare memory(quarterOfMemory());
    return memory;
}

// Pixels of a file; of a raw one at most, by its bytes. As many as can be where it does not tell.
std::size_t pixelsOf(const fs::path& path) {
    const MediaPath media = mediaPath(path);
    constexpr std::size_t kUnknown = std::numeric_limits<std::uint32_t>::max();
    if (isClip(media.file)) return kUnknown;
    if (!isRendered(lowerEnding(path))) {
        std::error_code error;
        const auto bytes = fs::file_size(media.file, error);
        return error ? kUnknown : static_cast<std::size_t>(bytes);
    }
    const auto input = ImageInput::open(path.string());
    return input ? static_cast<std::size_t>(input->spec().image_pixels()) : kUnknown;
}

constexpr std::size_t kSensorBytes =
    sizeof(std::uint16_t) + sizeof(float);                    // of a site, and as it was stored
constexpr std::size_t kPictureBytes = 2 * 3 * sizeof(float);  // of a pixel, before and after

Status wholeFrame(const Correction& c, const fs::path& path, const std::optional<Transfer>& encoding,
                  const FrameOutput& o, const fs::path& target, const FrameWork& work) {
    const MemoryShare::Hold hold(memoryOfFrames(), pixelsOf(path) * (kSensorBytes + kPictureBytes));
    if (work.stopped()) return stoppedEarly();
    Result<Frame> frame = failure("");
    {
        const Watch watch(reading(work));
        frame = readFrameAssuming(c.inputEncoding, path, encoding);
    }
    if (!frame) return tl::unexpected(frame.error());
    if (work.stopped()) return stoppedEarly();
    frame->sensor.reset();
    const fs::path file = mediaPath(path).file;
    if (work.cutShare) *work.cutShare = cutColours(frame->image, frame->encoding);
    if (auto ok = feedTo(c, frame->encoding, path, frame->image); !ok) return ok;
    const EncodedImage rendered =
        renderedWhole(c, std::move(frame->image), highlightsOf(file, o), o, renderingOf(c, o), work);
    return written(rendered, writeOptions(o, frame->metadata, file, work), target, work);
}

// Raw files whose sites need not all become pixels.
bool isMadeSmaller(const Correction& c, const fs::path& path, const std::optional<Transfer>& encoding,
                   const FrameOutput& o) {
    return o.longEdge > 0 && encoding.value_or(Encoding::linear) == Encoding::linear &&
           c.inputEncoding == Encoding::linear && !isRendered(lowerEnding(path)) &&
           !isClip(mediaPath(path).file) && isRaw(path);
}

// Nothing for a mosaic that has to be demosaiced whole.
Result<bool> smallerRaw(const Correction& c, const fs::path& path, const FrameOutput& o,
                        const fs::path& target, const FrameWork& work) {
    const MemoryShare::Hold hold(memoryOfFrames(), pixelsOf(path) * kSensorBytes);
    if (work.stopped()) return stoppedEarly();
    Result<RawPicture> raw = failure("");
    {
        const Watch watch(reading(work));
        raw = readRawPicture(path);
    }
    if (!raw) return tl::unexpected(raw.error());
    if (!raw->sensor) return false;
    if (work.stopped()) return stoppedEarly();
    const EncodedImage rendered = renderedSmaller(c, *raw->sensor, o, work);
    raw->sensor.reset();
    return written(rendered, writeOptions(o, readMetadata(path), path, work), target, work).map([] {
        return true;
    });
}

// A picture that is read a band of rows at a time.
struct Source {
    std::unique_ptr<ImageInput> input;
    ImageSpec spec;
    Transfer encoding;
    std::optional<IccInput> profile;  ///< of tables
    FrameMetadata metadata;
    int bandRows = 0;

    Result<LinearImage> rows(int from, int to) {
        EncodedImage stored(spec.width, to - from);
        auto* data = stored.values().data();
        const bool read =
            spec.tile_width > 0
                ? input->read_tiles(0, 0, spec.x, spec.x + spec.width, spec.y + from, spec.y + to, 0, 1, 0, 3,
                                    TypeDesc::FLOAT, data)
                : input->read_scanlines(0, 0, spec.y + from, spec.y + to, 0, 0, 3, TypeDesc::FLOAT, data);
        if (!read || input->has_error())
            return failure(say("is damaged or incomplete: %1", reasonOf(input->geterror())));
        if (profile) return profile->linear(stored);
        return toLinear(std::move(stored), encoding);
    }
};

// Nothing for what has to be read whole: raw files, clips, what stands on its side, and what is made smaller.
Result<std::optional<Source>> sourceOf(const Correction& c, const fs::path& path,
                                       const std::optional<Transfer>& stated, const FrameOutput& o) {
    const std::string ending = lowerEnding(path);
    if (o.longEdge > 0 || mediaPath(path).seconds || isClip(path) || !isRendered(ending))
        return std::optional<Source>();
    std::error_code error;
    if (!fs::exists(path, error)) return failure(say("There is no file %1.", path.string()));
    Source s;
    s.input = ImageInput::open(path.string());
    if (!s.input)
        return failure(
            say("%1 could not be opened as a picture: %2.", path.string(), reasonOf(OIIO::geterror())));
    s.spec = s.input->spec();
    if (auto ok = acceptable(s.spec, path.string(), kMostStreamedMegapixels); !ok)
        return tl::unexpected(ok.error());
    if (s.spec.get_int_attribute("Orientation", 1) > 1 &&
        double(s.spec.width) * s.spec.height / 1e6 <= kMaxMegapixels)
        return std::optional<Source>();
    if (cutShort(path, ending))
        return failure(
            say("%1 is incomplete: the file ends before its picture does. Copy it from the card again.",
                path.string()));
    const KnownEncoding known = encodingOf(path, s.spec, ending);
    s.encoding =
        stated.value_or(known.source == EncodingSource::assumed ? c.inputEncoding : Transfer(known.encoding));
    std::vector<std::string> notes;
    if (auto profile = stated ? std::nullopt : profileOf(s.spec, notes)) {
        if (profile->curve())
            s.encoding = *profile->curve();
        else
            s.profile = std::move(profile);
    }
    if (o.metadata) s.metadata = metadataOf(path, s.spec);
    // About a megapixel a band, in whole tiles.
    const int step = std::lcm(64, std::max(1, s.spec.tile_height));
    s.bandRows = std::max(1, static_cast<int>(1'000'000 / std::max(1, s.spec.width)) / step) * step;
    return std::optional(std::move(s));
}

Status stream(const Correction& c, Source& s, const fs::path& path, const FrameOutput& o,
              const fs::path& side, const FrameWork& work) {
    WriteOptions w = writeOptions(o, s.metadata, path, work);
    // Only what is too large to be turned keeps its turn.
    w.orientation = s.spec.get_int_attribute("Orientation", 1);
    auto output = PictureOutput::begin(side, s.spec.width, s.spec.height, w);
    if (!output) return tl::unexpected(output.error());
    const Rendering rendering = renderingOf(c, o);
    const GamutMap* const map = gamutOf(c, o);
    GamutReport gamut;
    double clipped = 0, cut = 0;
    for (int y = 0; y < s.spec.height; y += s.bandRows) {
        if (work.stopped()) return stoppedEarly();
        const int end = std::min(s.spec.height, y + s.bandRows);
        Result<LinearImage> band = failure("");
        {
            const Watch watch(reading(work));
            band = s.rows(y, end);
        }
        if (!band) return failure(path.string() + " " + band.error().message + ".");
        if (work.cutShare) cut += cutColours(*band, s.encoding) * (end - y) / s.spec.height;
        if (!s.profile)
            if (auto ok = feedTo(c, s.encoding, path, *band); !ok) return ok;
        EncodedImage rendered;
        {
            const Watch watch(colour(work));
            clipped += treatHighlights(*band, c.gains, highlightsOf(path, o)) * (end - y) / s.spec.height;
            rendered = render(*band, rendering);
            if (map) add(gamut, map->compress(rendered), double(end - y) / s.spec.height);
            fit(rendered, o);
        }
        const Watch watch(writing(work));
        if (auto ok = output->rows(y, rendered); !ok) return ok;
    }
    if (work.clippedShare) *work.clippedShare = clipped;
    if (work.cutShare) *work.cutShare = cut;
    if (work.gamut) *work.gamut = gamut;
    const Watch watch(writing(work));
    return output->end();
}

}  // namespace

Status renderFrame(const Correction& c, const fs::path& path, const std::optional<Transfer>& encoding,
                   const FrameOutput& o, const fs::path& target, const FrameWork& work) {
    try {
        if (isMadeSmaller(c, path, encoding, o)) {
            const auto made = smallerRaw(c, path, o, target, work);
            if (!made) return tl::unexpected(made.error());
            if (*made) return {};
        }
        auto source = sourceOf(c, path, encoding, o);
        if (!source) return tl::unexpected(source.error());
        if (!*source) return wholeFrame(c, path, encoding, o, target, work);
        return writeFile(target,
                         [&](const fs::path& side) { return stream(c, **source, path, o, side, work); });
    } catch (const std::exception& e) {
        return failure(say("%1 could not be rendered: %2.", path.string(), e.what()));
    }
}

Status renderPicture(const Correction& c, ClipPicture&& picture, const Transfer& encoding, int orientation,
                     const FrameOutput& o, const fs::path& target, const FrameWork& work) {
    try {
        LinearImage image = toLinear(shownUpright(std::move(picture.image), orientation), encoding);
        if (auto ok = feedTo(c, encoding, target.filename(), image); !ok) return ok;
        return written(renderedWhole(c, std::move(image), o.highlights, o, renderingOf(c, o), work),
                       writeOptions(o), target, work);
    } catch (const std::exception& e) {
        return failure(say("%1 could not be rendered: %2.", target.filename().string(), e.what()));
    }
}

namespace {

Result<std::size_t> clipInto(const fs::path& side, const Correction& c, io::Clip& clip, const fs::path& path,
                             const Transfer& encoding, const FrameOutput& o, const FrameWork& work) {
    // OpenEXR's light is no clip's.
    FrameOutput shown = o;
    if (shown.kind == "exr") shown.kind = "tif";
    const Rendering rendering = renderingOf(c, shown);
    std::unique_ptr<ClipWriter> writer;
    std::size_t pictures = 0;
    for (;; ++pictures) {
        if (work.stopped()) return stoppedEarly();
        Result<std::optional<ClipPicture>> picture = std::optional<ClipPicture>();
        {
            const Watch watch(reading(work));
            picture = clip.next();
        }
        if (!picture) return tl::unexpected(picture.error());
        if (!*picture) break;
        const double seconds = (*picture)->seconds;
        LinearImage image =
            toLinear(shownUpright(std::move((*picture)->image), clip.info().orientation), encoding);
        if (auto ok = feedTo(c, encoding, path, image); !ok) return tl::unexpected(ok.error());
        const EncodedImage rendered =
            renderedWhole(c, std::move(image), o.highlights, shown, rendering, work);
        const Watch watch(writing(work));
        if (!writer) {
            auto begun =
                beginClip(side, {o.clips, o.space, rendered.width(), rendered.height(),
                                 clip.info().variableRate ? 0 : clip.info().picturesPerSecond, path});
            if (!begun) return tl::unexpected(begun.error());
            writer = *std::move(begun);
        }
        if (auto ok = writer->add(rendered, seconds); !ok) return tl::unexpected(ok.error());
    }
    if (!writer) return failure(say("%1 has no pictures in it.", path.string()));
    if (auto ok = writer->finish(); !ok) return tl::unexpected(ok.error());
    return pictures;
}

}  // namespace

Result<std::size_t> renderClip(const Correction& c, const fs::path& path,
                               const std::optional<Transfer>& stated, const FrameOutput& o,
                               const fs::path& target, const FrameWork& work) {
    try {
        auto clip = io::Clip::open(path);
        if (!clip) return tl::unexpected(clip.error());
        const Transfer encoding =
            stated.value_or(clip->info().encodingStated ? Transfer(clip->info().encoding) : c.inputEncoding);
        std::size_t pictures = 0;
        const Status written = writeFile(target, [&](const fs::path& side) -> Status {
            const auto made = clipInto(side, c, *clip, path, encoding, o, work);
            if (!made) return tl::unexpected(made.error());
            pictures = *made;
            return {};
        });
        if (!written && work.stopped()) return stoppedEarly();
        if (!written) return tl::unexpected(written.error());
        return pictures;
    } catch (const std::exception& e) {
        return failure(say("%1 could not be rendered: %2.", path.string(), e.what()));
    }
}

}  // namespace refero::media
