// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A day from the card to the client in the real window, by its keys and buttons; nothing behind them is
// called but to look at what is kept.
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QFile>
#include <QMimeData>

#include "app/frames/contact_sheet.h"
#include "app/handover/receiver_card.h"
#include "app/session/correction_actions.h"
#include "app/session/handover_actions.h"
#include "app/session/intake_actions.h"
#include "app/tables/row_table.h"
#include "io/json.h"
#include "io/report/report.h"
#include "window_fixture.h"

namespace refero {
namespace {

class Day : public WindowTest {
  protected:
    void drop(const QStringList& paths) {
        QMimeData mime;
        QList<QUrl> urls;
        for (const QString& p : paths) urls << QUrl::fromLocalFile(p);
        mime.setUrls(urls);
        QDragEnterEvent enter({200, 200}, Qt::CopyAction, &mime, Qt::LeftButton, {});
        QApplication::sendEvent(window.get(), &enter);
        QDropEvent dropped(QPointF(200, 200), Qt::CopyAction, &mime, Qt::LeftButton, {});
        QApplication::sendEvent(window.get(), &dropped);
    }
    void press(Qt::Key key) { QTest::keyClick(window.get(), key, Qt::ControlModifier); }
    void click(const char* button) { QTest::mouseClick(visible<look::Button>(button), Qt::LeftButton); }
    QString cell(const char* table, int row, int column) {
        return find<RowTable>(table)->model()->index(row, column).data().toString();
    }
    static QString textOf(const std::filesystem::path& path) {
        QFile file(QString::fromStdString(path.string()));
        return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
    }
    test::TemporaryFolder away;
};

TEST_F(Day, FromTheCardToTheClient) {
    // The card: a chart shot and a picture under the same light.
    test::TemporaryFolder card;
    for (const char* name : {"good.tif", "subject.tif"})
        std::filesystem::copy_file(frame(name).toStdString(), card / name);
    press(Qt::Key_2);
    drop({QString::fromStdString(card.path().string())});
    const auto& frames = session().studio()->contents();
    ASSERT_TRUE(
        eventually([&] { return !session().intake().running() && frames.all<studio::Frame>().size() == 2; }));
    // Nobody has planned this: all of them are a setup.
    QTest::keyClick(window->findChild<ContactSheet*>(), Qt::Key_A, Qt::ControlModifier);
    click("beginSetup");
    ASSERT_TRUE(eventually([&] { return session().setups().size() == 1 && session().setups()[0].reading; }));
    const auto id = session().setups()[0].id;
    ASSERT_EQ(session().setup(id)->pictures.size(), 2u) << "the picture stands with its chart";
    EXPECT_EQ(session().setup(id)->reading->verdict, Verdict::pass);

    // Read, and corrected by the one button that proposes the next step.
    session().select(id);
    press(Qt::Key_3);
    click("nextStep");
    ASSERT_TRUE(eventually([&] { return session().setup(id)->correction.has_value(); }));
    EXPECT_LT(session().setup(id)->correction->summary.after.mean, 1.5);

    // To the client: a picture, and what its colours are good for.
    press(Qt::Key_6);
    QTest::mouseClick(find<ReceiverCard>("receiverClient"), Qt::LeftButton);
    answers.folder = QString::fromStdString(away.path().string());
    click("parcelButton");
    ASSERT_TRUE(eventually([&] {
        return !session().handover().giving() &&
               session().handover().frameQueue().state() == FrameQueue::State::idle &&
               cell("handoverHistory", 0, 2) == QStringLiteral("1 of 1 frames");
    }));
    EXPECT_TRUE(std::filesystem::exists(away / "subject.jpg"));
    const auto picture = io::readFrame(away / "subject.jpg");
    ASSERT_TRUE(picture) << picture.error().message;
    EXPECT_EQ(picture->encoding, Transfer(Encoding::srgb)) << "it says itself what it is";
    EXPECT_EQ(session().setup(id)->due(), QStringLiteral("Done"));

    // The next morning all of it is there, and the same correction is still what went out.
    window.reset();
    openWindow();
    session().select(id);
    press(Qt::Key_6);
    EXPECT_EQ(session().setup(id)->due(), QStringLiteral("Done"));
    ASSERT_EQ(session().setup(id)->handedOver.size(), 2u);
    for (const workflow::HandedOver& h : session().setup(id)->handedOver) EXPECT_FALSE(h.stale);
    // Steps back take the work back; what left the house stays in the record, as stale.
    press(Qt::Key_Z);
    EXPECT_FALSE(session().setup(id)->correction);
    EXPECT_EQ(session().studio()->contents().all<studio::HandoverRecord>().size(), 2u);
    QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    ASSERT_TRUE(session().setup(id)->correction);
    EXPECT_EQ(session().setup(id)->due(), QStringLiteral("Done"));
}

// Hundreds of frames, or one: a job that was left is gone on with from its row, also after a new start.
TEST_F(Day, FramesThatWereLeftAreGoneOnWithTheNextDay) {
    ASSERT_TRUE(openAndCorrect());
    const auto id = session().currentId();
    test::TemporaryFolder card;
    for (int i = 0; i < 12; ++i) {
        const std::string copy = card / ("picture" + std::to_string(i) + ".tif");
        std::filesystem::copy_file(frame("subject.tif").toStdString(), copy);
        session().correction().addPicture(id, QString::fromStdString(copy));
    }
    ASSERT_TRUE(eventually([&] { return session().setup(id)->pictures.size() == 13; }));
    answers.folder = QString::fromStdString(away.path().string());
    press(Qt::Key_6);
    QTest::mouseClick(find<ReceiverCard>("receiverArchive"), Qt::LeftButton);
    click("parcelButton");
    ASSERT_TRUE(eventually([&] { return session().handover().frameQueue().done() >= 2; }));
    click("queueCancel");
    ASSERT_TRUE(
        eventually([&] { return session().handover().frameQueue().state() == FrameQueue::State::idle; }));
    const auto pictures = [&] {
        int n = 0;
        for (const auto& e : std::filesystem::directory_iterator(away.path()))
            n += e.path().extension() == ".tif";
        return n;
    };
    const int before = pictures();
    EXPECT_GE(before, 2);
    EXPECT_LT(before, 12) << "it was left in the middle";
    window.reset();
    openWindow();
    session().select(id);
    press(Qt::Key_6);
    auto* past = find<RowTable>("handoverHistory");
    ASSERT_TRUE(cell("handoverHistory", 0, 2).contains(QStringLiteral("of 12 frames")));
    past->setCurrentIndex(past->model()->index(0, 0));
    click("historyGoOn");
    ASSERT_TRUE(eventually([&] {
        return cell("handoverHistory", 0, 2) == QStringLiteral("12 of 12 frames");
    })) << cell("handoverHistory", 0, 2).toStdString();
    EXPECT_EQ(pictures(), 12) << "each once";
    // The report of the day before is written once more, with every one of them and its checksum.
    std::filesystem::path report;
    for (const auto& e : std::filesystem::directory_iterator(away.path()))
        if (e.path().extension() == ".html") report = e.path();
    ASSERT_FALSE(report.empty());
    QStringList expected;
    for (const auto& e : std::filesystem::directory_iterator(away.path()))
        if (e.path().extension() == ".tif" || e.path().extension() == ".csv")
            expected << QString::fromStdString(e.path().filename().string())
                     << QString::fromStdString(io::reportedFile(e.path())->sha256);
    ASSERT_EQ(expected.size(), 26);
    QString told;
    const auto missing = [&] {
        told = textOf(report);
        return std::count_if(expected.begin(), expected.end(),
                             [&](const QString& e) { return !told.contains(e); });
    };
    EXPECT_TRUE(eventually([&] { return missing() == 0; })) << missing() << " names or checksums missing";
    EXPECT_TRUE(told.contains(QStringLiteral("data:image/jpeg"))) << "its picture is in it again";
}

}  // namespace
}  // namespace refero
