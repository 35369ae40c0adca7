// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QStringList>
#include <functional>
#include <map>
#include <memory>

#include "app/session/frame_queue.h"
#include "workflow/delivery.h"
#include "workflow/single_export.h"

namespace refero {

class Session;

/// What leaves the house: single files, all that a receiver gets, and frames. Each is recorded as it goes
/// out; none of it is a step.
class HandoverActions : public QObject {
    Q_OBJECT
  public:
    explicit HandoverActions(Session& session);
    ~HandoverActions() override;

    /// What a kind of file would lose of the setup's correction; `done` is told in the background.
    void foresee(studio::SetupId id, const io::ExportOptions& options,
                 const std::function<void(const Result<io::Foreseen>&)>& done);
    /// A single file, with what may go along.
    void handOver(studio::SetupId id, const QString& target, const workflow::SingleExport& wish);

    /// All that a receiver gets, into a folder, one after the other in the background; then the frames.
    void give(studio::SetupId id, const workflow::Delivery& delivery, const QString& folder);
    bool giving() const { return giving_ != nullptr; }
    /// Which of a delivery's files are there already; `done` is told their names in the background.
    void conflicts(studio::SetupId id, const workflow::Delivery& delivery, const QString& folder,
                   const std::function<void(const QStringList&)>& done);
    /// Which frames a delivery would hold.
    studio::FramesToRender framesFor(studio::SetupId id, const workflow::FramesWish& wish) const;

    FrameQueue& frameQueue() { return *queue_; }
    /// Goes on with frames that were left, such as by a crash.
    void goOnWith(studio::HandoverId handover);

  signals:
    /// Of a single file; `told` is what a shared correction costs each, empty where it is the setup's own.
    void handedOver(studio::SetupId id, const QString& error, const QString& told);
    /// Of a delivery: what becomes of its item, in words.
    void told(int item, const QString& state);
    /// All of it went out but for what is named.
    void given(studio::SetupId id, const QStringList& problems);

  private:
    struct Giving;
    void giveNext();
    void giveFrames();
    void end();
    studio::HandoverId keep(studio::SetupId id, studio::HandoverRecord record);
    void framesFinished(const QString& job, int done, int failed, int all, const QString& error);
    void reportFrames(const studio::HandoverRecord& frames);

    Session& session_;
    FrameQueue* queue_;
    std::shared_ptr<Giving> giving_;
    std::map<std::string, std::shared_ptr<workflow::WaitingReport>>
        reportedWith_;  ///< by the job of frames that it waits for
};

/// What is told of something that went out.
QString toldOf(const workflow::HandedItem& item);

}  // namespace refero
