// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/colour/encoding.h"
#include "core/colour/log_curve.h"

namespace refero {

/// A measured or published curve from stored number to linear light, as points joined by straight lines and
/// continued straight beyond its ends.
struct Curve {
    std::string name;
    std::vector<double> stored;  ///< strictly rising
    std::vector<double> linear;  ///< strictly rising; as many
};

/// How a recording's stored numbers relate to its linear light: one of the named encodings, a curve of the
/// camera's own, or its log curve by constants. Cheap to copy.
class Transfer {
  public:
    Transfer(Encoding encoding = Encoding::linear) : named_(encoding) {}

    /// Scaled so that the stored number 1 decodes to 1, the recording's clipping level. An error names what
    /// is wrong: fewer than two points or more than kMaxPoints, not finite, not rising, not covering 0.1 to
    /// 0.9, or running from light to number instead.
    static Result<Transfer> fromCurve(Curve curve);
    static constexpr std::size_t kMaxPoints = 65537;
    /// Scaled in the same way. Errors are those of `validate`.
    static Result<Transfer> fromLog(LogCurve curve);

    double decode(double stored) const;
    double encode(double linear) const;
    std::string_view name() const;
    /// Null for the others.
    const Curve* curve() const { return curve_.get(); }
    const LogCurve* logCurve() const { return log_.get(); }
    /// Nothing for a curve of one's own.
    std::optional<Encoding> named() const { return curve_ || log_ ? std::nullopt : std::optional(named_); }

    bool operator==(const Transfer& other) const;

  private:
    Encoding named_;
    std::shared_ptr<const Curve> curve_;
    std::shared_ptr<const LogCurve> log_;
    double logTop_ = 1;  ///< scene light of the log curve's stored number 1
};

/// Linear light, 1 = clipping, of the perfect diffuser where the curve says where it belongs: of log curves
/// and ACEScct scene light's 1; of PQ 203 cd/m2 and of HLG 75 % signal (ITU-R BT.2408, table 1); of Cineon
/// code 685. Nothing for the others, in which white is put as high as it goes.
std::optional<double> nominalWhite(const Transfer& transfer);

inline std::string_view name(const Transfer& transfer) {
    return transfer.name();
}

}  // namespace refero
