// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QElapsedTimer>
#include <QStringList>
#include <QWidget>
#include <map>
#include <memory>
#include <optional>
#include <string>

#include "app/session/session.h"
#include "app/session/watched_folder.h"
#include "core/tether/tethered_camera.h"
#include "workflow/chart_shot.h"

class QCheckBox;

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look
class Dialogs;
class VerdictBoard;

/// On the set: a folder is watched into which a camera on a cable leaves its frames. Each comes in by itself;
/// a chart in it is read and judged at once, in letters that are read from afar.
class OnSetPage : public QWidget {
    Q_OBJECT
  public:
    OnSetPage(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);
    void watch(const QString& folder);
    const QString& folder() const { return watched_.folder(); }
    /// From a file's being whole to its verdict's being shown, of the last one.
    qint64 lastMilliseconds() const { return lastMs_; }
    int judgedSoFar() const { return count_; }

  signals:
    void leaveWanted();
    /// Sounds were made: one for a good shot, two for one that wants a look, three for one to be shot again.
    void sounded(int times);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

  private:
    void chooseFolder();
    void shoot();
    void arrived(const QString& path);
    void judgeNext();
    void showFrame(const workflow::ChartShot& shot);
    void sound(std::optional<Verdict> verdict);
    void buildWaiting();
    void handOn();
    void askWhere(bool on);
    void judged(const QString& path, const workflow::ChartShot& shot);
    void bringInNext();
    void cameIn();

    Session& session_;
    Dialogs& dialogs_;
    WatchedFolder watched_;
    std::shared_ptr<TetheredCamera> camera_;
    VerdictBoard* board_;
    look::Label *where_, *history_;
    look::Button *choose_, *shoot_, *stop_;
    QStringList toJudge_, toBringIn_, said_;
    std::map<QString, Verdict> judged_;  ///< chart frames that are on their way in
    std::map<studio::SetupId, std::string>
        toBuild_;  ///< by setup: the new chart shot that it is corrected with
    QCheckBox *sounds_, *handOn_;
    bool judging_ = false, shooting_ = false, handOnAgain_ = false;
    QElapsedTimer since_;
    qint64 lastMs_ = -1;
    int count_ = 0;
};

}  // namespace refero
