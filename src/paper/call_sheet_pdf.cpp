// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/call_sheet_pdf.h"

#include <algorithm>

#include "core/say/say.h"
#include "io/qr_code.h"
#include "paper/page_flow.h"

namespace refero::paper {
namespace {

constexpr PageFlow::Type kTitle{20, QFont::DemiBold, 0}, kHeading{12, QFont::DemiBold, 0},
    kBody{9.5, QFont::Normal, 20}, kStrong{9.5, QFont::DemiBold, 0}, kQuiet{8.5, QFont::Normal, 95};

QString text(const std::string& s) {
    return QString::fromStdString(s);
}

// Box, number, time | setup, camera, light | chart and why.
void line(PageFlow& page, const plan::CallLine& l) {
    constexpr double kSetup = 48, kSetupWidth = 66, kChart = 118, kChartWidth = PageFlow::kRight - kChart;
    const QString place = text(l.place), camera = text(l.camera), light = text(l.light);
    const QString label = text(l.label).isEmpty() ? light : text(l.label);
    const double left =
        page.heightOf(label, kSetupWidth, kStrong) + page.heightOf(place, kSetupWidth, kBody) +
        page.heightOf(camera, kSetupWidth, kQuiet) + page.heightOf(light, kSetupWidth, kQuiet);
    const double right =
        page.heightOf(text(l.chart), kChartWidth, kStrong) + page.heightOf(text(l.why), kChartWidth, kQuiet);
    const double height = std::max(left, right) + 5;
    page.need(height);
    const double y = page.y() + 2.5;
    page.box(PageFlow::kLeft, y + 0.3, 4);
    page.text(PageFlow::kLeft + 6, y, 8, QString::number(l.number), kStrong);
    page.text(PageFlow::kLeft + 13, y, 17, text(l.time), kQuiet);
    double at = y;
    at += page.text(kSetup, at, kSetupWidth, label, kStrong);
    at += page.text(kSetup, at, kSetupWidth, place, kBody);
    at += page.text(kSetup, at, kSetupWidth, camera, kQuiet);
    page.text(kSetup, at, kSetupWidth, light, kQuiet);
    at = y + page.text(kChart, y, kChartWidth, text(l.chart), l.shootChart ? kStrong : kBody);
    page.text(kChart, at, kChartWidth, text(l.why), kQuiet);
    page.skip(height);
    page.line(PageFlow::kLeft, page.y(), PageFlow::kRight, page.y(), 0.15, 170);
}

void tasks(PageFlow& page, const std::vector<plan::Task>& all) {
    if (all.empty()) return;
    page.need(30);
    page.skip(7);
    page.skip(
        page.text(PageFlow::kLeft, page.y(), 120, QStringLiteral("Before and during the day"), kHeading) + 2);
    for (const plan::Task& t : all) {
        constexpr double kText = PageFlow::kLeft + 7, kWidth = PageFlow::kRight - kText;
        const double height =
            page.heightOf(text(t.what), kWidth, kStrong) + page.heightOf(text(t.why), kWidth, kQuiet);
        page.need(height + 3);
        page.box(PageFlow::kLeft, page.y() + 0.3, 3.6);
        page.skip(page.text(kText, page.y(), kWidth, text(t.what), kStrong));
        page.skip(page.text(kText, page.y(), kWidth, text(t.why), kQuiet) + 2.5);
    }
}

// Two columns of slates, with lines to cut along.
Status slates(PageFlow& page, const plan::CallSheet& sheet) {
    constexpr double kWidth = 87, kHeight = 62, kQr = 38;
    constexpr int kRows = 4;
    for (std::size_t i = 0; i < sheet.lines.size(); ++i) {
        const auto onPage = i % (2 * kRows);
        if (onPage == 0) page.newPage();
        const plan::CallLine& l = sheet.lines[i];
        const double x = PageFlow::kLeft + (onPage % 2 ? kWidth : 0),
                     y = PageFlow::kTop + kHeight * static_cast<double>(onPage / 2);
        const auto code = io::qrCode(l.slate);
        if (!code) return tl::unexpected(code.error());
        const double module = kQr / code->side;
        // The quiet zone of four modules is the slate's own margin.
        for (int row = 0; row < code->side; ++row)
            for (int column = 0; column < code->side; ++column)
                if (code->at(column, row))
                    page.fill(x + 8 + module * column, y + 8 + module * row, module * 1.002, module * 1.002);
        const double tx = x + 8 + kQr + 6, width = kWidth - kQr - 18;
        double at = y + 8;
        at += page.text(tx, at, width, QString::number(l.number), kTitle) + 1;
        at += page.text(tx, at, width, text(l.label).isEmpty() ? text(l.light) : text(l.label), kStrong);
        at += page.text(tx, at, width, text(l.place), kBody) + 1;
        page.text(tx, at, width, text(l.camera), kQuiet);
        page.text(x + 8, y + 8 + kQr + 2, kWidth - 16,
                  text(sheet.title) + QStringLiteral("   ") + text(l.slate), kQuiet);
        for (const double edge : {y, y + kHeight}) page.line(x, edge, x + kWidth, edge, 0.1, 150);
        for (const double edge : {x, x + kWidth}) page.line(edge, y, edge, y + kHeight, 0.1, 150);
    }
    return {};
}

}  // namespace

Status writeCallSheet(const std::filesystem::path& target, const plan::CallSheet& sheet) {
    if (sheet.lines.empty())
        return failure(say("There is no setup in this shoot yet, so there is nothing to print."));
    PageFlow page(text(sheet.title));
    page.skip(page.text(PageFlow::kLeft, page.y(), 170, text(sheet.title), kTitle) + 1);
    page.skip(page.text(PageFlow::kLeft, page.y(), 170, text(sheet.subtitle), kQuiet) + 4);
    page.line(PageFlow::kLeft, page.y(), PageFlow::kRight, page.y(), 0.4, 0);
    for (const plan::CallLine& l : sheet.lines) line(page, l);
    tasks(page, sheet.tasks);
    if (auto ok = slates(page, sheet); !ok) return ok;
    return page.write(target);
}

}  // namespace refero::paper
