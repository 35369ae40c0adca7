// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/json.h"

#include "core/say/say.h"

#include <algorithm>
#include <cmath>

namespace refero::io {
namespace {

std::string place(std::string_view text, std::size_t byte) {
    const std::string_view before = text.substr(0, std::min(byte, text.size()));
    const auto line = 1 + std::count(before.begin(), before.end(), '\n');
    const auto lastBreak = before.rfind('\n');
    const auto column = before.size() - (lastBreak == std::string_view::npos ? 0 : lastBreak + 1);
    return "line " + std::to_string(line) + ", column " + std::to_string(column);
}

bool flat(const Json& json) {
    return json.is_array() &&
           std::none_of(json.begin(), json.end(), [](const Json& v) { return v.is_structured(); });
}

void pretty(const Json& json, std::string& out, int depth) {
    const std::string indent(static_cast<std::size_t>(2 * depth + 2), ' ');
    if (!json.is_structured() || json.empty() || flat(json)) {
        if (!flat(json) || json.empty()) {
            out += json.dump();
            return;
        }
        out += "[";
        for (std::size_t i = 0; i < json.size(); ++i) out += (i ? ", " : "") + json[i].dump();
        out += "]";
        return;
    }
    out += json.is_object() ? "{" : "[";
    bool first = true;
    for (const auto& [key, value] : json.items()) {
        out += (first ? "\n" : ",\n") + indent;
        if (json.is_object()) out += Json(key).dump() + ": ";
        pretty(value, out, depth + 1);
        first = false;
    }
    out += "\n" + indent.substr(2) + (json.is_object() ? "}" : "]");
}

constexpr int kDeepest = 100;

// Of brackets that are open at once, outside of texts.
int depthOf(std::string_view text) {
    int depth = 0, deepest = 0;
    bool quoted = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            if (c == '\\') ++i;
            if (c == '"') quoted = false;
        } else if (c == '"') {
            quoted = true;
        } else if (c == '[' || c == '{') {
            deepest = std::max(deepest, ++depth);
        } else if (c == ']' || c == '}') {
            --depth;
        }
    }
    return deepest;
}

}  // namespace

Result<Json> parseJson(std::string_view text, const std::string& origin) {
    if (depthOf(text) > kDeepest) return failure(say("%1: its parts are nested too deeply.", origin));
    try {
        return Json::parse(text);
    } catch (const Json::parse_error& e) {
        return failure(
            say("%1: this is not JSON; it stops making sense at %2.", origin, place(text, e.byte)));
    } catch (const Json::exception& e) {
        return failure(origin + ": " + e.what());
    }
}

void Node::fail(const std::string& what) const {
    throw JsonProblem{"the field " + (path_.empty() ? std::string("(whole file)") : path_) + " " + what +
                      "."};
}

Node Node::at(const char* key) const {
    if (!json_->is_object()) fail("must be an object");
    Node child(*json_, path_.empty() ? key : path_ + "." + key);
    if (!has(key)) child.fail("is missing");
    child.json_ = &(*json_)[key];
    return child;
}

double Node::number() const {
    if (!json_->is_number()) fail("must be a number");
    const double v = json_->get<double>();
    if (!std::isfinite(v)) fail("must be a finite number");
    return v;
}

std::int64_t Node::anyWhole() const {
    const double v = number();
    if (v != std::floor(v) || std::abs(v) > 9e15) fail("must be a whole number");
    return static_cast<std::int64_t>(v);
}

std::string Node::text() const {
    if (!json_->is_string()) fail("must be text");
    return json_->get<std::string>();
}

bool Node::truth(const char* key, bool otherwise) const {
    if (!has(key)) return otherwise;
    const Node n = at(key);
    if (!n.json().is_boolean()) n.fail("must be true or false");
    return n.json().get<bool>();
}

std::vector<double> Node::numbers(std::size_t size) const {
    if (!json_->is_array()) fail("must be a list of numbers");
    if (size && json_->size() != size) fail("must be a list of " + std::to_string(size) + " numbers");
    std::vector<double> out;
    out.reserve(json_->size());
    // A path is made only for a complaint: lists can be long.
    for (const Json& item : *json_) {
        const double v = item.is_number() ? item.get<double>() : std::nan("");
        if (!std::isfinite(v)) Node(item, path_ + "[" + std::to_string(out.size()) + "]").number();
        out.push_back(v);
    }
    return out;
}

std::vector<Node> Node::items() const {
    if (!json_->is_array()) fail("must be a list");
    std::vector<Node> out;
    for (std::size_t i = 0; i < json_->size(); ++i)
        out.emplace_back((*json_)[i], path_ + "[" + std::to_string(i) + "]");
    return out;
}

void expectFormat(const Node& root, const char* format, int version) {
    if (root.at("format").text() != format)
        root.at("format").fail("is \"" + root.at("format").text() + "\", not \"" + format + "\"");
    const double v = root.at("version").number();
    if (v != version)
        root.at("version").fail("is " + root.at("version").json().dump() + "; this Refero reads version " +
                                std::to_string(version));
}

std::string prettyJson(const Json& json) {
    std::string out;
    pretty(json, out, 0);
    return out + "\n";
}

}  // namespace refero::io
