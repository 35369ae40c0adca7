// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QBuffer>
#include <QColor>
#include <QFont>
#include <QImage>
#include <QPainter>
#include <QPdfWriter>
#include <QPolygonF>
#include <QString>
#include <filesystem>

#include "core/result.h"

namespace refero::paper {

/// A4 pages filled from top to bottom. All lengths are millimetres from the upper left corner of the paper.
class PageFlow {
  public:
    explicit PageFlow(const QString& title);

    double y() const { return y_; }
    void skip(double mm) { y_ += mm; }
    /// Begins another page where less than `mm` is left; true where it did.
    bool need(double mm);
    void newPage();
    /// A line at the foot of every page from here on, with the page's number.
    void setFoot(const QString& text);

    struct Type {
        double points = 9;
        QFont::Weight weight = QFont::Normal;
        int grey = 20;          ///< 0 black, 255 white
        bool figures = false;   ///< tabular, and at the right
        bool anywhere = false;  ///< may be broken within a word
    };
    /// Height of a text that is wrapped to a width.
    double heightOf(const QString& text, double width, const Type& type) const;
    /// Wrapped text; gives its height. The flow does not move.
    double text(double x, double y, double width, const QString& text, const Type& type);
    void line(double x1, double y1, double x2, double y2, double width, int grey);
    void box(double x, double y, double side);
    void fill(double x, double y, double width, double height, const QColor& colour = Qt::black);
    void image(double x, double y, double width, double height, const QImage& image);
    void outline(const QPolygonF& corners, double width, int grey);
    /// Ends the last page and writes the PDF. Errors: the target cannot be written.
    Status write(const std::filesystem::path& target);

    static constexpr double kLeft = 18, kRight = 192, kTop = 18, kBottom = 279;

  private:
    double dots(double mm) const { return mm / 25.4 * kDotsPerInch; }
    QFont font(const Type& type) const;
    QRectF rectangle(double x, double y, double width, double height) const;
    void printFoot();

    static constexpr int kDotsPerInch = 600;
    QBuffer pdf_;  ///< in memory, so that a full disk is told
    QPdfWriter writer_;
    QPainter painter_;
    double y_ = kTop;
    QString foot_;
    int page_ = 1;
};

}  // namespace refero::paper
