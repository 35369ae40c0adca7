// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/foreign/cube_scan.h"

#include "core/say/say.h"

#include <array>
#include <charconv>
#include <cmath>
#include <optional>

namespace refero::io {
namespace {

constexpr long kMostPoints = 129, kMostCurvePoints = 65536;

std::vector<std::string_view> wordsOf(std::string_view line) {
    std::vector<std::string_view> out;
    std::size_t at = 0;
    while (at < line.size()) {
        at = line.find_first_not_of(" \t\r", at);
        if (at == std::string_view::npos) break;
        const std::size_t end = std::min(line.find_first_of(" \t\r", at), line.size());
        out.push_back(line.substr(at, end - at));
        at = end;
    }
    return out;
}

std::optional<double> numberIn(std::string_view word) {
    double v = 0;
    if (!word.empty() && word.front() == '+') word.remove_prefix(1);
    const auto [end, error] = std::from_chars(word.data(), word.data() + word.size(), v);
    if (error != std::errc() || end != word.data() + word.size()) return {};
    return v;
}

class Scan {
  public:
    explicit Scan(const std::string& origin) : origin_(origin) {}

    Result<CubeScan> run(std::string_view text) {
        std::size_t at = 0;
        while (at < text.size()) {
            const std::size_t end = std::min(text.find('\n', at), text.size());
            ++line_;
            if (auto ok = take(text.substr(at, end - at)); !ok) return tl::unexpected(ok.error());
            at = end + 1;
        }
        return finish();
    }

  private:
    tl::unexpected<Error> wrong(const std::string& what) const {
        return failure(say("%1, line %2: %3", origin_, std::to_string(line_), what));
    }

    Status take(std::string_view line) {
        const auto words = wordsOf(line);
        if (words.empty() || words[0].front() == '#') return {};
        if (words[0] == "TITLE") {
            const auto from = line.find('"'), to = line.rfind('"');
            if (from != std::string_view::npos && to > from)
                out_.title = line.substr(from + 1, to - from - 1);
            return {};
        }
        if (words[0] == "LUT_1D_SIZE" || words[0] == "LUT_3D_SIZE") return size(words);
        if (words[0] == "DOMAIN_MIN" || words[0] == "DOMAIN_MAX") return domain(words);
        if (words[0] == "LUT_1D_INPUT_RANGE" || words[0] == "LUT_3D_INPUT_RANGE") return range(words);
        return row(words);
    }

    Status size(const std::vector<std::string_view>& words) {
        const auto n = words.size() == 2 ? numberIn(words[1]) : std::nullopt;
        const bool three = words[0] == "LUT_3D_SIZE";
        const long most = three ? kMostPoints : kMostCurvePoints;
        if (!n || *n != std::floor(*n) || *n < 2 || *n > double(most))
            return wrong("the size must be a whole number from 2 to " + std::to_string(most) + ".");
        (three ? out_.points3d : out_.points1d) = static_cast<int>(*n);
        return {};
    }

    Status domain(const std::vector<std::string_view>& words) {
        auto& ends = words[0] == "DOMAIN_MIN" ? low_ : high_;
        for (std::size_t c = 0; c < 3; ++c) {
            const auto v = words.size() == 4 ? numberIn(words[c + 1]) : std::nullopt;
            if (!v || !std::isfinite(*v)) return wrong("the domain needs three numbers.");
            ends[c] = *v;
        }
        return {};
    }

    Status range(const std::vector<std::string_view>& words) const {
        const auto a = words.size() == 3 ? numberIn(words[1]) : std::nullopt,
                   b = words.size() == 3 ? numberIn(words[2]) : std::nullopt;
        if (!a || !b || !(*b > *a)) return wrong("the input range must rise.");
        return {};
    }

    Status row(const std::vector<std::string_view>& words) {
        if (words.size() != 3) return wrong("three numbers are wanted.");
        for (const std::string_view w : words) {
            const auto v = numberIn(w);
            if (!v) return wrong("\"" + std::string(w.substr(0, 30)) + "\" is no number.");
            if (!std::isfinite(*v)) return wrong("\"" + std::string(w.substr(0, 30)) + "\" is not finite.");
        }
        ++rows_;
        return {};
    }

    Result<CubeScan> finish() {
        if (out_.points1d == 0 && out_.points3d == 0)
            return failure(say("%1: it states no size, so it is no .cube.", origin_));
        for (std::size_t c = 0; c < 3; ++c)
            if (!(high_[c] > low_[c]))
                return failure(say("%1: its domain is none: it must rise in each channel.", origin_));
        const long n = out_.points3d, wanted = out_.points1d + n * n * n;
        if (rows_ != wanted)
            return failure(say("%1: %2 rows of numbers, where its size asks for %3.", origin_,
                               std::to_string(rows_), std::to_string(wanted)));
        if (out_.points3d > 0 && out_.points3d < 9)
            out_.remarks.push_back("It has only " + std::to_string(out_.points3d) +
                                   " points a side: between them colours go straight.");
        return std::move(out_);
    }

    std::string origin_;
    CubeScan out_;
    std::array<double, 3> low_{0, 0, 0}, high_{1, 1, 1};
    long line_ = 0, rows_ = 0;
};

}  // namespace

Result<CubeScan> scanCube(std::string_view text, const std::string& origin) {
    return Scan(origin).run(text);
}

}  // namespace refero::io
