// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/report/exposure_card.h"

#include <cmath>
#include <cstdio>

#include "core/assess/tolerance.h"
#include "core/grade/exposure_marks.h"
#include "core/say/figure.h"
#include "core/say/say.h"
#include "words/pair_words.h"
#include "words/terms_words.h"

namespace refero::io {
namespace {

using Kind = DocumentColumn::Kind;

std::string capital(std::string text) {
    if (!text.empty() && text[0] >= 'a' && text[0] <= 'z') text[0] = static_cast<char>(text[0] - 'a' + 'A');
    return text;
}

DocumentFacts settings(const Correction& c, const Transfer& feed, const ExportOptions& o) {
    DocumentFacts out;
    out.rows.emplace_back(say("Camera"), c.body.empty() ? say("not stated") : c.body);
    if (!c.lens.empty()) out.rows.emplace_back(say("Lens"), c.lens);
    out.rows.emplace_back(say("Recording"), std::string(name(c.inputEncoding)));
    out.rows.emplace_back(say("White balance"), say("as in the chart shot, set by hand: the file balances, "
                                                    "and what the camera does by itself is added to it"));
    out.rows.emplace_back(say("Exposure"), o.exposureOffsetStops == 0
                                               ? say("as in the chart shot")
                                               : say("%1 stops %2 the chart shot; the file takes it back",
                                                     decimals(std::abs(o.exposureOffsetStops), 2),
                                                     o.exposureOffsetStops > 0 ? say("over") : say("under")));
    out.rows.emplace_back(
        say("The file is fed"),
        std::string(name(feed)) + (o.videoRange ? say(", video range") : say(", full range")));
    out.rows.emplace_back(say("It gives"),
                          std::string(info(o.space).label) + " (" + std::string(info(o.space).viewing) + ")");
    out.rows.emplace_back(say("Finish"), c.finish.isNone() ? say("none") : inWords(c.finish));
    return out;
}

DocumentTable marks(const Correction& c, const Transfer& feed, const ExportOptions& o) {
    DocumentTable t{{{say("What"), 0.4},
                     {say("Per cent of the signal (IRE)"), 0.3, Kind::number},
                     {say("Code of 1023"), 0.3, Kind::number}},
                    {}};
    for (const ExposureMark& m : exposureMarks(c, feed, o.exposureOffsetStops, o.videoRange))
        t.rows.push_back({capital(words::name(m)), decimals(m.percent, 0), decimals(m.code, 0)});
    return t;
}

DocumentTable sharers(const Correction& c) {
    DocumentTable t{{{say("Chart shot"), 0.34},
                     {say("Counts"), 0.1, Kind::number},
                     {say("Stops"), 0.11, Kind::number},
                     {say("Mired"), 0.11, Kind::number},
                     {say("Its own"), 0.11, Kind::number},
                     {say("Shared"), 0.11, Kind::number},
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
                    ? say("Brings %1 to the reference values of %2.",
                          c.body.empty() ? std::string(say("this camera")) : c.body, c.chartName)
                    : say("Makes %1 look like %2.", c.body.empty() ? std::string(say("this camera")) : c.body,
                          words::aim(c.aim));
    d.blocks.emplace_back(DocumentHeading{say("Set at the camera")});
    d.blocks.emplace_back(settings(c, feed, o));
    d.blocks.emplace_back(DocumentHeading{say("Exposed right when")});
    d.blocks.emplace_back(marks(c, feed, o));
    d.blocks.emplace_back(DocumentWords{
        say("A waveform shows these per cent; a false-colour scale in per cent has its zones there."), true});
    d.blocks.emplace_back(DocumentHeading{say("Exposed otherwise")});
    d.blocks.emplace_back(DocumentWords{words::sentence(exposureTolerance(c)), false});
    if (!c.pool.empty()) {
        d.blocks.emplace_back(DocumentHeading{say("Shared by")});
        d.blocks.emplace_back(DocumentWords{words::poolSentence(c), false});
        d.blocks.emplace_back(sharers(c));
    }
    d.blocks.emplace_back(DocumentHeading{say("Before and after it")});
    d.blocks.emplace_back(DocumentWords{
        say("The level of the chart shot is in this file. A camera profile, a LUT or an exposure before or "
            "after it that brings the level as well brightens or darkens twice: switch one of them off."),
        false});
    d.foot =
        say("Figures are CIEDE2000 (CIE 142-2001) over the chart's patches; mired and stops are from what "
            "the chart shots share. %1",
            c.builtBy);
    return d;
}

}  // namespace refero::io
