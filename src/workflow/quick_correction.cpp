// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/quick_correction.h"

#include <filesystem>

#include "core/fit/fit.h"
#include "core/plan/moment.h"
#include "io/read_frame.h"

namespace refero::workflow {

Result<Correction> quickCorrection(const QuickSource& source, const std::stop_token& stop) {
    const auto frame = io::readFrame(source.twin);
    if (!frame) return tl::unexpected(frame.error());
    const auto reading = io::readAnyChart(*frame, source.charts, {}, stop);
    if (!reading) return tl::unexpected(reading.error());
    if (reading->verdict == Verdict::reshoot)
        return failure(std::filesystem::path(source.twin).filename().string() +
                       " is too poor a chart shot to correct the camera's own pictures by.");
    FitOptions options;
    options.stop = stop;
    options.finish = source.finish;
    auto c = fit(std::span(&*reading, 1), options);
    if (!c) return c;
    c->name = "Quick, " + std::filesystem::path(source.twin).filename().string();
    c->built = plan::isoText(plan::now());
    return c;
}

}  // namespace refero::workflow
