// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/record_json.h"

#include "studio/detail/enum_text.h"
#include "studio/fields.h"

namespace refero::studio {
namespace {

using detail::Enumeration;

class JsonWriter {
  public:
    explicit JsonWriter(io::Json& json) : json_(json) {}

    template <class T>
    void operator()(const char* name, T& field) {
        put(name, field);
    }

  private:
    template <class T>
    void put(const char* name, const T& v) {
        json_[name] = v;
    }
    template <class T>
    void put(const char* name, const std::optional<T>& v) {
        if (v) json_[name] = *v;
    }
    template <plan::Kind kind>
    void put(const char* name, const plan::Id<kind>& v) {
        json_[name] = v.number();
    }
    template <Enumeration E>
    void put(const char* key, const E& v) {
        json_[key] = name(v);
    }

    io::Json& json_;
};

// A field that is not there keeps its default: files of other makers may leave out what they do not know.
class JsonReader {
  public:
    explicit JsonReader(const io::Node& node) : node_(node) {}

    template <class T>
    void operator()(const char* name, T& field) {
        if (node_.has(name)) read(node_.at(name), field);
    }

  private:
    static void read(const io::Node& n, std::string& v) { v = n.text(); }
    static void read(const io::Node& n, double& v) { v = n.number(); }
    static void read(const io::Node& n, bool& v) {
        if (!n.json().is_boolean()) n.fail("must be true or false");
        v = n.json().get<bool>();
    }
    template <std::integral I>
    static void read(const io::Node& n, I& v) {
        v = n.whole<I>();
    }
    template <class T>
    static void read(const io::Node& n, std::optional<T>& v) {
        read(n, v.emplace());
    }
    template <plan::Kind kind>
    static void read(const io::Node& n, plan::Id<kind>& v) {
        v = n.whole<AnyId>();
    }
    template <Enumeration E>
    static void read(const io::Node& n, E& v) {
        const auto known = detail::parsed(n.text(), E{});
        if (!known) n.fail("is wrong: " + known.error().message);
        v = *known;
    }

    const io::Node& node_;
};

template <class R>
R recordFrom(const io::Node& node) {
    R r;
    JsonReader reader(node);
    fields(reader, r);
    if (r.id <= 0) node.fail("needs an id above 0");
    return r;
}

template <class R>
io::Json recordJson(const R& r) {
    io::Json j = io::Json::object();
    JsonWriter writer(j);
    fieldsOf(writer, r);
    return j;
}

std::string_view kindOf(const Record& record) {
    return std::visit([]<class R>(const R&) { return kindName<R>(); }, record);
}

std::optional<Record> sideFrom(const io::Node& change, const char* side) {
    if (!change.has(side)) return {};
    const std::string kind = change.at("kind").text();
    std::optional<Record> out;
    forEachKind([&]<class R>() {
        if (kindName<R>() == kind) out = Record(recordFrom<R>(change.at(side)));
    });
    if (!out) change.at("kind").fail("is no kind of record");
    return out;
}

}  // namespace

io::Json toJson(const Record& record) {
    return std::visit([](const auto& r) { return recordJson(r); }, record);
}

io::Json toJson(const std::vector<Change>& changes) {
    io::Json list = io::Json::array();
    for (const Change& c : changes) {
        io::Json j;
        j["kind"] = kindOf(c.after ? *c.after : *c.before);
        if (c.before) j["before"] = toJson(*c.before);
        if (c.after) j["after"] = toJson(*c.after);
        list.push_back(std::move(j));
    }
    return list;
}

Result<std::vector<Change>> changesFrom(const io::Json& json) {
    return io::guarded("The history", [&] {
        std::vector<Change> out;
        for (const io::Node& n : io::Node(json, "").items())
            out.push_back({sideFrom(n, "before"), sideFrom(n, "after")});
        return out;
    });
}

io::Json toJson(const Contents& contents) {
    io::Json j{{"format", "refero-studio"}, {"version", 1}};
    forEachKind([&]<class R>() {
        io::Json list = io::Json::array();
        for (const auto& [id, r] : contents.all<R>()) list.push_back(recordJson(r));
        j[std::string(kindName<R>())] = std::move(list);
    });
    return j;
}

Result<Contents> contentsFrom(const io::Json& json, const std::string& origin) {
    return io::guarded(origin, [&] {
        const io::Node root(json, "");
        io::expectFormat(root, "refero-studio", 1);
        Contents c;
        std::map<AnyId, std::string_view> seen;
        forEachKind([&]<class R>() {
            const std::string key(kindName<R>());
            if (!root.has(key.c_str())) return;
            for (const io::Node& n : root.at(key.c_str()).items()) {
                const R r = recordFrom<R>(n);
                if (!seen.emplace(r.id.number(), kindName<R>()).second) n.at("id").fail("occurs twice");
                c.put(r);
            }
        });
        return c;
    });
}

}  // namespace refero::studio
