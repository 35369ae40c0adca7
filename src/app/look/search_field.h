// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLineEdit>
#include <QToolButton>

namespace refero::look {

/// A field for words to look for, with a button that empties it. `name` is for those who do not see.
inline QLineEdit* searchField(const char* object, const QString& name, const QString& placeholder,
                              QWidget* parent) {
    auto* field = new QLineEdit(parent);
    field->setObjectName(QLatin1String(object));
    field->setAccessibleName(name);
    field->setPlaceholderText(placeholder);
    field->setClearButtonEnabled(true);
    for (QToolButton* clear : field->findChildren<QToolButton*>())
        clear->setAccessibleName(QLineEdit::tr("Clear"));
    return field;
}

}  // namespace refero::look
