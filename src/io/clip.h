// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/colour/transfer.h"
#include "core/frame/image.h"
#include "core/result.h"

namespace refero::io {

/// By its ending; no file is opened.
bool isClip(const std::filesystem::path& path);

/// What a clip says of itself, and what had to be assumed where it says nothing.
struct ClipInfo {
    int width = 0, height = 0;
    double seconds = 0;            ///< from its first picture to the end of its last
    std::size_t pictures = 0;      ///< as the container counts them
    double picturesPerSecond = 0;  ///< the mean
    bool variableRate = false;
    std::string codec, matrix;
    bool fullRange = false;
    Encoding encoding = Encoding::rec709;
    bool encodingStated = false;       ///< by the clip
    std::string taken, body;           ///< EXIF's form in UTC; empty where it says nothing
    int orientation = 1;               ///< EXIF 2.3
    std::vector<std::string> assumed;  ///< a sentence each
};

struct ClipPicture {
    EncodedImage image;  ///< R'G'B' of the clip's own matrix and range: 0..1 is black to white
    double seconds = 0;  ///< when it begins to be shown, from the clip's first picture
};

/// What an open clip is read by.
class ClipReader {
  public:
    virtual ~ClipReader() = default;
    virtual const ClipInfo& info() const = 0;
    virtual Result<ClipPicture> at(double seconds) = 0;
    virtual Result<std::optional<ClipPicture>> next() = 0;
};

/// An open clip, for picking pictures by time. One thread at a time.
class Clip {
  public:
    /// Errors: no video in it, a codec or a size that cannot be read, damaged.
    static Result<Clip> open(const std::filesystem::path& path);

    const ClipInfo& info() const { return reader_->info(); }
    /// The picture that is shown at that moment, at constant and variable rate alike; times beyond either end
    /// give the first or last.
    Result<ClipPicture> at(double seconds) { return reader_->at(seconds); }
    /// One picture after the other, from the first; nothing after the last. Going to a moment begins anew.
    Result<std::optional<ClipPicture>> next() { return reader_->next(); }

  private:
    explicit Clip(std::unique_ptr<ClipReader> reader) : reader_(std::move(reader)) {}
    std::unique_ptr<ClipReader> reader_;
};

}  // namespace refero::io
