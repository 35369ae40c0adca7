// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/report/report.h"

#include <unistd.h>

#include <algorithm>
#include <atomic>
#include <iterator>
#include <system_error>

#include "core/render/render.h"
#include "core/say/say.h"
#include "io/files/content_hash.h"
#include "io/files/safe_write.h"
#include "words/treatment_words.h"

namespace refero::io {

namespace fs = std::filesystem;

namespace {

// "2026-05-14, 09:12 UTC" for "2026-05-14T09:12:08Z": for people who read no machine's time stamps.
std::string plainTime(const std::string& iso) {
    if (iso.size() < 16 || iso[10] != 'T') return iso;
    return iso.substr(0, 10) + ", " + iso.substr(11, 5) + (iso.back() == 'Z' ? say(" UTC") : "");
}

}  // namespace

std::vector<std::pair<std::string, std::string>> factsOf(const Correction& c) {
    std::vector<std::pair<std::string, std::string>> out;
    const auto put = [&](const std::string& what, const std::string& value) {
        if (!value.empty()) out.emplace_back(what, value);
    };
    put(say("Correction"), c.name);
    put(say("Body"), c.body);
    put(say("Lens"), c.lens);
    // EXIF's "2026:05:14 09:12:08".
    std::string shot = c.taken;
    std::replace(shot.begin(), shot.begin() + std::min<std::ptrdiff_t>(10, std::ssize(shot)), ':', '-');
    put(say("Shot"), shot);
    put(say("Chart"), c.chartName);
    std::string frames;
    for (const std::string& path : c.readings)
        frames += (frames.empty() ? "" : ", ") + fs::path(path).filename().string();
    put(say("Chart frames"), frames);
    put(say("Frames are encoded as"), std::string(name(c.inputEncoding)));
    put(say("Model"), std::string(name(c.model)));
    put(say("Finish"), c.finish.isNone() ? "" : inWords(c.finish));
    put(say("Taken out of the light"), name(c.lightTakenOut));
    std::string mended;
    for (const Treatment& t : c.treatments) mended += (mended.empty() ? "" : " ") + words::sentence(t);
    put(say("Mended"), c.asShot ? say("nothing: used as it was shot") : mended);
    put(say("Built"), c.built.empty() ? c.builtBy : plainTime(c.built) + ", " + c.builtBy);
    put(say("Judged as"), c.limits.name);
    return out;
}

Result<std::vector<unsigned char>> chartPicture(const Frame& frame, const Correction& c) {
    constexpr int kLongEdge = 1400;
    const int longest = std::max(frame.image.width(), frame.image.height());
    const LinearImage small = shrunk(frame.image, std::max(1, longest / kLongEdge));
    static std::atomic<unsigned> count{0};
    const fs::path file = fs::temp_directory_path() / ("refero-report-" + std::to_string(::getpid()) + "-" +
                                                       std::to_string(count++) + ".jpg");
    WriteOptions w;
    w.encoding = Encoding::srgb;
    w.quality = 85;
    const auto written = writeFrame(file, render(small, compile(c, OutputSpace::srgb)), w);
    const auto bytes = readFile(file);
    std::error_code ignored;
    fs::remove(file, ignored);
    if (!written) return tl::unexpected(written.error());
    if (!bytes) return tl::unexpected(bytes.error());
    return std::vector<unsigned char>(bytes->begin(), bytes->end());
}

Result<ReportedFile> reportedFile(const fs::path& path) {
    const auto hash = contentHash(path);
    if (!hash) return tl::unexpected(hash.error());
    std::error_code error;
    ReportedFile f;
    f.name = path.filename().string();
    f.sha256 = *hash;
    f.bytes = fs::file_size(path, error);
    return f;
}

}  // namespace refero::io
