// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

class QStackedWidget;

namespace refero {

class Dialogs;
class SeriesPage;
class Session;
class TransformsPage;
namespace look {
class Button;
}

/// The test bench: what a camera can take, and what transforms of others do.
class BenchStation : public QWidget {
    Q_OBJECT
  public:
    enum class Page { series, transforms };

    BenchStation(Session& session, Dialogs& dialogs, QWidget* parent);
    /// Transforms are tried, frames and folders join the series.
    void take(const QStringList& paths);
    void showPage(Page page);
    void setCompact(bool compact);

  private:
    look::Button *toSeries_, *toTransforms_;
    QStackedWidget* pages_;
    SeriesPage* series_;
    TransformsPage* transforms_;
};

}  // namespace refero
