// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/tethered_camera.h"

#include <array>
#include <cstdio>

#include "sim/shoot.h"

namespace refero::sim {
namespace {

// Of the scene's own exposure: five stops under, over, right.
constexpr std::array<double, 3> kTries{1.0 / 32, 1.9, 1.0};

}  // namespace

SimulatedCamera::SimulatedCamera(Scene scene) : shots_(std::move(scene.shots)) {
    std::erase_if(shots_, [](const Shot& s) { return !s.chart; });
}

Shot SimulatedCamera::next() const {
    Shot shot = shots_[taken_ / kTries.size() % shots_.size()];
    shot.exposure *= kTries[taken_ % kTries.size()];
    char name[32];
    std::snprintf(name, sizeof name, "T%04zu", taken_ + 1);
    shot.file = name + std::filesystem::path(shot.file).extension().string();
    shot.seed += static_cast<unsigned>(taken_);
    return shot;
}

Result<std::filesystem::path> SimulatedCamera::shoot(const std::filesystem::path& folder) {
    if (shots_.empty()) return failure("The scene has no chart to shoot.");
    const Shot shot = next();
    ++taken_;
    return shootToFile(shot, folder).map([&] { return folder / shot.file; });
}

}  // namespace refero::sim
