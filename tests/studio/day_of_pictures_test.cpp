// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A day off the cards: 1,000 pictures of eight setups, with 12 chart shots, three slates, and 20 pictures of
// things that look like charts.
#include <gtest/gtest.h>

#include <chrono>
#include <map>
#include <thread>

#include "io/frame_file.h"
#include "io/qr_code.h"
#include "shoots.h"
#include "sim/shoot.h"
#include "studio/intake.h"
#include "support/every_shot.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero::studio {
namespace {

namespace fs = std::filesystem;

constexpr int kSetups = 8, kCharts = 12, kSlates = 3, kDecoys = 20, kAll = 1000;

struct Body {
    const char *model, *serial;
};
constexpr Body kBodies[2] = {{"Heron", "1001"}, {"Dunlin", "2002"}};
constexpr const char* kLenses[2] = {"60 mm", "35 mm"};

// Setup k is shot by body k % 2 through lens k / 2 % 2 from 8:00 + k hours on, for 45 minutes.
int bodyOf(int k) {
    return k % 2;
}
int lensOf(int k) {
    return k / 2 % 2;
}

class DayOfPictures : public testing::Test {
  protected:
    void SetUp() override {
        studio = made(folder / "a.refero");
        Edit e = studio->edit("Plan");
        plan::Shoot day;
        day.code = "K7Q2M";
        day.label = "Day";
        day.date = "2026-05-14";
        shoot = e.add(day);
        BodyId bodies[2];
        LensId lenses[2];
        for (int i = 0; i < 2; ++i) {
            bodies[i] = e.add(plan::Body{0, kBodies[i].model, kBodies[i].serial});
            const double mm = i == 0 ? 60 : 35;
            lenses[i] = e.add(plan::Lens{0, kLenses[i], "", mm, mm});
        }
        plan::Place place;
        place.shoot = shoot;
        place.label = "Hall";
        const auto hall = e.add(place);
        for (int k = 0; k < kSetups; ++k) {
            plan::Setup s;
            s.shoot = shoot;
            s.label = "Setup " + std::to_string(k + 1);
            s.position = k;
            s.conditions.body = bodies[bodyOf(k)];
            s.conditions.lens = lenses[lensOf(k)];
            s.conditions.place = hall;
            s.startMinutes = 60 * (8 + k);
            s.endMinutes = 60 * (8 + k) + 45;
            setups.push_back(e.add(s));
        }
        ASSERT_TRUE(studio->commit(e));
        fs::create_directories(card);
    }

    sim::Shot shot(unsigned seed) const {
        sim::Shot s = test::plainShot();
        s.width = 360;
        s.height = 240;
        s.seed = seed;
        s.encoding = Encoding::srgb;
        s.pose.coverage = 0.2;
        return s;
    }
    EncodedImage taken(const sim::Shot& s) const {
        auto e = sim::shoot(s);
        EXPECT_TRUE(e) << e.error().message;
        return std::move(e->stored);
    }
    EncodedImage slate(int k) const {
        const auto code = io::qrCode("RF:K7Q2M:" + std::to_string(setups[std::size_t(k)].number()));
        EncodedImage image(360, 240);
        for (float& v : image.values()) v = 0.5f;
        const int module = 5, side = (code->side + 8) * module;
        for (int y = 0; y < side; ++y)
            for (int x = 0; x < side; ++x) {
                const int mx = x / module - 4, my = y / module - 4;
                const bool dark =
                    mx >= 0 && my >= 0 && mx < code->side && my < code->side && code->at(mx, my);
                for (int c = 0; c < 3; ++c) image.pixel(80 + x, 30 + y)[c] = dark ? 0.1f : 0.9f;
            }
        return image;
    }
    /// The n-th picture of setup k, so many minutes after its beginning; without a time where negative.
    void put(const EncodedImage& image, int k, double minutes, const char* kind) {
        char name[64], clock[32] = "";
        std::snprintf(name, sizeof name, "%04zu-%s.jpg", truth.size(), kind);
        if (minutes >= 0) {
            const int seconds = 3600 * (8 + k) + static_cast<int>(60 * minutes);
            std::snprintf(clock, sizeof clock, "2026:05:14 %02d:%02d:%02d", seconds / 3600, seconds / 60 % 60,
                          seconds % 60);
        }
        io::WriteOptions o{8, Encoding::srgb, {}, {}};
        o.metadata.body = kBodies[bodyOf(k)].model;
        o.metadata.serial = kBodies[bodyOf(k)].serial;
        o.metadata.lens = kLenses[lensOf(k)];
        o.metadata.taken = clock;
        o.metadata.description = std::to_string(truth.size());
        truth[name] = k;
        ASSERT_TRUE(io::writeFrame(card / name, image, o));
    }

    test::TemporaryFolder folder;
    fs::path card = folder.path() / "card";
    std::unique_ptr<Studio> studio;
    ShootId shoot = 0;
    std::vector<SetupId> setups;
    std::map<std::string, int> truth;  ///< setup by file name
};

TEST_F(DayOfPictures, IsSortedWithEveryChartFoundAndNoneSeenWhereThereIsNone) {
    test::Random random(2026);
    for (int i = 0; i < kSlates; ++i) put(slate(2 * i + 1), 2 * i + 1, 0, "slip");
    for (int i = 0; i < kCharts; ++i) {
        sim::Shot s = shot(500u + unsigned(i));
        s.chart = i % 3 == 2 ? "fen-48" : "fen-24";
        s.pose.coverage = random.uniform(0.18, 0.45);
        s.pose.turnDegrees = random.uniform(-25, 25);
        s.pose.tiltDegrees = random.uniform(0, 18);
        s.set = std::array{sim::Set::plain, sim::Set::tiles, sim::Set::shelf}[random.below(3)];
        put(taken(s), i % kSetups, 1 + random.uniform(0, 3), "chart");
    }
    const auto subject = [&](unsigned seed) {
        sim::Shot s = shot(seed);
        s.chart.reset();
        s.set = std::array{sim::Set::tiles, sim::Set::shelf, sim::Set::kiln, sim::Set::clutter}[seed % 4];
        return taken(s);
    };
    for (int i = 0; i < kDecoys; ++i)
        put(subject(900u + unsigned(i)), i % kSetups, random.uniform(5, 44), "decoy");
    std::vector<EncodedImage> motifs;
    for (unsigned i = 0; i < 12; ++i) {
        sim::Shot s = shot(1300u + i);
        s.chart.reset();
        s.set = std::array{sim::Set::plain, sim::Set::kiln, sim::Set::shelf}[i % 3];
        motifs.push_back(taken(s));
    }
    for (int i = 0; truth.size() < kAll; ++i) {
        // Some early, some late, four whose time is not known.
        const double minutes = i % 241 == 240 ? -1 : random.uniform(i < kSetups ? 4 : -0.0, 52);
        put(motifs[std::size_t(i) % motifs.size()], i % kSetups, minutes, "subject");
    }
    const auto items = io::mediaItems(filesBehind({card}));
    ASSERT_EQ(items.size(), std::size_t(kAll));
    const LookOptions look{io::shippedCharts(), {}};
    std::vector<Arrival> arrivals(items.size());
    const auto start = std::chrono::steady_clock::now();
    std::vector<std::thread> threads;
    for (unsigned t = 0; t < 2; ++t)
        threads.emplace_back([&, t] {
            for (std::size_t i = t; i < items.size(); i += 2) arrivals[i] = lookAt(items[i], look);
        });
    for (std::thread& t : threads) t.join();
    const double ms =
        std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count();
    std::printf("looked at 1,000 pictures of 360 x 240: %.1f ms a picture on two threads\n", ms / kAll);
    Edit e = studio->edit("Bring in");
    const auto out =
        bringIn(e, studio->contents(),
                dayOf(studio->contents(), shoot, plan::ClearSky(), {}, test::everyShot), arrivals);
    int charts = 0, falseCharts = 0, right = 0, wrong = 0, flagged = 0, slates = 0;
    for (std::size_t i = 0; i < out.size(); ++i) {
        const std::string file = out[i].path.filename().string();
        const bool isChart = file.find("chart") != std::string::npos;
        charts += isChart && !out[i].chart.empty();
        falseCharts += !isChart && !out[i].chart.empty();
        slates += !arrivals[i].slate.empty();
        const bool sorted = out[i].setup != 0;
        right += sorted && out[i].setup == setups[std::size_t(truth[file])];
        wrong += sorted && out[i].setup != setups[std::size_t(truth[file])];
        flagged += !sorted && !out[i].reason.empty();
    }
    std::printf("charts %d of %d, false %d; sorted right %d, wrong %d, left with a reason %d\n", charts,
                kCharts, falseCharts, right, wrong, flagged);
    EXPECT_EQ(charts, kCharts);
    EXPECT_EQ(falseCharts, 0);
    EXPECT_EQ(slates, kSlates);
    EXPECT_GE(right, kAll * 99 / 100);
    EXPECT_EQ(wrong, 0);
    EXPECT_EQ(right + flagged, kAll);
}

}  // namespace
}  // namespace refero::studio
