// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "io/handover/dcp_profile.h"

namespace refero::io {

/// A camera profile carried out as a raw developer does it: chapter 6 of the DNG specification 1.4. Between
/// two lights everything is mixed by the reciprocal of the temperature that the neutral tells. Colours that
/// the maps cannot take are cut off. The tone curve bends the largest and the smallest channel of linear ROMM
/// RGB and keeps the hue between them.
class DcpDeveloper {
  public:
    /// `neutral` is camera RGB of a grey. Errors: a colour matrix without an inverse.
    static Result<DcpDeveloper> of(const DcpProfile& profile, const Vector3& neutral);

    /// Of camera RGB divided by the neutral, whose strongest channel is 1; relative to D50.
    Xyz developed(const Vector3& balancedRgb) const;
    /// Of the second light, 0 to 1.
    double share() const { return share_; }
    double kelvin() const { return kelvin_; }

  private:
    double toned(double light) const;

    Matrix3 toRomm_;
    std::optional<HueSatMap> map_, look_;
    std::vector<std::pair<double, double>> curve_;
    double exposure_ = 1, share_ = 0, kelvin_ = 0;
};

}  // namespace refero::io
