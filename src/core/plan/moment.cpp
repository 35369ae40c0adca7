// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/moment.h"

#include "core/say/say.h"

#include <charconv>
#include <cstdio>
#include <optional>

namespace refero::plan {
namespace {

using std::chrono::days;
using std::chrono::hours;
using std::chrono::minutes;
using std::chrono::seconds;

// Takes digits off the front of a text, piece by piece.
class Scanner {
  public:
    explicit Scanner(std::string_view text) : rest_(text) {}

    std::optional<int> number(std::size_t digits) {
        int value = 0;
        if (rest_.size() < digits) return {};
        const auto [end, error] = std::from_chars(rest_.data(), rest_.data() + digits, value);
        if (error != std::errc() || end != rest_.data() + digits || value < 0) return {};
        rest_.remove_prefix(digits);
        return value;
    }
    bool take(char c) {
        if (rest_.empty() || rest_.front() != c) return false;
        rest_.remove_prefix(1);
        return true;
    }
    bool done() const { return rest_.empty(); }

  private:
    std::string_view rest_;
};

std::optional<Date> scanDate(Scanner& s) {
    const auto year = s.number(4);
    if (!year || !s.take('-')) return {};
    const auto month = s.number(2);
    if (!month || !s.take('-')) return {};
    const auto day = s.number(2);
    if (!day) return {};
    const Date date{std::chrono::year(*year), std::chrono::month(static_cast<unsigned>(*month)),
                    std::chrono::day(static_cast<unsigned>(*day))};
    return date.ok() ? std::optional(date) : std::nullopt;
}

std::optional<minutes> scanClock(Scanner& s) {
    const auto hour = s.number(2);
    if (!hour || !s.take(':')) return {};
    const auto minute = s.number(2);
    if (!minute || *hour > 23 || *minute > 59) return {};
    return hours(*hour) + minutes(*minute);
}

std::optional<minutes> scanZone(Scanner& s) {
    if (s.take('Z')) return minutes(0);
    const bool east = s.take('+');
    if (!east && !s.take('-')) return {};
    const auto offset = scanClock(s);
    if (!offset) return {};
    return east ? *offset : -*offset;
}

std::optional<Moment> scanMoment(Scanner& s) {
    const auto date = scanDate(s);
    if (!date || !s.take('T')) return {};
    const auto clock = scanClock(s);
    if (!clock) return {};
    int second = 0;
    if (s.take(':')) {
        const auto n = s.number(2);
        if (!n || *n > 59) return {};
        second = *n;
    }
    const auto zone = scanZone(s);
    if (!zone) return {};
    return std::chrono::sys_days(*date) + *clock + seconds(second) - *zone;
}

}  // namespace

Moment now() {
    return std::chrono::floor<seconds>(std::chrono::system_clock::now());
}

std::string isoText(Date d) {
    char text[24];
    std::snprintf(text, sizeof text, "%04d-%02u-%02u", int(d.year()), unsigned(d.month()), unsigned(d.day()));
    return text;
}

std::string isoText(Moment m) {
    const auto day = std::chrono::floor<days>(m);
    const std::chrono::hh_mm_ss clock(m - day);
    char text[16];
    std::snprintf(text, sizeof text, "T%02d:%02d:%02dZ", int(clock.hours().count()),
                  int(clock.minutes().count()), int(clock.seconds().count()));
    return isoText(Date(day)) + text;
}

Result<Moment> momentFrom(std::string_view text) {
    Scanner s(text);
    const auto m = scanMoment(s);
    if (!m || !s.done())
        return failure(say(
            "\"%1\" is not a time: 2026-05-14T09:30:00Z or with an offset such as +02:00 is wanted.", text));
    return *m;
}

Result<Date> dateFrom(std::string_view text) {
    Scanner s(text);
    const auto d = scanDate(s);
    if (!d || !s.done()) return failure(say("\"%1\" is not a date: 2026-05-14 is wanted.", text));
    return *d;
}

std::string clockText(Moment m, int offsetMinutes) {
    return isoText(m + minutes(offsetMinutes)).substr(11, 5);
}

Result<int> clockMinutesFrom(std::string_view text) {
    const std::string padded = text.size() == 4 ? "0" + std::string(text) : std::string(text);
    Scanner s(padded);
    const auto clock = scanClock(s);
    if (!clock || !s.done())
        return failure(say("\"%1\" is not a time of day: 9:30 or 14:05 is wanted.", text));
    return static_cast<int>(clock->count());
}

}  // namespace refero::plan
