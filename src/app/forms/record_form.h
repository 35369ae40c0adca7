// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/forms/binding.h"
#include "app/look/text.h"

namespace refero {

/// A form over one record. Each thing entered makes a changed copy, which is offered to `wanted` with what
/// was entered in words; where that refuses, the field says why.
template <class R>
class RecordForm : public Form {
  public:
    using Wanted = std::function<Status(const R& changed, const QString& what)>;

    RecordForm(std::vector<Binding<R>> bindings, Wanted wanted, QWidget* parent = nullptr)
        : Form(parent), bindings_(std::move(bindings)), wanted_(std::move(wanted)) {
        for (const Binding<R>& b : bindings_) b.choices ? addChoice(b.row) : addText(b.row);
        QObject::connect(this, &Form::entered, this, [this](const QString& key, const QString& text) {
            const Binding<R>& b = bindingOf(key);
            R changed = record_;
            if (const Status ok = b.take(changed, text); !ok) return refuse(b, ok.error());
            offer(b, changed, text);
        });
        QObject::connect(this, &Form::chosen, this, [this](const QString& key, int i) {
            const Binding<R>& b = bindingOf(key);
            const QStringList all = b.choices(record_);
            R changed = record_;
            if (b.choose(changed, i)) return offer(b, changed, all.value(i));
            setChoices(key, all, b.index(record_));
        });
    }

    void setRecord(const R& record) {
        if (record.id != record_.id) clearMessages();
        record_ = record;
        for (const Binding<R>& b : bindings_) {
            if (b.choices) {
                setChoices(b.row.key, b.choices(record), b.index(record));
            } else {
                setText(b.row.key, b.text(record));
            }
            setFieldVisible(b.row.key, b.applies(record));
        }
    }

  private:
    void refuse(const Binding<R>& b, const Error& error) {
        setMessage(b.row.key, QString::fromStdString(error.message));
        if (b.choices) setChoices(b.row.key, b.choices(record_), b.index(record_));
    }
    void offer(const Binding<R>& b, const R& changed, const QString& text) {
        const QString value = text.isEmpty()         ? told("none")
                              : b.row.unit.isEmpty() ? text
                                                     : text + QLatin1Char(' ') + b.row.unit;
        const Status ok = wanted_(changed, b.row.caption + QStringLiteral(": ") + value);
        if (!ok) return refuse(b, ok.error());
        setMessage(b.row.key, {});
    }
    const Binding<R>& bindingOf(const QString& key) const {
        return *std::find_if(bindings_.begin(), bindings_.end(),
                             [&](const Binding<R>& b) { return b.row.key == key; });
    }

    std::vector<Binding<R>> bindings_;
    Wanted wanted_;
    R record_{};
};

}  // namespace refero
