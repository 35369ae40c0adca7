// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <concepts>
#include <cstdint>
#include <nlohmann/json.hpp>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "core/result.h"

namespace refero::io {

using Json = nlohmann::ordered_json;

/// Text to JSON; the error names the line and column. Nothing of ours is more than 100 levels deep, and what
/// is deeper is refused: it would end the program where it is written out.
Result<Json> parseJson(std::string_view text, const std::string& origin);

/// Thrown inside io only, by Node; `guarded` turns it into an Error.
struct JsonProblem {
    std::string message;
};

/// A place in a JSON document that knows its path, so that every complaint names the field.
class Node {
  public:
    Node(const Json& json, std::string path) : json_(&json), path_(std::move(path)) {}

    Node at(const char* key) const;
    bool has(const char* key) const {
        return json_->is_object() && json_->contains(key) && !(*json_)[key].is_null();
    }
    double number() const;
    double number(const char* key, double otherwise) const { return has(key) ? at(key).number() : otherwise; }
    /// A whole number that `T` holds, up to 9e15 either way.
    template <std::integral T = int>
    T whole() const {
        const std::int64_t v = anyWhole();
        if (!std::in_range<T>(v)) fail(v < 0 ? "is too small" : "is too large");
        return static_cast<T>(v);
    }
    template <std::integral T>
    T whole(const char* key, T otherwise) const {
        return has(key) ? at(key).whole<T>() : otherwise;
    }
    std::string text() const;
    std::string text(const char* key, std::string otherwise) const {
        return has(key) ? at(key).text() : otherwise;
    }
    bool truth(const char* key, bool otherwise) const;
    /// Array of numbers; `size` 0 means any.
    std::vector<double> numbers(std::size_t size = 0) const;
    std::vector<Node> items() const;
    const Json& json() const { return *json_; }
    [[noreturn]] void fail(const std::string& what) const;

  private:
    std::int64_t anyWhole() const;

    const Json* json_;
    std::string path_;
};

/// Runs `read` and turns every complaint into an error that begins with `origin`.
template <class Read>
auto guarded(const std::string& origin, Read&& read) -> Result<decltype(read())> {
    try {
        return read();
    } catch (const JsonProblem& p) {
        return failure(origin + ": " + p.message);
    } catch (const nlohmann::json::exception& e) {
        return failure(origin + ": " + e.what());
    }
}

/// Checks "format" and "version" of one of our own files.
void expectFormat(const Node& root, const char* format, int version);

/// Pretty text, short number arrays on one line, a newline at the end.
std::string prettyJson(const Json& json);

}  // namespace refero::io
