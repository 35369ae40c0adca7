// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QWidget>
#include <optional>

#include "core/read/reading.h"

namespace refero {

/// How the light falls on the chart: a map of it with lines of equal light, the patches' outlines, a shadow's
/// edge, and its size in stops and per cent.
class EvennessMap : public QWidget {
    Q_OBJECT
  public:
    explicit EvennessMap(QWidget* parent = nullptr);
    void setReading(const std::optional<Reading>& reading);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    QString caption() const;

    std::optional<ChartLight> light_;
    Chart chart_;
    bool takenOut_ = false;
    QImage map_;  ///< null until it is made
    int asked_ = 0;
};

}  // namespace refero
