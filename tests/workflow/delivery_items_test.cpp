// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/delivery_items.h"

#include <gtest/gtest.h>

#include "io/files/safe_write.h"
#include "io/handover/built.h"
#include "support/temporary.h"
#include "workflow/delivery.h"
#include "workflow/receivers.h"

namespace refero::workflow {
namespace {

using test::correction;
using test::TemporaryFolder;
using Kind = DeliveryItem::Kind;

std::vector<Kind> kindsOf(const std::vector<DeliveryItem>& items) {
    std::vector<Kind> out;
    for (const DeliveryItem& i : items) out.push_back(i.kind);
    return out;
}

DeliveryItem named(const char* name, std::vector<std::string> endings) {
    DeliveryItem item;
    item.name = name;
    item.endings = std::move(endings);
    return item;
}

TEST(DeliveryItems, OfEachReceiverComeInTheOrderInWhichTheyNeedOneAnother) {
    const auto of = [](Receiver r) { return kindsOf(itemsOf(deliveryFor(r, correction()), correction())); };
    EXPECT_EQ(of(Receiver::editor), (std::vector{Kind::correction, Kind::recipe}));
    EXPECT_EQ(of(Receiver::compositor), (std::vector{Kind::correction, Kind::check}));
    EXPECT_EQ(of(Receiver::client), std::vector{Kind::report});
    EXPECT_EQ(of(Receiver::archive), (std::vector{Kind::correction, Kind::correction, Kind::report}));
    for (const Receiver r : kReceivers)
        for (const DeliveryItem& i : itemsOf(deliveryFor(r, correction()), correction())) {
            EXPECT_FALSE(i.name.empty());
            EXPECT_FALSE(i.endings.empty());
            EXPECT_TRUE(i.endings.front().starts_with('.'));
        }
}

TEST(DeliveryItems, KeepAFilesOwnAndItsCompanionsTogether) {
    const TemporaryFolder folder;
    const std::string where = folder.path().string();
    const DeliveryItem item = named("tiles", {".pdf", ".csv"});
    EXPECT_EQ(placeFor(item, where, io::Collision::skip), folder / "tiles");
    test::put(folder / "tiles.csv", "one of the two");
    EXPECT_EQ(filesThere(item, where), std::vector<std::string>{"tiles.csv"});
    EXPECT_EQ(placeFor(item, where, io::Collision::replace), folder / "tiles");
    EXPECT_EQ(placeFor(item, where, io::Collision::number), folder / "tiles 2");
    test::put(folder / "tiles 2.pdf", "and one of the next");
    EXPECT_EQ(placeFor(item, where, io::Collision::number), folder / "tiles 3");
    EXPECT_FALSE(placeFor(item, where, io::Collision::skip));
    EXPECT_FALSE(placeFor(item, where, io::Collision::refuse));
}

TEST(DeliveryItems, AreRecordedWithWhatOthersFindOfThem) {
    const TemporaryFolder folder;
    io::ExportOptions o;
    o.format = io::Format::clf;
    const auto handed = exportTo(folder / "a.clf", correction(), o);
    ASSERT_TRUE(handed) << handed.error().message;
    const auto file = io::reportedFile(folder / "a.clf");
    ASSERT_TRUE(file);
    EXPECT_EQ(handed->record.sha256, file->sha256);
    EXPECT_EQ(handed->record.bytes, static_cast<std::int64_t>(file->bytes));
    EXPECT_EQ(handed->record.format, "clf");
    EXPECT_GT(handed->record.colours, 4000);
    EXPECT_NE(proofInWords(handed->record).find("OpenColorIO"), std::string::npos);
    EXPECT_FALSE(exportTo(folder / "none/a.clf", correction(), o));
}

TEST(DeliveryItems, ReportAndRecipeAreAllTheirFiles) {
    const TemporaryFolder folder;
    DeliveryContent content;
    // The pages themselves are paper's, and have tests of their own.
    content.print = [](const std::filesystem::path& target, const io::Document& document) {
        return io::writeFile(target, io::documentHtml(document));
    };
    content.correction = correction();
    content.reading = test::reading();
    content.facts = io::factsOf(correction());
    sim::Shot shot = test::plainShot();
    shot.light = "led-5600";
    io::Frame frame;
    frame.image = test::take(shot).image;
    content.frame = std::make_shared<const io::Frame>(std::move(frame));
    makePicture(content);
    EXPECT_FALSE(content.frame) << "hundreds of megabytes are let go";
    EXPECT_GT(content.picture.size(), 1000u);
    Delivery delivery;
    delivery.recipe = delivery.report = true;
    for (const DeliveryItem& item : itemsOf(delivery, correction())) {
        const auto made = makeItem(item, folder / item.name, content);
        ASSERT_TRUE(made) << made.error().message;
        for (const std::string& ending : item.endings)
            EXPECT_FALSE(test::contentOf(folder / (item.name + ending)).empty()) << ending;
    }
    DeliveryItem check;
    check.kind = Kind::check;
    const auto blind = makeItem(check, folder / "check", content);
    ASSERT_FALSE(blind) << "there is no configuration";
    EXPECT_NE(blind.error().message.find("configuration"), std::string::npos);
}

}  // namespace
}  // namespace refero::workflow
