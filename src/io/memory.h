// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>

namespace refero::io {

/// A quarter of the machine's memory in bytes; 2 GB where the system does not tell how much it has.
std::size_t quarterOfMemory();

}  // namespace refero::io
