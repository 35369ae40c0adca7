// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/survey_run.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>

#include "core/find/finder.h"
#include "core/read/read.h"
#include "io/chart_file.h"
#include "sim/shoot.h"

namespace refero::sim {
namespace {

double smallestPatchPixels(const Truth& truth, const Chart& chart) {
    double smallest = 1e9;
    for (const Patch& p : chart.patches)
        smallest = std::min(
            smallest, p.sizeMm.minCoeff() * std::sqrt(std::abs(truth.chartToFrame.areaScale(p.centreMm))));
    return smallest;
}

double worstCorner(const Quad& a, const Quad& b) {
    double worst = 0;
    for (std::size_t i = 0; i < 4; ++i) worst = std::max(worst, (a[i] - b[i]).norm());
    return worst;
}

template <class... Values>
std::string formatted(const char* format, Values... values) {
    std::array<char, 400> text{};
    std::snprintf(text.data(), text.size(), format, values...);
    return text.data();
}

std::string about(const SurveyShot& s) {
    const Shot& shot = s.shot;
    return formatted(
        "%s, %.1f %% of the frame, tilt %.0f, blur %.1f px, ISO %.0f, light %s, fingers %zu, blots %zu%s",
        s.chart.id.c_str(), 100 * shot.pose.coverage, shot.pose.tiltDegrees, shot.blurPixels, shot.iso,
        shot.light.c_str(), shot.mishaps.fingers.size(), shot.mishaps.blots.size(),
        shot.mishaps.shadow ? ", shadow" : "");
}

Reading knownOf(const Shot& shot, Encoding encoding) {
    Reading r;
    r.encoding = encoding;
    r.encodingSource = EncodingSource::file;
    r.focalLength35mm = shot.focalLength35mm;
    r.framePath = shot.file;
    return r;
}

JudgingOutcome outcomeOf(const Result<Reading>& reading) {
    JudgingOutcome out;
    if (!reading) {
        out.told = {"finding"};
        out.detail = reading.error().message;
        return out;
    }
    for (const Check& c : reading->checks) {
        if (c.verdict != Verdict::pass) out.told.push_back(c.id);
        if (c.verdict != Verdict::pass) out.detail += formatted("%s %.3g; ", c.id.c_str(), c.value);
    }
    if (out.detail.empty()) out.detail = "nothing was said";
    return out;
}

JudgingOutcome judgedAs(const SurveyShot& s, const Chart& chart, Encoding encoding) {
    JudgingOutcome out;
    auto e = shoot(s.shot, s.chart);
    if (!e) {
        out.detail = e.error().message;
        return out;
    }
    const LinearImage image = toLinear(std::move(e->stored), encoding);
    ReadOptions options;
    options.others = io::shippedCharts();
    return outcomeOf(readChart(image, chart, knownOf(s.shot, encoding), options));
}

FindingOutcome outcomeOf(const SurveyShot& s, unsigned seed) {
    FindingOutcome out;
    out.seed = seed;
    out.usual = s.usual;
    auto e = shoot(s.shot, s.chart);
    if (!e) {
        out.told = e.error().message;
        return out;
    }
    const LinearImage image = toLinear(std::move(e->stored), Encoding::linear);
    const auto found = findChart(image, s.chart);
    if (!found) {
        out.told = found.error().message.substr(0, 40) + "... (" + about(s) + ")";
        return out;
    }
    out.found = true;
    out.confidence = found->confidence;
    out.agreement = found->agreement;
    out.robust = found->robustAgreement;
    out.agreeing = found->agreeing;
    out.seen = found->seen;
    out.edges = found->edges;
    out.residualPixels = found->edgeResidualPixels;
    out.patchPixels = smallestPatchPixels(*e->truth, s.chart);
    out.cornerError =
        worstCorner(found->corners, e->truth->corners) / smallestPatchPixels(*e->truth, s.chart);
    out.right = out.cornerError < 0.1;
    if (!out.right) {
        out.told = formatted("off by %.2f patch widths, confidence %.2f (%s)", out.cornerError,
                             out.confidence, about(s).c_str());
        return out;
    }
    const auto patches = measure(image, s.chart, found->chartToFrame);
    for (std::size_t i = 0; i < patches.size(); ++i) {
        const PatchTruth& t = e->truth->patches[i];
        if (t.covered > 0 || t.rgb.maxCoeff() > 0.95) continue;
        for (int c = 0; c < 3; ++c)
            if (t.rgb(c) > 0) out.valueErrors.push_back(std::abs(patches[i].rgb(c) / t.rgb(c) - 1));
    }
    return out;
}

}  // namespace

FindingOutcome surveyFinding(unsigned seed) {
    return outcomeOf(findingShot(seed), seed);
}

FindingOutcome surveyDesperate(unsigned seed) {
    return outcomeOf(desperateShot(seed), seed);
}

ChartlessOutcome surveyChartless(unsigned seed) {
    ChartlessOutcome out;
    out.seed = seed;
    auto e = shoot(chartlessShot(seed));
    if (!e) {
        out.falseFind = e.error().message;
        return out;
    }
    const LinearImage image = toLinear(std::move(e->stored), Encoding::linear);
    ChartFinder finder(image);
    auto charts = io::shippedCharts();
    charts.push_back(gaplessChart(3));
    charts.push_back(lightGroundChart(4));
    for (const Chart& c : charts)
        if (const auto f = finder.find(c))
            out.falseFind += formatted(
                "%s, agreement %.2f, robust %.2f of %.2f, seen %.2f, confidence %.2f; ", c.id.c_str(),
                f->agreement, f->robustAgreement, f->agreeing, f->seen, f->confidence);
    return out;
}

std::vector<std::string_view> checksFor(Fault fault) {
    switch (fault) {
        case Fault::overexposed:
        case Fault::oneChannelClipped:
            return {"exposure", "clipping"};
        case Fault::underexposed:
            return {"exposure"};
        case Fault::blackBuried:
            return {"buried"};
        case Fault::tooSmall:
        case Fault::fillsTheFrame:
            return {"size"};
        case Fault::nearTheEdge:
            return {"edge"};
        case Fault::tilted:
            return {"tilt"};
        case Fault::outOfFocus:
        case Fault::moved:
            return {"focus"};
        case Fault::unevenLight:
            return {"evenness"};
        case Fault::shadow:
            return {"shadow"};
        case Fault::finger:
        case Fault::dirt:
            return {"covered"};
        case Fault::flare:
            return {"glare"};
        case Fault::shine:
            return {"shine"};
        case Fault::noisy:
            return {"noise"};
        case Fault::crossedCurves:
            return {"cast"};
        case Fault::wrongEncoding:
            return {"encoding"};
        case Fault::balancedAlready:
            return {"balance"};
        case Fault::secondChart:
            return {"several"};
        case Fault::wrongChart:
        case Fault::mirrored:
        case Fault::partOutside:
        case Fault::count:
            break;
    }
    return {};
}

JudgingOutcome surveyFault(Fault fault, unsigned seed) {
    const SurveyShot s = faultyShot(fault, seed);
    Chart chart = s.chart;
    if (fault == Fault::wrongChart)
        for (const Chart& c : io::shippedCharts())
            if (c.id != s.chart.id) chart = c;
    JudgingOutcome out =
        judgedAs(s, chart, fault == Fault::wrongEncoding ? Encoding::linear : s.shot.encoding);
    const auto checks = checksFor(fault);
    const auto says = [&](const char* words) { return out.detail.find(words) != std::string::npos; };
    if (fault == Fault::mirrored)
        out.caught = says("mirrored");
    else if (fault == Fault::partOutside)
        out.caught = says("Only part");
    else if (fault == Fault::wrongChart)
        // No reading of the wrong chart; which one it is, is then found by trying the others.
        out.caught = out.told == std::vector<std::string>{"finding"} && says("No ");
    else
        out.caught = std::any_of(checks.begin(), checks.end(), [&](std::string_view id) {
            return std::find(out.told.begin(), out.told.end(), id) != out.told.end();
        });
    return out;
}

JudgingOutcome surveyFaultless(unsigned seed) {
    const SurveyShot s = faultlessShot(seed);
    JudgingOutcome out = judgedAs(s, s.chart, s.shot.encoding);
    out.caught = out.told.empty();
    return out;
}

JudgingOutcome surveyWide(unsigned seed, std::optional<Fault> fault) {
    const WideShot w = wideShot(seed, fault);
    const auto frame = taken(w);
    if (!frame) return {false, {}, frame.error().message};
    JudgingOutcome out = outcomeOf(readChart(frame->image, w.known, frame->about));
    if (!fault) {
        out.caught = out.told.empty();
        return out;
    }
    const auto checks = checksFor(*fault);
    out.caught = std::any_of(checks.begin(), checks.end(), [&](std::string_view id) {
        return std::find(out.told.begin(), out.told.end(), id) != out.told.end();
    });
    return out;
}

JudgingOutcome surveyBeside(unsigned seed, Beside beside) {
    const WideShot w = wideShotBeside(seed, beside);
    const auto frame = taken(w);
    if (!frame) return {false, {}, frame.error().message};
    ReadOptions options;
    std::vector<Chart> others{w.known};
    if (beside == Beside::otherKind) others.push_back(*w.stand.second);
    options.others = others;
    JudgingOutcome out = outcomeOf(readChart(frame->image, w.known, frame->about, options));
    out.caught = std::find(out.told.begin(), out.told.end(), "several") != out.told.end();
    return out;
}

}  // namespace refero::sim
