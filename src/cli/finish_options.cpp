// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/finish_options.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <string_view>
#include <utility>

#include "core/assess/levels.h"

namespace refero::cli {
namespace {

struct WantedLevel {
    std::optional<LevelPoint> Levels::*part;
    std::string patch;
    double percent = 0;
};

Result<WantedLevel> wantedLevel(const std::string& said) {
    using Part = std::pair<std::string_view, std::optional<LevelPoint> Levels::*>;
    constexpr std::array kParts{Part{"black", &Levels::black}, Part{"grey", &Levels::grey},
                                Part{"white", &Levels::white}};
    const auto colon = said.find(':'), equals = said.rfind('=');
    if (colon != std::string::npos && equals != std::string::npos && colon < equals) {
        WantedLevel out{nullptr, said.substr(colon + 1, equals - colon - 1), 0};
        for (const auto& [name, part] : kParts)
            if (said.compare(0, colon, name) == 0) out.part = part;
        const char *begin = said.data() + equals + 1, *end = said.data() + said.size();
        const auto [at, error] = std::from_chars(begin, end, out.percent);
        if (out.part && error == std::errc{} && at == end && out.percent >= 0 && out.percent <= 109)
            return out;
    }
    return failure("\"" + said +
                   "\" is no level. Write which, by which grey of the chart, and the per cent of "
                   "signal that it is to show, 0 to 109: black:D6=3, grey:D4=42 or white:D1=92.");
}

}  // namespace

void FinishOptions::declare(CLI::App& verb, const std::string& what) {
    verb.add_option("--finish", name_, what + ": base (none) or rounded")
        ->check(CLI::IsMember({"base", "rounded"}));
    verb.add_option("--exposure", exposure_, "Of the finish, in stops");
    verb.add_option("--warmth", warmth_, "Of the finish, in steps of ten mired; above 0 is warmer");
    verb.add_option("--tint", tint_, "Of the finish, in thousandths of Duv; above 0 is greener");
    verb.add_option("--contrast", contrast_, "Of the finish, -1 to 1");
    verb.add_option("--saturation", saturation_, "Of the finish, 0 to 2; 1 changes nothing");
    verb.add_option(
        "--level", levels_,
        "A level of the finish by a grey of the chart, as black:PATCH=PERCENT, grey:PATCH=PERCENT or "
        "white:PATCH=PERCENT of signal; may be given again; none takes those of before away");
    std::vector<std::string> spaces;
    for (const OutputSpace s : kOutputSpaces)
        if (info(s).display) spaces.emplace_back(info(s).name);
    verb.add_option("--level-space", levelSpace_, "Whose signal those per cent are of")
        ->check(CLI::IsMember(spaces))
        ->default_str(std::string(info(kLevelSpace).name));
}

Result<Finish> FinishOptions::over(const Finish& finish) const {
    Finish out = finish;
    if (!name_.empty()) {
        const auto ready = finishByName(name_);
        if (!ready) return ready;
        out = *ready;
    }
    out.exposureStops = exposure_.value_or(out.exposureStops);
    out.warmthSteps = warmth_.value_or(out.warmthSteps);
    out.tintDuv = tint_.value_or(out.tintDuv);
    out.contrast = contrast_.value_or(out.contrast);
    out.saturation = saturation_.value_or(out.saturation);
    if (const auto ok = out.validate(); !ok) return tl::unexpected(ok.error());
    return out;
}

Status FinishOptions::applyTo(Correction& c) const {
    auto finish = over(c.finish);
    if (!finish) return tl::unexpected(finish.error());
    const OutputSpace space = levelSpace_.empty() ? kLevelSpace : *outputSpaceByName(levelSpace_);
    for (const std::string& said : levels_) {
        if (said == "none") {
            finish->levels = {};
            continue;
        }
        const auto wanted = wantedLevel(said);
        if (!wanted) return tl::unexpected(wanted.error());
        const auto light = lightOfGrey(c, wanted->patch);
        if (!light) return tl::unexpected(light.error());
        finish->levels.*(wanted->part) = LevelPoint{*light, lightOfSignal(space, wanted->percent)};
    }
    if (auto ok = finish->validate(); !ok) return ok;
    c.finish = *finish;
    return {};
}

}  // namespace refero::cli
