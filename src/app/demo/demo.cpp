// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/demo/demo.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>

#include "app/demo/demo_day.h"
#include "app/jobs/job.h"
#include "app/session/intake_actions.h"
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

Demo::Demo(Session& session, StudioChange& change, QObject* parent)
    : QObject(parent), session_(session), change_(change) {}

Demo::~Demo() = default;

Result<sim::Scene> Demo::scene() {
    return sim::parseScene(sceneText(), "the demo");
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
    // A fresh one beside that of an earlier start, which may still be open.
    const auto own = std::make_shared<QTemporaryDir>();
    if (!own->isValid()) return emit failed(own->errorString());
    const auto plan = std::make_shared<Plan>();
    change_.to(
        [plan, file = own->filePath(QStringLiteral("Harrow Fen demo.refero")).toStdString()] {
            return demoDay().and_then([&](DemoDay day) -> StudioChange::Made {
                plan->scene = std::move(day.scene);
                plan->folder = folder();
                if (auto made = studio::writeNew(file, day.contents); !made)
                    return tl::unexpected(made.error());
                return studio::Studio::open(file);
            });
        },
        [this, plan, own](const Status& made) {
            if (!made) return emit failed(QString::fromStdString(made.error().message));
            plan_ = plan;
            studioFolder_ = own;
            if (!session_.setups().empty()) session_.select(session_.setups().front().id);
            shootNext(0);
        });
}

// One frame after the other.
void Demo::shootNext(std::size_t index) {
    const auto all = plan_->scene.shots.size();
    emit progress(static_cast<int>(index), static_cast<int>(all));
    if (index == all) return emit finished();
    runJob(
        this,
        [plan = plan_, index](const std::stop_token& stop) -> Status {
            const sim::Shot& shot = plan->scene.shots[index];
            const QString file = plan->folder + QLatin1Char('/') + QString::fromStdString(shot.file);
            if (QFileInfo::exists(file)) return {};
            return sim::shootToFile(shot, plan->folder.toStdString(), nullptr, stop);
        },
        [this, index](const Status& status) {
            if (!status) return emit failed(QString::fromStdString(status.error().message));
            const sim::Shot& shot = plan_->scene.shots[index];
            session_.intake().arrived(shot.setup,
                                      plan_->folder + QLatin1Char('/') + QString::fromStdString(shot.file),
                                      shot.chart ? studio::FrameRole::chart : studio::FrameRole::subject);
            shootNext(index + 1);
        });
}

}  // namespace refero
