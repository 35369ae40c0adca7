// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/findings/check_view.h"
#include "app/meters/evenness_map.h"
#include "app/meters/grey_list.h"
#include "app/meters/meter_panel.h"
#include "app/meters/scope_view.h"
#include "app/session/reading_actions.h"
#include "core/colour/encoding.h"
#include "core/read/swatch.h"
#include "window_fixture.h"

namespace refero {
namespace {

class Meters : public WindowTest {
  protected:
    bool openGood() {
        if (!open("good.tif")) return false;
        return eventually([&] { return view().hasPicture(); });
    }
    FrameView& view() { return *find<FrameView>("frameView"); }
    MeterPanel& panel() { return *find<MeterPanel>("meterPanel"); }
    void draw(const QRectF& frame) {
        const QPoint from = view().toView(frame.topLeft()).toPoint(),
                     to = view().toView(frame.bottomRight()).toPoint();
        QTest::mousePress(&view(), Qt::LeftButton, Qt::ShiftModifier, from);
        // A synthetic move: the offscreen platform does not carry buttons through moves of the pointer.
        QMouseEvent move(QEvent::MouseMove, QPointF(to), view().mapToGlobal(QPointF(to)), Qt::NoButton,
                         Qt::LeftButton, Qt::ShiftModifier);
        QApplication::sendEvent(&view(), &move);
        QTest::mouseRelease(&view(), Qt::LeftButton, Qt::ShiftModifier, to);
    }
    const Reading& reading() { return *session().current()->reading; }
};

TEST_F(Meters, ScopesShowTheGreysInTheMiddleAndEachAtItsHeight) {
    ASSERT_TRUE(openGood());
    panel().showMeter(MeterPanel::Meter::vectorscope);
    panel().showSource(MeterPanel::Source::neutrals);
    const Scopes& s = panel().scope().scopes();
    std::uint32_t near = 0, all = 0;
    for (int y = 0; y < Scopes::kSide; ++y)
        for (int x = 0; x < Scopes::kSide; ++x) {
            const auto n = s.vectorscope[static_cast<std::size_t>(y * Scopes::kSide + x)];
            all += n;
            if (std::abs(x - 128) <= 3 && std::abs(y - 127) <= 3) near += n;
        }
    EXPECT_EQ(all, reading().chart.neutrals().size());
    EXPECT_EQ(near, all) << "balanced greys have no colour";
    panel().showMeter(MeterPanel::Meter::waveform);
    EXPECT_EQ(panel().scope().kind(), ScopeView::Kind::waveform);
    const std::size_t lightest = reading().chart.neutrals().front();
    const double level =
        encode(Encoding::srgb, reading().patches[lightest].rgb.y() * viewingGains(reading()).y());
    EXPECT_GT(panel().scope().scopes().lumaWaveform[Scopes::waveformAt(
                  0, static_cast<int>(std::lround(255 * level)))],
              0u);
}

TEST_F(Meters, ARegionFeedsTheScope) {
    ASSERT_TRUE(openGood());
    panel().showMeter(MeterPanel::Meter::histogram);
    const auto total = [&] {
        std::uint64_t n = 0;
        for (const auto v : panel().scope().scopes().luma) n += v;
        return n;
    };
    EXPECT_TRUE(eventually([&] { return total() > 10000u; }));
    const auto whole = total();
    draw({40, 40, 120, 80});
    EXPECT_EQ(find<QComboBox>("meterSource")->currentText(), QStringLiteral("Region"));
    EXPECT_TRUE(eventually([&] { return total() < whole / 4; })) << total();
    EXPECT_GT(total(), 0u);
    QTest::mouseClick(&view(), Qt::LeftButton, Qt::ShiftModifier, QPoint(5, 5));
    EXPECT_TRUE(view().region().isEmpty()) << "a click takes the region away";
    EXPECT_TRUE(eventually([&] { return total() == whole; })) << total();
}

TEST_F(Meters, AskWhetherAGreyIsGrey) {
    ASSERT_TRUE(openGood());
    panel().showMeter(MeterPanel::Meter::greys);
    GreyList& greys = panel().greys();
    const auto around = [&](const char* id) {
        const Point c = reading().patch(id)->centre;
        return QRectF(c.x() - 11, c.y() - 11, 22, 22);
    };
    draw(around("A1"));
    ASSERT_TRUE(eventually([&] { return greys.count() == 1; }));
    EXPECT_TRUE(greys.words(0).startsWith(QStringLiteral("Grey within"))) << greys.words(0).toStdString();
    draw(around("A2"));
    ASSERT_TRUE(eventually([&] { return greys.count() == 2; }));
    EXPECT_TRUE(greys.words(1).startsWith(QStringLiteral("Not grey: colder")))
        << greys.words(1).toStdString();
    ASSERT_EQ(view().places().size(), 2u) << "both stand on the frame, with their numbers";
    EXPECT_TRUE(view().places()[1].contains(around("A2").center()));
    panel().showMeter(MeterPanel::Meter::ladder);
    EXPECT_TRUE(view().places().empty());
}

TEST_F(Meters, SayHowEvenTheLightIs) {
    ASSERT_TRUE(openGood());
    panel().showMeter(MeterPanel::Meter::evenness);
    const QString text = find<EvennessMap>("evennessMap")->accessibleDescription();
    EXPECT_TRUE(text.contains(QStringLiteral("stops"))) << text.toStdString();
    EXPECT_NEAR(text.section(QLatin1Char(' '), 0, 0).toDouble(), reading().light->rangeStops, 0.006);
}

TEST_F(Meters, ReadASpotAndKeepPins) {
    ASSERT_TRUE(openGood());
    const Point at = reading().patch("B2")->centre;
    const QString text = view().spotText(at);
    EXPECT_TRUE(text.contains(QStringLiteral("stops from mid-grey"))) << text.toStdString();
    EXPECT_TRUE(text.contains(QStringLiteral("linear %1").arg(reading().patch("B2")->rgb.x(), 0, 'f', 2)))
        << text.toStdString();
    EXPECT_EQ(view().spotText({-5, 3}), QString());
    QTest::mouseDClick(&view(), Qt::LeftButton, {}, view().toView({at.x(), at.y()}).toPoint());
    ASSERT_EQ(view().pins().size(), 1u);
    EXPECT_NEAR(view().pins()[0].x(), at.x(), 2);
    for (int i = 0; i < 12; ++i) view().pin(at);
    EXPECT_EQ(view().pins().size(), 8u);
    view().setFocus();
    QTest::keyClick(&view(), Qt::Key_Delete);
    EXPECT_TRUE(view().pins().empty());
}

TEST_F(Meters, EvidenceOfABadShotIsOnTheFrame) {
    ASSERT_TRUE(open("hot.tif"));
    EXPECT_FALSE(view().evidence().patches.empty()) << "the clipped patches";
    // Pointing at one finding shows its own alone.
    for (CheckView* c : window->findChildren<CheckView*>()) {
        if (c->check().id != "exposure") continue;
        c->setFocus();
        EXPECT_EQ(view().evidence().patches, c->check().evidence.patches);
        EXPECT_EQ(view().evidence().patches.size(), 1u);
    }
    ASSERT_TRUE(openGood());
    EXPECT_TRUE(view().evidence().empty());
}

TEST_F(Meters, ALimitIsChangedForTheShootAndUndone) {
    ASSERT_TRUE(open("hot.tif"));
    const auto verdict = [&](const char* id) {
        for (const Check& c : reading().checks)
            if (c.id == id) return c.verdict;
        return Verdict::pass;
    };
    ASSERT_NE(verdict("exposure"), Verdict::pass);
    Check exposure;
    for (const Check& c : reading().checks)
        if (c.id == "exposure") exposure = c;
    session().reading().allow(exposure, exposure.value);
    EXPECT_EQ(verdict("exposure"), Verdict::pass);
    EXPECT_FALSE(session().day().shoot.limitChanges.empty()) << "and it is on record";
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Allow this value of Exposure"));
    session().undo().undo();
    EXPECT_NE(verdict("exposure"), Verdict::pass);
    session().undo().redo();
    session().reading().allow(exposure, {});
    EXPECT_NE(verdict("exposure"), Verdict::pass);
    EXPECT_TRUE(session().day().shoot.limitChanges.empty());
}

}  // namespace
}  // namespace refero
