// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Remakes docs/screenshots/ from the demo: drives the real window, without a monitor where there is none.
#include <QApplication>
#include <QComboBox>
#include <QElapsedTimer>
#include <QTableView>
#include <QTemporaryDir>
#include <QTest>
#include <cstdio>
#include <functional>

#include "app/look/tokens.h"
#include "app/main_window.h"
#include "app/views/compare_view.h"
#include "app/views/frame_view.h"

namespace {

using namespace refero;

bool waitFor(const std::function<bool()>& condition, int seconds) {
    QElapsedTimer timer;
    timer.start();
    while (!condition()) {
        if (timer.elapsed() > seconds * 1000) return false;
        QTest::qWait(20);
    }
    QTest::qWait(60);
    return true;
}

class Shooter {
  public:
    Shooter(MainWindow& window, QString folder) : window_(window), folder_(std::move(folder)) {}

    bool demoReady() {
        return waitFor(
            [&] {
                const auto& all = window_.session().setups();
                return all.size() == 3 && std::all_of(all.begin(), all.end(), [](const Setup& s) {
                           return !s.busy && s.reading && s.pictures.size() == 2;
                       });
            },
            300);
    }
    bool corrected(std::size_t index) {
        const int id = window_.session().setups()[index].id;
        window_.session().select(id);
        window_.session().correct(id, {});
        return waitFor([&] { return window_.session().setup(id)->correction.has_value(); }, 30);
    }
    bool pictureReady() {
        if (window_.station() == MainWindow::StationId::reading)
            return waitFor([&] { return window_.findChild<FrameView*>()->hasPicture(); }, 30);
        return waitFor([&] { return window_.findChild<CompareView*>()->hasPicture(); }, 30);
    }
    void take(const char* name) {
        QTest::qWait(150);
        const QString path = folder_ + QLatin1Char('/') + QLatin1String(name) + QStringLiteral(".png");
        if (!window_.grab().save(path)) std::fprintf(stderr, "%s was not written\n", qPrintable(path));
    }

  private:
    MainWindow& window_;
    QString folder_;
};

int shoot(MainWindow& window, const QString& folder) {
    Shooter s(window, folder);
    s.take("start");
    window.startDemo();
    QTest::qWait(400);
    if (!s.demoReady()) return 1;
    auto& session = window.session();
    session.select(session.setups()[0].id);
    if (!s.pictureReady()) return 1;
    s.take("reading");

    auto* view = window.findChild<FrameView*>();
    view->setFocus();
    QTest::keyClick(view, Qt::Key_2);
    session.select(session.setups()[1].id);
    if (!s.pictureReady()) return 1;
    QTest::keyClick(view, Qt::Key_1);
    s.take("reading-corner");

    if (!s.corrected(0) || !s.corrected(2)) return 1;
    session.select(session.setups()[0].id);
    window.showStation(MainWindow::StationId::correction);
    if (!s.pictureReady()) return 1;
    QTest::qWait(1200);
    s.take("correction");

    io::ExportOptions options;
    const QTemporaryDir away;
    session.handOver(session.setups()[2].id, away.filePath(QStringLiteral("Bittern Incandescent.cube")),
                     options);
    session.select(session.setups()[2].id);
    if (!waitFor([&] { return session.setups()[2].handover.has_value(); }, 60)) return 1;
    QTest::qWait(1200);
    refero::look::setSurround(refero::look::Surround::booth);
    s.take("handover-booth");
    return 0;
}

}  // namespace

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("DISPLAY") && qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication app(argc, argv);
    if (argc != 2) {
        std::fprintf(stderr, "usage: refero-screenshots FOLDER\n");
        return 2;
    }
    refero::look::dress();
    refero::Dialogs dialogs;
    refero::MainWindow window(dialogs);
    window.resize(1280, 800);
    window.show();
    return shoot(window, QString::fromLocal8Bit(argv[1]));
}
