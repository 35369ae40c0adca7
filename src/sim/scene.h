// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "core/chart/chart.h"
#include "core/colour/encoding.h"
#include "core/frame/mosaic.h"
#include "core/result.h"

namespace refero::sim {

/// Where the chart is in the frame, as seen through a pinhole of the frame's focal length.
struct ChartPose {
    double coverage = 0.12;      ///< share of the frame's area, 0..1
    Point centre{0.5, 0.5};      ///< of the outline, in shares of width and height
    double turnDegrees = 0;      ///< about the line of sight
    double tiltDegrees = 0;      ///< away from it
    double tiltAxisDegrees = 0;  ///< direction in the chart's plane about which it tilts
};

/// What else is in the picture. `decoys` holds things that look like charts: keyboards, window panes, book
/// shelves and posters of colour fields.
enum class Set { plain, tiles, shelf, kiln, clutter, decoys };

/// A finger that reaches into the chart from outside; chart millimetres.
struct Finger {
    Point tip{0, 0};
    double degrees = 90;  ///< where it comes from
    double widthMm = 16;
};

/// A shadow with a straight edge: everything on its side of the line is darker; chart millimetres.
struct Shadow {
    Point through{0, 0};
    double degrees = 0;  ///< the direction in which it gets dark
    double stops = 0.7;
    double softMm = 4;  ///< width of the edge
};

/// A light's mirror image on a shiny surface: its own colour on top of the patch's; chart millimetres.
struct Shine {
    Point centre{0, 0};
    double radiusMm = 30;
    double level = 0.1;  ///< at the middle, as a share of the perfect diffuser
};

/// Dirt that hides what is under it; chart millimetres.
struct Blot {
    Point centre{0, 0};
    double radiusMm = 6;
};

/// What may go wrong at the chart.
struct Mishaps {
    std::vector<Finger> fingers;
    std::optional<Shadow> shadow;
    std::vector<Shine> shines;
    std::vector<Blot> blots;
};

/// Another chart in the same picture.
struct SecondChart {
    std::string chart;
    ChartPose pose;
};

/// One exposure of the virtual camera.
struct Shot {
    std::string file;
    std::string camera = "heron";
    std::string serial{};  ///< of the camera; empty: its files do not say
    std::string lens = "50 mm";
    std::int64_t setup = 0;        ///< of the studio that comes with the scene; 0: none
    std::string place, lightName;  ///< for people
    std::string taken;             ///< EXIF date and time
    std::string light = "d50";     ///< see illuminantByName
    int width = 3000, height = 2000;
    double focalLength35mm = 50;
    /// Level of the perfect diffuser at the chart's centre in the strongest channel, as a share of clipping.
    double exposure = 0.75;
    double iso = 100;
    /// What the file says of the exposure; 0: nothing. The level in it is `exposure` all the same.
    double exposureSeconds = 0, fNumber = 0;
    std::optional<std::string> chart;  ///< id of a shipped chart or a path; none: no chart in the frame
    ChartPose pose;
    Set set = Set::plain;
    double falloffStops = 0;     ///< loss of light across the frame's diagonal, from one side
    double falloffDegrees = 30;  ///< its direction
    double vignettingStops = 0;  ///< at the corners
    double glare = 0;            ///< share of the mean light that veils the whole frame
    Vector3 lensTint{1, 1, 1};
    Vector3 glareTint{1, 1, 1};
    double blurPixels = 0;     ///< standard deviation
    double motionPixels = 0;   ///< length of an even movement while the shutter was open
    double motionDegrees = 0;  ///< its direction
    /// Radial, of the frame's half diagonal h: a point seen at distance d from the centre lies at
    /// d (1 + distortion (d/h)^2).
    double distortion = 0;
    bool mirrored = false;  ///< left and right changed, as by a mirror
    Mishaps mishaps;
    std::optional<SecondChart> second;
    /// Linear recordings, too, leave the camera balanced.
    bool balanced = false;
    /// Of raw files: by what the camera's own balance misses that of the light, by channel.
    Vector3 balanceMiss{1, 1, 1};
    /// Exponent per channel on the encoded (or linear) value: curves that cross.
    Vector3 toneSkew{1, 1, 1};
    bool noise = true;
    Encoding encoding = Encoding::linear;  ///< others are balanced in the camera first
    unsigned seed = 1;
    // Of raw files, ".dng":
    Mosaic::Pattern mosaic = Mosaic::rggb;
    int maskedBorder = 0;  ///< sites at the left and above that see no light
};

struct Scene {
    std::string name;
    std::vector<Shot> shots;
};

/// `*.scene.json`; see docs/formats.md.
Result<Scene> parseScene(std::string_view text, const std::string& origin);
Result<Scene> readScene(const std::filesystem::path& path);

/// The document that `parseScene` reads.
std::string sceneText(const Scene& scene);

Status validate(const Shot& shot);

}  // namespace refero::sim
