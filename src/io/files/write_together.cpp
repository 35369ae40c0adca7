// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/write_together.h"

#include <unistd.h>

#include <algorithm>
#include <atomic>

#include "core/say/say.h"
#include "io/files/safe_write.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

// A folder beside the targets that is gone when this is.
class SideFolder {
  public:
    explicit SideFolder(const fs::path& target) {
        static std::atomic<unsigned> counter{0};
        path_ = target.parent_path() / ("." + target.stem().string() + "-" + std::to_string(::getpid()) +
                                        "-" + std::to_string(counter++) + ".together");
        std::error_code error;
        made_ = fs::create_directory(path_, error);
    }
    ~SideFolder() {
        std::error_code ignored;
        if (made_) fs::remove_all(path_, ignored);
    }
    SideFolder(const SideFolder&) = delete;
    SideFolder& operator=(const SideFolder&) = delete;

    bool made() const { return made_; }
    const fs::path& path() const { return path_; }

  private:
    fs::path path_;
    bool made_ = false;
};

// Puts what is new in its place and what was there aside; takes that back unless it is told to stay.
class Exchange {
  public:
    explicit Exchange(fs::path aside) : aside_(std::move(aside)) {}
    ~Exchange() {
        if (stays_) return;
        std::error_code ignored;
        for (auto it = done_.rbegin(); it != done_.rend(); ++it) {
            if (it->before.empty())
                fs::remove(it->target, ignored);
            else
                fs::rename(it->before, it->target, ignored);
        }
    }
    Exchange(const Exchange&) = delete;
    Exchange& operator=(const Exchange&) = delete;

    bool replace(const fs::path& side, const fs::path& target) {
        std::error_code error;
        Move move{target, {}};
        if (fs::exists(target, error)) {
            move.before = aside_ / (target.filename().string() + ".before");
            // A second name for it, so that the target is never missing.
            fs::create_hard_link(target, move.before, error);
            if (error) fs::copy_file(target, move.before, error);
            if (error) return false;
        }
        fs::rename(side, target, error);
        if (error) return false;
        done_.push_back(std::move(move));
        return true;
    }
    void stay() { stays_ = true; }

  private:
    struct Move {
        fs::path target, before;
    };
    fs::path aside_;
    std::vector<Move> done_;
    bool stays_ = false;
};

}  // namespace

Status writeTogether(const std::vector<NewFile>& files,
                     const std::function<Status(const fs::path& first)>& check) {
    const fs::path& first = files.front().target;
    std::error_code error;
    const fs::path folder = first.has_parent_path() ? first.parent_path() : fs::path(".");
    if (!fs::is_directory(folder, error))
        return failure(say("The folder %1 does not exist, so %2 was not written.", folder.string(),
                           first.filename().string()));
    for (const NewFile& f : files)
        if (fs::is_directory(f.target, error))
            return failure(say("%1 is a folder, not a file.", f.target.string()));
    const auto unharmed = [&](const std::string& why) {
        const std::string file = first.filename().string();
        return failure(files.size() > 1 ? say("%1 %2 and what belongs to it are as before.", why, file)
                                        : say("%1 %2 is as before.", why, file));
    };
    const SideFolder side(first);
    if (!side.made()) return unharmed(say("%1 could not be written to.", folder.string()));
    for (const NewFile& f : files)
        if (auto ok = writeFile(side.path() / f.target.filename(), f.bytes); !ok)
            return unharmed(say("%1 could not be written: the disk may be full or read-only.",
                                f.target.filename().string()));
    if (auto ok = check(side.path() / first.filename()); !ok) return unharmed(ok.error().message);
    Exchange exchange(side.path());
    for (auto it = files.rbegin(); it != files.rend(); ++it)
        if (!exchange.replace(side.path() / it->target.filename(), it->target))
            return unharmed(say("%1 could not be put in its place.", it->target.filename().string()));
    exchange.stay();
    return {};
}

}  // namespace refero::io
