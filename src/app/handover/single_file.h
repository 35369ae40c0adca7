// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "app/session/session.h"
#include "workflow/single_export.h"

class QCheckBox;
class QComboBox;

namespace refero {

class Dialogs;
class EncodingChoice;
namespace look {
class Label;
}

/// One file of one's own choice: what kind goes out, what goes into it and comes out, and what the last one
/// proved.
class SingleFile : public QWidget {
    Q_OBJECT
  public:
    SingleFile(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);
    void show(const Setup& setup);
    /// Asks for a file and writes it.
    void handOver();
    bool running() const { return running_; }

  signals:
    void ended();

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    void follow();
    void foresee();
    void showChoices();
    io::ExportOptions options() const;
    std::vector<const workflow::Setup*> sharers() const;

    Session& session_;
    Dialogs& dialogs_;
    QComboBox* format_;
    EncodingChoice* feed_;
    QComboBox* space_;
    QComboBox* of_;  ///< one setup, or all that can share a correction
    QCheckBox *every_, *card_;
    look::Label* lost_;
    look::Label* outcome_;
    int asked_ = 0;  ///< answers to older questions are let go
    QString error_;  ///< of the last try, until something else is chosen
    QString told_;   ///< what a shared correction costs
    bool running_ = false;
};

}  // namespace refero
