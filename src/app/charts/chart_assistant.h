// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>

#include "core/chart/chart_data.h"

class QComboBox;
class QPlainTextEdit;

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look
class Dialogs;
class Form;

/// Makes a chart file from colours that somebody measured: the data pasted or from a file, the grid by rows,
/// columns and sizes. The picture follows every change.
class ChartAssistant : public QWidget {
    Q_OBJECT
  public:
    explicit ChartAssistant(Dialogs& dialogs, QWidget* parent = nullptr);
    void begin();
    /// As far as it has come.
    const std::optional<Chart>& chart() const { return chart_; }
    void refuse(const QString& why);

  signals:
    void changed();
    void keepWanted(const refero::Chart& chart);
    void leaveWanted();

  private:
    void take(const QString& text, const QString& origin);
    void openData();
    void enter(const QString& key, const QString& text);
    void rebuild();
    void showFields();

    Dialogs& dialogs_;
    QPlainTextEdit* paste_;
    QComboBox* condition_;
    Form* form_;
    look::Label *method_, *message_;
    look::Button* keep_;
    std::optional<ChartColours> colours_;
    std::optional<Chart> chart_;
    ChartGrid grid_;
    QString name_, source_;
    QString text_, origin_;  ///< of the data that were taken last
    std::string measuredUnder_;
};

}  // namespace refero
