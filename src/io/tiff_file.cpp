// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/tiff_file.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>
#include <tiffio.h>

#include <algorithm>
#include <atomic>
#include <cstdint>
#include <cstring>
#include <memory>
#include <span>
#include <vector>

#include "io/icc/icc_input.h"
#include "io/picture_kind.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

constexpr std::uint16_t kZip = 8;  // TIFF 6.0's technical notes of 2002: deflate, as zlib writes it

int silent(TIFF*, void*, const char*, const char*, va_list) {
    return 1;
}

struct Closes {
    void operator()(TIFF* t) const { TIFFClose(t); }
};
using Handle = std::unique_ptr<TIFF, Closes>;

Handle opened(const fs::path& path) {
    const std::unique_ptr<TIFFOpenOptions, void (*)(TIFFOpenOptions*)> options(TIFFOpenOptionsAlloc(),
                                                                               TIFFOpenOptionsFree);
    TIFFOpenOptionsSetWarningHandlerExtR(options.get(), silent, nullptr);
    TIFFOpenOptionsSetErrorHandlerExtR(options.get(), silent, nullptr);
    return Handle(TIFFOpenExt(path.c_str(), "r", options.get()));
}

template <class T>
T field(TIFF* t, std::uint32_t tag, T otherwise) {
    T value = otherwise;
    TIFFGetFieldDefaulted(t, tag, &value);
    return value;
}

// How the picture lies in the file. Strips are tiles of the picture's width.
struct Layout {
    std::uint32_t width = 0, height = 0, blockWidth = 0, blockHeight = 0;
    std::uint16_t bits = 0, format = SAMPLEFORMAT_UINT, compression = 0, orientation = 1;
    bool tiled = false;

    std::uint32_t across() const { return (width + blockWidth - 1) / blockWidth; }
    std::uint32_t blocks() const { return across() * ((height + blockHeight - 1) / blockHeight); }
    std::size_t bytes() const { return std::size_t{3} * blockWidth * blockHeight * (bits / 8); }
};

// Nothing for what is not plain.
std::optional<Layout> layoutOf(TIFF* t) {
    Layout l;
    l.width = field<std::uint32_t>(t, TIFFTAG_IMAGEWIDTH, 0);
    l.height = field<std::uint32_t>(t, TIFFTAG_IMAGELENGTH, 0);
    l.bits = field<std::uint16_t>(t, TIFFTAG_BITSPERSAMPLE, 0);
    l.format = field<std::uint16_t>(t, TIFFTAG_SAMPLEFORMAT, SAMPLEFORMAT_UINT);
    l.compression = field<std::uint16_t>(t, TIFFTAG_COMPRESSION, 0);
    l.orientation = field<std::uint16_t>(t, TIFFTAG_ORIENTATION, 1);
    l.tiled = TIFFIsTiled(t);
    if (l.tiled) {
        l.blockWidth = field<std::uint32_t>(t, TIFFTAG_TILEWIDTH, 0);
        l.blockHeight = field<std::uint32_t>(t, TIFFTAG_TILELENGTH, 0);
    } else {
        l.blockWidth = l.width;
        l.blockHeight = std::min(l.height, field<std::uint32_t>(t, TIFFTAG_ROWSPERSTRIP, l.height));
    }
    const bool kind = (l.format == SAMPLEFORMAT_UINT && (l.bits == 8 || l.bits == 16)) ||
                      (l.format == SAMPLEFORMAT_IEEEFP && l.bits == 32);
    const bool packed = l.compression == COMPRESSION_NONE || l.compression == COMPRESSION_LZW ||
                        l.compression == kZip || l.compression == COMPRESSION_DEFLATE;
    const bool plain =
        field<std::uint16_t>(t, TIFFTAG_SAMPLESPERPIXEL, 0) == 3 &&
        field<std::uint16_t>(t, TIFFTAG_PHOTOMETRIC, 0) == PHOTOMETRIC_RGB &&
        field<std::uint16_t>(t, TIFFTAG_PLANARCONFIG, PLANARCONFIG_CONTIG) == PLANARCONFIG_CONTIG;
    const double megapixels = double(l.width) * l.height / 1e6;
    if (!kind || !packed || !plain || l.width == 0 || l.height == 0 || megapixels > kMaxMegapixels ||
        l.blockWidth == 0 || l.blockHeight == 0 || l.blockWidth > l.width + 65536 ||
        l.blockHeight > l.height + 65536)
        return {};
    return l;
}

template <class Stored>
void convert(const unsigned char* from, std::size_t values, float* to) {
    constexpr float scale = 1.0f / static_cast<float>(static_cast<Stored>(-1));
    for (std::size_t i = 0; i < values; ++i) {
        Stored v;
        std::memcpy(&v, from + i * sizeof v, sizeof v);
        to[i] = static_cast<float>(v) * scale;
    }
}

void convertRow(const Layout& l, const unsigned char* from, std::size_t values, float* to) {
    if (l.bits == 8) return convert<std::uint8_t>(from, values, to);
    if (l.bits == 16) return convert<std::uint16_t>(from, values, to);
    std::memcpy(to, from, values * sizeof(float));
}

bool readBlock(TIFF* t, const Layout& l, std::uint32_t block, std::vector<unsigned char>& buffer,
               EncodedImage& image) {
    const std::uint32_t x0 = block % l.across() * l.blockWidth, y0 = block / l.across() * l.blockHeight;
    const std::uint32_t rows = std::min(l.blockHeight, l.height - y0),
                        columns = std::min(l.blockWidth, l.width - x0);
    const std::size_t rowBytes = std::size_t{3} * l.blockWidth * (l.bits / 8);
    const auto wanted = static_cast<tmsize_t>(l.tiled ? buffer.size() : rowBytes * rows);
    const tmsize_t got = l.tiled ? TIFFReadEncodedTile(t, block, buffer.data(), wanted)
                                 : TIFFReadEncodedStrip(t, block, buffer.data(), wanted);
    if (got != wanted) return false;
    for (std::uint32_t y = 0; y < rows; ++y)
        convertRow(l, buffer.data() + y * rowBytes, std::size_t{3} * columns,
                   image.pixel(static_cast<int>(x0), static_cast<int>(y0 + y)));
    return true;
}

// Each worker has a handle of its own: libtiff's keep their place in the file.
bool readPixels(const fs::path& path, const Layout& l, EncodedImage& image) {
    std::atomic<bool> good{true};
    tbb::parallel_for(tbb::blocked_range<std::uint32_t>(0, l.blocks(), std::max(1u, l.blocks() / 16)),
                      [&](const tbb::blocked_range<std::uint32_t>& range) {
                          const Handle own = opened(path);
                          std::vector<unsigned char> buffer(l.bytes());
                          for (std::uint32_t b = range.begin(); b != range.end() && good; ++b)
                              if (!own || !readBlock(own.get(), l, b, buffer, image)) good = false;
                      });
    return good;
}

// As the module has it: EXIF's Gamma speaks most plainly, then floats are light, then EXIF's ColorSpace.
void stateEncoding(TIFF* t, const Layout& l, Frame& frame) {
    float gamma = 0;
    std::uint16_t space = 0;
    std::uint64_t exif = 0;
    if (TIFFGetField(t, TIFFTAG_EXIFIFD, &exif) && TIFFReadEXIFDirectory(t, exif)) {
        TIFFGetField(t, EXIFTAG_GAMMA, &gamma);
        TIFFGetField(t, EXIFTAG_COLORSPACE, &space);
    }
    frame.encodingSource = EncodingSource::file;
    frame.encoding = Encoding::srgb;
    if (gamma == 1.0f || (!(gamma > 2.19f && gamma < 2.21f) && l.format == SAMPLEFORMAT_IEEEFP))
        frame.encoding = Encoding::linear;
    else if (gamma > 2.19f && gamma < 2.21f)
        frame.encoding = Encoding::gamma22;
    else if (space != 1)
        frame.encodingSource = EncodingSource::assumed;
}

void fillMetadata(TIFF* t, FrameMetadata& m) {
    const auto fill = [&](std::string& to, std::uint32_t tag) {
        const char* text = nullptr;
        if (to.empty() && TIFFGetField(t, tag, &text) && text) to = text;
    };
    fill(m.body, TIFFTAG_MODEL);
    fill(m.taken, TIFFTAG_DATETIME);
    fill(m.description, TIFFTAG_IMAGEDESCRIPTION);
}

}  // namespace

std::optional<Frame> readPlainTiff(const fs::path& path, const std::optional<Transfer>& stated) {
    const Handle t = opened(path);
    const auto layout = t ? layoutOf(t.get()) : std::nullopt;
    if (!layout) return {};
    Frame frame;
    frame.path = path;
    frame.metadata = readMetadata(path);
    fillMetadata(t.get(), frame.metadata);
    std::uint32_t size = 0;
    void* bytes = nullptr;
    std::optional<IccInput> profile;
    if (!stated && TIFFGetField(t.get(), TIFFTAG_ICCPROFILE, &size, &bytes) && bytes) {
        auto read = IccInput::fromBytes({static_cast<const unsigned char*>(bytes), size});
        // What is wrong with it is said by the module.
        if (!read) return {};
        profile = *std::move(read);
    }
    stateEncoding(t.get(), *layout, frame);  // last: it goes to another directory of the file
    EncodedImage stored(static_cast<int>(layout->width), static_cast<int>(layout->height));
    if (!readPixels(path, *layout, stored)) return {};
    stored = shownUpright(std::move(stored), layout->orientation);
    if (stated) {
        frame.encoding = *stated;
        frame.encodingSource = EncodingSource::stated;
    }
    if (profile) {
        frame.notes.push_back("Its embedded profile is \"" + profile->description() + "\".");
        frame.encodingSource = EncodingSource::file;
        frame.encoding = profile->curve().value_or(Encoding::linear);
        if (!profile->curve()) {
            auto image = profile->linear(stored);
            if (!image) return {};
            frame.image = *std::move(image);
            return frame;
        }
    }
    frame.image = toLinear(std::move(stored), frame.encoding, &frame.replacedValues);
    return frame;
}

}  // namespace refero::io
