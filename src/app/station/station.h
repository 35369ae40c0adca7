// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "app/session/session.h"

namespace refero {

class Findings;

/// One place of the work: a bar of choices, the picture and what belongs under it in the middle, the findings
/// at the right. It follows the session's current setup.
class Station : public QWidget {
    Q_OBJECT
  public:
    Station(Session& session, QWidget* parent);
    /// Nothing but the picture.
    virtual void setViewingOnly(bool only);
    /// In a small window: what belongs beside the picture takes less room.
    void setCompact(bool compact);

  protected:
    /// Puts the parts in their places and shows the current setup; the last thing a constructor does.
    void lay(QWidget* bar, QWidget* picture, QWidget* below);
    /// Null where there is no setup.
    virtual void show(const Setup* setup) = 0;
    /// What of its own a station narrows.
    virtual void narrow(bool compact) = 0;
    /// The findings' button was pressed.
    virtual void proceed() = 0;

    Session& session_;
    Findings* findings_;

  private:
    QWidget* bar_ = nullptr;
    QWidget* below_ = nullptr;
};

}  // namespace refero
