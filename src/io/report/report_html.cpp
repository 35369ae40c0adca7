// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <openssl/evp.h>

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <cstdio>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/fit_checks.h"
#include "io/report/report.h"

namespace refero::io {
namespace {

// Paper first: one column, figures in columns of their own, hairlines only. Colour is in patches alone, and
// beside each stands its number.
constexpr const char* kStyle = R"(
@page { size: A4; margin: 18mm 16mm; }
:root { color: #161616; background: #fff; font: 400 10.5pt/1.45 Inter, "Helvetica Neue", Arial, sans-serif; }
body { max-width: 178mm; margin: 12mm auto; }
h1 { font-size: 20pt; font-weight: 600; line-height: 1.2; margin: 0 0 2mm; }
h2 { font-size: 12.5pt; font-weight: 600; margin: 9mm 0 2mm; break-after: avoid; }
p { margin: 0 0 2mm; }
.quiet { color: #555; }
.verdict { font-size: 12.5pt; font-weight: 600; }
table { border-collapse: collapse; width: 100%; font-variant-numeric: tabular-nums; }
th { text-align: left; font-weight: 600; color: #555; font-size: 9pt; }
th, td { padding: 1mm 3mm 1mm 0; vertical-align: top; }
tr { break-inside: avoid; }
tbody tr { border-top: 0.25pt solid #bbb; }
.number { text-align: right; white-space: nowrap; }
.facts td:first-child { color: #555; width: 42mm; }
.hash { font: 8pt/1.3 ui-monospace, "DejaVu Sans Mono", monospace; word-break: break-all; }
figure { margin: 3mm 0; break-inside: avoid; }
figure img, figure svg { display: block; width: 100%; }
.checks { table-layout: fixed; }
.checks th:nth-child(1) { width: 15%; }
.checks th:nth-child(2) { width: 11%; }
.checks th:nth-child(3) { width: 17%; }
.checks th:nth-child(4) { width: 18%; }
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

std::string figure(double v, int digits = 2) {
    char text[40];
    std::snprintf(text, sizeof text, "%.*f", digits, v);
    return text;
}

std::string cell(const std::string& text, bool number = false) {
    return number ? "<td class=\"number\">" + escaped(text) + "</td>" : "<td>" + escaped(text) + "</td>";
}

using Columns = std::initializer_list<std::pair<const char*, bool>>;

std::string tableHead(const std::string& kind, Columns columns) {
    std::string out = "<table class=\"" + kind + "\"><thead><tr>";
    for (const auto& [text, number] : columns)
        out += std::string("<th") + (number ? " class=\"number\"" : "") + ">" + text + "</th>";
    return out + "</tr></thead><tbody>\n";
}

std::string head(Columns columns) {
    return tableHead("figures", columns);
}

std::string heading(const char* text) {
    return std::string("<h2>") + text + "</h2>\n";
}

std::string facts(const ReportContent& r) {
    std::string out = "<table class=\"facts\"><tbody>\n";
    for (const auto& [what, value] : r.facts) out += "<tr>" + cell(what) + cell(value) + "</tr>\n";
    return out + "</tbody></table>\n";
}

// The outline in black and white, so that it shows on every colour.
std::string chartFrame(const ReportContent& r) {
    if (r.picture.empty()) return {};
    std::string out =
        heading("The chart frame, corrected") +
        "<figure><div class=\"frame\"><img alt=\"The chart frame\" src=\"data:image/jpeg;base64," +
        base64(r.picture) + "\">";
    if (r.reading && r.reading->found && r.reading->width > 0) {
        std::string points;
        for (const Point& p : r.reading->corners) points += figure(p.x(), 1) + "," + figure(p.y(), 1) + " ";
        const std::string width = figure(r.reading->width / 350.0, 1),
                          half = figure(r.reading->width / 900.0, 1);
        out += "<svg viewBox=\"0 0 " + std::to_string(r.reading->width) + " " +
               std::to_string(r.reading->height) + "\" aria-hidden=\"true\"><polygon points=\"" + points +
               "\" fill=\"none\" stroke=\"#000\" stroke-width=\"" + width + "\"/><polygon points=\"" +
               points + "\" fill=\"none\" stroke=\"#fff\" stroke-width=\"" + half + "\"/></svg>";
    }
    return out + "</div></figure>\n";
}

// No more digits than a check carries.
std::string measured(double v) {
    return figure(v, std::abs(v) >= 100 ? 0 : std::abs(v) >= 10 ? 1 : 2);
}

std::string checks(const std::vector<Check>& all) {
    std::string out = tableHead(
        "checks", {{"Check", false}, {"Verdict", false}, {"Measured", true}, {"Limit", false}, {"", false}});
    for (const Check& c : all)
        out += "<tr>" + cell(c.title.empty() ? c.id : c.title) + cell(std::string(label(c.verdict))) +
               cell(measured(c.value) + (c.unit.empty() ? "" : " " + c.unit), true) + cell(c.limit) +
               cell(c.verdict == Verdict::pass ? c.reason : c.reason + " " + c.remedy) + "</tr>\n";
    return out + "</tbody></table>\n";
}

std::string between(const Interval& i) {
    return figure(i.low) + " to " + figure(i.high);
}

std::string figures(const Correction& c) {
    std::string out = head({{"CIEDE2000", false},
                            {"Mean", true},
                            {"Half within", true},
                            {"95 % within", true},
                            {"Largest", true},
                            {"Mean, in 95 of 100 cases", true}});
    const auto row = [&](const char* who, const Spread& s, const Interval* i) {
        out += "<tr>" + cell(who) + cell(figure(s.mean), true) + cell(figure(s.median), true) +
               cell(figure(s.percentile95), true) + cell(figure(s.max), true) +
               cell(i ? between(*i) : "", true) + "</tr>\n";
    };
    const auto* sure = c.certainty ? &*c.certainty : nullptr;
    row("Balance alone", c.summary.before, sure ? &sure->before.mean : nullptr);
    row("Corrected", c.summary.after, sure ? &sure->after.mean : nullptr);
    row("Patches left out in turn", c.summary.crossValidated, sure ? &sure->crossValidated.mean : nullptr);
    return out + "</tbody></table>\n";
}

std::string srgb(const Lab& lab) {
    const Vector3 linear = xyzD50ToLinear(OutputSpace::srgb) * toXyz(lab).vector();
    char text[8];
    unsigned v[3];
    for (int k = 0; k < 3; ++k)
        v[k] =
            static_cast<unsigned>(std::lround(255 * std::clamp(encode(Encoding::srgb, linear(k)), 0.0, 1.0)));
    std::snprintf(text, sizeof text, "#%02x%02x%02x", v[0] & 255u, v[1] & 255u, v[2] & 255u);
    return text;
}

// Before, reference and after side by side, the reference in the middle: where two meet, a difference shows.
std::string swatch(const PatchResult& p) {
    std::string out =
        "<td><svg class=\"swatch\" viewBox=\"0 0 9 2\" preserveAspectRatio=\"none\" role=\"img\" "
        "aria-label=\"before, reference, after\">";
    const Lab* const colours[] = {&p.before, &p.reference, &p.after};
    for (int i = 0; i < 3; ++i)
        out += "<rect x=\"" + std::to_string(3 * i) + "\" width=\"3\" height=\"2\" fill=\"" +
               srgb(*colours[i]) + "\"/>";
    return out + "</svg></td>";
}

std::string lab(const Lab& v) {
    return figure(v.L, 1) + "  " + figure(v.a, 1) + "  " + figure(v.b, 1);
}

std::string patches(const Correction& c) {
    std::string out = head({{"Patch", false},
                            {"Before, reference, after", false},
                            {"Reference L* a* b*", true},
                            {"After L* a* b*", true},
                            {"Before", true},
                            {"After", true}});
    for (const PatchResult& p : c.patches)
        out += "<tr>" + cell(p.used ? p.id : p.id + " (not used)") + swatch(p) +
               cell(lab(p.reference), true) + cell(lab(p.after), true) +
               cell(figure(p.differenceBefore), true) + cell(figure(p.differenceAfter), true) + "</tr>\n";
    return out + "</tbody></table>\n";
}

std::string proofs(const Correction& c) {
    if (c.verifications.empty())
        return "<p>Not checked on another shot: what is said here is of the chart that it was built "
               "from.</p>\n";
    std::string out =
        head({{"Shot", false}, {"Chart", false}, {"Mean", true}, {"Half within", true}, {"Largest", true}});
    for (const Verification& v : c.verifications)
        out += "<tr>" + cell(std::filesystem::path(v.framePath).filename().string()) + cell(v.chartName) +
               cell(figure(v.differences.mean), true) + cell(figure(v.differences.median), true) +
               cell(figure(v.differences.max), true) + "</tr>\n";
    return out + "</tbody></table>\n";
}

std::string files(const ReportContent& r) {
    if (r.files.empty()) return {};
    std::string out = heading("Handed over") +
                      head({{"File", false}, {"Bytes", true}, {"Read back", false}, {"SHA-256", false}});
    for (const ReportedFile& f : r.files)
        out += "<tr>" + cell(f.kind.empty() ? f.name : f.name + ", " + f.kind) +
               cell(std::to_string(f.bytes), true) + cell(f.proof) + "<td class=\"hash\">" +
               escaped(f.sha256) + "</td></tr>\n";
    return out + "</tbody></table>\n";
}

}  // namespace

std::string reportHtml(const ReportContent& r) {
    const Correction& c = r.correction;
    const auto judgedFigures = judged(c);
    std::string out =
        "<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"utf-8\">"
        "<meta name=\"viewport\" content=\"width=device-width\"><title>" +
        escaped(r.title) + "</title><style>" + kStyle + "</style></head><body>\n<h1>" + escaped(r.title) +
        "</h1>\n<p class=\"verdict\">" + escaped(std::string(label(worst(judgedFigures)))) +
        "</p>\n<p class=\"quiet\">" + escaped(c.summary.message) + "</p>\n";
    out += facts(r) + chartFrame(r);
    if (r.reading && !r.reading->checks.empty()) out += heading("The chart shot") + checks(r.reading->checks);
    out += heading("The correction") + checks(judgedFigures) + figures(c);
    out += heading("On another shot") + proofs(c);
    out += heading("Patch by patch") + patches(c) + files(r);
    return out +
           "<p class=\"quiet\">Differences are CIEDE2000; colours relative to D50 and the 2 degree "
           "observer. Made by Refero.</p>\n</body></html>\n";
}

}  // namespace refero::io
