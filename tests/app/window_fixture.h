// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <gtest/gtest.h>

#include <QAbstractItemModelTester>
#include <QComboBox>
#include <QElapsedTimer>
#include <QLabel>
#include <QTest>
#include <functional>
#include <memory>

#include "app/judging/compare_view.h"
#include "app/look/button.h"
#include "app/main_window.h"
#include "app/pictures/frame_view.h"
#include "app/tables/patch_table.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {

/// Answers instead of a person.
class Answers : public Dialogs {
  public:
    QStringList frames;
    QString target, file, folder;
    std::optional<std::pair<QString, QString>> names;
    std::optional<QString> name;

    QStringList openFrames(QWidget*) override { return frames; }
    QString openFile(QWidget*, const QString&, const QString&) override { return file; }
    QString openFolder(QWidget*, const QString&) override { return folder; }
    QString saveFile(QWidget*, const QString&, const QString& suggestion, const QString&) override {
        suggested = suggestion;
        return target;
    }
    Closing closing(QWidget*, const QStringList&) override {
        ++closings;
        return close;
    }
    std::optional<QString> nameOf(QWidget*, const QString&, const QString&, const QString&) override {
        return name;
    }
    std::optional<std::pair<QString, QString>> nameSetup(QWidget*, const QString&, const QString&) override {
        return names;
    }

    QString suggested;
    Closing close = Closing::stop;
    int closings = 0;
};

inline bool eventually(const std::function<bool()>& condition, int milliseconds = 120000) {
    QElapsedTimer timer;
    timer.start();
    while (!condition()) {
        if (timer.elapsed() > milliseconds) return false;
        QTest::qWait(5);
    }
    return true;
}

/// What leads to each page.
inline constexpr const char* kPageActions[] = {"planAction",       "framesAction",  "readingAction",
                                               "correctionAction", "pairingAction", "handoverAction",
                                               "testAction",       "dayAction",     "onSetAction"};

/// A window of its own for each test, with simulated frames that are shot once.
class WindowTest : public testing::Test {
  protected:
    static void SetUpTestSuite() {
        sim::Shot shot = test::plainShot();
        shot.file = "good.tif";
        shot.lens = "60 mm";
        shootOnce(shot);
        shot.file = "hot.tif";
        shot.exposure = 1.4;
        shootOnce(shot);
        shot.file = "subject.tif";
        shot.exposure = 0.75;
        shot.chart.reset();
        shootOnce(shot);
        test::put(frames() / "text.tif", "not a picture");
    }

    void SetUp() override { openWindow(); }

    /// On this test's own studio, which is made the first time.
    void openWindow() {
        const std::string file = own_ / "studio.refero";
        auto studio =
            std::filesystem::exists(file) ? studio::Studio::open(file) : studio::Studio::create(file);
        ASSERT_TRUE(studio) << studio.error().message;
        window = std::make_unique<MainWindow>(answers, *std::move(studio));
        window->show();
        ASSERT_TRUE(QTest::qWaitForWindowExposed(window.get()));
    }

    static QString frame(const char* name) { return QString::fromStdString((frames() / name).string()); }

    template <class Widget>
    Widget* find(const char* name) {
        auto* w = window->findChild<Widget*>(QLatin1String(name));
        EXPECT_TRUE(w) << name;
        return w;
    }
    template <class Widget>
    Widget* visible(const char* name) {
        Widget* seen = nullptr;
        const auto look = [&] {
            for (Widget* w : window->findChildren<Widget*>(QLatin1String(name)))
                if (w->isVisible()) seen = w;
            return seen != nullptr;
        };
        // What was just put into a layout is shown with the next turn of the event loop.
        EXPECT_TRUE(eventually(look)) << name << " is not to be seen";
        return seen;
    }

    Session& session() { return window->session(); }
    /// Opens a frame and waits until it was read or refused.
    bool open(const char* name) {
        window->openFrames({frame(name)});
        return eventually([&] { return session().current() && !session().current()->busy; });
    }
    bool openAndCorrect() {
        if (!open("good.tif")) return false;
        QTest::mouseClick(visible<look::Button>("nextStep"), Qt::LeftButton);
        return eventually([&] { return session().current()->correction.has_value(); });
    }

    Answers answers;
    test::TemporaryFolder own_;
    std::unique_ptr<MainWindow> window;

    static void shootOnce(const sim::Shot& shot) {
        if (std::filesystem::exists(frames() / shot.file)) return;
        EXPECT_TRUE(sim::shootToFile(shot, frames()));
    }

    // Each test is a process of its own: the frames are kept for the other ones of this build.
    static std::filesystem::path frames() {
        const auto self = std::filesystem::canonical("/proc/self/exe");
        const auto built = std::filesystem::last_write_time(self).time_since_epoch().count();
        return self.parent_path() / "frames" / std::to_string(built);
    }
};

}  // namespace refero
