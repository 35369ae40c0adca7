// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pages as another program reads and paints them.
#include "paper/document_pdf.h"

#include <gtest/gtest.h>

#include <sstream>

#include "core/colour/lab.h"
#include "io/handover/built.h"
#include "io/report/recipe_document.h"
#include "io/report/report.h"
#include "paper/press.h"
#include "support/printed.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::Printed;
using test::printed;

class Pages : public testing::Test {
  protected:
    Printed pagesOf(const io::Document& d) {
        const Status written = paper::writeDocument(folder / "pages.pdf", d);
        EXPECT_TRUE(written) << written.error().message;
        return printed(folder / "pages.pdf");
    }
    paper::Press press;
    test::TemporaryFolder folder;
};

// A line may be broken anywhere between words.
std::string unbroken(const std::string& text) {
    std::string out;
    for (const char c : text)
        if (c != ' ' && c != '\n' && c != '\f') out += c;
    return out;
}

bool says(const Printed& p, const std::string& words) {
    return unbroken(p.text).find(unbroken(words)) != std::string::npos;
}

std::size_t count(const std::string& text, const std::string& part) {
    std::size_t n = 0;
    for (auto at = text.find(part); at != std::string::npos; at = text.find(part, at + 1)) ++n;
    return n;
}

TEST_F(Pages, OfAReportSayWhatItsWebPageSays) {
    io::ReportContent r;
    r.title = "Test tiles <1> & \"more\"";
    r.correction = test::correction();
    r.facts = io::factsOf(r.correction);
    r.reading = test::reading();
    r.files.push_back({"tiles.cube", "cube", "OpenColorIO read it back",
                       "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad", 3});
    const Printed p = pagesOf(io::reportDocument(r));
    ASSERT_GE(p.pages, 2);
    EXPECT_TRUE(says(p, r.title)) << "as it is, nothing escaped: " << p.text.substr(0, 200);
    char figure[20];
    std::snprintf(figure, sizeof figure, "%.2f", r.correction.summary.after.mean);
    EXPECT_NE(p.text.find(figure), std::string::npos);
    for (const PatchResult& patch : r.correction.patches)
        EXPECT_NE(p.text.find(patch.id), std::string::npos) << patch.id;
    // A title is broken in its column, with the row's other cells between its words.
    for (const Check& c : test::reading().checks) {
        std::istringstream words(c.title);
        for (std::string word; words >> word;) EXPECT_TRUE(says(p, word)) << c.title << ": " << word;
    }
    EXPECT_TRUE(says(p, "Not checked on another shot"));
    EXPECT_NE(p.text.find("ba7816bf"), std::string::npos);
    EXPECT_FALSE(p.grey) << "patches are in colour";
    for (const std::string& page : p.pageTexts) EXPECT_NE(page.find("Test tiles"), std::string::npos);
}

// The patch's reference colour by IEC 61966-2-1 is painted as just those bytes.
TEST_F(Pages, PaintColoursAsTheyAre) {
    io::Document d;
    d.title = "Colours";
    const Lab red{50, 60, 40, white::d50}, grey{50, 0, 0, white::d50}, blue{30, 10, -50, white::d50};
    d.blocks.emplace_back(io::DocumentTable{{{"Colours", 1.0}}, {{io::Swatch{red, grey, blue}}}});
    const Printed p = pagesOf(d);
    for (const Lab& lab : {red, grey, blue}) {
        const auto [r, g, b] = io::srgbBytes(lab);
        EXPECT_TRUE(p.colours.contains(r << 16 | g << 8 | b)) << lab.L << " " << lab.a << " " << lab.b;
    }
    // CIELAB L* 50 is 119 in sRGB.
    EXPECT_EQ(io::srgbBytes(grey), (std::array<unsigned, 3>{119, 119, 119}));
}

TEST_F(Pages, OfALongTableEachHasItsHeadAndNoRowIsTorn) {
    io::Document d;
    d.title = "Long";
    io::DocumentTable t{{{"Number", 0.2, io::DocumentColumn::Kind::number}, {"Words", 0.8}}, {}};
    for (int i = 1; i <= 150; ++i)
        t.rows.push_back({"row" + std::to_string(i) + "a",
                          "Words that are wrapped over more than a line, because there are more of them than "
                          "a line of this width can ever take, and end with row" +
                              std::to_string(i) + "z"});
    d.blocks.emplace_back(std::move(t));
    d.foot = "The end.";
    const Printed p = pagesOf(d);
    ASSERT_GT(p.pages, 3);
    for (int i = 0; i < p.pages - 1; ++i) {
        EXPECT_EQ(count(p.pageTexts[std::size_t(i)], "Number"), 1u) << "page " << i + 1;
        EXPECT_NE(p.pageTexts[std::size_t(i)].find(std::to_string(i + 1)), std::string::npos);
    }
    for (int i = 1; i <= 150; ++i) {
        int pages = 0;
        for (const std::string& page : p.pageTexts) {
            const std::string row = "row" + std::to_string(i);
            const bool begins = page.find(row + "a") != std::string::npos;
            EXPECT_EQ(begins, page.find(row + "z") != std::string::npos) << "row " << i << " is torn";
            pages += begins;
        }
        EXPECT_EQ(pages, 1) << "row " << i;
    }
    EXPECT_NE(p.text.find("The end."), std::string::npos);
}

TEST_F(Pages, OfARecipeSayEveryStepAndSector) {
    const auto r = recipeFor(test::correction());
    ASSERT_TRUE(r) << r.error().message;
    const Printed p = pagesOf(io::recipeDocument(*r, test::correction()));
    for (const RecipeStep& s : r->steps) EXPECT_NE(p.text.find(s.name), std::string::npos) << s.name;
    for (std::size_t i = 0; i < kRecipeSectors.size(); ++i) {
        if (r->settings.sectors[i].isNone()) continue;
        const HueSector& h = kRecipeSectors[i];
        EXPECT_TRUE(says(p, std::string(h.letters) + ", " + std::string(h.words))) << h.letters;
    }
    for (const RecipePatch& patch : r->patches) EXPECT_NE(p.text.find(patch.id), std::string::npos);
}

TEST_F(Pages, ThatCannotBeWrittenAreSaid) {
    io::Document d;
    d.title = "Nowhere";
    const Status nowhere = paper::writeDocument(folder / "none/pages.pdf", d);
    ASSERT_FALSE(nowhere);
    EXPECT_FALSE(nowhere.error().message.empty());
    EXPECT_EQ(folder.files(), 0u);
    // A disk that is always full (Linux, full(4)).
    EXPECT_FALSE(paper::writeDocument("/dev/full/pages.pdf", d));
}

}  // namespace
}  // namespace refero
