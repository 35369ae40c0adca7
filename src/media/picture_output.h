// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <memory>

#include "core/frame/image.h"
#include "io/frame_file.h"

namespace refero::media {

using io::WriteOptions;

/// A picture that is being written, of which every failure is told. Left to themselves the libraries close a
/// PNG on a full disk without a word, and end the whole program over a JPEG.
class PictureOutput {
  public:
    /// Kind of file by the path's ending. Errors: it cannot be written there, or not of that kind.
    static Result<PictureOutput> begin(const std::filesystem::path& path, int width, int height,
                                       const WriteOptions& options);
    PictureOutput(PictureOutput&&) noexcept;
    PictureOutput& operator=(PictureOutput&&) noexcept;
    ~PictureOutput();

    /// The next rows, from `from` on, one after the other.
    Status rows(int from, const EncodedImage& rows);
    /// All of it is on its way to the disk. Without it the file is no picture.
    Status end();

  private:
    struct Inner;
    explicit PictureOutput(std::unique_ptr<Inner> inner);
    std::unique_ptr<Inner> inner_;
};

}  // namespace refero::media
