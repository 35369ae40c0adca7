// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <string>
#include <utility>
#include <variant>
#include <vector>

#include "core/chart/chart.h"
#include "core/colour/lab.h"

namespace refero::io {

/// Colours side by side (D50): where two meet, a difference shows.
using Swatch = std::vector<Lab>;

struct DocumentCell {
    DocumentCell(std::string words) : text(std::move(words)) {}
    DocumentCell(const char* words) : text(words) {}
    DocumentCell(const Swatch& colours) : swatch(colours) {}

    std::string text;
    std::optional<Swatch> swatch;
};

struct DocumentColumn {
    enum class Kind { words, number, code };  ///< code may be broken anywhere
    std::string title;
    double share = 0.1;  ///< of the page's width; those of a table make 1
    Kind kind = Kind::words;
};

struct DocumentTable {
    std::vector<DocumentColumn> columns;
    std::vector<std::vector<DocumentCell>>
        rows;  ///< one that begins with an empty cell goes on the one above

    static bool goesOn(const std::vector<DocumentCell>& row) {
        return !row.empty() && row.front().text.empty() && !row.front().swatch;
    }
};

/// A JPEG with an outline in its own pixels; the outline may be empty.
struct DocumentPicture {
    std::string says;
    std::vector<unsigned char> jpeg;
    std::vector<Point> outline;
    int width = 0, height = 0;  ///< of the frame that the outline is in
};

struct DocumentHeading {
    std::string text;
};
struct DocumentWords {
    std::string text;
    bool quiet = false;
};
/// What and its value, a line each.
struct DocumentFacts {
    std::vector<std::pair<std::string, std::string>> rows;
};

using DocumentBlock =
    std::variant<DocumentHeading, DocumentWords, DocumentFacts, DocumentTable, DocumentPicture>;

/// Something to be read on paper or a screen, told once for every kind of file. Colour is in swatches and
/// pictures alone, and what they say stands beside them in words and figures.
struct Document {
    std::string title;
    std::string verdict;  ///< a few words under the title; may be empty
    std::string summary;  ///< a sentence or two under that
    std::vector<DocumentBlock> blocks;
    std::string foot;  ///< what the figures are
};

/// One HTML file (HTML 5) that needs nothing else and prints on A4.
std::string documentHtml(const Document& document);

/// L*, a* and b* of someone as three more columns, and as three more cells.
void addLabColumns(std::vector<DocumentColumn>& columns, const std::string& whose);
void addLab(std::vector<DocumentCell>& row, const Lab& lab);

/// A colour as IEC 61966-2-1's eight bits, cut off where sRGB ends.
std::array<unsigned, 3> srgbBytes(const Lab& d50);

}  // namespace refero::io
