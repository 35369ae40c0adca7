// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/report/exposure_card.h"

#include <cmath>
#include <cstdio>

#include "core/assess/tolerance.h"
#include "core/grade/exposure_marks.h"
#include "words/pair_words.h"
#include "words/terms_words.h"

namespace refero::io {
namespace {

using Kind = DocumentColumn::Kind;

std::string decimals(double v, int digits) {
    char text[40];
    std::snprintf(text, sizeof text, "%.*f", digits, v);
    return text;
}

std::string capital(std::string text) {
    if (!text.empty() && text[0] >= 'a' && text[0] <= 'z') text[0] = static_cast<char>(text[0] - 'a' + 'A');
    return text;
}

DocumentFacts settings(const Correction& c, const Transfer& feed, const ExportOptions& o) {
    DocumentFacts out;
    out.rows.emplace_back("Camera", c.body.empty() ? "not stated" : c.body);
    if (!c.lens.empty()) out.rows.emplace_back("Lens", c.lens);
    out.rows.emplace_back("Recording", std::string(name(c.inputEncoding)));
    out.rows.emplace_back("White balance",
                          "as in the chart shot, set by hand: the file balances, and what the "
                          "camera does by itself is added to it");
    out.rows.emplace_back("Exposure", o.exposureOffsetStops == 0
                                          ? "as in the chart shot"
                                          : decimals(std::abs(o.exposureOffsetStops), 2) + " stops " +
                                                (o.exposureOffsetStops > 0 ? "over" : "under") +
                                                " the chart shot; the file takes it back");
    out.rows.emplace_back("The file is fed",
                          std::string(name(feed)) + (o.videoRange ? ", video range" : ", full range"));
    out.rows.emplace_back("It gives",
                          std::string(info(o.space).label) + " (" + std::string(info(o.space).viewing) + ")");
    out.rows.emplace_back("Finish", c.finish.isNone() ? "none" : inWords(c.finish));
    return out;
}

DocumentTable marks(const Correction& c, const Transfer& feed, const ExportOptions& o) {
    DocumentTable t{{{"What", 0.4},
                     {"Per cent of the signal (IRE)", 0.3, Kind::number},
                     {"Code of 1023", 0.3, Kind::number}},
                    {}};
    for (const ExposureMark& m : exposureMarks(c, feed, o.exposureOffsetStops, o.videoRange))
        t.rows.push_back({capital(words::name(m)), decimals(m.percent, 0), decimals(m.code, 0)});
    return t;
}

DocumentTable sharers(const Correction& c) {
    DocumentTable t{{{"Chart shot", 0.34},
                     {"Counts", 0.1, Kind::number},
                     {"Stops", 0.11, Kind::number},
                     {"Mired", 0.11, Kind::number},
                     {"Its own", 0.11, Kind::number},
                     {"Shared", 0.11, Kind::number},
                     {"As it is", 0.12, Kind::number}},
                    {}};
    for (const PooledShot& s : c.pool)
        t.rows.push_back({s.name, decimals(s.weight, 1), decimals(s.stops, 2),
                          s.mired ? decimals(*s.mired, 0) : "-", decimals(s.own, 2), decimals(s.balanced, 2),
                          decimals(s.asIs, 2)});
    return t;
}

}  // namespace

Document exposureCard(const Correction& c, const std::string& file, const Transfer& feed,
                      const ExportOptions& o) {
    Document d;
    d.title = file;
    d.summary = c.aim.kind == AimKind::reference
                    ? "Brings " + (c.body.empty() ? std::string("this camera") : c.body) +
                          " to the reference values of " + c.chartName + "."
                    : "Makes " + (c.body.empty() ? std::string("this camera") : c.body) + " look like " +
                          words::aim(c.aim) + ".";
    d.blocks.emplace_back(DocumentHeading{"Set at the camera"});
    d.blocks.emplace_back(settings(c, feed, o));
    d.blocks.emplace_back(DocumentHeading{"Exposed right when"});
    d.blocks.emplace_back(marks(c, feed, o));
    d.blocks.emplace_back(DocumentWords{
        "A waveform shows these per cent; a false-colour scale in per cent has its zones there.", true});
    d.blocks.emplace_back(DocumentHeading{"Exposed otherwise"});
    d.blocks.emplace_back(DocumentWords{words::sentence(exposureTolerance(c)), false});
    if (!c.pool.empty()) {
        d.blocks.emplace_back(DocumentHeading{"Shared by"});
        d.blocks.emplace_back(DocumentWords{words::poolSentence(c), false});
        d.blocks.emplace_back(sharers(c));
    }
    d.blocks.emplace_back(DocumentHeading{"Before and after it"});
    d.blocks.emplace_back(
        DocumentWords{"The level of the chart shot is in this file. A camera profile, a LUT or an exposure "
                      "before or after it "
                      "that brings the level as well brightens or darkens twice: switch one of them off.",
                      false});
    d.foot =
        "Figures are CIEDE2000 (CIE 142-2001) over the chart's patches; mired and stops are from what the "
        "chart "
        "shots share. " +
        c.builtBy;
    return d;
}

}  // namespace refero::io
