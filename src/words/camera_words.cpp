// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/camera_words.h"

#include "core/say/figure.h"

#include <cmath>
#include <cstdio>
#include <cstdlib>

namespace refero::words {
namespace {

constexpr double kRightWithin = 4;  // mired; less is not seen

std::string kelvin(double k) {
    return std::to_string(10 * std::lround(k / 10)) + " K";
}

// Tints differ from camera to camera, their direction does not.
std::string tint(const DialledBalance& b) {
    if (std::abs(b.duv) < 0.0005) return say("no tint");
    return b.duv > 0 ? sayf("a tint towards magenta (Duv +%.3f)", b.duv)
                     : sayf("a tint towards green (Duv \xE2\x88\x92%.3f)", -b.duv);
}

std::string scale(const CameraAdvice& a) {
    if (a.scale.samples == 0) return say(", by the raw file's own matrix.");
    if (a.scale.samples == 1) return say(", on this body's scale (1 frame).");
    return say(", on this body's scale (%1 frames).", std::to_string(a.scale.samples));
}

std::string balance(const CameraAdvice& a) {
    const std::string wanted = say("%1 and %2", kelvin(a.light->kelvin), tint(*a.light));
    if (a.set && a.miredOff && std::abs(*a.miredOff) < kRightWithin)
        return say("The balance is right: %1%2", wanted, scale(a));
    std::string out = say("Dial %1", wanted);
    if (a.set && a.miredOff)
        out += say("; it had %1, meant for a light %2 mired %3", kelvin(a.set->kelvin),
                   std::to_string(std::lround(std::abs(*a.miredOff))),
                   *a.miredOff > 0 ? say("cooler") : say("warmer"));
    return out + scale(a);
}

std::string precision(const RawPrecision& p) {
    std::string out;
    if (p.bits > 0 && p.bits < 14)
        out = say("The raw file holds %1 bits; shadows that are lifted far show steps.",
                  std::to_string(p.bits));
    if (p.coarseHighlights)
        out += (out.empty() ? "" : " ") +
               say("Its highlights are written in coarser steps (a lossy recording).");
    return out;
}

std::string oneDecimal(double v) {
    return figure("%.1f", v);
}

}  // namespace

std::string stopsInThirds(int thirds) {
    const int whole = std::abs(thirds) / 3, rest = std::abs(thirds) % 3;
    if (whole == 0 && rest == 0) return say("nothing");
    const std::string part = rest == 0 ? "" : std::to_string(rest) + "/3";
    if (whole == 0) return say("%1 stop", part);
    const std::string number = std::to_string(whole) + (part.empty() ? "" : " " + part);
    return whole == 1 && rest == 0 ? say("%1 stop", number) : say("%1 stops", number);
}

std::vector<std::string> sentences(const CameraAdvice& a) {
    std::vector<std::string> out;
    if (a.openStops)
        if (const int thirds = thirdsOf(*a.openStops); thirds != 0)
            out.push_back(thirds > 0 ? say("Open up by %1.", stopsInThirds(thirds))
                                     : say("Close down by %1.", stopsInThirds(thirds)));
    if (a.light) out.push_back(balance(a));
    if (a.stored) out.push_back(say("The stored balance \"%1\" is near enough.", name(*a.stored)));
    if (a.histogramStops)
        out.push_back(*a.histogramStops > 0
                          ? say("The camera's histogram is misled by its balance: it shows this light's "
                                "strongest channel %1 stops lighter than the raw file holds it.",
                                oneDecimal(*a.histogramStops))
                          : say("The camera's histogram is misled by its balance: it shows this light's "
                                "strongest channel %1 stops darker than the raw file holds it.",
                                oneDecimal(-*a.histogramStops)));
    if (a.wanderMired)
        out.push_back(
            say("The balance wandered by %1 mired over %2 frames of this light: fix it, so that JPEGs and "
                "clips match.",
                std::to_string(std::lround(*a.wanderMired)), std::to_string(a.framesSeen)));
    if (a.precision)
        if (std::string p = precision(*a.precision); !p.empty()) out.push_back(std::move(p));
    return out;
}

}  // namespace refero::words
