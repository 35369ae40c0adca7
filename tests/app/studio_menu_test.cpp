// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/studio_menu.h"

#include <QThreadPool>

#include "app/session/correction_actions.h"
#include "app/settings/own_settings.h"
#include "app/settings/own_studio.h"
#include "window_fixture.h"

namespace refero {
namespace {

class Studios : public WindowTest {
  protected:
    void SetUp() override {
        ownSettings().remove(QStringLiteral("studios"));
        openWindow();
    }
    void trigger(const char* action) { find<QAction>(action)->trigger(); }
    template <class Object>
    Object* find(const char* name) {
        auto* o = window->findChild<Object*>(QLatin1String(name));
        EXPECT_TRUE(o) << name;
        return o;
    }
    QString path(const char* name) { return QString::fromStdString(own_ / name); }
    std::string current() { return session().studio()->path().filename().string(); }
    bool comesTo(const char* name) {
        return eventually([&] { return current() == name; });
    }
    bool says(const char* part) {
        for (QLabel* l : window->findChildren<QLabel*>())
            if (l->text().contains(QLatin1String(part))) return true;
        return false;
    }
};

TEST_F(Studios, BeginCopyAndOpen) {
    ASSERT_TRUE(open("good.tif"));
    answers.target = path("copy.refero");
    trigger("copyStudioAction");
    EXPECT_TRUE(eventually([&] { return says("Copied to copy.refero"); }));
    EXPECT_EQ(current(), "studio.refero") << "a copy is not gone over to";
    answers.target = path("new.refero");
    trigger("newStudioAction");
    ASSERT_TRUE(comesTo("new.refero"));
    EXPECT_TRUE(session().setups().empty());
    EXPECT_FALSE(session().undo().canUndo());
    answers.file = path("copy.refero");
    trigger("openStudioAction");
    ASSERT_TRUE(comesTo("copy.refero"));
    ASSERT_EQ(session().setups().size(), 1u);
    EXPECT_TRUE(session().setups()[0].reading);
    EXPECT_EQ(recentStudios(), (QStringList{path("copy.refero"), path("new.refero")}));
    auto* menu = window->findChild<StudioMenu*>();
    emit menu->aboutToShow();
    EXPECT_TRUE(menu->actions().first()->text().startsWith(QStringLiteral("copy.refero, in ")));
    EXPECT_TRUE(menu->actions().last()->text().startsWith(QStringLiteral("new.refero, in ")));
    menu->actions().last()->trigger();
    EXPECT_TRUE(comesTo("new.refero"));
}

TEST_F(Studios, WhatCannotBeOpenedChangesNothingAndIsNamed) {
    ASSERT_TRUE(open("good.tif"));
    answers.file = frame("text.tif");
    trigger("openStudioAction");
    EXPECT_TRUE(eventually([&] { return says("not a Refero studio"); }));
    EXPECT_EQ(current(), "studio.refero");
    EXPECT_EQ(session().setups().size(), 1u);
    answers.target = path("studio.refero");
    trigger("newStudioAction");
    EXPECT_TRUE(eventually([&] { return says("is there already"); }));
    answers.file.clear();
    trigger("openStudioAction");
    EXPECT_EQ(current(), "studio.refero") << "backing out does nothing";
}

// Ids are the same in a copy, so an answer that comes late would find a setup to land on.
TEST_F(Studios, LateAnswersDoNotLandInAnotherStudio) {
    ASSERT_TRUE(open("good.tif"));
    answers.target = path("copy.refero");
    trigger("copyStudioAction");
    ASSERT_TRUE(eventually([&] { return says("Copied to copy.refero"); }));
    session().correction().build(session().currentId(), {});
    answers.file = path("copy.refero");
    trigger("openStudioAction");
    ASSERT_TRUE(comesTo("copy.refero"));
    EXPECT_TRUE(QThreadPool::globalInstance()->waitForDone(20000));
    QTest::qWait(50);
    EXPECT_FALSE(session().current()->correction);
    EXPECT_FALSE(session().undo().canRedo());
}

// Its whole file is checked, and the window answers all the while.
TEST_F(Studios, AreOpenedBesideTheWorkAndWhatComesWithThemGoesIntoThem) {
    ASSERT_TRUE(open("good.tif"));
    answers.target = path("copy.refero");
    trigger("copyStudioAction");
    ASSERT_TRUE(eventually([&] { return says("Copied to copy.refero"); }));
    // Asked for twice it is opened once more, not refused as in use.
    window->openFrames({path("copy.refero")});
    EXPECT_EQ(current(), "studio.refero") << "that is worked on until the other one is there";
    EXPECT_TRUE(says("Opening copy.refero"));
    window->openFrames({frame("hot.tif"), path("copy.refero")});
    ASSERT_TRUE(comesTo("copy.refero"));
    EXPECT_TRUE(session().studio()->readOnlyBecause().empty()) << session().studio()->readOnlyBecause();
    ASSERT_TRUE(eventually([&] { return session().setups().size() == 2; }))
        << "the frame begins a setup in it";
    auto before = studio::Studio::open((own_ / "studio.refero"));
    ASSERT_TRUE(before) << before.error().message;
    EXPECT_EQ((*before)->contents().all<studio::Frame>().size(), 1u);
}

TEST_F(Studios, WhatComesWithOneThatCannotBeOpenedGoesNowhere) {
    test::put(own_ / "broken.refero", "damaged");
    window->openFrames({path("broken.refero"), frame("good.tif")});
    ASSERT_TRUE(eventually([&] { return says("broken.refero is not a Refero studio"); }));
    EXPECT_TRUE(says("What came with it was not brought in."));
    EXPECT_EQ(current(), "studio.refero");
    EXPECT_TRUE(session().contents().all<studio::Frame>().empty());
}

TEST_F(Studios, ExportedJsonBecomesAStudioAgain) {
    ASSERT_TRUE(openAndCorrect());
    answers.target = path("all.json");
    trigger("exportStudioAction");
    ASSERT_TRUE(eventually([&] { return says("Exported to all.json"); }));
    answers.file = path("all.json");
    answers.target = path("again.refero");
    trigger("importStudioAction");
    EXPECT_TRUE(eventually([&] { return current() == "again.refero"; }));
    ASSERT_EQ(session().setups().size(), 1u);
    EXPECT_TRUE(session().setups()[0].correction);
}

TEST_F(Studios, ADamagedOwnStudioIsLeftAloneAndANewOneBegun) {
    const QString folder = path("data");
    const auto first = ownStudio(folder);
    ASSERT_TRUE(first.studio);
    EXPECT_TRUE(first.message.isEmpty());
    const std::string file = first.studio->path().string();
    EXPECT_EQ(file, own_ / "data/studio.refero");
    test::put(file, "damaged");
    const auto second = ownStudio(folder);
    ASSERT_TRUE(second.studio);
    EXPECT_NE(second.studio->path().string(), file);
    EXPECT_TRUE(second.message.contains(QStringLiteral("A new one was begun"))) << qPrintable(second.message);
    EXPECT_EQ(test::contentOf(file), "damaged");
}

}  // namespace
}  // namespace refero
