// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <cstdlib>
#include <memory>

namespace refero {

namespace detail {
struct Freed {
    void operator()(float* values) const { std::free(values); }
};
}  // namespace detail

/// A picture's values, not initialised: 24 megapixels should not be touched twice.
using PixelStore = std::unique_ptr<float[], detail::Freed>;

/// Room for `count` values. Throws std::bad_alloc. A large one lies on large pages where the system has
/// them: the first touch of 24 megapixels costs 140 faults instead of 70,000.
PixelStore pixelStore(std::size_t count);

}  // namespace refero
