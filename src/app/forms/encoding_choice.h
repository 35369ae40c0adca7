// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QComboBox>
#include <vector>

#include "core/colour/transfer.h"
#include "core/plan/kit.h"

namespace refero {

/// The named encodings, the kit's curves, a curve of one's own where one is in use, and a way to a curve file
/// where that is offered.
class EncodingChoice : public QComboBox {
    Q_OBJECT
  public:
    explicit EncodingChoice(QWidget* parent = nullptr);
    void offerFile(const QString& label);
    void setValue(const Transfer& value);
    /// The kit's curves; those that cannot be used are left out.
    void setKit(const std::vector<plan::RecordingCurve>& curves);
    const Transfer& value() const { return value_; }

  signals:
    /// By the person.
    void chosen(const refero::Transfer& value);
    void fileWanted();

  private:
    void fill();

    std::vector<Transfer> offered_, kit_;
    Transfer value_;
    QString fileLabel_;
};

}  // namespace refero
