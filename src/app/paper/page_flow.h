// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QFont>
#include <QPainter>
#include <QPdfWriter>
#include <QString>

namespace refero::paper {

/// A4 pages filled from top to bottom. All lengths are millimetres from the upper left corner of the paper.
class PageFlow {
  public:
    PageFlow(const QString& file, const QString& title);

    bool begun() const { return painter_.isActive(); }
    double y() const { return y_; }
    void skip(double mm) { y_ += mm; }
    /// Begins another page where less than `mm` is left.
    void need(double mm);
    void newPage();

    struct Type {
        double points = 9;
        QFont::Weight weight = QFont::Normal;
        int grey = 20;  ///< 0 black, 255 white
    };
    /// Height of a text that is wrapped to a width.
    double heightOf(const QString& text, double width, const Type& type) const;
    /// Wrapped text; gives its height. The flow does not move.
    double text(double x, double y, double width, const QString& text, const Type& type);
    void line(double x1, double y1, double x2, double y2, double width, int grey);
    void box(double x, double y, double side);
    void fill(double x, double y, double width, double height);
    /// Ends the last page; false where the file could not be written.
    bool end() { return painter_.end(); }

    static constexpr double kLeft = 18, kRight = 192, kTop = 18, kBottom = 279;

  private:
    double dots(double mm) const { return mm / 25.4 * kDotsPerInch; }
    QFont font(const Type& type) const;

    static constexpr int kDotsPerInch = 600;
    QPdfWriter writer_;
    QPainter painter_;
    double y_ = kTop;
};

}  // namespace refero::paper
