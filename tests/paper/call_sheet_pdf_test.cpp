// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/call_sheet_pdf.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/plan/slate.h"
#include "paper/press.h"
#include "support/printed.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::Printed;
using test::printed;

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
        l.slate = plan::slateText({"K7Q2M", i});
        sheet.lines.push_back(l);
    }
    sheet.tasks = {
        {"metering", plan::Task::Kind::metering, "Meter a mid-grey card", "Reflected metering is fooled."}};
    return sheet;
}

TEST(CallSheetOnPaper, SaysAllAndItsCodesAreReadBack) {
    const paper::Press press;
    const test::TemporaryFolder folder;
    const plan::CallSheet sheet = sheetOf(11);
    const Status written = paper::writeCallSheet(folder / "day.pdf", sheet);
    ASSERT_TRUE(written) << written.error().message;
    const Printed p = printed(folder / "day.pdf", true);
    EXPECT_EQ(p.pages, 2 + 2) << "lines and tasks, then eight slates a page";
    EXPECT_TRUE(p.grey) << "prints in grey";
    for (const char* part :
         {"Tile library", "Setup number 11", "Shoot Pocket Fen 24", "softbox", "mid-grey card"})
        EXPECT_NE(p.text.find(part), std::string::npos) << part;
    std::vector<std::string> expected;
    for (const auto& l : sheet.lines) expected.push_back(l.slate);
    std::sort(expected.begin(), expected.end());
    EXPECT_EQ(p.codes, expected);
}

TEST(CallSheetOnPaper, NothingIsWrittenForNothingOrNowhere) {
    const paper::Press press;
    const test::TemporaryFolder folder;
    EXPECT_FALSE(paper::writeCallSheet(folder / "empty.pdf", plan::CallSheet{}));
    EXPECT_FALSE(paper::writeCallSheet(folder / "no/such/folder.pdf", sheetOf(1)));
    EXPECT_EQ(folder.files(), 0u);
}

}  // namespace
}  // namespace refero
