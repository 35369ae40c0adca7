// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A card in one drop, one look and one click.
#include <QSettings>

#include <QLocale>

#include "app/frames/card_page.h"
#include "app/frames/frames_station.h"
#include "app/session/intake_actions.h"
#include "app/settings/own_settings.h"
#include "window_fixture.h"

namespace refero {
namespace {

class DayInOneGo : public WindowTest {
  protected:
    static void SetUpTestSuite() {
        WindowTest::SetUpTestSuite();
        const auto shoot = [](const char* name, const char* camera, const char* taken, double exposure,
                              bool chart) {
            sim::Shot s = test::plainShot();
            s.file = name;
            s.camera = camera;
            s.lens = "50 mm";
            s.taken = taken;
            s.exposure = exposure;
            if (!chart) s.chart.reset();
            shootOnce(s);
        };
        shoot("card-1.dng", "heron", "2026:05:14 10:00:00", 0.75, true);
        shoot("card-2.dng", "heron", "2026:05:14 10:02:00", 0.75, false);
        shoot("card-3.dng", "bittern", "2026:05:14 10:03:00", 1.6, true);
    }
    void SetUp() override {
        ownSettings().remove(QStringLiteral("day/receivers"));
        ownSettings().remove(QStringLiteral("day/folder"));
        WindowTest::SetUp();
    }
    void dropCard() {
        window->showStation(MainWindow::StationId::frames);
        window->openFrames({frame("card-1.dng"), frame("card-2.dng"), frame("card-3.dng")});
        ASSERT_TRUE(eventually([&] { return find<look::Button>("doDay")->isVisible(); }))
            << find<QLabel>("intakeProgress")->text().toStdString() << ", "
            << session().contents().all<studio::Frame>().size() << " frames";
    }
    bool ended() {
        return eventually([&] { return !find<QLabel>("dayState")->text().isEmpty(); });
    }
    const refero::Setup* of(const std::string& body) {
        for (const refero::Setup& s : session().setups())
            if (s.body == body) return &s;
        return nullptr;
    }
    test::TemporaryFolder out;
};

TEST_F(DayInOneGo, OneClickReadsJudgesAndCorrects) {
    dropCard();
    QTest::mouseClick(find<look::Button>("doDay"), Qt::LeftButton);
    ASSERT_TRUE(ended());
    ASSERT_TRUE(of("Heron"));
    EXPECT_TRUE(of("Heron")->correction);
    ASSERT_TRUE(of("Bittern"));
    EXPECT_EQ(of("Bittern")->reading->verdict, Verdict::reshoot) << "it is clipped";
    EXPECT_TRUE(of("Bittern")->correction) << "what is clipped was left out";
    EXPECT_TRUE(std::any_of(
        session().dayWork().lines().begin(), session().dayWork().lines().end(),
        [](const DayActions::Line& l) { return l.mended && l.why.contains(QStringLiteral("mended")); }));
    const QString found = find<QLabel>("dayFound")->text();
    EXPECT_TRUE(found.startsWith(QStringLiteral("3 frames, 2 lights, 2 chart shots: "))) << qPrintable(found);
    EXPECT_TRUE(found.contains(QStringLiteral("1 to be shot again"))) << qPrintable(found);
    EXPECT_EQ(find<QLabel>("dayState")->text(), QStringLiteral("Done: 2 setups are corrected."));
    // All of it is one step.
    QTest::mouseClick(visible<look::Button>("takeDayBack"), Qt::LeftButton);
    EXPECT_TRUE(eventually([&] { return session().setups().empty(); }));
    EXPECT_FALSE(find<look::Button>("takeDayBack")->isVisible());
}

TEST_F(DayInOneGo, WhatNoFileTellsIsAskedOnceBesideTheButton) {
    sim::Shot nameless = test::plainShot();
    nameless.file = "named.png";  // no place for an encoding
    nameless.encoding = Encoding::rec709;
    shootOnce(nameless);
    // Its pixels alone: no word of a camera.
    const QImage whole(frame("named.png"));
    const QImage pixels(whole.constBits(), whole.width(), whole.height(), whole.bytesPerLine(),
                        whole.format());
    ASSERT_TRUE(pixels.save(frame("nameless.png")));
    window->showStation(MainWindow::StationId::frames);
    window->openFrames({frame("nameless.png")});
    ASSERT_TRUE(eventually([&] { return find<look::Button>("doDay")->isVisible(); }));
    QTest::mouseClick(find<look::Button>("doDay"), Qt::LeftButton);
    ASSERT_TRUE(ended());
    auto* list = find<QWidget>("unknownList");
    ASSERT_TRUE(list->isVisible());
    const auto answer = [&](const char* question) {
        auto* row = list->findChild<QWidget*>(QLatin1String(question));
        return row ? row->findChild<look::Button*>() : nullptr;
    };
    ASSERT_TRUE(answer("unknown-encoding"));
    QTest::mouseClick(answer("unknown-encoding"), Qt::LeftButton);
    EXPECT_TRUE(eventually([&] { return !answer("unknown-encoding"); }));
    const refero::Setup& setup = session().setups().front();
    EXPECT_EQ(setup.reading->encoding, Transfer(Encoding::rec709)) << "what the greys agree with is offered";
    EXPECT_EQ(setup.reading->encodingSource, EncodingSource::stated);
    EXPECT_FALSE(setup.correction) << "it was made from other numbers";
    // A name that the kit does not have is a new body, and of that the sensor is asked.
    ASSERT_TRUE(answer("unknown-camera"));
    QTest::mouseClick(answer("unknown-camera"), Qt::LeftButton);
    EXPECT_TRUE(answer("unknown-camera")) << "nothing was said";
    list->findChild<QComboBox*>(QString())->setCurrentText(QStringLiteral("Plover"));
    QTest::mouseClick(answer("unknown-camera"), Qt::LeftButton);
    EXPECT_TRUE(eventually([&] { return !answer("unknown-camera") && answer("unknown-sensor"); }));
    EXPECT_EQ(session().setups().front().body, "Plover");
    QTest::mouseClick(answer("unknown-sensor"), Qt::LeftButton);
    EXPECT_TRUE(eventually([&] { return !list->isVisible(); })) << "all is told";
    session().undo().undo();
    EXPECT_TRUE(eventually([&] { return answer("unknown-sensor") != nullptr; }));
}

TEST_F(DayInOneGo, GoesOutToTheReceiversOfLastTime) {
    ownSettings().setValue(QStringLiteral("day/receivers"), QStringList{QStringLiteral("editor")});
    window.reset();
    openWindow();
    dropCard();
    answers.folder = QString::fromStdString(out.path().string());
    QTest::mouseClick(find<look::Button>("doDay"), Qt::LeftButton);
    ASSERT_TRUE(ended());
    const auto& lines = session().dayWork().lines();
    ASSERT_EQ(lines.size(), 2U);
    EXPECT_EQ(lines[0].receivers + lines[1].receivers, 2);
    const auto shoot = std::filesystem::directory_iterator(out.path())->path();
    EXPECT_FALSE(std::filesystem::is_empty(shoot / "editor")) << "in a folder of the shoot's own";
    // A second run has nothing to do, and writes nothing.
    const auto files = [&] {
        return std::distance(std::filesystem::recursive_directory_iterator(out.path()), {});
    };
    const auto before = files();
    QTest::mouseClick(visible<look::Button>("runDay"), Qt::LeftButton);
    ASSERT_TRUE(ended());
    EXPECT_EQ(files(), before);
}

TEST_F(DayInOneGo, FramesThatCameSinceAreAddedToWhatWentOut) {
    ownSettings().setValue(QStringLiteral("day/receivers"), QStringList{QStringLiteral("client")});
    window.reset();
    openWindow();
    window->showStation(MainWindow::StationId::frames);
    window->openFrames({frame("card-1.dng")});
    ASSERT_TRUE(eventually([&] { return find<look::Button>("doDay")->isVisible(); }));
    answers.folder = QString::fromStdString(out.path().string());
    QTest::mouseClick(find<look::Button>("doDay"), Qt::LeftButton);
    ASSERT_TRUE(ended());
    const auto pictures = [&] {
        std::map<std::string, std::filesystem::file_time_type> all;
        for (const auto& e : std::filesystem::recursive_directory_iterator(out.path()))
            if (e.path().filename().string().find("card-") != std::string::npos && e.is_regular_file())
                all[e.path().string()] = e.last_write_time();
        return all;
    };
    const auto before = pictures();
    window->openFrames({frame("card-2.dng")});
    ASSERT_TRUE(eventually([&] { return session().contents().all<studio::Frame>().size() == 2; }));
    ASSERT_TRUE(eventually([&] { return !session().intake().running(); }));
    window->showStation(MainWindow::StationId::frames);
    find<look::Button>("runDay")->click();
    ASSERT_TRUE(eventually([&] { return !session().dayWork().running(); }));
    const auto after = pictures();
    EXPECT_GT(after.size(), before.size()) << "the new frame went out";
    for (const auto& [path, made] : before) EXPECT_EQ(after.at(path), made) << path << " stays";
}

TEST_F(DayInOneGo, StopsWhereItIsAskedAndGoesOn) {
    dropCard();
    QTest::mouseClick(find<look::Button>("doDay"), Qt::LeftButton);
    EXPECT_EQ(visible<look::Button>("runDay")->text(), QStringLiteral("Stop here"));
    QTest::mouseClick(visible<look::Button>("runDay"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return !session().dayWork().running(); }));
    EXPECT_TRUE(find<QLabel>("dayState")->text().startsWith(QStringLiteral("Stopped")));
    // On a busy machine the first may be through before it hears of the stop; never both.
    EXPECT_FALSE(of("Bittern")->reading && of("Heron")->correction) << "it went on to the end";
    QTest::mouseClick(visible<look::Button>("runDay"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return of("Bittern")->reading.has_value(); }));
    ASSERT_TRUE(eventually([&] { return !session().dayWork().running(); }));
    EXPECT_TRUE(of("Heron")->correction);
}

TEST_F(DayInOneGo, SaysWhatIsThereInOneLine) {
    EXPECT_EQ(CardPage::inOneLine({}), QStringLiteral("No frames have come in yet."));
    DayActions::Found f;
    f.frames = 212;
    f.lights = f.chartShots = 5;
    f.unread = 5;
    EXPECT_EQ(CardPage::inOneLine(f), QStringLiteral("212 frames, 5 lights, 5 chart shots, not read yet."));
    f.unread = 0;
    f.good = 4;
    f.again = 1;
    const QString both =
        QLocale().createSeparatedList({QStringLiteral("4 good"), QStringLiteral("1 to be shot again")});
    EXPECT_EQ(CardPage::inOneLine(f), QStringLiteral("212 frames, 5 lights, 5 chart shots: %1.").arg(both));
}

}  // namespace
}  // namespace refero
