// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The languages that ship: complete, with the same places, and heard from the core as from the window.
#include "app/language/language.h"

#include <QAbstractButton>
#include <QAction>
#include <QComboBox>
#include <QDirIterator>
#include <QFile>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QLocale>
#include <QRegularExpression>
#include <QSet>
#include <QTableView>
#include <QTimer>
#include <QTranslator>
#include <QXmlStreamReader>
#include <functional>
#include <mutex>
#include <set>

#include "app/forms/binding.h"
#include "app/help/help_window.h"
#include "app/look/decimal_box.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "core/read/reading.h"
#include "core/say/figure.h"
#include "core/say/say.h"
#include "io/frame_file.h"
#include "window_fixture.h"

namespace refero {
namespace {

struct Text {
    QString context, source;
    QStringList forms;  ///< of a plural, else one
    bool plural = false, unfinished = false;
};

std::vector<Text> textsOf(const QString& code) {
    QFile file(QStringLiteral(REFERO_SOURCE "/data/translations/refero_%1.ts").arg(code));
    EXPECT_TRUE(file.open(QIODevice::ReadOnly)) << code.toStdString();
    std::vector<Text> out;
    QString context;
    QXmlStreamReader xml(&file);
    while (!xml.atEnd()) {
        xml.readNext();
        if (!xml.isStartElement()) continue;
        if (xml.name() == QLatin1String("name")) context = xml.readElementText();
        if (xml.name() == QLatin1String("message"))
            out.push_back(
                {context, {}, {}, xml.attributes().value(QLatin1String("numerus")) == QLatin1String("yes")});
        if (xml.name() == QLatin1String("source")) out.back().source = xml.readElementText();
        if (xml.name() == QLatin1String("translation")) {
            out.back().unfinished = xml.attributes().hasAttribute(QLatin1String("type"));
            if (!out.back().plural) out.back().forms << xml.readElementText();
        }
        if (xml.name() == QLatin1String("numerusform")) out.back().forms << xml.readElementText();
    }
    EXPECT_FALSE(xml.hasError()) << xml.errorString().toStdString();
    return out;
}

// Places of say() and of Qt in any order; those of printf in theirs.
QStringList placesIn(const QString& text) {
    static const QRegularExpression numbered(QStringLiteral("%[1-9n]"));
    static const QRegularExpression printf(
        QStringLiteral("%[-+0]*[0-9]*(?:\\.[0-9]+)?(?:zu|[dgsf](?![a-z]))|%%"));
    QStringList out;
    for (auto it = numbered.globalMatch(text); it.hasNext();) out << it.next().captured();
    out.sort();
    for (auto it = printf.globalMatch(text); it.hasNext();) out << it.next().captured();
    return out;
}

QString edgesOf(const QString& text) {
    const auto space = [](QChar c) { return c == QLatin1Char(' ') || c == QLatin1Char('\n'); };
    return text.isEmpty() ? QString()
                          : QString::number(space(text.front())) + QString::number(space(text.back()));
}

QString unescaped(QString s) {
    static const QRegularExpression bytes(QStringLiteral("(?:\\\\x[0-9A-Fa-f]{2})+"));
    for (auto m = bytes.match(s); m.hasMatch(); m = bytes.match(s))
        s.replace(
            m.capturedStart(), m.capturedLength(),
            QString::fromUtf8(QByteArray::fromHex(m.captured().remove(QLatin1String("\\x")).toLatin1())));
    static const QRegularExpression code(QStringLiteral("\\\\u([0-9A-Fa-f]{4})"));
    for (auto m = code.match(s); m.hasMatch(); m = code.match(s))
        s.replace(m.capturedStart(), m.capturedLength(), QChar(m.captured(1).toUShort(nullptr, 16)));
    return s.replace(QLatin1String("\\n"), QLatin1String("\n"))
        .replace(QLatin1String("\\\""), QLatin1String("\""))
        .replace(QLatin1String("\\\\"), QLatin1String("\\"));
}

// What the core asked for, by any thread.
std::set<std::string, std::less<>> asked;
std::mutex asking;

// A language that nobody speaks: what does not stand in its brackets was never asked for a translation.
std::string bracketed(std::string_view english) {
    {
        const std::lock_guard lock(asking);
        asked.emplace(english);
    }
    return "\u27e6" + std::string(english) + "\u27e7";
}

class Brackets : public QTranslator {
  public:
    bool isEmpty() const override { return false; }
    QString translate(const char* context, const char* source, const char*, int) const override {
        const std::string_view c = context;
        // Names of languages are words of their own; the toolkit's own texts are not ours.
        if (c.empty() || c.front() == 'Q') return {};
        return QString::fromStdString(bracketed(source));
    }
};

// What is outside of all brackets.
QString unspoken(const QString& text) {
    QString out;
    int depth = 0;
    for (const QChar c : text) {
        if (c == QChar(0x27e6)) ++depth;
        if (depth == 0) out += c;
        if (c == QChar(0x27e7)) depth = std::max(0, depth - 1);
    }
    return out;
}

class Languages : public WindowTest {
  protected:
    using Look = std::function<void(const QObject* of, const QString& text)>;

    /// What can be read on all pages and in all commands; how many widgets that were.
    int eachText(const Look& look) {
        int seen = 0;
        for (const char* page : kPageActions) {
            find<QAction>(page)->trigger();
            QTest::qWait(300);
            for (const QWidget* w : window->findChildren<QWidget*>()) {
                // Encodings and transforms go by the names that files give them.
                if (!w->isVisible() || w->objectName() == QLatin1String("encodingChoice")) continue;
                ++seen;
                look(w, w->toolTip());
                look(w, w->accessibleName());
                textsIn(w, look);
            }
        }
        for (const QAction* a : window->findChildren<QAction*>()) look(a, a->text());
        return seen;
    }
    static void textsIn(const QWidget* w, const Look& look) {
        if (const auto* label = qobject_cast<const QLabel*>(w)) look(w, label->text());
        if (const auto* button = qobject_cast<const QAbstractButton*>(w)) look(w, button->text());
        if (const auto* line = qobject_cast<const QLineEdit*>(w)) look(w, line->text());
        if (const auto* box = qobject_cast<const QComboBox*>(w))
            for (int i = 0; i < box->count(); ++i) look(w, box->itemText(i));
        if (const auto* table = qobject_cast<const QTableView*>(w); table && table->model())
            for (int i = 0; i < table->model()->columnCount(); ++i) {
                look(w, table->model()->headerData(i, Qt::Horizontal).toString());
                for (int row = 0; row < table->model()->rowCount(); ++row)
                    look(w, table->model()->index(row, i).data().toString());
            }
    }
    void TearDown() override {
        WindowTest::TearDown();
        language::speak(QStringLiteral("en"));
        language::choose({});
        QApplication::setLayoutDirection(Qt::LeftToRight);
    }
    /// In the window.
    QRect placeOf(const QWidget* w) const { return {w->mapTo(window.get(), QPoint()), w->size()}; }
};

TEST_F(Languages, AllThatShipAreCompleteAndKeepTheirPlaces) {
    for (const QString& code : language::shipped().mid(1)) {
        const auto texts = textsOf(code);
        EXPECT_GT(texts.size(), 2500u) << code.toStdString();
        for (const Text& t : texts) {
            EXPECT_FALSE(t.unfinished) << code.toStdString() << ": " << t.source.toStdString();
            EXPECT_EQ(t.forms.size(), t.plural ? 2 : 1) << t.source.toStdString();
            for (const QString& form : t.forms) {
                EXPECT_FALSE(form.isEmpty()) << t.source.toStdString();
                // A plural's form for one may say the number in words.
                if (!t.plural) {
                    EXPECT_EQ(placesIn(form), placesIn(t.source))
                        << code.toStdString() << ": " << form.toStdString();
                }
                // French sets a space before these signs.
                const bool sign =
                    code == QLatin1String("fr") && QStringLiteral(":;?!").contains(t.source.front());
                if (!sign) {
                    EXPECT_EQ(edgesOf(form), edgesOf(t.source))
                        << code.toStdString() << ": " << form.toStdString();
                }
            }
        }
    }
}

TEST_F(Languages, WhatTheSourcesSayIsInTheCatalogue) {
    QSet<QString> known;
    for (const Text& t : textsOf(QStringLiteral("de")))
        if (t.context == QLatin1String("core")) known.insert(t.source);
    const QString literal = QStringLiteral("\"(?:[^\"\\\\]|\\\\.)*\"");
    const QRegularExpression call(
        QStringLiteral("\\b(?:say|sayf|told|word)\\(\\s*((?:%1\\s*)+)").arg(literal));
    const QRegularExpression part(literal);
    int seen = 0;
    for (QDirIterator it(QStringLiteral(REFERO_SOURCE "/src"),
                         {QStringLiteral("*.cpp"), QStringLiteral("*.h")}, QDir::Files,
                         QDirIterator::Subdirectories);
         it.hasNext();) {
        const QString path = it.next();
        if (path.contains(QLatin1String("/src/cli/")) || path.contains(QLatin1String("/src/sim/"))) continue;
        QFile file(path);
        ASSERT_TRUE(file.open(QIODevice::ReadOnly));
        const QString source = QString::fromUtf8(file.readAll());
        for (auto m = call.globalMatch(source); m.hasNext();) {
            QString text;
            for (auto p = part.globalMatch(m.next().captured(1)); p.hasNext();) {
                const QString quoted = p.next().captured();
                text += quoted.mid(1, quoted.size() - 2);
            }
            ++seen;
            EXPECT_TRUE(known.contains(unescaped(text)))
                << path.toStdString() << ": run scripts/translations for \"" << text.toStdString() << "\"";
        }
    }
    EXPECT_GT(seen, 1500);
}

TEST_F(Languages, TheWindowAndTheCoreSpeakTheChosenOne) {
    window.reset();
    language::choose(QStringLiteral("de"));
    EXPECT_EQ(language::wanted(), QLatin1String("de"));
    language::speak(language::wanted());
    EXPECT_EQ(label(Verdict::reshoot), "Noch einmal aufnehmen");
    SetUp();
    EXPECT_EQ(find<QAction>("planAction")->text(), QLatin1String("Plan"));
    EXPECT_EQ(find<QAction>("framesAction")->text(), QLatin1String("Bilder"));
    // So does the guide.
    window->showStation(MainWindow::StationId::frames);
    find<QAction>("helpAction")->trigger();
    EXPECT_EQ(find<HelpWindow>("helpWindow")->heading(), QLatin1String("Die Bilder einbringen (Strg+2)"));
    // A reason that the core gives.
    const auto none = io::readFrame("/no-such-file.tif");
    ASSERT_FALSE(none);
    EXPECT_EQ(none.error().message, "Es gibt keine Datei /no-such-file.tif.");
    language::speak(QStringLiteral("fr"));
    EXPECT_EQ(label(Verdict::pass), "Bon");
    language::speak(QStringLiteral("en"));
    EXPECT_EQ(label(Verdict::pass), "Good");
}

TEST_F(Languages, NoScreenHasTextThatWasNeverAskedFor) {
    window.reset();
    Brackets brackets;
    QCoreApplication::installTranslator(&brackets);
    setCatalogue(bracketed);
    SetUp();
    EXPECT_TRUE(openAndCorrect());
    // Names of people's things, of files and formats, and units.
    static const QRegularExpression own(
        QStringLiteral("\\S*\\.(tif|refero|json|cube|cc|icc|dng|pdf|html|csv)\\b|Refero|English|Deutsch|"
                       "Fran\u00e7ais|Espa\u00f1ol"
                       "|CIEDE2000|sRGB|opRGB|ROMM|Display "
                       "P3|Heron|good|Ctrl|srgb|\\b(ISO|SHA-256|PDF|DCP|ICC|CLF|CDL|DNG|LUT|JPEG|"
                       "TIFF|EXR|CSV|HTML|RGB|CCT|Duv|ACES\\w*)\\b"
                       "|[0-9][^ ]*|/\\S*"));
    static const QRegularExpression word(QStringLiteral("[A-Za-z]{4,}"));
    QMap<QString, QString> left;
    const auto look = [&](const QObject* of, const QString& text) {
        QString rest = unspoken(text);
        static const QRegularExpression markup(QStringLiteral("<[^>]*>|&[a-z]+;"));
        rest.remove(markup).remove(own);
        if (rest.contains(word))
            left[text] =
                QStringLiteral("%1 %2").arg(QLatin1String(of->metaObject()->className()), of->objectName());
    };
    EXPECT_GT(eachText(look), 300);
    for (auto it = left.cbegin(); it != left.cend(); ++it)
        ADD_FAILURE() << it.value().toStdString() << ": " << it.key().toStdString();
    window.reset();
    QCoreApplication::removeTranslator(&brackets);
    // What is asked for must also be there: also where its words come from a variable.
    QSet<QString> known;
    for (const Text& t : textsOf(QStringLiteral("de"))) known.insert(t.source);
    EXPECT_GT(asked.size(), 100U);
    for (const std::string& text : asked) {
        const QString rest = QString::fromStdString(text).remove(own);
        EXPECT_TRUE(!rest.contains(word) || known.contains(QString::fromStdString(text))) << text;
    }
}

TEST_F(Languages, FiguresAndDatesAreTheReaders) {
    EXPECT_EQ(decimalText(1234.5, 2), QLatin1String("1234.50"));
    window.reset();
    language::speak(QStringLiteral("de"));
    EXPECT_EQ(decimalText(-0.481, 2), QLatin1String("-0,48"));
    EXPECT_EQ(decimalText(1234.5, 1), QLatin1String("1234,5")) << "thousands are not set apart";
    EXPECT_EQ(shortNumber(2.4, 8), QLatin1String("2,4"));
    EXPECT_EQ(signedText(1.26, 1), QLatin1String("+1,3"));
    EXPECT_EQ(signedText(-0.48, 2), QStringLiteral("\u22120,48"));
    EXPECT_EQ(signedText(-0.004, 2), QLatin1String("0,00"));
    EXPECT_EQ(figure("%.2f", 0.5), "0,50");
    EXPECT_EQ(QLocale().toString(QDate(2026, 5, 14), QStringLiteral("d MMMM")), QLatin1String("14 Mai"));
    SetUp();
    ASSERT_TRUE(openAndCorrect());
    // Versions, files and names of standards keep their points; so does what a field has as its hint.
    static const QRegularExpression own(
        QStringLiteral("\\S*[A-Za-z_/]\\S*\\.\\S*|\\b(BT|Rec|Version|CIE|ISO|IEC|v)\\.? ?[0-9.]+"));
    static const QRegularExpression point(QStringLiteral("[0-9]\\.[0-9]"));
    static const QRegularExpression comma(QStringLiteral("[0-9],[0-9]"));
    int commas = 0;
    eachText([&](const QObject* of, const QString& text) {
        commas += text.contains(comma);
        EXPECT_FALSE(QString(text).remove(own).contains(point))
            << of->metaObject()->className() << " " << of->objectName().toStdString() << ": "
            << text.toStdString();
    });
    EXPECT_GE(commas, 5);
    // What a person types is understood either way, in boxes as in fields.
    look::DecimalBox box;
    box.setDecimals(1);
    for (const char* typed : {"2,5", "2.5"}) {
        box.setValue(0);
        box.clear();
        QTest::keyClicks(&box, QLatin1String(typed));
        EXPECT_EQ(box.value(), 2.5) << typed;
        EXPECT_EQ(box.text(), QLatin1String("2,5"));
    }
    EXPECT_EQ(*numberFrom(QStringLiteral("Blende"), QStringLiteral("2,8")), 2.8);
    EXPECT_EQ(*numberFrom(QStringLiteral("Blende"), QStringLiteral("2.8")), 2.8);
}

// For languages that are read the other way; none ships yet.
TEST_F(Languages, FromRightToLeftEverythingStandsTheOtherWayRound) {
    window.reset();
    QApplication::setLayoutDirection(Qt::RightToLeft);
    SetUp();
    ASSERT_TRUE(openAndCorrect());
    window->resize(1280, 800);
    QTest::qWait(50);
    auto* list = find<QListView>("setupList");
    EXPECT_GT(placeOf(list).left(), 640) << "the list of setups is at the right";
    find<QAction>("planAction")->trigger();
    const auto* plan = visible<QAbstractButton>("PlanTab");
    const auto* handover = visible<QAbstractButton>("HandoverTab");
    EXPECT_GT(placeOf(plan).left(), placeOf(handover).right()) << "stations follow each other to the left";
    // What is painted as well: the bar of the chosen setup, and its marks.
    const QImage painted = list->grab().toImage();
    const double ratio = painted.devicePixelRatio();
    const QRect row = list->visualRect(list->currentIndex());
    const auto at = [&](int x) {
        return painted.pixelColor(QPoint(int((list->viewport()->x() + x) * ratio),
                                         int((list->viewport()->y() + row.center().y()) * ratio)));
    };
    EXPECT_EQ(at(row.right() - 1), look::palette().loud);
    EXPECT_NE(at(row.left() + 1), look::palette().loud);
    for (const char* page : kPageActions) {
        find<QAction>(page)->trigger();
        QTest::qWait(100);
        EXPECT_LE(window->minimumSizeHint().width(), 1280) << page;
    }
}

TEST_F(Languages, AnotherOneClosesTheWindowToBeMadeAnew) {
    auto* german = find<QAction>("language-de");
    EXPECT_TRUE(find<QAction>("language-en")->isChecked());
    QTimer::singleShot(0, german, &QAction::trigger);
    EXPECT_EQ(QApplication::exec(), MainWindow::kAgain);
    EXPECT_FALSE(window->isVisible());
    EXPECT_EQ(language::chosen(), QLatin1String("de"));
}

}  // namespace
}  // namespace refero
