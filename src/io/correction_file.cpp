// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/correction_file.h"

#include <Eigen/LU>
#include <array>
#include <cmath>
#include <utility>

#include "core/colour/xyz.h"
#include "io/curve_file.h"
#include "io/files/content_hash.h"
#include "io/files/safe_write.h"

namespace refero::io {

Json toJson(const Spread& s) {
    return {{"mean", s.mean}, {"median", s.median}, {"percentile_95", s.percentile95}, {"max", s.max}};
}

namespace {

Json vector(const Vector3& v) {
    return Json::array({v.x(), v.y(), v.z()});
}

Json lab(const Lab& v) {
    return Json::array({v.L, v.a, v.b});
}

Vector3 vectorFrom(const Node& n) {
    const auto v = n.numbers(3);
    return {v[0], v[1], v[2]};
}

Lab labFrom(const Node& n) {
    const auto v = n.numbers(3);
    return {v[0], v[1], v[2], white::d50};
}

Spread spreadFrom(const Node& n) {
    return {n.at("mean").number(), n.at("median").number(), n.at("percentile_95").number(),
            n.at("max").number()};
}

Json interval(const SpreadInterval& s) {
    const auto pair = [](const Interval& i) { return Json::array({i.low, i.high}); };
    return {{"mean", pair(s.mean)},
            {"median", pair(s.median)},
            {"percentile_95", pair(s.percentile95)},
            {"max", pair(s.max)}};
}

SpreadInterval intervalFrom(const Node& n) {
    const auto pair = [&](const char* figure) {
        const auto v = n.at(figure).numbers(2);
        return Interval{v[0], v[1]};
    };
    return {pair("mean"), pair("median"), pair("percentile_95"), pair("max")};
}

Json treatmentJson(const Treatment& t) {
    Json j{{"kind", name(t.kind)}};
    if (!t.patches.empty()) j["patches"] = t.patches;
    if (t.amount != 0) j["amount"] = t.amount;
    if (t.error != 0) j["error"] = t.error;
    if (t.reading > 0) j["reading"] = t.reading;
    return j;
}

Treatment treatmentFrom(const Node& n) {
    const auto kind = treatmentKindByName(n.at("kind").text());
    if (!kind) n.at("kind").fail("is wrong: " + kind.error().message);
    Treatment t{*kind, {}, n.number("amount", 0), n.number("error", 0), 0};
    if (n.has("patches"))
        for (const Node& id : n.at("patches").items()) t.patches.push_back(id.text());
    const double reading = n.number("reading", 0);
    if (!(reading >= 0 && reading < 1e6)) n.at("reading").fail("must be 0 or more");
    t.reading = static_cast<std::size_t>(reading);
    return t;
}

Json contenderJson(const Contender& c) {
    Json j{{"model", name(c.model)}, {"objective", name(c.objective)}, {"training", c.training}};
    if (c.forLook) j["for_look"] = true;
    if (!c.against.empty()) {
        j["against"] = c.against;
        return j;
    }
    j["expected"] = c.expected;
    j["chroma_noise_gain"] = c.chromaGain;
    return j;
}

Model modelFrom(const Node& n) {
    const auto model = modelByName(n.text());
    if (!model) n.fail("is wrong: " + model.error().message);
    return *model;
}

Objective objectiveFrom(const Node& n, const char* key) {
    const std::string text = n.text(key, "least-squares");
    if (text != name(Objective::leastSquares) && text != name(Objective::ciede2000))
        n.at(key).fail("must be least-squares or ciede2000");
    return text == name(Objective::ciede2000) ? Objective::ciede2000 : Objective::leastSquares;
}

Contender contenderFrom(const Node& n) {
    return {modelFrom(n.at("model")),   objectiveFrom(n, "objective"), n.truth("training", false),
            n.truth("for_look", false), n.number("expected", 0),       n.number("chroma_noise_gain", 1),
            n.text("against", "")};
}

Json noiseJson(const NoiseAmplification& n) {
    Json j{{"gain_linear_srgb", vector(n.gain)}, {"chroma", n.chroma}, {"chroma_gain", n.chromaGain}};
    if (n.stopsToBlotches) j["stops_to_blotches"] = *n.stopsToBlotches;
    return j;
}

NoiseAmplification noiseFrom(const Node& n) {
    NoiseAmplification p{
        vectorFrom(n.at("gain_linear_srgb")), n.at("chroma").number(), n.at("chroma_gain").number(), {}};
    if (n.has("stops_to_blotches")) p.stopsToBlotches = n.at("stops_to_blotches").number();
    return p;
}

Json certaintyJson(const Certainty& c) {
    return {{"resamples", c.resamples},
            {"chart_tolerance", c.chartTolerance},
            {"ciede2000_before", interval(c.before)},
            {"ciede2000_after", interval(c.after)},
            {"ciede2000_cross_validated", interval(c.crossValidated)}};
}

Certainty certaintyFrom(const Node& n) {
    return {n.whole<std::size_t>("resamples", 0), n.number("chart_tolerance", 0),
            intervalFrom(n.at("ciede2000_before")), intervalFrom(n.at("ciede2000_after")),
            intervalFrom(n.at("ciede2000_cross_validated"))};
}

Json verificationJson(const Verification& v) {
    Json j{{"frame", v.framePath},        {"chart_name", v.chartName},          {"taken", v.taken},
           {"level_stops", v.levelStops}, {"ciede2000", toJson(v.differences)}, {"patches", Json::array()}};
    for (const auto& p : v.patches)
        j["patches"].push_back({{"id", p.id},
                                {"reference_lab_d50", lab(p.reference)},
                                {"corrected_lab_d50", lab(p.corrected)},
                                {"ciede2000", p.difference}});
    return j;
}

Verification verificationFrom(const Node& n) {
    Verification v{n.text("frame", ""),
                   n.text("chart_name", ""),
                   n.text("taken", ""),
                   n.number("level_stops", 0),
                   {},
                   spreadFrom(n.at("ciede2000"))};
    for (const Node& p : n.at("patches").items())
        v.patches.push_back({p.at("id").text(), labFrom(p.at("reference_lab_d50")),
                             labFrom(p.at("corrected_lab_d50")), p.at("ciede2000").number()});
    return v;
}

PatchResult patchFrom(const Node& n) {
    PatchResult p;
    p.id = n.at("id").text();
    const auto role = roleByName(n.text("role", "other"));
    if (!role) n.at("role").fail("is wrong: " + role.error().message);
    p.role = *role;
    p.chromaNoise = n.number("chroma_noise", 0);
    p.weight = n.number("weight", 1);
    p.used = n.truth("used", true);
    p.known = n.truth("known_colour", false);
    p.rgb = vectorFrom(n.at("rgb"));
    p.reference = labFrom(n.at("reference_lab_d50"));
    p.before = labFrom(n.at("before_lab_d50"));
    p.after = labFrom(n.at("after_lab_d50"));
    p.differenceBefore = n.at("ciede2000_before").number();
    p.differenceAfter = n.at("ciede2000_after").number();
    p.leftOut = n.number("ciede2000_left_out", 0);
    return p;
}

// A matrix, or a root polynomial's coefficients: three rows either way, that keep white.
RootPolynomial baseFrom(const Node& root) {
    const Node at = root.at(root.has("matrix") ? "matrix" : "root_polynomial");
    const auto rows = at.items();
    const std::size_t terms = rows.empty() ? 0 : rows.front().items().size();
    const int degree = root.has("matrix") ? 1 : terms == 13 ? 3 : 2;
    const auto count = static_cast<std::size_t>(RootPolynomial::termCount(degree));
    if (rows.size() != 3) at.fail("must be three rows of " + std::to_string(count) + " numbers");
    RootPolynomial::Coefficients m(3, static_cast<Eigen::Index>(count));
    for (Eigen::Index i = 0; i < 3; ++i) {
        const auto row = rows[static_cast<std::size_t>(i)].numbers(count);
        for (Eigen::Index k = 0; k < m.cols(); ++k) m(i, k) = row[static_cast<std::size_t>(k)];
    }
    if (!((m.rowwise().sum() - whiteXyz(white::d50).vector()).norm() < 1e-3))
        at.fail("does not keep white: its rows must sum to D50's X, Y and Z");
    RootPolynomial colours(degree, m);
    if (!(std::abs(colours.slope({1, 1, 1}).determinant()) > 1e-9)) at.fail("cannot be inverted");
    return colours;
}

Json latticeJson(const ColourLattice& lattice) {
    Json moves = Json::array();
    const auto nodes = lattice.nodes();
    for (std::size_t i = 0; i < nodes.size(); ++i)
        if (i % 4 != 3) moves.push_back(std::lround(double(nodes[i]) / ColourLattice::kUnit));
    return {{"points", lattice.points()},
            {"range", ColourLattice::kRange},
            {"unit", ColourLattice::kUnit},
            {"moves", std::move(moves)}};
}

ColourLattice latticeFrom(const Node& n) {
    const double points = n.at("points").number(), unit = n.at("unit").number();
    if (n.at("range").number() != ColourLattice::kRange) n.at("range").fail("must be 1.25");
    if (!(points >= 2 && points <= 65)) n.at("points").fail("must be 2 to 65");
    if (!(unit > 0 && unit < 1)) n.at("unit").fail("must be above 0 and below 1");
    const Node moves = n.at("moves");
    std::vector<float> nodes;
    for (const double v : moves.numbers()) {
        nodes.push_back(static_cast<float>(v * unit));
        if (nodes.size() % 4 == 3) nodes.push_back(0);
    }
    auto lattice = ColourLattice::of(static_cast<int>(points), std::move(nodes));
    if (!lattice) n.fail("is wrong: " + lattice.error().message);
    if (lattice->reversesOrientation()) n.fail("is wrong: it turns colours over");
    return *std::move(lattice);
}

Colours coloursFrom(const Node& root) {
    RootPolynomial base = baseFrom(root);
    if (!root.has("lattice")) return base;
    return {std::move(base), latticeFrom(root.at("lattice"))};
}

Json sectorsJson(const HueSectors& s) {
    Json j = Json::array();
    for (int k = 0; k < HueSectors::kCount; ++k) {
        const auto& each = s.sectors[static_cast<std::size_t>(k)];
        j.push_back({{"hue", HueSectors::centreDegrees(k)},
                     {"turn_degrees", each.turnDegrees},
                     {"chroma", each.chroma},
                     {"lightness", each.lightness}});
    }
    return j;
}

HueSectors sectorsFrom(const Node& n) {
    const auto items = n.items();
    HueSectors out;
    if (items.size() != out.sectors.size()) n.fail("must be twelve sectors");
    for (std::size_t k = 0; k < items.size(); ++k)
        out.sectors[k] = {items[k].at("turn_degrees").number(), items[k].at("chroma").number(),
                          items[k].at("lightness").number()};
    return out;
}

Json greyCurvesJson(const GreyCurves& curves) {
    Json j = Json::array();
    for (const RootCurve& c : curves) j.push_back(c.roots());
    return {{"range", RootCurve::kRange}, {"roots", std::move(j)}};
}

GreyCurves greyCurvesFrom(const Node& n) {
    const Node at = n.at("roots");
    const auto channels = at.items();
    GreyCurves out;
    if (channels.size() != out.size() || n.at("range").number() != RootCurve::kRange)
        n.fail("must be three channels over a range of 1.25");
    for (std::size_t c = 0; c < out.size(); ++c) {
        std::array<float, RootCurve::kPoints> roots;
        const auto values = channels[c].numbers(roots.size());
        for (std::size_t i = 0; i < roots.size(); ++i) roots[i] = static_cast<float>(values[i]);
        const auto curve = RootCurve::of(roots);
        if (!curve) at.fail("is wrong: " + curve.error().message);
        out[c] = *curve;
    }
    return out;
}

Json lookJson(const PictureLook& look) {
    Json rows = Json::array();
    for (int row = 0; row < 3; ++row) rows.push_back(vector(look.xyzD50ToRgb.row(row)));
    return {{"xyz_d50_to_rgb", std::move(rows)}, {"curves", greyCurvesJson(look.curves)}};
}

PictureLook lookFrom(const Node& n) {
    PictureLook look;
    const auto rows = n.at("xyz_d50_to_rgb").items();
    if (rows.size() != 3) n.at("xyz_d50_to_rgb").fail("must be three rows of three numbers");
    for (int row = 0; row < 3; ++row)
        look.xyzD50ToRgb.row(row) = vectorFrom(rows[static_cast<std::size_t>(row)]);
    look.curves = greyCurvesFrom(n.at("curves"));
    if (const auto ok = look.validate(); !ok) n.fail("is wrong: " + ok.error().message);
    return look;
}

Json pooledJson(const PooledShot& s) {
    Json j{{"name", s.name}, {"weight", s.weight},     {"stops", s.stops},
           {"own", s.own},   {"balanced", s.balanced}, {"as_is", s.asIs}};
    if (s.mired) j["mired"] = *s.mired;
    return j;
}

PooledShot pooledFrom(const Node& n) {
    PooledShot out{n.text("name", ""), n.number("weight", 1),   n.number("stops", 0), {},
                   n.number("own", 0), n.number("balanced", 0), n.number("as_is", 0)};
    if (n.has("mired")) out.mired = n.at("mired").number();
    return out;
}

Json aimJson(const AimOrigin& a) {
    Json j{{"kind", name(a.kind)}};
    if (a.kind == AimKind::reference) return j;
    j["frame"] = a.framePath;
    j["body"] = a.body;
    j["chart_name"] = a.chartName;
    j["taken"] = a.taken;
    j["encoding"] = a.encoding;
    if (!a.through.empty()) j["through"] = a.through;
    if (!a.throughFile.empty()) j["through_file"] = a.throughFile;
    if (!a.throughSpace.empty()) j["through_space"] = a.throughSpace;
    if (a.translationError > 0) j["translation_error"] = a.translationError;
    if (!a.fingerprint.empty()) j["fingerprint"] = a.fingerprint;
    if (!a.heldBack.empty()) j["held_back"] = a.heldBack;
    return j;
}

AimOrigin aimFrom(const Node& n) {
    const auto kind = aimKindByName(n.at("kind").text());
    if (!kind) n.at("kind").fail("is wrong: " + kind.error().message);
    AimOrigin out{*kind,
                  n.text("frame", ""),
                  n.text("body", ""),
                  n.text("chart_name", ""),
                  n.text("taken", ""),
                  n.text("encoding", ""),
                  n.text("through", ""),
                  n.text("through_file", ""),
                  n.text("through_space", ""),
                  n.number("translation_error", 0),
                  n.text("fingerprint", ""),
                  {}};
    if (n.has("held_back"))
        for (const Node& step : n.at("held_back").items()) out.heldBack.push_back(step.text());
    return out;
}

// The three greys of levels by their names in a document.
template <class L>
auto levelsByName(L& levels) {
    return std::array{std::pair{"black", &levels.black}, std::pair{"grey", &levels.grey},
                      std::pair{"white", &levels.white}};
}

Json finishJson(const Finish& f) {
    Json j{{"exposure_stops", f.exposureStops},
           {"warmth_steps", f.warmthSteps},
           {"tint_duv", f.tintDuv},
           {"contrast", f.contrast},
           {"saturation", f.saturation}};
    for (const auto& [key, point] : levelsByName(f.levels))
        if (*point) j["levels"][key] = {{"light", (*point)->light}, {"shows", (*point)->shows}};
    return j;
}

Finish finishFrom(const Node& n) {
    Finish f{n.number("exposure_stops", 0), n.number("warmth_steps", 0), n.number("tint_duv", 0),
             n.number("contrast", 0), n.number("saturation", 1)};
    if (n.has("levels"))
        for (const auto& [key, point] : levelsByName(f.levels))
            if (const Node levels = n.at("levels"); levels.has(key))
                *point = LevelPoint{levels.at(key).at("light").number(), levels.at(key).at("shows").number()};
    if (const auto ok = f.validate(); !ok) n.fail("is wrong: " + ok.error().message);
    return f;
}

constexpr std::pair<const char*, Band FitLimits::*> kBands[]{
    {"mean", &FitLimits::mean}, {"largest", &FitLimits::largest}, {"unseen", &FitLimits::unseen}};

Json limitsJson(const FitLimits& l) {
    Json j{{"name", l.name}, {"source", l.source}};
    for (const auto& [key, band] : kBands)
        j[key] = {{"good", (l.*band).high}, {"tolerable", (l.*band).tolerableHigh}};
    return j;
}

FitLimits limitsFrom(const Node& n) {
    FitLimits out;
    out.name = n.text("name", out.name);
    out.source = n.text("source", "");
    for (const auto& [key, band] : kBands) {
        const double good = n.at(key).at("good").number(), tolerable = n.at(key).at("tolerable").number();
        if (!(good >= 0 && tolerable >= good)) n.at(key).fail("must be good at or below tolerable");
        out.*band = {0, good, 0, tolerable};
    }
    return out;
}

Json loanJson(const Loan& loan) {
    Json j{{"source", name(loan.source)}, {"balance", name(loan.balance)}, {"from", loan.from}};
    if (loan.mired) j["mired"] = *loan.mired;
    if (loan.source == LoanSource::mix) j["share"] = loan.share;
    return j;
}

Loan loanFrom(const Node& n) {
    Loan out;
    const auto source = loanSourceByName(n.at("source").text());
    if (!source) n.at("source").fail("is wrong: " + source.error().message);
    out.source = *source;
    const auto balance = balancedOnByName(n.at("balance").text());
    if (!balance) n.at("balance").fail("is wrong: " + balance.error().message);
    out.balance = *balance;
    for (const Node& from : n.at("from").items()) out.from.push_back(from.text());
    if (n.has("mired")) out.mired = n.at("mired").number();
    out.share = n.number("share", 0);
    if (!(out.share >= 0 && out.share <= 1)) n.at("share").fail("must be 0 to 1");
    return out;
}

Correction correctionFrom(const Node& root) {
    expectFormat(root, "refero-correction", 1);
    Correction c;
    c.name = root.text("name", "");
    c.chartId = root.text("chart", "");
    c.chartName = root.text("chart_name", c.chartId);
    c.body = root.text("body", "");
    c.lens = root.text("lens", "");
    c.description = root.text("description", "");
    c.taken = root.text("taken", "");
    if (root.has("readings"))
        for (const Node& n : root.at("readings").items()) c.readings.push_back(n.text());
    c.inputEncoding = transferFrom(root, "input_encoding");
    c.model = modelFrom(root.at("model"));
    c.objective = objectiveFrom(root, "objective");
    c.training = root.truth("training", false);
    c.forLook = root.truth("for_look", false);
    const auto intent = intentByName(root.text("intent", "colorimetric"));
    if (!intent) root.at("intent").fail("is wrong: " + intent.error().message);
    c.intent = *intent;
    c.referenceLight = root.text("reference_light", "d50");
    c.gains = vectorFrom(root.at("gains"));
    c.level = root.at("level").number();
    if (!(c.gains.minCoeff() > 0) || !(c.level > 0)) root.at("gains").fail("and level must be above 0");
    c.colours = coloursFrom(root);
    const auto taken = takenOutByName(root.text("light_field", ""));
    if (!taken) root.fail(taken.error().message);
    c.lightTakenOut = *taken;
    c.asShot = root.truth("as_shot", false);
    c.uniqueModel = root.text("unique_model", "");
    c.serial = root.text("serial", "");
    if (root.has("mended"))
        for (const Node& n : root.at("mended").items()) c.treatments.push_back(treatmentFrom(n));
    if (root.has("pool"))
        for (const Node& n : root.at("pool").items()) c.pool.push_back(pooledFrom(n));
    c.builtBy = root.text("built_by", "");
    c.built = root.text("built", "");
    if (root.has("weights"))
        for (const Node& n : root.at("weights").items())
            c.weights[n.at("patch").text()] = n.at("weight").number();
    if (root.has("limits")) c.limits = limitsFrom(root.at("limits"));
    if (root.has("aim")) c.aim = aimFrom(root.at("aim"));
    if (root.has("loan")) c.loan = loanFrom(root.at("loan"));
    if (root.has("look")) c.look = lookFrom(root.at("look"));
    if (root.has("grey_curves")) c.greyCurves = greyCurvesFrom(root.at("grey_curves"));
    if (root.has("hue_sectors")) c.sectors = sectorsFrom(root.at("hue_sectors"));
    if (root.has("finish")) c.finish = finishFrom(root.at("finish"));
    if (root.has("patches"))
        for (const Node& n : root.at("patches").items()) c.patches.push_back(patchFrom(n));
    if (root.has("summary")) {
        const Node s = root.at("summary");
        c.summary.before = spreadFrom(s.at("ciede2000_before"));
        c.summary.after = spreadFrom(s.at("ciede2000_after"));
        c.summary.crossValidated = spreadFrom(s.at("ciede2000_cross_validated"));
        c.summary.expectedError = s.number("ciede2000_promised", c.summary.crossValidated.mean);
        c.summary.used = s.whole<std::size_t>("used", 0);
        c.summary.message = s.text("message", "");
        c.summary.repeatedFolds = s.number("ciede2000_repeated_folds", c.summary.crossValidated.mean);
        if (s.has("unmendable")) c.summary.irreducibleError = s.at("unmendable").number();
    }
    if (root.has("considered"))
        for (const Node& n : root.at("considered").items()) c.considered.push_back(contenderFrom(n));
    if (root.has("noise")) c.noise = noiseFrom(root.at("noise"));
    if (root.has("certainty")) c.certainty = certaintyFrom(root.at("certainty"));
    if (root.has("verifications"))
        for (const Node& n : root.at("verifications").items()) c.verifications.push_back(verificationFrom(n));
    return c;
}

}  // namespace

Json toJson(const Correction& c) {
    Json j{{"format", "refero-correction"},
           {"version", 1},
           {"name", c.name},
           {"chart", c.chartId},
           {"chart_name", c.chartName},
           {"body", c.body},
           {"lens", c.lens},
           {"description", c.description},
           {"taken", c.taken},
           {"readings", c.readings}};
    putTransfer(j, "input_encoding", c.inputEncoding);
    j["model"] = name(c.model);
    j["objective"] = name(c.objective);
    j["training"] = c.training;
    if (c.forLook) j["for_look"] = true;
    j["intent"] = name(c.intent);
    j["reference_light"] = c.referenceLight;
    j["gains"] = vector(c.gains);
    j["level"] = c.level;
    j["built_by"] = c.builtBy;
    if (!c.built.empty()) j["built"] = c.built;
    j["limits"] = limitsJson(c.limits);
    if (c.lightTakenOut.any()) j["light_field"] = name(c.lightTakenOut);
    if (c.asShot) j["as_shot"] = true;
    for (const PooledShot& s : c.pool) j["pool"].push_back(pooledJson(s));
    if (!c.uniqueModel.empty()) j["unique_model"] = c.uniqueModel;
    if (!c.serial.empty()) j["serial"] = c.serial;
    for (const Treatment& t : c.treatments) j["mended"].push_back(treatmentJson(t));
    for (const auto& [patch, weight] : c.weights)
        j["weights"].push_back({{"patch", patch}, {"weight", weight}});
    if (c.greyCurves) j["grey_curves"] = greyCurvesJson(*c.greyCurves);
    Json rows = Json::array();
    for (const auto& row : c.colours.base().coefficients().rowwise()) {
        rows.push_back(Json::array());
        for (const double v : row) rows.back().push_back(v);
    }
    j[c.colours.base().degree() == 1 ? "matrix" : "root_polynomial"] = std::move(rows);
    if (c.colours.lattice()) j["lattice"] = latticeJson(*c.colours.lattice());
    j["aim"] = aimJson(c.aim);
    if (c.loan) j["loan"] = loanJson(*c.loan);
    if (c.look) j["look"] = lookJson(*c.look);
    if (c.sectors) j["hue_sectors"] = sectorsJson(*c.sectors);
    if (!c.finish.isNone()) j["finish"] = finishJson(c.finish);
    j["summary"] = {{"ciede2000_before", toJson(c.summary.before)},
                    {"ciede2000_after", toJson(c.summary.after)},
                    {"ciede2000_cross_validated", toJson(c.summary.crossValidated)},
                    {"ciede2000_promised", c.summary.expectedError},
                    {"ciede2000_repeated_folds", c.summary.repeatedFolds},
                    {"used", c.summary.used},
                    {"message", c.summary.message}};
    if (c.summary.irreducibleError) j["summary"]["unmendable"] = *c.summary.irreducibleError;
    j["considered"] = Json::array();
    for (const Contender& each : c.considered) j["considered"].push_back(contenderJson(each));
    j["noise"] = noiseJson(c.noise);
    if (c.certainty) j["certainty"] = certaintyJson(*c.certainty);
    if (!c.verifications.empty()) j["verifications"] = Json::array();
    for (const Verification& v : c.verifications) j["verifications"].push_back(verificationJson(v));
    j["patches"] = Json::array();
    for (const PatchResult& p : c.patches) {
        j["patches"].push_back({{"id", p.id},
                                {"role", name(p.role)},
                                {"used", p.used},
                                {"weight", p.weight},
                                {"rgb", vector(p.rgb)},
                                {"reference_lab_d50", lab(p.reference)},
                                {"before_lab_d50", lab(p.before)},
                                {"after_lab_d50", lab(p.after)},
                                {"ciede2000_before", p.differenceBefore},
                                {"ciede2000_after", p.differenceAfter},
                                {"ciede2000_left_out", p.leftOut},
                                {"chroma_noise", p.chromaNoise}});
        if (p.known) j["patches"].back()["known_colour"] = true;
    }
    return j;
}

Status writeCorrection(const Correction& correction, const std::filesystem::path& path) {
    return writeFile(path, prettyJson(toJson(correction)));
}

Result<Correction> parseCorrection(std::string_view text, const std::string& origin) {
    return parseJson(text, origin).and_then([&](const Json& json) {
        return guarded(origin, [&] { return correctionFrom(Node(json, "")); });
    });
}

Result<Correction> readCorrection(const std::filesystem::path& path) {
    return readFile(path).and_then(
        [&](const std::string& text) { return parseCorrection(text, path.string()); });
}

std::string fingerprint(const Correction& c) {
    const Json whole = toJson(c);
    Json kept;
    for (const auto& [key, value] : whole.items())
        for (const char* stage : {"input_encoding", "gains", "level", "grey_curves", "matrix",
                                  "root_polynomial", "lattice", "finish"})
            if (key.starts_with(stage)) kept[key] = value;
    return textHash(kept.dump());
}

}  // namespace refero::io
