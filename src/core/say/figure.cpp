// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/say/figure.h"

#include <algorithm>
#include <atomic>
#include <cstdio>
#include <cstring>

namespace refero {
namespace {

std::atomic<char> decimalSign{'.'};

template <class V>
std::string printed(const std::string& place, V value) {
    const int length = std::snprintf(nullptr, 0, place.c_str(), value);
    std::string text(static_cast<std::size_t>(length > 0 ? length : 0), '\0');
    std::snprintf(text.data(), text.size() + 1, place.c_str(), value);
    return text;
}

// `flags` holds flags, width and precision; how the value is written follows from what it is.
std::string written(const std::string& flags, char conversion, const detail::FigureValue& v) {
    using Kind = detail::FigureValue::Kind;
    if (v.kind == Kind::text) return printed(flags + "s", v.text);
    if (v.kind == Kind::whole) return printed(flags + "lld", v.whole);
    std::string out = printed(flags + (std::strchr("eEgG", conversion) ? conversion : 'f'), v.real);
    std::replace(out.begin(), out.end(), '.', decimalSign.load());
    return out;
}

}  // namespace

void setDecimalSign(char sign) {
    decimalSign = sign;
}

std::string detail::figured(const char* format, std::initializer_list<FigureValue> values) {
    std::string out;
    const FigureValue* next = values.begin();
    while (*format != '\0') {
        if (*format != '%') {
            out += *format++;
            continue;
        }
        if (format[1] == '%') {
            out += '%';
            format += 2;
            continue;
        }
        const std::size_t flags = std::strspn(format + 1, "-+ #0123456789.") + 1;
        const std::size_t length = std::strspn(format + flags, "hlzjtL");
        const char conversion = format[flags + length];
        if (next == values.end() || conversion == '\0' || !std::strchr("diufFeEgGs", conversion)) {
            out += *format++;
            continue;
        }
        out += written(std::string(format, flags), conversion, *next++);
        format += flags + length + 1;
    }
    return out;
}

std::string decimals(double value, int digits) {
    return figure(("%." + std::to_string(digits) + "f").c_str(), value);
}

}  // namespace refero
