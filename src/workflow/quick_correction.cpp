// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/quick_correction.h"

#include <filesystem>

#include "core/fit/fit.h"
#include "core/plan/moment.h"
#include "core/say/say.h"
#include "io/correction_file.h"
#include "io/read_frame.h"
#include "io/reading_file.h"

namespace refero::workflow {

Result<Correction> quickCorrection(const QuickSource& source, const std::stop_token& stop) {
    const auto raw = io::parseReading(source.reading, "The reading");
    if (!raw) return tl::unexpected(raw.error());
    const auto whole = io::parseCorrection(source.correction, "The correction");
    if (!whole) return tl::unexpected(whole.error());
    const auto frame = io::readFrame(source.twin);
    if (!frame) return tl::unexpected(frame.error());
    const auto reading = io::readAnyChart(*frame, {raw->chart}, {}, stop);
    if (!reading) return tl::unexpected(reading.error());
    if (reading->verdict == Verdict::reshoot)
        return failure(say("%1 is too poor a chart shot to correct the camera's own pictures by.",
                           std::filesystem::path(source.twin).filename().string()));
    FitOptions options;
    options.stop = stop;
    options.finish = whole->finish;
    auto c = fit(std::span(&*reading, 1), options);
    if (!c) return c;
    c->name = say("Quick, %1", std::filesystem::path(source.twin).filename().string());
    c->built = plan::isoText(plan::now());
    return c;
}

}  // namespace refero::workflow
