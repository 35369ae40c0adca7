// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <map>

#include "app/pairing/paired_view.h"
#include "app/session/session.h"
#include "core/pair/match.h"

class QComboBox;
class QStackedWidget;
class QTimer;

namespace refero {

class AbPlot;
class FiguresPanel;
class CamerasPage;
class PairLadder;
class PatchesPage;
class ScopesPage;
class StepsPage;
class TruthPage;
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

  signals:
    void readingWanted();
    void handoverWanted();

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    QWidget* buildBar();
    QWidget* buildLine();
    void buildPanel();
    QWidget* buildGreys(QWidget* parent);
    QWidget* buildScopes(QWidget* parent);
    void connectPages();

    void refresh();  ///< what can lead and follow, and what is kept
    void fillLeaders(const Setup* follower, bool other);
    void takeUp();  ///< what the kept correction says of steps and weights
    void find();    ///< looks for a match with the choices as they are
    void showMatch();
    void showKept(const Setup& leader, const Setup& follower);
    void showEmpty(const QString& title, const QString& text);
    void showGreys();
    void showOthers();
    void fillPictures();
    void draw();
    void feedScopes();
    void followPicture();
    void weigh(const QString& id, double factor);
    void mark(const QRectF& place);
    void proceed();
    MatchOptions options() const;

    PairedView::Arrangement arrangement() const;
    const Setup* leader() const;
    const Setup* follower() const;

    Session& session_;
    QWidget *bar_, *line_;
    FiguresPanel* panel_;
    std::vector<QWidget*> captions_;  ///< of the choices in the bar
    QComboBox *leads_, *layout_, *leadersPicture_, *followersPicture_, *page_, *feed_;
    look::Button *keep_, *all_;
    PairedView* view_;
    look::Label *title_, *said_;
    QStackedWidget* pages_;
    StepsPage* steps_;
    PatchesPage* patches_;
    CamerasPage* cameras_;
    TruthPage* truth_;
    PairLadder* ladder_;
    AbPlot* arrows_;
    ScopesPage* scopes_;

    std::shared_ptr<const Match> match_;
    std::map<std::string, double> weights_;
    std::vector<KnownColour> colours_;  ///< marked in both pictures
    std::optional<Lab> leadersColour_;  ///< marked in the leader's picture, waiting for the follower's
    std::map<int, int> leaders_;        ///< that were chosen, by follower
    std::vector<Scopes> drawn_;         ///< of both pictures
    std::vector<Vector3> patchesOfLeader_, patchesOfFollower_;  ///< in sRGB, encoded
    QTimer* redraw_;
    int shown_ = 0;
    bool kept_ = false;  ///< the match at hand is the follower's correction
};

}  // namespace refero
