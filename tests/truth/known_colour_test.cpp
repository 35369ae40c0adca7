// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A job's own colours in the fit and in the proof, with surfaces that no chart has.
#include "core/fit/known_colour.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/fit/fit.h"
#include "core/fit/verify.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"
#include "io/chart_file.h"
#include "truth/trial.h"

namespace refero {
namespace {

Reading readingUnder(const test::Trial& trial) {
    return test::trialReading(*io::chartByNameOrPath("fen-24"), trial.body, trial.lamp, 0.002, 11);
}

// What the camera records of each held-out surface.
std::vector<Vector3> recorded(const test::Trial& trial) {
    std::vector<Vector3> out;
    (void)trial.error([&](const Vector3& rgb) {
        out.push_back(rgb);
        return whiteXyz(white::d50);
    });
    return out;
}

std::vector<Lab> references() {
    std::vector<Lab> out;
    const Spectrum d50 = *illuminantByName("d50");
    for (const Spectrum& s : test::heldOutSurfaces()) out.push_back(toLab(reflectedXyz(s, d50), white::d50));
    return out;
}

KnownColour known(const std::string& name, const Vector3& rgb, const Lab& lab) {
    return {name, "cloth.tif", rgb, 0.01 * rgb, 900, lab, 4};
}

TEST(KnownColours, BringThatColourHomeWithoutSpoilingTheOthers) {
    double before = 0, after = 0, others = 0, othersWith = 0;
    int count = 0;
    for (const test::Trial& trial : test::trials()) {
        if (trial.light != "led-5600" && trial.light != "f11") continue;
        const auto rgb = recorded(trial);
        const auto lab = references();
        ASSERT_EQ(rgb.size(), lab.size());
        const Reading reading = readingUnder(trial);
        const Correction plain = *fit(std::span(&reading, 1));
        // The one that is off most, of those that are neither black nor clipped.
        std::size_t worst = 0;
        double most = 0;
        for (std::size_t i = 0; i < rgb.size(); ++i) {
            const double d = ciede2000(lab[i], plain.toLab(rgb[i]));
            if (d > most && rgb[i].minCoeff() > 0.01 && rgb[i].maxCoeff() < 0.9 && lab[i].L > 25)
                most = d, worst = i;
        }
        FitOptions options;
        options.known = {known("Cloth", rgb[worst], lab[worst])};
        const auto with = fit(std::span(&reading, 1), options);
        ASSERT_TRUE(with) << with.error().message;
        ASSERT_EQ(with->patches.size(), plain.patches.size() + 1);
        EXPECT_TRUE(with->patches.back().known);
        EXPECT_EQ(with->patches.back().id, "Cloth");
        EXPECT_EQ(with->patches.back().weight, 4);
        before += most;
        after += ciede2000(lab[worst], with->toLab(rgb[worst]));
        others += trial.error([&](const Vector3& v) { return plain.toXyzD50(v); });
        othersWith += trial.error([&](const Vector3& v) { return with->toXyzD50(v); });
        ++count;
    }
    ASSERT_EQ(count, 10);
    RecordProperty("before", std::to_string(before / count));
    RecordProperty("after", std::to_string(after / count));
    std::printf("the colour: %.2f without, %.2f with; others %.2f without, %.2f with\n", before / count,
                after / count, others / count, othersWith / count);
    // A metamer that four patches' worth cannot bring home altogether; it comes a good deal nearer.
    EXPECT_LT(after, 0.8 * before);
    EXPECT_LT(othersWith, 1.2 * others);
}

TEST(KnownColours, ProveACorrectionThatHasNotSeenThem) {
    const auto trials = test::trials();
    const test::Trial& trial = trials.front();
    const auto rgb = recorded(trial);
    const auto lab = references();
    const Reading reading = readingUnder(trial);
    const Correction c = *fit(std::span(&reading, 1));
    const std::vector<KnownColour> colours{known("Glaze", rgb[3], lab[3]), known("Cloth", rgb[40], lab[40])};
    const auto proof = verified(c, colours);
    ASSERT_TRUE(proof) << proof.error().message;
    ASSERT_EQ(proof->patches.size(), 2u);
    const double glaze = ciede2000(lab[3], c.toLab(rgb[3])), cloth = ciede2000(lab[40], c.toLab(rgb[40]));
    EXPECT_NEAR(proof->differences.mean, (glaze + cloth) / 2, 1e-9);
    EXPECT_NEAR(proof->differences.max, std::max(glaze, cloth), 1e-9);
    FitOptions options;
    options.known = {colours[0]};
    const auto with = fit(std::span(&reading, 1), options);
    ASSERT_TRUE(with);
    const auto again = verified(*with, colours);
    ASSERT_FALSE(again) << "it was built from the glaze";
    EXPECT_NE(again.error().message.find("Glaze"), std::string::npos);
    EXPECT_FALSE(verified(c, std::span<const KnownColour>{}));
}

TEST(KnownColours, SayWhatCannotBeUsed) {
    const auto trials = test::trials();
    const Reading reading = readingUnder(trials.front());
    const Vector3 rgb(0.2, 0.3, 0.1);
    const Lab lab{50, 20, -10, white::d50};
    const auto refused = [&](const KnownColour& c) {
        FitOptions options;
        options.known = {c};
        return !fit(std::span(&reading, 1), options);
    };
    EXPECT_FALSE(refused(known("Cloth", rgb, lab)));
    EXPECT_TRUE(refused(known("", rgb, lab)));
    EXPECT_TRUE(refused(known("B3", rgb, lab))) << "a patch has that name";
    EXPECT_TRUE(refused(known("Cloth", {0.2, 0.999, 0.1}, lab)));
    EXPECT_TRUE(refused(known("Cloth", {0.2, 0.3, 0}, lab)));
    EXPECT_TRUE(refused(known("Cloth", rgb, {200, 0, 0, white::d50})));
    KnownColour none = known("Cloth", rgb, lab);
    none.pixels = 0;
    EXPECT_TRUE(refused(none));
    FitOptions twice;
    twice.known = {known("Cloth", rgb, lab), known("Cloth", rgb, lab)};
    EXPECT_FALSE(fit(std::span(&reading, 1), twice));
    FitOptions other;
    other.known = {known("Cloth", rgb, lab)};
    other.referenceLight = "a";
    const auto under = fit(std::span(&reading, 1), other);
    ASSERT_FALSE(under) << "its colour under another light is not known";
    EXPECT_NE(under.error().message.find("Cloth"), std::string::npos);
}

}  // namespace
}  // namespace refero
