// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/tables/patch_model.h"
#include "app/tables/row_table.h"

namespace refero {

/// The patches as a table; Ctrl+C copies it whole, as text with tabs.
class PatchTable : public RowTable {
    Q_OBJECT
  public:
    explicit PatchTable(QWidget* parent = nullptr);
    /// Narrower, without noise and clipping, which the findings sum up.
    void setCompact(bool compact);
    PatchModel& patches() { return model_; }
    /// The whole table as text, one line a patch.
    QString asText() const;

  signals:
    void patchChosen(int index);
    /// L: the patch is left out, or counts again.
    void leaveOutWanted(int index);

  protected:
    void keyPressEvent(QKeyEvent* event) override;
    void currentChanged(const QModelIndex& current, const QModelIndex& previous) override;

  private:
    PatchModel model_;
};

}  // namespace refero
