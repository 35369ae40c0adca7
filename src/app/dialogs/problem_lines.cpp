// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/dialogs/problem_lines.h"

#include <QVBoxLayout>

#include "app/dialogs/problem_list.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"

namespace refero {
namespace {

constexpr qsizetype kNamed = 3;

}  // namespace

ProblemLines::ProblemLines(const char* object, const QString& title, QWidget* parent)
    : QWidget(parent), title_(title) {
    auto* row = new QVBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4);
    lines_ = new look::Label({}, look::Size::small, look::Label::Tone::loud, QFont::Normal, this);
    lines_->setObjectName(QLatin1String(object));
    row->addWidget(lines_);
    all_ = new look::Button(look::Button::Kind::plain, tr("Show all of them"), this);
    all_->setObjectName(QLatin1String(object) + QStringLiteral("All"));
    row->addWidget(all_, 0, Qt::AlignLeft);
    connect(all_, &QAbstractButton::clicked, this, [this] {
        auto* list = new ProblemList(title_, problems_, window());
        list->setAttribute(Qt::WA_DeleteOnClose);
        list->show();
    });
    hide();
}

void ProblemLines::setProblems(const QStringList& problems) {
    problems_ = problems;
    QStringList named = problems.mid(0, kNamed);
    if (problems.size() > kNamed) named << tr("And %1 more.").arg(problems.size() - kNamed);
    lines_->setText(named.join(QLatin1Char('\n')));
    all_->setVisible(problems.size() > kNamed);
    setVisible(!problems.isEmpty());
}

}  // namespace refero
