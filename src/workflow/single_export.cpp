// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/single_export.h"

#include <cmath>
#include <cstdio>

#include "core/say/figure.h"
#include "core/say/say.h"
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
    out->name = say("%1, shared by %2", own.name, std::to_string(wish.pool.size()));
    out->built = own.built;
    return out;
}

}  // namespace

std::string namedAfter(const std::string& path, std::string_view what) {
    const std::filesystem::path p = path;
    return (p.parent_path() / (p.stem().string() + ", " + std::string(what) + p.extension().string()))
        .string();
}

std::vector<NamedCorrection> withEveryFinish(const Correction& c, const std::string& path) {
    std::vector<NamedCorrection> out;
    for (const ReadyFinish& ready : readyFinishes()) {
        Correction one = c;
        one.finish = ready.finish;
        one.finish.levels = c.finish.levels;
        out.push_back({namedAfter(path, ready.name), std::string(ready.name), std::move(one)});
    }
    return out;
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
    const std::vector<NamedCorrection> files = wish.everyFinish
                                                   ? withEveryFinish(out.correction, path)
                                                   : std::vector<NamedCorrection>{{path, {}, out.correction}};
    for (const auto& [target, finish, c] : files) {
        if (stop.stop_requested()) return tl::unexpected(Error{"Stopped.", ErrorKind::stopped});
        auto item = exportTo(target, c, wish.options);
        if (!item) return tl::unexpected(item.error());
        // It is out of date once the setup's own correction is another.
        item->record.fingerprint = io::fingerprint(correction);
        if (wish.card) {
            const Transfer feed = wish.options.encoding ? *wish.options.encoding
                                                        : io::naturalInputEncoding(c, wish.options.format);
            const std::filesystem::path file = target;
            const std::string card = (file.parent_path() / (file.stem().string() + ", card.pdf")).string();
            if (auto ok = print(card, io::exposureCard(c, file.filename().string(), feed, wish.options)); !ok)
                return tl::unexpected(ok.error());
        }
        out.items.push_back(*std::move(item));
    }
    return out;
}

std::vector<const Setup*> sharersOf(const Setup& setup, std::span<const Setup* const> all) {
    if (!setup.reading || !setup.correction || setup.correction->aim.kind != AimKind::reference) return {};
    const Reading& first = *setup.reading;
    std::vector<const Setup*> out{&setup};
    for (const Setup* s : all) {
        if (!s || s->id == setup.id || !s->reading) continue;
        const Reading& r = *s->reading;
        if (r.found && r.body == first.body && r.serial == first.serial && r.chart.id == first.chart.id &&
            r.encoding == first.encoding)
            out.push_back(s);
    }
    return out;
}

std::vector<PoolMember> poolOf(std::span<const Setup* const> sharers) {
    std::vector<PoolMember> out;
    for (const Setup* s : sharers)
        out.push_back({*s->reading, 1, s->place.empty() ? s->light : s->place + ", " + s->light});
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
        const std::string stops = sayf("%+.1f stops", std::log2(s.correction->level));
        return say(
            "%1 of this setup went out and brings the level, too (%2): one after the other they bring it "
            "twice. Let a profile leave the level, or use one alone.",
            io::info(*other).label, stops);
    }
    return {};
}

}  // namespace refero::workflow
