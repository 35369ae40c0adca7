// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/journal.h"

#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>

#include <cerrno>
#include <cstring>
#include <set>
#include <sstream>
#include <utility>

#include "core/say/say.h"
#include "io/files/content_hash.h"
#include "io/files/safe_write.h"
#include "io/json.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

// Of one process over the other, from here to the end of the scope.
class Locked {
  public:
    explicit Locked(int file) : file_(file) { ::flock(file_, LOCK_EX); }
    ~Locked() { ::flock(file_, LOCK_UN); }
    Locked(const Locked&) = delete;
    Locked& operator=(const Locked&) = delete;

  private:
    int file_;
};

Json planJson(const Targets& targets, const std::string& jobHash) {
    Json j{{"event", "plan"}, {"job", jobHash}, {"targets", Json::array()}};
    for (const auto& t : targets) j["targets"].push_back(t ? Json(t->string()) : Json());
    return j;
}

bool stands(const DoneFile& f) {
    std::error_code error;
    return fs::is_regular_file(f.target, error) && fs::file_size(f.target, error) == f.bytes;
}

DoneFile doneFrom(const Json& j) {
    return {j.at("target").get<std::string>(), j.at("bytes").get<std::uintmax_t>(),
            j.at("sha256").get<std::string>()};
}

Json doneJson(const char* event, std::size_t frame, const DoneFile& f) {
    return {{"event", event},
            {"frame", frame},
            {"target", f.target.string()},
            {"bytes", f.bytes},
            {"sha256", f.sha256}};
}

}  // namespace

fs::path Journal::pathFor(const fs::path& job) {
    fs::path out = job;
    out += ".journal";
    return out;
}

Journal::Journal(Journal&& other) noexcept
    : file_(std::exchange(other.file_, -1)),
      targets_(std::move(other.targets_)),
      done_(std::move(other.done_)),
      quick_(std::move(other.quick_)),
      pictures_(std::move(other.pictures_)) {}

Journal::~Journal() {
    if (file_ >= 0) ::close(file_);
}

Result<Journal> Journal::open(const fs::path& job, const BatchJob& document) {
    const fs::path path = pathFor(job);
    std::error_code error;
    const auto hash = contentHash(job);
    if (!hash) return tl::unexpected(hash.error());
    Journal j;
    j.file_ = ::open(path.c_str(), O_RDWR | O_APPEND | O_CREAT | O_CLOEXEC, 0644);
    if (j.file_ < 0)
        return failure(
            say("%1 could not be written: %2. The journal stands beside the job; put the job where it can be "
                "written.",
                path.string(), std::strerror(errno)));
    const Locked lock(j.file_);
    const auto text = readFile(path, std::size_t{1} << 30);
    if (!text) return tl::unexpected(text.error());
    bool hasPlan = false;
    std::istringstream lines(*text);
    for (std::string line; std::getline(lines, line);) {
        const Json e = Json::parse(line, nullptr, false);
        // Cut off by a kill; what it would have said is done again.
        if (e.is_discarded() || !e.is_object()) continue;
        try {
            const std::string event = e.at("event").get<std::string>();
            if (event == "plan") {
                if (e.at("job").get<std::string>() != *hash)
                    return failure(
                        say("%1 was changed since it was begun. Run it under another name, or remove %2 to "
                            "begin anew.",
                            job.string(), path.filename().string()));
                j.targets_.clear();
                for (const Json& t : e.at("targets"))
                    j.targets_.push_back(t.is_null() ? std::nullopt
                                                     : std::optional<fs::path>(t.get<std::string>()));
                hasPlan = j.targets_.size() == document.frames.size();
            } else if (event == "done") {
                j.done_[e.at("frame").get<std::size_t>()] = doneFrom(e);
            } else if (event == "quick") {
                j.quick_[e.at("frame").get<std::size_t>()] = doneFrom(e);
            } else if (event == "picture") {
                j.pictures_[e.at("frame").get<std::size_t>()][e.at("picture").get<std::size_t>()] =
                    doneFrom(e);
            }
        } catch (const nlohmann::json::exception&) {
            return failure(say("%1 is no journal of a job. Remove it to begin anew.", path.string()));
        }
    }
    fs::create_directories(document.folder, error);
    if (!fs::is_directory(document.folder))
        return failure(
            say("The folder %1 could not be made: %2.", document.folder.string(), error.message()));
    if (hasPlan) return j;
    auto targets = plannedTargets(document);
    if (!targets) return tl::unexpected(targets.error());
    j.targets_ = *std::move(targets);
    const bool torn = !text->empty() && text->back() != '\n';
    const std::string line = (torn ? "\n" : "") + planJson(j.targets_, *hash).dump() + "\n";
    if (::write(j.file_, line.data(), line.size()) != static_cast<ssize_t>(line.size()) ||
        ::fsync(j.file_) != 0)
        return failure(say("%1 could not be written: %2.", path.string(), std::strerror(errno)));
    return j;
}

std::optional<DoneFile> Journal::done(std::size_t frame) const {
    const auto it = done_.find(frame);
    if (it == done_.end()) return {};
    if (!stands(it->second)) return {};
    if (const auto p = pictures_.find(frame); p != pictures_.end())
        for (const auto& [n, file] : p->second)
            if (!stands(file)) return {};
    return it->second;
}

std::optional<DoneFile> Journal::quick(std::size_t frame) const {
    const auto it = quick_.find(frame);
    return it != quick_.end() && stands(it->second) ? std::optional(it->second) : std::nullopt;
}

const std::map<std::size_t, DoneFile>& Journal::pictures(std::size_t frame) const {
    static const std::map<std::size_t, DoneFile> none;
    const auto it = pictures_.find(frame);
    return it == pictures_.end() ? none : it->second;
}

Status Journal::append(const std::string& line) {
    const std::scoped_lock one(writing_);
    const Locked lock(file_);
    // Another process may have been killed within its line.
    char last = '\n';
    const off_t end = ::lseek(file_, 0, SEEK_END);
    if (end > 0 && ::pread(file_, &last, 1, end - 1) != 1) last = '\n';
    const std::string whole = (last == '\n' ? "" : "\n") + line + "\n";
    if (::write(file_, whole.data(), whole.size()) != static_cast<ssize_t>(whole.size()) ||
        ::fsync(file_) != 0)
        return failure(say("The job's journal could not be written: %1. The picture itself is finished.",
                           std::strerror(errno)));
    return {};
}

Status Journal::finished(std::size_t frame, const DoneFile& file) {
    return append(doneJson("done", frame, file).dump());
}

Status Journal::finishedQuick(std::size_t frame, const DoneFile& file) {
    return append(doneJson("quick", frame, file).dump());
}

Status Journal::finishedPicture(std::size_t frame, std::size_t picture, const DoneFile& file) {
    Json j = doneJson("picture", frame, file);
    j["picture"] = picture;
    return append(j.dump());
}

Status Journal::failed(std::size_t frame, const std::string& message) {
    return append(Json({{"event", "failed"}, {"frame", frame}, {"message", message}})
                      .dump(-1, ' ', false, Json::error_handler_t::replace));
}

void Journal::removeAbandoned() const {
    std::set<fs::path> folders;
    std::set<std::string> stems;
    for (const auto& t : targets_) {
        if (!t) continue;
        stems.insert(t->stem().string());
        folders.insert(t->parent_path());
        if (!t->has_extension()) folders.insert(*t);
    }
    for (const fs::path& folder : folders) removeAbandonedSides(folder, stems);
}

}  // namespace refero::io
