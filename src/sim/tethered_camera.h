// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tether/tethered_camera.h"
#include "sim/scene.h"

namespace refero::sim {

/// A stand-in that takes a scene's chart shots one after the other as somebody in a hurry would: the first
/// too dark, then too light, then as it should be, before it goes on to the next.
class SimulatedCamera : public TetheredCamera {
  public:
    /// Shots without a chart are left out.
    explicit SimulatedCamera(Scene scene);
    std::string name() const override { return "Simulated camera on a cable"; }
    Result<std::filesystem::path> shoot(const std::filesystem::path& folder) override;
    /// What comes next.
    Shot next() const;

  private:
    std::vector<Shot> shots_;
    std::size_t taken_ = 0;
};

}  // namespace refero::sim
