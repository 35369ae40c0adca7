// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/leader_transform.h"

#include <map>
#include <mutex>

#include "core/assess/assessment.h"
#include "io/files/content_hash.h"
#include "io/foreign/transform_file.h"

namespace refero::workflow {
namespace {

// Files are asked for again and again while a list of setups is drawn.
std::string contentOf(const std::filesystem::path& file) {
    struct Known {
        std::filesystem::file_time_type changed;
        std::uintmax_t size = 0;
        std::string hash;
    };
    static std::mutex mutex;
    static std::map<std::filesystem::path, Known> known;
    std::error_code error;
    const auto changed = std::filesystem::last_write_time(file, error);
    if (error) return {};
    const auto size = std::filesystem::file_size(file, error);
    if (error) return {};
    const std::scoped_lock lock(mutex);
    Known& k = known[file];
    if (k.hash.empty() || k.changed != changed || k.size != size)
        k = {changed, size, io::contentHash(file).value_or("")};
    return k.hash;
}

}  // namespace

Result<TransformedLeader> leaderThrough(const Reading& reading, const LeaderTransform& through) {
    auto transform = io::readTransform(through.file, reading);
    if (!transform) return tl::unexpected(transform.error());
    // A transform of others makes a picture, whose look no reference tells; so its space is not tried out.
    const TransformTerms terms = termsFor(*transform, reading, {}, through.space);
    auto picture = pictureThrough(*transform, terms, reading);
    if (!picture) return tl::unexpected(picture.error());
    Leader leader{*std::move(picture)};
    leader.shownBy = transform->name;
    leader.shownByFile = through.file.string();
    leader.shownIn = info(terms.space).name;
    return TransformedLeader{std::move(leader),
                             std::make_shared<const SeenThrough>(*std::move(transform), terms, reading)};
}

std::optional<LeaderTransform> leaderTransformOf(const Setup& follower) {
    if (!follower.correction || follower.correction->aim.throughFile.empty()) return {};
    LeaderTransform out{follower.correction->aim.throughFile};
    if (const auto space = outputSpaceByName(follower.correction->aim.throughSpace)) out.space = *space;
    return out;
}

std::string fingerprintOf(const LeaderTransform& through) {
    const std::string content = contentOf(through.file);
    return content.empty() ? content : content + " " + std::string(info(through.space).name);
}

}  // namespace refero::workflow
