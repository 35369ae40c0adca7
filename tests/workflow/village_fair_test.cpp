// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A day at a made-up village fair, done in one step: three bodies, two of one model, eight lights, 600
// frames, eight chart shots of which two are bad, clocks off, things like charts, damaged files. The truth is
// known.
#include <gtest/gtest.h>

#include <algorithm>
#include <map>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/fit/fit.h"
#include "core/read/read.h"
#include "core/spectra/generated_reflectances.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"
#include "io/chart_file.h"
#include "io/correction_file.h"
#include "io/frame_file.h"
#include "io/read_frame.h"
#include "sim/body.h"
#include "support/shots.h"
#include "support/temporary.h"
#include "workflow/day_run.h"

namespace refero::workflow {
namespace {

enum class ChartShotKind { good, clipped, faulty };

// One light as one body shot it, in the order of the day.
struct Stand {
    const char* camera;
    const char* serial;
    const char* light;
    const char* lens;
    int startMinutes;  // on a true clock, after midnight
    int frames;
    ChartShotKind chart;
    int before;  // frames that were taken before the chart
    sim::Set set;
};

const std::vector<Stand> kStands{
    {"heron", "1001", "d55", "50 mm", 9 * 60, 90, ChartShotKind::good, 10, sim::Set::tiles},
    {"heron", "1001", "led-3000", "50 mm", 9 * 60 + 42, 80, ChartShotKind::good, 0, sim::Set::shelf},
    {"heron", "1001", "daylight-7500", "50 mm", 11 * 60, 70, ChartShotKind::faulty, 0, sim::Set::kiln},
    {"heron", "1001", "a", "85 mm", 12 * 60 + 30, 60, ChartShotKind::good, 2, sim::Set::clutter},
    {"heron-2", "1002", "d55", "50 mm", 9 * 60 + 3, 80, ChartShotKind::good, 0, sim::Set::clutter},
    {"heron-2", "1002", "f2", "50 mm", 10 * 60 + 30, 80, ChartShotKind::good, 4, sim::Set::shelf},
    {"bittern", "77", "d65", "35 mm", 9 * 60 + 10, 70, ChartShotKind::good, 0, sim::Set::tiles},
    {"bittern", "77", "daylight-6000", "35 mm", 11 * 60 + 5, 62, ChartShotKind::clipped, 0, sim::Set::kiln},
};

// Bodies whose clocks are off, by minutes: one was never set to summer time.
int clockOff(const std::string& camera) {
    return camera == "bittern" ? -60 : camera == "heron-2" ? 3 : 0;
}

std::string exifTime(int minutes, int seconds) {
    char text[32];
    std::snprintf(text, sizeof text, "2026:05:14 %02d:%02d:%02d", minutes / 60, minutes % 60, seconds);
    return text;
}

struct Made {
    std::size_t stand = 0;
    bool chart = false;
};

class VillageFair : public testing::Test {
  protected:
    void SetUp() override {
        test::Random random(20260514);
        for (std::size_t s = 0; s < kStands.size(); ++s) shootStand(s, random);
        test::put(card.path() / "torn.dng", "II*\0torn");
        test::put(card.path() / "list.txt", "not a picture");
    }

    void shootStand(std::size_t number, test::Random& random) {
        const Stand& s = kStands[number];
        int seconds = 0;
        for (int i = 0; i <= s.frames; ++i) {
            const bool chart = i == s.before;
            sim::Shot shot = chart ? test::plainShot() : sim::Shot{};
            shot.camera = s.camera;
            shot.serial = s.serial;
            shot.light = s.light;
            shot.lens = s.lens;
            shot.set = s.set;
            shot.exposure = random.uniform(0.6, 0.85);
            shot.seed = random.below(1u << 30);
            shot.balanceMiss = Vector3(random.uniform(0.95, 1.05), 1, random.uniform(0.95, 1.05));
            if (chart) {
                shot.falloffStops = random.uniform(0, 0.1);
                if (s.chart == ChartShotKind::clipped) shot.exposure = 1.9;
                if (s.chart == ChartShotKind::faulty) shot.mishaps.fingers.push_back({{60, 60}, 90, 18});
            } else {
                shot.width = 300;
                shot.height = 200;
                if (i % 30 == 17) shot.set = sim::Set::decoys;
            }
            const int at = s.startMinutes + clockOff(s.camera) + seconds / 60;
            shot.taken = exifTime(at, seconds % 60);
            seconds += 8 + static_cast<int>(random.below(14));
            shot.file = std::string(s.camera) + "-" + std::to_string(number) + "-" +
                        std::to_string(1000 + i) + ".dng";
            ASSERT_TRUE(sim::shootToFile(shot, card.path()));
            made[(card.path() / shot.file).string()] = {number, chart};
        }
    }

    test::TemporaryFolder card, out;
    std::map<std::string, Made> made;
};

// Mean CIEDE2000 over surfaces in a light as a body sees them, at the level that suits the correction best.
double leftOf(const Correction& c, const Stand& s) {
    const sim::Body body = *sim::bodyById(s.camera);
    const Spectrum light = *illuminantByName(s.light);
    const Spectrum d50 = *illuminantByName("d50");
    Spectrum flat;
    flat.values.fill(1);
    Correction levelled = c;
    levelled.level = 1 / (0.75 * (c.gains.y() * sim::response(body, light, flat).y()));
    double sum = 0;
    const auto surfaces = generatedReflectances(400, 7);
    for (const Spectrum& r : surfaces) {
        const Lab wanted = toLab(reflectedXyz(r, d50), white::d50);
        sum += ciede2000(wanted, levelled.toLab(0.75 * sim::response(body, light, r)));
    }
    return sum / static_cast<double>(surfaces.size());
}

TEST_F(VillageFair, IsDoneInOneStep) {
    std::size_t frames = 0;
    for (const auto& [path, m] : made) frames += !m.chart;
    ASSERT_GE(frames, 590U);
    auto studio = studio::Studio::create(out / "fair.refero");
    ASSERT_TRUE(studio);
    DayOptions o;
    o.folders = {card.path()};
    o.out = out.path() / "day";
    o.receivers = {Receiver::client};
    o.leaveFrames = true;
    const auto day = runDay(**studio, o);
    ASSERT_TRUE(day) << day.error().message;

    // Which stand a setup is, by the most of its frames.
    std::map<studio::SetupId, std::map<std::size_t, int>> votes;
    for (const DayFrame& f : day->frames)
        if (const auto at = made.find(f.path); at != made.end() && f.setup != 0)
            ++votes[f.setup][at->second.stand];
    std::map<studio::SetupId, std::size_t> standOf;
    for (const auto& [setup, of] : votes)
        standOf[setup] = std::max_element(of.begin(), of.end(), [](const auto& a, const auto& b) {
                             return a.second < b.second;
                         })->first;
    std::size_t right = 0, corrected = 0, torn = 0;
    std::map<std::string, Correction> documents;
    for (const DayFrame& f : day->frames) {
        EXPECT_TRUE(f.setup != 0 || !f.why.empty()) << f.path << " has neither a setup nor a reason";
        torn += f.path.ends_with("torn.dng");
        const auto at = made.find(f.path);
        if (at == made.end() || at->second.chart) continue;
        right += f.setup != 0 && standOf[f.setup] == at->second.stand;
        if (f.correctedBy.empty()) continue;
        ++corrected;
        if (!documents.contains(f.correctedBy)) documents[f.correctedBy] = *io::readCorrection(f.correctedBy);
        const Correction& c = documents[f.correctedBy];
        EXPECT_EQ(c.serial, kStands[at->second.stand].serial) << "another body's colours on " << f.path;
    }
    EXPECT_EQ(torn, 1U);
    EXPECT_GE(static_cast<double>(right), 0.98 * static_cast<double>(frames)) << right << " of " << frames;
    EXPECT_GE(static_cast<double>(corrected), 0.98 * static_cast<double>(frames)) << corrected;

    double worst = 0;
    // Beside each setup done one by one: the chart shot read and fitted alone, as careful people would.
    for (const DaySetup& s : day->setups) {
        ASSERT_TRUE(standOf.contains(s.id));
        const Stand& stand = kStands[standOf[s.id]];
        ASSERT_FALSE(s.correction.empty()) << s.name << ": " << s.why;
        const double leaves = leftOf(*io::readCorrection(s.correction), stand);
        RecordProperty(s.name.c_str(), std::to_string(leaves));
        std::printf("%-8s %-14s %s%s left %.2f  %s\n", stand.camera, stand.light,
                    s.verdict ? std::string(name(*s.verdict)).c_str() : "-", s.loan ? " lent" : "", leaves,
                    s.why.c_str());
        if (stand.chart == ChartShotKind::clipped) {
            EXPECT_TRUE(s.loan || s.mended) << s.why;
            continue;
        }
        const auto frame = io::readFrame(s.chartFrame);
        ASSERT_TRUE(frame);
        const auto reading = io::readAnyChart(*frame, {*io::chartByNameOrPath("fen-24")}, {}, {});
        ASSERT_TRUE(reading);
        const auto hand = fit(std::span(&*reading, 1), {});
        ASSERT_TRUE(hand);
        const double byHand = leftOf(*hand, stand);
        worst = std::max(worst, leaves / byHand);
        EXPECT_LE(leaves, 1.1 * byHand) << stand.camera << " " << stand.light;
    }
    std::printf(
        "%zu of %zu frames in the right light, %zu corrected, by hand at most %.3f times as much left\n",
        right, frames, corrected, worst);
    EXPECT_EQ(day->setups.size(), kStands.size());
}

}  // namespace
}  // namespace refero::workflow
