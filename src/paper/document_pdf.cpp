// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/document_pdf.h"

#include <algorithm>

#include "paper/page_flow.h"

namespace refero::paper {
namespace {

using io::DocumentCell;
using io::DocumentColumn;

constexpr PageFlow::Type kTitle{20, QFont::DemiBold, 0}, kVerdict{12.5, QFont::DemiBold, 0},
    kHeading{12, QFont::DemiBold, 0}, kBody{9.5, QFont::Normal, 20}, kQuiet{9, QFont::Normal, 85},
    kHead{8.5, QFont::DemiBold, 85}, kHeadNumber{8.5, QFont::DemiBold, 85, true},
    kNumber{9.5, QFont::Normal, 20, true}, kCode{7, QFont::Normal, 60, false, true};
constexpr double kWidth = PageFlow::kRight - PageFlow::kLeft, kGap = 4, kGapOfNumbers = 1, kRowPadding = 1.1;
constexpr double kSwatchWidth = 27, kSwatchHeight = 4.2;

QString text(const std::string& s) {
    return QString::fromStdString(s);
}

const PageFlow::Type& typeOf(DocumentColumn::Kind kind) {
    switch (kind) {
        case DocumentColumn::Kind::number:
            return kNumber;
        case DocumentColumn::Kind::code:
            return kCode;
        case DocumentColumn::Kind::words:
            break;
    }
    return kBody;
}

void swatch(PageFlow& page, double x, double width, const io::Swatch& colours) {
    const double each = std::min(kSwatchWidth, width) / static_cast<double>(colours.size());
    for (std::size_t i = 0; i < colours.size(); ++i) {
        const auto [r, g, b] = io::srgbBytes(colours[i]);
        page.fill(x + each * static_cast<double>(i), page.y() + kRowPadding, each, kSwatchHeight,
                  QColor(static_cast<int>(r), static_cast<int>(g), static_cast<int>(b)));
    }
}

class Table {
  public:
    Table(PageFlow& page, const io::DocumentTable& table) : page_(page), table_(table) {
        double x = PageFlow::kLeft;
        for (std::size_t i = 0; i < table.columns.size(); ++i) {
            const double width = table.columns[i].share * kWidth;
            // The last one ends where the page's text does; figures keep apart by being at the right.
            const bool last = i + 1 == table.columns.size();
            const double gap = !last && isNumber(i) && isNumber(i + 1) ? kGapOfNumbers : kGap;
            columns_.push_back({x, last ? PageFlow::kRight - x : width - gap});
            x += width;
        }
    }

    void print() {
        // A head alone at the foot of a page is none.
        page_.need(headHeight() + (table_.rows.empty() ? 0 : heightOf(table_.rows.front())));
        head();
        for (const auto& row : table_.rows) {
            const double height = heightOf(row);
            if (page_.need(height)) head();
            if (!io::DocumentTable::goesOn(row))
                page_.line(PageFlow::kLeft, page_.y(), PageFlow::kRight, page_.y(), 0.1, 175);
            for (std::size_t i = 0; i < row.size() && i < columns_.size(); ++i) {
                const auto& [x, width] = columns_[i];
                if (row[i].swatch)
                    swatch(page_, x, width, *row[i].swatch);
                else
                    page_.text(x, page_.y() + kRowPadding, width, text(row[i].text),
                               typeOf(table_.columns[i].kind));
            }
            page_.skip(height);
        }
    }

  private:
    struct Place {
        double x, width;
    };

    bool isNumber(std::size_t column) const {
        return table_.columns[column].kind == DocumentColumn::Kind::number;
    }

    static const PageFlow::Type& headType(const DocumentColumn& c) {
        return c.kind == DocumentColumn::Kind::number ? kHeadNumber : kHead;
    }
    double headHeight() const {
        double height = 0;
        for (std::size_t i = 0; i < columns_.size(); ++i)
            height =
                std::max(height, page_.heightOf(text(table_.columns[i].title), columns_[i].width, kHead));
        return height + kRowPadding;
    }
    void head() {
        for (std::size_t i = 0; i < columns_.size(); ++i)
            page_.text(columns_[i].x, page_.y(), columns_[i].width, text(table_.columns[i].title),
                       headType(table_.columns[i]));
        page_.skip(headHeight());
    }
    double heightOf(const std::vector<DocumentCell>& row) const {
        double height = 0;
        for (std::size_t i = 0; i < row.size() && i < columns_.size(); ++i)
            height = std::max(height, row[i].swatch ? kSwatchHeight
                                                    : page_.heightOf(text(row[i].text), columns_[i].width,
                                                                     typeOf(table_.columns[i].kind)));
        return height + 2 * kRowPadding;
    }

    PageFlow& page_;
    const io::DocumentTable& table_;
    std::vector<Place> columns_;
};

struct Printer {
    PageFlow& page;

    void operator()(const io::DocumentHeading& h) {
        // With something under it.
        page.need(28);
        page.skip(6);
        page.skip(page.text(PageFlow::kLeft, page.y(), kWidth, text(h.text), kHeading) + 2);
    }
    void operator()(const io::DocumentWords& w) {
        const auto& type = w.quiet ? kQuiet : kBody;
        page.need(page.heightOf(text(w.text), kWidth, type));
        page.skip(page.text(PageFlow::kLeft, page.y(), kWidth, text(w.text), type) + 1.5);
    }
    void operator()(const io::DocumentFacts& f) {
        constexpr double kWhat = 42;
        page.skip(3);
        for (const auto& [what, value] : f.rows) {
            const double height = page.heightOf(text(value), kWidth - kWhat, kBody) + 2 * kRowPadding;
            page.need(height);
            page.line(PageFlow::kLeft, page.y(), PageFlow::kRight, page.y(), 0.1, 175);
            page.text(PageFlow::kLeft, page.y() + kRowPadding, kWhat - kGap, text(what), kQuiet);
            page.text(PageFlow::kLeft + kWhat, page.y() + kRowPadding, kWidth - kWhat, text(value), kBody);
            page.skip(height);
        }
    }
    void operator()(const io::DocumentTable& t) {
        Table(page, t).print();
        page.skip(3);
    }
    // The outline in black and white, so that it shows on every colour.
    void operator()(const io::DocumentPicture& p) {
        const QImage image = QImage::fromData(p.jpeg.data(), static_cast<int>(p.jpeg.size()));
        if (image.isNull()) return;
        constexpr double kWidest = 130, kHighest = 110;
        const double scale = std::min(kWidest / image.width(), kHighest / image.height());
        const double width = image.width() * scale, height = image.height() * scale;
        page.need(height);
        page.image(PageFlow::kLeft, page.y(), width, height, image);
        if (!p.outline.empty() && p.width > 0) {
            QPolygonF corners;
            for (const Point& c : p.outline)
                corners << QPointF(PageFlow::kLeft + c.x() / p.width * width,
                                   page.y() + c.y() / p.height * height);
            page.outline(corners, 0.5, 0);
            page.outline(corners, 0.2, 255);
        }
        page.skip(height + 2);
    }
};

}  // namespace

Status writeDocument(const std::filesystem::path& target, const io::Document& d) {
    PageFlow page(text(d.title));
    page.setFoot(text(d.title));
    page.skip(page.text(PageFlow::kLeft, page.y(), kWidth, text(d.title), kTitle) + 1);
    if (!d.verdict.empty())
        page.skip(page.text(PageFlow::kLeft, page.y(), kWidth, text(d.verdict), kVerdict) + 1);
    Printer printer{page};
    if (!d.summary.empty()) printer(io::DocumentWords{d.summary, true});
    for (const io::DocumentBlock& block : d.blocks) std::visit(printer, block);
    page.skip(4);
    printer(io::DocumentWords{d.foot, true});
    return page.write(target);
}

}  // namespace refero::paper
