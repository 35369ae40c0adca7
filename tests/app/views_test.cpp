// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <QCheckBox>
#include <QPainter>
#include <QScrollBar>
#include <QSignalSpy>
#include <QStyleOption>

#include "app/findings/check_view.h"
#include "app/findings/findings.h"
#include "app/findings/verdict_line.h"
#include "app/look/icon.h"
#include "app/look/label.h"
#include "app/look/tokens.h"
#include "app/pictures/display_colour.h"
#include "app/plots/ab_plot.h"
#include "app/plots/ladder_plot.h"
#include "app/session/history.h"
#include "app/top_bar.h"
#include "window_fixture.h"

namespace refero {
namespace {

Check someCheck(Verdict verdict, const char* title) {
    Check c;
    c.id = title;
    c.title = title;
    c.verdict = verdict;
    c.value = 0.4;
    c.unit = "cast";
    c.limit = "at most 1 %";
    c.reason = "Because the light is mixed, which no balance mends.";
    c.remedy = "Switch one of them off.";
    return c;
}

// IEC 61966-2-1: L* 50 under D50 is linear 0.1842, stored as 118 or 119 of 255.
TEST(DisplayColour, OfAMidGreyIsTheStandards) {
    const QColor c = displayColour({50, 0, 0, white::d50});
    EXPECT_NEAR(c.red(), 119, 1);
    EXPECT_EQ(c.red(), c.green());
    EXPECT_EQ(c.green(), c.blue());
    EXPECT_EQ(displayColour({100, 0, 0, white::d50}), QColor(255, 255, 255));
}

TEST(DisplayImage, IsNoLongerThanAskedAndInOrder) {
    LinearImage image(1000, 400);
    for (int y = 0; y < 400; ++y)
        for (int x = 0; x < 1000; ++x)
            for (int c = 0; c < 3; ++c) image.pixel(x, y)[c] = x < 500 ? 0.0f : c == 0 ? 1.0f : 0.0f;
    const QImage shown = displayImage(image, compileUntouched(kShownSpace), 300);
    EXPECT_LE(shown.width(), 300);
    EXPECT_EQ(shown.pixelColor(10, 10), QColor(0, 0, 0));
    EXPECT_EQ(shown.pixelColor(shown.width() - 10, 10), QColor(255, 0, 0));
    const auto levels = PictureView::pyramid(QImage(1600, 1200, QImage::Format_RGB32));
    ASSERT_GE(levels.size(), 3u);
    EXPECT_EQ(levels[1].width(), 800);
}

// Without being polished again: of some two thousand controls that takes seconds.
TEST(Look, StockControlsFollowTheSurroundByPaintingAlone) {
    QWidget window;
    auto* choice = new QComboBox(&window);
    choice->addItem(QStringLiteral("A choice"));
    choice->resize(160, choice->sizeHint().height());
    auto* bar = new QScrollBar(Qt::Vertical, &window);
    bar->setRange(0, 100);
    bar->setPageStep(100);
    bar->setGeometry(170, 0, bar->sizeHint().width(), 200);
    window.resize(200, 200);
    auto* label = new look::Label(QStringLiteral("Said"), look::Size::body, look::Label::Tone::quiet,
                                  QFont::Normal, &window);
    label->move(0, 100);
    EXPECT_EQ(choice->height(), 28);
    EXPECT_EQ(bar->width(), 10);
    for (const look::Surround s : {look::Surround::booth, look::Surround::dim}) {
        look::setSurround(s);
        const QImage seen = window.grab().toImage();
        EXPECT_EQ(seen.pixelColor(3, choice->height() / 2), look::palette().raised);
        EXPECT_EQ(seen.pixelColor(80, 0), look::palette().line) << "its edge";
        EXPECT_EQ(seen.pixelColor(175, 50), look::palette().line) << "the handle";
        EXPECT_EQ(seen.pixelColor(175, 150), look::palette().ground) << "below it: half is seen";
        EXPECT_EQ(label->palette().color(QPalette::WindowText), look::palette().quiet);
    }
    // No arrows: a click beside the handle turns a page.
    QStyleOptionSlider option;
    option.initFrom(bar);
    option.subControls = QStyle::SC_All;
    EXPECT_TRUE(bar->style()
                    ->subControlRect(QStyle::CC_ScrollBar, &option, QStyle::SC_ScrollBarAddLine, bar)
                    .isEmpty());
    QTest::mouseClick(bar, Qt::LeftButton, {}, {5, 190});
    EXPECT_EQ(bar->value(), 100);
}

// W3C, Web Content Accessibility Guidelines 2.1, 1.4.11: what a control is known by stands 3 : 1 against its
// ground. 0x9a on 0x19, 0x45 on 0xb9: above 6 : 1.
TEST(Look, AnEmptyTickIsSeen) {
    QWidget window;
    auto* tick = new QCheckBox(QStringLiteral("Tick"), &window);
    tick->resize(80, 24);
    window.resize(100, 30);
    QStyleOptionButton option;
    option.initFrom(tick);
    const QRect box = tick->style()->subElementRect(QStyle::SE_CheckBoxIndicator, &option, tick);
    for (const bool on : {false, true}) {
        tick->setChecked(on);
        const QImage seen = window.grab().toImage();
        EXPECT_EQ(seen.pixelColor(box.center().x(), box.top()), look::palette().quiet) << "its edge";
        int marks = 0;
        for (int x = box.left() + 2; x < box.right() - 1; ++x)
            for (int y = box.top() + 2; y < box.bottom() - 1; ++y)
                marks += seen.pixelColor(x, y).lightness() > 200;
        EXPECT_EQ(marks > 4, on) << marks;
    }
}

TEST(Look, IconsAreThere) {
    for (const char* name : {"folder-open", "undo-2", "redo-2", "history", "sun-dim", "maximize"})
        EXPECT_FALSE(look::icon(QLatin1String(name), 16, Qt::white, 2).isNull()) << name;
    EXPECT_TRUE(look::icon(QStringLiteral("none"), 16, Qt::white, 1).isNull());
}

// Tabular figures: every digit is as wide as any other, so that columns align.
TEST(Look, FiguresAreTabular) {
    const QFontMetricsF metrics(look::figures(look::Size::body));
    for (char d = '0'; d <= '9'; ++d)
        EXPECT_DOUBLE_EQ(metrics.horizontalAdvance(QLatin1Char(d)),
                         metrics.horizontalAdvance(QLatin1Char('0')))
            << d;
    EXPECT_EQ(QFontInfo(look::figures(look::Size::body)).family(), QStringLiteral("Refero Figures"))
        << "the shipped face is used";
    EXPECT_EQ(QFontInfo(look::font(look::Size::body)).family(), QStringLiteral("Inter"));
}

TEST(CheckView, SpeaksAndGrowsWithItsText) {
    const CheckView view(someCheck(Verdict::review, "Neutral greys"));
    EXPECT_EQ(view.accessibleName(), QStringLiteral("Neutral greys: Look again"));
    EXPECT_TRUE(view.accessibleDescription().contains(QStringLiteral("Switch one of them off.")));
    EXPECT_GT(view.heightForWidth(160), view.heightForWidth(320)) << "narrower is taller, nothing is cut off";
}

TEST(Findings, PutWhatNeedsYouFirstAndFoldWhatIsGood) {
    Findings findings;
    findings.resize(316, 700);
    findings.setChecks({someCheck(Verdict::pass, "one"), someCheck(Verdict::reshoot, "two"),
                        someCheck(Verdict::review, "three")});
    QStringList order;
    for (CheckView* v : findings.findChildren<CheckView*>())
        order << v->accessibleName().section(QLatin1Char(':'), 0, 0);
    EXPECT_EQ(order, (QStringList{QStringLiteral("two"), QStringLiteral("three"), QStringLiteral("one")}));
    EXPECT_TRUE(findings.needed());
    const auto good = [&] { return findings.findChildren<CheckView*>().back(); };
    EXPECT_TRUE(good()->isHidden()) << "what is good is one line";
    QTest::mouseClick(findings.findChild<look::Button*>(QStringLiteral("goodFold")), Qt::LeftButton);
    EXPECT_FALSE(good()->isHidden());
    findings.setChecks({someCheck(Verdict::pass, "one")});
    EXPECT_FALSE(findings.needed());
    EXPECT_TRUE(findings.any());
    findings.setMessage(QStringLiteral("A moment."));
    EXPECT_TRUE(findings.findChildren<CheckView*>().isEmpty());
    EXPECT_TRUE(findings.needed());
}

TEST(VerdictLine, NamesWhatNeedsSomebodyAndHasTheNextStep) {
    VerdictLine line;
    line.resize(900, 52);
    const auto said = [&] {
        return line.findChild<QWidget*>(QStringLiteral("verdictLine"))->accessibleName();
    };
    line.setChecks({someCheck(Verdict::pass, "one"), someCheck(Verdict::reshoot, "two")}, Verdict::reshoot);
    EXPECT_EQ(line.findChild<QWidget*>(QStringLiteral("verdict"))->accessibleName(),
              QStringLiteral("Shoot again"));
    EXPECT_EQ(said(), QStringLiteral("1 of 2 checks: two"));
    line.setChecks(std::vector<Check>(6, someCheck(Verdict::pass, "one")), Verdict::pass);
    EXPECT_EQ(said(), QStringLiteral("All 6 checks are good."));
    QSignalSpy wanted(&line, &VerdictLine::nextStepWanted);
    auto* step = line.findChild<look::Button*>(QStringLiteral("nextStep"));
    line.setNextStep(QStringLiteral("Go on"), QStringLiteral("Because."));
    EXPECT_TRUE(said().endsWith(QStringLiteral("Because.")));
    QTest::mouseClick(step, Qt::LeftButton);
    EXPECT_EQ(wanted.count(), 1);
    line.setNextStep(QStringLiteral("Go on"), {}, false);
    QTest::mouseClick(step, Qt::LeftButton);
    EXPECT_EQ(wanted.count(), 1) << "a disabled step does nothing";
}

// Verdicts are told by shape: the three marks differ in what they cover, in one colour.
TEST(Verdicts, DifferByShape) {
    std::vector<int> covered;
    for (const Verdict v : {Verdict::pass, Verdict::review, Verdict::reshoot}) {
        QImage image(40, 40, QImage::Format_RGB32);
        image.fill(Qt::black);
        QPainter painter(&image);
        paintVerdict(painter, {20, 20}, 12, v);
        painter.end();
        int count = 0;
        for (int y = 0; y < 40; ++y)
            for (int x = 0; x < 40; ++x) count += qGray(image.pixel(x, y)) > 100;
        covered.push_back(count);
    }
    EXPECT_GT(covered[0], covered[1] + 50) << "a disc covers more than a ring";
    EXPECT_NE(covered[2], covered[0]);
    EXPECT_GT(covered[2], covered[1] + 50);
}

TEST(Plots, PointOutAPatchUnderThePointer) {
    Correction c;
    PatchResult p;
    p.id = "A4";
    p.reference = p.before = p.after = {43, 0, 0, white::d50};
    c.patches.push_back(p);
    AbPlot plot;
    plot.resize(360, 330);
    plot.setCorrection(c);
    plot.show();
    QSignalSpy pointed(&plot, &AbPlot::patchPointed);
    // The neutral sits in the middle of the plotting area, whatever its margins.
    for (int y = 100; y < 220 && pointed.isEmpty(); y += 6)
        for (int x = 120; x < 260 && pointed.isEmpty(); x += 6) QTest::mouseMove(&plot, {x, y});
    ASSERT_FALSE(pointed.isEmpty());
    EXPECT_EQ(pointed.first().first().toString(), QStringLiteral("A4"));
}

TEST(Plots, DrawChannelsOfTheLadderApart) {
    LadderPlot plot;
    plot.resize(240, 210);
    const QImage empty = plot.grab().toImage();
    plot.setLadder({{"B2", 95, {3, 0, -3}}, {"B9", 16, {3, 0, -3}}});
    const QImage drawn = plot.grab().toImage();
    EXPECT_NE(drawn, empty);
    for (int channel = 0; channel < 3; ++channel) {
        int found = 0;
        for (int y = 40; y < 160; ++y)
            for (int x = 50; x < 230; ++x) found += drawn.pixelColor(x, y) == look::channel(channel);
        EXPECT_GT(found, 5) << channel;
    }
}

TEST(TopBar, NamesWhatWouldBeUndone) {
    const test::TemporaryFolder folder;
    auto studio = studio::Studio::create(folder / "a.refero");
    ASSERT_TRUE(studio);
    History history;
    history.follow(studio->get());
    TopBar bar(history);
    auto* undo = bar.findChild<look::Button*>(QStringLiteral("undoButton"));
    EXPECT_FALSE(undo->isEnabled());
    auto edit = (*studio)->edit("Move the top left corner");
    edit.add(studio::Note{});
    ASSERT_TRUE((*studio)->commit(edit));
    history.refresh();
    EXPECT_TRUE(undo->isEnabled());
    EXPECT_TRUE(undo->toolTip().contains(QStringLiteral("Move the top left corner")));
    QTest::mouseClick(undo, Qt::LeftButton);
    EXPECT_EQ(history.index(), 0);
    EXPECT_TRUE((*studio)->contents().all<studio::Note>().empty());
    EXPECT_TRUE(bar.findChild<look::Button*>(QStringLiteral("redoButton"))
                    ->toolTip()
                    .contains(QStringLiteral("Move the top left corner")));
}

TEST(Ledger, SaysWhatIsDueForEveryState) {
    refero::Setup s;
    EXPECT_EQ(s.due(), QStringLiteral("Chart to be shot"));
    s.plan.state = plan::DueState::missing;
    EXPECT_EQ(s.due(), QStringLiteral("Chart shot missing"));
    s.plan.state = plan::DueState::done;
    s.plan.brief = "Shelf";
    EXPECT_EQ(s.due(), QStringLiteral("Served by Shelf"));
    s.busy = true;
    EXPECT_EQ(s.due(), QStringLiteral("Reading the frame"));
    s.busy = false;
    s.error = QStringLiteral("No chart");
    EXPECT_EQ(s.due(), QStringLiteral("Chart not found"));
    s.reading = Reading();
    s.reading->verdict = Verdict::reshoot;
    EXPECT_EQ(s.due(), QStringLiteral("Shoot the chart again"));
    s.reading->verdict = Verdict::review;
    s.plan.state = plan::DueState::stale;
    s.plan.brief = "the light has moved";
    EXPECT_EQ(s.due(), QStringLiteral("Out of date: the light has moved"));
    s.plan.state = plan::DueState::done;
    EXPECT_EQ(s.due(), QStringLiteral("Read, not corrected"));
    s.correction = Correction();
    EXPECT_EQ(s.due(), QStringLiteral("Not handed over"));
    s.handover = io::Handover();
    EXPECT_EQ(s.due(), QStringLiteral("Done"));
}

}  // namespace
}  // namespace refero
