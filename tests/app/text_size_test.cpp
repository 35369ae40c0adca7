// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Text that is larger than usual: how large a desktop wants it, and that nothing is cut where it is.
#include "app/scale/text_size.h"

#include <QAbstractButton>
#include <QAction>
#include <QComboBox>
#include <QLabel>
#include <QStyle>
#include <QStyleOptionComboBox>
#include <QTextDocument>
#include <QTimer>
#include <cmath>

#include "app/language/language.h"
#include "app/look/label.h"
#include "window_fixture.h"

namespace refero {
namespace {

class TextSize : public WindowTest {
  protected:
    void TearDown() override {
        WindowTest::TearDown();
        textsize::choose(0);
        language::speak(QStringLiteral("en"));
    }
};

// What desktops come with is common practice: a font of 11 points, or of 10; a scale beside it.
TEST_F(TextSize, FollowsTheDesktopsFontAndScale) {
    EXPECT_EQ(textsize::factorOf(QStringLiteral("GNOME"), 11, 1), 1);
    EXPECT_EQ(textsize::factorOf(QStringLiteral("ubuntu:GNOME"), 11, 1.5), 1.5);
    EXPECT_EQ(textsize::factorOf(QStringLiteral("KDE"), 15, 1), 1.5);
    EXPECT_EQ(textsize::factorOf(QStringLiteral("XFCE"), 12.5, 1), 1.25);
    EXPECT_EQ(textsize::factorOf(QStringLiteral("KDE"), 8, 1), 1) << "never smaller than it is made for";
    EXPECT_EQ(textsize::factorOf(QStringLiteral("KDE"), 90, 1), 2.5);
    EXPECT_EQ(textsize::factorOf({}, 15, 1), 1) << "nothing is known of its usual size";
    EXPECT_EQ(textsize::factorOf(QStringLiteral("KDE"), -1, 0), 1);
    EXPECT_EQ(textsize::factorOf(QStringLiteral("GNOME"), 11, std::nan("")), 1);
}

TEST_F(TextSize, APersonChoosesAndTheProgramBeginsAnew) {
    EXPECT_TRUE(find<QAction>("textSize-0")->isChecked());
    auto* larger = find<QAction>("textSize-150");
    QTimer::singleShot(0, larger, &QAction::trigger);
    EXPECT_EQ(QApplication::exec(), MainWindow::kAnew);
    EXPECT_EQ(textsize::chosen(), 150);
    textsize::choose(137);
    EXPECT_EQ(textsize::chosen(), 0) << "no size that is offered";
}

// By so many pixels too little room for a text; 0 where it is whole.
int cutOf(const QLabel& label) {
    if (label.text().isEmpty() || !label.pixmap().isNull()) return 0;
    // One that ends in an ellipsis says the rest where the pointer rests.
    const auto* own = qobject_cast<const look::Label*>(&label);
    if (own && own->isSingleLine() && !own->toolTip().isEmpty()) return 0;
    const QRect in = label.contentsRect();
    if (label.wordWrap()) return std::max(0, label.heightForWidth(label.width()) - label.height());
    QString text = label.text();
    if (Qt::mightBeRichText(text)) {
        QTextDocument plain;
        plain.setHtml(text);
        text = plain.toPlainText();
    }
    int wide = 0;
    const auto lines = text.split(QLatin1Char('\n'));
    for (const QString& line : lines) wide = std::max(wide, label.fontMetrics().horizontalAdvance(line));
    const int high = static_cast<int>(lines.size()) * label.fontMetrics().height();
    return std::max({0, wide - in.width() - 1, high - in.height() - 2});
}

int cutOf(const QAbstractButton& button) {
    const QString text = button.text();
    // Its name, where it has a picture.
    if (text.isEmpty() || button.sizeHint().width() <= 32) return 0;
    return std::max(
        0, button.fontMetrics().horizontalAdvance(QString(text).remove(QLatin1Char('&'))) - button.width());
}

int cutOf(const QComboBox& box) {
    QStyleOptionComboBox option;
    option.initFrom(&box);
    option.subControls = QStyle::SC_All;
    const QRect field =
        box.style()->subControlRect(QStyle::CC_ComboBox, &option, QStyle::SC_ComboBoxEditField, &box);
    return std::max(0, box.fontMetrics().height() - field.height());
}

// A screen of 1920 x 1080 at 150 % leaves 1280 x 720 of the usual pixels.
TEST_F(TextSize, NothingIsCutOnAScreenOfFullHdAtOneAndAHalf) {
    for (const QString& code : language::shipped()) {
        window.reset();
        language::speak(code);
        std::filesystem::remove(own_ / "studio.refero");
        SetUp();
        ASSERT_TRUE(openAndCorrect());
        window->resize(1280, 720);
        int seen = 0;
        for (const char* page : kPageActions) {
            find<QAction>(page)->trigger();
            QTest::qWait(150);
            EXPECT_LE(window->minimumSizeHint().width(), 1280) << code.toStdString() << " " << page;
            EXPECT_LE(window->minimumSizeHint().height(), 720) << code.toStdString() << " " << page;
            for (const QWidget* w : window->findChildren<QWidget*>()) {
                if (!w->isVisible() || w->visibleRegion().isEmpty()) continue;
                int cut = 0;
                QString text;
                if (const auto* label = qobject_cast<const QLabel*>(w))
                    cut = cutOf(*label), text = label->text();
                if (const auto* b = qobject_cast<const QAbstractButton*>(w))
                    cut = cutOf(*b), text = b->text();
                if (const auto* box = qobject_cast<const QComboBox*>(w))
                    cut = cutOf(*box), text = box->currentText();
                seen += !text.isEmpty();
                EXPECT_EQ(cut, 0) << code.toStdString() << " " << page << " " << w->metaObject()->className()
                                  << " " << w->objectName().toStdString() << ": " << text.toStdString();
            }
        }
        EXPECT_GT(seen, 120) << code.toStdString();
    }
}

}  // namespace
}  // namespace refero
