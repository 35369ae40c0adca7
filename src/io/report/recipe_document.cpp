// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/report/recipe_document.h"

#include <cstdio>

#include "core/colour/lab.h"
#include "core/say/figure.h"
#include "words/pair_words.h"

namespace refero::io {
namespace {

using Kind = DocumentColumn::Kind;

std::string orNone(double v, int digits, const char* unit) {
    return v == 0 ? "" : signedSetting(v, digits) + unit;
}

// The hues have a table of their own.
bool isHues(const RecipeStep& s) {
    return s.name == "Hues";
}

DocumentTable steps(const Recipe& r) {
    DocumentTable t{{{say("Step"), 0.22}, {say("What to set"), 0.64}, {say("Left"), 0.14, Kind::number}}, {}};
    int n = 1;
    for (const RecipeStep& s : r.steps) {
        std::vector<std::string> lines = s.instructions;
        if (lines.empty())
            lines = {say("Nothing to do.")};
        else if (isHues(s))
            lines = {say("Each sector as in the table below.")};
        for (std::size_t i = 0; i < lines.size(); ++i)
            t.rows.push_back({i == 0 ? std::to_string(n) + "  " + s.name : "", lines[i],
                              i + 1 == lines.size() ? decimals(s.left, 1) : ""});
        ++n;
    }
    return t;
}

// A colour of medium lightness and chroma in that hue, before and after.
Swatch movedHue(double degrees, const HueMove& m) {
    Lch from;
    from.L = 60;
    from.C = 40;
    from.h = degrees;
    from.white = white::d50;
    Lch to = from;
    to.h += m.turnDegrees;
    to.C *= 1 + m.saturationPercent / 100;
    to.L += m.lightness * 40 / 50;
    return {toLab(from), toLab(to)};
}

DocumentTable hues(const RecipeSettings& s) {
    DocumentTable t{{{say("Sector"), 0.28},
                     {say("Before and after"), 0.24},
                     {say("Turn"), 0.16, Kind::number},
                     {say("Saturation"), 0.16, Kind::number},
                     {say("Lightness"), 0.16, Kind::number}},
                    {}};
    const auto row = [&](const std::string& who, double degrees, const HueMove& m) {
        if (m.isNone()) return;
        t.rows.push_back({who, movedHue(degrees, m), orNone(m.turnDegrees, 0, "\u00b0"),
                          orNone(m.saturationPercent, 0, " %"), orNone(m.lightness, 1, "")});
    };
    for (std::size_t i = 0; i < kRecipeSectors.size(); ++i) {
        const HueSector& h = kRecipeSectors[i];
        row(std::string(h.letters) + ", " + say(h.words) + ", " + decimals(h.degrees, 0) + "\u00b0",
            h.degrees, s.sectors[i]);
    }
    return t;
}

DocumentTable patches(const Recipe& r) {
    DocumentTable t{{{say("Patch"), 0.14}, {say("Wanted, by the recipe"), 0.24}}, {}};
    addLabColumns(t.columns, say("Wanted"));
    addLabColumns(t.columns, say("Recipe"));
    t.columns.push_back({say("Left"), 0.14, Kind::number});
    for (const RecipePatch& p : r.patches) {
        std::vector<DocumentCell> row{p.id, Swatch{p.wanted, p.reached}};
        addLab(row, p.wanted);
        addLab(row, p.reached);
        row.emplace_back(decimals(p.left, 1));
        t.rows.push_back(std::move(row));
    }
    return t;
}

}  // namespace

Document recipeDocument(const Recipe& r, const Correction& c) {
    Document d;
    d.title = say("Recipe for %1", c.name);
    d.verdict = say("%1 before, %2 in the end", decimals(r.start, 1), decimals(r.left, 1));
    d.summary =
        say("From the frame as it was recorded, in sRGB. The figures are the chart's mean difference "
            "(CIEDE2000) from the corrected picture after each step; what is left at most is %1 (%2).",
            decimals(r.largest, 1), r.worst);
    if (c.aim.kind == AimKind::reading) d.summary = say("The goal is %1. %2", words::aim(c.aim), d.summary);
    d.blocks.emplace_back(DocumentHeading{say("In this order")});
    d.blocks.emplace_back(steps(r));
    if (DocumentTable table = hues(r.settings); !table.rows.empty()) {
        d.blocks.emplace_back(DocumentHeading{say("Hues, sector by sector")});
        d.blocks.emplace_back(
            DocumentWords{say("A positive turn is counter-clockwise in the a*b* plane, from red over yellow "
                              "to green; lightness is L* of a colour of medium strength."),
                          true});
        d.blocks.emplace_back(std::move(table));
    }
    d.blocks.emplace_back(DocumentHeading{say("What is left, patch by patch")});
    d.blocks.emplace_back(patches(r));
    d.foot = say("Found by optimising exactly these settings on the chart's patches. Made by Refero.");
    return d;
}

}  // namespace refero::io
