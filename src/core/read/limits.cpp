// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/limits.h"

#include "core/say/say.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <sstream>

namespace refero {
namespace {

Limits copyWork() {
    Limits l;
    l.name = word("Copy work");
    l.source = word(
        "Evenness after the lightness uniformity of the US federal digitisation guidelines (three stars, "
        "from memory); noise after ISO 12232's excellent; the rest is common practice of collections.");
    l.exposure = {0.50, 0.92, 0.30, 0.97};
    l.clipping = {0, 0.0005, 0, 0.005};
    l.buried = {8, 1e9, 4, 1e9};
    l.neutrality = {0, 0.007, 0, 0.015};
    l.cast = {0, 0.007, 0, 0.015};
    l.patchPixels = {900, 1e9, 200, 1e9};
    l.tilt = {0, 3, 0, 8};
    l.focusPercent = {0, 8, 0, 20};
    l.evenness = {0, 0.10, 0, 0.30};
    l.shadow = {0, 0.06, 0, 0.15};
    l.covered = {0, 0, 0, 1};
    l.flare = {0, 0.003, 0, 0.01};
    l.noise = {40, 1e9, 15, 1e9};
    l.subject = {0, 1, 0, 3};
    return l;
}

Limits product() {
    Limits l;
    l.name = word("Product");
    l.source = word(
        "Greys within 1 % after balancing and 90 % for the lightest patch are common practice; evenness, "
        "glare and focus lie between careful and slightly mistaken shots of the virtual camera.");
    return l;
}

Limits event() {
    Limits l;
    l.name = word("Event");
    l.source = word("What still gives a usable balance and matrix in a hurry; common practice of reportage.");
    l.exposure = {0.30, 0.96, 0.10, 0.99};
    l.nominal = {-1.5, 2, -3, 4};
    l.neutrality = {0, 0.02, 0, 0.05};
    l.cast = {0, 0.02, 0, 0.05};
    l.sharePercent = {1, 70, 0.4, 90};
    l.patchPixels = {150, 1e9, 30, 1e9};
    l.edgePercent = {2, 1e9, 0.2, 1e9};
    l.tilt = {0, 25, 0, 40};
    l.focusPercent = {0, 20, 0, 50};
    l.evenness = {0, 0.6, 0, 1.5};
    l.shadow = {0, 0.2, 0, 0.7};
    l.covered = {0, 0, 0, 6};
    l.flare = {0, 0.012, 0, 0.05};
    l.noise = {10, 1e9, 4, 1e9};
    l.subject = {0, 3, 0, 8};
    return l;
}

Limits film() {
    Limits l;
    l.name = word("Film");
    l.source =
        word("Log and flat recordings hold white low and black high; common practice of camera crews.");
    l.exposure = {0.20, 0.92, 0.08, 0.98};
    l.nominal = {-2, 2, -4, 4};
    l.neutrality = {0, 0.015, 0, 0.04};
    l.cast = {0, 0.015, 0, 0.04};
    l.sharePercent = {1.5, 60, 0.5, 85};
    l.patchPixels = {200, 1e9, 40, 1e9};
    l.evenness = {0, 0.4, 0, 1.2};
    l.flare = {0, 0.010, 0, 0.04};
    l.noise = {10, 1e9, 5, 1e9};
    return l;
}

constexpr std::array kFields{
    LimitField{"exposure", &Limits::exposure},  LimitField{"clipping", &Limits::clipping},
    LimitField{"buried", &Limits::buried},      LimitField{"neutrality", &Limits::neutrality},
    LimitField{"cast", &Limits::cast},          LimitField{"size", &Limits::sharePercent},
    LimitField{"pixels", &Limits::patchPixels}, LimitField{"edge", &Limits::edgePercent},
    LimitField{"tilt", &Limits::tilt},          LimitField{"focus", &Limits::focusPercent},
    LimitField{"evenness", &Limits::evenness},  LimitField{"shadow", &Limits::shadow},
    LimitField{"covered", &Limits::covered},    LimitField{"glare", &Limits::flare},
    LimitField{"shine", &Limits::shine},        LimitField{"noise", &Limits::noise},
    LimitField{"chart", &Limits::agreement},    LimitField{"encoding", &Limits::doubt},
    LimitField{"light", &Limits::subject},      LimitField{"nominal", &Limits::nominal},
};

}  // namespace

std::span<const LimitField> limitFields() {
    return kFields;
}

const std::vector<Limits>& limitSets() {
    static const std::vector<Limits> sets{copyWork(), product(), event(), film()};
    return sets;
}

Result<Limits> limitsByName(std::string_view name) {
    for (const Limits& l : limitSets())
        if (l.name == name) return l;
    return failure(
        say("There are no limits called \"%1\"; there are Copy work, Product, Event and Film.", name));
}

Result<Limits> withLimit(Limits limits, std::string_view id, const Band& band) {
    const auto it =
        std::find_if(kFields.begin(), kFields.end(), [&](const LimitField& f) { return f.id == id; });
    if (it == kFields.end()) return failure(say("No check is called %1.", id));
    const bool ordered = band.tolerableLow <= band.low && band.low <= band.high &&
                         band.high <= band.tolerableHigh;  // false for NaN, too
    if (!ordered)
        return failure(
            say("The limits of %1 are not in order: tolerable from, good from, good to, tolerable to.", id));
    limits.*(it->band) = band;
    return limits;
}

Result<Limits> limitsFrom(std::string_view set, std::string_view changes) {
    auto limits = limitsByName(set);
    std::istringstream all{std::string(changes)};
    for (std::string one; limits && std::getline(all, one, ';');) {
        std::istringstream words(one);
        std::string id, rest;
        if (!(words >> id)) continue;
        std::array<double, 4> v{};
        for (double& number : v) {
            std::string word;
            char* end = nullptr;
            if (words >> word) number = std::strtod(word.c_str(), &end);
            if (!end || *end != '\0' || word.empty())
                return failure(say("The changed limit of %1 needs four numbers.", id));
        }
        if (words >> rest) return failure(say("The changed limit of %1 has more than four numbers.", id));
        limits = withLimit(*limits, id, {v[0], v[1], v[2], v[3]});
    }
    return limits;
}

std::string changesIn(const Limits& limits) {
    const auto set = limitsByName(limits.name);
    std::string out;
    if (!set) return out;
    for (const LimitField& f : kFields) {
        const Band &now = limits.*(f.band), &was = (*set).*(f.band);
        if (now == was) continue;
        char text[160];
        std::snprintf(text, sizeof text, "%s %.6g %.6g %.6g %.6g", std::string(f.id).c_str(), now.low,
                      now.high, now.tolerableLow, now.tolerableHigh);
        out += (out.empty() ? "" : "; ") + std::string(text);
    }
    return out;
}

Band allowing(const Band& band, double value) {
    // Six digits are kept; the value itself must stay inside.
    const double room = 1e-5 * std::abs(value);
    Band wide = band;
    wide.low = std::min(band.low, value - room);
    wide.high = std::max(band.high, value + room);
    wide.tolerableLow = std::min(band.tolerableLow, wide.low);
    wide.tolerableHigh = std::max(band.tolerableHigh, wide.high);
    return wide;
}

}  // namespace refero
