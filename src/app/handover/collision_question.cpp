// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/handover/collision_question.h"

#include <QHBoxLayout>

#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"

namespace refero {

CollisionQuestion::CollisionQuestion(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("inTheWay"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    text_ = new look::Label({}, look::Size::body, look::Label::Tone::loud);
    text_->setObjectName(QStringLiteral("inTheWayText"));
    row->addWidget(text_, 1);
    const auto button = [&](const char* words, const char* object, const char* hint, auto&& act) {
        auto* b = new look::Button(look::Button::Kind::plain, told(words), this);
        b->setObjectName(QLatin1String(object));
        b->setToolTip(told(hint));
        connect(b, &QAbstractButton::clicked, this, act);
        row->addWidget(b, 0, Qt::AlignTop);
    };
    button(word("Keep both"), "keepBoth", word("The new ones get a number behind their names."),
           [this] { emit answered(io::Collision::number); });
    button(word("Replace"), "replaceThem", word("The old ones are gone once the new ones stand."),
           [this] { emit answered(io::Collision::replace); });
    button(word("Skip those"), "leaveThem", word("What is there stays, and is not written anew."),
           [this] { emit answered(io::Collision::skip); });
    button(word("Not now"), "notNow", word("Nothing is written."), [this] { emit declined(); });
    hide();
}

void CollisionQuestion::ask(const QStringList& names) {
    const QString& first = names.front();
    text_->setText(names.size() == 1
                       ? told("%1 is there already.").arg(first)
                       : told("%1 files are there already, %2 among them.").arg(names.size()).arg(first));
    show();
}

}  // namespace refero
