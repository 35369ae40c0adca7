// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/scene.h"

#include <array>
#include <cmath>

#include "io/files/safe_write.h"
#include "io/json.h"

namespace refero::sim {
namespace {

using io::Json;
using io::Node;

constexpr std::array<std::string_view, 6> kSets{"plain", "tiles", "shelf", "kiln", "clutter", "decoys"};

Set setFrom(const Node& node) {
    for (std::size_t i = 0; i < kSets.size(); ++i)
        if (kSets[i] == node.text()) return static_cast<Set>(i);
    node.fail("must be plain, tiles, shelf, kiln, clutter or decoys");
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

constexpr std::array<std::pair<std::string_view, Mosaic::Pattern>, 4> kMosaics{
    {{"rggb", Mosaic::rggb}, {"bggr", Mosaic::bggr}, {"grbg", Mosaic::grbg}, {"gbrg", Mosaic::gbrg}}};

Mosaic::Pattern mosaicFrom(const Node& n) {
    for (const auto& [name, pattern] : kMosaics)
        if (n.text() == name) return pattern;
    n.fail("must be rggb, bggr, grbg or gbrg");
}

Point pointFrom(const Node& n) {
    const auto v = n.numbers(2);
    return {v[0], v[1]};
}

Vector3 tripleFrom(const Node& n, const char* key) {
    if (!n.has(key)) return Vector3::Ones();
    const auto v = n.at(key).numbers(3);
    return {v[0], v[1], v[2]};
}

Mishaps mishapsFrom(const Node& n) {
    Mishaps m;
    if (n.has("fingers"))
        for (const Node& f : n.at("fingers").items())
            m.fingers.push_back(
                {pointFrom(f.at("tip_mm")), f.number("degrees", 90), f.number("width_mm", 16)});
    if (n.has("shadow")) {
        const Node s = n.at("shadow");
        m.shadow = Shadow{pointFrom(s.at("through_mm")), s.number("degrees", 0), s.number("stops", 0.7),
                          s.number("soft_mm", 4)};
    }
    if (n.has("shines"))
        for (const Node& s : n.at("shines").items())
            m.shines.push_back(
                {pointFrom(s.at("centre_mm")), s.number("radius_mm", 30), s.number("level", 0.1)});
    if (n.has("blots"))
        for (const Node& b : n.at("blots").items())
            m.blots.push_back({pointFrom(b.at("centre_mm")), b.number("radius_mm", 6)});
    return m;
}

void describe(const Node& n, Shot& s) {
    s.camera = n.text("camera", s.camera);
    s.setup = n.whole<std::int64_t>("setup", 0);
    s.serial = n.text("serial", "");
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
    s.exposureSeconds = n.number("exposure_seconds", 0);
    s.fNumber = n.number("f_number", 0);
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
    s.lensTint = tripleFrom(n, "lens_tint");
    s.glareTint = tripleFrom(n, "glare_tint");
    s.toneSkew = tripleFrom(n, "tone_skew");
    s.blurPixels = n.number("blur_pixels", 0);
    s.motionPixels = n.number("motion_pixels", 0);
    s.motionDegrees = n.number("motion_degrees", 0);
    s.distortion = n.number("distortion", 0);
    s.mirrored = n.truth("mirrored", false);
    s.balanced = n.truth("balanced", false);
    if (n.has("mishaps")) s.mishaps = mishapsFrom(n.at("mishaps"));
    if (n.has("second_chart")) {
        const Node second = n.at("second_chart");
        s.second = SecondChart{second.at("chart").text(), poseFrom(second.at("pose"))};
    }
    s.noise = n.truth("noise", true);
    if (n.has("mosaic")) s.mosaic = mosaicFrom(n.at("mosaic"));
    s.maskedBorder = n.whole("masked_border", 0);
    s.seed = n.whole<unsigned>("seed", 1);
    if (auto ok = validate(s); !ok) n.fail("is wrong: " + ok.error().message);
    return s;
}

Json point(const Point& p) {
    return Json::array({p.x(), p.y()});
}

Json triple(const Vector3& v) {
    return Json::array({v.x(), v.y(), v.z()});
}

Json poseJson(const ChartPose& p) {
    return {{"coverage", p.coverage},
            {"centre", point(p.centre)},
            {"turn_degrees", p.turnDegrees},
            {"tilt_degrees", p.tiltDegrees},
            {"tilt_axis_degrees", p.tiltAxisDegrees}};
}

Json mishapsJson(const Mishaps& m) {
    Json j = Json::object();
    for (const Finger& f : m.fingers)
        j["fingers"].push_back({{"tip_mm", point(f.tip)}, {"degrees", f.degrees}, {"width_mm", f.widthMm}});
    if (m.shadow)
        j["shadow"] = {{"through_mm", point(m.shadow->through)},
                       {"degrees", m.shadow->degrees},
                       {"stops", m.shadow->stops},
                       {"soft_mm", m.shadow->softMm}};
    for (const Shine& s : m.shines)
        j["shines"].push_back(
            {{"centre_mm", point(s.centre)}, {"radius_mm", s.radiusMm}, {"level", s.level}});
    for (const Blot& b : m.blots)
        j["blots"].push_back({{"centre_mm", point(b.centre)}, {"radius_mm", b.radiusMm}});
    return j;
}

Json shotJson(const Shot& s) {
    Json j{{"file", s.file},
           {"camera", s.camera},
           {"serial", s.serial},
           {"lens", s.lens},
           {"setup", s.setup},
           {"place", s.place},
           {"light_name", s.lightName},
           {"taken", s.taken},
           {"light", s.light},
           {"size", {s.width, s.height}},
           {"focal_length_35mm", s.focalLength35mm},
           {"exposure", s.exposure},
           {"iso", s.iso},
           {"exposure_seconds", s.exposureSeconds},
           {"f_number", s.fNumber},
           {"set", kSets[static_cast<std::size_t>(s.set)]},
           {"encoding", name(s.encoding)},
           {"falloff_stops", s.falloffStops},
           {"falloff_degrees", s.falloffDegrees},
           {"vignetting_stops", s.vignettingStops},
           {"glare", s.glare},
           {"glare_tint", triple(s.glareTint)},
           {"lens_tint", triple(s.lensTint)},
           {"tone_skew", triple(s.toneSkew)},
           {"blur_pixels", s.blurPixels},
           {"motion_pixels", s.motionPixels},
           {"motion_degrees", s.motionDegrees},
           {"distortion", s.distortion},
           {"mirrored", s.mirrored},
           {"balanced", s.balanced},
           {"noise", s.noise},
           {"masked_border", s.maskedBorder},
           {"seed", s.seed}};
    for (const auto& [name, pattern] : kMosaics)
        if (s.mosaic == pattern) j["mosaic"] = name;
    if (s.chart) {
        j["chart"] = *s.chart;
        j["pose"] = poseJson(s.pose);
    }
    j["mishaps"] = mishapsJson(s.mishaps);
    if (s.second) j["second_chart"] = {{"chart", s.second->chart}, {"pose", poseJson(s.second->pose)}};
    return j;
}

}  // namespace

std::string sceneText(const Scene& scene) {
    Json j{{"format", "refero-scene"}, {"version", 1}, {"name", scene.name}, {"frames", Json::array()}};
    for (const Shot& s : scene.shots) j["frames"].push_back(shotJson(s));
    return io::prettyJson(j);
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
