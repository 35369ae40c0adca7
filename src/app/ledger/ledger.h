// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

#include "app/ledger/ledger_model.h"

class QKeyEvent;
class QLineEdit;
class QListView;

namespace refero {
namespace look {
class Label;
}

/// The spine: all setups, what is due for each, and how far it is. Delete takes one out, F2 names it.
class Ledger : public QWidget {
    Q_OBJECT
  public:
    explicit Ledger(Session& session, QWidget* parent = nullptr);
    LedgerModel& model() { return model_; }

  signals:
    void renameWanted(studio::SetupId id);
    void framesDropped(const std::vector<qint64>& frames, studio::SetupId setup);

  protected:
    void paintEvent(QPaintEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    void refresh();
    QString counted() const;
    bool typed(const QKeyEvent& key);
    bool framesOver(QEvent& event);

    Session& session_;
    LedgerModel model_;
    QLineEdit* filter_;
    QListView* list_;
    look::Label* shoot_;
    look::Label* count_;
};

}  // namespace refero
