// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/run.h"

#include <algorithm>
#include <array>
#include <atomic>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <mutex>
#include <numeric>
#include <thread>

#include "core/say/say.h"
#include "io/batch/journal.h"
#include "io/clip.h"
#include "io/files/content_hash.h"
#include "io/json.h"
#include "io/media_path.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

// In the file's description, where people and programs look first.
const char* const kQuickMark = "Quick: from the camera's own picture; the raw file's takes its place.";

Result<DoneFile> asDone(const fs::path& target) {
    std::error_code error;
    const auto bytes = fs::file_size(target, error);
    const auto hash = contentHash(target);
    if (error || !hash)
        return failure(say("%1 was written, but is not there any more: has its disk gone?", target.string()));
    return DoneFile{target, bytes, *hash};
}

class Run {
  public:
    Run(const BatchJob& job, Journal& journal, const BatchOptions& options)
        : job_(job), journal_(journal), options_(options) {}

    BatchSummary all() {
        std::vector<std::size_t> frames = options_.only;
        if (frames.empty()) {
            frames.resize(job_.frames.size());
            std::iota(frames.begin(), frames.end(), std::size_t{0});
        }
        options_.begun(frames.size());
        const int cores = static_cast<int>(std::max(1u, std::thread::hardware_concurrency()));
        const int jobs = std::clamp(options_.jobs > 0 ? options_.jobs : cores, 1,
                                    static_cast<int>(std::max<std::size_t>(1, frames.size())));
        const auto throughAll = [&](auto&& act) {
            std::atomic<std::size_t> next{0};
            const auto work = [&] {
                for (std::size_t i; !options_.stopped() && (i = next++) < frames.size();) act(frames[i]);
            };
            std::vector<std::jthread> workers;
            for (int k = 1; k < jobs; ++k) workers.emplace_back(work);
            work();
        };
        // One process of many has few frames, and each is done at once.
        if (options_.only.empty() &&
            std::any_of(frames.begin(), frames.end(), [&](std::size_t i) { return job_.frames[i].quick; }))
            throughAll([&](std::size_t i) { quick(i); });
        throughAll([&](std::size_t i) { one(i); });
        summary_.left = frames.size() - told_;
        return summary_;
    }

  private:
    // What fails here is no loss: the frame itself follows, and says what is wrong.
    void quick(std::size_t index) {
        const BatchFrame& f = job_.frames[index];
        const auto& target = journal_.targets()[index];
        if (!f.quick || !target || journal_.done(index) || journal_.quick(index)) return;
        FrameReport r;
        r.frame = index;
        r.path = f.path;
        r.target = *target;
        r.fate = FrameFate::quick;
        FrameTimes times;
        const auto began = std::chrono::steady_clock::now();
        const FrameWork work{options_.stopped, &times, &r.gamut, &r.clippedShare, &r.cutShare, kQuickMark};
        const Status status = renderFrame(job_.corrections.at(f.quick->correction), f.quick->path, {},
                                          job_.output, r.target, work)
                                  .and_then([&] {
                                      return kept(r, asDone(r.target), [&](const DoneFile& d) {
                                          return journal_.finishedQuick(index, d);
                                      });
                                  });
        r.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - began).count();
        if (status) tell(r, times);
    }

    void one(std::size_t index) {
        FrameReport r;
        r.frame = index;
        r.path = job_.frames[index].path;
        const auto& target = journal_.targets()[index];
        if (!target) {
            r.fate = FrameFate::skipped;
            return tell(r, {});
        }
        r.target = *target;
        if (const auto done = journal_.done(index)) {
            r.fate = FrameFate::kept;
            r.bytes = done->bytes;
            r.sha256 = done->sha256;
            r.pictures = std::max<std::size_t>(1, journal_.pictures(index).size());
            return tell(r, {});
        }
        FrameTimes times;
        const auto began = std::chrono::steady_clock::now();
        const FrameWork work{options_.stopped, &times, &r.gamut, &r.clippedShare, nullptr, {}};
        const bool clip = !mediaPath(r.path).seconds && isClip(r.path);
        const Status status = !clip                                     ? frameOf(index, r, work)
                              : job_.output.clips == ClipKind::pictures ? clipOf(index, r, work)
                                                                        : wholeClipOf(index, r, work);
        if (!status && options_.stopped()) return;  // it is left, not failed
        r.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - began).count();
        if (!status) {
            r.fate = FrameFate::failed;
            r.message = status.error().message;
            (void)journal_.failed(index, r.message);
        }
        tell(r, times);
    }

    Status frameOf(std::size_t index, FrameReport& r, const FrameWork& work) {
        const BatchFrame& f = job_.frames[index];
        return renderFrame(correctionOf(f), f.path, f.encoding, job_.output, r.target, work).and_then([&] {
            return kept(r, asDone(r.target), [&](const DoneFile& d) { return journal_.finished(index, d); });
        });
    }

    // One file; what a run before left of it is made anew.
    Status wholeClipOf(std::size_t index, FrameReport& r, const FrameWork& work) {
        const BatchFrame& f = job_.frames[index];
        return renderClip(correctionOf(f), f.path, f.encoding, job_.output, r.target, work)
            .and_then([&](std::size_t pictures) {
                r.pictures = pictures;
                return kept(r, asDone(r.target),
                            [&](const DoneFile& d) { return journal_.finished(index, d); });
            });
    }

    // A picture after the other; those that stand from a run before are only decoded.
    Status clipOf(std::size_t index, FrameReport& r, const FrameWork& work) {
        const BatchFrame& f = job_.frames[index];
        auto clip = Clip::open(f.path);
        if (!clip) return tl::unexpected(clip.error());
        std::error_code error;
        fs::create_directories(r.target, error);
        if (error) return failure(say("The folder %1 could not be made.", r.target.string()));
        const Correction& c = correctionOf(f);
        const Transfer encoding = f.encoding.value_or(
            clip->info().encodingStated ? Transfer(clip->info().encoding) : c.inputEncoding);
        const auto& before = journal_.pictures(index);
        DoneFile last;
        for (r.pictures = 0;; ++r.pictures) {
            if (work.stopped()) return stoppedEarly();
            auto picture = clip->next();
            if (!picture) return tl::unexpected(picture.error());
            if (!*picture) break;
            char number[24];
            std::snprintf(number, sizeof number, ".%06zu", r.pictures + 1);
            const fs::path target = r.target / (r.target.filename().string() + number + job_.output.ending());
            const auto done = before.find(r.pictures);
            std::error_code gone;
            if (done != before.end() && fs::file_size(target, gone) == done->second.bytes && !gone) {
                last = done->second;
                r.bytes += last.bytes;
                continue;
            }
            const auto status = renderPicture(c, **std::move(picture), encoding, clip->info().orientation,
                                              job_.output, target, work)
                                    .and_then([&] {
                                        return kept(r, asDone(target), [&](const DoneFile& d) {
                                            last = d;
                                            return journal_.finishedPicture(index, r.pictures, d);
                                        });
                                    });
            if (!status) return status;
        }
        if (r.pictures == 0) return failure(say("%1 has no pictures in it.", f.path.string()));
        r.sha256.clear();
        return journal_.finished(index, last);
    }

    template <class Write>
    Status kept(FrameReport& r, const Result<DoneFile>& file, const Write& write) {
        if (!file) return tl::unexpected(file.error());
        r.bytes += file->bytes;
        r.sha256 = file->sha256;
        return write(*file);
    }

    const Correction& correctionOf(const BatchFrame& f) const { return job_.corrections.at(f.correction); }

    void tell(const FrameReport& r, const FrameTimes& times) {
        const std::scoped_lock lock(telling_);
        told_ += r.fate != FrameFate::quick;
        summary_.quick += r.fate == FrameFate::quick;
        summary_.done += r.fate == FrameFate::done;
        summary_.kept += r.fate == FrameFate::kept;
        summary_.skipped += r.fate == FrameFate::skipped;
        summary_.failed += r.fate == FrameFate::failed;
        summary_.times.reading += times.reading;
        summary_.times.colour += times.colour;
        summary_.times.writing += times.writing;
        options_.report(r);
    }

    const BatchJob& job_;
    Journal& journal_;
    const BatchOptions& options_;
    std::mutex telling_;
    std::size_t told_ = 0;
    BatchSummary summary_;
};

}  // namespace

std::string_view name(FrameFate fate) {
    static constexpr std::array<std::string_view, 5> names{"quick", "done", "kept", "skipped", "failed"};
    return names[static_cast<std::size_t>(fate)];
}

std::string jsonLine(const FrameReport& r) {
    Json j{{"frame", r.path.string()}, {"number", r.frame + 1}, {"status", name(r.fate)}};
    if (!r.target.empty()) j["target"] = r.target.string();
    if (r.fate == FrameFate::failed) j["message"] = r.message;
    if (r.bytes > 0) j["bytes"] = r.bytes;
    if (r.pictures != 1) j["pictures"] = r.pictures;
    if (!r.sha256.empty()) j["sha256"] = r.sha256;
    if (r.gamut.changed > 0)
        j["gamut"] = {{"outside", r.gamut.outside}, {"changed", r.gamut.changed}, {"skin", r.gamut.skin}};
    if (r.clippedShare > 0) j["clipped_share"] = r.clippedShare;
    if (r.cutShare > 0) j["cut_share"] = r.cutShare;
    if (r.fate == FrameFate::done || r.fate == FrameFate::quick)
        j["seconds"] = std::round(1000 * r.seconds) / 1000;
    return j.dump(-1, ' ', false, Json::error_handler_t::replace);
}

Result<std::vector<std::size_t>> framesLeft(const fs::path& path) {
    const auto job = readBatchJob(path);
    if (!job) return tl::unexpected(job.error());
    const auto journal = Journal::open(path, *job);
    if (!journal) return tl::unexpected(journal.error());
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < job->frames.size(); ++i)
        if (journal->targets()[i] && !journal->done(i)) out.push_back(i);
    return out;
}

Result<BatchSummary> runBatch(const fs::path& path, const BatchOptions& options) {
    const auto job = readBatchJob(path);
    if (!job) return tl::unexpected(job.error());
    for (const std::size_t i : options.only)
        if (i >= job->frames.size())
            return failure(say("The job has %1 frames; there is no number %2.",
                               std::to_string(job->frames.size()), std::to_string(i + 1)));
    auto journal = Journal::open(path, *job);
    if (!journal) return tl::unexpected(journal.error());
    // One of many processes does not know what the others are at.
    if (options.only.empty()) journal->removeAbandoned();
    return Run(*job, *journal, options).all();
}

}  // namespace refero::io
