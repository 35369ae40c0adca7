// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "io/sequence.h"

namespace refero::io {

/// A raw file and the one JPEG or HEIF of its folder that has its name are one item with a twin, in the raw
/// file's place; all else stays as it is. Files that may be raw are opened to see.
std::vector<MediaItem> withTwins(std::vector<MediaItem> items);

}  // namespace refero::io
