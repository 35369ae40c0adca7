// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/grade/recipe.h"

#include <ceres/ceres.h>

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <functional>
#include <numbers>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/finish/finish.h"
#include "core/say/figure.h"
#include "core/say/say.h"

namespace refero {
namespace {

constexpr double kSkinDegrees = 55;

// How far two hue angles are apart, 0 to 180.
double apart(double a, double b) {
    const double d = std::abs(std::fmod(a - b + 540, 360) - 180);
    return d;
}

// Monotone cubic (Fritsch and Carlson 1980) through 0, the three points and 1; straight beyond.
double curved(double x, const std::array<double, 3>& points) {
    const std::array<double, 5> at{0, 0.25, 0.5, 0.75, 1},
        to{0, points[0] / 100, points[1] / 100, points[2] / 100, 1};
    std::array<double, 4> slope{};
    for (std::size_t i = 0; i < 4; ++i) slope[i] = (to[i + 1] - to[i]) * 4;
    std::array<double, 5> tangent{};
    tangent[0] = slope[0];
    tangent[4] = slope[3];
    for (std::size_t i = 1; i < 4; ++i)
        tangent[i] = slope[i - 1] * slope[i] <= 0 ? 0 : 0.5 * (slope[i - 1] + slope[i]);
    if (x <= 0) return x * tangent[0];
    if (x >= 1) return 1 + (x - 1) * tangent[4];
    const auto i = std::min<std::size_t>(3, static_cast<std::size_t>(4 * x));
    const double t = (x - at[i]) * 4, t2 = t * t, t3 = t2 * t;
    return (2 * t3 - 3 * t2 + 1) * to[i] + (t3 - 2 * t2 + t) * tangent[i] / 4 +
           (3 * t2 - 2 * t3) * to[i + 1] + (t3 - t2) * tangent[i + 1] / 4;
}

Lch moved(Lch c, const HueMove& m, double weight) {
    c.h += weight * m.turnDegrees;
    c.L += weight * m.lightness * std::min(1.5, c.C / 50);
    c.C *= std::max(0.0, 1 + weight * m.saturationPercent / 100);
    return c;
}

struct Sample {
    std::string id;
    Vector3 camera;
    Lab wanted;
    double weight = 1;
};

double difference(const Sample& s, const RecipeSettings& r) {
    return ciede2000(s.wanted, carriedOut(s.camera, r));
}

double mean(const std::vector<Sample>& samples, const RecipeSettings& r) {
    double sum = 0;
    for (const Sample& s : samples) sum += difference(s, r) / static_cast<double>(samples.size());
    return sum;
}

// A setting that is searched: where it is, what it does nothing at, and how far it may go.
struct Knob {
    std::function<double&(RecipeSettings&)> value;
    double rest, low, high;
};
using Knobs = std::vector<Knob>;

Knobs exposure() {
    return {{[](RecipeSettings& r) -> double& { return r.exposureStops; }, 0, -8, 8}};
}
Knobs ends() {
    return {{[](RecipeSettings& r) -> double& { return r.blackPercent; }, 0, -15, 15},
            {[](RecipeSettings& r) -> double& { return r.whitePercent; }, 100, 80, 120}};
}
Knobs contrast() {
    Knobs out;
    for (std::size_t i = 0; i < 3; ++i) {
        const double rest = 25.0 * static_cast<double>(i + 1);
        out.push_back(
            {[i](RecipeSettings& r) -> double& { return r.points[i]; }, rest, rest - 12, rest + 12});
    }
    return out;
}
Knobs saturation() {
    return {{[](RecipeSettings& r) -> double& { return r.saturationPercent; }, 0, -60, 200}};
}
void addMove(Knobs& out, const std::function<HueMove&(RecipeSettings&)>& move) {
    out.push_back({[move](RecipeSettings& r) -> double& { return move(r).turnDegrees; }, 0, -40, 40});
    out.push_back({[move](RecipeSettings& r) -> double& { return move(r).saturationPercent; }, 0, -60, 100});
    out.push_back({[move](RecipeSettings& r) -> double& { return move(r).lightness; }, 0, -20, 20});
}
Knobs skin() {
    Knobs out;
    addMove(out, [](RecipeSettings& r) -> HueMove& { return r.skin; });
    return out;
}
Knobs sectors() {
    Knobs out;
    for (std::size_t i = 0; i < kRecipeSectors.size(); ++i)
        addMove(out, [i](RecipeSettings& r) -> HueMove& { return r.sectors[i]; });
    return out;
}

struct Search {
    const std::vector<Sample>& samples;
    const RecipeSettings& start;
    const Knobs& knobs;

    RecipeSettings at(const double* x) const {
        RecipeSettings r = start;
        for (std::size_t i = 0; i < knobs.size(); ++i) knobs[i].value(r) = knobs[i].rest + x[i] * unit(i);
        return r;
    }
    // Settings are searched as shares of how far they may go.
    double unit(std::size_t i) const { return (knobs[i].high - knobs[i].low) / 2; }

    bool operator()(double const* const* x, double* out) const {
        const RecipeSettings r = at(x[0]);
        for (std::size_t i = 0; i < samples.size(); ++i)
            out[i] = samples[i].weight * difference(samples[i], r);
        // What no patch asks for stays where it is.
        for (std::size_t i = 0; i < knobs.size(); ++i) out[samples.size() + i] = 0.3 * x[0][i];
        return true;
    }
};

RecipeSettings searched(const std::vector<Sample>& samples, const RecipeSettings& start, const Knobs& knobs) {
    const Search search{samples, start, knobs};
    std::vector<double> x(knobs.size());
    RecipeSettings copy = start;
    for (std::size_t i = 0; i < knobs.size(); ++i)
        x[i] = std::clamp((knobs[i].value(copy) - knobs[i].rest) / search.unit(i), -1.0, 1.0);
    auto* cost = new ceres::DynamicNumericDiffCostFunction<Search, ceres::FORWARD>(new Search(search));
    cost->AddParameterBlock(static_cast<int>(x.size()));
    cost->SetNumResiduals(static_cast<int>(samples.size() + knobs.size()));
    ceres::Problem problem;
    problem.AddResidualBlock(cost, nullptr, x.data());
    for (int i = 0; i < static_cast<int>(x.size()); ++i) {
        const Knob& k = knobs[static_cast<std::size_t>(i)];
        const double unit = search.unit(static_cast<std::size_t>(i));
        problem.SetParameterLowerBound(x.data(), i, (k.low - k.rest) / unit);
        problem.SetParameterUpperBound(x.data(), i, (k.high - k.rest) / unit);
    }
    ceres::Solver::Options o;
    o.linear_solver_type = ceres::DENSE_QR;
    o.max_num_iterations = 40;
    o.logging_type = ceres::SILENT;
    ceres::Solver::Summary summary;
    ceres::Solve(o, &problem, &summary);
    const RecipeSettings found = search.at(x.data());
    return mean(samples, found) < mean(samples, start) ? found : start;
}

std::vector<Sample> samplesOf(const Correction& c) {
    const CompiledFinish finish = compile(c.finish);
    std::vector<Sample> out;
    for (const PatchResult& p : c.patches) {
        if (!p.used || p.rgb.minCoeff() <= 0) continue;
        const Xyz corrected = c.toXyzD50(p.rgb);
        out.push_back({p.id, p.rgb,
                       toLab(c.finish.isNone() ? corrected : finished(corrected, finish), white::d50),
                       p.role == Role::neutral || p.role == Role::skin ? 1.5 : 1});
    }
    return out;
}

std::string number(const char* format, double v) {
    return figure(format, v);
}

// Of the picture: above 0 it gets warmer.
double miredShift(const ColourTemperature& light) {
    return 1e6 / kRecipeNeutralKelvin - light.mired();
}

std::vector<std::string> balanceLines(const RecipeSettings& r) {
    if (r.gainStops.isZero()) return {};
    std::vector<std::string> out{say("Gain of red %1 stops, of green %2, of blue %3.",
                                     signedSetting(r.gainStops.x(), 2), signedSetting(r.gainStops.y(), 2),
                                     signedSetting(r.gainStops.z(), 2))};
    const auto light = lightTakenOut(r.gainStops);
    if (!light) {
        out.push_back(
            say("Temperature and tint do not reach a light like this one, of a camera's bare numbers: set "
                "the gains, or pick a grey of the chart as white."));
        return out;
    }
    const double shift = miredShift(*light);
    out.push_back(say("With temperature and tint instead: %1 K, tint Duv %2 (%3).",
                      number("%.0f", light->kelvin), signedSetting(light->duv, 3),
                      light->duv > 0 ? say("a greenish light, so magenta takes it out")
                                     : say("a pinkish light, so green takes it out")));
    out.push_back(say("In mired: %1, as %2; the tint alike.", signedSetting(shift, 0),
                      shift < 0 ? say("a cooling filter does") : say("a warming filter does")));
    return out;
}

std::vector<std::string> moveLines(const std::string& who, const HueMove& m) {
    if (m.isNone()) return {};
    std::string line = who + ":";
    if (m.turnDegrees != 0)
        line +=
            say(" turn by %1 degrees (%2),", signedSetting(m.turnDegrees, 0),
                m.turnDegrees > 0 ? say("counter-clockwise, as hues rise") : say("clockwise, as hues fall"));
    if (m.saturationPercent != 0) line += say(" saturation %1 %,", signedSetting(m.saturationPercent, 0));
    if (m.lightness != 0) line += say(" lightness %1,", signedSetting(m.lightness, 1));
    line.back() = '.';
    return {line};
}

using Lines = std::vector<std::string>;

struct Stage {
    std::string_view name;
    Lines (*lines)(const RecipeSettings&);
    // Takes the settings of this stage from the finished ones.
    void (*take)(RecipeSettings& to, const RecipeSettings& from);
};

Lines exposureLines(const RecipeSettings& r) {
    if (r.exposureStops == 0) return {};
    return {say("Exposure %1 stops.", signedSetting(r.exposureStops, 2))};
}
Lines endLines(const RecipeSettings& r) {
    if (r.blackPercent == 0 && r.whitePercent == 100) return {};
    return {
        say("Black to %1 %, white to %2 %.", number("%.1f", r.blackPercent), number("%.1f", r.whitePercent))};
}
Lines contrastLines(const RecipeSettings& r) {
    Lines out;
    for (std::size_t i = 0; i < 3; ++i)
        if (const double at = 25.0 * static_cast<double>(i + 1); r.points[i] != at)
            out.push_back(
                say("The curve's point at %1 % to %2 %.", number("%.0f", at), number("%.1f", r.points[i])));
    return out;
}
Lines saturationLines(const RecipeSettings& r) {
    if (r.saturationPercent == 0) return {};
    return {say("Saturation of all colours %1 %.", signedSetting(r.saturationPercent, 0))};
}
Lines skinLines(const RecipeSettings& r) {
    return moveLines(say("Skin"), r.skin);
}
Lines sectorLines(const RecipeSettings& r) {
    Lines out;
    for (std::size_t i = 0; i < kRecipeSectors.size(); ++i)
        for (std::string& line :
             moveLines(std::string(kRecipeSectors[i].letters) + " (" + say(kRecipeSectors[i].words) + ")",
                       r.sectors[i]))
            out.push_back(std::move(line));
    return out;
}

constexpr std::array<Stage, 7> kStages{{
    {word("Balance"), balanceLines,
     [](RecipeSettings& to, const RecipeSettings& f) { to.gainStops = f.gainStops; }},
    {word("Exposure"), exposureLines,
     [](RecipeSettings& to, const RecipeSettings& f) { to.exposureStops = f.exposureStops; }},
    {word("Black and white"), endLines,
     [](RecipeSettings& to, const RecipeSettings& f) {
         to.blackPercent = f.blackPercent;
         to.whitePercent = f.whitePercent;
     }},
    {word("Contrast"), contrastLines,
     [](RecipeSettings& to, const RecipeSettings& f) { to.points = f.points; }},
    {word("Saturation"), saturationLines,
     [](RecipeSettings& to, const RecipeSettings& f) { to.saturationPercent = f.saturationPercent; }},
    {word("Skin"), skinLines, [](RecipeSettings& to, const RecipeSettings& f) { to.skin = f.skin; }},
    {word("Hues"), sectorLines, [](RecipeSettings& to, const RecipeSettings& f) { to.sectors = f.sectors; }},
}};

HueMove roundedMove(const HueMove& m) {
    return {std::round(m.turnDegrees), std::round(m.saturationPercent), std::round(2 * m.lightness) / 2};
}

}  // namespace

double sectorShare(double hue, std::size_t sector) {
    const std::size_t n = kRecipeSectors.size();
    const double middle = kRecipeSectors[sector].degrees;
    const double signedOff = std::fmod(hue - middle + 540, 360) - 180;
    const auto& neighbour = kRecipeSectors[(sector + (signedOff > 0 ? 1 : n - 1)) % n];
    const double width = apart(neighbour.degrees, middle);
    const double off = std::abs(signedOff);
    return off >= width ? 0 : 0.5 * (1 + std::cos(std::numbers::pi * off / width));
}

double skinShare(const Lch& c) {
    const double off = apart(c.h, kSkinDegrees);
    const double hue = off >= 30 ? 0 : 0.5 * (1 + std::cos(std::numbers::pi * off / 30));
    const auto ramp = [](double x) { return std::clamp(x, 0.0, 1.0); };
    return hue * ramp((c.C - 4) / 8) * ramp((50 - c.C) / 15);
}

std::string signedSetting(double value, int digits) {
    return figure(("%+." + std::to_string(digits) + "f").c_str(), value);
}

std::optional<ColourTemperature> lightTakenOut(const Vector3& gainStops) {
    Vector3 white;
    for (int k = 0; k < 3; ++k) white(k) = std::exp2(-gainStops(k));
    const Xyz shown = Xyz::from(rgbToXyz(primaries::bt709) * white);
    auto light = colourTemperature(chromaticity(shown));
    if (!light) return {};
    // To what can be set by hand.
    light->kelvin = std::round(light->kelvin / 10) * 10;
    light->duv = std::round(light->duv * 1000) / 1000;
    return *light;
}

RecipeSettings RecipeSettings::rounded() const {
    const auto to = [](double v, double step) { return std::round(v / step) * step; };
    RecipeSettings r;
    for (int k = 0; k < 3; ++k) r.gainStops(k) = to(gainStops(k), 0.05);
    r.exposureStops = to(exposureStops, 0.05);
    r.blackPercent = to(blackPercent, 0.5);
    r.whitePercent = to(whitePercent, 0.5);
    for (std::size_t i = 0; i < 3; ++i) r.points[i] = to(points[i], 0.5);
    r.saturationPercent = std::round(saturationPercent);
    r.skin = roundedMove(skin);
    for (std::size_t i = 0; i < sectors.size(); ++i) r.sectors[i] = roundedMove(sectors[i]);
    return r;
}

Lab carriedOut(const Vector3& linearRgb, const RecipeSettings& r) {
    static const Matrix3 toXyz = rgbToXyzD50(primaries::bt709);
    Vector3 v;
    for (int k = 0; k < 3; ++k) {
        const double light = linearRgb(k) * std::exp2(r.gainStops(k) + r.exposureStops);
        double shown = encode(Encoding::srgb, light);
        shown = (r.blackPercent + shown * (r.whitePercent - r.blackPercent)) / 100;
        v(k) = decode(Encoding::srgb, curved(shown, r.points));
    }
    Lch c = toLch(toLab(Xyz::from(toXyz * v), white::d50));
    c.C *= std::max(0.0, 1 + r.saturationPercent / 100);
    c = moved(c, r.skin, skinShare(c));
    HueMove all;
    for (std::size_t i = 0; i < kRecipeSectors.size(); ++i) {
        const double w = sectorShare(c.h, i);
        all.turnDegrees += w * r.sectors[i].turnDegrees;
        all.saturationPercent += w * r.sectors[i].saturationPercent;
        all.lightness += w * r.sectors[i].lightness;
    }
    c = moved(c, all, 1);
    c.h = std::fmod(c.h + 720, 360);
    return toLab(c);
}

Result<Recipe> recipeFor(const Correction& c) {
    const auto samples = samplesOf(c);
    if (samples.size() < 8)
        return failure(say("A recipe is told from the chart's patches; %1 usable ones are too few.",
                           std::to_string(samples.size())));
    RecipeSettings s;
    Recipe out;
    out.start = mean(samples, s);
    // Greys first: these are the gains that make them equal.
    for (int k = 0; k < 3; ++k) s.gainStops(k) = std::log2(c.gains(k));
    const std::array<Knobs, 6> steps{exposure(), ends(), contrast(), saturation(), skin(), sectors()};
    for (const Knobs& knobs : steps) s = searched(samples, s, knobs);
    // Once more all at once: what a later step does, an earlier one need not.
    Knobs all;
    for (const Knobs& knobs : steps) all.insert(all.end(), knobs.begin(), knobs.end());
    s = searched(samples, s, all);
    out.settings = s.rounded();

    RecipeSettings soFar;
    for (const Stage& stage : kStages) {
        stage.take(soFar, out.settings);
        out.steps.push_back({say(stage.name), stage.lines(out.settings), mean(samples, soFar)});
    }
    out.left = mean(samples, out.settings);
    for (const Sample& each : samples) {
        const double d = difference(each, out.settings);
        out.patches.push_back({each.id, each.wanted, carriedOut(each.camera, out.settings), d});
        if (d <= out.largest) continue;
        out.largest = d;
        out.worst = each.id;
    }
    return out;
}

std::string recipeText(const Recipe& r, const Correction& c) {
    std::string out = say("Recipe for %1\n", c.name);
    out += say("From the frame as it was recorded, in sRGB. The chart is off by %1 CIEDE2000 on average.\n\n",
               number("%.1f", r.start));
    int n = 1;
    for (const RecipeStep& step : r.steps) {
        out += std::to_string(n++) + ". " + step.name + "\n";
        for (const std::string& line : step.instructions) out += "   " + line + "\n";
        if (step.instructions.empty()) out += say("   Nothing to do.\n");
        out += say("   Left: %1\n", number("%.1f", step.left));
    }
    return say("%1\nIn the end %2 is left on average, %3 at most (%4).\n", out, number("%.1f", r.left),
               number("%.1f", r.largest), r.worst);
}

std::string recipeTable(const Recipe& r) {
    std::string out = "step,setting,value,unit\r\n";
    const auto row = [&](const char* step, const std::string& setting, double v, const char* unit) {
        out += std::string(step) + ',' + setting + ',' + number("%g", v) + ',' + unit + "\r\n";
    };
    const RecipeSettings& s = r.settings;
    for (int k = 0; k < 3; ++k)
        row("balance", k == 0 ? "red" : k == 1 ? "green" : "blue", s.gainStops(k), "stops");
    if (const auto light = s.gainStops.isZero() ? std::nullopt : lightTakenOut(s.gainStops)) {
        row("balance", "temperature", light->kelvin, "K");
        row("balance", "tint", light->duv, "Duv");
        row("balance", "shift", std::round(miredShift(*light)), "mired");
    }
    row("exposure", "exposure", s.exposureStops, "stops");
    row("black and white", "black", s.blackPercent, "%");
    row("black and white", "white", s.whitePercent, "%");
    for (std::size_t i = 0; i < 3; ++i)
        row("contrast", "point " + std::to_string(25 * (i + 1)), s.points[i], "%");
    row("saturation", "all", s.saturationPercent, "%");
    const auto move = [&](const char* step, const std::string& who, const HueMove& m) {
        row(step, who + " turn", m.turnDegrees, "degrees");
        row(step, who + " saturation", m.saturationPercent, "%");
        row(step, who + " lightness", m.lightness, "L*");
    };
    move("skin", "skin", s.skin);
    for (std::size_t i = 0; i < kRecipeSectors.size(); ++i)
        move("hues", std::string(kRecipeSectors[i].letters), s.sectors[i]);
    for (const RecipeStep& step : r.steps) row("left", step.name, step.left, "CIEDE2000");
    return out;
}

}  // namespace refero
