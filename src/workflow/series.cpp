// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/series.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <filesystem>
#include <map>
#include <regex>
#include <set>

namespace refero::workflow {

std::vector<std::string> profilesByName(std::span<const std::string> paths) {
    // A sign or its letter is asked for: a bare number counts frames.
    static const std::regex exposed(
        R"(^(.*?)[ _-]*(?:[ _-]([mp])|(minus|plus)|([+-]))[ _]?\d+(?:[.,]\d+)?(?:ev|stops?)?$)",
        std::regex::icase);
    std::vector<std::string> out;
    std::map<std::string, int> groups;
    for (const std::string& path : paths) {
        std::string stem = std::filesystem::path(path).stem().string();
        std::smatch m;
        if (std::regex_match(stem, m, exposed))
            stem = m[1];
        else if (const auto normal = stem.find_last_of(" _-");
                 normal != std::string::npos && stem.substr(normal + 1) == "0")
            stem.resize(normal);
        out.push_back(stem);
        ++groups[stem];
    }
    bool tells = groups.size() > 1;
    for (const auto& [name, count] : groups) tells = tells && count > 1 && !name.empty();
    if (!tells) out.assign(paths.size(), {});
    return out;
}

std::vector<SeriesShot> seriesOf(std::vector<Reading> readings) {
    std::vector<std::string> paths;
    for (const Reading& r : readings) paths.push_back(r.framePath);
    // Names say more than encodings do, as long as they do not put two encodings into one.
    auto names = profilesByName(paths);
    std::map<std::string, std::set<std::string>> encodings;
    for (std::size_t i = 0; i < names.size(); ++i) encodings[names[i]].insert(profileOf(readings[i]));
    const bool apart = std::all_of(encodings.begin(), encodings.end(),
                                   [](const auto& name) { return name.second.size() == 1; });
    if (!apart || std::any_of(readings.begin(), readings.end(),
                              [](const Reading& r) { return !r.settings.profile.empty(); }))
        names.assign(paths.size(), {});
    std::vector<SeriesShot> out;
    for (std::size_t i = 0; i < readings.size(); ++i) {
        SeriesShot& s = out.emplace_back();
        s.reading = std::move(readings[i]);
        s.profile = names[i];
    }
    return out;
}

std::vector<plan::ProfileTest> profileTests(const Series& series) {
    std::vector<plan::ProfileTest> out;
    for (const SeriesProfile& p : series.profiles) {
        if (p.steps.size() < 2) continue;
        plan::ProfileTest& t = out.emplace_back();
        t.profile = p.name;
        t.lowStops = p.usableLow;
        t.highStops = p.usableHigh;
        t.bestStops = p.bestOffset;
    }
    return out;
}

LinearImage chartCrop(const LinearImage& frame, const Quad& corners, int longEdge) {
    constexpr double kAbout = 0.12;  // of the chart's size
    double left = 1e9, right = -1e9, top = 1e9, bottom = -1e9;
    for (const Point& p : corners) {
        left = std::min(left, p.x());
        right = std::max(right, p.x());
        top = std::min(top, p.y());
        bottom = std::max(bottom, p.y());
    }
    const double more = kAbout * std::max(right - left, bottom - top);
    const int x0 = std::clamp(static_cast<int>(left - more), 0, frame.width() - 1),
              x1 = std::clamp(static_cast<int>(right + more), x0 + 1, frame.width()),
              y0 = std::clamp(static_cast<int>(top - more), 0, frame.height() - 1),
              y1 = std::clamp(static_cast<int>(bottom + more), y0 + 1, frame.height());
    LinearImage cut(x1 - x0, y1 - y0);
    for (int y = y0; y < y1; ++y)
        std::memcpy(cut.row(y - y0), frame.pixel(x0, y),
                    3 * sizeof(float) * static_cast<std::size_t>(x1 - x0));
    const int factor =
        std::max(1, static_cast<int>(std::ceil(double(std::max(cut.width(), cut.height())) / longEdge)));
    return shrunk(cut, factor);
}

}  // namespace refero::workflow
