// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/clip_writer.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <optional>
#include <string>
#include <vector>

#include "core/say/say.h"
#include "media/libav.h"

extern "C" {
#include <libavutil/imgutils.h>
#include <libavutil/opt.h>
#include <libavutil/pixdesc.h>
}

namespace refero::media {
namespace {

namespace fs = std::filesystem;

using libav::Packet, libav::Picture, libav::kAlignment, libav::reasonOf;

struct ClosesFile {
    void operator()(AVFormatContext* f) const {
        if (f->pb) avio_closep(&f->pb);
        avformat_free_context(f);
    }
};
using Target = std::unique_ptr<AVFormatContext, ClosesFile>;

constexpr AVRational kUnit{1, 90000};  // finer than any rate asks for; common in transport streams

// ISO/IEC 23091-2 (H.273) code points.
struct Tags {
    AVColorPrimaries primaries;
    AVColorTransferCharacteristic curve;
    AVColorSpace matrix;
};
std::optional<Tags> tagsOf(OutputSpace space) {
    switch (space) {
        case OutputSpace::rec709:
        case OutputSpace::bt1886:
            return Tags{AVCOL_PRI_BT709, AVCOL_TRC_BT709, AVCOL_SPC_BT709};
        case OutputSpace::srgb:
            return Tags{AVCOL_PRI_BT709, AVCOL_TRC_IEC61966_2_1, AVCOL_SPC_BT709};
        case OutputSpace::displayP3:
            return Tags{AVCOL_PRI_SMPTE432, AVCOL_TRC_IEC61966_2_1, AVCOL_SPC_BT709};
        case OutputSpace::rec2020:
            return Tags{AVCOL_PRI_BT2020, AVCOL_TRC_BT2020_10, AVCOL_SPC_BT2020_NCL};
        case OutputSpace::rec2100pq:
            return Tags{AVCOL_PRI_BT2020, AVCOL_TRC_SMPTE2084, AVCOL_SPC_BT2020_NCL};
        case OutputSpace::rec2100hlg:
            return Tags{AVCOL_PRI_BT2020, AVCOL_TRC_ARIB_STD_B67, AVCOL_SPC_BT2020_NCL};
        default:
            return {};
    }
}

const AVCodec* encoderOf(io::ClipKind kind) {
    if (kind == io::ClipKind::intermediate) return avcodec_find_encoder_by_name("ffv1");
    for (const char* name : {"libsvtav1", "libaom-av1"})
        if (const AVCodec* codec = avcodec_find_encoder_by_name(name)) return codec;
    return nullptr;
}

class Writer final : public ClipWriter {
  public:
    Status begin(const fs::path& side, const ClipFormat& format);
    Status add(const EncodedImage& picture, double seconds) override;
    Status finish() override;

  private:
    Status beginVideo(const ClipFormat& format, const Tags& tags);
    void beginSound(const fs::path& source);
    Status beginGraph(const Tags& tags);
    Result<Picture> converted(const EncodedImage& picture) const;
    Status encode(const AVFrame* picture);
    Status soundUntil(double seconds);

    fs::path side_;
    int width_ = 0, height_ = 0;
    libav::Codec encoder_;
    AVStream* video_ = nullptr;
    AVPixelFormat layout_ = AV_PIX_FMT_YUV422P10LE;
    libav::Graph graph_;
    libav::Memory scratch_, planes_;
    std::size_t pitch_ = 0;
    libav::Container source_;
    std::vector<int> streams_;  ///< of the source to ours; -1: left
    double soundFrom_ = 0;      ///< seconds of the source at which its first picture is shown
    bool soundEnded_ = true;
    Packet waiting_;  ///< sound that is later than the last picture
    std::int64_t last_ = -1;
    Target file_;  ///< last: it is closed first
};

Status Writer::begin(const fs::path& side, const ClipFormat& format) {
    side_ = side;
    const auto tags = tagsOf(format.space);
    if (!tags)
        return failure(
            say("Clips go out in srgb, rec709, bt1886, display-p3, rec2020, rec2100-pq or rec2100-hlg; %1 "
                "cannot be said in a clip.",
                info(format.space).label));
    AVFormatContext* file = nullptr;
    if (avformat_alloc_output_context2(&file, nullptr, "matroska", side.c_str()) < 0 || !file)
        return failure(say("Clips cannot be written here: there is no Matroska writer."));
    file_.reset(file);
    if (auto ok = beginVideo(format, *tags); !ok) return ok;
    if (auto ok = beginGraph(*tags); !ok) return ok;
    if (!format.soundFrom.empty()) beginSound(format.soundFrom);
    if (const int e = avio_open(&file_->pb, ("file:" + side.string()).c_str(), AVIO_FLAG_WRITE); e < 0)
        return failure(say("%1 could not be written: %2.", side.string(), reasonOf(e)));
    if (const int e = avformat_write_header(file_.get(), nullptr); e < 0)
        return failure(say("%1 could not be begun: %2.", side.string(), reasonOf(e)));
    return {};
}

Status Writer::beginVideo(const ClipFormat& format, const Tags& tags) {
    const AVCodec* codec = encoderOf(format.kind);
    if (!codec) return failure(say("This system has no encoder for that kind of clip."));
    layout_ = format.kind == io::ClipKind::intermediate ? AV_PIX_FMT_YUV422P10LE : AV_PIX_FMT_YUV420P10LE;
    width_ = format.width & ~1;
    height_ = format.height & ~1;
    encoder_.reset(avcodec_alloc_context3(codec));
    AVCodecContext& c = *encoder_;
    c.width = width_;
    c.height = height_;
    c.pix_fmt = layout_;
    c.time_base = kUnit;
    if (format.picturesPerSecond > 0) c.framerate = av_d2q(format.picturesPerSecond, 100000);
    c.color_primaries = tags.primaries;
    c.color_trc = tags.curve;
    c.colorspace = tags.matrix;
    c.color_range = AVCOL_RANGE_MPEG;
    c.chroma_sample_location = AVCHROMA_LOC_LEFT;
    c.thread_count = 0;
    if (file_->oformat->flags & AVFMT_GLOBALHEADER) c.flags |= AV_CODEC_FLAG_GLOBAL_HEADER;
    AVDictionary* options = nullptr;
    if (format.kind == io::ClipKind::intermediate) {
        av_dict_set(&options, "level", "3", 0);
        av_dict_set(&options, "slicecrc", "1", 0);
        c.gop_size = 1;
    } else {
        ::setenv("SVT_LOG", "1", 0);  // errors alone
        av_dict_set(&options, "crf", "18", 0);
        av_dict_set(&options, "preset", "8", 0);
        av_dict_set(&options, "cpu-used", "6", 0);
    }
    const int opened = avcodec_open2(&c, codec, &options);
    av_dict_free(&options);
    if (opened < 0) return failure(say("The encoder could not be begun: %1.", reasonOf(opened)));
    video_ = avformat_new_stream(file_.get(), nullptr);
    if (!video_ || avcodec_parameters_from_context(video_->codecpar, &c) < 0)
        return failure(say("The clip could not be begun."));
    video_->time_base = kUnit;
    video_->avg_frame_rate = video_->r_frame_rate = c.framerate;
    return {};
}

// Sound is copied as it is; what the container cannot hold is left out.
void Writer::beginSound(const fs::path& from) {
    AVFormatContext* source = nullptr;
    if (avformat_open_input(&source, ("file:" + from.string()).c_str(), nullptr, nullptr) < 0) return;
    source_.reset(source);
    if (avformat_find_stream_info(source, nullptr) < 0) return;
    const int picture = av_find_best_stream(source, AVMEDIA_TYPE_VIDEO, -1, -1, nullptr, 0);
    if (picture >= 0 && source->streams[picture]->start_time != AV_NOPTS_VALUE)
        soundFrom_ =
            double(source->streams[picture]->start_time) * av_q2d(source->streams[picture]->time_base);
    streams_.assign(source->nb_streams, -1);
    for (unsigned i = 0; i < source->nb_streams; ++i) {
        const AVStream& s = *source->streams[i];
        // The timecode stands with the pictures or in a track of its own.
        if (const AVDictionaryEntry* code = av_dict_get(s.metadata, "timecode", nullptr, 0))
            av_dict_set(&video_->metadata, "timecode", code->value, 0);
        if (s.codecpar->codec_type != AVMEDIA_TYPE_AUDIO) continue;
        if (avformat_query_codec(file_->oformat, s.codecpar->codec_id, FF_COMPLIANCE_NORMAL) == 0) continue;
        AVStream* ours = avformat_new_stream(file_.get(), nullptr);
        if (!ours || avcodec_parameters_copy(ours->codecpar, s.codecpar) < 0) continue;
        ours->codecpar->codec_tag = 0;
        ours->time_base = s.time_base;
        streams_[i] = ours->index;
        soundEnded_ = false;
    }
    for (const char* key : {"timecode", "creation_time"})
        if (const AVDictionaryEntry* e = av_dict_get(source->metadata, key, nullptr, 0))
            av_dict_set(&file_->metadata, key, e->value, 0);
}

Status Writer::beginGraph(const Tags& tags) {
    zimg_image_format from, to;
    zimg_image_format_default(&from, ZIMG_API_VERSION);
    zimg_image_format_default(&to, ZIMG_API_VERSION);
    from.width = to.width = static_cast<unsigned>(width_);
    from.height = to.height = static_cast<unsigned>(height_);
    from.pixel_type = ZIMG_PIXEL_FLOAT;
    from.depth = 32;
    from.color_family = ZIMG_COLOR_RGB;
    from.matrix_coefficients = ZIMG_MATRIX_RGB;
    from.pixel_range = ZIMG_RANGE_FULL;
    const AVPixFmtDescriptor* d = av_pix_fmt_desc_get(layout_);
    to.pixel_type = ZIMG_PIXEL_WORD;
    to.depth = static_cast<unsigned>(d->comp[0].depth);
    to.subsample_w = d->log2_chroma_w;
    to.subsample_h = d->log2_chroma_h;
    to.color_family = ZIMG_COLOR_YUV;
    to.matrix_coefficients = static_cast<zimg_matrix_coefficients_e>(tags.matrix);
    to.pixel_range = ZIMG_RANGE_LIMITED;
    to.chroma_location = ZIMG_CHROMA_LEFT;
    zimg_graph_builder_params params;
    zimg_graph_builder_params_default(&params, ZIMG_API_VERSION);
    params.resample_filter_uv = ZIMG_RESIZE_BILINEAR;
    graph_.reset(zimg_filter_graph_build(&from, &to, &params));
    if (!graph_) return failure(say("The clip's colours could not be set up."));
    std::size_t bytes = 0;
    zimg_filter_graph_get_tmp_size(graph_.get(), &bytes);
    pitch_ = libav::alignedSize(static_cast<std::size_t>(width_) * sizeof(float));
    scratch_ = libav::alignedMemory(bytes);
    planes_ = libav::alignedMemory(3 * pitch_ * static_cast<std::size_t>(height_));
    if (!scratch_ || !planes_) return failure(say("There is not enough memory for the clip's pictures."));
    return {};
}

Result<Picture> Writer::converted(const EncodedImage& picture) const {
    if (picture.width() < width_ || picture.height() < height_)
        return failure(say("The clip's pictures change their size, which cannot be written as one clip."));
    zimg_image_buffer_const from{ZIMG_API_VERSION, {}};
    zimg_image_buffer to{ZIMG_API_VERSION, {}};
    for (int k = 0; k < 3; ++k) {
        char* plane = static_cast<char*>(planes_.get()) + std::size_t(k) * pitch_ * std::size_t(height_);
        for (int y = 0; y < height_; ++y) {
            auto* row = reinterpret_cast<float*>(plane + std::size_t(y) * pitch_);
            const float* in = picture.row(y) + k;
            for (int x = 0; x < width_; ++x) row[x] = std::clamp(in[3 * x], 0.0f, 1.0f);
        }
        from.plane[k] = {plane, static_cast<std::ptrdiff_t>(pitch_), ZIMG_BUFFER_MAX};
    }
    Picture out(av_frame_alloc());
    out->format = layout_;
    out->width = width_;
    out->height = height_;
    if (av_frame_get_buffer(out.get(), kAlignment) < 0)
        return failure(say("There is not enough memory for the clip's pictures."));
    for (int k = 0; k < 3; ++k) to.plane[k] = {out->data[k], out->linesize[k], ZIMG_BUFFER_MAX};
    if (zimg_filter_graph_process(graph_.get(), &from, &to, scratch_.get(), nullptr, nullptr, nullptr,
                                  nullptr) != ZIMG_ERROR_SUCCESS)
        return failure(say("The clip's colours could not be written."));
    out->color_primaries = encoder_->color_primaries;
    out->color_trc = encoder_->color_trc;
    out->colorspace = encoder_->colorspace;
    out->color_range = encoder_->color_range;
    return out;
}

Status Writer::add(const EncodedImage& picture, double seconds) {
    auto frame = converted(picture);
    if (!frame) return tl::unexpected(frame.error());
    const auto at = static_cast<std::int64_t>(std::llround(seconds / av_q2d(kUnit)));
    // Two pictures never share a moment.
    (*frame)->pts = last_ = std::max(at, last_ + 1);
    if (auto ok = encode(frame->get()); !ok) return ok;
    return soundUntil(seconds);
}

Status Writer::encode(const AVFrame* picture) {
    if (const int e = avcodec_send_frame(encoder_.get(), picture); e < 0 && e != AVERROR_EOF)
        return failure(say("A picture could not be encoded: %1.", reasonOf(e)));
    const Packet packet(av_packet_alloc());
    for (;;) {
        const int got = avcodec_receive_packet(encoder_.get(), packet.get());
        if (got == AVERROR(EAGAIN) || got == AVERROR_EOF) return {};
        if (got < 0) return failure(say("A picture could not be encoded: %1.", reasonOf(got)));
        packet->stream_index = video_->index;
        av_packet_rescale_ts(packet.get(), kUnit, video_->time_base);
        if (const int e = av_interleaved_write_frame(file_.get(), packet.get()); e < 0)
            return failure(say("%1 could not be written: %2.", side_.string(), reasonOf(e)));
    }
}

Status Writer::soundUntil(double seconds) {
    while (!soundEnded_) {
        if (!waiting_) {
            Packet packet(av_packet_alloc());
            if (av_read_frame(source_.get(), packet.get()) < 0) {
                soundEnded_ = true;
                return {};
            }
            if (streams_[static_cast<std::size_t>(packet->stream_index)] < 0) continue;
            waiting_ = std::move(packet);
        }
        const AVStream& from = *source_->streams[waiting_->stream_index];
        const double unit = av_q2d(from.time_base);
        const auto shift = static_cast<std::int64_t>(std::llround(soundFrom_ / unit));
        const std::int64_t at = waiting_->pts != AV_NOPTS_VALUE ? waiting_->pts : waiting_->dts;
        if (at != AV_NOPTS_VALUE && double(at - shift) * unit > seconds) return {};
        const AVStream& to = *file_->streams[streams_[static_cast<std::size_t>(waiting_->stream_index)]];
        if (waiting_->pts != AV_NOPTS_VALUE) waiting_->pts -= shift;
        if (waiting_->dts != AV_NOPTS_VALUE) waiting_->dts -= shift;
        av_packet_rescale_ts(waiting_.get(), from.time_base, to.time_base);
        waiting_->stream_index = to.index;
        waiting_->pos = -1;
        const int e = av_interleaved_write_frame(file_.get(), waiting_.get());
        waiting_.reset();
        if (e < 0) return failure(say("%1 could not be written: %2.", side_.string(), reasonOf(e)));
    }
    return {};
}

Status Writer::finish() {
    if (auto ok = encode(nullptr); !ok) return ok;
    if (auto ok = soundUntil(1e12); !ok) return ok;
    if (const int e = av_write_trailer(file_.get()); e < 0)
        return failure(say("%1 could not be ended: %2.", side_.string(), reasonOf(e)));
    if (const int e = avio_closep(&file_->pb); e < 0)
        return failure(say("%1 could not be written: %2.", side_.string(), reasonOf(e)));
    return {};
}

}  // namespace

Result<std::unique_ptr<ClipWriter>> beginClip(const fs::path& side, const ClipFormat& format) {
    av_log_set_level(AV_LOG_QUIET);
    auto writer = std::make_unique<Writer>();
    if (auto ok = writer->begin(side, format); !ok) return tl::unexpected(ok.error());
    return writer;
}

}  // namespace refero::media
