// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <openssl/evp.h>

#include <algorithm>
#include <cmath>
#include <cstdio>

#include "core/colour/rgb_space.h"
#include "core/say/figure.h"
#include "io/report/document.h"

namespace refero::io {
namespace {

// Paper first: one column, figures in columns of their own, hairlines only.
constexpr const char* kStyle = R"(
@page { size: A4; margin: 18mm 16mm; }
:root { color: #161616; background: #fff; font: 400 10.5pt/1.45 Inter, "Helvetica Neue", Arial, sans-serif; }
body { max-width: 178mm; margin: 12mm auto; }
h1 { font-size: 20pt; font-weight: 600; line-height: 1.2; margin: 0 0 2mm; }
h2 { font-size: 12.5pt; font-weight: 600; margin: 9mm 0 2mm; break-after: avoid; }
p { margin: 0 0 2mm; }
.quiet { color: #555; }
.verdict { font-size: 12.5pt; font-weight: 600; }
table { border-collapse: collapse; width: 100%; table-layout: fixed; font-variant-numeric: tabular-nums; }
th { text-align: left; font-weight: 600; color: #555; font-size: 9pt; }
th, td { padding: 1mm 3mm 1mm 0; vertical-align: top; }
tr { break-inside: avoid; }
tbody tr { border-top: 0.25pt solid #bbb; }
tbody tr.on { border-top: none; }
.number { text-align: right; }
.facts td:first-child { color: #555; width: 42mm; }
.code { font: 8pt/1.3 ui-monospace, "DejaVu Sans Mono", monospace; word-break: break-all; }
figure { margin: 3mm 0; break-inside: avoid; }
figure img, figure svg { display: block; width: 100%; }
.frame { position: relative; max-width: 130mm; }
.frame svg { position: absolute; inset: 0; height: 100%; }
svg.swatch { width: 27mm; height: 6mm; display: block; }
)";

std::string escaped(const std::string& text) {
    std::string out;
    for (const char c : text) switch (c) {
            case '&':
                out += "&amp;";
                break;
            case '<':
                out += "&lt;";
                break;
            case '>':
                out += "&gt;";
                break;
            case '"':
                out += "&quot;";
                break;
            default:
                out += c;
        }
    return out;
}

std::string base64(const std::vector<unsigned char>& bytes) {
    std::string out(4 * ((bytes.size() + 2) / 3) + 1, '\0');
    const int n = EVP_EncodeBlock(reinterpret_cast<unsigned char*>(out.data()), bytes.data(),
                                  static_cast<int>(bytes.size()));
    out.resize(static_cast<std::size_t>(std::max(0, n)));
    return out;
}

std::string tenths(double v) {
    char text[40];
    // No "-0.0".
    std::snprintf(text, sizeof text, "%.1f", std::abs(v) < 0.05 ? 0.0 : v);
    return text;
}

std::string swatch(const Swatch& colours) {
    std::string out =
        "<td><svg class=\"swatch\" viewBox=\"0 0 9 2\" preserveAspectRatio=\"none\" aria-hidden=\"true\">";
    for (std::size_t i = 0; i < colours.size(); ++i) {
        const auto [r, g, b] = srgbBytes(colours[i]);
        char hex[8];
        std::snprintf(hex, sizeof hex, "#%02x%02x%02x", r & 255u, g & 255u, b & 255u);
        out += "<rect x=\"" + std::to_string(3 * i) + "\" width=\"3\" height=\"2\" fill=\"" + hex + "\"/>";
    }
    return out + "</svg></td>";
}

const char* classOf(DocumentColumn::Kind kind) {
    switch (kind) {
        case DocumentColumn::Kind::number:
            return " class=\"number\"";
        case DocumentColumn::Kind::code:
            return " class=\"code\"";
        case DocumentColumn::Kind::words:
            break;
    }
    return "";
}

struct Printer {
    std::string out;

    void operator()(const DocumentHeading& h) { out += "<h2>" + escaped(h.text) + "</h2>\n"; }
    void operator()(const DocumentWords& w) {
        out += std::string("<p") + (w.quiet ? " class=\"quiet\"" : "") + ">" + escaped(w.text) + "</p>\n";
    }
    void operator()(const DocumentFacts& f) {
        out += "<table class=\"facts\"><tbody>\n";
        for (const auto& [what, value] : f.rows)
            out += "<tr><td>" + escaped(what) + "</td><td>" + escaped(value) + "</td></tr>\n";
        out += "</tbody></table>\n";
    }
    void operator()(const DocumentTable& t) {
        out += "<table><thead><tr>";
        for (const DocumentColumn& c : t.columns) {
            // A heading of code is words.
            out += std::string("<th") + (c.kind == DocumentColumn::Kind::number ? classOf(c.kind) : "") +
                   " style=\"width:" + tenths(100 * c.share) + "%\">" + escaped(c.title) + "</th>";
        }
        out += "</tr></thead><tbody>\n";
        for (const auto& row : t.rows) {
            out += DocumentTable::goesOn(row) ? "<tr class=\"on\">" : "<tr>";
            for (std::size_t i = 0; i < row.size(); ++i)
                out += row[i].swatch ? swatch(*row[i].swatch)
                                     : std::string("<td") + classOf(t.columns[i].kind) + ">" +
                                           escaped(row[i].text) + "</td>";
            out += "</tr>\n";
        }
        out += "</tbody></table>\n";
    }
    // The outline in black and white, so that it shows on every colour.
    void operator()(const DocumentPicture& p) {
        out += "<figure><div class=\"frame\"><img alt=\"" + escaped(p.says) +
               "\" src=\"data:image/jpeg;base64," + base64(p.jpeg) + "\">";
        if (!p.outline.empty() && p.width > 0) {
            std::string points;
            for (const Point& c : p.outline) points += tenths(c.x()) + "," + tenths(c.y()) + " ";
            out += "<svg viewBox=\"0 0 " + std::to_string(p.width) + " " + std::to_string(p.height) +
                   "\" aria-hidden=\"true\">";
            const std::pair<const char*, double> strokes[] = {{"#000", p.width / 350.0},
                                                              {"#fff", p.width / 900.0}};
            for (const auto& [colour, width] : strokes)
                out += "<polygon points=\"" + points + "\" fill=\"none\" stroke=\"" + colour +
                       "\" stroke-width=\"" + tenths(width) + "\"/>";
            out += "</svg>";
        }
        out += "</div></figure>\n";
    }
};

}  // namespace

std::array<unsigned, 3> srgbBytes(const Lab& d50) {
    const Vector3 linear = xyzD50ToLinear(OutputSpace::srgb) * toXyz(d50).vector();
    std::array<unsigned, 3> out{};
    for (std::size_t k = 0; k < 3; ++k)
        out[k] = static_cast<unsigned>(std::lround(
            255 * std::clamp(encode(Encoding::srgb, linear(static_cast<Eigen::Index>(k))), 0.0, 1.0)));
    return out;
}

void addLabColumns(std::vector<DocumentColumn>& columns, const std::string& whose) {
    using Kind = DocumentColumn::Kind;
    columns.push_back({whose + " L*", 0.1, Kind::number});
    columns.push_back({"a*", 0.07, Kind::number});
    columns.push_back({"b*", 0.07, Kind::number});
}

void addLab(std::vector<DocumentCell>& row, const Lab& lab) {
    for (const double v : {lab.L, lab.a, lab.b}) row.emplace_back(decimals(std::abs(v) < 0.05 ? 0.0 : v, 1));
}

std::string documentHtml(const Document& d) {
    Printer p;
    p.out =
        "<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"utf-8\">"
        "<meta name=\"viewport\" content=\"width=device-width\"><title>" +
        escaped(d.title) + "</title><style>" + kStyle + "</style></head><body>\n<h1>" + escaped(d.title) +
        "</h1>\n";
    if (!d.verdict.empty()) p.out += "<p class=\"verdict\">" + escaped(d.verdict) + "</p>\n";
    if (!d.summary.empty()) p({d.summary, true});
    for (const DocumentBlock& block : d.blocks) std::visit(p, block);
    p({d.foot, true});
    return p.out + "</body></html>\n";
}

}  // namespace refero::io
