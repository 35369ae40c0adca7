// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <QStringList>
#include <algorithm>
#include <cmath>
#include <functional>
#include <type_traits>
#include <utility>
#include <vector>

#include "app/forms/form.h"
#include "app/look/text.h"
#include "core/result.h"

namespace refero {

/// How one field of a record is shown and what is made of what a person enters.
template <class R>
struct Binding {
    Form::Row row;
    // A line of text.
    std::function<QString(const R&)> text{};
    std::function<Status(R&, const QString&)> take{};
    // A choice.
    std::function<QStringList(const R&)> choices{};
    std::function<int(const R&)> index{};
    /// False where nothing is to be changed by it.
    std::function<bool(R&, int)> choose{};
    /// Whether the record has it at all.
    std::function<bool(const R&)> applies = [](const R&) { return true; };
};

/// As short as it can be said: 50, 2.4.
QString numberText(double value);
/// Comma or point; an error that repeats what was typed.
Result<double> numberFrom(const QString& caption, const QString& text);

/// The nearest number of that kind; its own range is the record's affair.
template <class N>
N numberOf(double v) {
    if constexpr (std::is_integral_v<N>) {
        return static_cast<N>(std::llround(std::clamp(v, -1e9, 1e9)));
    } else {
        return static_cast<N>(v);
    }
}

template <class R>
Binding<R> textField(Form::Row row, std::string R::*member) {
    Binding<R> b{std::move(row)};
    b.text = [member](const R& r) { return QString::fromStdString(r.*member); };
    b.take = [member](R& r, const QString& t) -> Status {
        r.*member = t.toStdString();
        return {};
    };
    return b;
}

/// Works on doubles and whole numbers; zero is shown as nothing where `emptyIsZero`.
template <class R, class N>
Binding<R> numberField(Form::Row row, N R::*member, bool emptyIsZero = false) {
    Binding<R> b{row};
    b.text = [member, emptyIsZero](const R& r) {
        const auto v = static_cast<double>(r.*member);
        return emptyIsZero && v == 0 ? QString() : numberText(v);
    };
    b.take = [member, emptyIsZero, caption = row.caption](R& r, const QString& t) -> Status {
        if (emptyIsZero && t.isEmpty()) {
            r.*member = 0;
            return {};
        }
        const auto v = numberFrom(caption, t);
        if (!v) return tl::unexpected(v.error());
        if (emptyIsZero && *v == 0)
            return failure(
                (caption + told(": 0 is not possible; leave it empty where it is not known.")).toStdString());
        r.*member = numberOf<N>(*v);
        return {};
    };
    return b;
}

/// One of two states, in words.
template <class R>
Binding<R> yesField(Form::Row row, bool R::*member, const QString& no, const QString& yes) {
    Binding<R> b{std::move(row)};
    b.choices = [no, yes](const R&) { return QStringList{no, yes}; };
    b.index = [member](const R& r) { return r.*member ? 1 : 0; };
    b.choose = [member](R& r, int i) {
        r.*member = i == 1;
        return true;
    };
    return b;
}

}  // namespace refero
