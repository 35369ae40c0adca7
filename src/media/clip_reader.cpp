// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/say/say.h"
#include "io/clip.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

#include "io/frame_file.h"
#include "media/libav.h"
#include "media/media.h"

extern "C" {
#include <libavutil/display.h>
#include <libavutil/imgutils.h>
#include <libavutil/pixdesc.h>
#include <libswscale/swscale.h>
}

namespace refero::media {

using namespace io;

namespace {

namespace fs = std::filesystem;

using libav::Container, libav::Packet, libav::Picture, libav::kAlignment, libav::reasonOf;
using Decoder = libav::Codec;

struct FreesScaler {
    void operator()(SwsContext* c) const { sws_freeContext(c); }
};
// Pictures' times in seconds from the first, without decoding.
struct Times {
    std::size_t count = 0;
    double first = 0, end = 0;
    bool variable = false;
};

// Reading packets reads the file: of a long clip only its beginning is gone through, and the container's own
// word is taken for the rest.
constexpr std::size_t kMostCounted = 600;

Times timesOf(AVFormatContext& file, const AVStream& stream) {
    const double unit = av_q2d(stream.time_base);
    std::vector<double> shown;
    double lastDuration = 0;
    bool whole = true;
    const Packet packet(av_packet_alloc());
    while (av_read_frame(&file, packet.get()) >= 0) {
        if (shown.size() == kMostCounted) {
            whole = false;
            av_packet_unref(packet.get());
            break;
        }
        const std::int64_t at = packet->pts != AV_NOPTS_VALUE ? packet->pts : packet->dts;
        if (packet->stream_index == stream.index && at != AV_NOPTS_VALUE) {
            shown.push_back(double(at) * unit);
            lastDuration = double(packet->duration) * unit;
        }
        av_packet_unref(packet.get());
    }
    Times t;
    t.count = shown.size();
    if (shown.empty()) return t;
    std::sort(shown.begin(), shown.end());
    // Packets come in decoding order: the last shown of a beginning have gaps that later packets fill.
    constexpr std::size_t kReordered = 32;
    if (!whole) shown.resize(shown.size() - kReordered);
    t.first = shown.front();
    double least = 1e9, most = 0;
    for (std::size_t i = 1; i < shown.size(); ++i) {
        least = std::min(least, shown[i] - shown[i - 1]);
        most = std::max(most, shown[i] - shown[i - 1]);
    }
    // Containers that count in milliseconds make a constant rate tremble by one.
    t.variable = shown.size() > 2 && most - least > std::max(0.0021, 2.1 * unit);
    if (shown.size() > 1 && !(lastDuration > 0))
        lastDuration = (shown.back() - shown.front()) / double(shown.size() - 1);
    t.end = shown.back() + lastDuration;
    if (whole) return t;
    const double stated = stream.duration != AV_NOPTS_VALUE ? double(stream.duration) * unit
                          : file.duration != AV_NOPTS_VALUE ? double(file.duration) / AV_TIME_BASE
                                                            : 0;
    if (stated > t.end - t.first) {
        t.end = t.first + stated;
        const double rate = double(shown.size() - 1) / (shown.back() - shown.front());
        t.count = stream.nb_frames > 0 ? static_cast<std::size_t>(stream.nb_frames)
                                       : static_cast<std::size_t>(std::llround(stated * rate));
    }
    return t;
}

std::string tagEndingWith(const AVDictionary* tags, std::string_view ending) {
    const AVDictionaryEntry* e = nullptr;
    while ((e = av_dict_get(tags, "", e, AV_DICT_IGNORE_SUFFIX)))
        if (std::string_view(e->key).ends_with(ending)) return e->value;
    return {};
}

// "2026-11-14T09:30:00.000000Z" to EXIF's "2026:11:14 09:30:00".
std::string exifTime(std::string iso) {
    if (iso.size() < 19 || iso[4] != '-' || iso[7] != '-') return {};
    iso.resize(19);
    iso[4] = iso[7] = ':';
    iso[10] = ' ';
    return iso;
}

struct Curve {
    Encoding encoding;
    bool stated;
};
Curve curveOf(AVColorTransferCharacteristic trc) {
    switch (trc) {
        case AVCOL_TRC_BT709:
        case AVCOL_TRC_SMPTE170M:
            return {Encoding::rec709, true};
        case AVCOL_TRC_BT2020_10:
        case AVCOL_TRC_BT2020_12:
            return {Encoding::rec2020, true};
        case AVCOL_TRC_IEC61966_2_1:
            return {Encoding::srgb, true};
        case AVCOL_TRC_GAMMA22:
            return {Encoding::gamma22, true};
        case AVCOL_TRC_LINEAR:
            return {Encoding::linear, true};
        case AVCOL_TRC_ARIB_STD_B67:
            return {Encoding::hlg, true};
        case AVCOL_TRC_SMPTE2084:
            return {Encoding::pq, true};
        default:
            return {Encoding::rec709, false};
    }
}

std::string nameOf(AVColorSpace matrix) {
    switch (matrix) {
        case AVCOL_SPC_RGB:
            return "RGB";
        case AVCOL_SPC_BT709:
            return "BT.709";
        case AVCOL_SPC_BT470BG:
        case AVCOL_SPC_SMPTE170M:
            return "BT.601";
        case AVCOL_SPC_BT2020_NCL:
            return "BT.2020";
        default: {
            const char* name = av_color_space_name(matrix);
            return name ? name : "";
        }
    }
}

// Turns by a quarter that a container asks for, as EXIF says them.
int orientationOf(const AVStream& stream) {
    const auto* matrix = reinterpret_cast<const std::int32_t*>(
        av_stream_get_side_data(&stream, AV_PKT_DATA_DISPLAYMATRIX, nullptr));
    if (!matrix) return 1;
    const double degrees = av_display_rotation_get(matrix);  // counter-clockwise
    switch (std::isfinite(degrees) ? (static_cast<int>(std::lround(degrees / 90)) % 4 + 4) % 4 : 0) {
        case 1:
            return 8;
        case 2:
            return 3;
        case 3:
            return 6;
        default:
            return 1;
    }
}

// The planar layout of the same depth and sampling that zimg takes; AV_PIX_FMT_NONE where it is one already.
AVPixelFormat planarTwin(AVPixelFormat format) {
    switch (format) {
        case AV_PIX_FMT_NV12:
        case AV_PIX_FMT_NV21:
            return AV_PIX_FMT_YUV420P;
        case AV_PIX_FMT_NV16:
        case AV_PIX_FMT_YUYV422:
        case AV_PIX_FMT_UYVY422:
            return AV_PIX_FMT_YUV422P;
        case AV_PIX_FMT_P010LE:
            return AV_PIX_FMT_YUV420P10LE;
        case AV_PIX_FMT_P210LE:
            return AV_PIX_FMT_YUV422P10LE;
        default:
            break;
    }
    const AVPixFmtDescriptor* d = av_pix_fmt_desc_get(format);
    if (!d || !(d->flags & AV_PIX_FMT_FLAG_RGB) || d->flags & AV_PIX_FMT_FLAG_PLANAR) return AV_PIX_FMT_NONE;
    return d->comp[0].depth > 8 ? AV_PIX_FMT_GBRP16LE : AV_PIX_FMT_GBRP;
}

Result<Picture> inPlanes(const AVFrame& in) {
    Picture out(av_frame_alloc());
    const auto format = static_cast<AVPixelFormat>(in.format);
    const AVPixelFormat twin = planarTwin(format);
    out->format = twin == AV_PIX_FMT_NONE ? in.format : twin;
    out->width = in.width;
    out->height = in.height;
    if (!out || av_frame_get_buffer(out.get(), kAlignment) < 0)
        return failure(say("there is not enough memory for one of its pictures"));
    if (twin == AV_PIX_FMT_NONE) {
        av_frame_copy(out.get(), &in);
    } else {
        const std::unique_ptr<SwsContext, FreesScaler> scaler(sws_getContext(
            in.width, in.height, format, in.width, in.height, twin, SWS_POINT, nullptr, nullptr, nullptr));
        if (!scaler ||
            sws_scale(scaler.get(), in.data, in.linesize, 0, in.height, out->data, out->linesize) < 0)
            return failure(say("its pixels are laid out in a way that cannot be read"));
    }
    return out;
}

// What the clip says, with the usual practice where it says nothing: limited range; BT.709 from 720 lines up,
// BT.601 below.
struct Signal {
    bool rgb = false, fullRange = false;
    AVColorSpace matrix = AVCOL_SPC_UNSPECIFIED;
    std::vector<std::string> assumed;
};

Signal signalOf(const AVPixelFormat format, AVColorRange range, AVColorSpace matrix, int height) {
    Signal s;
    const AVPixFmtDescriptor* d = av_pix_fmt_desc_get(format);
    s.rgb = d && d->flags & AV_PIX_FMT_FLAG_RGB;
    const bool jpegKind = format == AV_PIX_FMT_YUVJ420P || format == AV_PIX_FMT_YUVJ422P ||
                          format == AV_PIX_FMT_YUVJ444P || format == AV_PIX_FMT_YUVJ440P;
    s.fullRange = range == AVCOL_RANGE_JPEG || (range == AVCOL_RANGE_UNSPECIFIED && (s.rgb || jpegKind));
    if (range == AVCOL_RANGE_UNSPECIFIED && !s.rgb && !jpegKind)
        s.assumed.push_back("The clip does not say its range: limited is assumed.");
    s.matrix = s.rgb ? AVCOL_SPC_RGB : matrix;
    if (!s.rgb && (matrix == AVCOL_SPC_UNSPECIFIED || matrix == AVCOL_SPC_RGB)) {
        s.matrix = height >= 720 ? AVCOL_SPC_BT709 : AVCOL_SPC_SMPTE170M;
        s.assumed.push_back("The clip does not say its matrix: " + nameOf(s.matrix) +
                            " is assumed, which is usual for its size.");
    }
    return s;
}

std::string zimgReason() {
    char text[256] = {};
    zimg_get_last_error(text, sizeof text);
    zimg_clear_last_error();
    return text;
}

// To R'G'B' in floats; matrix, range and chroma siting undone, nothing else.
Result<EncodedImage> asRgb(const AVFrame& in, const Signal& signal) {
    const auto planes = inPlanes(in);
    if (!planes) return tl::unexpected(planes.error());
    const AVFrame& f = **planes;
    const AVPixFmtDescriptor* d = av_pix_fmt_desc_get(static_cast<AVPixelFormat>(f.format));
    if (!d || d->flags & AV_PIX_FMT_FLAG_BE || d->nb_components < 3 || d->comp[0].plane == d->comp[1].plane)
        return failure(say("its pixels are laid out in a way that cannot be read"));
    const bool isFloat = d->flags & AV_PIX_FMT_FLAG_FLOAT;
    zimg_image_format from, to;
    zimg_image_format_default(&from, ZIMG_API_VERSION);
    zimg_image_format_default(&to, ZIMG_API_VERSION);
    from.width = to.width = static_cast<unsigned>(f.width);
    from.height = to.height = static_cast<unsigned>(f.height);
    from.pixel_type = isFloat ? ZIMG_PIXEL_FLOAT : d->comp[0].depth > 8 ? ZIMG_PIXEL_WORD : ZIMG_PIXEL_BYTE;
    from.depth = static_cast<unsigned>(d->comp[0].depth);
    from.subsample_w = signal.rgb ? 0 : d->log2_chroma_w;
    from.subsample_h = signal.rgb ? 0 : d->log2_chroma_h;
    from.color_family = signal.rgb ? ZIMG_COLOR_RGB : ZIMG_COLOR_YUV;
    from.matrix_coefficients = static_cast<zimg_matrix_coefficients_e>(signal.matrix);
    from.pixel_range = signal.fullRange ? ZIMG_RANGE_FULL : ZIMG_RANGE_LIMITED;
    from.chroma_location = in.chroma_location == AVCHROMA_LOC_CENTER    ? ZIMG_CHROMA_CENTER
                           : in.chroma_location == AVCHROMA_LOC_TOPLEFT ? ZIMG_CHROMA_TOP_LEFT
                                                                        : ZIMG_CHROMA_LEFT;
    to.pixel_type = ZIMG_PIXEL_FLOAT;
    to.depth = 32;
    to.color_family = ZIMG_COLOR_RGB;
    to.matrix_coefficients = ZIMG_MATRIX_RGB;
    to.pixel_range = ZIMG_RANGE_FULL;

    zimg_graph_builder_params params;
    zimg_graph_builder_params_default(&params, ZIMG_API_VERSION);
    params.resample_filter_uv = ZIMG_RESIZE_BILINEAR;
    const libav::Graph graph(zimg_filter_graph_build(&from, &to, &params));
    if (!graph) return failure(say("its colours cannot be undone (%1)", zimgReason()));
    std::size_t scratchBytes = 0;
    zimg_filter_graph_get_tmp_size(graph.get(), &scratchBytes);

    const std::size_t pitch = libav::alignedSize(static_cast<std::size_t>(f.width) * sizeof(float));
    const libav::Memory scratch = libav::alignedMemory(scratchBytes);
    const libav::Memory rgb = libav::alignedMemory(3 * pitch * static_cast<std::size_t>(f.height));
    if (!scratch || !rgb) return failure(say("there is not enough memory for one of its pictures"));

    zimg_image_buffer_const source{ZIMG_API_VERSION, {}};
    zimg_image_buffer target{ZIMG_API_VERSION, {}};
    for (int k = 0; k < 3; ++k) {
        // RGB planes are stored as green, blue, red.
        const auto plane = static_cast<std::size_t>(d->comp[k].plane);
        source.plane[k] = {f.data[plane], f.linesize[plane], ZIMG_BUFFER_MAX};
        target.plane[k] = {static_cast<char*>(rgb.get()) + std::size_t(k) * pitch * std::size_t(f.height),
                           static_cast<std::ptrdiff_t>(pitch), ZIMG_BUFFER_MAX};
    }
    if (zimg_filter_graph_process(graph.get(), &source, &target, scratch.get(), nullptr, nullptr, nullptr,
                                  nullptr) != ZIMG_ERROR_SUCCESS)
        return failure(say("its colours cannot be undone (%1)", zimgReason()));
    EncodedImage out(f.width, f.height);
    for (int y = 0; y < f.height; ++y)
        for (int k = 0; k < 3; ++k) {
            const auto* row = reinterpret_cast<const float*>(static_cast<const char*>(target.plane[k].data) +
                                                             std::size_t(y) * pitch);
            float* to_ = out.row(y) + k;
            for (int x = 0; x < f.width; ++x) to_[3 * x] = row[x];
        }
    return out;
}

// FFmpeg's.
class OpenClip final : public ClipReader {
  public:
    const ClipInfo& info() const override { return info_; }
    Result<ClipPicture> at(double seconds) override;
    Result<std::optional<ClipPicture>> next() override;

    std::string who;
    Container file;
    Decoder decoder;
    const AVStream* stream = nullptr;
    Times times;
    ClipInfo info_;

    double secondsOf(const AVFrame& f) const {
        const std::int64_t at = f.best_effort_timestamp;
        return at == AV_NOPTS_VALUE ? 0 : double(at) * av_q2d(stream->time_base) - times.first;
    }
    bool seek(double seconds) {
        const auto at =
            static_cast<std::int64_t>(std::floor((seconds + times.first) / av_q2d(stream->time_base)));
        avcodec_flush_buffers(decoder.get());
        return avformat_seek_file(file.get(), stream->index, INT64_MIN, at, at, 0) >= 0 ||
               av_seek_frame(file.get(), stream->index, at, AVSEEK_FLAG_BACKWARD | AVSEEK_FLAG_ANY) >= 0;
    }
    /// The last decoded one that begins no later; where all begin later, the first.
    Result<Picture> decodeUntil(double seconds);
    /// The next in the order in which they are shown; null at the end.
    Picture decodeNext();

    Result<ClipPicture> pictureOf(const AVFrame& f) const;

    bool walking = false, fed = false;  ///< of next()
    int unreadable = 0;                 ///< pictures of next()
};

Picture OpenClip::decodeNext() {
    Picture out(av_frame_alloc());
    const Packet packet(av_packet_alloc());
    while (unreadable <= 50) {
        const int got = avcodec_receive_frame(decoder.get(), out.get());
        if (got == 0) return out;
        if (got == AVERROR_EOF || (got == AVERROR(EAGAIN) && fed)) break;
        if (got != AVERROR(EAGAIN)) {
            ++unreadable;
            continue;
        }
        if (av_read_frame(file.get(), packet.get()) < 0) {
            fed = true;
            avcodec_send_packet(decoder.get(), nullptr);
            continue;
        }
        if (packet->stream_index == stream->index && avcodec_send_packet(decoder.get(), packet.get()) < 0)
            ++unreadable;
        av_packet_unref(packet.get());
    }
    return nullptr;
}

Result<Picture> OpenClip::decodeUntil(double seconds) {
    Picture best, next(av_frame_alloc());
    const Packet packet(av_packet_alloc());
    bool ended = false;
    int damaged = 0;
    for (;;) {
        const int got = avcodec_receive_frame(decoder.get(), next.get());
        if (got == AVERROR_EOF) break;
        if (got == AVERROR(EAGAIN)) {
            if (ended) break;
            int read = av_read_frame(file.get(), packet.get());
            if (read < 0) {
                ended = true;
                avcodec_send_packet(decoder.get(), nullptr);
                continue;
            }
            if (packet->stream_index == stream->index && avcodec_send_packet(decoder.get(), packet.get()) < 0)
                ++damaged;
            av_packet_unref(packet.get());
            if (damaged > 50) break;
            continue;
        }
        if (got < 0) {
            if (++damaged > 50) break;
            continue;
        }
        if (best && secondsOf(*next) > seconds + 1e-6) break;
        best.reset(av_frame_clone(next.get()));
        if (secondsOf(*next) > seconds + 1e-6) break;
        av_frame_unref(next.get());
    }
    if (!best) return failure(say("none of its pictures can be decoded"));
    return best;
}

}  // namespace

Result<std::unique_ptr<ClipReader>> openClip(const fs::path& path) {
    av_log_set_level(AV_LOG_QUIET);
    auto o = std::make_unique<OpenClip>();
    o->who = path.filename().string();
    const auto refused = [&](const std::string& why) { return failure(o->who + " " + why + "."); };

    // Nothing that a file points to is followed, and no kind of file that is not a clip is tried.
    AVDictionary* options = nullptr;
    av_dict_set(&options, "protocol_whitelist", "file", 0);
    av_dict_set(&options, "format_whitelist",
                "mov,mp4,m4a,3gp,3g2,mj2,matroska,webm,avi,mxf,mpegts,mpeg,mpegvideo,ogg,yuv4mpegpipe", 0);
    AVFormatContext* file = nullptr;
    const int opened = avformat_open_input(&file, ("file:" + path.string()).c_str(), nullptr, &options);
    av_dict_free(&options);
    if (opened < 0) return refused("could not be opened as a clip: " + reasonOf(opened));
    o->file.reset(file);
    if (const int e = avformat_find_stream_info(file, nullptr); e < 0)
        return refused("is damaged or incomplete: " + reasonOf(e) + ". Copy it from the card again");
    const AVCodec* codec = nullptr;
    const int index = av_find_best_stream(file, AVMEDIA_TYPE_VIDEO, -1, -1, &codec, 0);
    if (index == AVERROR_STREAM_NOT_FOUND ||
        (index >= 0 && file->streams[index]->disposition & AV_DISPOSITION_ATTACHED_PIC))
        return refused("has no pictures in it, only sound perhaps");
    if (index < 0 || !codec) return refused("is of a kind of video that cannot be decoded here");
    o->stream = file->streams[index];
    const AVCodecParameters& p = *o->stream->codecpar;
    if (p.width < 1 || p.height < 1) return refused("does not say how large its pictures are");
    if (double(p.width) * p.height / 1e6 > kMaxMegapixels) return refused("has pictures that are too large");
    o->decoder.reset(avcodec_alloc_context3(codec));
    if (!o->decoder || avcodec_parameters_to_context(o->decoder.get(), &p) < 0)
        return refused("cannot be decoded here");
    o->decoder->thread_count = 0;
    o->decoder->pkt_timebase = o->stream->time_base;
    if (const int e = avcodec_open2(o->decoder.get(), codec, nullptr); e < 0)
        return refused("cannot be decoded here: " + reasonOf(e));
    o->times = timesOf(*file, *o->stream);
    if (o->times.count == 0) return refused("has no pictures in it");

    ClipInfo& info = o->info_;
    info.width = p.width;
    info.height = p.height;
    info.pictures = o->times.count;
    info.seconds = o->times.end - o->times.first;
    info.picturesPerSecond = info.seconds > 0 ? double(info.pictures) / info.seconds : 0;
    info.variableRate = o->times.variable;
    info.codec = avcodec_get_name(p.codec_id);
    info.orientation = orientationOf(*o->stream);
    const Signal s = signalOf(static_cast<AVPixelFormat>(p.format), p.color_range, p.color_space, p.height);
    info.matrix = nameOf(s.matrix);
    info.fullRange = s.fullRange;
    info.assumed = s.assumed;
    const Curve curve = curveOf(p.color_trc);
    info.encoding = curve.encoding;
    info.encodingStated = curve.stated;
    info.taken = exifTime(tagEndingWith(file->metadata, "creation_time"));
    info.body = tagEndingWith(file->metadata, "model");
    return o;
}

Result<ClipPicture> OpenClip::at(double seconds) {
    OpenClip& o = *this;
    const double last = std::max(0.0, o.times.end - o.times.first);
    const double wanted = std::isfinite(seconds) ? std::clamp(seconds, 0.0, last) : 0.0;
    const auto refused = [&](const Error& e) {
        return failure(
            say("%1 is damaged or incomplete: %2. Copy it from the card again.", o.who, e.message));
    };
    if (!o.seek(wanted)) return refused({"its pictures cannot be gone to"});
    auto picture = o.decodeUntil(wanted);
    if (picture && o.secondsOf(**picture) > wanted + 1e-6 && wanted > 0) {
        // The place that was gone to lies behind the wanted one: from the beginning, then.
        if (o.seek(0))
            if (auto again = o.decodeUntil(wanted)) picture = std::move(again);
    }
    if (!picture) return refused(picture.error());
    o.walking = false;
    auto out = o.pictureOf(**picture);
    if (!out) return refused(out.error());
    return out;
}

Result<std::optional<ClipPicture>> OpenClip::next() {
    OpenClip& o = *this;
    const auto refused = [&](const std::string& why) {
        return failure(say("%1 is damaged or incomplete: %2. Copy it from the card again.", o.who, why));
    };
    if (!o.walking) {
        if (!o.seek(0)) return refused("its pictures cannot be gone to");
        o.walking = true;
        o.fed = false;
        o.unreadable = 0;
    }
    const Picture picture = o.decodeNext();
    if (!picture) {
        if (o.unreadable > 50) return refused("too much of it cannot be decoded");
        return std::optional<ClipPicture>();
    }
    auto out = o.pictureOf(*picture);
    if (!out) return refused(out.error().message);
    return std::optional(*std::move(out));
}

Result<ClipPicture> OpenClip::pictureOf(const AVFrame& f) const {
    const Signal signal = signalOf(
        static_cast<AVPixelFormat>(f.format),
        f.color_range != AVCOL_RANGE_UNSPECIFIED ? f.color_range : stream->codecpar->color_range,
        f.colorspace != AVCOL_SPC_UNSPECIFIED ? f.colorspace : stream->codecpar->color_space, f.height);
    auto image = asRgb(f, signal);
    if (!image) return tl::unexpected(image.error());
    return ClipPicture{*std::move(image), std::max(0.0, secondsOf(f))};
}

}  // namespace refero::media
