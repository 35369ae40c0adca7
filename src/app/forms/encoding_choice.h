// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QComboBox>
#include <vector>

#include "core/colour/transfer.h"

namespace refero {

/// The named encodings, a curve of one's own where one is in use, and a way to a curve file where that is
/// offered.
class EncodingChoice : public QComboBox {
    Q_OBJECT
  public:
    explicit EncodingChoice(QWidget* parent = nullptr);
    void offerFile(const QString& label);
    void setValue(const Transfer& value);
    const Transfer& value() const { return value_; }

  signals:
    /// By the person.
    void chosen(const refero::Transfer& value);
    void fileWanted();

  private:
    void fill();

    std::vector<Transfer> offered_;
    Transfer value_;
    QString fileLabel_;
};

}  // namespace refero
