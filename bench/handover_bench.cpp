// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Frames of 24 megapixels through a correction into TIFF and JPEG, and the same read and written again by
// OpenImageIO without any colour work: what the codecs alone take. And every kind of file of a correction.
#include <OpenImageIO/imageio.h>
#include <benchmark/benchmark.h>
#include <sys/resource.h>

#include <cmath>
#include <filesystem>
#include <vector>

#include "core/colour/rgb_space.h"
#include "io/batch/frame_render.h"
#include "io/frame_file.h"
#include "io/handover/handover.h"

namespace refero {
namespace {

namespace fs = std::filesystem;
constexpr int kWidth = 6000, kHeight = 4000;

// Smooth areas with a camera's noise: what a codec meets.
const fs::path& frame() {
    static const fs::path path = [] {
        EncodedImage image(kWidth, kHeight);
        unsigned state = 1;
        for (int y = 0; y < kHeight; ++y)
            for (int x = 0; x < kWidth; ++x)
                for (int c = 0; c < 3; ++c) {
                    state = state * 1664525u + 1013904223u;
                    image.pixel(x, y)[c] = 0.4f + 0.3f * std::sin(float(x) / 700 + float(c)) +
                                           0.2f * std::cos(float(y) / 500) +
                                           0.01f * float(state >> 8) / 16777216.0f;
                }
        const fs::path p = fs::temp_directory_path() / "refero-bench-frame.tif";
        io::WriteOptions w;
        w.encoding = Encoding::srgb;
        if (!io::writeFrame(p, image, w)) std::abort();
        return p;
    }();
    return path;
}

Correction bending() {
    Correction c;
    c.name = "bench";
    c.inputEncoding = Encoding::srgb;
    c.gains = {1.6, 1, 1.3};
    RootPolynomial::Coefficients m(3, 6);
    m.setZero();
    m.leftCols<3>() = rgbToXyzD50(primaries::bt709);
    m.col(3).setConstant(0.02);
    m.col(4).setConstant(-0.02);
    c.colours = Colours(RootPolynomial(2, m));
    PatchResult p;
    p.rgb = {0.2, 0.4, 0.3};
    c.patches.assign(24, p);
    return c;
}

const char* const kKinds[] = {"tif", "jpg"};

void frame24(benchmark::State& state) {
    const Correction c = bending();
    io::FrameOutput o;
    o.kind = kKinds[state.range(0)];
    const fs::path out = fs::temp_directory_path() / ("refero-bench-out." + o.kind);
    io::FrameTimes times;
    io::FrameWork work;
    work.times = &times;
    frame();
    for (auto _ : state)
        if (const auto ok = io::renderFrame(c, frame(), {}, o, out, work); !ok)
            state.SkipWithError(ok.error().message.c_str());
    const double all = times.reading + times.colour + times.writing;
    state.counters["colour_share"] = times.colour / all;
    rusage usage{};
    getrusage(RUSAGE_SELF, &usage);
    state.counters["peak_MB"] = double(usage.ru_maxrss) / 1024;
    fs::remove(out);
}

// The peer: the same file read and written by OpenImageIO, with the same compression, and nothing else.
void codecsAlone24(benchmark::State& state) {
    const std::string kind = kKinds[state.range(0)];
    const fs::path out = fs::temp_directory_path() / ("refero-bench-plain." + kind);
    for (auto _ : state) {
        const auto in = OIIO::ImageInput::open(frame().string());
        std::vector<float> pixels(std::size_t{3} * kWidth * kHeight);
        in->read_image(0, 0, 0, 3, OIIO::TypeDesc::FLOAT, pixels.data());
        OIIO::ImageSpec spec(kWidth, kHeight, 3,
                             kind == "jpg" ? OIIO::TypeDesc::UINT8 : OIIO::TypeDesc::UINT16);
        if (kind == "jpg") {
            spec.attribute("compression", "jpeg:95");
            spec.attribute("jpeg:subsampling", "4:4:4");
        } else {
            spec.attribute("compression", "zip");
            spec.attribute("tiff:zipquality", 1);
        }
        const auto to = OIIO::ImageOutput::create(out.string());
        to->open(out.string(), spec);
        to->write_image(OIIO::TypeDesc::FLOAT, pixels.data());
        to->close();
    }
    fs::remove(out);
}

void exported(benchmark::State& state) {
    const io::Format format = io::kFormats[static_cast<std::size_t>(state.range(0))];
    Correction c = bending();
    c.inputEncoding = Encoding::linear;
    io::ExportOptions o;
    o.format = format;
    const fs::path out = fs::temp_directory_path() / ("refero-bench" + std::string(info(format).ending));
    for (auto _ : state)
        if (const auto ok = io::exportCorrection(c, out, o); !ok)
            state.SkipWithError(ok.error().message.c_str());
    state.SetLabel(std::string(name(format)));
    fs::remove(out);
}

BENCHMARK(frame24)->ArgName("jpg")->Arg(0)->Arg(1)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(codecsAlone24)->ArgName("jpg")->Arg(0)->Arg(1)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(exported)->DenseRange(0, 9)->Unit(benchmark::kMillisecond)->UseRealTime();

}  // namespace
}  // namespace refero
