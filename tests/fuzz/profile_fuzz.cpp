// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// ICC profiles, as pictures bring them and displays state them.
#include <cstddef>
#include <cstdint>
#include <cstdlib>
#include <string_view>

#include "io/icc/display_transform.h"
#include "io/icc/icc_input.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* bytes, std::size_t size) {
    using namespace refero;
    if (const auto input = io::IccInput::fromBytes({bytes, size})) {
        EncodedImage stored(2, 1);
        for (float& v : stored.values()) v = 0.5f;
        (void)input->linear(stored);
    }
    (void)io::DisplayTransform::fromProfile({reinterpret_cast<const char*>(bytes), size});
    return 0;
}
