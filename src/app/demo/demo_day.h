// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "sim/scene.h"
#include "studio/contents.h"

namespace refero {

/// The demo's studio before its first frame, and the shots that belong to its setups.
struct DemoDay {
    sim::Scene scene;
    studio::Contents contents;
};

/// A day at Harrow Fen Pottery, all of it made up: data/demo.
Result<DemoDay> demoDay();

}  // namespace refero
