// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/frames/offers.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include "app/frames/card_page.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/session/intake_actions.h"
#include "app/session/unknown_charts.h"
#include "workflow/proposals.h"

namespace refero {
namespace {

// `begun` lights are new; `joined` setups that are there get frames.
QString offerText(std::size_t frames, std::size_t charts, int begun, int joined) {
    if (begun == 0)
        return Offers::tr("%1 frames are in no setup. They belong to setups that are there.").arg(frames);
    if (joined > 0)
        return Offers::tr(
                   "%1 frames are in no setup. They speak for %2 new lights, %3 with a chart shot; the "
                   "rest belongs to setups that are there.")
            .arg(frames)
            .arg(begun)
            .arg(charts);
    if (begun == 1) return Offers::tr("%1 frames are in no setup. They speak for one light.").arg(frames);
    return Offers::tr("%1 frames are in no setup. They speak for %2 lights, %3 with a chart shot.")
        .arg(frames)
        .arg(begun)
        .arg(charts);
}

}  // namespace

Offers::Offers(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    setups_ = buildSetups();
    unknown_ = buildUnknown();
    column->addWidget(setups_);
    column->addWidget(unknown_);
    refresh();
}

void Offers::refresh() {
    if (!session_.studio()) return;
    showSetups();
    showUnknown();
}

QWidget* Offers::buildSetups() {
    auto* setups = new QWidget(this);
    auto* row = new QHBoxLayout(setups);
    row->setContentsMargins(16, 0, 16, 8);
    row->setSpacing(12);
    setupsText_ = new look::Label({}, look::Size::body, look::Label::Tone::loud, QFont::Normal, setups);
    setupsText_->setObjectName(QStringLiteral("offeredSetups"));
    row->addWidget(setupsText_, 1);
    accept_ = new look::Button(look::Button::Kind::plain, {}, setups);
    accept_->setObjectName(QStringLiteral("acceptSetups"));
    accept_->setAccessibleName(tr("Begin the proposed setups"));
    row->addWidget(accept_);
    connect(accept_, &QAbstractButton::clicked, this, [this] { session_.intake().acceptProposals(); });
    doDay_ = new look::Button(look::Button::Kind::primary, tr("Do the rest in one go"), setups);
    doDay_->setObjectName(QStringLiteral("doDay"));
    doDay_->setAccessibleName(doDay_->text());
    doDay_->setToolTip(
        tr("Begins the setups, reads and judges their charts, builds the corrections and hands over to the "
           "receivers of last time; all of it is listed, and can be stopped or taken back."));
    row->addWidget(doDay_);
    connect(doDay_, &QAbstractButton::clicked, this, &Offers::dayWanted);
    return setups;
}

// A chart that nobody has described is seen in one of the frames, or looked for in all of them.
QWidget* Offers::buildUnknown() {
    auto* unknown = new QWidget(this);
    auto* row = new QHBoxLayout(unknown);
    row->setContentsMargins(16, 0, 16, 8);
    row->setSpacing(12);
    unknownText_ = new look::Label({}, look::Size::body, look::Label::Tone::loud, QFont::Normal, unknown);
    unknownText_->setObjectName(QStringLiteral("unknownSeen"));
    row->addWidget(unknownText_, 1);
    const auto add = [&](const char* object, const QString& words, auto slot) {
        auto* b = new look::Button(look::Button::Kind::plain, words, unknown);
        b->setObjectName(QLatin1String(object));
        row->addWidget(b);
        connect(b, &QAbstractButton::clicked, this, slot);
        return b;
    };
    dismiss_ = add("unknownDismiss", tr("Not a chart"), [this] { session_.unknownCharts().dismiss(); });
    give_ = add("unknownGive", tr("Give its data"), [this] {
        session_.unknownCharts().take();
        emit readingWanted();
    });
    stop_ = add("unknownStop", tr("Stop here"), [this] { session_.unknownCharts().stopLookingAgain(); });
    connect(&session_.unknownCharts(), &UnknownCharts::changed, this, &Offers::showUnknown);
    return unknown;
}

void Offers::showUnknown() {
    const UnknownCharts& charts = session_.unknownCharts();
    const auto& again = charts.again();
    const auto& seen = charts.seen();
    const auto* f = seen ? session_.contents().find<studio::Frame>(seen->frame) : nullptr;
    if (again.open)
        unknownText_->setText(tr("Looking for the chart in the other frames: %1 of %2, found in %3.")
                                  .arg(again.done)
                                  .arg(again.all)
                                  .arg(again.found));
    else if (f)
        unknownText_->setText(tr("No known chart is in these frames. %1 looks like a chart of %2.")
                                  .arg(QFileInfo(text(f->path)).fileName(), seen->layout));
    unknown_->setVisible(again.open || f);
    dismiss_->setVisible(!again.open);
    give_->setVisible(!again.open);
    stop_->setVisible(again.open);
}

void Offers::showSetups() {
    // While frames come in what they speak for changes with each.
    if (session_.intake().running() || session_.dayWork().running()) return setups_->hide();
    const auto all = session_.intake().proposals();
    const DayActions::Found found = session_.dayWork().found();
    const bool open = !all.empty() || found.toBuild > 0;
    setups_->setVisible(open);
    accept_->setVisible(!all.empty());
    doDay_->setVisible(found.toBuild > 0);
    if (all.empty()) {
        setupsText_->setText(CardPage::inOneLine(found));
        return;
    }
    std::size_t frames = 0, charts = 0;
    int begun = 0;
    QStringList reasons;
    for (const plan::SetupProposal& p : all) {
        frames += p.frames.size();
        charts += p.chartFrame != 0;
        begun += p.setup == 0;
        const QString who =
            p.body.empty() ? tr("A camera without a name") : text(p.body + " " + p.serial).trimmed();
        const auto said =
            p.chartFrame != 0 ? tr("%1, %2 frames with a chart shot: %3") : tr("%1, %2 frames: %3");
        reasons << said.arg(who, QString::number(p.frames.size()), text(workflow::reasonOf(p)));
    }
    setupsText_->setText(offerText(frames, charts, begun, static_cast<int>(all.size()) - begun));
    accept_->setText(begun == 0   ? tr("Put them there")
                     : begun == 1 ? tr("Begin its setup")
                                  : tr("Begin %1 setups").arg(begun));
    setups_->setToolTip(reasons.join(QLatin1Char('\n')));
    accept_->setToolTip(reasons.join(QLatin1Char('\n')));
}

}  // namespace refero
