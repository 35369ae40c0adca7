// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <concepts>
#include <initializer_list>
#include <string>
#include <type_traits>

#include "core/say/say.h"

namespace refero {

/// What stands between whole and parts in figures for people; a point until it is set. Never used in files
/// that programs read.
void setDecimalSign(char sign);

namespace detail {

/// One of printf's values.
struct FigureValue {
    enum class Kind { real, whole, text } kind = Kind::whole;
    double real = 0;
    long long whole = 0;
    const char* text = "";

    template <std::floating_point T>
    FigureValue(T value) : kind(Kind::real), real(static_cast<double>(value)) {}
    template <std::integral T>
    FigureValue(T value) : whole(static_cast<long long>(value)) {}
    FigureValue(const char* value) : kind(Kind::text), text(value) {}
};

std::string figured(const char* format, std::initializer_list<FigureValue> values);

}  // namespace detail

/// As printf, for people: parts come after the sign that is set. Places and values are matched by their
/// order; a place without a value stays as it is. Long texts are not cut off.
template <class... Values>
std::string figure(const char* format, Values... values) {
    return detail::figured(format, {detail::FigureValue(values)...});
}

/// With so many digits behind the sign that is set.
std::string decimals(double value, int digits);

/// As `say`, with printf's places: a catalogue gives them in the same order.
template <class... Values>
std::string sayf(const char* format, Values... values) {
    return figure(say(format).c_str(), values...);
}

}  // namespace refero
