// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What files do not tell is asked once, for all that it concerns, and not again.
#include "workflow/unknowns.h"

#include <algorithm>

#include "workflow/kit_lookup.h"
#include "workflow/one_shoot.h"

namespace refero::workflow {
namespace {

class Unknowns : public OneShoot {
  protected:
    // A picture whose kind of file has no place to state its encoding.
    std::string picture(const char* name) {
        sim::Shot s = test::plainShot();
        s.encoding = Encoding::rec709;
        return shot(s, name);
    }
    // The same without what it says of its camera: PNG keeps that in chunks of their own.
    std::string nameless(const char* name) {
        const std::string file = picture(name), all = test::contentOf(file);
        std::string kept = all.substr(0, 8);
        for (std::size_t at = 8; at + 12 <= all.size();) {
            std::size_t length = 12;
            for (std::size_t k = 0; k < 4; ++k)
                length += std::size_t{static_cast<unsigned char>(all[at + k])} << (24 - 8 * k);
            const std::string kind = all.substr(at + 4, 4);
            if (kind != "eXIf" && kind != "tEXt") kept += all.substr(at, length);
            at += length;
        }
        EXPECT_LT(kept.size(), all.size());
        test::put(file, kept);
        return file;
    }
    std::vector<Unknown> asked() {
        const auto all = state.setups(studio->contents(), day());
        std::vector<const workflow::Setup*> setups;
        for (const workflow::Setup& s : all) setups.push_back(&s);
        return unknownsOf(studio->contents(), shoot, setups);
    }
    std::optional<Unknown> asked(Missing what) {
        for (Unknown& u : asked())
            if (u.what == what) return std::move(u);
        return {};
    }
};

TEST_F(Unknowns, NothingIsAskedThatFilesTell) {
    sim::Shot s = test::plainShot();
    readSetup(shot(s, "told.dng"));
    for (const Unknown& u : asked()) EXPECT_EQ(u.what, Missing::sensor) << name(u.what);
}

TEST_F(Unknowns, EncodingsAreAskedOnceForABodyAndHoldForWhatComesLater) {
    const studio::SetupId one = readSetup(picture("one.png")), two = readSetup(picture("two.png"));
    act([&](studio::Edit& e) {
        plan::Body body;
        body.model = "Plover";
        const auto id = e.add(body);
        for (const studio::SetupId setup : {one, two}) {
            plan::Setup s = e.latest<plan::Setup>(setup);
            s.conditions.body = id;
            e.put(s);
        }
    });
    auto encoding = asked(Missing::encoding);
    ASSERT_TRUE(encoding);
    EXPECT_EQ(encoding->setups.size(), 2U) << "one question for both";
    EXPECT_EQ(encoding->frames, 2U);
    EXPECT_EQ(encoding->taken, Transfer(Encoding::srgb)) << "what such files are taken for";
    EXPECT_EQ(encoding->likely, Transfer(Encoding::rec709)) << "as they were made";
    // One of them is stated: the question stays for the other, and later shots need none.
    ReadShotOptions stated;
    stated.encoding = Encoding::rec709;
    const ChartShot read = readShot(setup(one).chartFrame, contextOf(studio->contents(), shoot, one), stated);
    ASSERT_TRUE(read.reading);
    act([&](studio::Edit& e) { putReading(e, studio->contents(), one, *read.reading); });
    encoding = asked(Missing::encoding);
    ASSERT_TRUE(encoding);
    EXPECT_EQ(encoding->setups, std::vector<studio::SetupId>{two});
    // Also of a setup that nothing was read of yet.
    const std::string third = picture("three.png");
    studio::SetupId fresh = 0;
    act([&](studio::Edit& e) {
        fresh = addSetupForFrame(e, studio->contents(), shoot, third);
        plan::Setup s = e.latest<plan::Setup>(fresh);
        s.conditions.body = studio->contents().find<plan::Setup>(two)->conditions.body;
        e.put(s);
    });
    for (const studio::SetupId setup : {two, fresh}) {
        const ChartShot later = readShot(third, contextOf(studio->contents(), shoot, setup));
        ASSERT_TRUE(later.reading);
        EXPECT_EQ(later.reading->encoding, Transfer(Encoding::rec709));
        EXPECT_EQ(later.reading->encodingSource, EncodingSource::stated);
    }
}

TEST_F(Unknowns, FramesWithoutACameraGetOneOfTheKitOrANewOne) {
    const studio::SetupId id = readSetup(nameless("one.png"));
    auto camera = asked(Missing::camera);
    ASSERT_TRUE(camera) << "such a file names none";
    EXPECT_EQ(camera->setups, std::vector<studio::SetupId>{id});
    studio::Edit empty = studio->edit("Test");
    EXPECT_FALSE(answerCamera(empty, studio->contents(), *camera, ""));
    act([&](studio::Edit& e) { ASSERT_TRUE(answerCamera(e, studio->contents(), *camera, "Plover")); });
    EXPECT_FALSE(asked(Missing::camera));
    EXPECT_EQ(setup(id).body, "Plover");
    const auto sensor = asked(Missing::sensor);
    ASSERT_TRUE(sensor) << "of a new one nothing is known";
    EXPECT_EQ(sensor->who, "Plover");
    // Another frame without a name is shot by the same: no second body of that name.
    readSetup(nameless("two.png"));
    act([&](studio::Edit& e) {
        ASSERT_TRUE(answerCamera(e, studio->contents(), *asked(Missing::camera), "Plover"));
    });
    EXPECT_EQ(studio->contents().all<plan::Body>().size(), 1U);
}

TEST_F(Unknowns, SensorsAndFocalLengthsAreAskedUntilAPersonOrAFileTells) {
    studio::BodyId body = 0;
    studio::LensId lens = 0;
    const studio::SetupId id = readSetup(picture("one.png"));
    act([&](studio::Edit& e) {
        body = bodyFor(e, studio->contents(), "Plover", "");
        lens = lensFor(e, studio->contents(), "A lens that says nothing", 0);
        plan::Setup s = e.latest<plan::Setup>(id);
        s.conditions.body = body;
        s.conditions.lens = lens;
        e.put(s);
    });
    const auto sensor = asked(Missing::sensor), length = asked(Missing::focalLength);
    ASSERT_TRUE(sensor);
    ASSERT_TRUE(length);
    EXPECT_EQ(sensor->of, body.number());
    EXPECT_EQ(length->of, lens.number());
    studio::Edit wrong = studio->edit("Test");
    EXPECT_FALSE(answerSensor(wrong, *sensor, 0, 24));
    EXPECT_FALSE(answerFocalLength(wrong, *length, 0));
    act([&](studio::Edit& e) {
        ASSERT_TRUE(answerSensor(e, *sensor, 23.5, 15.7));
        ASSERT_TRUE(answerFocalLength(e, *length, 35));
    });
    EXPECT_FALSE(asked(Missing::sensor));
    EXPECT_FALSE(asked(Missing::focalLength));
    EXPECT_DOUBLE_EQ(studio->contents().find<plan::Body>(body)->sensorWidthMm, 23.5);
    EXPECT_DOUBLE_EQ(studio->contents().find<plan::Lens>(lens)->longestMm, 35);
    // A file that tells answers by itself, also of a body whose pixels are known already.
    act([&](studio::Edit& e) {
        plan::Body open = e.latest<plan::Body>(body);
        open.sensorAssumed = true;
        open.pixelsWide = 5000;
        e.put(open);
    });
    EXPECT_TRUE(asked(Missing::sensor));
    io::Frame frame;
    frame.path = "told.dng";
    frame.metadata.sensorWidthMm = 17.3;
    frame.metadata.sensorHeightMm = 13;
    act([&](studio::Edit& e) { describeBody(e, body, frame); });
    EXPECT_FALSE(asked(Missing::sensor));
    EXPECT_DOUBLE_EQ(studio->contents().find<plan::Body>(body)->sensorWidthMm, 17.3);
    EXPECT_EQ(studio->contents().find<plan::Body>(body)->pixelsWide, 5000) << "that was known";
}

}  // namespace
}  // namespace refero::workflow
