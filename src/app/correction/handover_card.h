// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "app/session/session.h"

class QComboBox;

namespace refero {

class Dialogs;
class EncodingChoice;
namespace look {
class Label;
}

/// What kind of file goes out, what it is fed and gives, and what the last one proved.
class HandoverCard : public QWidget {
    Q_OBJECT
  public:
    HandoverCard(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);
    void show(const Setup& setup);
    /// Asks for a file and writes it.
    void handOver();

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    void follow();
    void foresee();
    io::ExportOptions options() const;

    Session& session_;
    Dialogs& dialogs_;
    QComboBox* format_;
    EncodingChoice* feed_;
    QComboBox* space_;
    look::Label* lost_;
    look::Label* outcome_;
    int asked_ = 0;  ///< answers to older questions are let go
    bool running_ = false;
};

}  // namespace refero
