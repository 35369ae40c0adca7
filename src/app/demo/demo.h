// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QTemporaryDir>
#include <memory>

#include "app/session/studio_change.h"
#include "sim/scene.h"

namespace refero {

class Session;

/// Harrow Fen Pottery's day, in a studio of its own that is made anew with every start. The frames are shot
/// by the virtual camera into a folder (once; later starts find them) and appear in the session as they come.
class Demo : public QObject {
    Q_OBJECT
  public:
    Demo(Session& session, StudioChange& change, QObject* parent = nullptr);
    ~Demo() override;

    /// Where the frames are kept: the cache folder, one folder per version of scene and charts.
    static QString folder();
    /// What the virtual camera shoots.
    static Result<sim::Scene> scene();
    void start();

  signals:
    void progress(int done, int all);
    void finished();
    void failed(const QString& message);

  private:
    void shootNext(std::size_t index);

    Session& session_;
    StudioChange& change_;
    std::shared_ptr<QTemporaryDir> studioFolder_;
    struct Plan;
    std::shared_ptr<const Plan> plan_;
};

}  // namespace refero
