// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>

namespace refero {

class DesktopNotice;
class Session;

/// What takes long says when it is done, also to those who look elsewhere; how far it is stands on the
/// desktop's task bar.
class WorkNotices : public QObject {
    Q_OBJECT
  public:
    WorkNotices(Session& session, QWidget* window);

  private:
    DesktopNotice* desktop_;
    bool seriesRead_ = false;  ///< and not told yet
};

}  // namespace refero
