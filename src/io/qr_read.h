// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/frame/image.h"

namespace refero::io {

/// Texts of the QR symbols in a picture, without the same one twice. The picture is looked at at most 1,600
/// pixels wide, where a slate held beside a chart is still some hundred.
std::vector<std::string> codesIn(const LinearImage& image);

}  // namespace refero::io
