// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <QApplication>
#include <QCommandLineParser>
#include <cstdio>

#include "app/instance/one_instance.h"
#include "app/look/tokens.h"
#include "app/main_window.h"
#include "app/pictures/display_profile.h"
#include "app/settings/own_studio.h"
#include "app/studio_menu.h"
#include "cli/version.h"

int main(int argc, char** argv) {
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

    const QString name = refero::OneInstance::nameOf(refero::ownStudioFolder());
    if (refero::OneInstance::handOver(name, parser.positionalArguments(), parser.isSet(demo))) return 0;
    refero::OneInstance instance(name);
    instance.listen();

    refero::look::dress();
    refero::display::find();
    refero::Dialogs dialogs;
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
                     [&window](const QStringList& files, bool wantsDemo) {
                         window.comeForward();
                         if (wantsDemo) window.startDemo();
                         window.openFrames(files);
                     });
    if (parser.isSet(demo)) window.startDemo();
    window.openFrames(parser.positionalArguments());
    return QApplication::exec();
}
