// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/assessment_file.h"

#include "words/assess_words.h"

namespace refero::io {
namespace {

Json lab(const Lab& v) {
    return Json::array({v.L, v.a, v.b});
}

Json patchJson(const AssessedPatch& p) {
    return {{"id", p.id},
            {"role", name(p.role)},
            {"difference", p.difference},
            {"difference_levelled", p.differenceLevelled},
            {"reference_lab_d50", lab(p.reference)},
            {"lab_d50", lab(p.seen)},
            {"used", p.counted},
            {"cut", p.cut},
            {"chroma_noise", p.chromaNoise}};
}

}  // namespace

Json toJson(const Assessment& a) {
    Json j{{"format", "refero-assessment"},
           {"version", 1},
           {"transform", a.name},
           {"kind", a.kind},
           {"encoding", a.terms.feed.name()},
           {"balanced", a.terms.balance == FeedBalance::balanced},
           {"space", info(a.terms.space).name},
           {"guessed", a.terms.guessed},
           {"readings", a.readings},
           {"mean", a.mean},
           {"mean_levelled", a.meanLevelled}};
    for (const char* list : {"patches", "casts", "hues", "contrast"}) j[list] = Json::array();
    for (const AssessedPatch& p : a.patches) j["patches"].push_back(patchJson(p));
    for (const AssessedGrey& g : a.greys)
        j["casts"].push_back({{"level", g.level},
                              {"shown", g.shown},
                              {"difference", g.difference},
                              {"a", g.redder},
                              {"b", g.yellower}});
    for (const AssessedHue& h : a.hues)
        j["hues"].push_back({{"group", colourGroupId(h.group)},
                             {"patches", h.patches},
                             {"difference", h.difference},
                             {"turn_degrees", h.turnDegrees},
                             {"chroma", h.chroma}});
    for (const ContrastPoint& p : a.contrast)
        j["contrast"].push_back({{"stops", p.stops}, {"lightness", p.shown}});
    j["expects_stops"] = a.expectsStops;
    j["expects_mired"] = a.expectsMired;
    j["half_stop"] = {{"under", a.halfStopUnder}, {"over", a.halfStopOver}};
    j["warmer_20_mired"] = a.warmer20;
    j["chroma_noise"] = a.chromaNoise;
    j["reverses"] = !a.reversals.empty();
    j["reversed_share"] = a.reversedShare;
    j["bands"] = !a.bands.empty();
    for (const char* list : {"reversals", "steps", "merges", "merged", "cut", "findings", "remarks"})
        j[list] = Json::array();
    for (const Reversal& r : a.reversals)
        j["reversals"].push_back({{"fed", {r.fed.x(), r.fed.y(), r.fed.z()}}, {"lab_d50", lab(r.seen)}});
    for (const RampStep& b : a.bands)
        j["steps"].push_back({{"along", b.along}, {"at", b.at}, {"difference", b.step}});
    for (const Merge& m : a.merges) {
        j["merges"].push_back({m.one, m.other});
        j["merged"].push_back({{"pair", {m.one, m.other}}, {"reference", m.reference}, {"seen", m.seen}});
    }
    for (const std::string& id : a.cut) j["cut"].push_back(id);
    for (const words::AssessFinding& f : words::findings(a))
        j["findings"].push_back(
            {{"id", f.id}, {"verdict", name(f.verdict)}, {"title", f.title}, {"reason", f.reason}});
    for (const std::string& r : a.remarks) j["remarks"].push_back(r);
    return j;
}

}  // namespace refero::io
