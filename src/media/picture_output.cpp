// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/picture_output.h"

#include <OpenImageIO/filesystem.h>
#include <OpenImageIO/imageio.h>
#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <cerrno>
#include <cstdint>
#include <cstring>
#include <memory>
#include <optional>
#include <vector>

#include "core/frame/codes.h"
#include "core/say/say.h"
#include "io/files/safe_write.h"
#include "media/picture_spec.h"

namespace refero::media {

using namespace io;

namespace {

constexpr int kLargestJpeg = 65500;

// What OpenImageIO's writers of PNG, JPEG and DPX write through. Bytes are gathered, since some come a few at
// a time; the first failure is kept, and nothing is written after it.
class CheckedFile final : public OIIO::Filesystem::IOProxy {
  public:
    explicit CheckedFile(const std::filesystem::path& path)
        : IOProxy(path.string(), Write),
          file_(::open(path.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644)) {
        if (file_ < 0) failed();
    }
    CheckedFile(const CheckedFile&) = delete;
    CheckedFile& operator=(const CheckedFile&) = delete;
    ~CheckedFile() override {
        if (file_ >= 0) ::close(file_);
    }

    const char* proxytype() const override { return "checked"; }
    bool opened() const override { return file_ >= 0; }
    bool seek(int64_t offset) override {
        m_pos = offset;
        return true;
    }
    std::size_t write(const void* from, std::size_t size) override {
        const std::size_t n = pwrite(from, size, m_pos);
        m_pos += static_cast<int64_t>(n);
        return n;
    }
    std::size_t pwrite(const void* from, std::size_t size, int64_t offset) override {
        if (offset != begin_ + std::ssize(buffer_) || buffer_.size() + size > kGathered) {
            if (!gathered()) return 0;
            begin_ = offset;
        }
        if (size > kGathered) return put(from, size, offset) ? size : 0;
        const auto* bytes = static_cast<const unsigned char*>(from);
        buffer_.insert(buffer_.end(), bytes, bytes + size);
        return errno_ == 0 ? size : 0;
    }
    std::size_t size() const override {
        struct stat s {};
        const auto onDisk = ::fstat(file_, &s) == 0 ? static_cast<std::size_t>(s.st_size) : 0;
        return std::max(onDisk, static_cast<std::size_t>(begin_) + buffer_.size());
    }

    /// Closes it; 0, or the first errno.
    int end() {
        gathered();
        if (file_ >= 0 && ::close(file_) != 0) failed();
        file_ = -1;
        return errno_;
    }
    int firstError() const { return errno_; }

  private:
    static constexpr std::size_t kGathered = std::size_t{1} << 20;

    void failed() {
        if (errno_ == 0) errno_ = errno;
    }
    bool gathered() {
        const bool ok = buffer_.empty() || put(buffer_.data(), buffer_.size(), begin_);
        begin_ += std::ssize(buffer_);
        buffer_.clear();
        return ok && errno_ == 0;
    }
    bool put(const void* from, std::size_t size, int64_t offset) {
        const auto* bytes = static_cast<const unsigned char*>(from);
        while (size > 0 && errno_ == 0) {
            const ssize_t n = ::pwrite(file_, bytes, size, offset);
            if (n < 0 && errno == EINTR) continue;
            if (n < 0) {
                failed();
                break;
            }
            bytes += n;
            offset += n;
            size -= static_cast<std::size_t>(n);
        }
        return errno_ == 0;
    }

    int file_ = -1;
    int errno_ = 0;
    int64_t begin_ = 0;  ///< where the gathered bytes go
    std::vector<unsigned char> buffer_;
};

}  // namespace

struct PictureOutput::Inner {
    std::filesystem::path path;
    std::optional<CheckedFile> file;            ///< the other kinds tell failures by themselves
    std::unique_ptr<OIIO::ImageOutput> output;  ///< goes before the file: it may still want to write
    int height = 0;

    int error() const { return file ? file->firstError() : 0; }
    // The disk's own word where it is the disk, else the library's.
    tl::unexpected<Error> failed(int error) {
        const std::string why =
            error != 0 ? std::string(std::strerror(error)) : reasonOf(output ? output->geterror() : "");
        return failure(say("%1 could not be written: %2.", path.filename().string(), why));
    }
};

PictureOutput::PictureOutput(std::unique_ptr<Inner> inner) : inner_(std::move(inner)) {}
PictureOutput::PictureOutput(PictureOutput&&) noexcept = default;
PictureOutput& PictureOutput::operator=(PictureOutput&&) noexcept = default;

PictureOutput::~PictureOutput() = default;

Result<PictureOutput> PictureOutput::begin(const std::filesystem::path& path, int width, int height,
                                           const WriteOptions& options) {
    auto inner = std::make_unique<Inner>();
    inner->path = path;
    inner->height = height;
    const std::string ending = lowerEnding(path);
    inner->output = OIIO::ImageOutput::create(path.string());
    if (!inner->output)
        return failure(say("%1 is of a kind that cannot be written here.", path.filename().string()));
    const bool jpeg = ending == ".jpg" || ending == ".jpeg";
    // Beyond that the library ends the program, too.
    if (jpeg && std::max(width, height) > kLargestJpeg)
        return failure(
            say("%1 cannot be written: a JPEG has at most 65,500 pixels a side, and this picture has %2. "
                "Make it smaller, or write a .tif.",
                path.filename().string(), std::to_string(std::max(width, height))));
    // A DPX says its own name within itself: the target's, not that of the side file.
    if (jpeg || ending == ".png" || ending == ".dpx") {
        inner->file.emplace(path);
        if (!inner->file->opened()) return inner->failed(inner->error());
        inner->output->set_ioproxy(&*inner->file);
    }
    const std::filesystem::path name = inner->file ? targetOf(path).filename() : path;
    if (!inner->output->open(name.string(), specFor(width, height, options, ending)))
        return inner->failed(inner->error());
    return PictureOutput(std::move(inner));
}

Status PictureOutput::rows(int from, const EncodedImage& image) {
    OIIO::ImageOutput& out = *inner_->output;
    const auto written = [&](OIIO::TypeDesc type, const void* values) {
        // All at once may be compressed on all cores.
        const bool ok = image.height() == inner_->height
                            ? out.write_image(type, values)
                            : out.write_scanlines(from, from + image.height(), 0, type, values);
        if (!ok || inner_->error() != 0) return Status(inner_->failed(inner_->error()));
        return Status();
    };
    const auto inCodes = [&]<class Code>(OIIO::TypeDesc type, Code) {
        const auto codes = std::make_unique_for_overwrite<Code[]>(image.values().size());
        toCodes(image.values(), codes.get());
        return written(type, codes.get());
    };
    // The library's own rounding is a call for each value.
    const OIIO::TypeDesc stored = out.spec().format;
    if (stored == OIIO::TypeDesc::UINT8) return inCodes(stored, std::uint8_t{});
    if (stored == OIIO::TypeDesc::UINT16) return inCodes(stored, std::uint16_t{});
    return written(OIIO::TypeDesc::FLOAT, image.values().data());
}

Status PictureOutput::end() {
    const bool closed = inner_->output->close();
    const int error = inner_->file ? inner_->file->end() : 0;
    if (!closed || error != 0) return inner_->failed(error);
    return {};
}

}  // namespace refero::media
