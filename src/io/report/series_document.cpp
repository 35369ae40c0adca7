// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/report/series_document.h"

#include <algorithm>
#include <cstdio>

#include "core/colour/lab.h"
#include "core/say/figure.h"
#include "core/series/series_verdicts.h"
#include "words/series_words.h"

namespace refero::io {
namespace {

using Kind = DocumentColumn::Kind;

std::string orDash(const std::optional<double>& v, int digits) {
    return v ? decimals(*v, digits) : "-";
}

DocumentTable verdicts(const Series& s) {
    DocumentTable t{{{say("What"), 0.26}, {say("Verdict"), 0.12}, {say("Why, and what to do"), 0.62}}, {}};
    for (const SeriesVerdict& v : verdictsOf(s)) {
        const words::SaidVerdict said = words::said(v, s);
        std::string title = said.title;
        const bool ofOne = v.finding != SeriesFinding::closest && v.finding != SeriesFinding::meeting &&
                           v.finding != SeriesFinding::cost;
        if (ofOne && s.profiles.size() > 1) title = s.profiles[v.profile].name + ": " + title;
        t.rows.push_back({title,
                          std::string(v.verdict == Verdict::reshoot ? say("Not good") : label(v.verdict)),
                          said.reason + (said.remedy.empty() ? "" : " " + said.remedy)});
    }
    return t;
}

DocumentTable steps(const SeriesProfile& p) {
    DocumentTable t{{{say("Exposure"), 0.13},
                     {say("As shown"), 0.12, Kind::number},
                     {say("Level only"), 0.13, Kind::number},
                     {say("Drift"), 0.12, Kind::number},
                     {say("Corrected"), 0.13, Kind::number},
                     {say("Chroma noise"), 0.13, Kind::number},
                     {say("Clipped"), 0.12, Kind::number},
                     {say("Steps lost"), 0.12, Kind::number}},
                    {}};
    for (const SeriesStep& s : p.steps)
        t.rows.push_back({words::exposure(s.stops), decimals(s.asShown, 2), decimals(s.levelOnly, 2),
                          decimals(s.drift.mean, 2), orDash(s.corrected, 2),
                          s.corrected ? decimals(s.chromaNoise, 1) : "-", decimals(100 * s.clipped, 0) + " %",
                          std::to_string(s.buried)});
    return t;
}

std::string titleOf(const Patch& p) {
    return p.role == Role::skin      ? say("Skin %1", p.id)
           : p.role == Role::neutral ? say("Grey %1", p.id)
                                     : say("Red %1", p.id);
}

// Skin, red and grey of each step: as the base shows it beside what level alone makes of it.
DocumentTable strip(const Series& s, const Chart& chart) {
    DocumentTable t{{{say("Profile"), 0.2}, {say("Exposure"), 0.14}}, {}};
    const auto patches = stripPatches(chart);
    for (const std::size_t i : patches)
        t.columns.push_back({titleOf(chart.patches[i]), 0.66 / static_cast<double>(patches.size())});
    for (const SeriesProfile& p : s.profiles)
        for (const SeriesStep& step : p.steps) {
            std::vector<DocumentCell> row{p.name, words::exposure(step.stops)};
            for (const std::size_t i : patches)
                row.emplace_back(Swatch{p.baseStep().levelled[i], step.levelled[i]});
            t.rows.push_back(std::move(row));
        }
    return t;
}

DocumentTable pairs(const Series& s) {
    DocumentTable t{{{say("Profiles"), 0.46},
                     {say("Before"), 0.16, Kind::number},
                     {say("Left"), 0.16, Kind::number},
                     {say("Noisier by, stops"), 0.22, Kind::number}},
                    {}};
    for (const ProfilePair& p : s.pairs)
        t.rows.push_back({say("%1 and %2", s.profiles[p.a].name, s.profiles[p.b].name), orDash(p.before, 2),
                          orDash(p.left, 2), decimals(p.noiseStops, 1)});
    return t;
}

}  // namespace

Document seriesDocument(const Series& s, const Chart& chart, const std::string& title,
                        const std::vector<unsigned char>& picture) {
    Document d;
    d.title = title;
    const auto all = verdictsOf(s);
    const Verdict worst = std::max_element(all.begin(), all.end(), [](const auto& a, const auto& b) {
                              return a.verdict < b.verdict;
                          })->verdict;
    d.verdict = worst == Verdict::pass     ? say("Good")
                : worst == Verdict::review ? say("Look at what is marked")
                                           : say("Not good in parts");
    std::size_t shots = 0;
    for (const SeriesProfile& p : s.profiles) shots += p.steps.size();
    d.summary = s.profiles.size() == 1
                    ? say("%1 chart shots of %2 in 1 recording profile.", std::to_string(shots), chart.name)
                    : say("%1 chart shots of %2 in %3 recording profiles.", std::to_string(shots), chart.name,
                          std::to_string(s.profiles.size()));
    d.blocks.emplace_back(DocumentHeading{say("What it says")});
    d.blocks.emplace_back(verdicts(s));
    if (!picture.empty())
        d.blocks.emplace_back(
            DocumentPicture{say("Each step with its level alone corrected."), picture, {}, 0, 0});
    for (const SeriesProfile& p : s.profiles) {
        d.blocks.emplace_back(DocumentHeading{say("%1, step by step", p.name)});
        d.blocks.emplace_back(steps(p));
    }
    if (!stripPatches(chart).empty()) {
        d.blocks.emplace_back(DocumentHeading{
            say("Skin, red and grey: the base beside each step with its level alone corrected")});
        d.blocks.emplace_back(strip(s, chart));
    }
    if (!s.pairs.empty()) {
        d.blocks.emplace_back(DocumentHeading{say("Profiles against each other")});
        d.blocks.emplace_back(pairs(s));
    }
    for (const SeriesNote& n : s.notes) d.blocks.emplace_back(DocumentWords{words::sentence(n), true});
    d.foot = say(
        "Differences are CIEDE2000. As shown: the picture as it is, its level matched. Level only: through "
        "the base's correction with this step's level. Corrected: through a correction of its own.");
    return d;
}

}  // namespace refero::io
