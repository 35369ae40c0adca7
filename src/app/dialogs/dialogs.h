// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QCoreApplication>
#include <QString>
#include <QStringList>
#include <optional>
#include <utility>

class QWidget;

namespace refero {

/// The one way to ask a person something in a box of its own; tests put in their own answers.
class Dialogs {
    Q_DECLARE_TR_FUNCTIONS(refero::Dialogs)
  public:
    virtual ~Dialogs() = default;
    virtual QStringList openFrames(QWidget* parent);
    virtual QString openFile(QWidget* parent, const QString& title, const QString& filter);
    virtual QString openFolder(QWidget* parent, const QString& title);
    virtual QString saveFile(QWidget* parent, const QString& title, const QString& suggestion,
                             const QString& filter);
    /// One line of text; nothing where the person backs out.
    virtual std::optional<QString> nameOf(QWidget* parent, const QString& title, const QString& question,
                                          const QString& before);
    enum class Closing { stay, stop, afterwards };
    /// The window is to close while these are at work, a sentence each.
    virtual Closing closing(QWidget* parent, const QStringList& atWork);
    /// Place and light of a setup; nothing where the person backs out.
    virtual std::optional<std::pair<QString, QString>> nameSetup(QWidget* parent, const QString& place,
                                                                 const QString& light);
};

}  // namespace refero
