// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QDoubleSpinBox>

namespace refero::look {

/// A number that is shown with the reader's decimal sign and typed with a comma or a point.
class DecimalBox : public QDoubleSpinBox {
  public:
    using QDoubleSpinBox::QDoubleSpinBox;

    QValidator::State validate(QString& text, int& position) const override {
        for (QChar& c : text)
            if (c == QLatin1Char('.') || c == QLatin1Char(',')) c = locale().decimalPoint().front();
        return QDoubleSpinBox::validate(text, position);
    }
};

}  // namespace refero::look
