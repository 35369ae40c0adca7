// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <map>

#include "app/pairing/paired_pictures.h"
#include "app/session/session.h"
#include "app/tables/figure_rows.h"
#include "core/pair/match.h"

class QCheckBox;
class QComboBox;
class QSplitter;
class QStackedWidget;
class QTimer;

namespace refero {

class AbPlot;
class PairLadder;
class RowTable;
class ScopesPage;
namespace look {
class Button;
class Label;
}  // namespace look

/// Two cameras of one scene side by side: what the one would look like as the other, step by step, what is
/// left and why. The follower is the session's current setup; the leader is chosen here.
class PairingStation : public QWidget {
    Q_OBJECT
  public:
    enum class Page { steps, patches, greys, scopes, cameras, truth };

    PairingStation(Session& session, QWidget* parent);
    void setViewingOnly(bool only);
    void setCompact(bool compact);
    void showPage(Page page);
    CompareView& compare() { return *compare_; }

  signals:
    void readingWanted();
    void handoverWanted();

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    QWidget* buildBar();
    QWidget* buildPanel();
    QWidget* buildSteps(QWidget* parent);
    QWidget* buildPatches(QWidget* parent);
    RowTable* table(FigureRows& rows, const char* object, const QString& name,
                    std::initializer_list<int> widths, QWidget* parent);

    void refresh();  // what can lead and follow, and what is kept
    void takeUp();   // what the kept correction says of steps and weights
    void find();     // looks for a match with the choices as they are
    void showMatch();
    void showEmpty(const QString& title, const QString& text);
    void showSteps(const Match& match);
    void showPatches(const Match& match);
    void showGreys(const Match& match);
    void showCameras();
    void showTruth();
    void fillPictures();
    void feedScopes();
    void draw();  // the pictures, in the background
    void weigh(double factor);
    void markColour(const QRectF& place);
    MatchOptions options() const;
    StepSet shownSteps() const;
    Correction followersView() const;
    const Setup* leader() const;
    const Setup* follower() const;

    Session& session_;
    QWidget *bar_, *panel_;
    QSplitter* splitter_;
    QComboBox *leads_, *layout_, *leadersPicture_, *followersPicture_, *page_, *feed_;
    QCheckBox* skin_;
    look::Button *keep_, *all_;
    CompareView* compare_;
    look::Label *title_, *said_, *marked_, *merged_;
    QStackedWidget* pages_;
    RowTable *stepList_, *patchList_;
    FigureRows steps_, patches_, cameras_, truth_;
    PairLadder* ladder_;
    AbPlot* arrows_;
    ScopesPage* scopes_;

    std::shared_ptr<const Match> match_;
    StepSet held_{};
    std::map<std::string, double> weights_;
    std::vector<KnownColour> colours_;  ///< marked in both pictures
    QRectF region_;                     ///< that feeds the scopes, in shares of the picture
    std::vector<Scopes> drawn_;         ///< of both pictures
    std::vector<Vector3> patchesOfLeader_, patchesOfFollower_;  ///< in sRGB, encoded
    std::optional<Lab> leadersColour_;  ///< marked in the leader's picture, waiting for the follower's
    std::map<int, int> leaders_;        ///< that were chosen, by follower
    std::map<QString, std::shared_ptr<const SmallFrame>> frames_;
    QTimer* redraw_;
    int shown_ = 0, drawing_ = 0;
    bool fitted_ = false;
};

}  // namespace refero
