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
class CertaintyView;
class Dialogs;
class PairChoices;
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
    enum class Page { steps, patches, greys, scopes, cameras, truth, certainty };

    PairingStation(Session& session, Dialogs& dialogs, QWidget* parent);
    void setViewingOnly(bool only);
    void setCompact(bool compact);
    void showPage(Page page);

  signals:
    void readingWanted();
    void handoverWanted();

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    QWidget* buildLine();
    void buildPanel();
    QWidget* buildGreys(QWidget* parent);
    QWidget* buildScopes(QWidget* parent);
    QWidget* buildCertainty(QWidget* parent);
    void connectChoices();
    void connectPages();

    void refresh();  ///< what can lead and follow, and what is kept
    void takeUp();   ///< what the kept correction says of steps and weights
    void find();     ///< looks for a match with the choices as they are
    void showMatch();
    void showKept(const Setup& leader, const Setup& follower);
    void showEmpty(const QString& title, const QString& text);
    void showGreys();
    void showCertainty();
    void showOthers();
    void draw();
    void feedScopes();
    void weigh(const QString& id, double factor);
    void mark(const QRectF& place);
    void proceed();
    MatchOptions options() const;

    const Setup* leader() const;
    const Setup* follower() const;

    Session& session_;
    QWidget* line_;
    PairChoices* choices_;
    FiguresPanel* panel_;
    QComboBox *page_, *feed_;
    look::Button *keep_, *all_;
    PairedView* view_;
    look::Label *title_, *said_, *sure_;
    QStackedWidget* pages_;
    StepsPage* steps_;
    PatchesPage* patches_;
    CamerasPage* cameras_;
    TruthPage* truth_;
    PairLadder* ladder_;
    AbPlot* arrows_;
    ScopesPage* scopes_;
    CertaintyView* certainty_;

    std::shared_ptr<const Match> match_;
    std::map<std::string, double> weights_;
    std::vector<KnownColour> colours_;  ///< marked in both pictures
    std::optional<Lab> leadersColour_;  ///< marked in the leader's picture, waiting for the follower's
    std::vector<Scopes> drawn_;         ///< of both pictures
    std::vector<Vector3> patchesOfLeader_, patchesOfFollower_;  ///< in sRGB, encoded
    QTimer* redraw_;
    studio::SetupId shown_ = 0;
    bool kept_ = false;  ///< the match at hand is the follower's correction
};

}  // namespace refero
