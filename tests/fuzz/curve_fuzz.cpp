// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Curves as two columns of numbers or as a 1D LUT; what a LUT of others says of itself.
#include <cmath>
#include <cstdlib>

#include "io/curve_file.h"
#include "io/foreign/cube_scan.h"
#include "on_disk.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* bytes, std::size_t size) {
    if (const auto scan = refero::io::scanCube({reinterpret_cast<const char*>(bytes), size}, "a.cube");
        scan && scan->points1d < 2 && scan->points3d < 2)
        std::abort();
    const auto t = refero::io::readCurve(refero::fuzz::onDisk(bytes, size, ".cube"));
    if (!t) return 0;
    double before = t->decode(0);
    for (int i = 1; i <= 64; ++i) {
        const double now = t->decode(i / 64.0);
        if (!std::isfinite(now) || now < before) std::abort();
        before = now;
    }
    return 0;
}
