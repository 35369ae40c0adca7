// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>
#include <cstdio>
#include <filesystem>

#include "core/fit/fit_checks.h"
#include "core/say/figure.h"
#include "io/report/report.h"
#include "words/pair_words.h"

namespace refero::io {
namespace {

using Kind = DocumentColumn::Kind;

// No more digits than a check carries.
std::string measured(double v) {
    return decimals(v, std::abs(v) >= 100 ? 0 : std::abs(v) >= 10 ? 1 : 2);
}

DocumentTable checks(const std::vector<Check>& all) {
    DocumentTable t{{{say("Check"), 0.18},
                     {say("Verdict"), 0.11},
                     {say("Measured"), 0.17, Kind::number},
                     {say("Limit"), 0.18},
                     {say("Reason and remedy"), 0.36}},
                    {}};
    for (const Check& c : all)
        t.rows.push_back({c.title.empty() ? c.id : c.title, std::string(label(c.verdict)),
                          measured(c.value) + (c.unit.empty() ? "" : " " + c.unit), c.limit,
                          c.verdict == Verdict::pass ? c.reason : c.reason + " " + c.remedy});
    return t;
}

DocumentTable figures(const Correction& c) {
    DocumentTable t{{{say("CIEDE2000"), 0.27},
                     {say("Mean"), 0.11, Kind::number},
                     {say("Half within"), 0.13, Kind::number},
                     {say("95 % within"), 0.14, Kind::number},
                     {say("Largest"), 0.13, Kind::number},
                     {say("Mean, 95 of 100"), 0.22, Kind::number}},
                    {}};
    const auto row = [&](const std::string& who, const Spread& s, const Interval* i) {
        t.rows.push_back({who, decimals(s.mean, 2), decimals(s.median, 2), decimals(s.percentile95, 2),
                          decimals(s.max, 2), i ? decimals(i->low, 2) + " to " + decimals(i->high, 2) : ""});
    };
    const auto* sure = c.certainty ? &*c.certainty : nullptr;
    row(c.aim.kind == AimKind::reading ? say("As they are") : say("Balance alone"), c.summary.before,
        sure ? &sure->before.mean : nullptr);
    row(say("Corrected"), c.summary.after, sure ? &sure->after.mean : nullptr);
    row(say("Patches left out in turn"), c.summary.crossValidated,
        sure ? &sure->crossValidated.mean : nullptr);
    return t;
}

DocumentTable patches(const Correction& c) {
    DocumentTable t{{{say("Patch"), 0.12}, {say("Before, reference, after"), 0.2}}, {}};
    addLabColumns(t.columns, say("Reference"));
    addLabColumns(t.columns, say("After"));
    for (const std::string& when : {say("Before"), say("After")})
        t.columns.push_back({when, 0.1, Kind::number});
    for (const PatchResult& p : c.patches) {
        std::vector<DocumentCell> row{p.used ? p.id : say("%1 (not used)", p.id),
                                      Swatch{p.before, p.reference, p.after}};
        addLab(row, p.reference);
        addLab(row, p.after);
        row.emplace_back(decimals(p.differenceBefore, 2));
        row.emplace_back(decimals(p.differenceAfter, 2));
        t.rows.push_back(std::move(row));
    }
    return t;
}

DocumentBlock proofs(const Correction& c) {
    if (c.verifications.empty())
        return DocumentWords{
            say("Not checked on another shot: what is said here is of the chart that it was built from.")};
    DocumentTable t{{{say("Shot"), 0.34},
                     {say("Chart"), 0.27},
                     {say("Mean"), 0.12, Kind::number},
                     {say("Half within"), 0.14, Kind::number},
                     {say("Largest"), 0.13, Kind::number}},
                    {}};
    for (const Verification& v : c.verifications)
        t.rows.push_back({std::filesystem::path(v.framePath).filename().string(), v.chartName,
                          decimals(v.differences.mean, 2), decimals(v.differences.median, 2),
                          decimals(v.differences.max, 2)});
    return t;
}

DocumentTable files(const std::vector<ReportedFile>& all) {
    DocumentTable t{{{say("File"), 0.32},
                     {say("Bytes"), 0.13, Kind::number},
                     {say("Read back"), 0.25},
                     {say("SHA-256"), 0.30, Kind::code}},
                    {}};
    for (const ReportedFile& f : all)
        t.rows.push_back(
            {f.kind.empty() ? f.name : f.name + ", " + f.kind, std::to_string(f.bytes), f.proof, f.sha256});
    return t;
}

DocumentPicture chartFrame(const ReportContent& r) {
    DocumentPicture p;
    p.says = say("The chart frame");
    p.jpeg = r.picture;
    if (!r.reading || !r.reading->found) return p;
    p.outline.assign(r.reading->corners.begin(), r.reading->corners.end());
    p.width = r.reading->width;
    p.height = r.reading->height;
    return p;
}

}  // namespace

Document reportDocument(const ReportContent& r) {
    const Correction& c = r.correction;
    const auto judgedFigures = judged(c);
    Document d;
    d.title = r.title;
    d.verdict = std::string(label(worst(judgedFigures)));
    d.summary = c.summary.message;
    if (c.aim.kind == AimKind::reading) d.summary = say("Goes towards %1. %2", words::aim(c.aim), d.summary);
    const auto add = [&](const std::string& heading, DocumentBlock block) {
        d.blocks.emplace_back(DocumentHeading{heading});
        d.blocks.push_back(std::move(block));
    };
    d.blocks.emplace_back(DocumentFacts{r.facts});
    if (!r.picture.empty()) add(say("The chart frame, corrected"), chartFrame(r));
    if (r.reading && !r.reading->checks.empty()) add(say("The chart shot"), checks(r.reading->checks));
    add("The correction", checks(judgedFigures));
    d.blocks.emplace_back(figures(c));
    add(say("On another shot"), proofs(c));
    add(say("Patch by patch"), patches(c));
    if (!r.files.empty()) add(say("Handed over"), files(r.files));
    d.foot =
        say("Differences are CIEDE2000; colours relative to D50 and the 2 degree observer. Made by Refero.");
    return d;
}

}  // namespace refero::io
