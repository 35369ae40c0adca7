// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/forms/form.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include "app/forms/unit_field.h"
#include "app/look/caption.h"
#include "app/look/label.h"

namespace refero {
namespace {

constexpr int kCaptionWidth = 84;

}  // namespace

Form::Form(QWidget* parent) : QWidget(parent), column_(new QVBoxLayout(this)) {
    column_->setContentsMargins(0, 0, 0, 0);
    column_->setSpacing(look::kStep);
}

Form::Field& Form::add(const Row& row, QWidget* widget) {
    widget->setObjectName(row.key);
    widget->setAccessibleName(row.unit.isEmpty() ? row.caption
                                                 : row.caption + QStringLiteral(", ") + row.unit);
    widget->setToolTip(row.hint);
    widget->setMinimumWidth(48);
    widget->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    Field& field = fields_[row.key];
    if (row.beside && last_) {
        field.hides = widget;
        field.message = last_->message;
        line_->addWidget(widget, 1);
    } else {
        field.hides = new QWidget(this);
        line_ = new QHBoxLayout(field.hides);
        line_->setContentsMargins(0, 0, 0, 0);
        line_->setSpacing(2 * look::kStep);
        auto* caption = look::caption(row.caption);
        // Fields stand below each other; a longer caption takes what it needs.
        caption->setMinimumWidth(kCaptionWidth);
        caption->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Preferred);
        caption->setToolTip(row.hint);
        line_->addWidget(caption);
        line_->addWidget(widget, 1);
        column_->addWidget(field.hides);
        field.message = new look::Label({}, look::Size::small, look::Label::Tone::loud);
        field.message->setObjectName(row.key + QStringLiteral("Message"));
        field.message->setContentsMargins(kCaptionWidth + 2 * look::kStep, 0, 0, look::kStep);
        field.message->hide();
        column_->addWidget(field.message);
    }
    last_ = &field;
    return field;
}

void Form::addText(const Row& row) {
    auto* edit = new UnitField(row.unit, this);
    edit->setPlaceholderText(row.whenEmpty);
    add(row, edit).text = edit;
    connect(edit, &QLineEdit::editingFinished, this, [this, key = row.key] { finish(key); });
}

void Form::addChoice(const Row& row) {
    auto* box = new QComboBox(this);
    add(row, box).choice = box;
    connect(box, &QComboBox::activated, this, [this, key = row.key](int i) { emit chosen(key, i); });
}

void Form::finish(const QString& key) {
    Field& field = fields_.at(key);
    const QString text = field.text->text().trimmed();
    if (text == field.shown) return setMessage(key, {});
    emit entered(key, text);
}

void Form::setText(const QString& key, const QString& text) {
    Field& field = fields_.at(key);
    const bool typing =
        field.text->hasFocus() && field.text->isModified() && field.text->text() != field.shown;
    const bool same = field.shown == text;
    field.shown = text;
    if (typing && same) return;
    static_cast<UnitField*>(field.text)->setShown(text);
}

void Form::setChoices(const QString& key, const QStringList& choices, int index) {
    QComboBox* box = fields_.at(key).choice;
    const QSignalBlocker block(box);
    QStringList now;
    for (int i = 0; i < box->count(); ++i) now << box->itemText(i);
    if (now != choices) {
        box->clear();
        box->addItems(choices);
    }
    box->setCurrentIndex(index);
}

void Form::setFieldVisible(const QString& key, bool visible) {
    fields_.at(key).hides->setVisible(visible);
}

void Form::setMessage(const QString& key, const QString& message) {
    look::Label* label = fields_.at(key).message;
    label->setText(message);
    label->setVisible(!message.isEmpty());
}

void Form::clearMessages() {
    for (auto& [key, field] : fields_) setMessage(key, {});
}

void Form::focusOn(const QString& key) {
    Field& field = fields_.at(key);
    if (field.choice) return field.choice->setFocus();
    field.text->setFocus();
    field.text->selectAll();
}

}  // namespace refero
