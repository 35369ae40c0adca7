// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/setup_editor.h"

#include <QPainter>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/plan/chart_advice.h"
#include "app/plan/setup_fields.h"
#include "app/session/reading_actions.h"
#include "core/plan/change.h"
#include "studio/plan_edits.h"

namespace refero {

SetupEditor::SetupEditor(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("setupEditor"));
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(0, 0, 0, 0);
    auto* area = new QScrollArea(this);
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(16, 12, 16, 12);
    column->setSpacing(2 * look::kStep);
    title_ = new look::Label({}, look::Size::title, look::Label::Tone::loud, QFont::DemiBold);
    change_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    change_->setObjectName(QStringLiteral("changeSince"));
    state_ = new look::Label({}, look::Size::small);
    state_->setObjectName(QStringLiteral("setupState"));
    restate_ = new look::Button(look::Button::Kind::plain, tr("Its chart was shot like this"), inside);
    restate_->setObjectName(QStringLiteral("restate"));
    restate_->setToolTip(tr("Where an entry was wrong and nothing was changed on the set."));
    form_ = new RecordForm<plan::Setup>(
        setupFields({[this]() -> const plan::Day& { return session_.day(); }, [this] { emit kitWanted(); }}),
        [this](const plan::Setup& changed, const QString& what) { return put(changed, what); }, inside);
    advice_ = new ChartAdvice(inside);
    column->addWidget(title_);
    column->addWidget(change_);
    column->addWidget(state_);
    column->addWidget(restate_, 0, Qt::AlignLeft);
    column->addSpacing(look::kStep);
    column->addWidget(form_);
    column->addSpacing(look::kStep);
    column->addWidget(advice_);
    column->addStretch(1);
    area->setWidget(inside);
    outer->addWidget(area);
    connect(restate_, &QAbstractButton::clicked, this, [this] {
        if (const auto* s = current())
            session_.perform(told("%1: its chart was shot like this").arg(QString::fromStdString(s->label)),
                             [&](studio::Edit& edit) -> Status {
                                 studio::restateConditions(edit, session_.studio()->contents(), s->id);
                                 return {};
                             });
    });
    connect(advice_, &ChartAdvice::copyWanted, this, [this](qint64 copy) {
        const auto* s = current();
        const auto* chart = session_.day().kit.chart(copy);
        if (!s || !chart) return;
        plan::Setup changed = *s;
        changed.chart = copy;
        put(changed, tr("Chart: %1").arg(QString::fromStdString(chart->label)));
    });
    connect(advice_, &ChartAdvice::distanceWanted, this, [this](double metres) {
        const auto* s = current();
        if (!s) return;
        plan::Setup changed = *s;
        changed.distanceM = std::round(metres * 100) / 100;
        put(changed, tr("Distance: %1 m").arg(decimalText(changed.distanceM, 2)));
    });
    refresh();
}

const plan::Setup* SetupEditor::current() const {
    return session_.studio() ? session_.studio()->contents().find<plan::Setup>(session_.currentId())
                             : nullptr;
}

Status SetupEditor::put(const plan::Setup& changed, const QString& what) {
    const QString whose = QString::fromStdString(changed.label);
    return session_.perform(whose + QStringLiteral(", ") + what, [&](studio::Edit& edit) -> Status {
        if (changed.label.empty()) return failure(say("The setup needs a name."));
        if (auto ok = plan::validate(changed, session_.day().kit); !ok) return ok;
        edit.put(changed);
        return {};
    });
}

// The setup before it on the same body is what it is compared with; that is what stands ready on the set.
QString SetupEditor::changeSince(const plan::Setup& s) const {
    const plan::Day& day = session_.day();
    const auto at =
        std::find_if(day.setups.begin(), day.setups.end(), [&](const auto& x) { return x.id == s.id; });
    for (auto before = at; before != day.setups.begin();) {
        --before;
        if (before->conditions.body != s.conditions.body) continue;
        const auto changed = plan::changes(before->conditions, s.conditions);
        const QString whose = QString::fromStdString(before->label);
        if (changed.empty()) return tr("Nothing is changed since %1.").arg(whose);
        return tr("Since %1: %2.")
            .arg(whose, QString::fromStdString(plan::described(changed, before->conditions, s.conditions,
                                                               plan::Naming{day.kit, day.places})));
    }
    return tr("The first setup of its body.");
}

void SetupEditor::showState(const plan::Setup& s) {
    const plan::Due due = plan::dueOf(session_.day(), s);
    const bool plain =
        due.state == plan::DueState::due || (due.state == plan::DueState::done && due.shotOf == s.id);
    QStringList said;
    if (!plain) said << QString::fromStdString(due.reason);
    if (const auto beyond = plan::beyondTest(s, session_.day().kit); beyond && *beyond != 0)
        said << (*beyond < 0 ? tr("Planned %1 stops darker than the test of %2 says can be used.")
                             : tr("Planned %1 stops lighter than the test of %2 says can be used."))
                    .arg(decimalText(std::abs(*beyond), 1))
                    .arg(QString::fromStdString(s.profile));
    state_->setText(said.join(QLatin1Char(' ')));
    state_->setVisible(!state_->text().isEmpty());
    const auto* own = workflow::readingOf(session_.studio()->contents(), s.id);
    restate_->setVisible(due.state == plan::DueState::stale && own && own->conditions != s.conditions);
}

void SetupEditor::refresh() {
    const plan::Setup* s = current();
    setEnabled(s != nullptr);
    for (QWidget* w : {static_cast<QWidget*>(form_), static_cast<QWidget*>(advice_)}) w->setVisible(s);
    if (!s) {
        title_->setText(tr("No setup chosen"));
        change_->setText({});
        state_->hide();
        return restate_->hide();
    }
    title_->setText(QString::fromStdString(s->label));
    change_->setText(changeSince(*s));
    showState(*s);
    form_->setRecord(*s);
    advice_->show(*s, session_.day(), session_.reading().charts());
}

void SetupEditor::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), look::palette().panel);
}

}  // namespace refero
