// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/safe_write.h"

#include "core/say/say.h"

#include <fcntl.h>
#include <signal.h>
#include <unistd.h>

#include <atomic>
#include <cerrno>
#include <cstring>
#include <fstream>
#include <regex>

namespace refero::io {
namespace {

namespace fs = std::filesystem;

std::string because(const fs::path& path, std::string_view what) {
    return say(what, path.string(), std::strerror(errno));
}

// Keeps the ending, from which libraries tell the kind of file.
fs::path sideName(const fs::path& target) {
    static std::atomic<unsigned> counter{0};
    fs::path side = target;
    side.replace_filename("." + target.stem().string() + "-" + std::to_string(::getpid()) + "-" +
                          std::to_string(counter++) + target.extension().string());
    return side;
}

Status flushed(const fs::path& path) {
    const int fd = ::open(path.c_str(), O_RDONLY | O_CLOEXEC);
    if (fd < 0) return failure(because(path, word("%1 could not be opened: %2.")));
    const int outcome = ::fsync(fd);
    ::close(fd);
    if (outcome != 0) return failure(because(path, word("%1 could not be flushed to the disk: %2.")));
    return {};
}

Status writePlain(const fs::path& path, std::string_view content) {
    const int fd = ::open(path.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644);
    if (fd < 0) return failure(because(path, word("%1 could not be written: %2.")));
    while (!content.empty()) {
        const ssize_t n = ::write(fd, content.data(), content.size());
        if (n < 0 && errno == EINTR) continue;
        if (n < 0) {
            auto failed = failure(because(path, word("%1 could not be written: %2.")));
            ::close(fd);
            return failed;
        }
        content.remove_prefix(static_cast<std::size_t>(n));
    }
    if (::close(fd) != 0) return failure(because(path, word("%1 could not be written: %2.")));
    return {};
}

// As sideName makes them: a dot, the target's stem, the process and a count.
const std::regex kSide(R"(\.(.+)-(\d{1,10})-\d+)");

}  // namespace

Status writeFile(const fs::path& target, const std::function<Status(const fs::path&)>& write) {
    std::error_code error;
    const fs::path folder = target.has_parent_path() ? target.parent_path() : fs::path(".");
    if (!fs::is_directory(folder, error))
        return failure(say("The folder %1 does not exist, so %2 was not written.", folder.string(),
                           target.filename().string()));
    if (fs::is_directory(target, error)) return failure(say("%1 is a folder, not a file.", target.string()));
    const fs::path side = sideName(target);
    Status outcome = write(side).and_then([&] { return flushed(side); });
    if (outcome && ::rename(side.c_str(), target.c_str()) != 0)
        outcome = failure(because(target, word("%1 could not be replaced: %2.")));
    if (!outcome) {
        fs::remove(side, error);
        return failure(
            say("%1 %2 is as it was before.", outcome.error().message, target.filename().string()));
    }
    return {};
}

Status writeFile(const fs::path& target, std::string_view content) {
    return writeFile(target, [&](const fs::path& side) { return writePlain(side, content); });
}

fs::path targetOf(const fs::path& side) {
    std::smatch found;
    const std::string stem = side.stem().string();
    if (!std::regex_match(stem, found, kSide)) return side;
    return side.parent_path() / (found[1].str() + side.extension().string());
}

void removeAbandonedSides(const fs::path& folder, const std::set<std::string>& stems) {
    std::error_code error;
    for (const auto& entry : fs::directory_iterator(folder, error)) {
        std::smatch found;
        const std::string stem = entry.path().stem().string();
        if (!std::regex_match(stem, found, kSide)) continue;
        const std::string target = found[1];
        const bool ours = stems.contains(target) || target.starts_with(folder.filename().string() + ".");
        if (!ours || !entry.is_regular_file(error)) continue;
        const auto process = static_cast<pid_t>(std::stol(found[2]));
        if (process != ::getpid() && ::kill(process, 0) != 0 && errno == ESRCH)
            fs::remove(entry.path(), error);
    }
}

Result<std::string> readFile(const fs::path& path, std::size_t limitBytes) {
    std::error_code error;
    if (!fs::exists(path, error)) return failure(say("There is no file %1.", path.string()));
    if (fs::is_directory(path, error)) return failure(say("%1 is a folder, not a file.", path.string()));
    const auto size = fs::file_size(path, error);
    if (!error && size > limitBytes)
        return failure(say("%1 is larger than %2 MB, which no file of this kind is.", path.string(),
                           std::to_string(limitBytes >> 20)));
    std::ifstream in(path, std::ios::binary);
    if (!in) return failure(because(path, word("%1 could not be read: %2.")));
    std::string text;
    char buffer[1 << 16];
    while (in.read(buffer, sizeof buffer) || in.gcount() > 0) {
        text.append(buffer, static_cast<std::size_t>(in.gcount()));
        if (text.size() > limitBytes) return failure(say("%1 is too large.", path.string()));
    }
    return text;
}

}  // namespace refero::io
