// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A card of raw frames of 24 megapixels in five lights, with a chart shot in each. First all are looked at
// for charts, slates and grey cards, as when they come in; as a peer LibRaw decodes the same files at half
// their size, and nothing else. Then the whole day goes through in one step, to JPEGs of 2560 pixels; as a
// peers the same frames are decoded, scaled by OpenCV and written by OpenImageIO, without any colour work of
// ours: decoded by ourselves (bilinear, the whole frame), and by LibRaw as it demosaics when nothing is
// asked.
#include <OpenImageIO/imagebuf.h>
#include <libraw/libraw.h>
#include <tbb/parallel_for.h>

#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <opencv2/imgproc.hpp>
#include <string>
#include <vector>

#include "io/chart_file.h"
#include "io/read_frame.h"
#include "sim/shoot.h"
#include "workflow/day_run.h"
#include "workflow/intake.h"

namespace {

using namespace refero;
namespace fs = std::filesystem;

constexpr const char* kLights[] = {"d65", "d55", "a", "led-3000", "f11"};
constexpr int kLongEdge = 2560;

double seconds(const auto& work) {
    const auto begin = std::chrono::steady_clock::now();
    work();
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - begin).count();
}

// A file of its own for each name: what is the same twice is brought in once.
void copyAs(const fs::path& from, const fs::path& to, int number) {
    fs::copy_file(from, to, fs::copy_options::overwrite_existing);
    std::ofstream(to, std::ios::app | std::ios::binary) << number;
}

std::vector<fs::path> card(const fs::path& folder, int frames) {
    const fs::path shots = folder / "shots", out = folder / "card";
    fs::create_directories(out);
    std::vector<fs::path> all;
    for (std::size_t light = 0; light < std::size(kLights); ++light)
        for (const bool chart : {true, false}) {
            sim::Shot s;
            s.file = std::string(kLights[light]) + (chart ? "-chart" : "-scene") + ".dng";
            s.width = 6000;
            s.height = 4000;
            s.light = kLights[light];
            s.exposure = 0.7;
            s.set = sim::Set::tiles;
            s.pose.coverage = 0.1;
            char taken[20];
            std::snprintf(taken, sizeof taken, "2026:05:14 %02d:%02d:00", 9 + static_cast<int>(light),
                          chart ? 0 : 5);
            s.taken = taken;
            if (chart) s.chart = "fen-24";
            if (!fs::exists(shots / s.file))
                if (const auto ok = sim::shootToFile(s, shots); !ok) {
                    std::fprintf(stderr, "%s\n", ok.error().message.c_str());
                    std::exit(1);
                }
            const int copies = chart ? 1 : frames / static_cast<int>(std::size(kLights));
            for (int i = 0; i < copies; ++i) {
                all.push_back(out /
                              (std::to_string(light) + (chart ? "c" : "f") + std::to_string(i) + ".dng"));
                copyAs(shots / s.file, all.back(), i);
            }
        }
    return all;
}

void openFor(LibRaw& raw, const fs::path& path) {
    raw.imgdata.params.use_camera_wb = 1;
    if (raw.open_file(path.c_str()) != LIBRAW_SUCCESS || raw.unpack() != LIBRAW_SUCCESS) std::exit(1);
}

libraw_processed_image_t* developedBy(LibRaw& raw) {
    int error = 0;
    if (raw.dcraw_process() != LIBRAW_SUCCESS) std::exit(1);
    libraw_processed_image_t* image = raw.dcraw_make_mem_image(&error);
    if (!image) std::exit(1);
    return image;
}

void decodeHalf(const fs::path& path) {
    LibRaw raw;
    raw.imgdata.params.half_size = 1;
    openFor(raw, path);
    LibRaw::dcraw_clear_mem(developedBy(raw));
}

// As the day writes them, but for their colours.
void writeSmall(const cv::Mat& whole, OIIO::TypeDesc stored, const fs::path& target) {
    const double scale = double(kLongEdge) / std::max(whole.cols, whole.rows);
    cv::Mat scaled;
    cv::resize(whole, scaled, {}, scale, scale, cv::INTER_AREA);
    OIIO::ImageBuf small(OIIO::ImageSpec(scaled.cols, scaled.rows, 3, stored), scaled.data);
    small.specmod().attribute("compression", "jpeg:95");
    small.specmod().attribute("jpeg:subsampling", "4:4:4");
    if (!small.write(target.string(), OIIO::TypeDesc::UINT8)) std::exit(1);
}

void plainJpeg(const fs::path& path, const fs::path& target) {
    const auto frame = io::readFrame(path);
    if (!frame) std::exit(1);
    const LinearImage& image = frame->image;
    writeSmall(cv::Mat(image.height(), image.width(), CV_32FC3, const_cast<float*>(image.values().data())),
               OIIO::TypeDesc::FLOAT, target);
}

void libraryJpeg(const fs::path& path, const fs::path& target) {
    LibRaw raw;
    openFor(raw, path);
    libraw_processed_image_t* image = developedBy(raw);
    writeSmall(cv::Mat(image->height, image->width, CV_8UC3, image->data), OIIO::TypeDesc::UINT8, target);
    LibRaw::dcraw_clear_mem(image);
}

}  // namespace

int main(int argc, char** argv) {
    const int frames = argc > 1 ? std::atoi(argv[1]) : 300;
    const fs::path folder = argc > 2 ? fs::path(argv[2]) : fs::temp_directory_path() / "refero-card-bench";
    const auto files = card(folder, frames);
    const auto n = static_cast<double>(files.size());
    const auto chart = io::chartByNameOrPath("fen-24");
    if (!chart) return 1;

    const workflow::Intake intake(workflow::Intake::itemsBehind({folder / "card"}), {{*chart}, {}});
    std::size_t charts = 0;
    std::vector<char> found(intake.size());
    const double looked = seconds([&] {
        tbb::parallel_for(std::size_t{0}, intake.size(),
                          [&](std::size_t i) { found[i] = !intake.look(i).chart.empty(); });
    });
    for (const char c : found) charts += c != 0;
    const double half = seconds([&] {
        tbb::parallel_for(std::size_t{0}, files.size(), [&](std::size_t i) { decodeHalf(files[i]); });
    });
    std::printf(
        "%zu raw frames of 24 megapixels looked at, %zu charts found: %.0f ms a frame; LibRaw alone, at "
        "half their size: %.0f ms\n",
        files.size(), charts, 1e3 * looked / n, 1e3 * half / n);

    const fs::path out = folder / "out", file = folder / "day.refero";
    fs::remove_all(out);
    for (const char* ending : {"", "-wal", "-shm", ".lock"}) fs::remove(file.string() + ending);
    std::size_t written = 0;
    const double day = seconds([&] {
        auto studio = studio::Studio::create(file);
        if (!studio) std::exit(1);
        workflow::DayOptions o;
        o.folders = {folder / "card"};
        o.charts = {*chart};
        o.receivers = {workflow::Receiver::client};
        o.out = out;
        const auto done = workflow::runDay(**studio, o);
        if (!done) std::exit(1);
        for (const workflow::DayFrame& f : done->frames) written += f.files.size();
    });
    const fs::path plain = folder / "plain";
    fs::create_directories(plain);
    std::vector<fs::path> scenes;
    for (const fs::path& f : files)
        if (f.filename().string()[1] == 'f') scenes.push_back(f);
    const auto peer = [&](const auto& make) {
        return seconds([&] {
            tbb::parallel_for(std::size_t{0}, scenes.size(), [&](std::size_t i) {
                make(scenes[i], plain / (scenes[i].stem().string() + ".jpg"));
            });
        });
    };
    const double own = peer(plainJpeg), library = peer(libraryJpeg);
    std::printf(
        "the day from the card to %zu JPEGs of %d pixels: %.1f s; decoding, scaling and writing the %zu "
        "frames alone: %.1f s by our own decoder, %.2f times; %.1f s by LibRaw's, %.2f times\n",
        written, kLongEdge, day, scenes.size(), own, day / own, library, day / library);
    fs::remove_all(out);
    fs::remove_all(plain);
    fs::remove_all(folder / "card");
    return 0;
}
