// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/findings/findings.h"

#include <QPainter>
#include <QScrollArea>
#include <QScrollBar>
#include <QVBoxLayout>
#include <algorithm>

#include "app/findings/check_view.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/tokens.h"

namespace refero {

/// The verdict in letters that can be read from across the room.
class Findings::Headline : public QWidget {
  public:
    explicit Headline(QWidget* parent) : QWidget(parent) {
        setObjectName(QStringLiteral("verdict"));
        setFixedHeight(64);
    }
    void show(std::optional<Verdict> verdict, const QString& text) {
        verdict_ = verdict;
        text_ = text;
        setAccessibleName(text);
        update();
    }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        int x = 0;
        if (verdict_) {
            paintVerdict(p, {13, height() / 2.0}, 12, *verdict_);
            x = 38;
        }
        p.setPen(look::palette().loud);
        p.setFont(look::font(verdict_ ? look::Size::huge : look::Size::large, QFont::DemiBold));
        p.drawText(rect().adjusted(x, 0, 0, 0), Qt::AlignLeft | Qt::AlignVCenter, text_);
    }

  private:
    std::optional<Verdict> verdict_;
    QString text_;
};

Findings::Findings(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("findings"));
    setFixedWidth(look::kFindingsWidth);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 8, 16, 16);
    column->setSpacing(8);
    headline_ = new Headline(this);
    column->addWidget(headline_);

    scroll_ = new QScrollArea(this);
    scroll_->setObjectName(QStringLiteral("checkList"));
    scroll_->setAccessibleName(QStringLiteral("Findings"));
    scroll_->setWidgetResizable(true);
    scroll_->setFrameShape(QFrame::NoFrame);
    scroll_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* content = new QWidget;
    list_ = new QVBoxLayout(content);
    list_->setContentsMargins(0, 0, 12, 0);
    list_->setSpacing(0);
    scroll_->setWidget(content);
    column->addWidget(scroll_, 1);

    extra_ = new QVBoxLayout;
    column->addLayout(extra_);
    why_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet, QFont::Normal, this);
    column->addWidget(why_);
    step_ = new look::Button(look::Button::Kind::primary, {}, this);
    step_->setObjectName(QStringLiteral("nextStep"));
    step_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    column->addWidget(step_);
    connect(step_, &QAbstractButton::clicked, this, &Findings::nextStepWanted);
    setNextStep({}, {});
}

void Findings::setChecks(const std::vector<Check>& checks, std::optional<Verdict> verdict) {
    setMessage({}, {});
    if (verdict) {
        const auto text = label(*verdict);
        headline_->show(verdict, QString::fromUtf8(text.data(), static_cast<int>(text.size())));
    }
    // What needs attention first; equal ones stay in the order of the work.
    std::vector<Check> sorted = checks;
    std::stable_sort(sorted.begin(), sorted.end(),
                     [](const Check& a, const Check& b) { return a.verdict > b.verdict; });
    for (const Check& c : sorted) {
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
    showEvidence();
}

void Findings::showEvidence() {
    if (pointed_) {
        emit evidenceWanted(pointed_->check().evidence);
        return;
    }
    Evidence all;
    for (const CheckView* view : views_) {
        const Check& c = view->check();
        if (c.verdict == Verdict::pass) continue;
        all.patches.insert(all.patches.end(), c.evidence.patches.begin(), c.evidence.patches.end());
        all.lines.insert(all.lines.end(), c.evidence.lines.begin(), c.evidence.lines.end());
    }
    std::sort(all.patches.begin(), all.patches.end());
    all.patches.erase(std::unique(all.patches.begin(), all.patches.end()), all.patches.end());
    emit evidenceWanted(all);
}

void Findings::setMessage(const QString& title, const QString& text) {
    views_.clear();
    pointed_ = nullptr;
    emit evidenceWanted({});
    while (QLayoutItem* item = list_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    headline_->show({}, title);
    if (text.isEmpty()) return;
    list_->addWidget(new look::Label(text));
    list_->addStretch(1);
}

void Findings::setNextStep(const QString& step, const QString& why, bool enabled) {
    step_->setVisible(!step.isEmpty());
    step_->setText(step);
    step_->setAccessibleName(step);
    step_->setEnabled(enabled);
    why_->setText(why);
    why_->setVisible(!why.isEmpty());
}

void Findings::setExtra(QWidget* extra) {
    extra_->addWidget(extra);
}

void Findings::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), look::palette().panel);
}

}  // namespace refero
