// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <gtest/gtest.h>

#include <string>

#include "studio/fields.h"
#include "studio/record_json.h"
#include "studio/studio.h"

namespace refero::studio {

inline std::unique_ptr<Studio> made(const std::string& path) {
    auto s = Studio::create(path);
    EXPECT_TRUE(s) << s.error().message;
    return s ? std::move(*s) : nullptr;
}

inline std::unique_ptr<Studio> opened(const std::string& path) {
    auto s = Studio::open(path);
    EXPECT_TRUE(s) << s.error().message;
    return s ? std::move(*s) : nullptr;
}

/// Puts a value of its own into every field, so that a field that gets lost is seen.
class Filler {
  public:
    explicit Filler(int seed) : n_(seed) {}
    template <plan::Kind kind>
    void operator()(const char* name, plan::Id<kind>& v) {
        if (std::string(name) != "id") v = ++n_;
    }
    void operator()(const char*, std::int64_t& v) { v = ++n_; }
    void operator()(const char* name, std::string& v) {
        v = std::string(name) + " \"" + std::to_string(++n_) + "\" \xC3\xA9\n";
    }
    void operator()(const char*, double& v) { v = ++n_ + 0.1; }
    void operator()(const char*, int& v) { v = ++n_; }
    void operator()(const char*, bool& v) { v = true; }
    template <class T>
    void operator()(const char* name, std::optional<T>& v) {
        (*this)(name, v.emplace());
    }
    template <class E>
    requires std::is_enum_v<E>
    void operator()(const char*, E& v) { v = static_cast<E>(1); }

  private:
    int n_;
};

/// One record of every kind.
inline Edit oneOfEach(const Studio& s) {
    Edit e = s.edit("Add one of each");
    int seed = 0;
    forEachKind([&]<class R>() {
        R r;
        Filler fill(seed += 100);
        fields(fill, r);
        e.add(r);
    });
    return e;
}

inline std::string text(const Contents& c) {
    return toJson(c).dump();
}

inline ShootId addShoot(Studio& s, const std::string& label) {
    Edit e = s.edit("Add shoot " + label);
    plan::Shoot shoot;
    shoot.label = label;
    shoot.code = "K7Q2";
    const auto id = e.add(shoot);
    EXPECT_TRUE(s.commit(e));
    return id;
}

inline SetupId addSetup(Studio& s, ShootId shoot, const std::string& label) {
    Edit e = s.edit("Add setup " + label);
    plan::Setup setup;
    setup.shoot = shoot;
    setup.label = label;
    const auto id = e.add(setup);
    EXPECT_TRUE(s.commit(e));
    return id;
}

}  // namespace refero::studio
