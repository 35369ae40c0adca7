// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/paper/call_sheet_pdf.h"

#include <gtest/gtest.h>
#include <poppler/cpp/poppler-document.h>
#include <poppler/cpp/poppler-page-renderer.h>
#include <poppler/cpp/poppler-page.h>

#include <memory>

#include "core/plan/slip.h"
#include "support/codes.h"
#include "support/temporary.h"

namespace refero {
namespace {

plan::CallSheet sheetOf(int setups) {
    plan::CallSheet sheet;
    sheet.title = "Tile library";
    sheet.subtitle = "Harrow Fen Pottery - 2026-05-14";
    for (int i = 1; i <= setups; ++i) {
        plan::CallLine l;
        l.setup = i;
        l.number = i;
        l.time = "09:30 to 10:30";
        l.place = "Kiln room";
        l.label = "Setup number " + std::to_string(i);
        l.camera = "Heron 0001, 24-70 mm at 35 mm, raw";
        l.light = "LED panel, 60 %, softbox";
        l.chart = "Shoot Pocket Fen 24";
        l.why = "Changed since Setup 2: lens 60 mm to 24-70 mm, light LED panel to Kiln bulbs.";
        l.slip = plan::slipText({"K7Q2M", i});
        sheet.lines.push_back(l);
    }
    sheet.tasks = {
        {"metering", plan::Task::Kind::metering, "Meter a mid-grey card", "Reflected metering is fooled."}};
    return sheet;
}

// What is on the pages, by a library that is not the one that wrote them.
struct Printed {
    std::string text;
    std::vector<std::string> codes;
    int pages = 0;
    bool grey = true;
};

Printed printed(const std::string& file) {
    Printed out;
    const std::unique_ptr<poppler::document> document(poppler::document::load_from_file(file));
    if (!document) return out;
    poppler::page_renderer renderer;
    renderer.set_render_hint(poppler::page_renderer::text_antialiasing);
    out.pages = document->pages();
    for (int i = 0; i < out.pages; ++i) {
        const std::unique_ptr<poppler::page> page(document->create_page(i));
        const auto bytes = page->text().to_utf8();
        out.text.append(bytes.begin(), bytes.end());
        poppler::image image = renderer.render_page(page.get(), 150, 150);
        std::vector<unsigned char> grey;
        for (int y = 0; y < image.height(); ++y) {
            const auto* row =
                reinterpret_cast<const unsigned char*>(image.const_data()) + y * image.bytes_per_row();
            for (int x = 0; x < image.width(); ++x) {
                const unsigned char* p = row + 4 * x;
                out.grey = out.grey && p[0] == p[1] && p[1] == p[2];
                grey.push_back(p[1]);
            }
        }
        for (const std::string& code : test::codesIn(grey.data(), image.width(), image.height()))
            out.codes.push_back(code);
    }
    std::sort(out.codes.begin(), out.codes.end());
    return out;
}

TEST(CallSheetOnPaper, SaysAllAndItsCodesAreReadBack) {
    const test::TemporaryFolder folder;
    const plan::CallSheet sheet = sheetOf(11);
    const Status written = paper::writeCallSheet(folder / "day.pdf", sheet);
    ASSERT_TRUE(written) << written.error().message;
    const Printed p = printed(folder / "day.pdf");
    EXPECT_EQ(p.pages, 2 + 2) << "lines and tasks, then eight slips a page";
    EXPECT_TRUE(p.grey) << "prints in grey";
    for (const char* part :
         {"Tile library", "Setup number 11", "Shoot Pocket Fen 24", "softbox", "mid-grey card"})
        EXPECT_NE(p.text.find(part), std::string::npos) << part;
    std::vector<std::string> expected;
    for (const auto& l : sheet.lines) expected.push_back(l.slip);
    std::sort(expected.begin(), expected.end());
    EXPECT_EQ(p.codes, expected);
}

TEST(CallSheetOnPaper, NothingIsWrittenForNothingOrNowhere) {
    const test::TemporaryFolder folder;
    EXPECT_FALSE(paper::writeCallSheet(folder / "empty.pdf", plan::CallSheet{}));
    EXPECT_FALSE(paper::writeCallSheet(folder / "no/such/folder.pdf", sheetOf(1)));
    EXPECT_EQ(folder.files(), 0u);
}

}  // namespace
}  // namespace refero
