// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The program around the work: menu, help, the second start, the end, what is remembered.
#include <QAction>
#include <QDir>
#include <QFile>
#include <QLineEdit>
#include <QListWidget>
#include <QMenu>
#include <QSignalSpy>
#include <QTextBrowser>
#include <thread>

#include "app/help/about_window.h"
#include "app/help/guide_file.h"
#include "app/help/help_window.h"
#include "app/instance/one_instance.h"
#include "app/look/button.h"
#include "app/look/tokens.h"
#include "app/session/intake_actions.h"
#include "app/settings/own_settings.h"
#include "app/settings/own_studio.h"
#include "app/studio_menu.h"
#include "window_fixture.h"

namespace refero {
namespace {

class Program : public WindowTest {
  protected:
    QStringList textsOf(QMenu* menu) {
        emit menu->aboutToShow();
        QStringList out;
        for (QAction* action : menu->actions()) {
            if (action->menu())
                out << textsOf(action->menu());
            else if (!action->text().isEmpty())
                out << action->text();
        }
        return out;
    }
    QString guide() {
        QFile file(guideFolder() + QStringLiteral("/guide.md"));
        EXPECT_TRUE(file.open(QIODevice::ReadOnly));
        return QString::fromUtf8(file.readAll());
    }
};

// Nothing is hidden in keys: every action with a name stands in the menu, and so does every button to be
// seen.
TEST_F(Program, TheMenuHasEverything) {
    ASSERT_TRUE(openAndCorrect());
    auto* menu = find<QMenu>("mainMenu");
    const QStringList texts = textsOf(menu);
    for (const QAction* action : window->actions())
        if (action->objectName() != QLatin1String("menuAction")) {
            EXPECT_TRUE(texts.contains(action->text())) << action->text().toStdString();
        }
    EXPECT_TRUE(texts.contains(QStringLiteral("Keep a snapshot"))) << "a button of the page at hand";
    for (QAction* part : menu->actions())
        if (part->menu())
            for (QAction* action : part->menu()->actions())
                if (action->text() == QLatin1String("Reading")) action->trigger();
    EXPECT_EQ(window->station(), MainWindow::StationId::reading);
}

TEST_F(Program, EveryKeyOfTheWindowStandsInTheGuide) {
    const QString all = guide();
    const QString keys = all.mid(all.indexOf(QStringLiteral("\n## Keys")));
    for (const QAction* action : window->actions())
        for (const QKeySequence& sequence : action->shortcuts()) {
            const QString key = sequence.toString();
            // The stations' stand there as a row.
            const bool station =
                key.size() == 6 && key.startsWith(QLatin1String("Ctrl+")) && key.back().isDigit();
            EXPECT_TRUE(station || keys.contains(key)) << key.toStdString();
        }
}

TEST_F(Program, HelpOpensAtThePageAtHandAndIsSearched) {
    QAction* help = find<QAction>("helpAction");
    const std::pair<MainWindow::StationId, const char*> parts[] = {
        {MainWindow::StationId::plan, "Plan the day"}, {MainWindow::StationId::frames, "Bring the frames in"},
        {MainWindow::StationId::reading, "Reading"},   {MainWindow::StationId::correction, "Correction"},
        {MainWindow::StationId::pairing, "Pairing"},   {MainWindow::StationId::handover, "Hand over"},
        {MainWindow::StationId::test, "Test"},
    };
    for (const auto& [station, heading] : parts) {
        window->showStation(station);
        help->trigger();
        auto* guide = find<HelpWindow>("helpWindow");
        EXPECT_TRUE(guide->isVisible());
        EXPECT_TRUE(guide->heading().startsWith(QLatin1String(heading)))
            << heading << ": " << guide->heading().toStdString();
    }
    auto* guide = find<HelpWindow>("helpWindow");
    auto* contents = guide->findChild<QListWidget*>();
    const int all = contents->count();
    auto* field = guide->findChild<QLineEdit*>(QStringLiteral("helpSearch"));
    field->setText(QStringLiteral("flat field"));
    EXPECT_GT(contents->count(), 0);
    EXPECT_LT(contents->count(), all);
    EXPECT_EQ(contents->item(0)->text().left(7), QStringLiteral("Reading"));
    field->setText(QStringLiteral("zzzz"));
    EXPECT_EQ(contents->count(), 0);
    field->clear();
    EXPECT_EQ(contents->count(), all);
    // A chapter at a time; its end leads on to the next.
    auto* page = guide->findChild<QTextBrowser*>();
    EXPECT_TRUE(page->toPlainText().startsWith(QLatin1String("Test (Ctrl+7)")));
    EXPECT_FALSE(page->toPlainText().contains(QLatin1String("Pairing (Ctrl+5)\n")));
    EXPECT_TRUE(page->toPlainText().endsWith(QLatin1String("Next: Keys")));
    emit page->anchorClicked(QUrl(QStringLiteral("#keys")));
    EXPECT_EQ(guide->heading(), QStringLiteral("Keys"));
    EXPECT_EQ(contents->currentItem()->text(), QStringLiteral("Keys"));
    // What is found is shown where the first word stands, not at the head of its chapter.
    field->setText(QStringLiteral("Slurm array"));
    QTest::keyClick(field, Qt::Key_Return);
    EXPECT_TRUE(page->textCursor().block().text().contains(QLatin1String("Slurm")));
    // A link leads to another page of the guide; one finds back, and there again.
    const QString left = guide->heading();
    emit page->anchorClicked(QUrl(QStringLiteral("first-card.md")));
    EXPECT_EQ(contents->item(0)->text(), QStringLiteral("Your first card"));
    auto* forward = guide->findChild<look::Button*>(QStringLiteral("helpForward"));
    EXPECT_FALSE(forward->isEnabled());
    QTest::mouseClick(guide->findChild<look::Button*>(QStringLiteral("helpBack")), Qt::LeftButton);
    EXPECT_EQ(guide->heading(), left);
    EXPECT_TRUE(page->toPlainText().contains(QLatin1String("Slurm")));
    QTest::mouseClick(forward, Qt::LeftButton);
    EXPECT_EQ(guide->heading(), QStringLiteral("Your first card"));
    // Chapters that were left are not kept.
    EXPECT_TRUE(eventually([&] { return page->findChildren<QTextDocument*>().size() <= 2; }, 5000));
    QTest::keyClick(guide, Qt::Key_Escape);
    EXPECT_FALSE(guide->isVisible());
    help->trigger();
    EXPECT_TRUE(guide->heading().startsWith(QLatin1String("Test")));
}

TEST_F(Program, AboutNamesTheLicencesOfAllThatIsShipped) {
    const AboutWindow about(window.get());
    const QString text = about.findChild<QTextBrowser*>()->toPlainText();
    for (const char* words : {"Open Font License", "ISC License", "GNU GENERAL PUBLIC LICENSE", "LibRaw"})
        EXPECT_TRUE(text.contains(QLatin1String(words))) << words;
}

TEST_F(Program, ASecondStartHandsItsFilesToTheFirst) {
    const QString name = OneInstance::nameOf(QString::fromStdString(own_.path().string()));
    EXPECT_FALSE(OneInstance::handOver(name, {}, false)) << "nobody is there yet";
    OneInstance first(name);
    ASSERT_TRUE(first.listen());
    QSignalSpy started(&first, &OneInstance::started);
    const QString file = frame("good.tif");
    bool taken = false;
    std::thread second([&] { taken = OneInstance::handOver(name, {file}, true); });
    ASSERT_TRUE(eventually([&] { return started.count() == 1; }));
    second.join();
    EXPECT_TRUE(taken);
    EXPECT_EQ(started[0][0].toStringList(), QStringList{file});
    EXPECT_TRUE(started[0][1].toBool());
    // After a crash its name is still there, and nobody answers.
    OneInstance third(name + QStringLiteral("x"));
    QFile stale(QDir::tempPath() + QLatin1Char('/') + name + QStringLiteral("x"));
    ASSERT_TRUE(stale.open(QIODevice::WriteOnly));
    EXPECT_TRUE(third.listen());
}

TEST_F(Program, ClosingAsksOnceWhereWorkWouldBeInterrupted) {
    answers.close = Dialogs::Closing::stay;
    window->close();
    EXPECT_EQ(answers.closings, 0) << "nothing is at work";
    window->show();
    window->openFrames({frame("good.tif"), frame("hot.tif"), frame("subject.tif")});
    ASSERT_TRUE(session().intake().running());
    EXPECT_FALSE(window->close());
    EXPECT_EQ(answers.closings, 1);
    EXPECT_TRUE(window->isVisible());
    ASSERT_TRUE(session().intake().running());
    answers.close = Dialogs::Closing::afterwards;
    window->close();
    EXPECT_FALSE(window->isVisible()) << "out of sight";
    EXPECT_TRUE(eventually([&] { return !session().intake().running(); })) << "and at work until it is done";
    EXPECT_EQ(session().contents().all<studio::Frame>().size(), 3u);
    window->comeForward();
    EXPECT_TRUE(window->isVisible());
}

TEST_F(Program, TheWindowIsAsItWasLeft) {
    ASSERT_TRUE(open("good.tif"));
    window->resize(1100, 700);
    find<QAction>("surroundAction")->trigger();
    ASSERT_EQ(look::surround(), look::Surround::booth);
    window->showStation(MainWindow::StationId::handover);
    window->close();
    window = nullptr;
    look::setSurround(look::Surround::dim);
    openWindow();
    window->restore();
    EXPECT_EQ(window->size(), QSize(1100, 700));
    EXPECT_EQ(window->station(), MainWindow::StationId::handover);
    EXPECT_EQ(look::surround(), look::Surround::booth);
    find<QAction>("surroundAction")->trigger();
    ownSettings().remove(QStringLiteral("window"));
}

// The studio of last time is opened; two of one name are told apart by their folders.
TEST_F(Program, RemembersTheStudiosAndTheirFolders) {
    const QString mine = QString::fromStdString(own_ / "mine"),
                  a = QString::fromStdString(own_ / "a/day.refero"),
                  b = QString::fromStdString(own_ / "b/day.refero");
    for (const QString& path : {a, b}) {
        QDir().mkpath(QFileInfo(path).absolutePath());
        ASSERT_TRUE(studio::Studio::create(path.toStdString()));
        rememberStudio(path);
    }
    EXPECT_EQ(lastStudio(), b);
    EXPECT_EQ(ownStudio(mine, b).studio->path(), b.toStdString());
    const QStringList texts = textsOf(find<QMenu>("studioMenu"));
    EXPECT_EQ(texts.filter(QStringLiteral("day.refero")).size(), 2);
    EXPECT_NE(texts.filter(QStringLiteral("day.refero")).front(),
              texts.filter(QStringLiteral("day.refero")).back());
    QFile::remove(b);
    EXPECT_TRUE(lastStudio().isEmpty()) << "gone, and not made anew";
    EXPECT_NE(ownStudio(mine, b).studio->path(), b.toStdString());
}

}  // namespace
}  // namespace refero
