// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>
#include <vector>

#include "core/fit/correction.h"

namespace refero {

/// What the figures are, and how sure they are: a line a figure, on a scale of CIEDE2000 by ratios, with what
/// balance alone leaves, what the correction leaves and what to expect of unseen colours.
class CertaintyView : public QWidget {
    Q_OBJECT
  public:
    explicit CertaintyView(QWidget* parent = nullptr);
    void setCorrection(const std::optional<Correction>& correction);

    struct Mark {
        double value = 0;
        std::optional<Interval> interval;
    };
    struct Row {
        QString name;
        Mark before, after, unseen;
    };
    const std::vector<Row>& rows() const { return rows_; }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    void paintMark(class QPainter& painter, const Mark& mark, int shape, double y) const;
    double xOf(double difference) const;

    std::vector<Row> rows_;
};

}  // namespace refero
