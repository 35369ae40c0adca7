// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>

#include "app/bench/bench_page.h"
#include "app/bench/series_grid.h"
#include "app/bench/series_pictures.h"
#include "app/session/bench_actions.h"
#include "app/session/session.h"

class QComboBox;
class QDoubleSpinBox;

namespace refero {

class CurveView;
class Dialogs;
class VerdictList;
namespace look {
class Button;
class Label;
}  // namespace look

/// An exposure series: what a camera can take.
class SeriesPage : public BenchPage {
    Q_OBJECT
  public:
    SeriesPage(Session& session, Dialogs& dialogs, QWidget* parent);
    void take(const QStringList& paths);
    void setCompact(bool compact);

  private:
    /// What a cell is rendered from; cheap to copy.
    struct Source {
        std::shared_ptr<const LinearImage> crop;
        Rendering rendering;
    };
    /// Of all cells, profile by profile.
    using Pictures = std::vector<std::vector<QImage>>;
    std::vector<std::vector<Source>> sources(SeriesSeen how, OutputSpace space) const;
    template <class Draw>
    static Pictures picturesOf(const std::vector<std::vector<Source>>& sources, const Draw& draw);
    QWidget* buildBar();
    QWidget* buildPanel();
    void refresh();
    void showSeries();
    void showVerdicts();
    void draw();      ///< all cells
    void drawAnew();  ///< the same, when what they show is another
    void compare();   ///< the two that are chosen, large
    void makePictures(SeriesSeen how, Urgency urgency);
    void report();
    void writeReport(const Chart& chart, const QString& title, const QString& path, const QImage& grid);
    void share();
    void nameProfile(const SeriesCell& cell);
    void askFilter(const SeriesCell& cell);
    void shootDemo();
    SeriesSeen seen() const;

    Session& session_;
    Dialogs& dialogs_;
    BenchActions& bench_;
    QComboBox *seen_, *layout_;
    QDoubleSpinBox* tolerance_;
    look::Button *add_, *clear_, *demo_, *report_, *keep_, *share_;
    look::Label *title_, *said_;
    SeriesGrid* grid_;
    VerdictList* verdicts_;
    CurveView* curve_;
    std::map<SeriesSeen, Pictures> made_;  ///< of the ways in which the steps are seen
    int making_ = 0;                       ///< counts what pictures show: others are not wanted any more
    int drawn_ = 0;                        ///< the measuring that pictures are of
    bool shooting_ = false;
};

}  // namespace refero
