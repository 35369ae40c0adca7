// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include "cli/call.h"
#include "sim/shoot.h"
#include "studio/studio.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::call;
using test::json;

class StudioCommand : public testing::Test {
  protected:
    void SetUp() override {
        auto s = studio::Studio::create(file());
        ASSERT_TRUE(s);
        auto e = (*s)->edit("Add a body");
        plan::Body heron;
        heron.model = "Heron";
        e.add(heron);
        ASSERT_TRUE((*s)->commit(e));
    }
    std::string file() const { return folder / "a.refero"; }
    test::TemporaryFolder folder;
};

TEST_F(StudioCommand, CheckSaysWhatIsInItAndWhetherItIsWhole) {
    const auto o = call({"studio", file(), "check"});
    EXPECT_EQ(o.status, 0);
    EXPECT_NE(o.out.find("is whole: 1 body."), std::string::npos) << o.out;
    const auto j = json(call({"studio", file(), "check", "--json", "-"}).out);
    EXPECT_EQ(j["whole"], true);
    EXPECT_EQ(j["records"]["body"], 1);
    EXPECT_EQ(j["records"]["setup"], 0);
    std::string bytes = test::contentOf(file());
    bytes.resize(bytes.size() - 4096);
    test::put(file(), bytes);
    const auto torn = call({"studio", file(), "check", "--json", "-"});
    EXPECT_EQ(torn.status, 1);
    EXPECT_EQ(json(torn.out)["whole"], false);
    EXPECT_FALSE(torn.err.empty());
    EXPECT_EQ(test::contentOf(file()), bytes) << "not touched";
}

TEST_F(StudioCommand, ExportAndRestoreGiveTheSameStudio) {
    ASSERT_EQ(call({"studio", file(), "export", "--json", folder / "a.json"}).status, 0);
    ASSERT_EQ(call({"studio", folder / "b.refero", "restore", folder / "a.json"}).status, 0);
    const auto a = call({"studio", file(), "export"}), b = call({"studio", folder / "b.refero", "export"});
    EXPECT_EQ(a.out, b.out);
    EXPECT_EQ(json(a.out)["body"][0]["model"], "Heron");
    EXPECT_EQ(call({"studio", folder / "b.refero", "restore", folder / "a.json"}).status, 1)
        << "never over one that is there";
    EXPECT_EQ(call({"studio", folder / "c.refero", "restore", file()}).status, 1) << "no JSON";
    EXPECT_FALSE(std::filesystem::exists(folder / "c.refero"));
}

TEST_F(StudioCommand, CopyAndSalvageMakeNewFiles) {
    EXPECT_EQ(call({"studio", file(), "copy", folder / "b.refero"}).status, 0);
    EXPECT_EQ(call({"studio", folder / "b.refero", "check"}).status, 0);
    const auto saved = call({"studio", file(), "salvage", folder / "c.refero"});
    EXPECT_EQ(saved.status, 0) << saved.err;
    EXPECT_NE(saved.out.find("1 body"), std::string::npos);
    EXPECT_EQ(call({"studio", file(), "copy"}).status, 1) << "where to";
    EXPECT_EQ(call({"studio", file(), "polish"}).status, 2);
    EXPECT_EQ(call({"studio", folder / "none.refero", "check"}).status, 1);
}

TEST_F(StudioCommand, ImportSortsFramesAndSaysWhy) {
    {
        auto s = studio::Studio::open(file());
        auto e = (*s)->edit("Plan");
        plan::Shoot shoot;
        shoot.label = "Day";
        const auto id = e.add(shoot);
        plan::Setup setup;
        setup.shoot = id;
        setup.label = "Tiles";
        setup.conditions.body = (*s)->contents().all<plan::Body>().begin()->first;
        e.add(setup);
        ASSERT_TRUE((*s)->commit(e));
    }
    sim::Shot shot = test::plainShot();
    shot.width = 900;
    shot.height = 600;
    shot.file = "a.tif";
    ASSERT_TRUE(sim::shootToFile(shot, folder / "card"));
    test::put(folder / "card/b.tif", "text");
    const auto o = call({"studio", file(), "import", folder / "card", "--json", "-"});
    ASSERT_EQ(o.status, 0) << o.err;
    const auto j = json(o.out);
    ASSERT_EQ(j["frames"].size(), 2u);
    EXPECT_EQ(j["frames"][0]["setup_label"], "Tiles");
    EXPECT_EQ(j["frames"][0]["chart"], "fen-24");
    EXPECT_EQ(j["frames"][1]["frame"], 0);
    EXPECT_NE(j["frames"][1]["reason"].get<std::string>().find("b.tif"), std::string::npos);
    EXPECT_EQ(json(call({"studio", file(), "check", "--json", "-"}).out)["records"]["frame"], 1);
    EXPECT_EQ(call({"studio", file(), "import"}).status, 1);
}

// A shoot from its frames to a LUT, without a window.
TEST_F(StudioCommand, ReadsCorrectsAndHandsOverAWholeShoot) {
    auto s = *studio::Studio::open(file());
    auto e = s->edit("Plan");
    plan::Shoot shoot;
    shoot.label = "Day";
    plan::Setup setup;
    setup.shoot = e.add(shoot);
    setup.label = "Tiles";
    studio::Frame f;
    f.shoot = setup.shoot;
    f.setup = e.add(setup);
    f.role = studio::FrameRole::chart;
    sim::Shot shot = test::plainShot();
    shot.file = "good.tif";
    ASSERT_TRUE(sim::shootToFile(shot, folder.path()));
    f.path = folder / "good.tif";
    e.add(f);
    ASSERT_TRUE(s->commit(e));
    s.reset();

    const auto read = json(call({"studio", file(), "read", "--json", "-"}).out);
    EXPECT_EQ(read["format"], "refero-shoot");
    ASSERT_EQ(read["setups"].size(), 1u);
    EXPECT_EQ(read["setups"][0]["name"], "Tiles");
    EXPECT_EQ(read["setups"][0]["status"], "done");
    EXPECT_EQ(read["setups"][0]["verdict"], "pass");
    EXPECT_EQ(json(call({"studio", file(), "read", "--json", "-"}).out)["setups"][0]["status"], "already");

    const auto corrected =
        json(call({"studio", file(), "correct", "--model", "matrix", "--json", "-"}).out)["setups"][0];
    EXPECT_EQ(corrected["status"], "done");
    EXPECT_LT(corrected["ciede2000_after"].get<double>(), 2);
    EXPECT_EQ(call({"studio", file(), "correct", "--model", "guess"}).status, 1);

    EXPECT_EQ(call({"studio", file(), "handover"}).status, 1) << "for whom, and where to?";
    std::filesystem::create_directories(folder / "out");
    const auto handed = json(
        call({"studio", file(), "handover", "--receiver", "raw", "--into", folder / "out", "--json", "-"})
            .out)["setups"][0];
    EXPECT_EQ(handed["status"], "done") << handed.dump();
    ASSERT_GT(handed["files"].size(), 0u);
    for (const auto& path : handed["files"]) EXPECT_TRUE(std::filesystem::exists(path.get<std::string>()));
    const auto unknown = call({"studio", file(), "handover", "--receiver", "aunt", "--into", folder / "out"});
    EXPECT_EQ(unknown.status, 1);
    EXPECT_NE(unknown.err.find("raw, editor"), std::string::npos) << unknown.err;
}

}  // namespace
}  // namespace refero
