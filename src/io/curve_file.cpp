// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/curve_file.h"

#include <OpenColorIO/OpenColorIO.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <sstream>

#include "core/say/say.h"
#include "io/files/safe_write.h"

namespace refero::io {
namespace {

namespace ocio = OCIO_NAMESPACE;
namespace fs = std::filesystem;

// Enough for a log curve over 16 stops: straight lines between the points are within 2 in 100,000.
constexpr int kSteps = 1024;

std::array<float, 3> through(const ocio::CPUProcessor& lut, float r, float g, float b) {
    std::array<float, 3> v{r, g, b};
    lut.applyRGB(v.data());
    return v;
}

bool mixesChannels(const ocio::CPUProcessor& lut) {
    for (const float x : {0.0f, 0.3f, 0.6f, 1.0f}) {
        const float alone = through(lut, x, x, x)[0];
        for (const float other : {0.0f, 0.35f, 1.0f})
            if (std::abs(through(lut, x, other, 1 - other)[0] - alone) >
                1e-5f * std::max(1.0f, std::abs(alone)))
                return true;
    }
    return false;
}

Result<Curve> sampledLut(const fs::path& path) {
    const std::string file = path.filename().string();
    try {
        const auto transform = ocio::FileTransform::Create();
        transform->setSrc(path.c_str());
        transform->setInterpolation(ocio::INTERP_LINEAR);
        ocio::ClearAllCaches();
        const auto lut = ocio::Config::CreateRaw()->getProcessor(transform)->getDefaultCPUProcessor();
        if (mixesChannels(*lut))
            return failure(
                say("%1 mixes the channels: it is not a curve but a LUT of three dimensions.", file));
        Curve c;
        c.name = file;
        for (int i = 0; i <= kSteps; ++i) {
            const float x = static_cast<float>(i) / kSteps;
            const auto v = through(*lut, x, x, x);
            const float near = 1e-5f * std::max(1.0f, std::abs(v[0]));
            if (std::abs(v[1] - v[0]) > near || std::abs(v[2] - v[0]) > near)
                return failure(
                    say("%1 bends its three channels differently; one curve for all is needed.", file));
            c.stored.push_back(x);
            c.linear.push_back(v[0]);
        }
        return c;
    } catch (const std::exception&) {
        return failure(
            say("%1 is neither two columns of numbers nor a 1D LUT that can be read. Stored number and "
                "linear light are wanted on each line.",
                file));
    }
}

// Nothing where the text is not two columns of numbers.
std::optional<Curve> columns(const std::string& text) {
    Curve c;
    std::istringstream lines(text);
    bool heading = true;
    for (std::string line; std::getline(lines, line);) {
        std::replace_if(
            line.begin(), line.end(), [](char ch) { return ch == ',' || ch == ';' || ch == '\t'; }, ' ');
        const auto start = line.find_first_not_of(" \r");
        if (start == std::string::npos || line[start] == '#') continue;
        std::istringstream in(line);
        double stored = 0, linear = 0;
        std::string rest;
        const bool two = (in >> stored >> linear) && !(in >> rest);
        if (two) {
            c.stored.push_back(stored);
            c.linear.push_back(linear);
        } else if (!heading) {
            return {};
        }
        heading = false;
    }
    return c.stored.size() >= 2 ? std::optional(std::move(c)) : std::nullopt;
}

}  // namespace

Result<LogCurve> parseLogCurve(std::string_view text, const std::string& origin) {
    return parseJson(text, origin).and_then([&](const Json& json) {
        return guarded(origin, [&] { return logCurveFrom(Node(json, "")); });
    });
}

Result<Transfer> readCurve(const fs::path& path) {
    const auto text = readFile(path, std::size_t{16} << 20);
    if (!text) return tl::unexpected(text.error());
    if (path.string().ends_with(".log.json"))
        return parseLogCurve(*text, path.filename().string()).and_then([](LogCurve c) {
            return Transfer::fromLog(std::move(c));
        });
    if (auto c = columns(*text)) {
        c->name = path.filename().string();
        return Transfer::fromCurve(*std::move(c));
    }
    return sampledLut(path).and_then([](Curve c) { return Transfer::fromCurve(std::move(c)); });
}

Result<Transfer> transferByNameOrPath(const std::string& wanted) {
    const auto named = encodingByName(wanted);
    if (named) return Transfer(*named);
    std::error_code error;
    if (fs::exists(wanted, error)) return readCurve(wanted);
    return failure(say("%1 A curve file of that name is not there, either.", named.error().message));
}

Json toJson(const LogCurve& c) {
    Json j{{"name", c.name},
           {"base", c.base},
           {"logarithm_slope", c.logSlope},
           {"logarithm_offset", c.logOffset},
           {"linear_slope", c.linearSlope},
           {"linear_offset", c.linearOffset}};
    if (c.linearBreak) j["linear_break"] = *c.linearBreak;
    if (c.straightSlope) j["straight_slope"] = *c.straightSlope;
    return j;
}

LogCurve logCurveFrom(const Node& node) {
    LogCurve c;
    c.name = node.at("name").text();
    c.base = node.at("base").number();
    c.logSlope = node.at("logarithm_slope").number();
    c.logOffset = node.at("logarithm_offset").number();
    c.linearSlope = node.at("linear_slope").number();
    c.linearOffset = node.at("linear_offset").number();
    if (node.has("linear_break")) c.linearBreak = node.at("linear_break").number();
    if (node.has("straight_slope")) c.straightSlope = node.at("straight_slope").number();
    return c;
}

void putTransfer(Json& object, const std::string& key, const Transfer& t) {
    object[key] = t.name();
    if (const Curve* c = t.curve()) object[key + "_curve"] = {{"stored", c->stored}, {"linear", c->linear}};
    if (const LogCurve* c = t.logCurve()) object[key + "_log"] = toJson(*c);
}

Transfer transferFrom(const Node& object, const std::string& key) {
    const Node named = object.at(key.c_str());
    const std::string curve = key + "_curve", byConstants = key + "_log";
    if (object.has(byConstants.c_str())) {
        const Node constants = object.at(byConstants.c_str());
        const auto t = Transfer::fromLog(logCurveFrom(constants));
        if (!t) constants.fail("is wrong: " + t.error().message);
        return *t;
    }
    if (!object.has(curve.c_str())) {
        const auto e = encodingByName(named.text());
        if (!e) named.fail("is wrong: " + e.error().message);
        return *e;
    }
    const Node points = object.at(curve.c_str());
    const auto t =
        Transfer::fromCurve({named.text(), points.at("stored").numbers(), points.at("linear").numbers()});
    if (!t) points.fail("is wrong: " + t.error().message);
    return *t;
}

}  // namespace refero::io
