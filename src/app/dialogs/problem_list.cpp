// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/dialogs/problem_list.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QListWidget>
#include <QVBoxLayout>

#include "app/look/button.h"
#include "app/look/label.h"

namespace refero {

ProblemList::ProblemList(const QString& title, const QStringList& problems, QWidget* parent)
    : QDialog(parent) {
    setObjectName(QStringLiteral("problemWindow"));
    setWindowTitle(title);
    resize(640, 420);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(12);
    column->addWidget(
        new look::Label(title, look::Size::title, look::Label::Tone::loud, QFont::DemiBold, this));
    auto* list = new QListWidget(this);
    list->setObjectName(QStringLiteral("problemList"));
    list->setAccessibleName(title);
    list->setWordWrap(true);
    list->addItems(problems);
    column->addWidget(list, 1);
    auto* row = new QHBoxLayout;
    row->addStretch(1);
    auto* copy = new look::Button(look::Button::Kind::plain, tr("Copy all"), this);
    copy->setObjectName(QStringLiteral("copyProblems"));
    auto* close = new look::Button(look::Button::Kind::primary, tr("Close"), this);
    row->addWidget(copy);
    row->addWidget(close);
    column->addLayout(row);
    connect(copy, &QAbstractButton::clicked, this,
            [problems] { QGuiApplication::clipboard()->setText(problems.join(QLatin1Char('\n'))); });
    connect(close, &QAbstractButton::clicked, this, &QDialog::accept);
}

}  // namespace refero
