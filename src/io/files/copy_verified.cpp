// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/copy_verified.h"

#include <fcntl.h>
#include <unistd.h>

#include "core/say/say.h"
#include "io/files/content_hash.h"
#include "io/files/safe_write.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

constexpr int kMostNumbers = 1000;

// So that the copy is read from the disk and not from what is still in memory.
void forget(const fs::path& path) {
    const int fd = ::open(path.c_str(), O_RDONLY | O_CLOEXEC);
    if (fd < 0) return;
    ::fsync(fd);
    ::posix_fadvise(fd, 0, 0, POSIX_FADV_DONTNEED);
    ::close(fd);
}

// The first name that is free, or that is this very content already.
Result<fs::path> placeFor(const fs::path& source, const fs::path& folder, const std::string& hash) {
    std::error_code error;
    for (int n = 1; n <= kMostNumbers; ++n) {
        const std::string number = n == 1 ? "" : "-" + std::to_string(n);
        const fs::path target = folder / (source.stem().string() + number + source.extension().string());
        if (!fs::exists(target, error)) return target;
        if (fs::equivalent(source, target, error)) return target;
        if (contentHash(target).value_or("") == hash) return target;
    }
    return failure(
        say("The folder %1 holds too many files called %2.", folder.string(), source.filename().string()));
}

}  // namespace

Result<fs::path> copyVerified(const fs::path& source, const fs::path& folder) {
    std::error_code error;
    fs::create_directories(folder, error);
    if (error) return failure(say("The folder %1 could not be made: %2.", folder.string(), error.message()));
    const auto hash = contentHash(source);
    if (!hash) return tl::unexpected(hash.error());
    const auto target = placeFor(source, folder, *hash);
    if (!target || fs::exists(*target, error)) return target;
    const Status copied = writeFile(*target, [&](const fs::path& side) -> Status {
        std::error_code bad;
        fs::copy_file(source, side, bad);
        if (bad)
            return failure(say("%1 could not be copied: %2.", source.filename().string(), bad.message()));
        fs::last_write_time(side, fs::last_write_time(source, bad), bad);
        forget(side);
        const auto again = contentHash(side);
        if (!again) return tl::unexpected(again.error());
        if (*again != *hash)
            return failure(
                say("The copy of %1 is not what was read from the card. Check the disk and the card reader.",
                    source.filename().string()));
        return {};
    });
    if (!copied) return tl::unexpected(copied.error());
    return target;
}

}  // namespace refero::io
