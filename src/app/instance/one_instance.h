// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QStringList>

class QLocalServer;

namespace refero {

/// One window a person: a second start hands its files to the first one and ends.
class OneInstance : public QObject {
    Q_OBJECT
  public:
    /// `name` tells persons and their settings apart; see nameOf.
    explicit OneInstance(const QString& name, QObject* parent = nullptr);
    ~OneInstance() override;

    /// True where another one runs and has taken these; they are given as whole paths.
    static bool handOver(const QString& name, const QStringList& files, bool demo);
    /// Waits for later starts. False where that cannot be: this one then simply runs.
    bool listen();
    /// By the user and the folder of the own studio.
    static QString nameOf(const QString& folder);

  signals:
    /// A later start; without files its window is to be seen.
    void started(const QStringList& files, bool demo);

  private:
    void take();

    QString name_;
    QLocalServer* server_;
};

}  // namespace refero
