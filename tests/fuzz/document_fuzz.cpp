// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Our own documents as they come back from others: corrections, readings, jobs of frames.
#include <cmath>
#include <cstddef>
#include <cstdint>
#include <cstdlib>
#include <string_view>

#include "core/render/render.h"
#include "io/batch/job.h"
#include "io/correction_file.h"
#include "io/reading_file.h"
#include "on_disk.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* bytes, std::size_t size) {
    using namespace refero;
    const std::string_view text(reinterpret_cast<const char*>(bytes), size);
    if (const auto c = io::parseCorrection(text, "fuzz")) {
        // What was read is written so that it is read again, and colours go through it.
        if (!io::parseCorrection(io::toJson(*c).dump(), "again")) std::abort();
        const Rendering r = compile(*c, OutputSpace::srgb);
        for (const double x : {0.0, 0.18, 1.0})
            if (!rendered({x, x, x}, r).allFinite()) std::abort();
    }
    if (const auto reading = io::parseReading(text, "fuzz"))
        if (!io::parseReading(io::toJson(*reading).dump(), "again")) std::abort();
    if (text.find("refero-batch") != text.npos)
        if (const auto job = io::readBatchJob(fuzz::onDisk(bytes, size, ".json"))) {
            if (!job->validate()) std::abort();
            for (std::size_t i = 0; i < job->frames.size(); ++i)
                if (const auto named = io::nameFor(*job, i); named && named->find('/') != named->npos)
                    std::abort();
        }
    return 0;
}
