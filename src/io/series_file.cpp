// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/series_file.h"

#include "core/series/series_verdicts.h"
#include "words/series_words.h"

namespace refero::io {
namespace {

Json figure(const std::optional<double>& v) {
    return v ? Json(*v) : Json(nullptr);
}

Json interval(const Interval& i) {
    return Json::array({i.low, i.high});
}

Json driftJson(const Drift& d) {
    Json j{{"mean", d.mean}, {"mean_95", interval(d.meanIn)}, {"groups", Json::array()}};
    for (const GroupDrift& g : d.groups) {
        Json group{{"group", colourGroupId(g.group)},
                   {"patches", g.patches},
                   {"mean", g.difference},
                   {"mean_95", interval(g.differenceIn)},
                   {"lightness", g.lightness},
                   {"a", g.redder},
                   {"b", g.yellower}};
        if (g.group != kNeutralGroup) {
            group["turn_degrees"] = g.turnDegrees;
            group["turn_95"] = interval(g.turnIn);
            group["chroma"] = g.chroma;
        }
        j["groups"].push_back(std::move(group));
    }
    return j;
}

Json stepJson(const SeriesStep& s, const std::string& profile, std::span<const std::string> readings) {
    Json j{{"reading", readings[s.shot]},
           {"profile", profile},
           {"stops", s.stops},
           {"stops_error", s.error},
           {"stated_stops", figure(s.stated)},
           {"as_shown", {{"mean", s.asShown}}},
           {"level_only", {{"mean", s.levelOnly}}},
           {"drift", driftJson(s.drift)},
           {"corrected", {{"mean", figure(s.corrected)}, {"unseen", figure(s.unseen)}}},
           {"chroma_noise", s.chromaNoise},
           {"skin_noise", figure(s.skinNoise)},
           {"red_noise", figure(s.redNoise)},
           {"visual_noise", s.visualNoise},
           {"blotch", s.blotch},
           {"clipped", s.clipped},
           {"clipped_channels", {s.clippedChannels.x(), s.clippedChannels.y(), s.clippedChannels.z()}},
           {"buried", s.buried}};
    if (!s.why.empty()) j["why"] = s.why;
    return j;
}

Json fitJson(const CurveFit& f) {
    return {{"curve", f.curve},
            {"offset_stops", f.offset},
            {"offset_error", f.offsetError},
            {"missed_codes", f.missed}};
}

Json profileJson(const SeriesProfile& p) {
    Json j{{"name", p.name},
           {"base_stops", p.baseStep().stops},
           {"usable_stops", {p.usableLow, p.usableHigh}},
           {"ends", {name(p.lowEnd), name(p.highEnd)}},
           {"best_offset_stops", p.bestOffset},
           {"model", name(p.correction.model)}};
    if (p.stated) j["stated_curve"] = fitJson(*p.stated);
    if (p.nearest) j["nearest_curve"] = fitJson(*p.nearest);
    if (p.range)
        j["dynamic_range"] = {{"stops", p.range->stops},
                              {"signal_to_noise", p.range->limit},
                              {"continued", p.range->continued},
                              {"at_least", p.range->atLeast}};
    j["curve"] = Json::array();
    for (const CurvePoint& c : p.curve)
        j["curve"].push_back(
            {{"stops", c.stops}, {"code", {c.code.x(), c.code.y(), c.code.z()}}, {"clipped", c.clipped}});
    return j;
}

Json verdictJson(const SeriesVerdict& v, const Series& s) {
    const words::SaidVerdict said = words::said(v, s);
    Json j{{"id", name(v.finding)},      {"profile", s.profiles[v.profile].name},
           {"verdict", name(v.verdict)}, {"value", v.value},
           {"limit", v.limit},           {"title", said.title},
           {"reason", said.reason},      {"remedy", said.remedy}};
    if (v.finding == SeriesFinding::meeting || v.finding == SeriesFinding::cost)
        j["other"] = s.profiles[v.other].name;
    return j;
}

}  // namespace

Json toJson(const Series& s, std::span<const std::string> readings) {
    Json j{{"format", "refero-series"},
           {"version", 1},
           {"zero", readings[s.zero]},
           {"limits",
            {{"drift", s.limits.drift},
             {"chroma_noise", s.limits.chromaNoise},
             {"signal_to_noise", s.limits.signalToNoise},
             {"headroom_stops", s.limits.headroomStops}}}};
    for (const char* list : {"steps", "profiles", "pairs", "verdicts", "notes"}) j[list] = Json::array();
    for (const SeriesProfile& p : s.profiles) {
        for (const SeriesStep& step : p.steps) j["steps"].push_back(stepJson(step, p.name, readings));
        j["profiles"].push_back(profileJson(p));
    }
    for (const ProfilePair& p : s.pairs) {
        j["pairs"].push_back({{"a", s.profiles[p.a].name},
                              {"b", s.profiles[p.b].name},
                              {"before", figure(p.before)},
                              {"left", figure(p.left)},
                              {"noise_stops", p.noiseStops}});
        if (!p.why.empty()) j["pairs"].back()["why"] = p.why;
    }
    for (const SeriesVerdict& v : verdictsOf(s)) j["verdicts"].push_back(verdictJson(v, s));
    for (const SeriesNote& n : s.notes) {
        Json note{{"id", name(n.flaw)}, {"profile", n.profile}, {"says", words::sentence(n)}};
        if (!n.frame.empty()) note["frame"] = n.frame;
        if (!n.other.empty()) note["other"] = n.other;
        j["notes"].push_back(std::move(note));
    }
    return j;
}

}  // namespace refero::io
