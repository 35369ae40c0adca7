// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/studio.h"

#include <gtest/gtest.h>
#include <sys/resource.h>

#include <csignal>
#include <fstream>

#include "studio/shoots.h"
#include "support/temporary.h"
#include "support/unprivileged.h"

namespace refero::studio {
namespace {

class StudioFile : public testing::Test {
  protected:
    std::string path(const char* name = "a.refero") const { return folder / name; }
    test::TemporaryFolder folder;
};

void expectMessage(const Status& s, const char* part) {
    ASSERT_FALSE(s);
    EXPECT_NE(s.error().message.find(part), std::string::npos) << s.error().message;
}

TEST_F(StudioFile, EveryFieldOfEveryKindComesBack) {
    std::string before;
    {
        const auto s = made(path());
        ASSERT_TRUE(s->commit(oneOfEach(*s)));
        EXPECT_EQ(s->contents().size(), std::tuple_size_v<Records>);
        before = text(s->contents());
    }
    const auto again = opened(path());
    EXPECT_EQ(text(again->contents()), before);
    EXPECT_TRUE(again->check());
    EXPECT_EQ(folder.files(), 1u) << "at rest it is one file";
}

TEST_F(StudioFile, AnActionIsThereAtOnceAndNamed) {
    const auto s = made(path());
    const ShootId shoot = addShoot(*s, "Tiles");
    addSetup(*s, shoot, "LED");
    const auto copy = path("b.refero");
    ASSERT_TRUE(saveCopy(s->path(), copy));
    const auto b = opened(copy);
    EXPECT_EQ(text(b->contents()), text(s->contents())) << "without any save";
    ASSERT_EQ(s->done().size(), 2u);
    EXPECT_EQ(s->done()[1].name, "Add setup LED");
    const auto events = s->events(10);
    ASSERT_TRUE(events);
    EXPECT_EQ(events->front().what, "Add setup LED");
    EXPECT_TRUE(plan::momentFrom(events->front().at));
    EXPECT_TRUE(s->commit(s->edit("Nothing"))) << "an empty action is none";
    EXPECT_EQ(s->done().size(), 2u);
}

TEST_F(StudioFile, UndoAndRedoReachBackBeyondTheLastStart) {
    std::vector<std::string> states;
    {
        const auto s = made(path());
        states.push_back(text(s->contents()));
        const ShootId shoot = addShoot(*s, "Tiles");
        states.push_back(text(s->contents()));
        const SetupId setup = addSetup(*s, shoot, "LED");
        states.push_back(text(s->contents()));
        Edit e = s->edit("Take out LED");
        e.removeSetup(setup);
        ASSERT_TRUE(s->commit(e));
        states.push_back(text(s->contents()));
        ASSERT_TRUE(s->undo());
        EXPECT_EQ(text(s->contents()), states[2]);
    }
    const auto s = opened(path());
    EXPECT_EQ(text(s->contents()), states[2]);
    ASSERT_EQ(s->undone().size(), 1u);
    EXPECT_EQ(s->undone()[0].name, "Take out LED");
    ASSERT_TRUE(s->redo());
    EXPECT_EQ(text(s->contents()), states[3]);
    for (std::size_t i = 3; i > 0; --i) {
        ASSERT_TRUE(s->undo());
        EXPECT_EQ(text(s->contents()), states[i - 1]);
    }
    expectMessage(s->undo(), "nothing to undo");
    for (std::size_t i = 1; i < 4; ++i) {
        ASSERT_TRUE(s->redo());
        EXPECT_EQ(text(s->contents()), states[i]);
    }
    expectMessage(s->redo(), "nothing to redo");
    ASSERT_TRUE(s->undo());
    addShoot(*s, "Film");
    EXPECT_TRUE(s->undone().empty()) << "a new action ends what could be redone";
    EXPECT_EQ((*s->events(1))[0].what, "Add shoot Film");
    EXPECT_EQ((*s->events(100)).size(), 13u) << "but nothing leaves the record";
}

TEST_F(StudioFile, WhatFollowsFromAStepGoesAndComesWithIt) {
    const auto s = made(path());
    const ShootId shoot = addShoot(*s, "Tiles");
    const SetupId setup = addSetup(*s, shoot, "LED");
    const auto step = s->done().back().id;
    Edit e = s->edit("Read the frame");
    ReadingRecord reading;
    reading.setup = setup;
    e.add(reading);
    plan::Setup known = *s->contents().find<plan::Setup>(setup);
    known.conditions.body = 7;
    e.put(known);
    ASSERT_TRUE(s->amend(e, step));
    EXPECT_EQ(s->done().size(), 2u) << "no step of its own";
    const std::string with = text(s->contents());
    ASSERT_TRUE(s->undo());
    EXPECT_TRUE(s->contents().all<ReadingRecord>().empty());
    EXPECT_TRUE(s->contents().all<plan::Setup>().empty());
    ASSERT_TRUE(s->redo());
    EXPECT_EQ(text(s->contents()), with);
    addSetup(*s, shoot, "Tube");
    Edit late = s->edit("Read late");
    late.add(reading);
    ASSERT_TRUE(s->amend(late, step)) << "not the last any more: kept, but no part of a step";
    ASSERT_TRUE(s->undo());
    EXPECT_EQ(s->contents().all<ReadingRecord>().size(), 2u);
    Edit out = s->edit("Hand over");
    out.add(HandoverRecord{});
    ASSERT_TRUE(s->record(out));
    EXPECT_EQ(s->done().back().name, "Add setup LED");
    EXPECT_EQ((*s->events(1))[0].what, "Hand over");
}

TEST_F(StudioFile, AStepInPartsIsTakenBackAndDoneAgainAfterTheFileWasClosed) {
    std::string before, with;
    {
        const auto s = made(path());
        const ShootId shoot = addShoot(*s, "Tiles");
        before = text(s->contents());
        const SetupId setup = addSetup(*s, shoot, "LED");
        const auto step = s->done().back().id;
        for (const char* note : {"first", "second"}) {
            Edit e = s->edit("Say more");
            plan::Setup now = *s->contents().find<plan::Setup>(setup);
            now.note += note;
            e.put(now);
            ASSERT_TRUE(s->amend(e, step));
        }
        with = text(s->contents());
    }
    const auto s = opened(path());
    ASSERT_EQ(s->done().size(), 2u);
    ASSERT_TRUE(s->undo());
    EXPECT_EQ(text(s->contents()), before);
    ASSERT_TRUE(s->redo());
    EXPECT_EQ(text(s->contents()), with);
}

TEST_F(StudioFile, IdsAreNeverGivenTwice) {
    ShootId first = 0;
    {
        const auto s = made(path());
        first = addShoot(*s, "Tiles");
        ASSERT_TRUE(s->undo());
        EXPECT_GT(addShoot(*s, "Film"), first);
    }
    const auto s = opened(path());
    EXPECT_GT(addShoot(*s, "Third"), first.number() + 1);
}

TEST_F(StudioFile, TakingASetupOutTakesWhatHangsOnIt) {
    const auto s = made(path());
    const ShootId shoot = addShoot(*s, "Tiles");
    const SetupId setup = addSetup(*s, shoot, "LED"), other = addSetup(*s, shoot, "Tube");
    Edit e = s->edit("Work");
    Frame frame;
    frame.shoot = shoot;
    frame.setup = setup;
    const auto frameId = e.add(frame);
    ReadingRecord reading;
    reading.setup = setup;
    CorrectionRecord correction;
    correction.setup = setup;
    correction.reading = e.add(reading);
    HandoverRecord handover;
    handover.setup = setup;
    handover.correction = e.add(correction);
    e.add(handover);
    SnapshotRecord snapshot;
    snapshot.setup = setup;
    e.add(snapshot);
    KnownRecord known;
    known.setup = setup;
    e.add(known);
    reading.setup = other;
    e.add(reading);
    ASSERT_TRUE(s->commit(e));
    Edit out = s->edit("Take out LED");
    out.removeSetup(setup);
    ASSERT_TRUE(s->commit(out));
    EXPECT_FALSE(s->contents().find<plan::Setup>(setup));
    EXPECT_EQ(s->contents().all<ReadingRecord>().size(), 1u);
    EXPECT_TRUE(s->contents().all<CorrectionRecord>().empty());
    EXPECT_TRUE(s->contents().all<HandoverRecord>().empty());
    EXPECT_TRUE(s->contents().all<SnapshotRecord>().empty());
    EXPECT_TRUE(s->contents().all<KnownRecord>().empty());
    ASSERT_TRUE(s->contents().find<Frame>(frameId)) << "pictures stay";
    EXPECT_EQ(s->contents().find<Frame>(frameId)->setup, 0);
    ASSERT_TRUE(s->undo());
    EXPECT_EQ(s->contents().all<HandoverRecord>().size(), 1u);
}

TEST_F(StudioFile, TheSecondWindowReadsOnlyAndSaysSo) {
    auto first = made(path());
    const ShootId shoot = addShoot(*first, "Tiles");
    {
        const auto second = opened(path());
        EXPECT_NE(second->readOnlyBecause().find("another window"), std::string::npos);
        EXPECT_EQ(text(second->contents()), text(first->contents()));
        Edit e = second->edit("Add");
        e.add(plan::Shoot{});
        expectMessage(second->commit(e), "another window");
        expectMessage(second->undo(), "another window");
    }
    addSetup(*first, shoot, "LED");
    first.reset();
    EXPECT_EQ(opened(path())->readOnlyBecause(), "");
}

TEST_F(StudioFile, WhatIsNoStudioIsLeftAlone) {
    const auto message = [&](const std::string& file) {
        const auto s = Studio::open(file);
        EXPECT_FALSE(s);
        return s ? "" : s.error().message;
    };
    EXPECT_NE(message(path("none.refero")).find("is not there"), std::string::npos);
    EXPECT_NE(message(folder.path().string()).find("is not a file"), std::string::npos);
    test::put(path("text.refero"), "not a studio at all");
    EXPECT_NE(message(path("text.refero")).find("not a Refero studio"), std::string::npos);
    EXPECT_EQ(test::contentOf(path("text.refero")), "not a studio at all");
    test::put(path("empty.refero"), "");
    EXPECT_NE(message(path("empty.refero")).find("not a Refero studio"), std::string::npos);
    test::put(path("other.refero"), "SQLite format 3" + std::string(200, '\0'));
    EXPECT_NE(message(path("other.refero")).find("not a Refero studio"), std::string::npos)
        << "another database";
    made(path());
    EXPECT_FALSE(Studio::create(path())) << "nor is one replaced";
}

// Bytes 60 to 63 of a SQLite file's header are the user version (SQLite file format, 1.3).
TEST_F(StudioFile, OneOfANewerVersionIsLeftAlone) {
    made(path());
    {
        std::fstream f(path(), std::ios::in | std::ios::out | std::ios::binary);
        f.seekp(63);
        f.put(99);
    }
    const std::string before = test::contentOf(path());
    const auto s = Studio::open(path());
    ASSERT_FALSE(s);
    EXPECT_NE(s.error().message.find("newer Refero"), std::string::npos) << s.error().message;
    EXPECT_EQ(test::contentOf(path()), before);
}

TEST_F(StudioFile, DamageIsReportedNeverOverwrittenAndTheRestIsSaved) {
    {
        const auto s = made(path());
        const ShootId shoot = addShoot(*s, "Tiles");
        for (int i = 0; i < 5; ++i) addSetup(*s, shoot, "Setup " + std::to_string(i));
        Edit e = s->edit("Frames");
        for (int i = 0; i < 2000; ++i) {
            Frame f;
            f.shoot = shoot;
            f.path = "/pictures/a-rather-long-name-for-a-frame-" + std::to_string(i) + ".tif";
            e.add(f);
        }
        ASSERT_TRUE(s->commit(e));
    }
    std::string bytes = test::contentOf(path());
    const auto at = bytes.find("a-rather-long-name-for-a-frame-1000.tif");
    ASSERT_NE(at, std::string::npos);
    const std::size_t page = at / 4096 * 4096;
    for (std::size_t i = page; i < page + 4096; ++i) bytes[i] = '\xA5';
    test::put(path(), bytes);
    const auto s = Studio::open(path());
    ASSERT_FALSE(s);
    EXPECT_NE(s.error().message.find("damaged"), std::string::npos) << s.error().message;
    EXPECT_EQ(test::contentOf(path()), bytes);
    const auto said = salvage(path(), path("saved.refero"));
    ASSERT_TRUE(said) << said.error().message;
    EXPECT_NE(said->find("5 setup"), std::string::npos) << *said;
    EXPECT_NE(said->find("Not whole: frame"), std::string::npos) << *said;
    const auto saved = opened(path("saved.refero"));
    EXPECT_EQ(saved->contents().all<plan::Setup>().size(), 5u);
    EXPECT_GT(saved->contents().all<Frame>().size(), 900u);
    EXPECT_LT(saved->contents().all<Frame>().size(), 2000u);
    test::put(path("text.refero"), "no studio");
    EXPECT_FALSE(salvage(path("text.refero"), path("x.refero")));
    EXPECT_FALSE(std::filesystem::exists(path("x.refero")));
}

TEST_F(StudioFile, HalfAFileIsReported) {
    {
        const auto s = made(path());
        ASSERT_TRUE(s->commit(oneOfEach(*s)));
    }
    const std::string bytes = test::contentOf(path());
    test::put(path(), bytes.substr(0, bytes.size() / 2));
    EXPECT_FALSE(Studio::open(path()));
}

// A file may grow to its present size and no further: to SQLite that is a full disk.
TEST_F(StudioFile, AFullDiskLosesNothing) {
    const auto s = made(path());
    const ShootId shoot = addShoot(*s, "Tiles");
    const std::string before = text(s->contents());
    rlimit old{};
    getrlimit(RLIMIT_FSIZE, &old);
    std::signal(SIGXFSZ, SIG_IGN);
    const rlimit tight{std::filesystem::file_size(path()), old.rlim_max};
    setrlimit(RLIMIT_FSIZE, &tight);
    Edit e = s->edit("Add notes");
    for (int i = 0; i < 200; ++i) {
        Note n;
        n.shoot = shoot;
        n.text = std::string(1000, 'x');
        e.add(n);
    }
    const Status status = s->commit(e);
    setrlimit(RLIMIT_FSIZE, &old);
    expectMessage(status, "everything before it is unharmed");
    EXPECT_EQ(text(s->contents()), before);
    EXPECT_EQ(s->done().size(), 1u);
    EXPECT_TRUE(s->check());
    ASSERT_TRUE(s->commit(e)) << "once there is room again";
    EXPECT_EQ(s->contents().all<Note>().size(), 200u);
}

TEST_F(StudioFile, AFolderThatBecameReadOnlyLosesNothing) {
    const auto s = made(path());
    const test::Unprivileged nobody(folder.path());
    std::filesystem::permissions(folder.path(),
                                 std::filesystem::perms::owner_read | std::filesystem::perms::owner_exec);
    Edit e = s->edit("Add");
    e.add(plan::Shoot{});
    expectMessage(s->commit(e), "cannot be written");
    EXPECT_TRUE(s->contents().all<plan::Shoot>().empty());
}

TEST_F(StudioFile, CopiesReplaceWholeOrNotAtAll) {
    const auto s = made(path());
    addShoot(*s, "Tiles");
    test::put(path("b.refero"), "something older");
    ASSERT_TRUE(saveCopy(s->path(), path("b.refero")));
    EXPECT_EQ(text(opened(path("b.refero"))->contents()), text(s->contents()));
    EXPECT_FALSE(saveCopy(s->path(), path())) << "onto itself";
    EXPECT_FALSE(saveCopy(s->path(), folder / "nowhere/b.refero"));
}

// The desktop knows a studio by its first bytes, as packaging/refero-studio.xml says them (SQLite file
// format, 1.3).
TEST_F(StudioFile, IsKnownByItsFirstBytes) {
    made(path());
    const std::string bytes = test::contentOf(path());
    ASSERT_GT(bytes.size(), 100u);
    EXPECT_EQ(bytes.substr(0, 15), "SQLite format 3");
    EXPECT_EQ(bytes.substr(68, 4), "RfRo");
    const std::string type = test::contentOf(std::string(REFERO_SOURCE) + "/packaging/refero-studio.xml");
    EXPECT_NE(type.find("offset=\"68\" value=\"RfRo\""), std::string::npos);
}

}  // namespace
}  // namespace refero::studio
