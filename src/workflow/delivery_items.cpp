// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/delivery_items.h"

#include <filesystem>

#include "core/grade/recipe.h"
#include "core/say/say.h"
#include "io/correction_file.h"
#include "io/files/safe_write.h"
#include "io/handover/plate_check.h"
#include "io/report/recipe_document.h"

namespace refero::workflow {
namespace {

// A plate to be looked at: large enough to judge by, quick enough to wait for.
constexpr int kCheckLongEdge = 2048;

studio::HandoverRecord recordOf(std::string_view format, const std::string& path, const Correction& c) {
    studio::HandoverRecord r;
    r.format = std::string(format);
    r.path = path;
    // Its size and its checksum, for the report and for whoever finds it later; and what the correction was
    // like.
    r.fingerprint = io::fingerprint(c);
    if (const auto f = io::reportedFile(path)) {
        r.bytes = static_cast<std::int64_t>(f->bytes);
        r.sha256 = f->sha256;
    }
    return r;
}

void putProof(studio::HandoverRecord& r, const io::Proof& p) {
    r.engine = p.engine;
    r.colours = static_cast<int>(p.colours);
    r.largestDifference = p.largest;
    r.meanDifference = p.mean;
}

// A name for files that have no feed of their own to tell.
std::string plainName(const Correction& c) {
    io::ExportOptions json;
    json.format = io::Format::json;
    const std::string named = io::suggestedName(c, json);
    return named.substr(0, named.size() - io::info(json.format).ending.size());
}

Result<HandedItem> recipe(const std::string& place, const DeliveryContent& content) {
    const Correction& c = content.correction;
    const auto r = recipeFor(c);
    if (!r) return tl::unexpected(r.error());
    const auto status = content.print(place + ".pdf", io::recipeDocument(*r, c))
                            .and_then([&] { return io::writeFile(place + ".csv", recipeTable(*r)); })
                            .and_then([&] { return io::writeFile(place + ".txt", recipeText(*r, c)); });
    if (!status) return tl::unexpected(status.error());
    return HandedItem{recordOf(kRecipe, place + ".pdf", c), r->left, r->largest};
}

Result<HandedItem> report(const std::string& place, const DeliveryContent& content) {
    const Correction& c = content.correction;
    const io::Document document =
        io::reportDocument({c.name, content.facts, c, content.reading, content.picture, content.files});
    const auto status = content.print(place + ".pdf", document).and_then([&] {
        return io::writeFile(place + ".html", io::documentHtml(document));
    });
    if (!status) return tl::unexpected(status.error());
    return HandedItem{recordOf(kReport, place + ".pdf", c)};
}

Result<HandedItem> check(const std::string& place, const DeliveryContent& content) {
    if (content.configuration.empty())
        return failure(say("There is no configuration to look at a plate through."));
    io::FrameOutput plate = content.plate;
    plate.longEdge = kCheckLongEdge;
    const auto done = io::checkPlate(content.correction, content.plateFrame, {}, plate, content.configuration,
                                     place + ".exr", place + ".png");
    if (!done) return tl::unexpected(done.error());
    HandedItem out{recordOf(kCheckFrame, place + ".png", content.correction)};
    putProof(out.record, done->proof);
    return out;
}

}  // namespace

void makePicture(DeliveryContent& content) {
    // A report without its picture is still one.
    if (content.frame)
        if (auto picture = io::chartPicture(*content.frame, content.correction))
            content.picture = *std::move(picture);
    content.frame.reset();
}

std::vector<DeliveryItem> itemsOf(const Delivery& delivery, const Correction& c) {
    std::vector<DeliveryItem> out;
    for (const io::ExportOptions& o : delivery.exports) {
        DeliveryItem item;
        item.options = o;
        const std::string_view ending = io::info(o.format).ending;
        const std::string named = io::suggestedName(c, o);
        item.name = named.substr(0, named.size() - ending.size());
        item.endings.emplace_back(ending);
        out.push_back(std::move(item));
    }
    const auto add = [&](DeliveryItem::Kind kind, const std::string& what, std::vector<std::string> endings) {
        DeliveryItem item;
        item.kind = kind;
        item.name = plainName(c) + what;
        item.endings = std::move(endings);
        out.push_back(std::move(item));
    };
    if (delivery.check) add(DeliveryItem::Kind::check, ", check frame", {".png", ".exr"});
    if (delivery.recipe) add(DeliveryItem::Kind::recipe, ", recipe", {".pdf", ".csv", ".txt"});
    if (delivery.report) add(DeliveryItem::Kind::report, ", report", {".pdf", ".html"});
    return out;
}

std::vector<std::string> filesThere(const DeliveryItem& item, const std::string& folder) {
    std::vector<std::string> out;
    std::error_code unknown;
    for (const std::string& ending : item.endings)
        if (std::filesystem::exists(std::filesystem::path(folder) / (item.name + ending), unknown))
            out.push_back(item.name + ending);
    return out;
}

std::optional<std::string> placeFor(const DeliveryItem& item, const std::string& folder,
                                    io::Collision collisions) {
    DeliveryItem tried = item;
    const bool there = !filesThere(tried, folder).empty();
    if (there && (collisions == io::Collision::skip || collisions == io::Collision::refuse)) return {};
    if (there && collisions == io::Collision::number)
        for (int n = 2; !filesThere(tried, folder).empty(); ++n)
            tried.name = item.name + " " + std::to_string(n);
    return folder + "/" + tried.name;
}

Result<HandedItem> exportTo(const std::string& path, const Correction& c, const io::ExportOptions& o) {
    const auto done = io::exportCorrection(c, path, o);
    if (!done) return tl::unexpected(done.error());
    HandedItem out{recordOf(name(o.format), done->path.string(), c)};
    out.record.encoding = std::string(done->encoding.name());
    putProof(out.record, done->proof);
    return out;
}

Result<HandedItem> makeItem(const DeliveryItem& item, const std::string& place,
                            const DeliveryContent& content) {
    switch (item.kind) {
        case DeliveryItem::Kind::correction:
            break;
        case DeliveryItem::Kind::check:
            return check(place, content);
        case DeliveryItem::Kind::recipe:
            return recipe(place, content);
        case DeliveryItem::Kind::report:
            return report(place, content);
    }
    return exportTo(place + item.endings.front(), content.correction, item.options);
}

}  // namespace refero::workflow
