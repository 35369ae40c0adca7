// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/chart/chart.h"
#include "core/colour/transfer.h"
#include "core/frame/encoding_source.h"
#include "core/frame/geometry.h"
#include "core/read/sharpness.h"
#include "core/read/taken_out.h"

namespace refero {

/// What a patch of the frame holds. Linear light, before any white balance; 1.0 is the clipping level.
struct PatchReading {
    std::string id;
    Point centre;                ///< pixels
    Vector3 rgb{0, 0, 0};        ///< robust mean
    Vector3 deviation{0, 0, 0};  ///< standard deviation of one pixel, robust
    double clipped = 0;          ///< share of the pixels with a clipped channel
    Vector3 clippedChannels{0, 0, 0};
    std::size_t pixels = 0;  ///< measured
    /// Of one pixel, of those measured; 0 off the diagonal where the channels have sites of their own.
    Matrix3 covariance = Matrix3::Zero();
    double rejected = 0;  ///< share of the pixels that show something else: specks, scratches, glints
    /// How far a sixteenth of the patch departs from an even slope, in any channel, beyond what noise does;
    /// share of the patch's level.
    double blotch = 0;
    /// Of `pixels`, the share that count as independent: demosaicing and compression make neighbours alike.
    double independence = 1;
    bool leftOut = false;  ///< by hand, or since it shows something else: it counts nowhere
    /// Standard error of what was taken out of it (light, flare), of `rgb`.
    Vector3 treatmentError{0, 0, 0};
    Point movedMm{0, 0};  ///< by hand, from its place on the chart

    /// Level over the noise of one pixel, per channel; 0 where nothing is known of the noise.
    Vector3 signalToNoise() const {
        return (deviation.array() > 0).select(rgb.array() / deviation.array().max(1e-12), 0.0).matrix();
    }
    /// Standard error of `rgb`.
    Vector3 standardError() const {
        if (!pixels) return treatmentError;
        const Vector3 noise = deviation / std::sqrt(independence * static_cast<double>(pixels));
        return (noise.cwiseAbs2() + treatmentError.cwiseAbs2()).cwiseSqrt();
    }
};

enum class Verdict { pass, review, reshoot };

/// "pass", "review", "reshoot": for files.
std::string_view name(Verdict verdict);
/// "Good", "Look again", "Shoot again": for people.
std::string label(Verdict verdict);

/// Light over a chart, smooth, relative to its mean: a polynomial of second degree in stops, over chart
/// coordinates that run from -1 to 1 along each side.
struct LightField {
    Point middleMm{0, 0}, halfMm{1, 1};
    std::array<double, 6> stops{};  ///< of 1, x, y, xx, xy, yy

    double at(const Point& mm) const;  ///< stops
};

/// A straight edge in the light, beyond which it is darker by that many stops.
struct ShadowEdge {
    Point throughMm{0, 0};
    Point darkerWay{1, 0};  ///< unit vector on the chart
    double stops = 0;
    double softMm = 1;  ///< width of the edge

    double at(const Point& mm) const;  ///< stops, 0 or less
};

/// A lamp or a window mirrored in the chart: the light's own colour added about a place.
struct SpecularLobe {
    Point centreMm{0, 0};
    double radiusMm = 1;  ///< where it has fallen to exp(-2)
    double level = 0;     ///< at the centre, as a share of the perfect diffuser

    double at(const Point& mm) const;  ///< share of the perfect diffuser
};

/// What the light does on the chart.
struct ChartLight {
    LightField field;
    std::optional<ShadowEdge> shadow;
    std::optional<SpecularLobe> lobe;  ///< where one wide mirror image explains what is too light
    double rangeStops = 0;             ///< between the lightest and the darkest place, without the shadow
    Point lightestMm{0, 0}, darkestMm{0, 0};
    double residualStops = 0;                ///< root mean square of the greys about it
    Vector3 white{1, 1, 1};                  ///< rgb of a perfect diffuser in the mean light
    Matrix3 xyzToRgb = Matrix3::Identity();  ///< D50 reference to the mean light's rgb
    Vector3 flare{0, 0, 0};                  ///< rgb added everywhere
    double flareShare = 0;  ///< its green, as a share of the perfect diffuser; 0 where none is measurable
    Vector3 flareError{0, 0, 0};  ///< standard error of it
    /// Standard error of the light at each patch, stops, in the chart's order; empty where it is not known.
    std::vector<double> errorStops;
    std::vector<std::size_t> covered;   ///< patches that show something else
    std::vector<Point> coveredMm;       ///< places on the ground that do
    std::vector<std::size_t> specular;  ///< patches with the light's own colour on top
    std::vector<Point> specularMm;
    double specularShare = 0;  ///< the most of it, as a share of the perfect diffuser

    double at(const Point& mm) const { return field.at(mm) + (shadow ? shadow->at(mm) : 0); }
    double mirroredAt(const Point& mm) const { return lobe ? lobe->at(mm) : 0; }
};

/// Where a finding can be seen in the frame.
struct Evidence {
    std::vector<std::size_t> patches;       ///< by their place in the chart
    std::vector<std::vector<Point>> lines;  ///< open lines, pixels

    bool empty() const { return patches.empty() && lines.empty(); }
};

/// One judgement: what was measured, what is allowed, why it matters and what to do.
struct Check {
    std::string id;
    Verdict verdict = Verdict::pass;
    double value = 0;
    std::string unit;
    double low = 0, high = 1;            ///< the allowed band
    double scaleLow = 0, scaleHigh = 1;  ///< of a gauge
    std::string limit;                   ///< the band in words
    std::string title, reason, remedy;
    Evidence evidence;
};

/// One of the frames whose patches were averaged.
struct AveragedFrame {
    std::string path;
    double levelStops = 0;              ///< by which it was brought to the level of the reading's own frame
    bool otherLight = false;            ///< not counted, since its greys have another colour
    std::vector<std::string> outliers;  ///< ids of patches not counted, since they do not agree with the rest
};

/// The light on a subject, as something neutral in its frame shows it.
struct SubjectLight {
    std::string path;
    Vector3 rgb{0, 0, 0};  ///< linear; its level tells nothing
    bool certain = true;   ///< that it is neutral; else a verdict is none to shoot again for
    std::string from;      ///< what was neutral: "a chart", "what was marked as grey"
};

/// What the camera was set to; 0 or empty where the file does not say.
struct CameraSettings {
    double exposureSeconds = 0, fNumber = 0, iso = 0;
    std::string profile;  ///< the camera's own name of how it records

    friend bool operator==(const CameraSettings&, const CameraSettings&) = default;
};

/// A frame's chart as measured and judged. It stands alone: everything a correction needs is in it.
struct Reading {
    std::string framePath;
    int width = 0, height = 0;
    Transfer encoding;
    EncodingSource encodingSource = EncodingSource::file;
    std::string body, lens, taken, description;
    std::string uniqueModel;  ///< a DNG's own name of the body; empty where it has none
    std::string serial;       ///< of the body; empty where it is not known
    double focalLength35mm = 0;
    CameraSettings settings;
    Chart chart;
    bool found = false;
    Quad corners{};
    double agreement = 0;
    double robustAgreement = 0;  ///< see FoundChart
    double confidence = 1;       ///< that this is the chart, and so placed, 0..1
    bool cornersByHand = false;
    int wrongQuarterTurns = 0;  ///< by which corners set by hand must be moved on for the colours to agree
    bool othersSought = false;  ///< whether more charts were looked for in the same frame
    std::vector<Quad> otherCharts;      ///< and where they are
    std::vector<PatchReading> patches;  ///< in the chart's order
    std::optional<ChartLight> light;    ///< nothing where the greys do not tell
    Sharpness sharpness;
    std::string limits = "Product";       ///< name of the set it was judged by
    TakenOut lightTakenOut;               ///< before anything was judged
    std::string flatField;                ///< path of the flat-field frame that was taken out first; or empty
    std::vector<AveragedFrame> averaged;  ///< empty, or all of them, the reading's own first
    std::vector<SubjectLight> subjects;   ///< of the same setup
    std::vector<Check> checks;
    Verdict verdict = Verdict::reshoot;

    const PatchReading* patch(std::string_view id) const;
    /// The chart's neutrals that were not left out by hand, lightest first.
    std::vector<std::size_t> neutrals() const;
};

}  // namespace refero
