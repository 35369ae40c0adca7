// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QString>

namespace refero {

namespace studio {
class Studio;
}

/// The studio's steps by name, for the window: what can be undone and redone.
class History : public QObject {
    Q_OBJECT
  public:
    explicit History(QObject* parent = nullptr) : QObject(parent) {}
    /// Null where there is none; its steps are read anew with every call.
    void follow(studio::Studio* studio);

    bool canUndo() const { return index() > 0; }
    bool canRedo() const { return index() < count(); }
    QString undoText() const { return canUndo() ? text(index() - 1) : QString(); }
    QString redoText() const { return canRedo() ? text(index()) : QString(); }
    /// Steps in all, and how many of them are done.
    int count() const;
    int index() const;
    QString text(int step) const;

  public slots:
    void undo() { setIndex(index() - 1); }
    void redo() { setIndex(index() + 1); }
    /// Back or forward until so many are done.
    void setIndex(int index);
    /// There are new steps.
    void refresh() { emit indexChanged(index()); }

  signals:
    void indexChanged(int index);
    /// The contents are others now.
    void moved();
    void refused(const QString& message);

  private:
    studio::Studio* studio_ = nullptr;
};

}  // namespace refero
