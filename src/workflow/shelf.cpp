// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/shelf.h"

#include <algorithm>
#include <string_view>
#include <unordered_set>

#include "core/plan/moment.h"
#include "core/say/say.h"
#include "io/correction_file.h"
#include "io/files/content_hash.h"
#include "io/library_file.h"

namespace refero::workflow {
namespace {

using studio::BodyId;
using studio::Contents;

// What people call a light: the setup's own name, else the lamp's.
std::string lightOf(const Contents& contents, const plan::Setup& s) {
    if (!s.label.empty()) return s.label;
    const auto* lamp = contents.find<plan::Lamp>(s.conditions.lamp);
    return lamp ? lamp->label : std::string();
}

// A mix is no kind of light: two of them are alike by chance only.
std::string kindOf(const Contents& contents, const plan::Setup& s) {
    const auto* lamp = contents.find<plan::Lamp>(s.conditions.lamp);
    return lamp && lamp->kind != plan::LightKind::mixed ? std::string(name(lamp->kind)) : std::string();
}

bool belongs(const ShelfItem& item, const ShelfGroup& group) {
    const Correction &a = *item.correction, &b = *group.items.front().correction;
    return a.body == b.body && a.serial == b.serial && a.lens == b.lens &&
           a.inputEncoding == b.inputEncoding &&
           sameKindOfLight(lightApart(b.gains.cwiseInverse(), a.gains.cwiseInverse()));
}

void finish(ShelfGroup& group) {
    std::stable_sort(group.items.begin(), group.items.end(), [](const ShelfItem& a, const ShelfItem& b) {
        return a.correction->taken > b.correction->taken;
    });
    const Correction& newest = *group.items.front().correction;
    group.body = newest.body;
    group.serial = newest.serial;
    group.lens = newest.lens;
    for (const ShelfItem& item : group.items) {
        if (group.light.empty()) group.light = !item.lightKind.empty() ? item.lightKind : item.light;
        if (!group.proof && !item.correction->verifications.empty())
            group.proof = item.correction->verifications.back().differences.mean;
        if (&item == &group.items.front()) continue;
        if (const auto apart = differenceBetween(newest, *item.correction))
            group.spread = std::max(group.spread.value_or(0), *apart);
    }
    if (group.items.size() < 2) return;
    const Correction& before = *group.items[1].correction;
    const auto apart = differenceBetween(newest, before);
    const double expected = newest.summary.expectedError + before.summary.expectedError;
    if (apart && *apart > expected + 1) group.disagreement = {before.name, *apart, expected};
}

}  // namespace

std::shared_ptr<const Correction> ParsedCorrections::of(const std::string& document) {
    const std::string key = io::textHash(document);
    {
        const std::lock_guard lock(mutex_);
        if (const auto at = parsed_.find(key); at != parsed_.end()) return at->second;
    }
    auto made = io::parseCorrection(document, "The correction");
    auto kept = made ? std::make_shared<const Correction>(*std::move(made)) : nullptr;
    const std::lock_guard lock(mutex_);
    return parsed_.try_emplace(key, std::move(kept)).first->second;
}

std::vector<ShelfItem> shelfItems(const Contents& contents, BodyId planned) {
    std::vector<ShelfItem> out;
    for (const auto& [id, r] : contents.all<studio::ShelfRecord>())
        out.push_back({id.number(), 0, r.lightKind, r.light, r.shoot, {}, {}, {}, r.document, {}});
    for (const auto& [id, r] : contents.all<studio::CorrectionRecord>()) {
        if (r.reading == 0) continue;  // it is lent itself
        const auto* setup = contents.find<plan::Setup>(r.setup);
        if (!setup) continue;
        const BodyId taker = setup->conditions.body;
        if (planned != 0 && taker != 0 && taker != planned) continue;
        const auto* shoot = contents.find<plan::Shoot>(setup->shoot);
        const auto* body = contents.find<plan::Body>(setup->conditions.body);
        const auto* lens = contents.find<plan::Lens>(setup->conditions.lens);
        ShelfItem item;
        item.record = id.number();
        item.setup = r.setup;
        item.lightKind = kindOf(contents, *setup);
        item.light = lightOf(contents, *setup);
        if (shoot) item.shoot = shoot->label;
        if (body) item.body = body->model;
        if (body) item.serial = body->serial;
        if (lens) item.lens = lens->model;
        item.document = r.document;
        out.push_back(std::move(item));
    }
    return out;
}

std::vector<ShelfItem> parsed(std::vector<ShelfItem> items, ParsedCorrections& parser) {
    for (ShelfItem& item : items) item.correction = parser.of(item.document);
    std::erase_if(items, [](const ShelfItem& item) {
        return !item.correction || item.correction->loan || item.correction->aim.kind != AimKind::reference;
    });
    for (ShelfItem& item : items) {
        const Correction& own = *item.correction;
        const bool bodySays = !own.body.empty() && (!own.serial.empty() || item.serial.empty());
        if (item.body.empty() || (bodySays && !own.lens.empty())) continue;
        Correction said = own;
        if (said.body.empty()) said.body = item.body;
        if (said.serial.empty()) said.serial = item.serial;
        if (said.lens.empty()) said.lens = item.lens;
        item.correction = std::make_shared<const Correction>(std::move(said));
    }
    return items;
}

std::vector<Lender> lenders(const std::vector<ShelfItem>& items) {
    std::vector<Lender> out;
    for (const ShelfItem& item : items) out.push_back({item.correction.get(), item.lightKind});
    return out;
}

std::vector<ShelfGroup> grouped(const std::vector<ShelfItem>& items) {
    std::vector<ShelfGroup> out;
    for (const ShelfItem& item : items) {
        const auto at =
            std::find_if(out.begin(), out.end(), [&](const ShelfGroup& g) { return belongs(item, g); });
        if (at != out.end())
            at->items.push_back(item);
        else
            out.emplace_back().items.push_back(item);
    }
    for (ShelfGroup& g : out) finish(g);
    std::stable_sort(out.begin(), out.end(), [](const ShelfGroup& a, const ShelfGroup& b) {
        if (a.body != b.body) return a.body < b.body;
        if (a.serial != b.serial) return a.serial < b.serial;
        if (a.lens != b.lens) return a.lens < b.lens;
        const auto warm = [](const ShelfGroup& g) {
            const Vector3& gains = g.items.front().correction->gains;
            return gains.z() / gains.x();  // blue is amplified the more, the warmer the light
        };
        return warm(a) > warm(b);
    });
    return out;
}

Result<std::size_t> copyOut(const std::vector<ShelfItem>& items, const std::filesystem::path& path) {
    if (items.empty())
        return failure(say("The library is empty: build a correction from a chart shot first."));
    std::vector<io::LibraryEntry> entries;
    for (const ShelfItem& item : items)
        entries.push_back({item.lightKind, item.light, item.shoot, *item.correction});
    if (auto ok = io::writeLibrary(entries, path); !ok) return tl::unexpected(ok.error());
    return entries.size();
}

Result<std::vector<studio::ShelfRecord>> recordsIn(const std::filesystem::path& path) {
    const auto entries = io::readLibrary(path);
    if (!entries) return tl::unexpected(entries.error());
    std::vector<studio::ShelfRecord> out;
    for (const io::LibraryEntry& e : *entries)
        if (!e.correction.loan && e.correction.aim.kind == AimKind::reference)
            out.push_back({0, plan::isoText(plan::now()), e.correction.name, e.correction.body, e.lightKind,
                           e.light, e.shoot, e.correction.taken, io::toJson(e.correction).dump()});
    return out;
}

Result<std::size_t> putOnShelf(studio::Studio& studio, std::vector<studio::ShelfRecord> records,
                               const std::string& step) {
    std::unordered_set<std::string_view> known;
    for (const auto& [id, r] : studio.contents().all<studio::ShelfRecord>()) known.insert(r.document);
    for (const auto& [id, r] : studio.contents().all<studio::CorrectionRecord>()) known.insert(r.document);
    std::erase_if(records, [&](const studio::ShelfRecord& r) { return !known.insert(r.document).second; });
    if (records.empty()) return std::size_t{0};
    studio::Edit edit = studio.edit(step);
    for (const studio::ShelfRecord& r : records) edit.add(r);
    if (auto kept = studio.commit(edit); !kept) return tl::unexpected(kept.error());
    return records.size();
}

}  // namespace refero::workflow
