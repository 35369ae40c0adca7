// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QStringList>
#include <QWidget>
#include <optional>

#include "core/read/reading.h"

namespace refero {

/// A verdict in letters for somebody three metres away (capitals of 81 px, 23 mm on a display of 0.28 mm
/// pixels), with its shape; under it whose shot it was, what to do in stops, and the two worst findings with
/// their remedies, beside the frame itself.
class VerdictBoard : public QWidget {
    Q_OBJECT
  public:
    explicit VerdictBoard(QWidget* parent = nullptr);
    void show(const Reading& reading, const QString& setup);
    /// The frame that is judged, for the display; an empty one takes it away.
    void setPicture(const QImage& picture);
    /// No verdict: waiting, reading, no chart.
    void say(const QString& headline, const QString& text);
    const QString& headline() const { return headline_; }
    /// All that stands under it, in one.
    QString text() const { return lines_.join(QLatin1Char(' ')); }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    void told();

    std::optional<Verdict> verdict_;
    QString headline_, setup_;
    QStringList lines_;  ///< the first one largest
    QImage picture_;
};

}  // namespace refero
