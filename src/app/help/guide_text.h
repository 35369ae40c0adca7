// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <vector>

namespace refero {

/// A heading of a guide's page and what stands under it until the next.
struct GuidePart {
    QString heading;  ///< plain text
    QString slug;     ///< what links name it by
    QString words;    ///< plain text of the heading and of what stands under it
    int level = 1;    ///< 1 to 6
    int chapter = 0;  ///< number of the chapter that it is in
    int place = 0;    ///< number among the headings of its chapter
};

/// A page of the guide, cut where its headings of the second level begin.
/// Laying out a chapter takes a tenth of the time that the whole page takes.
struct GuideText {
    std::vector<QString> chapters;  ///< Markdown
    std::vector<GuidePart> parts;   ///< in their order
};

/// Headings in blocks of code are none. An opening of a few lines goes with the chapter after it.
GuideText guideText(const QString& markdown);

}  // namespace refero
