// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/prepare_page.h"

#include <QHBoxLayout>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/kit/kit_fields.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/plan/task_row.h"
#include "studio/plan_edits.h"

namespace refero {
namespace {

QString heading(plan::Task::Kind kind) {
    return kind == plan::Task::Kind::safety ? PreparePage::tr("Cautions") : inWords(name(kind));
}

}  // namespace

PreparePage::PreparePage(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("preparePage"));
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(0, 0, 0, 0);
    outer->setSpacing(0);
    count_ = new look::Label({}, look::Size::body, look::Label::Tone::quiet);
    count_->setObjectName(QStringLiteral("prepareCount"));
    count_->setContentsMargins(16, 12, 16, 4);
    outer->addWidget(count_);
    auto* area = new QScrollArea(this);
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget;
    auto* row = new QHBoxLayout(inside);
    row->setContentsMargins(0, 0, 0, 16);
    row->setSpacing(16);
    for (auto*& column : columns_) {
        column = new QVBoxLayout;
        column->setSpacing(0);
        row->addLayout(column, 1);
    }
    area->setWidget(inside);
    outer->addWidget(area, 1);
}

std::set<std::string> PreparePage::ticked() const {
    std::set<std::string> out;
    for (const auto& [id, t] : session_.studio()->contents().all<studio::Tick>())
        if (t.shoot == session_.shootId()) out.insert(t.task);
    return out;
}

void PreparePage::refresh() {
    if (!session_.studio()) return;
    const auto tasks = plan::preparations(session_.day());
    std::vector<std::pair<std::string, std::string>> now;
    for (const plan::Task& t : tasks) now.emplace_back(t.id, t.what + t.why);
    if (now != shown_) {
        shown_ = now;
        build(tasks);
    }
    const auto done = ticked();
    int seen = 0;
    for (const plan::Task& t : tasks) {
        const bool on = done.contains(t.id);
        seen += on;
        if (auto* r = findChild<TaskRow*>(QStringLiteral("task-") + QString::fromStdString(t.id)))
            r->setChecked(on);
    }
    count_->setText(tasks.empty() ? tr("What to prepare follows from the setups; enter one first.")
                                  : told("%1 of %2 seen to").arg(seen).arg(tasks.size()));
}

void PreparePage::build(const std::vector<plan::Task>& tasks) {
    for (auto* column : columns_)
        while (QLayoutItem* item = column->takeAt(0)) {
            delete item->widget();
            delete item;
        }
    std::optional<plan::Task::Kind> last;
    for (const plan::Task& t : tasks) {
        const bool right = t.kind == plan::Task::Kind::light || t.kind == plan::Task::Kind::safety ||
                           t.kind == plan::Task::Kind::display;
        QVBoxLayout* column = columns_[right ? 1 : 0];
        if (t.kind != last) {
            auto* title =
                new look::Label(heading(t.kind), look::Size::small, look::Label::Tone::quiet, QFont::Medium);
            title->setContentsMargins(16, 12, 16, 2);
            column->addWidget(title);
        }
        last = t.kind;
        auto* row = new TaskRow(t, this);
        connect(row, &QAbstractButton::clicked, this, [this, id = t.id, what = t.what] {
            const Status kept = session_.perform(
                tr("Tick: %1").arg(QString::fromStdString(what)), [&](studio::Edit& edit) -> Status {
                    studio::toggleTick(edit, session_.studio()->contents(), session_.shootId(), id,
                                       plan::isoText(plan::now()));
                    return {};
                });
            if (!kept) refresh();
        });
        column->addWidget(row);
    }
    for (auto* column : columns_) column->addStretch(1);
}

}  // namespace refero
