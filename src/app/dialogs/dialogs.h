// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <QStringList>
#include <optional>
#include <utility>

class QWidget;

namespace refero {

/// The one way to ask a person something in a box of its own; tests put in their own answers.
class Dialogs {
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
    /// Place and light of a setup; nothing where the person backs out.
    virtual std::optional<std::pair<QString, QString>> nameSetup(QWidget* parent, const QString& place,
                                                                 const QString& light);
};

}  // namespace refero
