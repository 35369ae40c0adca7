// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/raw_file.h"

#include <libraw/libraw.h>
#include <tbb/parallel_for.h>

#include <cmath>
#include <memory>
#include <optional>
#include <string_view>
#include <vector>

#include "core/frame/codes.h"
#include "core/say/say.h"
#include "io/module/media_module.h"

namespace refero::io {
namespace {

// The library's own turns, as EXIF says them.
int exifOrientation(int flip) {
    switch (flip) {
        case 3:
            return 3;
        case 5:
            return 8;
        case 6:
            return 6;
        default:
            return 1;
    }
}

// One channel for each of the 2 x 2 sites; nothing where the mosaic is another than Bayer's.
std::optional<Mosaic::Pattern> patternOf(LibRaw& raw) {
    if (raw.imgdata.idata.filters < 1000 || raw.imgdata.idata.colors != 3) return {};
    Mosaic::Pattern pattern{};
    for (int y = 0; y < 16; ++y)
        for (int x = 0; x < 2; ++x) {
            const char letter = raw.imgdata.idata.cdesc[raw.COLOR(y, x)];
            const auto channel = std::string_view("RGB").find(letter);
            if (channel == std::string_view::npos) return {};
            auto& here = pattern[static_cast<std::size_t>((y & 1) * 2 + x)];
            if (y >= 2 && here != channel) return {};
            here = static_cast<std::uint8_t>(channel);
        }
    return pattern;
}

// Black of a site: common, by channel, and by place in a small repeated pattern.
float blackAt(const libraw_colordata_t& color, int channel, int x, int y) {
    const unsigned* c = color.cblack;
    unsigned black = color.black + c[channel];
    if (c[4] > 0 && c[5] > 0) black += c[6 + (unsigned(y) % c[4]) * c[5] + unsigned(x) % c[5]];
    return static_cast<float>(black);
}

struct Freed {
    void operator()(libraw_processed_image_t* image) const { LibRaw::dcraw_clear_mem(image); }
};

// Mosaics that are not Bayer's, and raw files that hold all three channels: by the library's own demosaicing,
// as the sensor saw it. Not balanced, no colours changed, linear; it turns the picture upright itself.
Result<LinearImage> developedByLibrary(LibRaw& raw, const std::string& who) {
    if (raw.imgdata.idata.colors != 3)
        return failure(
            say("%1 has %2 kinds of colour sites; colour is measured in red, green and blue. Convert it to a "
                "linear TIFF and use that.",
                who, std::to_string(raw.imgdata.idata.colors)));
    auto& p = raw.imgdata.params;
    p.output_bps = 16;
    p.gamm[0] = p.gamm[1] = 1;
    p.no_auto_bright = 1;
    p.adjust_maximum_thr = 0;
    p.use_camera_wb = p.use_auto_wb = 0;
    for (float& gain : p.user_mul) gain = 1;
    p.output_color = 0;
    p.highlight = 1;
    if (const int e = raw.dcraw_process(); e != LIBRAW_SUCCESS)
        return failure(say("%1 could not be demosaiced: %2.", who, libraw_strerror(e)));
    int error = 0;
    const std::unique_ptr<libraw_processed_image_t, Freed> image(raw.dcraw_make_mem_image(&error));
    if (!image || image->colors != 3 || image->bits != 16)
        return failure(say("%1 could not be demosaiced: %2.", who, libraw_strerror(error)));
    LinearImage out(image->width, image->height);
    const auto* from = reinterpret_cast<const std::uint16_t*>(image->data);
    const auto to = out.values();
    for (std::size_t i = 0; i < to.size(); ++i) to[i] = static_cast<float>(from[i]) / 65535.0f;
    return out;
}

Result<Mosaic> developed(LibRaw& raw, const std::string& who, const Mosaic::Pattern& pattern) {
    const auto& sizes = raw.imgdata.sizes;
    const std::uint16_t* values = raw.imgdata.rawdata.raw_image;
    const auto& color = raw.imgdata.color;
    if (color.maximum == 0) return failure(say("%1 does not say where its sensor clips.", who));
    Mosaic out(sizes.width, sizes.height, pattern);
    const std::size_t pitch = sizes.raw_pitch / sizeof(std::uint16_t);
    // Black and range come again in each row after so many sites: the filter's two, the black's own pattern.
    const auto period =
        static_cast<std::size_t>(std::min(out.width(), 2 * static_cast<int>(std::max(1u, color.cblack[5]))));
    tbb::parallel_for(0, out.height(), [&](int y) {
        const std::uint16_t* row = values + (std::size_t(y) + sizes.top_margin) * pitch + sizes.left_margin;
        std::vector<float> black(period), range(period);
        for (std::size_t x = 0; x < period; ++x) {
            const int channel = raw.COLOR(y, static_cast<int>(x));
            const float white =
                color.linear_max[channel] > 0 ? float(color.linear_max[channel]) : float(color.maximum);
            black[x] = blackAt(color, channel, static_cast<int>(x), y);
            range[x] = std::max(1.0f, white - black[x]);
        }
        lightOfCounts({row, static_cast<std::size_t>(out.width())}, black, range, out.row(y));
    });
    return oriented(std::move(out), exifOrientation(sizes.flip));
}

std::optional<Vector3> whiteIn(const LibRaw& raw) {
    const float* gains = raw.imgdata.color.cam_mul;
    const Vector3 out(gains[1] / gains[0], 1, gains[1] / gains[2]);
    const bool said = gains[0] > 0 && gains[1] > 0 && gains[2] > 0 && out.allFinite();
    return said ? std::optional(out) : std::nullopt;
}

// An open raw file's own, the one nearer to D65 (EXIF's light source 21); else what the library knows.
std::optional<Matrix3> matrixIn(const LibRaw& raw) {
    constexpr unsigned kD65 = 21;
    const auto from = [](const float(&rows)[4][3]) -> std::optional<Matrix3> {
        Matrix3 m;
        for (int c = 0; c < 3; ++c)
            for (int k = 0; k < 3; ++k) m(c, k) = rows[c][k];
        return m.allFinite() && m.cwiseAbs().maxCoeff() > 0 ? std::optional(m) : std::nullopt;
    };
    const auto& color = raw.imgdata.color;
    const std::size_t first = color.dng_color[1].illuminant == kD65 ? 1 : 0;
    for (const std::size_t i : {first, 1 - first})
        if (const auto m = from(color.dng_color[i].colormatrix)) return m;
    return from(color.cam_xyz);
}

// In a window of codes that are met often, those that are never met tell the step between two levels.
RawPrecision precisionOf(const LibRaw& raw) {
    constexpr std::size_t kWindow = 64, kOften = 24;  // times a code, in the mean
    const auto& sizes = raw.imgdata.rawdata.sizes;
    const std::uint16_t* values = raw.imgdata.rawdata.raw_image;
    const unsigned black = raw.imgdata.color.black, maximum = raw.imgdata.color.maximum;
    RawPrecision out;
    if (maximum <= black + 4 * kWindow) return out;
    std::vector<std::uint32_t> met(65536);
    const std::size_t pitch = sizes.raw_pitch / sizeof(std::uint16_t);
    for (int y = 0; y < sizes.height; ++y) {
        const std::uint16_t* row = values + (std::size_t(y) + sizes.top_margin) * pitch + sizes.left_margin;
        for (int x = 0; x < sizes.width; ++x) ++met[row[x]];
    }
    double fine = 0, coarse = 0;
    for (std::size_t from = black; from + kWindow < maximum; from += kWindow) {
        std::size_t all = 0, used = 0;
        for (std::size_t i = from; i < from + kWindow; ++i) {
            all += met[i];
            used += met[i] > 0;
        }
        if (all < kOften * kWindow || used == 0) continue;
        const double step = double(kWindow) / double(used);
        if (fine == 0 || step < fine) fine = step;
        if (from > black + (maximum - black) / 2) coarse = std::max(coarse, step);
    }
    if (fine == 0) return out;
    out.bits = static_cast<int>(std::lround(std::log2((double(maximum) + 1) / fine)));
    out.coarseHighlights = coarse > 2.2 * fine;
    return out;
}

}  // namespace

bool isRaw(const std::filesystem::path& path) {
    const auto raw = std::make_unique<LibRaw>();
    return raw->open_file(path.c_str()) == LIBRAW_SUCCESS && raw->imgdata.idata.raw_count > 0;
}

Result<RawPicture> readRawPicture(const std::filesystem::path& path) {
    const std::string who = path.filename().string();
    const auto raw = std::make_unique<LibRaw>();
    if (const int e = raw->open_file(path.c_str()); e != LIBRAW_SUCCESS)
        return failure(say("%1 could not be opened as a raw file: %2.", who, libraw_strerror(e)));
    if (const int e = raw->unpack(); e != LIBRAW_SUCCESS)
        return failure(
            say("%1 is damaged or incomplete: %2. Copy it from the card again.", who, libraw_strerror(e)));
    const auto pattern = patternOf(*raw);
    if (pattern && raw->imgdata.rawdata.raw_image)
        return developed(*raw, who, *pattern).map([](Mosaic sensor) {
            return RawPicture{std::move(sensor), {}};
        });
    return developedByLibrary(*raw, who).map([](LinearImage image) {
        return RawPicture{{}, std::move(image)};
    });
}

Result<Mosaic> readSensor(const std::filesystem::path& path) {
    auto picture = readRawPicture(path);
    if (!picture) return tl::unexpected(picture.error());
    if (!picture->sensor)
        return failure(say("%1 has another mosaic than Bayer's.", path.filename().string()));
    return *std::move(picture->sensor);
}

std::optional<Vector3> readCameraWhite(const std::filesystem::path& path) {
    const auto raw = std::make_unique<LibRaw>();
    if (raw->open_file(path.c_str()) != LIBRAW_SUCCESS) return {};
    return whiteIn(*raw);
}

std::optional<RawFacts> readRawFacts(const std::filesystem::path& path) {
    const auto raw = std::make_unique<LibRaw>();
    if (raw->open_file(path.c_str()) != LIBRAW_SUCCESS) return {};
    RawFacts out;
    out.cameraWhite = whiteIn(*raw);
    out.xyzToCamera = matrixIn(*raw);
    if (raw->unpack() == LIBRAW_SUCCESS && raw->imgdata.rawdata.raw_image) out.precision = precisionOf(*raw);
    return out;
}

Result<RawPreview> readRawPreview(const std::filesystem::path& path) {
    const std::string who = path.filename().string();
    const auto none = [&] { return failure(say("%1 carries no preview.", who)); };
    const auto raw = std::make_unique<LibRaw>();
    if (raw->open_file(path.c_str()) != LIBRAW_SUCCESS || raw->unpack_thumb() != LIBRAW_SUCCESS)
        return none();
    const auto& thumb = raw->imgdata.thumbnail;
    if (thumb.tformat != LIBRAW_THUMBNAIL_JPEG || !thumb.thumb || thumb.tlength < 4) return none();
    const auto module = mediaModule();
    if (!module) return tl::unexpected(module.error());
    auto image = (*module)->decodeJpeg({reinterpret_cast<const unsigned char*>(thumb.thumb), thumb.tlength});
    if (!image) return none();
    return RawPreview{*std::move(image), exifOrientation(raw->imgdata.sizes.flip)};
}

}  // namespace refero::io
