// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/commands/command_finder.h"

#include <QAction>
#include <QLineEdit>
#include <QListView>

#include "app/commands/name_match.h"
#include "window_fixture.h"

namespace refero {
namespace {

TEST(NameMatch, EveryWordMustAnswerAndBeginningsGoFirst) {
    const auto m = [](const char* typed, const char* name) {
        return nameMatch(QLatin1String(typed), QLatin1String(name));
    };
    EXPECT_TRUE(m("", "Anything"));
    EXPECT_TRUE(m("cop sav", "Save a copy"));
    EXPECT_FALSE(m("save json", "Save a copy"));
    EXPECT_GT(m("op", "Open a studio"), m("op", "Save a copy"));
    EXPECT_GT(m("st", "Begin a new studio"), m("st", "Last"));
    EXPECT_GT(m("open", "Open frames"), m("open", "Please open"));
}

class FindAndDo : public WindowTest {
  protected:
    QStringList found(const char* typed) {
        auto* action = window->findChild<QAction*>(QStringLiteral("findAction"));
        EXPECT_EQ(action->shortcut(), QKeySequence(QStringLiteral("Ctrl+K")));
        action->trigger();
        auto* field = visible<QLineEdit>("commandField");
        if (!field) return {};
        field->setText(QLatin1String(typed));
        auto* model = visible<QListView>("commandList")->model();
        QStringList out;
        for (int i = 0; i < model->rowCount(); ++i) out << model->index(i, 0).data().toString();
        return out;
    }
    void press(Qt::Key key) { QTest::keyClick(visible<QLineEdit>("commandField"), key); }
};

TEST_F(FindAndDo, DoesTheWholeThreadByName) {
    ASSERT_TRUE(open("good.tif"));
    ASSERT_EQ(found("build corr").value(0), QStringLiteral("Build the correction"));
    press(Qt::Key_Return);
    ASSERT_TRUE(eventually([&] { return session().current()->correction.has_value(); }));
    EXPECT_EQ(found("undo").value(0), QStringLiteral("Undo: Build correction for good"));
    press(Qt::Key_Return);
    EXPECT_FALSE(session().current()->correction);
    EXPECT_EQ(found("redo").value(0), QStringLiteral("Redo: Build correction for good"));
    press(Qt::Key_Escape);
    EXPECT_FALSE(window->findChild<CommandFinder*>()->isVisible());
}

TEST_F(FindAndDo, GoesToSetupsAndMakesChoices) {
    ASSERT_TRUE(open("good.tif"));
    ASSERT_TRUE(open("hot.tif"));
    EXPECT_EQ(found("go good").value(0), QStringLiteral("Go to good"));
    press(Qt::Key_Return);
    EXPECT_EQ(session().current()->light, "good");
    EXPECT_EQ(found("encoding gamma").value(0), QStringLiteral("Encoding: gamma22"));
    press(Qt::Key_Return);
    EXPECT_TRUE(eventually([&] {
        return !session().current()->busy && session().current()->reading->encoding == Encoding::gamma22;
    }));
    EXPECT_TRUE(found("no such thing at all").isEmpty());
    press(Qt::Key_Return);
    EXPECT_TRUE(window->findChild<CommandFinder*>()->isVisible()) << "nothing to do is not done";
    press(Qt::Key_Escape);
}

TEST_F(FindAndDo, ArrowsChooseAmongWhatWasFound) {
    const QStringList all = found("studio");
    ASSERT_GE(all.size(), 3);
    auto* list = visible<QListView>("commandList");
    press(Qt::Key_Up);
    EXPECT_EQ(list->currentIndex().row(), 0);
    press(Qt::Key_Down);
    press(Qt::Key_Down);
    EXPECT_EQ(list->currentIndex().data().toString(), all[2]);
    press(Qt::Key_Escape);
}

}  // namespace
}  // namespace refero
