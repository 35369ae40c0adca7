// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/charts.h"

#include <algorithm>
#include <map>
#include <mutex>
#include <utility>

#include "core/say/say.h"
#include "io/chart_file.h"

namespace refero::studio {

namespace {

// A document is asked for again and again and never changes; nothing where it is no chart. Any thread.
std::optional<Chart> parsed(const std::string& document, const std::string& label) {
    constexpr std::size_t kMost = 100;
    static std::mutex mutex;
    static std::map<std::pair<std::string, std::string>, std::optional<Chart>> all;
    const std::scoped_lock lock(mutex);
    const auto at = all.find({document, label});
    if (at != all.end()) return at->second;
    if (all.size() >= kMost) all.clear();
    auto chart = io::parseChart(document, label);
    return all.try_emplace({document, label}, chart ? std::optional(*std::move(chart)) : std::nullopt)
        .first->second;
}

}  // namespace

std::vector<Chart> chartsOf(const Contents& contents) {
    std::vector<Chart> out = io::shippedCharts();
    for (const auto& [id, d] : contents.all<ChartDesign>())
        if (auto chart = parsed(d.document, d.label)) out.push_back(*std::move(chart));
    return out;
}

std::optional<Chart> chartOfCopy(const Contents& contents, ChartCopyId copy) {
    const auto* c = contents.find<plan::ChartCopy>(copy);
    if (!c) return {};
    if (!c->values.empty())
        if (auto own = parsed(c->values, c->label)) return own;
    for (const Chart& chart : chartsOf(contents))
        if (chart.id == c->chart) return chart;
    return {};
}

Result<ChartDesignId> addChart(Edit& edit, const Contents& contents, const Chart& chart) {
    if (auto ok = validate(chart); !ok) return tl::unexpected(ok.error());
    for (const Chart& known : chartsOf(contents))
        if (known.id == chart.id)
            return failure(say("There is a chart with the id \"%1\" already, %2. Give this one another name.",
                               chart.id, known.name));
    const ChartDesignId id = edit.add(ChartDesign{0, chart.id, chart.name, io::toJson(chart).dump()});
    plan::ChartCopy copy;
    copy.label = chart.name;
    copy.chart = chart.id;
    edit.add(copy);
    return id;
}

std::string freeChartId(const Contents& contents, const std::string& id) {
    const auto charts = chartsOf(contents);
    const auto taken = [&](const std::string& wanted) {
        return std::any_of(charts.begin(), charts.end(), [&](const Chart& c) { return c.id == wanted; });
    };
    std::string out = id;
    for (int n = 2; taken(out); ++n) out = id + "-" + std::to_string(n);
    return out;
}

Status replaceChart(Edit& edit, const Contents& contents, const Chart& chart) {
    if (auto ok = validate(chart); !ok) return ok;
    for (const auto& [id, design] : contents.all<ChartDesign>()) {
        if (design.chart != chart.id) continue;
        ChartDesign changed = design;
        changed.label = chart.name;
        changed.document = io::toJson(chart).dump();
        edit.put(changed);
        return {};
    }
    return failure(say("The chart %1 is not among your own any more.", chart.name));
}

Status keepValues(Edit& edit, const Contents& contents, ChartCopyId copy, const Chart& measured,
                  const std::string& reference) {
    if (auto ok = validate(measured); !ok) return ok;
    const auto* known = contents.find<plan::ChartCopy>(copy);
    if (!known) return failure(say("That copy of the chart is not in the kit any more."));
    if (known->chart != measured.id)
        return failure(say("The values are of another chart, %1.", measured.name));
    plan::ChartCopy c = *known;
    c.values = io::toJson(measured).dump();
    c.reference = reference;
    edit.put(c);
    return {};
}

}  // namespace refero::studio
