// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/targets.h"

#include <set>
#include <system_error>

#include "core/say/say.h"
#include "io/clip.h"
#include "io/media_path.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

bool isWholeClip(const BatchFrame& f) {
    return !mediaPath(f.path).seconds && isClip(f.path);
}

// A clip's pictures stand in a folder of its name.
fs::path plainTarget(const BatchJob& job, std::size_t i, const std::string& name) {
    if (!isWholeClip(job.frames[i])) return job.folder / (name + job.output.ending());
    return job.folder / (job.output.clips == ClipKind::pictures ? name : name + ".mkv");
}

// A name that no other frame of the job has.
fs::path ownTarget(const BatchJob& job, std::size_t i, const std::string& name,
                   const std::set<fs::path>& used) {
    fs::path target = plainTarget(job, i, name);
    for (int n = 2; used.contains(target); ++n) target = plainTarget(job, i, name + " " + std::to_string(n));
    return target;
}

}  // namespace

Result<Targets> plannedTargets(const BatchJob& job) {
    Targets out;
    std::set<fs::path> used;
    std::vector<std::string> there;
    std::error_code error;
    for (std::size_t i = 0; i < job.frames.size(); ++i) {
        const auto name = nameFor(job, i);
        if (!name) return tl::unexpected(name.error());
        fs::path target = ownTarget(job, i, *name, used);
        bool skipped = false;
        if (fs::exists(target, error)) {
            if (fs::equivalent(target, mediaPath(job.frames[i].path).file, error))
                return failure(say("%1 is a frame of the job itself; use another folder.", target.string()));
            if (job.collisions == Collision::refuse) there.push_back(target.filename().string());
            if (job.collisions == Collision::number)
                for (int n = 2; used.contains(target) || fs::exists(target, error); ++n)
                    target = plainTarget(job, i, *name + " " + std::to_string(n));
            skipped = job.collisions == Collision::skip;
        }
        used.insert(target);
        out.push_back(skipped ? std::nullopt : std::optional(target));
    }
    if (there.empty()) return out;
    return failure(there.size() > 1 ? say("%1 of the files are there already (%2 and others). Say whether to "
                                          "replace, skip or number them, or use another folder.",
                                          std::to_string(there.size()), there.front())
                                    : say("1 of the files is there already (%1). Say whether to replace, "
                                          "skip or number it, or use another folder.",
                                          there.front()));
}

std::vector<std::string> conflicts(const BatchJob& job) {
    std::vector<std::string> out;
    std::set<fs::path> used;
    std::error_code error;
    for (std::size_t i = 0; i < job.frames.size(); ++i) {
        const auto name = nameFor(job, i);
        if (!name) continue;
        const fs::path target = ownTarget(job, i, *name, used);
        if (fs::exists(target, error)) out.push_back(target.filename().string());
        used.insert(target);
    }
    return out;
}

}  // namespace refero::io
