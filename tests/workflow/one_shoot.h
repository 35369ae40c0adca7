// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <gtest/gtest.h>

#include <memory>
#include <string>

#include "studio/studio.h"
#include "support/shots.h"
#include "support/temporary.h"
#include "workflow/chart_shot.h"
#include "workflow/shoot_state.h"
#include "workflow/shoots.h"

namespace refero::workflow {

/// A studio of its own with an empty shoot, and a card of small frames.
class OneShoot : public testing::Test {
  protected:
    void SetUp() override {
        auto made = studio::Studio::create(folder / "studio.refero");
        ASSERT_TRUE(made) << made.error().message;
        studio = *std::move(made);
        act([&](studio::Edit& e) { shoot = newShoot(e); });
    }

    template <class Fill>
    void act(Fill fill) {
        studio::Edit e = studio->edit("Test");
        fill(e);
        const auto kept = studio->commit(e);
        ASSERT_TRUE(kept) << kept.error().message;
    }
    std::string shot(sim::Shot s, const char* name) {
        s.file = name;
        EXPECT_TRUE(sim::shootToFile(s, folder.path()));
        return (folder.path() / name).string();
    }
    /// A setup whose chart frame was read.
    studio::SetupId readSetup(const std::string& frame) {
        studio::SetupId id = 0;
        act([&](studio::Edit& e) { id = addSetupForFrame(e, studio->contents(), shoot, frame); });
        const ChartShot read = readShot(frame, contextOf(studio->contents(), shoot, id));
        EXPECT_TRUE(read.reading) << read.reading.error().message;
        act([&](studio::Edit& e) { keepShot(e, studio->contents(), id, read); });
        return id;
    }
    plan::Day day() { return state.day(studio->contents(), shoot); }
    workflow::Setup setup(studio::SetupId id) {
        for (workflow::Setup& s : state.setups(studio->contents(), day()))
            if (s.id == id) return std::move(s);
        ADD_FAILURE() << "no setup " << id;
        return {};
    }

    test::TemporaryFolder folder;
    std::unique_ptr<studio::Studio> studio;
    studio::ShootId shoot = 0;
    ShootState state;
};

}  // namespace refero::workflow
