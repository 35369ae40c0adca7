// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/chart/chart_data.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <map>
#include <set>

#include "core/colour/adaptation.h"
#include "core/colour/lab.h"
#include "core/say/say.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"

namespace refero {
namespace {

constexpr std::size_t kMostSamples = 10'000;

std::string lower(std::string_view text) {
    std::string out(text);
    std::transform(out.begin(), out.end(), out.begin(), [](unsigned char c) { return std::tolower(c); });
    return out;
}

bool inRange(const ChartData& data, const ChartData::Sample& s) {
    switch (data.kind) {
        case ChartData::Kind::lab:
            return s.value.allFinite() && s.value.x() >= -1 && s.value.x() <= 150 &&
                   s.value.tail<2>().cwiseAbs().maxCoeff() <= 300;
        case ChartData::Kind::xyz:
            return s.value.allFinite() && s.value.minCoeff() >= -0.01 && s.value.maxCoeff() <= 3;
        case ChartData::Kind::spectra:
            return s.spectrum.size() >= 2 && std::all_of(s.spectrum.begin(), s.spectrum.end(), [](double v) {
                       return std::isfinite(v) && v >= -0.02 && v <= 3;
                   });
    }
    return false;
}

std::string conditionOf(const ChartData& data) {
    if (!data.condition.empty()) return say(" Measured under %1 (ISO 13655).", data.condition);
    return say(" The file does not say the measurement condition (M0, M1, M2 of ISO 13655).");
}

double hueApart(double a, double b) {
    const double d = std::fmod(std::abs(a - b), 360);
    return std::min(d, 360 - d);
}

}  // namespace

Status validate(const ChartData& data) {
    if (data.samples.empty()) return failure(say("There are no colours in it."));
    if (data.samples.size() > kMostSamples)
        return failure(say("It has %1 colours; 10000 are the most.", std::to_string(data.samples.size())));
    if (data.kind == ChartData::Kind::spectra &&
        !(data.startNm >= 200 && data.startNm <= 1200 && data.stepNm > 0 && data.stepNm <= 100))
        return failure(say("Its spectra start at %1 nm in steps of %2 nm, which no instrument measures.",
                           std::to_string(data.startNm), std::to_string(data.stepNm)));
    std::set<std::string> ids;
    for (const auto& s : data.samples) {
        if (!ids.insert(s.id).second) return failure(say("Two colours have the id \"%1\".", s.id));
        if (!inRange(data, s))
            return failure(say("The colour \"%1\" has values that are out of range.", s.id));
    }
    return {};
}

Result<ChartColours> brought(const ChartData& data) {
    if (auto ok = validate(data); !ok) return tl::unexpected(ok.error());
    ChartColours out;
    if (data.kind == ChartData::Kind::spectra) {
        std::string glowing;
        for (const auto& s : data.samples) {
            Reflectance r{data.startNm, data.stepNm, s.spectrum};
            for (double& v : r.values) v = std::max(v, 0.0);
            Patch p;
            p.reflectance = r;
            if (p.fluorescent()) glowing += (glowing.empty() ? "" : ", ") + s.id;
            const Lab lab = labOf(r);
            out.colours.push_back({s.id, s.name, lab, std::move(r)});
        }
        out.method =
            say("L*a*b* computed from the spectra for D50 and the 2 degree observer.%1", conditionOf(data));
        if (!glowing.empty())
            out.method +=
                say(" Above 1, so fluorescent: %1; what they look like depends on the ultraviolet in the "
                    "light, and they count a quarter in a fit.",
                    glowing);
        return out;
    }
    const std::string stated = data.illuminant.empty() ? "d50" : lower(data.illuminant);
    const auto light = illuminantByName(stated);
    if (!light)
        return failure(
            say("Its values are for the illuminant \"%1\", which is not known here. Give spectra, or values "
                "for D50.",
                data.illuminant));
    const Xyz from = stated == "d50" ? whiteXyz(white::d50)
                                     : lightXyz(*light, data.observerDegrees == 10 ? cie1964() : cie1931());
    const Matrix3 m = adaptation(Adaptation::cat16, from, whiteXyz(white::d50));
    for (const auto& s : data.samples) {
        const Xyz xyz = data.kind == ChartData::Kind::xyz
                            ? Xyz::from(s.value)
                            : toXyz(Lab{s.value.x(), s.value.y(), s.value.z(), chromaticity(from)});
        out.colours.push_back({s.id, s.name, toLab(Xyz::from(m * xyz.vector()), white::d50), {}});
    }
    const char* what = data.kind == ChartData::Kind::xyz ? "XYZ" : "L*a*b*";
    out.method = stated == "d50" ? say("%1 for D50, taken as they are.", what)
                                 : say("%1 for %2, brought to D50 with CAT16.", what, data.illuminant);
    if (data.illuminant.empty()) out.method += say(" The file does not say the illuminant; D50 is assumed.");
    if (data.observerDegrees == 10)
        out.method +=
            say(" They are of the 10 degree observer and are used as they are: without spectra there is no "
                "way to the 2 degree observer.");
    if (data.observerDegrees == 0)
        out.method += say(" The file does not say the observer; 2 degrees is assumed.");
    out.method += conditionOf(data);
    return out;
}

// Ranges after common practice for what charts carry; only a start for a person to correct.
Lab labOf(const Reflectance& r) {
    static const Spectrum d50 = *illuminantByName("d50");
    Patch p;
    p.reflectance = r;
    return toLab(referenceXyzD50(p, d50), white::d50);
}

Role proposedRole(const Lab& lab) {
    const Lch c = toLch(lab);
    if (c.C < 4) return Role::neutral;
    if (c.C < 9)
        return hueApart(c.h, 75) < 75 ? Role::warm : hueApart(c.h, 255) < 60 ? Role::cool : Role::other;
    if (hueApart(c.h, 55) < 22 && c.C < 32 && c.L > 25 && c.L < 90) return Role::skin;
    if (hueApart(c.h, 125) < 25 && c.C > 12 && c.C < 45 && c.L < 70) return Role::foliage;
    if (hueApart(c.h, 250) < 30 && c.C < 35 && c.L > 40) return Role::sky;
    if (c.C >= 40)
        for (const auto& [hue, role] : {std::pair(32.0, Role::primary),
                                        {148.0, Role::primary},
                                        {290.0, Role::primary},
                                        {92.0, Role::secondary},
                                        {350.0, Role::secondary},
                                        {225.0, Role::secondary}})
            if (hueApart(c.h, hue) < 24) return role;
    return Role::other;
}

std::string chartId(const std::string& name) {
    std::string id;
    for (const char c : name)
        if (std::isalnum(static_cast<unsigned char>(c))) {
            id += static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
        } else if (!id.empty() && id.back() != '-') {
            id += '-';
        }
    while (!id.empty() && id.back() == '-') id.pop_back();
    return id.empty() ? "chart" : id;
}

ChartGrid proposedGrid(std::size_t patches) {
    ChartGrid best;
    const int n = static_cast<int>(std::max<std::size_t>(1, patches));
    double least = 1e9;
    for (int rows = 1; rows <= n && rows <= 100; ++rows) {
        const int columns = (n + rows - 1) / rows;
        const double shape = std::abs(std::log(double(columns) / rows / 1.5)), empty = rows * columns - n;
        if (shape + empty < least) {
            least = shape + empty;
            best.rows = rows;
            best.columns = columns;
        }
    }
    return best;
}

Result<Chart> chartOnGrid(const ChartColours& colours, const ChartGrid& g, const std::string& id,
                          const std::string& name, const std::string& source) {
    if (g.rows < 1 || g.columns < 1 || g.rows > 200 || g.columns > 200)
        return failure(say("A grid has 1 to 200 rows and columns."));
    if (!(g.patchWidthMm > 0 && g.patchHeightMm > 0 && g.gapMm >= 0 && g.marginMm >= 0))
        return failure(say("Patches need a width and a height above 0, gaps and margin of 0 or more."));
    if (colours.colours.size() > static_cast<std::size_t>(g.rows) * static_cast<std::size_t>(g.columns))
        return failure(say("%1 colours do not fit into %2 rows of %3.",
                           std::to_string(colours.colours.size()), std::to_string(g.rows),
                           std::to_string(g.columns)));
    Chart chart;
    chart.id = id;
    chart.name = name;
    chart.source = source;
    const Point pitch(g.patchWidthMm + g.gapMm, g.patchHeightMm + g.gapMm);
    chart.outlineMm = {2 * g.marginMm + g.columns * pitch.x() - g.gapMm,
                       2 * g.marginMm + g.rows * pitch.y() - g.gapMm};
    for (std::size_t i = 0; i < colours.colours.size(); ++i) {
        const auto& c = colours.colours[i];
        const Point at(static_cast<double>(i % static_cast<std::size_t>(g.columns)),
                       static_cast<double>(i / static_cast<std::size_t>(g.columns)));
        Patch p;
        p.id = c.id;
        p.name = c.name;
        p.role = proposedRole(c.labD50);
        p.sizeMm = {g.patchWidthMm, g.patchHeightMm};
        p.centreMm = Point(g.marginMm, g.marginMm) + at.cwiseProduct(pitch) + p.sizeMm / 2;
        p.labD50 = c.labD50;
        p.reflectance = c.reflectance;
        chart.patches.push_back(std::move(p));
    }
    if (auto ok = validate(chart); !ok) return tl::unexpected(ok.error());
    return chart;
}

Result<Chart> withColours(const Chart& design, const ChartColours& colours, const std::string& source) {
    if (colours.colours.size() != design.patches.size())
        return failure(say("%1 has %2 patches, the data %3 colours.", design.name,
                           std::to_string(design.patches.size()), std::to_string(colours.colours.size())));
    std::map<std::string, const ChartColours::Colour*> byId;
    for (const auto& c : colours.colours) byId[c.id] = &c;
    const bool named = std::all_of(design.patches.begin(), design.patches.end(),
                                   [&](const Patch& p) { return byId.contains(p.id); });
    Chart out = design;
    out.source = source.empty() ? say("Measured on this copy. %1", colours.method) : source;
    for (std::size_t i = 0; i < out.patches.size(); ++i) {
        const ChartColours::Colour& c = named ? *byId[out.patches[i].id] : colours.colours[i];
        out.patches[i].labD50 = c.labD50;
        out.patches[i].reflectance = c.reflectance;
    }
    if (auto ok = validate(out); !ok) return tl::unexpected(ok.error());
    return out;
}

ChartData dataOf(const Chart& chart) {
    ChartData data;
    data.source = chart.source;
    data.illuminant = "D50";
    data.observerDegrees = 2;
    const auto& all = chart.patches;
    const bool spectra = !all.empty() && std::all_of(all.begin(), all.end(), [&](const Patch& p) {
        return p.reflectance && p.reflectance->startNm == all.front().reflectance->startNm &&
               p.reflectance->stepNm == all.front().reflectance->stepNm &&
               p.reflectance->values.size() == all.front().reflectance->values.size();
    });
    if (spectra) {
        data.kind = ChartData::Kind::spectra;
        data.startNm = all.front().reflectance->startNm;
        data.stepNm = all.front().reflectance->stepNm;
    }
    for (const Patch& p : all)
        data.samples.push_back({p.id,
                                p.name,
                                {p.labD50.L, p.labD50.a, p.labD50.b},
                                spectra ? p.reflectance->values : std::vector<double>{}});
    return data;
}

}  // namespace refero
