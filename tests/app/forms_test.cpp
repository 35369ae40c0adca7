// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QTest>

#include "app/forms/record_form.h"
#include "app/kit/kit_fields.h"
#include "core/plan/kit.h"
#include "io/chart_file.h"

namespace refero {
namespace {

TEST(NumbersInForms, AreTakenWithCommaOrPointAndSaidShort) {
    EXPECT_EQ(numberText(50), QStringLiteral("50"));
    EXPECT_EQ(numberText(2.4), QStringLiteral("2.4"));
    EXPECT_EQ(numberFrom(QStringLiteral("Width"), QStringLiteral("2,5")).value(), 2.5);
    for (const char* wrong : {"", "wide", "1.2.3", "nan", "inf", "1e999"}) {
        const auto n = numberFrom(QStringLiteral("Width"), QLatin1String(wrong));
        ASSERT_FALSE(n) << wrong;
        EXPECT_TRUE(QString::fromStdString(n.error().message).startsWith(QStringLiteral("Width"))) << wrong;
    }
    EXPECT_EQ(numberOf<int>(1e300), 1'000'000'000) << "a whole number stays one";
    EXPECT_EQ(numberOf<int>(2.5), 3);
}

TEST(NumbersInForms, NamesBecomeWords) {
    EXPECT_EQ(inWords("flat-video"), QStringLiteral("Flat video"));
    EXPECT_EQ(inWords("led"), QStringLiteral("LED"));
    // None of a kit is left without words.
    for (const plan::LightKind kind : plan::kLightKinds)
        EXPECT_NE(inWords(name(kind)), QString::fromStdString(std::string(name(kind))));
}

TEST(ChoicesInForms, AreCutWithAnEllipsisWhereTheyDoNotFit) {
    const QString all = QStringLiteral("Flächenleuchte mit warmweißen und tageslichtweißen Reihen");
    const auto shown = [](const QString& text) {
        QComboBox box;
        box.addItem(text);
        box.resize(180, box.sizeHint().height());
        return box.grab().toImage();
    };
    int fits = 0;
    for (int letters = 1; letters < all.size(); ++letters)
        if (shown(all) == shown(all.left(letters) + QStringLiteral("…"))) fits = letters;
    EXPECT_GT(fits, 10) << "as much of it as there is room for";
    EXPECT_NE(shown(all.left(3)), shown(all.left(3) + QStringLiteral("…"))) << "what fits is whole";
}

TEST(ChoicesInForms, AsWideAsTheyAskAreWhole) {
    // Their widths are no whole numbers of pixels, and are told rounded up or down.
    for (const QString& all : {QStringLiteral("usual changes"), QStringLiteral("Is this grey grey?"),
                               QStringLiteral("Neutral ladder"), QStringLiteral("What moved?")}) {
        QComboBox box;
        box.addItem(all);
        const QSize size = box.sizeHint();
        const auto shown = [&](const QString& text) {
            box.setItemText(0, text);
            box.resize(size);
            return box.grab().toImage();
        };
        const QImage whole = shown(all);
        for (int letters = 1; letters < all.size(); ++letters)
            EXPECT_NE(whole, shown(all.left(letters) + QStringLiteral("…"))) << all.toStdString() << letters;
    }
}

class LensForm : public testing::Test {
  protected:
    QLineEdit* field(const char* name) { return form.findChild<QLineEdit*>(QLatin1String(name)); }
    void type(const char* name, const char* text) {
        field(name)->selectAll();
        QTest::keyClicks(field(name), QLatin1String(text));
        QTest::keyClick(field(name), Qt::Key_Return);
    }
    QString message(const char* name) {
        return form.findChild<QLabel*>(QLatin1String(name) + QStringLiteral("Message"))->text();
    }

    std::vector<QString> said;
    plan::Lens wanted;
    RecordForm<plan::Lens> form{lensFields(),
                                [this](const plan::Lens& changed, const QString& what) -> Status {
                                    if (auto ok = plan::validate(changed); !ok) return ok;
                                    wanted = changed;
                                    said.push_back(what);
                                    return {};
                                }};
};

TEST_F(LensForm, OffersAChangedCopyAndSaysWhatWasEntered) {
    form.setRecord({1, "60 mm", "", 60, 60});
    type("lensShortest", "35");
    EXPECT_EQ(wanted.shortestMm, 35);
    EXPECT_EQ(wanted.longestMm, 35) << "of a fixed lens one entry is enough";
    ASSERT_EQ(said.size(), 1u);
    EXPECT_EQ(said[0], QStringLiteral("Focal length: 35 mm"));
    form.setRecord(wanted);
    type("lensShortest", "35");
    EXPECT_EQ(said.size(), 1u) << "the same again is no change";
    type("lensLongest", "70");
    EXPECT_TRUE(wanted.zooms());
}

TEST_F(LensForm, ARefusalStandsUnderTheFieldUntilItIsMended) {
    form.setRecord({1, "60 mm", "", 60, 60});
    type("lensShortest", "0");
    EXPECT_TRUE(message("lensShortest").contains(QStringLiteral("1 to 3000")))
        << qPrintable(message("lensShortest"));
    EXPECT_EQ(field("lensShortest")->text(), QStringLiteral("0")) << "what was typed stays to be corrected";
    EXPECT_TRUE(said.empty());
    type("lensShortest", "50");
    EXPECT_TRUE(message("lensShortest").isEmpty());
    type("lensShortest", "x");
    form.setRecord({2, "35 mm", "", 35, 35});
    EXPECT_TRUE(message("lensShortest").isEmpty()) << "another record has no fault yet";
}

TEST_F(LensForm, EscapeBringsBackWhatWasThere) {
    form.setRecord({1, "60 mm", "", 60, 60});
    field("lensModel")->selectAll();
    QTest::keyClicks(field("lensModel"), QStringLiteral("other"));
    QTest::keyClick(field("lensModel"), Qt::Key_Escape);
    EXPECT_EQ(field("lensModel")->text(), QStringLiteral("60 mm"));
    EXPECT_TRUE(said.empty());
}

TEST(CopyForm, TheWidthOfAChartCopyIsItsScale) {
    plan::ChartCopy copy{1, "Pocket"};
    for (const auto& b : chartCopyFields([] { return io::shippedCharts(); })) {
        if (b.row.key != QLatin1String("copyWidth")) continue;
        EXPECT_EQ(b.text(copy), QStringLiteral("280")) << "Fen 24 is 280 mm wide";
        ASSERT_TRUE(b.take(copy, QStringLiteral("70")));
        EXPECT_NEAR(copy.scale, 0.25, 1e-12);
        copy.chart = "nobody's";
        EXPECT_FALSE(b.applies(copy));
    }
}

}  // namespace
}  // namespace refero
