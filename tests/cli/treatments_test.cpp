// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What `read` does to a reading when asked, on frames of the virtual camera.
#include <gtest/gtest.h>

#include <functional>

#include "cli/call.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::call;
using test::json;

class ReadTreatments : public testing::Test {
  protected:
    std::string shot(const char* name, const std::function<void(sim::Shot&)>& change) {
        sim::Shot s = test::plainShot();
        s.file = name;
        change(s);
        EXPECT_TRUE(sim::shootToFile(s, folder_.path()));
        return folder_ / name;
    }
    static io::Json read(std::vector<std::string> arguments) {
        arguments.insert(arguments.begin(), "read");
        for (const char* more : {"--chart", "fen-24", "--json", "-"}) arguments.emplace_back(more);
        const auto outcome = call(arguments);
        EXPECT_EQ(outcome.status, 0) << outcome.err;
        return json(outcome.out);
    }
    static io::Json check(const io::Json& reading, const char* id) {
        for (const io::Json& c : reading["checks"])
            if (c["id"] == id) return c;
        ADD_FAILURE() << "no check " << id;
        return {};
    }

  private:
    test::TemporaryFolder folder_;
};

TEST_F(ReadTreatments, LeavesPatchesOut) {
    const std::string frame = shot("chart.tif", [](sim::Shot&) {});
    const io::Json r = read({frame, "--leave-out", "B2", "--leave-out", "A1"});
    for (const io::Json& p : r["patches"])
        EXPECT_EQ(p.contains("left_out"), p["id"] == "B2" || p["id"] == "A1") << p["id"];
    EXPECT_EQ(check(r, "byhand")["value"], 2);
    const auto wrong = call({"read", frame, "--chart", "fen-24", "--leave-out", "Z9"});
    EXPECT_NE(wrong.status, 0);
    EXPECT_NE(wrong.err.find("has no patch Z9"), std::string::npos) << wrong.err;
}

TEST_F(ReadTreatments, TakesAFlatFieldOut) {
    const auto uneven = [](sim::Shot& s) {
        s.falloffStops = 2;
        s.vignettingStops = 1;
    };
    const std::string frame = shot("chart.tif", uneven);
    const std::string card = shot("card.tif", [&](sim::Shot& s) {
        uneven(s);
        s.chart.reset();
        s.set = sim::Set::plain;
    });
    const io::Json plain = read({frame}), flat = read({frame, "--flat-field", card});
    EXPECT_LT(check(flat, "evenness")["value"].get<double>(),
              0.3 * check(plain, "evenness")["value"].get<double>());
    EXPECT_EQ(flat["flat_field"], card);
    EXPECT_EQ(flat["light_taken_out"], "flat field");
    const auto wrong = call({"read", frame, "--chart", "fen-24", "--flat-field", frame});
    EXPECT_NE(wrong.status, 0) << "a chart is no plain card";
    EXPECT_NE(wrong.err.find("plain card"), std::string::npos) << wrong.err;
}

TEST_F(ReadTreatments, AveragesFrames) {
    const std::string a = shot("a.tif", [](sim::Shot&) {});
    const std::string b = shot("b.tif", [](sim::Shot& s) {
        s.seed = 2;
        s.exposure = 0.375;
    });
    const io::Json r = read({a, "--average", b});
    ASSERT_EQ(r["averaged"].size(), 2u);
    EXPECT_NEAR(r["averaged"][1]["level_stops"].get<double>(), 1, 0.01) << "it was shot a stop darker";
    EXPECT_EQ(check(r, "frames")["verdict"], "pass");
    EXPECT_GT(r["patches"][0]["pixels"].get<double>(), 1.5 * read({a})["patches"][0]["pixels"].get<double>());
}

TEST_F(ReadTreatments, HoldsTheSubjectsLightAgainstTheCharts) {
    const std::string chart = shot("chart.tif", [](sim::Shot& s) { s.light = "led-5600"; });
    const std::string warm = shot("warm.tif", [](sim::Shot& s) { s.light = "led-3000"; });
    EXPECT_EQ(check(read({chart, "--subject", warm}), "light")["verdict"], "reshoot");
    EXPECT_EQ(check(read({chart, "--subject", chart}), "light")["verdict"], "pass");
    const std::string bare = shot("bare.tif", [](sim::Shot& s) { s.chart.reset(); });
    const auto none = call({"read", chart, "--chart", "fen-24", "--subject", bare});
    EXPECT_NE(none.status, 0);
    EXPECT_NE(none.err.find("bare.tif"), std::string::npos) << none.err;
}

}  // namespace
}  // namespace refero
