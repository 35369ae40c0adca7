// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/demo/demo_day.h"

#include "core/embedded.h"
#include "studio/record_json.h"

namespace refero {

Result<DemoDay> demoDay() {
    const auto text = [](const char* file) { return embedded::textOf(embedded::demo(), file); };
    const std::string origin = "The demo's studio";
    auto scene = sim::parseScene(text("harrow-fen.scene.json"), "The demo's scene");
    if (!scene) return tl::unexpected(scene.error());
    return io::parseJson(text("harrow-fen.studio.json"), origin)
        .and_then([&](const io::Json& json) { return studio::contentsFrom(json, origin); })
        .map([&](studio::Contents contents) {
            return DemoDay{*std::move(scene), std::move(contents)};
        });
}

}  // namespace refero
