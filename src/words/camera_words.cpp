// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/camera_words.h"

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
    if (std::abs(b.duv) < 0.0005) return "no tint";
    char figure[16];
    std::snprintf(figure, sizeof figure, "%.3f", std::abs(b.duv));
    return std::string("a tint towards ") + (b.duv > 0 ? "magenta" : "green") + " (Duv " +
           (b.duv > 0 ? "+" : "\xE2\x88\x92") + figure + ")";
}

std::string scale(const CameraAdvice& a) {
    if (a.scale.samples == 0) return ", by the raw file's own matrix.";
    if (a.scale.samples == 1) return ", on this body's scale (1 frame).";
    return ", on this body's scale (" + std::to_string(a.scale.samples) + " frames).";
}

std::string balance(const CameraAdvice& a) {
    const std::string wanted = kelvin(a.light->kelvin) + " and " + tint(*a.light);
    if (a.set && a.miredOff && std::abs(*a.miredOff) < kRightWithin)
        return "The balance is right: " + wanted + scale(a);
    std::string out = "Dial " + wanted;
    if (a.set && a.miredOff)
        out += "; it had " + kelvin(a.set->kelvin) + ", meant for a light " +
               std::to_string(std::lround(std::abs(*a.miredOff))) + " mired " +
               (*a.miredOff > 0 ? "cooler" : "warmer");
    return out + scale(a);
}

std::string precision(const RawPrecision& p) {
    std::string out;
    if (p.bits > 0 && p.bits < 14)
        out =
            "The raw file holds " + std::to_string(p.bits) + " bits; shadows that are lifted far show steps.";
    if (p.coarseHighlights)
        out += std::string(out.empty() ? "" : " ") +
               "Its highlights are written in coarser steps (a lossy recording).";
    return out;
}

std::string oneDecimal(double v) {
    char text[32];
    std::snprintf(text, sizeof text, "%.1f", v);
    return text;
}

}  // namespace

std::string stopsInThirds(int thirds) {
    const int whole = std::abs(thirds) / 3, rest = std::abs(thirds) % 3;
    if (whole == 0 && rest == 0) return "nothing";
    const std::string part = rest == 0 ? "" : std::to_string(rest) + "/3";
    if (whole == 0) return part + " stop";
    return std::to_string(whole) + (part.empty() ? "" : " " + part) +
           (whole == 1 && rest == 0 ? " stop" : " stops");
}

std::vector<std::string> sentences(const CameraAdvice& a) {
    std::vector<std::string> out;
    if (a.openStops)
        if (const int thirds = thirdsOf(*a.openStops); thirds != 0)
            out.push_back((thirds > 0 ? "Open up by " : "Close down by ") + stopsInThirds(thirds) + ".");
    if (a.light) out.push_back(balance(a));
    if (a.stored)
        out.push_back("The stored balance \"" + std::string(name(*a.stored)) + "\" is near enough.");
    if (a.histogramStops)
        out.push_back(
            "The camera's histogram is misled by its balance: it shows this light's strongest channel " +
            oneDecimal(std::abs(*a.histogramStops)) + " stops " +
            (*a.histogramStops > 0 ? "lighter" : "darker") + " than the raw file holds it.");
    if (a.wanderMired)
        out.push_back("The balance wandered by " + std::to_string(std::lround(*a.wanderMired)) +
                      " mired over " + std::to_string(a.framesSeen) +
                      " frames of this light: fix it, so that JPEGs and clips match.");
    if (a.precision)
        if (std::string p = precision(*a.precision); !p.empty()) out.push_back(std::move(p));
    return out;
}

}  // namespace refero::words
