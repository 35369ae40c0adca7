// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/station/station.h"

#include <QHBoxLayout>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "app/findings/findings.h"
#include "app/findings/verdict_line.h"
#include "app/look/tokens.h"
#include "app/settings/own_settings.h"
#include "app/station/figures_panel.h"
#include "app/station/invitation.h"
#include "app/station/when_seen.h"

namespace refero {
namespace {

// Whether findings stay open where all is good.
const QString kFindingsOpen = QStringLiteral("panels/findings/open");

}  // namespace

Station::Station(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      findings_(new Findings(this)),
      line_(new VerdictLine(this)),
      invitation_(new Invitation(this)),
      pages_(new QStackedWidget(this)) {}

void Station::lay(QWidget* bar, FiguresPanel* pictureAndFigures) {
    bar_ = bar;
    panel_ = pictureAndFigures;
    auto* page = new QWidget(pages_);
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(line_);
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    auto* middle = new QVBoxLayout;
    middle->setSpacing(0);
    if (bar) middle->addWidget(bar);
    middle->addWidget(pictureAndFigures, 1);
    row->addLayout(middle, 1);
    row->addWidget(findings_);
    column->addLayout(row, 1);
    pages_->addWidget(page);
    pages_->addWidget(invitation_);
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->addWidget(pages_);

    connect(line_, &VerdictLine::nextStepWanted, this, &Station::proceed);
    connect(invitation_, &Invitation::stepWanted, this, &Station::proceed);
    connect(line_, &VerdictLine::findingsWanted, this, [this](bool open) {
        open_ = open;
        // What is opened without need is opened for good.
        if (!findings_->needed()) ownSettings().setValue(kFindingsOpen, open);
        showParts();
    });
    const auto follow = [this] {
        if (session_.currentId() != shown_) open_.reset();
        shown_ = session_.currentId();
        show(session_.current());
    };
    auto* following = new WhenSeen(this, follow);
    connect(&session_, &Session::currentChanged, following, &WhenSeen::ask);
    connect(&session_, &Session::changed, following, [this, following](studio::SetupId id) {
        if (id == session_.currentId()) following->ask();
    });
    follow();
}

void Station::setChecks(const std::vector<Check>& checks, std::optional<Verdict> verdict) {
    inviting_ = false;
    findings_->setChecks(checks);
    line_->setChecks(checks, verdict);
    showParts();
}

void Station::setMessage(const QString& title, const QString& text) {
    inviting_ = false;
    findings_->setMessage(text);
    line_->setTitle(title);
    showParts();
}

void Station::invite(const QString& title, const QString& text) {
    inviting_ = true;
    findings_->setMessage({});
    invitation_->setText(title, text);
    showParts();
}

void Station::setNextStep(const QString& step, const QString& why) {
    line_->setNextStep(step, why);
    invitation_->setStep(step, why);
}

void Station::showParts() {
    pages_->setCurrentIndex(inviting_ ? 1 : 0);
    const bool open = findings_->any() && open_.value_or(findings_->needed() ||
                                                         ownSettings().value(kFindingsOpen, false).toBool());
    line_->setFindings(findings_->any(), open);
    findings_->setVisible(open && !alone_);
    line_->setVisible(!alone_);
    if (bar_) bar_->setVisible(!alone_);
    if (panel_) panel_->setPictureAlone(alone_);
}

void Station::setViewingOnly(bool only) {
    alone_ = only;
    showParts();
}

void Station::setCompact(bool compact) {
    findings_->setFixedWidth(compact ? look::kFindingsWidthCompact : look::kFindingsWidth);
    narrow(compact);
}

}  // namespace refero
