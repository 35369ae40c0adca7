// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/report/report.h"

#include <gtest/gtest.h>

#include <pugixml.hpp>

#include "io/handover/built.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

using test::correction;
using test::reading;

ReportContent content() {
    ReportContent r;
    r.title = "Test tiles <1> & \"more\"";
    r.correction = correction();
    r.facts = factsOf(r.correction);
    r.reading = reading();
    return r;
}

// What follows the doctype is well-formed XML but for two void elements: an XML parser of others reads it.
pugi::xml_document parsed(std::string html) {
    for (const std::string& open : {std::string("<meta charset=\"utf-8\">"),
                                    std::string("<meta name=\"viewport\" content=\"width=device-width\">")}) {
        const auto at = html.find(open);
        EXPECT_NE(at, std::string::npos);
        html.insert(at + open.size() - 1, "/");
    }
    if (const auto img = html.find("<img "); img != std::string::npos) html.insert(html.find('>', img), "/");
    pugi::xml_document d;
    const auto ok = d.load_string(html.c_str());
    EXPECT_TRUE(ok) << ok.description();
    return d;
}

TEST(Report, SaysWhatTheDocumentsSay) {
    const std::string html = documentHtml(reportDocument(content()));
    const auto d = parsed(html);
    EXPECT_STREQ(d.select_node("//h1").node().child_value(), "Test tiles <1> & \"more\"") << "escaped";
    std::size_t swatches = 0;
    for ([[maybe_unused]] const auto& n : d.select_nodes("//svg[@class='swatch']")) ++swatches;
    EXPECT_EQ(swatches, correction().patches.size());
    char figure[20];
    std::snprintf(figure, sizeof figure, "%.2f", correction().summary.after.mean);
    EXPECT_NE(html.find(std::string("<td class=\"number\">") + figure), std::string::npos);
    for (const PatchResult& p : correction().patches)
        EXPECT_NE(html.find("<td>" + p.id), std::string::npos) << p.id;
    for (const Check& c : reading().checks) EXPECT_NE(html.find(c.title), std::string::npos) << c.id;
    EXPECT_NE(html.find("Not checked on another shot"), std::string::npos);
    EXPECT_EQ(html.find("http"), std::string::npos) << "it needs nothing from elsewhere";
    EXPECT_EQ(html.find("<img"), std::string::npos) << "no picture was given";
}

TEST(Report, ShowsTheFrameWithItsOutline) {
    ReportContent r = content();
    sim::Shot shot = test::plainShot();
    shot.light = "led-5600";
    Frame frame;
    frame.image = test::take(shot).image;
    const auto picture = chartPicture(frame, r.correction);
    ASSERT_TRUE(picture) << picture.error().message;
    EXPECT_EQ((*picture)[0], 0xFF);
    EXPECT_EQ((*picture)[1], 0xD8) << "a JPEG";
    r.picture = *picture;
    const auto d = parsed(documentHtml(reportDocument(r)));
    EXPECT_EQ(std::string(d.select_node("//img").node().attribute("src").value())
                  .rfind("data:image/jpeg;base64,", 0),
              0u);
    std::size_t outlines = 0;
    for (const auto& n : d.select_nodes("//polygon")) {
        ++outlines;
        EXPECT_EQ(std::count(n.node().attribute("points").value(),
                             n.node().attribute("points").value() +
                                 std::string(n.node().attribute("points").value()).size(),
                             ','),
                  4);
    }
    EXPECT_EQ(outlines, 2u) << "black and white, so that it shows on every colour";
}

// FIPS 180-4's own example: the hash of "abc".
TEST(Report, NamesFilesWithTheirChecksums) {
    const test::TemporaryFolder folder;
    test::put(folder / "a.txt", "abc");
    const auto f = reportedFile(folder / "a.txt");
    ASSERT_TRUE(f);
    EXPECT_EQ(f->bytes, 3u);
    EXPECT_EQ(f->sha256, "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad");
    ReportContent r = content();
    r.files.push_back(*f);
    EXPECT_NE(documentHtml(reportDocument(r)).find(f->sha256), std::string::npos);
    EXPECT_FALSE(reportedFile(folder / "none.txt"));
}

}  // namespace
}  // namespace refero::io
