// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/studio_menu.h"

#include <QDir>
#include <QFileInfo>

#include "app/dialogs/dialogs.h"
#include "app/jobs/job.h"
#include "app/look/text.h"
#include "app/settings/own_settings.h"
#include "io/files/safe_write.h"
#include "paper/call_sheet_pdf.h"
#include "studio/record_json.h"

namespace refero {
namespace {

constexpr int kRecentKept = 8;
constexpr const char* kStudios = word("Refero studios (*.refero)");
// Two studios of one name are told apart by where they are.
QString titleOf(const QString& path) {
    QString folder = QFileInfo(path).absolutePath();
    const QString home = QDir::homePath();
    if (folder == home || folder.startsWith(home + QLatin1Char('/')))
        folder.replace(0, home.size(), QStringLiteral("~"));
    return StudioMenu::tr("%1, in %2", "a file and its folder").arg(QFileInfo(path).fileName(), folder);
}

constexpr const char* kJson = word("Refero studio as JSON (*.json)");

}  // namespace

QStringList recentStudios() {
    QStringList out = ownSettings().value(QStringLiteral("studios")).toStringList();
    out.removeIf([](const QString& path) { return !QFileInfo::exists(path); });
    return out;
}

QString lastStudio() {
    const QStringList all = ownSettings().value(QStringLiteral("studios")).toStringList();
    return all.isEmpty() || !QFileInfo::exists(all.front()) ? QString() : all.front();
}

void rememberStudio(const QString& path) {
    QStringList all = recentStudios();
    all.removeAll(path);
    all.prepend(path);
    ownSettings().setValue(QStringLiteral("studios"), all.mid(0, kRecentKept));
}

StudioMenu::StudioMenu(Session& session, StudioChange& change, Dialogs& dialogs, QWidget* parent)
    : QMenu(parent), session_(session), change_(change), dialogs_(dialogs) {
    setObjectName(QStringLiteral("studioMenu"));
    const auto add = [&](const char* object, const char* text, const char* keys, auto slot) {
        auto* action = new QAction(refero::told(text), this);
        action->setObjectName(QLatin1String(object));
        action->setShortcut(QKeySequence(QLatin1String(keys)));
        connect(action, &QAction::triggered, this, slot);
        parent->addAction(action);
        fixed_ << action;
    };
    add("openStudioAction", word("Open a studio"), "Ctrl+Shift+O", [this] { choose(); });
    add("newStudioAction", word("Begin a new studio"), "Ctrl+Shift+N", [this] { begin(); });
    add("copyStudioAction", word("Save a copy"), "Ctrl+Shift+S", [this] { copy(); });
    add("callSheetAction", word("Call sheet and slates as PDF"), "Ctrl+P", [this] { callSheet(); });
    add("exportStudioAction", word("Export all as JSON"), "", [this] { exportJson(); });
    add("importStudioAction", word("Make a studio of exported JSON"), "", [this] { importJson(); });
    add("demoAction", word("Look at the demo"), "", [this] { emit demoWanted(); });
    connect(this, &QMenu::aboutToShow, this, &StudioMenu::fill);
}

void StudioMenu::fill() {
    clear();
    const QString current = QString::fromStdString(session_.studio()->path().string());
    addAction(titleOf(current))->setEnabled(false);
    addSeparator();
    addActions(fixed_);
    QStringList others = recentStudios();
    others.removeAll(current);
    if (others.isEmpty()) return;
    addSeparator();
    for (const QString& path : others) {
        auto* action = addAction(titleOf(path));
        connect(action, &QAction::triggered, this, [this, path] { open(path); });
    }
}

QString StudioMenu::suggested(const char* ending) const {
    return QString::fromStdString(session_.studio()->path().stem().string()) + QLatin1String(ending);
}

void StudioMenu::goTo(const QString& path, StudioChange::Make make) {
    emit told(tr("Opening %1").arg(QFileInfo(path).fileName()));
    change_.to(std::move(make), [this](const Status& open) {
        if (!open) return emit told(QString::fromStdString(open.error().message));
        rememberStudio(QString::fromStdString(session_.studio()->path().string()));
        emit told(QString::fromStdString(session_.studio()->readOnlyBecause()));
    });
}

void StudioMenu::open(const QString& path) {
    std::error_code error;
    if (std::filesystem::equivalent(path.toStdString(), session_.studio()->path(), error)) return;
    goTo(path, [file = path.toStdString()] { return studio::Studio::open(file); });
}

void StudioMenu::choose() {
    const QString path = dialogs_.openFile(parentWidget(), tr("Open a studio"), refero::told(kStudios));
    if (!path.isEmpty()) open(path);
}

void StudioMenu::begin() {
    const QString path = dialogs_.saveFile(parentWidget(), tr("Begin a new studio"),
                                           QStringLiteral("studio.refero"), refero::told(kStudios));
    if (!path.isEmpty()) goTo(path, [file = path.toStdString()] { return studio::Studio::create(file); });
}

void StudioMenu::copy() {
    const QString path = dialogs_.saveFile(parentWidget(), tr("Save a copy"), suggested("-copy.refero"),
                                           refero::told(kStudios));
    if (path.isEmpty()) return;
    write(tr("Copied to"), path,
          [from = session_.studio()->path(), to = std::filesystem::path(path.toStdString())] {
              return studio::saveCopy(from, to);
          });
}

template <class Work>
void StudioMenu::write(const QString& done, const QString& path, Work work) {
    const QString file = QFileInfo(path).fileName();
    emit told(tr("Writing %1").arg(file));
    runJob(this, std::move(work), [this, done, file](const Status& written) {
        emit told(written ? done + QLatin1Char(' ') + file : QString::fromStdString(written.error().message));
    });
}

void StudioMenu::callSheet() {
    if (session_.setups().empty())
        return emit told(tr("There is no setup in this shoot yet, so there is nothing to print."));
    const QString path = dialogs_.saveFile(parentWidget(), tr("Call sheet and slates"),
                                           session_.shoot() + QStringLiteral(".pdf"), tr("PDF (*.pdf)"));
    if (path.isEmpty()) return;
    write(tr("Call sheet written:"), path, [sheet = session_.callSheet(), to = path.toStdString()] {
        return paper::writeCallSheet(to, sheet);
    });
}

void StudioMenu::exportJson() {
    const QString path =
        dialogs_.saveFile(parentWidget(), tr("Export all as JSON"), suggested(".json"), refero::told(kJson));
    if (path.isEmpty()) return;
    write(tr("Exported to"), path, [contents = session_.studio()->contents(), to = path.toStdString()] {
        return io::writeFile(to, io::prettyJson(studio::toJson(contents)));
    });
}

void StudioMenu::importJson() {
    const QString from =
        dialogs_.openFile(parentWidget(), tr("Make a studio of exported JSON"), refero::told(kJson));
    if (from.isEmpty()) return;
    const QString to = dialogs_.saveFile(parentWidget(), tr("Where the studio shall be"),
                                         QFileInfo(from).completeBaseName() + QStringLiteral(".refero"),
                                         refero::told(kStudios));
    if (to.isEmpty()) return;
    goTo(to, [json = from.toStdString(), target = to.toStdString()] {
        return studio::restore(json, target).and_then([&] { return studio::Studio::open(target); });
    });
}

}  // namespace refero
