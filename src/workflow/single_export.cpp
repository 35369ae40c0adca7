// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/single_export.h"

#include <cmath>
#include <cstdio>

#include "io/correction_file.h"
#include "io/report/exposure_card.h"

namespace refero::workflow {
namespace {

Result<Correction> sharedCorrection(const Correction& own, const SingleExport& wish,
                                    const std::stop_token& stop) {
    FitOptions options;
    options.intent = own.intent;
    options.referenceLight = own.referenceLight;
    options.weights = own.weights;
    options.asShot = own.asShot;
    options.finish = own.finish;
    options.limits = own.limits;
    options.stop = stop;
    auto out = pooled(wish.pool, options);
    if (!out) return out;
    out->name = own.name + ", shared by " + std::to_string(wish.pool.size());
    out->built = own.built;
    return out;
}

// The ready finishes keep what was levelled by hand.
std::vector<std::pair<std::string, Correction>> variants(const Correction& c, const SingleExport& wish,
                                                         const std::string& path) {
    if (!wish.everyFinish) return {{path, c}};
    std::vector<std::pair<std::string, Correction>> out;
    for (const ReadyFinish& ready : readyFinishes()) {
        Correction one = c;
        one.finish = ready.finish;
        one.finish.levels = c.finish.levels;
        out.emplace_back(namedAfter(path, ready.name), std::move(one));
    }
    return out;
}

}  // namespace

std::string namedAfter(const std::string& path, std::string_view what) {
    const std::filesystem::path p = path;
    return (p.parent_path() / (p.stem().string() + ", " + std::string(what) + p.extension().string()))
        .string();
}

Result<SingleOutcome> exportSingle(const std::string& path, const Correction& correction,
                                   const SingleExport& wish, const Print& print,
                                   const std::stop_token& stop) {
    SingleOutcome out;
    out.correction = correction;
    if (!wish.pool.empty()) {
        auto shared = sharedCorrection(correction, wish, stop);
        if (!shared) return tl::unexpected(shared.error());
        out.correction = *std::move(shared);
    }
    for (const auto& [target, c] : variants(out.correction, wish, path)) {
        if (stop.stop_requested()) return tl::unexpected(Error{"Stopped.", ErrorKind::stopped});
        auto item = exportTo(target, c, wish.options);
        if (!item) return tl::unexpected(item.error());
        // It is out of date once the setup's own correction is another.
        item->record.fingerprint = io::fingerprint(correction);
        if (wish.card) {
            io::Handover handed;
            handed.path = target;
            handed.encoding = wish.options.encoding ? *wish.options.encoding
                                                    : io::naturalInputEncoding(c, wish.options.format);
            const std::filesystem::path file = target;
            const std::string card = (file.parent_path() / (file.stem().string() + ", card.pdf")).string();
            if (auto ok = print(card, io::exposureCard(c, handed, wish.options)); !ok)
                return tl::unexpected(ok.error());
            out.cards.push_back(card);
        }
        out.items.push_back(*std::move(item));
    }
    return out;
}

std::vector<PoolMember> sharersOf(const Setup& setup, std::span<const Setup* const> all) {
    std::vector<PoolMember> out;
    if (!setup.reading || !setup.correction || setup.correction->aim.kind != AimKind::reference) return out;
    const Reading& first = *setup.reading;
    const auto add = [&](const Setup& s) {
        const std::string name = s.place.empty() ? s.light : s.place + ", " + s.light;
        out.push_back({*s.reading, 1, name});
    };
    add(setup);
    for (const Setup* s : all) {
        if (!s || s->id == setup.id || !s->reading) continue;
        const Reading& r = *s->reading;
        if (r.found && r.body == first.body && r.serial == first.serial && r.chart.id == first.chart.id &&
            r.encoding == first.encoding)
            add(*s);
    }
    return out;
}

std::optional<std::string> levelTwice(const Setup& s, io::Format format) {
    constexpr double kLeastStops = 0.1;
    using io::Format;
    const auto isProfile = [](Format f) { return f == Format::icc || f == Format::icc2 || f == Format::dcp; };
    const auto isLut = [](Format f) {
        return f == Format::cube || f == Format::cube1d || f == Format::clf || f == Format::cdl;
    };
    if (!s.correction || !(std::abs(std::log2(s.correction->level)) >= kLeastStops)) return {};
    for (const HandedOver& h : s.handedOver) {
        const auto other = io::formatByName(h.format);
        if (!other || h.stale) continue;
        if (!(isProfile(format) && isLut(*other)) && !(isLut(format) && isProfile(*other))) continue;
        char stops[40];
        std::snprintf(stops, sizeof stops, "%+.1f stops", std::log2(s.correction->level));
        return std::string(io::info(*other).label) + " of this setup went out and brings the level, too (" +
               stops +
               "): one after the other they bring it twice. Let a profile leave the level, or use one alone.";
    }
    return {};
}

}  // namespace refero::workflow
