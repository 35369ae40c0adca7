// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/demo.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>

#include "app/session/job.h"
#include "app/session/session.h"
#include "core/embedded.h"
#include "sim/shoot.h"

namespace refero {
namespace {

std::string_view sceneText() {
    return embedded::textOf(embedded::demo(), "harrow-fen.scene.json");
}

}  // namespace

struct Demo::Plan {
    sim::Scene scene;
    QString folder;
};

Demo::Demo(Session& session, QObject* parent)
    : QObject(parent), session_(session), alive_(std::make_shared<std::atomic<bool>>(true)) {}

Demo::~Demo() {
    *alive_ = false;
}

QString Demo::folder() {
    // The frames show the charts as they are defined, so a changed chart asks for new ones as a changed scene
    // does.
    QCryptographicHash hash(QCryptographicHash::Sha1);
    hash.addData(QByteArray(sceneText().data(), static_cast<qsizetype>(sceneText().size())));
    for (const auto& chart : embedded::charts())
        hash.addData(QByteArray(chart.text.data(), static_cast<qsizetype>(chart.text.size())));
    const QByteArray version = hash.result().toHex().left(8);
    const QString own = qEnvironmentVariable("REFERO_DEMO_FOLDER");
    const QString base = own.isEmpty()
                             ? QStandardPaths::writableLocation(QStandardPaths::GenericCacheLocation) +
                                   QStringLiteral("/refero")
                             : own;
    return base + QStringLiteral("/demo-") + QString::fromLatin1(version);
}

void Demo::start() {
    auto scene = sim::parseScene(sceneText(), "demo scene");
    if (!scene) return emit failed(QString::fromStdString(scene.error().message));
    session_.setShoot(QString::fromStdString(scene->name));
    plan_ = std::make_shared<Plan>(Plan{*std::move(scene), folder()});
    shootNext(0);
}

// One frame after the other; a chart frame opens its setup, the picture after it joins it.
void Demo::shootNext(std::size_t index) {
    const auto all = plan_->scene.shots.size();
    emit progress(static_cast<int>(index), static_cast<int>(all));
    if (index == all) {
        // Opening the demo is no step to undo; what a person did meanwhile is.
        if (session_.undo().count() == ownSteps_) session_.undo().clear();
        return emit finished();
    }
    runJob(
        this,
        [plan = plan_, index, alive = alive_]() -> Status {
            const sim::Shot& shot = plan->scene.shots[index];
            const QString file = plan->folder + QLatin1Char('/') + QString::fromStdString(shot.file);
            if (QFileInfo::exists(file) || !*alive) return {};
            return sim::shootToFile(shot, plan->folder.toStdString());
        },
        [this, index](const Status& status) {
            if (!status) return emit failed(QString::fromStdString(status.error().message));
            const sim::Shot& shot = plan_->scene.shots[index];
            const QString path = plan_->folder + QLatin1Char('/') + QString::fromStdString(shot.file);
            if (shot.chart) {
                Setup about;
                about.place = QString::fromStdString(shot.place);
                about.light = QString::fromStdString(shot.lightName);
                about.lens = QString::fromStdString(shot.lens);
                if (const auto body = sim::bodyById(shot.camera))
                    about.body = QString::fromUtf8(body->name.data(), static_cast<int>(body->name.size()));
                const int first = session_.currentId();
                session_.addFrame(path, about);
                ++ownSteps_;
                if (first) session_.select(first);
            } else if (!session_.setups().empty()) {
                const int id = session_.setups().back().id, first = session_.currentId();
                session_.addPicture(id, {path, QStringLiteral("Subject")});
                ++ownSteps_;
                if (first) session_.select(first);
            }
            shootNext(index + 1);
        });
}

}  // namespace refero
