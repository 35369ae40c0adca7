// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/help/guide_text.h"

#include <QRegularExpression>
#include <QStringList>

namespace refero {
namespace {

constexpr int kShortOpening = 400;  // letters

// As the renderers of Markdown name a heading: small letters, words joined by hyphens, the rest left out.
QString slugOf(const QString& heading) {
    static const QRegularExpression other(QStringLiteral("[^\\w\\- ]"),
                                          QRegularExpression::UseUnicodePropertiesOption);
    return heading.toLower().remove(other).replace(QLatin1Char(' '), QLatin1Char('-'));
}

// What is read of a line: no marks, of links their text alone.
QString plain(QString line) {
    static const QRegularExpression link(QStringLiteral("!?\\[([^\\]]*)\\]\\([^)]*\\)"));
    static const QRegularExpression marks(QStringLiteral("[*`|]"));
    return line.replace(link, QStringLiteral("\\1")).remove(marks).trimmed();
}

}  // namespace

GuideText guideText(const QString& markdown) {
    static const QRegularExpression heading(QStringLiteral("^(#{1,6})\\s+(.+)$"));
    GuideText guide;
    bool code = false;
    int place = 0;
    for (const QString& line : markdown.split(QLatin1Char('\n'))) {
        if (line.startsWith(QLatin1String("```"))) code = !code;
        const QRegularExpressionMatch found = code ? QRegularExpressionMatch() : heading.match(line);
        const int level = found.hasMatch() ? static_cast<int>(found.capturedLength(1)) : 0;
        const bool opening =
            guide.parts.size() == 1 && level == 2 && guide.chapters[0].size() < kShortOpening;
        if (guide.chapters.empty() || ((level == 1 || level == 2) && !opening)) {
            guide.chapters.emplace_back();
            place = 0;
        }
        const int chapter = static_cast<int>(guide.chapters.size()) - 1;
        guide.chapters.back() += line + QLatin1Char('\n');
        if (level > 0) {
            const QString text = plain(found.captured(2));
            guide.parts.push_back({text, slugOf(text), {}, level, chapter, place++});
        }
        if (guide.parts.empty()) continue;
        guide.parts.back().words += (level > 0 ? guide.parts.back().heading : plain(line)) + QLatin1Char(' ');
    }
    return guide;
}

}  // namespace refero
