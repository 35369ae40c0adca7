// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "app/forms/record_form.h"
#include "app/session/session.h"

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look
class ChartAdvice;

/// The setup at hand: what it is, what changed since the one before, and which chart suits its framing.
class SetupEditor : public QWidget {
    Q_OBJECT
  public:
    explicit SetupEditor(Session& session, QWidget* parent = nullptr);
    void refresh();
    void focusOn(const char* field) { form_->focusOn(QLatin1String(field)); }

  signals:
    void kitWanted();

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    const plan::Setup* current() const;
    Status put(const plan::Setup& changed, const QString& what);
    void showState(const plan::Setup& setup);
    QString changeSince(const plan::Setup& setup) const;

    Session& session_;
    RecordForm<plan::Setup>* form_;
    ChartAdvice* advice_;
    look::Label *title_, *change_, *state_;
    look::Button* restate_;
};

}  // namespace refero
