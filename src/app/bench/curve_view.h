// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>

#include "core/colour/transfer.h"
#include "core/series/series.h"

namespace refero {

/// A profile's measured characteristic curve, code value against stops of light, over the curve that it
/// states.
class CurveView : public QWidget {
    Q_OBJECT
  public:
    explicit CurveView(QWidget* parent = nullptr);
    /// `stated` is the recording's own.
    void setProfile(const SeriesProfile& profile, const Transfer& stated);
    void clear();

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    std::vector<CurvePoint> points_;
    std::optional<CurveFit> fit_;
    Transfer stated_;
};

}  // namespace refero
