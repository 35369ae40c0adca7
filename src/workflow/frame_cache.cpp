// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/frame_cache.h"

#include <algorithm>

#include "io/media_path.h"
#include "io/memory.h"

namespace refero::workflow {
namespace {

constexpr std::size_t kMostBudget = std::size_t{2} << 30;

std::filesystem::file_time_type changedAt(const std::filesystem::path& path) {
    std::error_code unknown;
    return std::filesystem::last_write_time(io::mediaPath(path).file, unknown);
}

}  // namespace

std::size_t bytesOf(const io::Frame& frame) {
    const std::size_t sensor = frame.sensor
                                   ? static_cast<std::size_t>(frame.sensor->width()) *
                                         static_cast<std::size_t>(frame.sensor->height()) * sizeof(float)
                                   : 0;
    return frame.image.pixels() * 3 * sizeof(float) + sensor;
}

std::size_t FrameCache::defaultBudget() {
    return std::min(kMostBudget, io::quarterOfMemory());
}

Result<FramePointer> FrameCache::read(const std::filesystem::path& path,
                                      const std::optional<Transfer>& encoding) {
    const auto changed = changedAt(path);
    {
        const std::scoped_lock lock(mutex_);
        if (auto kept = take(path.string(), encoding, changed)) return kept;
        shrinkTo(budget_ - std::min(budget_, largest_));
    }
    auto frame = io::readFrame(path, encoding);
    if (!frame) return tl::unexpected(frame.error());
    auto shared = std::make_shared<const io::Frame>(*std::move(frame));
    const std::size_t bytes = bytesOf(*shared);
    const std::scoped_lock lock(mutex_);
    largest_ = std::max(largest_, bytes);
    // Another thread may have read it meanwhile.
    if (auto kept = take(path.string(), encoding, changed)) return kept;
    if (bytes > budget_) return shared;
    shrinkTo(budget_ - bytes);
    entries_.push_front({path.string(), encoding, changed, shared, bytes});
    held_ += bytes;
    return shared;
}

FramePointer FrameCache::find(const std::filesystem::path& path, const std::optional<Transfer>& encoding) {
    const auto changed = changedAt(path);
    const std::scoped_lock lock(mutex_);
    return take(path.string(), encoding, changed);
}

void FrameCache::clear() {
    const std::scoped_lock lock(mutex_);
    entries_.clear();
    held_ = largest_ = 0;
}

std::size_t FrameCache::bytes() const {
    const std::scoped_lock lock(mutex_);
    return held_;
}

void FrameCache::shrinkTo(std::size_t bytes) {
    while (held_ > bytes) {
        held_ -= entries_.back().bytes;
        entries_.pop_back();
    }
}

FramePointer FrameCache::take(const std::string& path, const std::optional<Transfer>& encoding,
                              std::filesystem::file_time_type changed) {
    const auto it = std::find_if(entries_.begin(), entries_.end(), [&](const Entry& e) {
        return e.path == path && (e.stated == encoding || (encoding && e.frame->encoding == *encoding));
    });
    if (it == entries_.end()) return nullptr;
    if (it->changed != changed) {
        held_ -= it->bytes;
        entries_.erase(it);
        return nullptr;
    }
    entries_.splice(entries_.begin(), entries_, it);
    return it->frame;
}

}  // namespace refero::workflow
