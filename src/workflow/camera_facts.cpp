// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/camera_facts.h"

namespace refero::workflow {
namespace {

Vector3 balanceIn(const studio::Frame& f) {
    return {f.cameraRed, 1, f.cameraBlue};
}

}  // namespace

CameraFacts cameraFacts(const studio::Contents& contents, studio::SetupId setup, const Reading& reading) {
    CameraFacts out;
    for (const auto& [id, f] : contents.all<studio::Frame>()) {
        if (f.path == reading.framePath && f.dialledKelvin > 0) out.dialledHere = f.dialledKelvin;
        if (!(f.cameraRed > 0 && f.cameraBlue > 0)) continue;
        if (f.setup == setup) out.balances.push_back(balanceIn(f));
        if (f.dialledKelvin > 0 && f.path != reading.framePath && f.body == reading.body &&
            f.serial == reading.serial)
            out.dialled.emplace_back(balanceIn(f), f.dialledKelvin);
    }
    return out;
}

}  // namespace refero::workflow
