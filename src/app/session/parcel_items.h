// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <QStringList>
#include <optional>
#include <string>
#include <utility>
#include <vector>

#include "app/session/parcel.h"
#include "app/session/setup.h"
#include "io/report/report.h"
#include "studio/records.h"

namespace refero {

/// One thing of a parcel but its frames: files that share a name up to their endings.
struct ParcelItem {
    enum class Kind { correction, check, recipe, report };

    Kind kind = Kind::correction;
    io::ExportOptions options{};  ///< of a correction
    std::string name;             ///< without an ending
    QStringList endings;          ///< of its files, the one that is told of first
};

/// In the order in which they are made: a check needs the configuration, the report names the files before.
std::vector<ParcelItem> itemsOf(const Parcel& parcel, const Correction& correction);

/// Which of its files are there already.
QStringList filesThere(const ParcelItem& item, const QString& folder);
/// Folder and name of its files without their endings; nothing where the files that are there are to stay.
/// Of several that may not be replaced, the first number that is free.
std::optional<std::string> placeFor(const ParcelItem& item, const QString& folder, io::Collision collisions);

/// What the items are made of, and what of them is finished.
struct ParcelContent {
    Correction correction;
    std::optional<Reading> reading;
    FramePointer frame;  ///< the chart's, until its picture is made
    std::vector<unsigned char> picture;
    std::vector<std::pair<std::string, std::string>> facts;
    std::string plateFrame;  ///< of the check: a subject of the setup, else the chart's frame
    io::FrameOutput plate;
    std::string configuration;  ///< once it is written
    std::vector<io::ReportedFile> files;
};

/// Makes the report's picture, once, and lets go of the frame.
void makePicture(ParcelContent& content);

/// What went out, with its checksum, and what is told of it.
struct HandedItem {
    studio::HandoverRecord record;
    QString told;
};
/// How far it was off when it was read back; empty for what is only read.
QString proofOf(const studio::HandoverRecord& record);
Result<HandedItem> makeItem(const ParcelItem& item, const std::string& place, const ParcelContent& content);

/// A single file of a correction, the same way.
Result<HandedItem> exportTo(const std::string& path, const Correction& correction,
                            const io::ExportOptions& options);

}  // namespace refero
