// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a delivery's report says of its setup, and its second edition when the frames are done.
#include <chrono>
#include <cstdio>
#include <filesystem>

#include "core/say/figure.h"
#include "core/say/say.h"
#include "io/correction_file.h"
#include "workflow/delivery.h"
#include "workflow/shoot_state.h"

namespace refero::workflow {
namespace {

namespace fs = std::filesystem;
using studio::Contents;
using studio::HandoverRecord;

// The day that a date begins with, as ISO 8601 and EXIF have it.
std::optional<std::chrono::year_month_day> dayOf(const std::string& text) {
    int y = 0;
    unsigned m = 0, d = 0;
    if (std::sscanf(text.c_str(), "%4d%*1[-:]%2u%*1[-:]%2u", &y, &m, &d) != 3) return {};
    const std::chrono::year_month_day day{std::chrono::year(y), std::chrono::month(m), std::chrono::day(d)};
    return day.ok() ? std::optional(day) : std::nullopt;
}

// "7 months; to be replaced after 24"; empty where a date is not known.
std::string ageAt(const std::string& made, const std::string& taken, int replaceAfterMonths) {
    const auto from = dayOf(made), to = dayOf(taken);
    if (!from || !to || *to < *from) return {};
    const int months = 12 * (int(to->year()) - int(from->year())) +
                       (static_cast<int>(unsigned(to->month())) - static_cast<int>(unsigned(from->month()))) -
                       (to->day() < from->day() ? 1 : 0);
    return months == 1 ? say("1 month; to be replaced after %1", std::to_string(replaceAfterMonths))
                       : say("%1 months; to be replaced after %2", std::to_string(months),
                             std::to_string(replaceAfterMonths));
}

// "LED panel at 80 %, softbox"; empty where the lamp is not known.
std::string lightOf(const plan::Conditions& c, const plan::Kit& kit) {
    const plan::Lamp* lamp = kit.lamp(c.lamp);
    if (!lamp) return {};
    std::string out = lamp->label;
    if (c.powerPercent < 100) out = sayf("%s at %g %%", out.c_str(), c.powerPercent);
    if (!c.modifier.empty()) out += ", " + c.modifier;
    return out;
}

fs::path folderOf(const HandoverRecord& r) {
    return fs::path(r.path).parent_path();
}

std::string figure(double v) {
    return refero::figure("%.2f", v);
}

}  // namespace

std::vector<std::pair<std::string, std::string>> factsOf(const Contents& contents, const plan::Day& day,
                                                         const Setup& setup) {
    std::vector<std::pair<std::string, std::string>> out;
    const auto put = [&](const std::string& what, const std::string& value) {
        if (!value.empty()) out.emplace_back(what, value);
    };
    put(say("Shoot"), day.shoot.label);
    put(say("Place"), setup.place);
    put(say("Setup"), setup.light);
    if (const auto* record = contents.find<plan::Setup>(setup.id)) {
        put(say("Light"), lightOf(record->conditions, day.kit));
        if (const auto* copy = contents.find<plan::ChartCopy>(record->chart)) {
            put(say("Chart copy"), copy->label);
            put(say("Copy made on"), copy->madeOn);
            put(say("Its age at the shot"),
                ageAt(copy->madeOn, setup.correction->taken, copy->replaceAfterMonths));
            put(say("Its values"), copy->reference);
        }
    }
    for (auto& fact : io::factsOf(*setup.correction)) out.push_back(std::move(fact));
    return out;
}

DeliveryContent contentOf(const Contents& contents, const plan::Day& day, const Setup& setup) {
    DeliveryContent out;
    out.correction = *setup.correction;
    out.reading = setup.reading;
    out.facts = factsOf(contents, day, setup);
    return out;
}

std::optional<WaitingReport> reportBefore(const Contents& contents, const plan::Day& day, const Setup& setup,
                                          const HandoverRecord& frames) {
    if (!setup.correction || io::fingerprint(*setup.correction) != frames.fingerprint) return {};
    const HandoverRecord* report = nullptr;
    std::vector<io::ReportedFile> files;
    // Records are in the order in which things went out.
    for (const auto& [id, r] : contents.all<HandoverRecord>()) {
        if (id >= frames.id) break;
        if (r.setup != frames.setup || r.receiver != frames.receiver || folderOf(r) != folderOf(frames))
            continue;
        if (r.format == kFrames) {  // another delivery's last
            report = nullptr;
            files.clear();
        } else if (r.format == kReport) {
            report = &r;
        } else {
            files.push_back({fs::path(r.path).filename().string(), r.format, proofInWords(r), r.sha256,
                             static_cast<std::uintmax_t>(r.bytes)});
        }
    }
    if (!report || report->fingerprint != frames.fingerprint) return {};
    WaitingReport out{contentOf(contents, day, setup), report->id};
    out.content.files = std::move(files);
    return out;
}

Result<HandedItem> rewriteReport(WaitingReport& waiting, const std::string& path,
                                 const std::vector<io::FrameReport>& frames) {
    DeliveryContent& content = waiting.content;
    for (const io::FrameReport& r : frames)
        if (r.fate == io::FrameFate::done || r.fate == io::FrameFate::kept)
            content.files.push_back({r.target.filename().string(), {}, {}, r.sha256, r.bytes});
    const std::optional<Reading>& reading = content.reading;
    if (content.picture.empty() && !content.frame && reading)
        if (auto frame = io::readFrameAssuming(content.correction.inputEncoding, reading->framePath))
            content.frame = std::make_shared<const io::Frame>(*std::move(frame));
    makePicture(content);
    DeliveryItem item;
    item.kind = DeliveryItem::Kind::report;
    return makeItem(item, fs::path(path).replace_extension().string(), content);
}

// The figures first: a narrow column shows these.
std::string proofInWords(const HandoverRecord& r) {
    if (r.format == kRecipe || r.format == kReport) return {};
    if (r.colours == 0) return say("Reads back as written");
    return r.format == kCheckFrame ? say("%1 on average, %2 at most, by %3, from the graded picture",
                                         figure(r.meanDifference), figure(r.largestDifference), r.engine)
                                   : say("%1 on average, %2 at most, by %3, which read it back",
                                         figure(r.meanDifference), figure(r.largestDifference), r.engine);
}

}  // namespace refero::workflow
