// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QWidget>
#include <memory>
#include <vector>

#include "core/series/series.h"

namespace refero {

/// A step of a profile, as two numbers.
struct SeriesCell {
    std::size_t profile = 0, step = 0;
    friend bool operator==(const SeriesCell&, const SeriesCell&) = default;
};

/// Profiles by steps: the chart of each shot, a strip of skin, red and grey beside those of the base, and
/// what can be used. A click chooses the cell that is looked at, with Shift the one that it is held against;
/// so do the arrow keys and Shift.
class SeriesGrid : public QWidget {
    Q_OBJECT
  public:
    explicit SeriesGrid(QWidget* parent = nullptr);
    void setSeries(std::shared_ptr<const Series> series, const Chart& chart);
    void clear();
    /// In the series' order, profile by profile.
    void setPictures(std::vector<std::vector<QImage>> pictures);

    /// As it is seen, with these pictures and its strips in sRGB; two pixels for one.
    QImage forPaper(std::vector<std::vector<QImage>> srgbPictures);

    SeriesCell chosen() const { return chosen_; }
    SeriesCell against() const { return against_; }
    void choose(const SeriesCell& cell, bool against);
    QRect cellRect(const SeriesCell& cell) const;
    QSize sizeHint() const override;

  signals:
    void chosenChanged();
    void picturesChanged();
    /// From the menu: that this shot counts as normally exposed.
    void normalWanted(const refero::SeriesCell& cell);
    void profileWanted(const refero::SeriesCell& cell);
    void filterWanted(const refero::SeriesCell& cell);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;
    bool event(QEvent* event) override;

  private:
    int columnOf(double stops) const;
    int rowHeight() const;
    int columnWidth() const;
    std::optional<SeriesCell> cellAt(const QPoint& at) const;
    QString said(const SeriesCell& cell) const;
    void paintRow(QPainter& painter, std::size_t profile) const;
    void paintCell(QPainter& painter, const SeriesCell& cell) const;
    void paintRange(QPainter& painter, std::size_t profile) const;
    double xOf(double stops) const;
    void describe();

    std::shared_ptr<const Series> series_;
    std::vector<std::size_t> strip_;
    std::vector<double> columns_;  ///< stops, rising
    std::vector<std::vector<QImage>> pictures_;
    SeriesCell chosen_, against_;
    bool paper_ = false;  ///< it is painted for paper just now
};

}  // namespace refero
