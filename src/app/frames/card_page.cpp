// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/frames/card_page.h"

#include <QCheckBox>
#include <QDir>
#include <QHBoxLayout>
#include <QLocale>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>

#include "app/dialogs/dialogs.h"
#include "app/frames/unknown_list.h"
#include "app/handover/receivers.h"
#include "app/look/button.h"
#include "app/look/caption.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/session/intake_actions.h"
#include "app/settings/day_settings.h"
#include "app/tables/figure_rows.h"
#include "app/tables/row_table.h"
#include "words/loan_words.h"

namespace refero {
namespace {

QString nameOf(Receiver r) {
    return text(std::string(workflow::name(r)));
}

QString leftIn(const DayActions::Line& l) {
    return l.left ? decimalText(*l.left, 2) : QString();
}

QString verdictIn(const DayActions::Line& l) {
    if (!l.verdict) return l.lent ? CardPage::tr("None: lent") : QString();
    const QString verdict = text(std::string(label(*l.verdict)));
    return l.mended ? CardPage::tr("%1, mended").arg(verdict) : verdict;
}

}  // namespace

CardPage::CardPage(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session), dialogs_(dialogs) {
    setObjectName(QStringLiteral("cardPage"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 16, 24, 16);
    column->setSpacing(3 * look::kStep);
    auto* top = new QHBoxLayout;
    found_ = new look::Label({}, look::Size::title, look::Label::Tone::loud, QFont::DemiBold);
    found_->setObjectName(QStringLiteral("dayFound"));
    top->addWidget(found_, 1);
    auto* leave = new look::Button(look::Button::Kind::plain, tr("Back to the frames"), this);
    leave->setObjectName(QStringLiteral("leaveDay"));
    top->addWidget(leave);
    column->addLayout(top);
    column->addWidget(new look::Label(tr("Setups are begun for frames that have none, chart shots read and "
                                         "judged, corrections built where the "
                                         "shot is good or can be mended, and each receiver gets a folder. "
                                         "What is done already stays as it is."),
                                      look::Size::body));
    unknowns_ = new UnknownList(session_, this);
    column->addWidget(unknowns_);
    column->addWidget(buildReceivers());
    auto* row = new QHBoxLayout;
    row->setSpacing(2 * look::kStep);
    run_ = new look::Button(look::Button::Kind::primary, {}, this);
    run_->setObjectName(QStringLiteral("runDay"));
    takeBack_ = new look::Button(look::Button::Kind::plain, tr("Take it all back"), this);
    takeBack_->setObjectName(QStringLiteral("takeDayBack"));
    takeBack_->setToolTip(
        tr("Setups, readings and corrections of this run, as one step; files that went out stay."));
    state_ = new look::Label({}, look::Size::body);
    state_->setObjectName(QStringLiteral("dayState"));
    row->addWidget(run_);
    row->addWidget(takeBack_);
    row->addWidget(state_, 1);
    column->addLayout(row);
    rows_ = new FigureRows({{tr("Setup"), {}, false},
                            {tr("Chart shot"), tr("By the shoot's limits of today."), false},
                            {tr("Left"), tr("Mean CIEDE2000 that the correction leaves on the chart."), true},
                            {tr("Receivers"), tr("How many have all of it as it is now."), true},
                            {tr("What happens"), {}, false}},
                           this);
    auto* table = new RowTable(this);
    table->setObjectName(QStringLiteral("dayLines"));
    table->setAccessibleName(tr("What was done with each setup"));
    table->setModel(rows_);
    table->setWidths({260, 150, 70, 90, 0});
    column->addWidget(table, 1);

    connect(leave, &QAbstractButton::clicked, this, &CardPage::leaveWanted);
    connect(run_, &QAbstractButton::clicked, this, &CardPage::begin);
    connect(takeBack_, &QAbstractButton::clicked, this, [this] { session_.dayWork().takeBack(); });
    connect(table, &QAbstractItemView::activated, this, [this](const QModelIndex& at) {
        emit setupWanted(at.siblingAtColumn(0).data(FigureRows::kIdRole).toInt());
    });
    connect(&session_.dayWork(), &DayActions::changed, this, &CardPage::refresh);
    connect(&session_.dayWork(), &DayActions::finished, this, &CardPage::told);
    const auto whileSeen = [this] {
        if (isVisible()) refresh();
    };
    connect(&session_, &Session::planChanged, this, whileSeen);
    connect(&session_, &Session::changed, this, whileSeen);
    refresh();
}

QWidget* CardPage::buildReceivers() {
    auto* box = new QWidget(this);
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4 * look::kStep);
    row->addWidget(look::caption(tr("Hand over to")));
    const auto last = dayWishes().receivers;
    for (const Receiver r : kReceivers) {
        auto* tick = new QCheckBox(refero::title(r), box);
        tick->setObjectName(QStringLiteral("dayReceiver-") + nameOf(r));
        tick->setAccessibleName(tr("Hand over to: %1").arg(tick->text()));
        tick->setToolTip(refero::told(info(r).why));
        tick->setChecked(std::find(last.begin(), last.end(), r) != last.end());
        connect(tick, &QCheckBox::toggled, this, [this] {
            rememberReceivers(receivers());
            refresh();
        });
        ticks_[r] = tick;
        row->addWidget(tick);
    }
    choose_ = new look::Button(look::Button::Kind::plain, tr("Into a folder..."), box);
    choose_->setObjectName(QStringLiteral("dayFolder"));
    connect(choose_, &QAbstractButton::clicked, this, [this] { chooseFolder(); });
    row->addWidget(choose_);
    folder_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    folder_->setObjectName(QStringLiteral("dayFolderName"));
    row->addWidget(folder_, 1);
    return box;
}

QString CardPage::inOneLine(const DayActions::Found& f) {
    if (f.frames == 0) return tr("No frames have come in yet.");
    const QString seen =
        tr("%1 frames, %2 lights, %3 chart shots").arg(f.frames).arg(f.lights).arg(f.chartShots);
    if (f.good + f.look + f.again == 0) return f.unread > 0 ? tr("%1, not read yet.").arg(seen) : seen;
    QStringList parts{tr("%1 good").arg(f.good)};
    if (f.look > 0) parts << tr("%1 to be looked at").arg(f.look);
    if (f.again > 0) parts << tr("%1 to be shot again").arg(f.again);
    if (f.unread > 0) parts << tr("%1 not read yet").arg(f.unread);
    return tr("%1: %2.").arg(seen, QLocale().createSeparatedList(parts));
}

std::vector<Receiver> CardPage::receivers() const {
    std::vector<Receiver> out;
    for (const auto& [r, tick] : ticks_)
        if (tick->isChecked()) out.push_back(r);
    return out;
}

bool CardPage::chooseFolder() {
    const QString chosen = dialogs_.openFolder(this, tr("Where the receivers' folders are made"));
    if (chosen.isEmpty()) return false;
    path_ = chosen;
    rememberDayFolder(path_);
    refresh();
    return true;
}

void CardPage::begin() {
    if (session_.dayWork().running()) return session_.dayWork().stop();
    if (session_.intake().running())
        return state_->setText(tr("Frames are still coming in; begin when they are there."));
    const auto who = receivers();
    // A folder is only asked for where something goes out, and once.
    if (!who.empty() && (path_.isEmpty() || !QDir(path_).exists()) && !chooseFolder()) return;
    state_->setText({});
    session_.dayWork().run(who, path_);
}

void CardPage::refresh() {
    if (!session_.studio()) return;
    const bool running = session_.dayWork().running();
    found_->setText(inOneLine(session_.dayWork().found()));
    run_->setText(running               ? tr("Stop here")
                  : receivers().empty() ? tr("Read and correct")
                                        : tr("Read, correct and hand over"));
    run_->setAccessibleName(run_->text());
    run_->updateGeometry();
    path_ = dayWishes().folder;  // it may have been chosen on the set
    folder_->setText(QDir::toNativeSeparators(path_));
    takeBack_->setVisible(session_.dayWork().canTakeBack());
    for (const auto& [r, tick] : ticks_) tick->setEnabled(!running);
    choose_->setEnabled(!running);
    unknowns_->setEnabled(!running);
    if (!running) unknowns_->refresh();
    showLines();
}

void CardPage::showLines() {
    std::vector<FigureRow> out;
    for (const DayActions::Line& l : session_.dayWork().lines()) {
        const Setup* s = session_.setup(l.setup);
        if (!s) continue;
        QString who = s->place.empty() ? text(s->light) : text(s->light + ", " + s->place);
        if (!s->body.empty()) who += QStringLiteral(" (%1)").arg(text(s->body));
        out.push_back(
            {QString::number(l.setup.number()),
             {who, verdictIn(l), leftIn(l), l.receivers > 0 ? QString::number(l.receivers) : QString(),
              !l.doing.isEmpty() ? l.doing
              : s->correction && s->correction->loan
                  ? tr("Colours %1").arg(text(words::label(*s->correction->loan)))
              : !l.why.isEmpty() ? l.why
                                 : s->due()},
             !l.doing.isEmpty(),
             s->chartFrame.empty() && !s->correction,
             {},
             l.why});
    }
    rows_->setRows(std::move(out));
}

void CardPage::told(bool stopped) {
    int built = 0, lent = 0, open = 0;
    for (const DayActions::Line& l : session_.dayWork().lines()) ++(l.left ? built : l.lent ? lent : open);
    if (stopped)
        state_->setText(tr("Stopped. What was done stays; the same button goes on."));
    else if (open + lent == 0)
        state_->setText(tr("Done: %1 setups are corrected.").arg(built));
    else if (open == 0)
        state_->setText(
            tr("Done: %1 setups are corrected, %2 more by colours that are lent.").arg(built).arg(lent));
    else if (lent == 0)
        state_->setText(
            tr("Done: %1 setups are corrected, %2 are not; the list says why.").arg(built).arg(open));
    else
        state_->setText(
            tr("Done. Corrected: %1; by colours that are lent: %2; not: %3, and the list says why.")
                .arg(built)
                .arg(lent)
                .arg(open));
    refresh();
}

void CardPage::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), look::palette().ground);
}

}  // namespace refero
