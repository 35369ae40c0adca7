// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/look_at.h"

#include <algorithm>
#include <functional>
#include <optional>
#include <set>

#include "core/plan/slate.h"
#include "core/read/balance.h"
#include "core/read/grey_card.h"
#include "core/say/say.h"
#include "io/clip.h"
#include "io/files/content_hash.h"
#include "io/files/copy_verified.h"
#include "io/files/utf8.h"
#include "io/media_path.h"
#include "io/picture_kind.h"
#include "io/qr_read.h"
#include "io/raw_file.h"
#include "io/read_frame.h"

namespace refero::studio {
namespace {

namespace fs = std::filesystem;

constexpr int kLookingEdge = 1000;    // previews below this hide small charts
constexpr std::size_t kMoments = 24;  // of a clip or sequence
constexpr double kGrey = 0.18;        // of a card, by its maker

bool hidden(const fs::path& path) {
    const std::string name = path.filename().string();
    return !name.empty() && name.front() == '.';
}

// Real folders are gone into once, so links that lead in a circle come to an end.
void collect(const fs::path& path, std::set<fs::path>& seen, std::vector<fs::path>& out) {
    std::error_code error;
    if (!fs::is_directory(path, error)) {
        if (fs::is_regular_file(path, error)) out.push_back(path);
        return;
    }
    const fs::path real = fs::canonical(path, error);
    if (error || !seen.insert(real).second) return;
    for (fs::directory_iterator it(path, fs::directory_options::skip_permission_denied, error), end;
         !error && it != end; it.increment(error))
        if (!hidden(it->path())) collect(it->path(), seen, out);
}

/// What one picture shows.
struct Sight {
    io::Frame frame;
    std::optional<Reading> reading;
};

Result<Sight> see(const fs::path& path, const std::vector<Chart>& charts) {
    auto frame = io::readForLooking(path, kLookingEdge);
    if (!frame) return tl::unexpected(frame.error());
    Sight s{*std::move(frame), {}};
    if (auto reading = io::readAnyChart(s.frame, charts)) s.reading = *std::move(reading);
    return s;
}

void describe(Arrival& a, const Sight& s) {
    a.metadata = s.frame.metadata;
    const LinearImage& image = s.frame.image;
    a.small = shrunk(image, std::max(1, std::max(image.width(), image.height()) / kSmallEdge));
    for (const std::string& code : io::codesIn(image))
        if (plan::slateFrom(code)) a.slate = code;
    if (s.reading) {
        a.chart = s.reading->chart.id;
        a.certainty = s.reading->agreement;
        a.white = whiteSeen(*s.reading);
    } else if (const auto card = a.slate.empty() ? findGreyCard(image) : std::nullopt) {
        a.greyCard = true;
        a.white = card->rgb / kGrey;
    }
}

// A camera's own rendering hides how much light there was: the sensor is asked.
void lookAtSensor(Arrival& a, const std::vector<Chart>& charts) {
    a.white = Vector3::Zero();
    if (a.chart.empty()) return;
    const auto frame = io::readFrame(a.path);
    if (!frame) return;
    if (const auto reading = io::readAnyChart(*frame, charts)) {
        a.white = whiteSeen(*reading);
        a.certainty = reading->agreement;
    }
}

// The middle first, then ever finer between what was looked at.
std::vector<double> sharesToLookAt(std::size_t pictures) {
    std::vector<double> out;
    for (double step = 0.5; out.size() < std::min(kMoments, pictures); step /= 2)
        for (double at = step; at < 1 && out.size() < std::min(kMoments, pictures); at += 2 * step)
            out.push_back(at);
    return out;
}

void lookThrough(Arrival& a, std::size_t pictures, const LookOptions& options,
                 const std::function<fs::path(double)>& pathAt) {
    a.pictures = static_cast<int>(std::min<std::size_t>(pictures, 1u << 30));
    bool any = false;
    for (const double share : sharesToLookAt(pictures)) {
        const fs::path path = pathAt(share);
        const auto sight = see(path, options.charts);
        if (!sight) {
            if (!any) a.problem = sight.error().message;
            continue;
        }
        a.problem.clear();
        if (!any) {
            describe(a, *sight);
            any = true;
        }
        if (!sight->reading) continue;
        describe(a, *sight);
        a.path = path;
        return;
    }
}

}  // namespace

std::vector<fs::path> filesBehind(const std::vector<fs::path>& dropped) {
    std::set<fs::path> seen;
    std::vector<fs::path> out;
    for (const fs::path& path : dropped) collect(path, seen, out);
    std::sort(out.begin(), out.end());
    out.erase(std::unique(out.begin(), out.end()), out.end());
    return out;
}

Arrival lookAt(const io::MediaItem& item, const LookOptions& options) {
    Arrival a;
    std::vector<fs::path> files = item.files;
    a.path = files.front();
    a.twin = item.twin;
    // Names that no list or document could show again.
    const std::string name = a.path.string();
    if (!io::isUtf8(name) || name.find_first_of("\n\r") != std::string::npos) {
        a.problem = io::isUtf8(name)
                        ? say("Its name has several lines. Rename it and bring it in again.")
                        : say("Its name has bytes that are not UTF-8. Rename it and bring it in again.");
        return a;
    }
    std::error_code error;
    for (const fs::path& f : files) a.bytes += static_cast<std::int64_t>(fs::file_size(f, error));
    if (item.isSequence()) {
        const auto at = [&](double share) {
            return files[std::min(files.size() - 1, static_cast<std::size_t>(share * double(files.size())))];
        };
        a.path = at(0.5);
        lookThrough(a, files.size(), options, at);
    } else if (io::isClip(a.path)) {
        const auto clip = io::Clip::open(a.path);
        if (!clip) {
            a.problem = clip.error().message;
            return a;
        }
        const fs::path file = a.path;
        const double seconds = clip->info().seconds;
        lookThrough(a, clip->info().pictures, options,
                    [&](double share) { return fs::path(io::atMoment(file, share * seconds)); });
    } else if (const auto sight = see(a.path, options.charts)) {
        describe(a, *sight);
        if (sight->frame.preview) lookAtSensor(a, options.charts);
        if (!io::isRendered(io::lowerEnding(a.path))) a.cameraWhite = io::readCameraWhite(a.path);
    } else {
        a.problem = sight.error().message;
    }
    if (!a.problem.empty()) return a;
    if (!options.copyTo.empty()) {
        const auto picked = io::mediaPath(a.path);
        for (const fs::path& f : files) {
            const auto copy = io::copyVerified(f, options.copyTo);
            if (!copy) {
                a.problem = copy.error().message;
                return a;
            }
            if (f == picked.file)
                a.path = picked.seconds ? fs::path(io::atMoment(*copy, *picked.seconds)) : *copy;
        }
        if (!a.twin.empty()) {
            const auto copy = io::copyVerified(a.twin, options.copyTo);
            if (!copy) {
                a.problem = copy.error().message;
                return a;
            }
            a.twin = *copy;
        }
    }
    a.sha256 = io::contentHash(io::mediaPath(a.path).file).value_or("");
    return a;
}

}  // namespace refero::studio
