// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/report/recipe_document.h"

#include <cstdio>

#include "core/colour/lab.h"
#include "words/pair_words.h"

namespace refero::io {
namespace {

using Kind = DocumentColumn::Kind;

std::string figure(double v, int digits = 1) {
    char text[40];
    std::snprintf(text, sizeof text, "%.*f", digits, v);
    return text;
}

std::string orNone(double v, int digits, const char* unit) {
    return v == 0 ? "" : signedSetting(v, digits) + unit;
}

// The hues have a table of their own.
bool isHues(const RecipeStep& s) {
    return s.name == "Hues";
}

DocumentTable steps(const Recipe& r) {
    DocumentTable t{{{"Step", 0.22}, {"What to set", 0.64}, {"Left", 0.14, Kind::number}}, {}};
    int n = 1;
    for (const RecipeStep& s : r.steps) {
        std::vector<std::string> lines = s.instructions;
        if (lines.empty())
            lines = {"Nothing to do."};
        else if (isHues(s))
            lines = {"Each sector as in the table below."};
        for (std::size_t i = 0; i < lines.size(); ++i)
            t.rows.push_back({i == 0 ? std::to_string(n) + "  " + s.name : "", lines[i],
                              i + 1 == lines.size() ? figure(s.left) : ""});
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
    DocumentTable t{{{"Sector", 0.28},
                     {"Before and after", 0.24},
                     {"Turn", 0.16, Kind::number},
                     {"Saturation", 0.16, Kind::number},
                     {"Lightness", 0.16, Kind::number}},
                    {}};
    const auto row = [&](const std::string& who, double degrees, const HueMove& m) {
        if (m.isNone()) return;
        t.rows.push_back({who, movedHue(degrees, m), orNone(m.turnDegrees, 0, "\u00b0"),
                          orNone(m.saturationPercent, 0, " %"), orNone(m.lightness, 1, "")});
    };
    for (std::size_t i = 0; i < kRecipeSectors.size(); ++i) {
        const HueSector& h = kRecipeSectors[i];
        row(std::string(h.letters) + ", " + std::string(h.words) + ", " + figure(h.degrees, 0) + "\u00b0",
            h.degrees, s.sectors[i]);
    }
    return t;
}

DocumentTable patches(const Recipe& r) {
    DocumentTable t{{{"Patch", 0.14}, {"Wanted, by the recipe", 0.24}}, {}};
    addLabColumns(t.columns, "Wanted");
    addLabColumns(t.columns, "Recipe");
    t.columns.push_back({"Left", 0.14, Kind::number});
    for (const RecipePatch& p : r.patches) {
        std::vector<DocumentCell> row{p.id, Swatch{p.wanted, p.reached}};
        addLab(row, p.wanted);
        addLab(row, p.reached);
        row.emplace_back(figure(p.left));
        t.rows.push_back(std::move(row));
    }
    return t;
}

}  // namespace

Document recipeDocument(const Recipe& r, const Correction& c) {
    Document d;
    d.title = "Recipe for " + c.name;
    d.verdict = figure(r.start) + " before, " + figure(r.left) + " in the end";
    d.summary =
        "From the frame as it was recorded, in sRGB. The figures are the chart's mean difference "
        "(CIEDE2000) from the corrected picture after each step; what is left at most is " +
        figure(r.largest) + " (" + r.worst + ").";
    if (c.aim.kind == AimKind::reading) d.summary = "The goal is " + words::aim(c.aim) + ". " + d.summary;
    d.blocks.emplace_back(DocumentHeading{"In this order"});
    d.blocks.emplace_back(steps(r));
    if (DocumentTable table = hues(r.settings); !table.rows.empty()) {
        d.blocks.emplace_back(DocumentHeading{"Hues, sector by sector"});
        d.blocks.emplace_back(DocumentWords{
            "A positive turn is counter-clockwise in the a*b* plane, from red over yellow to green; "
            "lightness is L* of a colour of medium strength.",
            true});
        d.blocks.emplace_back(std::move(table));
    }
    d.blocks.emplace_back(DocumentHeading{"What is left, patch by patch"});
    d.blocks.emplace_back(patches(r));
    d.foot = "Found by optimising exactly these settings on the chart's patches. Made by Refero.";
    return d;
}

}  // namespace refero::io
