// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

namespace refero::numeric {

/// y = offset + slope * x.
struct Line {
    double offset = 0, slope = 0;
};

/// A straight line by weighted least squares (Golub and Van Loan 2013, section 5.3).
class StraightLine {
  public:
    /// `weight` is 0 or more.
    void add(double x, double y, double weight = 1) {
        n_ += weight;
        x_ += weight * x;
        y_ += weight * y;
        xx_ += weight * x * x;
        xy_ += weight * x * y;
    }
    /// The mean of the y where the slope is held at `slope`.
    double offset(double slope) const { return (y_ - slope * x_) / n_; }
    /// Nothing where the variance of the x is not above `least`.
    std::optional<Line> fitted(double least) const {
        const double spread = n_ * xx_ - x_ * x_;
        if (!(n_ > 0 && spread > least * n_ * n_)) return {};
        const double slope = (n_ * xy_ - x_ * y_) / spread;
        return Line{offset(slope), slope};
    }

  private:
    double n_ = 0, x_ = 0, y_ = 0, xx_ = 0, xy_ = 0;
};

}  // namespace refero::numeric
