// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/setup_work.h"

#include "workflow/correction.h"

namespace refero::workflow {
namespace {

using What = SetupOutcome::What;

void mend(SetupWork& work, const Setup& setup, const plan::Shoot& shoot, const std::stop_token& stop) {
    auto mended = mendedCorrection(setup, shoot, stop);
    if (!mended) return;  // it was stopped
    work.why = mended->why;
    work.mended = mended->correction.has_value();
    work.correction = std::move(mended->correction);
}

}  // namespace

SetupWork workOn(Setup setup, const Setup* leader, const plan::Shoot& shoot, const ShotContext& context,
                 FrameCache& frames, const std::stop_token& stop) {
    SetupWork out;
    if (!setup.reading && setup.chartFrame.empty()) return out;
    if (!setup.reading) {
        ReadShotOptions how;
        how.hash = true;
        how.frames = &frames;
        out.shot = readShot(setup.chartFrame, context, how, stop);
        if (!out.shot->reading) {
            out.why = out.shot->reading.error().message;
            return out;
        }
        setup.reading = *out.shot->reading;
    }
    const auto due = dueCorrection(setup, leader, shoot, {});
    if (!due) {
        out.why = due.error().message;
    } else if (due->what == What::done) {
        auto c = due->run(stop);
        if (c)
            out.correction = *std::move(c);
        else
            out.why = c.error().message;
    } else if (due->what == What::reshoot && !setup.correction) {
        mend(out, setup, shoot, stop);
    }
    if (out.correction) out.document = documentOf(*out.correction);
    return out;
}

}  // namespace refero::workflow
