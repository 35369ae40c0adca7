// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/report/series_document.h"

#include <algorithm>
#include <cstdio>

#include "core/colour/lab.h"
#include "core/series/series_verdicts.h"
#include "words/series_words.h"

namespace refero::io {
namespace {

using Kind = DocumentColumn::Kind;

std::string figure(double v, int digits) {
    char text[40];
    std::snprintf(text, sizeof text, "%.*f", digits, v);
    return text;
}

std::string orDash(const std::optional<double>& v, int digits) {
    return v ? figure(*v, digits) : "-";
}

DocumentTable verdicts(const Series& s) {
    DocumentTable t{{{"What", 0.26}, {"Verdict", 0.12}, {"Why, and what to do", 0.62}}, {}};
    for (const SeriesVerdict& v : verdictsOf(s)) {
        const words::SaidVerdict said = words::said(v, s);
        std::string title = said.title;
        const bool ofOne = v.finding != SeriesFinding::closest && v.finding != SeriesFinding::meeting &&
                           v.finding != SeriesFinding::cost;
        if (ofOne && s.profiles.size() > 1) title = s.profiles[v.profile].name + ": " + title;
        t.rows.push_back({title, std::string(v.verdict == Verdict::reshoot ? "Not good" : label(v.verdict)),
                          said.reason + (said.remedy.empty() ? "" : " " + said.remedy)});
    }
    return t;
}

DocumentTable steps(const SeriesProfile& p) {
    DocumentTable t{{{"Exposure", 0.13},
                     {"As shown", 0.12, Kind::number},
                     {"Level only", 0.13, Kind::number},
                     {"Drift", 0.12, Kind::number},
                     {"Corrected", 0.13, Kind::number},
                     {"Chroma noise", 0.13, Kind::number},
                     {"Clipped", 0.12, Kind::number},
                     {"Steps lost", 0.12, Kind::number}},
                    {}};
    for (const SeriesStep& s : p.steps)
        t.rows.push_back({words::exposure(s.stops), figure(s.asShown, 2), figure(s.levelOnly, 2),
                          figure(s.drift.mean, 2), orDash(s.corrected, 2),
                          s.corrected ? figure(s.chromaNoise, 1) : "-", figure(100 * s.clipped, 0) + " %",
                          std::to_string(s.buried)});
    return t;
}

std::string titleOf(const Patch& p) {
    return (p.role == Role::skin ? "Skin " : p.role == Role::neutral ? "Grey " : "Red ") + p.id;
}

// Skin, red and grey of each step: as the base shows it beside what level alone makes of it.
DocumentTable strip(const Series& s, const Chart& chart) {
    DocumentTable t{{{"Profile", 0.2}, {"Exposure", 0.14}}, {}};
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
    DocumentTable t{{{"Profiles", 0.46},
                     {"Before", 0.16, Kind::number},
                     {"Left", 0.16, Kind::number},
                     {"Noisier by, stops", 0.22, Kind::number}},
                    {}};
    for (const ProfilePair& p : s.pairs)
        t.rows.push_back({s.profiles[p.a].name + " and " + s.profiles[p.b].name, orDash(p.before, 2),
                          orDash(p.left, 2), figure(p.noiseStops, 1)});
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
    d.verdict = worst == Verdict::pass     ? "Good"
                : worst == Verdict::review ? "Look at what is marked"
                                           : "Not good in parts";
    std::size_t shots = 0;
    for (const SeriesProfile& p : s.profiles) shots += p.steps.size();
    d.summary = std::to_string(shots) + " chart shots of " + chart.name + " in " +
                std::to_string(s.profiles.size()) +
                (s.profiles.size() == 1 ? " recording profile." : " recording profiles.");
    d.blocks.emplace_back(DocumentHeading{"What it says"});
    d.blocks.emplace_back(verdicts(s));
    if (!picture.empty())
        d.blocks.emplace_back(
            DocumentPicture{"Each step with its level alone corrected.", picture, {}, 0, 0});
    for (const SeriesProfile& p : s.profiles) {
        d.blocks.emplace_back(DocumentHeading{p.name + ", step by step"});
        d.blocks.emplace_back(steps(p));
    }
    if (!stripPatches(chart).empty()) {
        d.blocks.emplace_back(
            DocumentHeading{"Skin, red and grey: the base beside each step with its level alone corrected"});
        d.blocks.emplace_back(strip(s, chart));
    }
    if (!s.pairs.empty()) {
        d.blocks.emplace_back(DocumentHeading{"Profiles against each other"});
        d.blocks.emplace_back(pairs(s));
    }
    for (const SeriesNote& n : s.notes) d.blocks.emplace_back(DocumentWords{words::sentence(n), true});
    d.foot =
        "Differences are CIEDE2000. As shown: the picture as it is, its level matched. Level only: through "
        "the "
        "base's correction with this step's level. Corrected: through a correction of its own.";
    return d;
}

}  // namespace refero::io
