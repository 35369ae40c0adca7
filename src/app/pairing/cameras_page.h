// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "app/session/setup.h"
#include "app/tables/figure_rows.h"
#include "app/tables/row_table.h"

namespace refero {

/// What is between every two cameras of a place, before and now; the weakest pair is named.
class CamerasPage : public RowTable {
    Q_OBJECT
  public:
    explicit CamerasPage(QWidget* parent);
    /// Of those setups of the place that have a reading.
    void show(const std::vector<Setup>& setups, const std::string& place);

  private:
    FigureRows rows_;
};

}  // namespace refero
