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

#include "app/look/button.h"
#include "app/main_window.h"
#include "app/views/compare_view.h"
#include "app/views/frame_view.h"
#include "app/views/patch_table.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {

/// Answers instead of a person.
class Answers : public Dialogs {
  public:
    QStringList frames;
    QString target;
    std::optional<std::pair<QString, QString>> names;

    QStringList openFrames(QWidget*) override { return frames; }
    QString saveFile(QWidget*, const QString&, const QString& suggestion, const QString&) override {
        suggested = suggestion;
        return target;
    }
    std::optional<std::pair<QString, QString>> nameSetup(QWidget*, const QString&, const QString&) override {
        return names;
    }

    QString suggested;
};

inline bool eventually(const std::function<bool()>& condition, int milliseconds = 20000) {
    QElapsedTimer timer;
    timer.start();
    while (!condition()) {
        if (timer.elapsed() > milliseconds) return false;
        QTest::qWait(5);
    }
    return true;
}

/// A window of its own for each test, with simulated frames that are shot once.
class WindowTest : public testing::Test {
  protected:
    static void SetUpTestSuite() {
        if (frames_) return;
        frames_ = new test::TemporaryFolder;  // for all suites; goes with the process
        sim::Shot shot = test::plainShot();
        shot.file = "good.tif";
        shot.lens = "60 mm";
        EXPECT_TRUE(sim::shootToFile(shot, frames_->path()));
        shot.file = "hot.tif";
        shot.exposure = 1.4;
        EXPECT_TRUE(sim::shootToFile(shot, frames_->path()));
        shot.file = "subject.tif";
        shot.exposure = 0.75;
        shot.chart.reset();
        EXPECT_TRUE(sim::shootToFile(shot, frames_->path()));
        test::put(*frames_ / "text.tif", "not a picture");
    }

    void SetUp() override {
        window = std::make_unique<MainWindow>(answers);
        window->show();
        ASSERT_TRUE(QTest::qWaitForWindowExposed(window.get()));
    }

    static QString frame(const char* name) { return QString::fromStdString(*frames_ / name); }

    template <class Widget>
    Widget* find(const char* name) {
        auto* w = window->findChild<Widget*>(QLatin1String(name));
        EXPECT_TRUE(w) << name;
        return w;
    }
    template <class Widget>
    Widget* visible(const char* name) {
        for (Widget* w : window->findChildren<Widget*>(QLatin1String(name)))
            if (w->isVisible()) return w;
        ADD_FAILURE() << name << " is not to be seen";
        return nullptr;
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
    std::unique_ptr<MainWindow> window;

  private:
    static inline test::TemporaryFolder* frames_ = nullptr;
};

}  // namespace refero
