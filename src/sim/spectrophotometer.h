// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <random>

#include "core/instrument/spectrophotometer.h"

namespace refero::sim {

/// How one copy came to differ from its design.
struct CopyHistory {
    double months = 6;      ///< since it was made; colours fade towards grey and white yellows
    double spread = 0.004;  ///< of its making, reflectance
    unsigned seed = 1;
};
/// The design as this copy is by now.
Chart aged(const Chart& design, const CopyHistory& history);

/// A stand-in for a hand-held instrument, 380 to 730 nm in steps of 10: it lies on whichever patch was asked
/// for, with noise, and with a lamp and a sensor that drift with every measurement until the white tile is
/// measured.
class SimulatedSpectrophotometer : public Spectrophotometer {
  public:
    static constexpr int kMeasurementsATile = 12;

    explicit SimulatedSpectrophotometer(Chart truth, unsigned seed = 1);
    std::string name() const override { return "Simulated spectrophotometer 0001"; }
    Status calibrate() override;
    bool wantsTile() const override { return sinceTile_ < 0 || sinceTile_ >= kMeasurementsATile; }
    Result<Reflectance> measure() override;
    void layOn(const std::string& patchId) override { patch_ = patchId; }

  private:
    Reflectance seen(const Spectrum& truth);

    Chart truth_;
    std::mt19937 random_;
    std::string patch_;
    int all_ = 0, sinceTile_ = -1;
    std::vector<double> scale_;  ///< that the tile gave, for each wavelength
};

}  // namespace refero::sim
