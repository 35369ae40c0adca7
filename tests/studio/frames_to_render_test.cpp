// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/frames_to_render.h"
#include "support/every_shot.h"

#include <gtest/gtest.h>

#include <algorithm>

namespace refero::studio {
namespace {

// Two setups under lamps of their own kind, each with a correction, and a third that nobody has read.
struct Shoot {
    Contents c;
    plan::ClearSky sky;

    Shoot() {
        c.put(plan::Shoot{1, "K7Q2", "Tiles", "", "2026-06-21"});
        for (const int n : {1, 2, 3}) {
            plan::Lamp lamp;
            lamp.id = n + 2;
            lamp.kind = n == 1 ? plan::LightKind::led : plan::LightKind::fluorescent;
            if (n == 3) lamp.kind = plan::LightKind::flash;
            c.put(lamp);
            plan::Setup s;
            s.id = 10 * n;
            s.shoot = 1;
            s.position = n;
            s.conditions.lamp = lamp.id;
            c.put(s);
            addFrame(10 * n, 10 * n + 5, FrameRole::subject);
            if (n == 3) continue;
            ReadingRecord r;
            r.id = 10 * n + 1;
            r.setup = s.id;
            r.shotAt = "2026-06-21T12:00:00Z";
            r.verdict = "pass";
            r.conditions = s.conditions;
            c.put(r);
            CorrectionRecord made;
            made.id = 10 * n + 2;
            made.setup = s.id;
            made.reading = r.id;
            c.put(made);
            addFrame(10 * n, 10 * n + 6, FrameRole::chart);
        }
    }
    void addFrame(SetupId setup, FrameId id, FrameRole role) {
        Frame f;
        f.id = id;
        f.shoot = 1;
        f.setup = setup;
        f.role = role;
        c.put(f);
    }
    FramesToRender of(const FramesWanted& w) const {
        return framesToRender(c, dayOf(c, 1, sky, {}, test::everyShot), w);
    }
};

std::vector<FrameId> framesOf(const FramesToRender& f) {
    std::vector<FrameId> out;
    for (const FrameToRender& one : f.frames) out.push_back(one.frame);
    return out;
}

TEST(FramesToRender, AreTheSubjectsEachByItsOwnCorrection) {
    const Shoot s;
    FramesWanted one;
    one.setup = 10;
    EXPECT_EQ(framesOf(s.of(one)), std::vector<FrameId>{15}) << "the chart frame is none";
    const FramesToRender all = s.of({});
    EXPECT_EQ(framesOf(all), (std::vector<FrameId>{15, 25}));
    EXPECT_EQ(all.frames[0].correction, 12);
    EXPECT_EQ(all.frames[1].correction, 22);
    EXPECT_EQ(all.frames[0].coverage, plan::Coverage::valid);
    EXPECT_EQ(all.unserved, 1) << "no correction of that kind of light";
    EXPECT_FALSE(all.unservedWhy.empty());
}

TEST(FramesToRender, MayBeChosenOneByOneWhereverTheyBelong) {
    const Shoot s;
    FramesWanted w;
    w.setup = 10;
    w.these = {25, 26, 35};
    const FramesToRender f = s.of(w);
    EXPECT_EQ(framesOf(f), std::vector<FrameId>{25}) << "a chart frame is no picture";
    EXPECT_EQ(f.unserved, 1);
}

TEST(FramesToRender, AChosenCorrectionServesAllAndSaysWhyAgainstTheRules) {
    const Shoot s;
    FramesWanted w;
    w.by = ChosenCorrection{12, "One lamp lit both."};
    const FramesToRender f = s.of(w);
    EXPECT_EQ(framesOf(f), (std::vector<FrameId>{15, 25, 35})) << "those that nothing served as well";
    EXPECT_EQ(f.unserved, 0);
    for (const FrameToRender& one : f.frames) EXPECT_EQ(one.correction, 12);
    EXPECT_EQ(f.frames[0].coverage, plan::Coverage::valid) << "the rules say the same";
    w.by->correction = 99;
    EXPECT_EQ(framesOf(s.of(w)), framesOf(s.of({}))) << "one that is not there any more is no choice";
    for (const std::size_t i : {std::size_t{1}, std::size_t{2}}) {
        EXPECT_EQ(f.frames[i].coverage, plan::Coverage::weaker);
        EXPECT_NE(f.frames[i].reason.find("One lamp lit both."), std::string::npos);
        EXPECT_NE(f.frames[i].reason.find("By the rules: "), std::string::npos);
    }
}

}  // namespace
}  // namespace refero::studio
