// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <zimg.h>

#include <cstdlib>
#include <memory>
#include <string>

extern "C" {
#include <libavcodec/avcodec.h>
#include <libavformat/avformat.h>
#include <libavutil/error.h>
#include <libavutil/frame.h>
}

/// Owners of what the C libraries for clips give out.
namespace refero::media::libav {

template <auto Free>
struct FreedBy {
    template <class T>
    void operator()(T* p) const {
        Free(&p);
    }
};
using Container = std::unique_ptr<AVFormatContext, FreedBy<avformat_close_input>>;
using Codec = std::unique_ptr<AVCodecContext, FreedBy<avcodec_free_context>>;
using Picture = std::unique_ptr<AVFrame, FreedBy<av_frame_free>>;
using Packet = std::unique_ptr<AVPacket, FreedBy<av_packet_free>>;

struct FreesGraph {
    void operator()(zimg_filter_graph* g) const { zimg_filter_graph_free(g); }
};
using Graph = std::unique_ptr<zimg_filter_graph, FreesGraph>;

struct FreesMemory {
    void operator()(void* p) const { std::free(p); }
};
using Memory = std::unique_ptr<void, FreesMemory>;

inline constexpr std::size_t kAlignment = 64;  ///< zimg's, for every instruction set

inline std::size_t alignedSize(std::size_t bytes) {
    return (bytes + kAlignment - 1) / kAlignment * kAlignment;
}
/// Null where there is not enough.
inline Memory alignedMemory(std::size_t bytes) {
    return Memory(std::aligned_alloc(kAlignment, alignedSize(bytes) + kAlignment));
}

inline std::string reasonOf(int code) {
    char text[AV_ERROR_MAX_STRING_SIZE] = {};
    av_strerror(code, text, sizeof text);
    return text;
}

}  // namespace refero::media::libav
