// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The window is closed in the middle of each kind of background work: the work ends before what it stands on
// goes, and leaves nothing half done behind.
#include <algorithm>
#include <atomic>
#include <mutex>
#include <thread>
#include <vector>

#include "app/handover/receiver_card.h"
#include "app/jobs/job.h"
#include "app/session/correction_actions.h"
#include "app/session/handover_actions.h"
#include "app/session/intake_actions.h"
#include "window_fixture.h"

namespace refero {
namespace {

class Closing : public WindowTest {
  protected:
    // As it is closed by a person while something is at work.
    void closeAtWork() {
        ASSERT_TRUE(eventually([] { return jobs::atWork() > 0; }))
            << "there is nothing in whose middle to close";
        window.reset();
        EXPECT_EQ(jobs::atWork(), 0u);
    }
    void closeWhileWriting() {
        closeAtWork();
        EXPECT_EQ(sideFiles(folder.path()), 0) << "nothing half written is left";
    }
    // What is being written stands beside its target under a name that begins with a dot.
    static std::ptrdiff_t sideFiles(const std::filesystem::path& where) {
        return std::count_if(std::filesystem::recursive_directory_iterator(where), {},
                             [](const auto& e) { return e.path().filename().string().front() == '.'; });
    }
    bool ready(const char* receiver) {
        if (!openAndCorrect()) return false;
        window->showStation(MainWindow::StationId::handover);
        answers.folder = QString::fromStdString(folder.path().string());
        QTest::mouseClick(find<ReceiverCard>(receiver), Qt::LeftButton);
        return true;
    }
    void handOver() { QTest::mouseClick(visible<look::Button>("parcelButton"), Qt::LeftButton); }
    test::TemporaryFolder folder;
};

TEST_F(Closing, WhileAFrameIsRead) {
    window->openFrames({frame("good.tif")});
    ASSERT_TRUE(session().current() && session().current()->busy);
    closeAtWork();
    // What was opened is kept, and read when the studio is opened again.
    openWindow();
    ASSERT_EQ(session().setups().size(), 1u);
    EXPECT_TRUE(eventually([&] { return session().current()->reading.has_value(); }));
}

TEST_F(Closing, WhileACorrectionIsBuilt) {
    ASSERT_TRUE(open("good.tif"));
    session().correction().build(session().currentId(), {});
    closeAtWork();
}

TEST_F(Closing, WhileAPictureIsDrawn) {
    ASSERT_TRUE(openAndCorrect());
    window->showStation(MainWindow::StationId::correction);
    ASSERT_TRUE(eventually([] { return jobs::atWork() > 0; }));
    closeAtWork();
}

TEST_F(Closing, WhileFramesComeIn) {
    window->showStation(MainWindow::StationId::frames);
    window->openFrames({frame("good.tif"), frame("hot.tif"), frame("subject.tif")});
    ASSERT_TRUE(session().intake().running());
    closeAtWork();
}

TEST_F(Closing, WhileFilesAreWritten) {
    ASSERT_TRUE(ready("receiverRaw"));
    handOver();
    ASSERT_TRUE(eventually([&] { return session().handover().giving(); }));
    closeWhileWriting();
}

TEST_F(Closing, WhileAReportIsPrinted) {
    ASSERT_TRUE(ready("receiverClient"));
    handOver();
    // The report is the client's first paper; it is being laid out when the file is not there yet.
    ASSERT_TRUE(eventually([&] { return session().handover().giving(); }));
    closeWhileWriting();
}

TEST_F(Closing, WhileAQueueOfFramesIsAtWork) {
    ASSERT_TRUE(ready("receiverClient"));
    for (int i = 0; i < 3; ++i) {
        const auto copy = folder / ("subject " + std::to_string(i) + ".tif");
        std::filesystem::copy_file(frame("subject.tif").toStdString(), copy);
        session().correction().addPicture(session().currentId(), QString::fromStdString(copy));
    }
    handOver();
    ASSERT_TRUE(
        eventually([&] { return session().handover().frameQueue().state() == FrameQueue::State::running; }));
    window.reset();
    EXPECT_EQ(jobs::atWork(), 0u);
    // The job's document stands, and can be gone on with.
    EXPECT_TRUE(std::filesystem::exists(folder / "Frames for client.refero-job.json"));
}

TEST_F(Closing, WhileTheDemoIsShot) {
    test::TemporaryFolder cache;
    qputenv("REFERO_DEMO_FOLDER", QByteArray::fromStdString(cache.path().string()));
    window->startDemo();
    ASSERT_TRUE(eventually([] { return jobs::atWork() > 0; }));
    closeAtWork();
    qunsetenv("REFERO_DEMO_FOLDER");
    EXPECT_EQ(sideFiles(cache.path()), 0) << "nothing half written is left";
}

TEST_F(Closing, WhatIsQueuedForAnOwnerThatIsGoneIsNotBegun) {
    std::atomic<int> begun{0};
    std::atomic<bool> go{false};
    {
        QObject owner;
        for (int i = 0; i < 40; ++i)
            runJob(
                &owner,
                [&] {
                    ++begun;
                    while (!go) std::this_thread::yield();
                    return 0;
                },
                [](int) { FAIL() << "nothing is given once the owner is gone"; });
        ASSERT_TRUE(eventually([&] { return begun > 0; }));
    }
    const int before = begun;
    go = true;
    jobs::stopAll();
    EXPECT_LE(begun, before + 1);
    QTest::qWait(20);
}

TEST_F(Closing, WhatIsWaitedForGoesFirst) {
    QObject owner;
    std::vector<int> order;
    std::mutex mutex;
    std::atomic<bool> go{false};
    std::atomic<int> ended{0};
    const int workers = QThread::idealThreadCount() + 1;
    const auto note = [&](int what) {
        return [&, what] {
            if (what < 0)
                while (!go) std::this_thread::yield();
            const std::scoped_lock lock(mutex);
            order.push_back(what);
            return 0;
        };
    };
    const auto count = [&](int) { ++ended; };
    for (int i = 0; i < workers; ++i) runJob(&owner, note(-1), count);
    runJob(&owner, note(2), count, Urgency::later);
    runJob(&owner, note(1), count, Urgency::now);
    go = true;
    ASSERT_TRUE(eventually([&] { return ended == workers + 2; }));
    const auto at = [&](int what) { return std::find(order.begin(), order.end(), what) - order.begin(); };
    EXPECT_LT(at(1), at(2));
}

}  // namespace
}  // namespace refero
