// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QUndoStack>
#include <vector>

#include "app/session/setup.h"
#include "core/fit/fit.h"

namespace refero {

/// The work at hand: the setups of one shoot in order, and everything done to them, undoable by name. Slow
/// work runs in the background; `changed` says when there is something new.
class Session : public QObject {
    Q_OBJECT
  public:
    explicit Session(QObject* parent = nullptr);

    const std::vector<Setup>& setups() const { return setups_; }
    const Setup* setup(int id) const;
    const Setup* current() const { return setup(current_); }
    int currentId() const { return current_; }
    QUndoStack& undo() { return undo_; }
    const QString& shoot() const { return shoot_; }
    void setShoot(const QString& name);

    void select(int id);

    /// Adds a setup for a frame and reads its chart. What is known beforehand comes in `about`; the rest is
    /// taken from the frame.
    int addFrame(const QString& path, Setup about = {});
    /// Adds a picture of the current setup to judge the correction on.
    void addPicture(int id, const Picture& picture);

    void remove(int id);
    void rename(int id, const QString& place, const QString& light);
    /// Moves the chart's corners and reads again.
    void setCorners(int id, const Quad& corners, const QString& step);
    /// Reads with another chart, looking for it anew; where it is not found, its outline is laid in the
    /// middle.
    void setChart(int id, const Chart& chart);
    void setEncoding(int id, Encoding encoding);
    void correct(int id, const FitOptions& options);
    void handOver(int id, const QString& target, const io::ExportOptions& options);

  signals:
    void changed(int id);
    void listChanged();
    void currentChanged(int id);
    void handedOver(int id, const QString& error);

  private:
    friend class SetupCommand;
    Setup* find(int id);
    void restore(int id, const Setup& state);
    void commit(const QString& step, int id, Setup after);
    void startReading(int id);
    void replaceReading(int id, const QString& step, Reading reading);

    std::vector<Setup> setups_;
    QUndoStack undo_;
    QString shoot_;
    int current_ = 0, nextId_ = 1;
};

}  // namespace refero
