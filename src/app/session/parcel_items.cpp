// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/parcel_items.h"

#include <QFileInfo>

#include "core/grade/recipe.h"
#include "io/correction_file.h"
#include "io/handover/plate_check.h"
#include "io/report/recipe_document.h"
#include "io/safe_write.h"
#include "paper/document_pdf.h"

namespace refero {
namespace {

// A plate to be looked at: large enough to judge by, quick enough to wait for.
constexpr int kCheckLongEdge = 2048;
// What is not of io::Format.
constexpr const char *kCheckFrame = "check frame", *kRecipe = "recipe", *kReport = "report";

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

Result<HandedItem> recipe(const std::string& place, const ParcelContent& content) {
    const Correction& c = content.correction;
    const auto r = recipeFor(c);
    if (!r) return tl::unexpected(r.error());
    const auto status = paper::writeDocument(place + ".pdf", io::recipeDocument(*r, c))
                            .and_then([&] { return io::writeFile(place + ".csv", recipeTable(*r)); })
                            .and_then([&] { return io::writeFile(place + ".txt", recipeText(*r, c)); });
    if (!status) return tl::unexpected(status.error());
    return HandedItem{recordOf(kRecipe, place + ".pdf", c), QStringLiteral("Leaves %1 on average, %2 at most")
                                                                .arg(r->left, 0, 'f', 1)
                                                                .arg(r->largest, 0, 'f', 1)};
}

Result<HandedItem> report(const std::string& place, const ParcelContent& content) {
    const Correction& c = content.correction;
    const io::Document document =
        io::reportDocument({c.name, content.facts, c, content.reading, content.picture, content.files});
    const auto status = paper::writeDocument(place + ".pdf", document).and_then([&] {
        return io::writeFile(place + ".html", io::documentHtml(document));
    });
    if (!status) return tl::unexpected(status.error());
    return HandedItem{recordOf(kReport, place + ".pdf", c), QStringLiteral("Written")};
}

Result<HandedItem> check(const std::string& place, const ParcelContent& content) {
    if (content.configuration.empty())
        return failure("There is no configuration to look at a plate through.");
    io::FrameOutput plate = content.plate;
    plate.longEdge = kCheckLongEdge;
    const auto done = io::checkPlate(content.correction, content.plateFrame, {}, plate, content.configuration,
                                     place + ".exr", place + ".png");
    if (!done) return tl::unexpected(done.error());
    HandedItem out{recordOf(kCheckFrame, place + ".png", content.correction), {}};
    putProof(out.record, done->proof);
    out.told = proofOf(out.record);
    return out;
}

}  // namespace

void makePicture(ParcelContent& content) {
    // A report without its picture is still one.
    if (content.frame)
        if (auto picture = io::chartPicture(*content.frame, content.correction))
            content.picture = *std::move(picture);
    content.frame.reset();
}

std::vector<ParcelItem> itemsOf(const Parcel& parcel, const Correction& c) {
    std::vector<ParcelItem> out;
    for (const io::ExportOptions& o : parcel.exports) {
        ParcelItem item;
        item.options = o;
        const std::string_view ending = io::info(o.format).ending;
        const std::string named = io::suggestedName(c, o);
        item.name = named.substr(0, named.size() - ending.size());
        item.endings << QString::fromUtf8(ending.data(), static_cast<int>(ending.size()));
        out.push_back(std::move(item));
    }
    const auto add = [&](ParcelItem::Kind kind, const char* what, const QStringList& endings) {
        ParcelItem item;
        item.kind = kind;
        item.name = plainName(c) + what;
        item.endings = endings;
        out.push_back(std::move(item));
    };
    if (parcel.check)
        add(ParcelItem::Kind::check, ", check frame", {QStringLiteral(".png"), QStringLiteral(".exr")});
    if (parcel.recipe)
        add(ParcelItem::Kind::recipe, ", recipe",
            {QStringLiteral(".pdf"), QStringLiteral(".csv"), QStringLiteral(".txt")});
    if (parcel.report)
        add(ParcelItem::Kind::report, ", report", {QStringLiteral(".pdf"), QStringLiteral(".html")});
    return out;
}

QStringList filesThere(const ParcelItem& item, const QString& folder) {
    QStringList out;
    const QString name = QString::fromStdString(item.name);
    for (const QString& ending : item.endings)
        if (QFileInfo::exists(folder + QLatin1Char('/') + name + ending)) out << name + ending;
    return out;
}

std::optional<std::string> placeFor(const ParcelItem& item, const QString& folder, io::Collision collisions) {
    ParcelItem tried = item;
    const bool there = !filesThere(tried, folder).isEmpty();
    if (there && (collisions == io::Collision::skip || collisions == io::Collision::refuse)) return {};
    if (there && collisions == io::Collision::number)
        for (int n = 2; !filesThere(tried, folder).isEmpty(); ++n)
            tried.name = item.name + " " + std::to_string(n);
    return folder.toStdString() + "/" + tried.name;
}

// The figures first: a narrow column shows these.
QString proofOf(const studio::HandoverRecord& r) {
    if (r.format == kRecipe || r.format == kReport) return {};
    if (r.colours == 0) return QStringLiteral("Reads back as written");
    return QStringLiteral("%1 on average, %2 at most, by %3%4")
        .arg(r.meanDifference, 0, 'f', 2)
        .arg(r.largestDifference, 0, 'f', 2)
        .arg(QString::fromStdString(r.engine), r.format == kCheckFrame
                                                   ? QStringLiteral(", from the graded picture")
                                                   : QStringLiteral(", which read it back"));
}

Result<HandedItem> exportTo(const std::string& path, const Correction& c, const io::ExportOptions& o) {
    const auto done = io::exportCorrection(c, path, o);
    if (!done) return tl::unexpected(done.error());
    HandedItem out{recordOf(name(o.format), done->path.string(), c), {}};
    out.record.encoding = std::string(done->encoding.name());
    putProof(out.record, done->proof);
    out.told = proofOf(out.record);
    return out;
}

Result<HandedItem> makeItem(const ParcelItem& item, const std::string& place, const ParcelContent& content) {
    switch (item.kind) {
        case ParcelItem::Kind::correction:
            break;
        case ParcelItem::Kind::check:
            return check(place, content);
        case ParcelItem::Kind::recipe:
            return recipe(place, content);
        case ParcelItem::Kind::report:
            return report(place, content);
    }
    return exportTo(place + item.endings.front().toStdString(), content.correction, item.options);
}

}  // namespace refero
