// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <nlohmann/json.hpp>
#include <string>
#include <string_view>
#include <vector>

#include "core/result.h"

namespace refero::io {

using Json = nlohmann::ordered_json;

/// Text to JSON; the error names the line and column.
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
