// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <memory>

#include "core/instrument/copy_measurement.h"
#include "core/instrument/spectrophotometer.h"

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look

/// Measures one physical copy of a chart patch by patch with an instrument: the tile, then each patch in
/// turn; Space measures.
class CopyPanel : public QWidget {
    Q_OBJECT
  public:
    explicit CopyPanel(QWidget* parent = nullptr);
    void begin(const Chart& design, const QString& copy, std::unique_ptr<Spectrophotometer> instrument);
    const CopyMeasurement* measurement() const { return copy_.get(); }
    int patch() const { return patch_; }
    void goTo(int patch);

  signals:
    void changed();
    /// The chart with this copy's values, and who measured it with what.
    void keepWanted(const refero::Chart& measured, const QString& reference);
    void leaveWanted();

  protected:
    void keyPressEvent(QKeyEvent* event) override;

  private:
    void calibrate();
    void measure();
    void refresh(const QString& said);

    std::unique_ptr<CopyMeasurement> copy_;
    std::shared_ptr<Spectrophotometer> instrument_;
    QString label_;
    int patch_ = 0;
    bool busy_ = false;
    look::Label *title_, *instrumentText_, *now_, *said_;
    look::Button *tile_, *measure_, *keep_;
};

}  // namespace refero
