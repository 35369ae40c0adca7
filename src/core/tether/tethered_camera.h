// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>

#include "core/result.h"

namespace refero {

/// A camera on a cable, which leaves its frames in a folder. Calls may take seconds.
class TetheredCamera {
  public:
    virtual ~TetheredCamera() = default;
    virtual std::string name() const = 0;
    /// Releases the shutter; the frame's path once it is whole.
    virtual Result<std::filesystem::path> shoot(const std::filesystem::path& folder) = 0;
};

}  // namespace refero
