// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <QApplication>
#include <QCommandLineParser>
#include <cstdio>
#include <utility>

#include "app/instance/one_instance.h"
#include "app/jobs/stand_back.h"
#include "app/language/language.h"
#include "app/look/tokens.h"
#include "app/main_window.h"
#include "app/pictures/display_profile.h"
#include "app/scale/text_size.h"
#include "app/settings/own_studio.h"
#include "app/studio_menu.h"
#include "cli/version.h"

int main(int argc, char** argv) {
    refero::textsize::prepare();
    QApplication app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("Refero"));
    QApplication::setApplicationVersion(QLatin1String(refero::kVersion));
    QCommandLineParser parser;
    parser.setApplicationDescription(
        QStringLiteral("Measures colour reference charts and builds verified colour corrections."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(QStringLiteral("demo"), QStringLiteral("Open with the demo shoot."));
    parser.addOption(demo);
    parser.addPositionalArgument(QStringLiteral("frames"),
                                 QStringLiteral("Chart frames to open, or a studio."),
                                 QStringLiteral("[frames...]"));
    parser.process(app);

    refero::textsize::follow(argv);
    const QString name = refero::OneInstance::nameOf(refero::ownStudioFolder());
    if (refero::OneInstance::handOver(name, parser.positionalArguments(), parser.isSet(demo))) return 0;
    refero::OneInstance instance(name);
    instance.listen();
    refero::goFirst();

    refero::language::speak(refero::language::wanted());
    refero::look::dress();
    refero::display::find();
    refero::Dialogs dialogs;
    bool wantsDemo = parser.isSet(demo);
    QStringList files = parser.positionalArguments();
    int ended = refero::MainWindow::kAgain;
    // Again when the person chose another language: texts are made with the widgets.
    while (ended == refero::MainWindow::kAgain) {
        auto own = refero::ownStudio(refero::ownStudioFolder(), refero::lastStudio());
        if (!own.studio) {
            std::fprintf(stderr, "refero: %s\n", qPrintable(own.message));
            return 1;
        }
        refero::rememberStudio(QString::fromStdString(own.studio->path().string()));
        refero::MainWindow window(dialogs, std::move(own.studio));
        if (!own.message.isEmpty()) window.tell(own.message);
        window.restore();
        window.show();
        QObject::connect(&instance, &refero::OneInstance::started, &window,
                         [&window](const QStringList& brought, bool demoToo) {
                             window.comeForward();
                             if (demoToo) window.startDemo();
                             window.openFrames(brought);
                         });
        if (std::exchange(wantsDemo, false)) window.startDemo();
        window.openFrames(std::exchange(files, {}));
        ended = QApplication::exec();
        refero::language::speak(refero::language::wanted());
    }
    if (ended == refero::MainWindow::kAnew) refero::textsize::beginAnew(argv);
    return ended;
}
