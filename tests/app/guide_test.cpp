// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/help/guide_text.h"

#include <gtest/gtest.h>

#include <QFile>
#include <QFileInfo>
#include <QMap>
#include <QRegularExpression>
#include <QSet>
#include <QXmlStreamReader>

#include "app/help/guide_file.h"
#include "app/language/language.h"

namespace refero {
namespace {

QString contentOf(const QString& path) {
    QFile file(path);
    EXPECT_TRUE(file.open(QIODevice::ReadOnly)) << path.toStdString();
    return QString::fromUtf8(file.readAll());
}

// Headings with their levels, pictures with their files, items, rows and paragraphs, in their order.
QStringList shapeOf(const QString& markdown) {
    static const QRegularExpression heading(QStringLiteral("^(#+) ")),
        item(QStringLiteral("^(?:- |\\d\\. )")), picture(QStringLiteral("^!\\[.*\\(.*?([\\w-]+\\.png)\\)"));
    QStringList out;
    bool within = false;  // of a paragraph, which may have several lines
    for (const QString& full : markdown.split(QLatin1Char('\n'))) {
        const QString line = full.trimmed();
        const auto h = heading.match(line), p = picture.match(line);
        const bool row = line.startsWith(QLatin1Char('|')), one = item.match(line).hasMatch();
        if (h.hasMatch())
            out << h.captured(1);
        else if (p.hasMatch())
            out << p.captured(1);
        else if (row || one)
            out << (row ? QStringLiteral("row") : QStringLiteral("item"));
        else if (!line.isEmpty() && !within)
            out << QStringLiteral("paragraph");
        within = !line.isEmpty() && !h.hasMatch() && !p.hasMatch();
    }
    return out;
}

// What stands on the window in a language, by its English.
QMap<QString, QStringList> wordsOf(const QString& language) {
    QMap<QString, QStringList> out;
    const QString texts =
        contentOf(QStringLiteral(REFERO_SOURCE "/data/translations/refero_%1.ts").arg(language));
    QXmlStreamReader xml(texts);
    const auto bare = [&xml] {
        QString text = xml.readElementText(QXmlStreamReader::IncludeChildElements);
        while (text.endsWith(QLatin1Char('.')) || text.endsWith(QLatin1Char(' '))) text.chop(1);
        return text;
    };
    for (QString source; !xml.atEnd(); xml.readNext()) {
        if (!xml.isStartElement()) continue;
        if (xml.name() == QLatin1String("source"))
            source = bare();
        else if (xml.name() == QLatin1String("translation"))
            out[source] << bare();
    }
    return out;
}

TEST(GuideText, IsCutAtItsChaptersAndSaysWhatIsUnderEachHeading) {
    const GuideText guide = guideText(QString::fromUtf8(
        "# Page\n\nA few lines.\n\n## First *one* (Ctrl+1)\n\nOf [a link](there.md#at) and `code`.\n\n"
        "```\n## no heading\n```\n\n### Under it\n\nMore.\n\n## Second\n\nEnd.\n"));
    ASSERT_EQ(guide.chapters.size(), 2U) << "the opening is too short for a chapter of its own";
    ASSERT_EQ(guide.parts.size(), 4U);
    EXPECT_EQ(guide.parts[1].heading, QStringLiteral("First one (Ctrl+1)"));
    EXPECT_EQ(guide.parts[1].slug, QStringLiteral("first-one-ctrl1"));
    EXPECT_TRUE(guide.parts[1].words.contains(QLatin1String("Of a link and code.")));
    EXPECT_FALSE(guide.parts[1].words.contains(QLatin1String("More")));
    EXPECT_EQ(guide.parts[2].place, 2);
    EXPECT_EQ(guide.parts[3].chapter, 1);
    EXPECT_EQ(guide.parts[3].place, 0);
    EXPECT_EQ(guide.chapters[0] + guide.chapters[1].trimmed(),
              QString::fromUtf8(
                  "# Page\n\nA few lines.\n\n## First *one* (Ctrl+1)\n\nOf [a link](there.md#at) and "
                  "`code`.\n\n```\n## no heading\n```\n\n### Under it\n\nMore.\n\n## Second\n\nEnd."));
    EXPECT_TRUE(guideText({}).parts.empty());
}

// Every link and picture of the guide leads to something that is shipped.
TEST(Guide, IsWholeInEachLanguage) {
    static const QRegularExpression link(QStringLiteral("\\]\\(([^)#]+)(#[^)]*)?\\)"));
    for (const QString& language : language::shipped()) {
        const QString file = guideFile(language);
        const QString folder = QFileInfo(file).path();
        EXPECT_EQ(folder.endsWith(QLatin1Char('/') + language), language != QLatin1String("en"));
        int links = 0;
        for (const QString& page : {file, folder + QStringLiteral("/first-card.md")})
            for (auto found = link.globalMatch(contentOf(page)); found.hasNext(); ++links) {
                const QString target = found.next().captured(1);
                EXPECT_TRUE(QFile::exists(folder + QLatin1Char('/') + target)) << target.toStdString();
            }
        EXPECT_GT(links, 15);
    }
    EXPECT_EQ(guideFile(QStringLiteral("xx")), guideFile(QStringLiteral("en")));
}

// The chapter on the command line is English, as that is.
TEST(Guide, SaysTheSameInEachLanguage) {
    const QString english = contentOf(guideFile(QStringLiteral("en")));
    const QStringList parts = english.split(QStringLiteral("\n## Without the window\n"));
    ASSERT_EQ(parts.size(), 2);
    const QString card = contentOf(guideFolder() + QStringLiteral("/first-card.md"));
    static const QRegularExpression named(QStringLiteral("(?<![*\\\\])\\*{1,2}([^*]+?)\\*{1,2}"));
    QSet<QString> names;
    for (auto it = named.globalMatch(parts[0] + card); it.hasNext();)
        names.insert(it.next().captured(1).simplified());
    for (const QString& language : language::shipped().mid(1)) {
        const QString guide = contentOf(guideFile(language));
        const QString first =
            contentOf(QFileInfo(guideFile(language)).path() + QStringLiteral("/first-card.md"));
        const qsizetype end = guide.lastIndexOf(QStringLiteral("\n## "));
        EXPECT_EQ(shapeOf(guide.left(end)), shapeOf(parts[0])) << language.toStdString();
        EXPECT_EQ(shapeOf(first), shapeOf(card)) << language.toStdString();
        // A control goes by the name that it has in the window.
        const auto words = wordsOf(language);
        const QString all = (guide + first).simplified();
        int known = 0;
        for (QString name : names) {
            while (name.endsWith(QLatin1Char('.')) || name.endsWith(QLatin1Char(','))) name.chop(1);
            const QStringList forms = words[name];
            if (forms.isEmpty()) continue;
            ++known;
            EXPECT_TRUE(std::any_of(forms.begin(), forms.end(),
                                    [&](const QString& w) { return all.contains(w, Qt::CaseInsensitive); }))
                << language.toStdString() << ": " << name.toStdString();
        }
        EXPECT_GT(known, 100);
    }
}

}  // namespace
}  // namespace refero
