// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The part of a session that makes the report: what it says, and once more when its frames are done.
#include <QDate>
#include <filesystem>

#include "app/session/job.h"
#include "app/session/session.h"
#include "app/session/session_background.h"
#include "app/session/waiting_report.h"
#include "io/correction_file.h"
#include "io/frame_file.h"

namespace refero {
namespace {

using studio::Edit;
using studio::HandoverRecord;

// "7 months; to be replaced after 24". Dates as ISO 8601 and as EXIF have them; empty where one is not known.
QString ageAt(const std::string& made, const std::string& taken, int replaceAfterMonths) {
    const auto day = [](const std::string& text) {
        return QDate::fromString(
            QString::fromStdString(text).left(10).replace(QLatin1Char(':'), QLatin1Char('-')), Qt::ISODate);
    };
    const QDate from = day(made), to = day(taken);
    if (!from.isValid() || !to.isValid() || to < from) return {};
    const int months =
        12 * (to.year() - from.year()) + to.month() - from.month() - (to.day() < from.day() ? 1 : 0);
    return QStringLiteral("%1 %2; to be replaced after %3")
        .arg(months)
        .arg(months == 1 ? QStringLiteral("month") : QStringLiteral("months"))
        .arg(replaceAfterMonths);
}

// "LED panel at 80 %, softbox"; empty where the lamp is not known.
QString lightOf(const plan::Conditions& c, const plan::Kit& kit) {
    const plan::Lamp* lamp = kit.lamp(c.lamp);
    if (!lamp) return {};
    QString out = QString::fromStdString(lamp->label);
    if (c.powerPercent < 100) out += QStringLiteral(" at %1 %").arg(c.powerPercent);
    if (!c.modifier.empty()) out += QStringLiteral(", ") + QString::fromStdString(c.modifier);
    return out;
}

std::filesystem::path folderOf(const HandoverRecord& r) {
    return std::filesystem::path(r.path).parent_path();
}

}  // namespace

// The setup must have a correction.
ParcelContent Session::parcelContent(int id) const {
    const Setup* s = setup(id);
    ParcelContent content;
    content.correction = *s->correction;
    content.reading = s->reading;
    content.frame = s->frame;
    const auto put = [&](const char* what, const QString& value) {
        if (!value.isEmpty()) content.facts.emplace_back(what, value.toStdString());
    };
    put("Shoot", shoot());
    put("Place", s->place);
    put("Setup", s->light);
    if (const auto* record = studio_->contents().find<plan::Setup>(id)) {
        put("Light", lightOf(record->conditions, day_.kit));
        if (const auto* copy = studio_->contents().find<plan::ChartCopy>(record->chart)) {
            put("Chart copy", QString::fromStdString(copy->label));
            put("Copy made on", QString::fromStdString(copy->madeOn));
            put("Its age at the shot", ageAt(copy->madeOn, s->correction->taken, copy->replaceAfterMonths));
            put("Its values", QString::fromStdString(copy->reference));
        }
    }
    for (auto& fact : io::factsOf(*s->correction)) content.facts.push_back(std::move(fact));
    return content;
}

// The report of a parcel whose frames are gone on with in another sitting: what went out before it stands in
// the record. Nothing where the correction has changed since, for the report is of the one before.
std::shared_ptr<WaitingReport> Session::reportBefore(const HandoverRecord& frames) const {
    const Setup* s = setup(static_cast<int>(frames.setup));
    if (!s || !s->correction || io::fingerprint(*s->correction) != frames.fingerprint) return {};
    const HandoverRecord* report = nullptr;
    std::vector<io::ReportedFile> files;
    // Records are in the order in which things went out.
    for (const auto& [id, r] : studio_->contents().all<HandoverRecord>()) {
        if (id >= frames.id) break;
        if (r.setup != frames.setup || r.receiver != frames.receiver || folderOf(r) != folderOf(frames))
            continue;
        if (r.format == "frames") {  // another parcel's last
            report = nullptr;
            files.clear();
        } else if (r.format == "report") {
            report = &r;
        } else {
            files.push_back({std::filesystem::path(r.path).filename().string(), r.format,
                             proofOf(r).toStdString(), r.sha256, static_cast<std::uintmax_t>(r.bytes)});
        }
    }
    if (!report || report->fingerprint != frames.fingerprint) return {};
    auto out = std::make_shared<WaitingReport>();
    out->content = parcelContent(static_cast<int>(frames.setup));
    out->content.files = std::move(files);
    out->record = report->id;
    return out;
}

// It went out before its frames were done: it is written once more, with their checksums.
void Session::reportFrames(const HandoverRecord& frames) {
    const auto kept = reportedWith_.extract(QString::fromStdString(frames.path));
    const auto waiting = kept ? kept.mapped() : reportBefore(frames);
    const auto* report = waiting ? studio_->contents().find<HandoverRecord>(waiting->record) : nullptr;
    if (!report) return;
    for (const io::FrameReport& r : queue_->reports())
        if (r.fate == io::FrameFate::done || r.fate == io::FrameFate::kept)
            waiting->content.files.push_back({r.target.filename().string(), {}, {}, r.sha256, r.bytes});
    inBackground(
        [waiting, place = std::filesystem::path(report->path).replace_extension().string()] {
            ParcelContent& content = waiting->content;
            const std::optional<Reading>& reading = content.reading;
            if (content.picture.empty() && !content.frame && reading)
                if (auto frame = io::readFrameAssuming(content.correction.inputEncoding, reading->framePath))
                    content.frame = std::make_shared<const io::Frame>(*std::move(frame));
            makePicture(content);
            ParcelItem item;
            item.kind = ParcelItem::Kind::report;
            return makeItem(item, place, content);
        },
        [this, record = waiting->record](const Result<HandedItem>& made) {
            const auto* before = studio_->contents().find<HandoverRecord>(record);
            if (!made) {
                emit refused(QString::fromStdString(made.error().message));
            } else if (before) {
                HandoverRecord after = *before;
                after.bytes = made->record.bytes;
                after.sha256 = made->record.sha256;
                Edit edit = studio_->edit("Report with its frames");
                edit.put(after);
                keepRecord(edit);
            }
        });
}

}  // namespace refero
