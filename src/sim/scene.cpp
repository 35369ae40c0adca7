// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/scene.h"

#include <array>
#include <cmath>

#include "io/json.h"
#include "io/safe_write.h"

namespace refero::sim {
namespace {

using io::Node;

constexpr std::array<std::string_view, 5> kSets{"plain", "tiles", "shelf", "kiln", "clutter"};

Set setFrom(const Node& node) {
    for (std::size_t i = 0; i < kSets.size(); ++i)
        if (kSets[i] == node.text()) return static_cast<Set>(i);
    node.fail("must be plain, tiles, shelf, kiln or clutter");
}

ChartPose poseFrom(const Node& n) {
    ChartPose p;
    p.coverage = n.number("coverage", p.coverage);
    if (n.has("centre")) {
        const auto c = n.at("centre").numbers(2);
        p.centre = {c[0], c[1]};
    }
    p.turnDegrees = n.number("turn_degrees", 0);
    p.tiltDegrees = n.number("tilt_degrees", 0);
    p.tiltAxisDegrees = n.number("tilt_axis_degrees", 0);
    return p;
}

Mosaic::Pattern mosaicFrom(const Node& n) {
    for (const auto& [name, pattern] : {std::pair("rggb", Mosaic::rggb),
                                        {"bggr", Mosaic::bggr},
                                        {"grbg", Mosaic::grbg},
                                        {"gbrg", Mosaic::gbrg}})
        if (n.text() == name) return pattern;
    n.fail("must be rggb, bggr, grbg or gbrg");
}

void describe(const Node& n, Shot& s) {
    s.camera = n.text("camera", s.camera);
    s.setup = static_cast<std::int64_t>(n.number("setup", 0));
    s.lens = n.text("lens", s.lens);
    s.place = n.text("place", s.place);
    s.lightName = n.text("light_name", s.lightName);
    s.taken = n.text("taken", s.taken);
    s.light = n.text("light", s.light);
    if (n.has("size")) {
        const auto size = n.at("size").numbers(2);
        s.width = static_cast<int>(size[0]);
        s.height = static_cast<int>(size[1]);
    }
    s.focalLength35mm = n.number("focal_length_35mm", s.focalLength35mm);
    s.exposure = n.number("exposure", s.exposure);
    s.iso = n.number("iso", s.iso);
    if (n.has("chart")) s.chart = n.at("chart").text();
    if (n.has("pose")) s.pose = poseFrom(n.at("pose"));
    if (n.has("set")) s.set = setFrom(n.at("set"));
    if (n.has("encoding")) {
        auto e = encodingByName(n.at("encoding").text());
        if (!e) n.at("encoding").fail("is wrong: " + e.error().message);
        s.encoding = *e;
    }
}

Shot shotFrom(const Node& n) {
    Shot s;
    s.file = n.at("file").text();
    describe(n, s);
    s.falloffStops = n.number("falloff_stops", 0);
    s.falloffDegrees = n.number("falloff_degrees", s.falloffDegrees);
    s.vignettingStops = n.number("vignetting_stops", 0);
    s.glare = n.number("glare", 0);
    if (n.has("lens_tint")) {
        const auto t = n.at("lens_tint").numbers(3);
        s.lensTint = {t[0], t[1], t[2]};
    }
    s.blurPixels = n.number("blur_pixels", 0);
    s.noise = n.truth("noise", true);
    if (n.has("mosaic")) s.mosaic = mosaicFrom(n.at("mosaic"));
    s.maskedBorder = static_cast<int>(n.number("masked_border", 0));
    s.seed = static_cast<unsigned>(n.number("seed", 1));
    if (auto ok = validate(s); !ok) n.fail("is wrong: " + ok.error().message);
    return s;
}

}  // namespace

Status validate(const Shot& s) {
    const auto need = [&](bool ok, const char* rule) -> Status {
        if (!ok) return failure(s.file + ": " + rule);
        return {};
    };
    const bool raw = std::filesystem::path(s.file).extension() == ".dng";
    const bool plainName = !s.file.empty() && s.file.find('/') == std::string::npos && s.file.front() != '.';
    return need(plainName, "file must be a plain file name.")
        .and_then([&] {
            return need(s.width >= 1 && s.height >= 1 && double(s.width) * s.height <= 250e6,
                        "size must be at least 1 x 1 and at most 250 megapixels.");
        })
        .and_then(
            [&] { return need(s.exposure > 0 && s.exposure <= 64, "exposure must be above 0, up to 64."); })
        .and_then([&] { return need(s.iso >= 25 && s.iso <= 204800, "iso must be 25 to 204800."); })
        .and_then([&] {
            return need(s.focalLength35mm >= 8 && s.focalLength35mm <= 1200,
                        "focal_length_35mm must be 8 to 1200.");
        })
        .and_then([&] {
            return need(s.pose.coverage > 0.0005 && s.pose.coverage <= 1.5,
                        "coverage must be 0.0005 to 1.5.");
        })
        .and_then(
            [&] { return need(std::abs(s.pose.tiltDegrees) <= 75, "tilt_degrees must be at most 75."); })
        .and_then([&] { return need(s.glare >= 0 && s.glare <= 1, "glare must be 0 to 1."); })
        .and_then(
            [&] { return need(s.blurPixels >= 0 && s.blurPixels <= 50, "blur_pixels must be 0 to 50."); })
        .and_then([&] {
            return need(!raw || s.encoding == Encoding::linear, "encoding of a raw file must be linear.");
        })
        .and_then([&] {
            return need(s.maskedBorder >= 0 && s.maskedBorder <= 500, "masked_border must be 0 to 500.");
        });
}

Result<Scene> parseScene(std::string_view text, const std::string& origin) {
    return io::parseJson(text, origin).and_then([&](const io::Json& json) {
        return io::guarded(origin, [&] {
            const Node root(json, "");
            io::expectFormat(root, "refero-scene", 1);
            Scene scene{root.text("name", ""), {}};
            for (const Node& shot : root.at("frames").items()) scene.shots.push_back(shotFrom(shot));
            return scene;
        });
    });
}

Result<Scene> readScene(const std::filesystem::path& path) {
    return io::readFile(path).and_then(
        [&](const std::string& text) { return parseScene(text, path.string()); });
}

}  // namespace refero::sim
