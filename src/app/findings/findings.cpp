// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/findings/findings.h"

#include <QPainter>
#include <QScrollArea>
#include <QScrollBar>
#include <QVBoxLayout>
#include <algorithm>
#include <tuple>

#include "app/findings/check_view.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/tokens.h"

namespace refero {
namespace {

bool same(const Check& a, const Check& b) {
    const auto parts = [](const Check& c) {
        return std::tie(c.id, c.verdict, c.value, c.unit, c.low, c.high, c.scaleLow, c.scaleHigh, c.limit,
                        c.title, c.reason, c.remedy, c.evidence.patches, c.evidence.lines);
    };
    return parts(a) == parts(b);
}

}  // namespace

Findings::Findings(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("findings"));
    setFixedWidth(look::kFindingsWidth);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 12, 8, 12);
    column->setSpacing(8);
    scroll_ = new QScrollArea(this);
    scroll_->setObjectName(QStringLiteral("checkList"));
    scroll_->setAccessibleName(tr("Findings"));
    scroll_->setWidgetResizable(true);
    scroll_->setFrameShape(QFrame::NoFrame);
    scroll_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* content = new QWidget;
    list_ = new QVBoxLayout(content);
    list_->setContentsMargins(0, 0, 12, 0);
    list_->setSpacing(0);
    scroll_->setWidget(content);
    column->addWidget(scroll_, 1);
    extraPlace_ = new QVBoxLayout;
    column->addLayout(extraPlace_);
}

void Findings::setChecks(const std::vector<Check>& checks) {
    // A shoot changes more often than what is found in a frame, and so many texts take a while to lay out.
    if (!shown_.empty() && std::equal(shown_.begin(), shown_.end(), checks.begin(), checks.end(), &same))
        return showEvidence();
    clear();
    shown_ = checks;
    // What needs attention first; equal ones stay in the order of the work.
    std::vector<Check> sorted = checks;
    std::stable_sort(sorted.begin(), sorted.end(),
                     [](const Check& a, const Check& b) { return a.verdict > b.verdict; });
    const auto good = static_cast<int>(std::count_if(
        sorted.begin(), sorted.end(), [](const Check& c) { return c.verdict == Verdict::pass; }));
    // Where all is good the list is opened to see just that.
    const bool foldsGood = good > 0 && good < static_cast<int>(sorted.size());
    for (const Check& c : sorted) {
        if (foldsGood && !good_ && c.verdict == Verdict::pass) {
            good_ = new look::Button(look::Button::Kind::plain, tr("%n others are good", nullptr, good));
            good_->setObjectName(QStringLiteral("goodFold"));
            good_->setToolTip(tr("Shows or hides what is good."));
            connect(good_, &QAbstractButton::clicked, this, [this] {
                goodOpen_ = !goodOpen_;
                showGood();
            });
            list_->addSpacing(8);
            list_->addWidget(good_);
        }
        auto* view = new CheckView(c);
        connect(view, &CheckView::pointed, this, [this, view](bool here) {
            if (pointed_) pointed_->setChosen(false);
            pointed_ = here && !view->check().evidence.empty() ? view : nullptr;
            if (pointed_) pointed_->setChosen(true);
            showEvidence();
        });
        connect(view, &CheckView::limitWanted, this, &Findings::limitWanted);
        views_.push_back(view);
        list_->addWidget(view);
    }
    list_->addStretch(1);
    showGood();
    showEvidence();
}

void Findings::showGood() {
    if (!good_) return;
    good_->setIconName(goodOpen_ ? QStringLiteral("unfold") : QStringLiteral("fold"));
    for (CheckView* view : views_)
        if (view->check().verdict == Verdict::pass) view->setVisible(goodOpen_);
}

void Findings::showEvidence() {
    std::vector<MarkedEvidence> shown;
    for (const CheckView* view : views_) {
        const Check& c = view->check();
        if (pointed_ ? view == pointed_ : c.verdict != Verdict::pass)
            shown.push_back({markOf(c.id), c.evidence});
    }
    emit evidenceWanted(shown);
}

void Findings::clear() {
    views_.clear();
    shown_.clear();
    pointed_ = nullptr;
    good_ = nullptr;
    message_ = false;
    emit evidenceWanted({});
    while (QLayoutItem* item = list_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
}

void Findings::setMessage(const QString& text) {
    clear();
    message_ = !text.isEmpty();
    if (!message_) return;
    list_->addWidget(new look::Label(text));
    list_->addStretch(1);
}

void Findings::setExtra(QWidget* extra) {
    extra_ = extra;
    extraPlace_->addWidget(extra);
}

bool Findings::needed() const {
    return message_ || (extra_ && !extra_->isHidden()) ||
           std::any_of(views_.begin(), views_.end(),
                       [](const CheckView* v) { return v->check().verdict != Verdict::pass; });
}

void Findings::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), look::palette().panel);
}

}  // namespace refero
