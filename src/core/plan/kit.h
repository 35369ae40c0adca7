// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/colour/log_curve.h"
#include "core/plan/id.h"
#include "core/result.h"

namespace refero::plan {

/// Kinds of light that share a look, so that a profile of one may stand in for another of its kind.
enum class LightKind { daylight, shade, flash, tungsten, fluorescent, led, mixed };
inline constexpr std::array kLightKinds{LightKind::daylight, LightKind::shade,       LightKind::flash,
                                        LightKind::tungsten, LightKind::fluorescent, LightKind::led,
                                        LightKind::mixed};
std::string_view name(LightKind kind);
Result<LightKind> lightKindByName(std::string_view name);
/// Changes by itself with the time of day.
bool moves(LightKind kind);

enum class Recording { raw, jpeg, flatVideo, logVideo };
inline constexpr std::array kRecordings{Recording::raw, Recording::jpeg, Recording::flatVideo,
                                        Recording::logVideo};
std::string_view name(Recording recording);
Result<Recording> recordingByName(std::string_view name);

/// One camera body; two of a model are two bodies.
struct Body {
    BodyId id = 0;
    std::string model{}, serial{}, nickname{};
    bool motion = false;                             ///< shoots film rather than stills
    double sensorWidthMm = 36, sensorHeightMm = 24;  ///< the part that records
    int pixelsWide = 6000, pixelsHigh = 4000;
    bool sensorAssumed = false;  ///< neither a file nor a person told its size

    /// What a person calls it: the nickname where there is one, else model and the end of the serial number.
    std::string label() const;
};

struct Lens {
    LensId id = 0;
    std::string model{}, serial{};
    double shortestMm = 50, longestMm = 50;  ///< equal for a fixed focal length
    double fallOffStops = 0;          ///< from the middle to the corners, by a flat field; 0: not known
    double fallOffFNumber = 0;        ///< at which that was; 0: not known
    bool focalLengthAssumed = false;  ///< neither a file nor a person told it

    bool zooms() const { return longestMm > shortestMm; }
};

/// A lamp, a flash, or daylight from one side; with a modifier and a power it is the light of a setup.
struct Lamp {
    LampId id = 0;
    std::string label{};
    LightKind kind = LightKind::led;
    double warmUpMinutes = 0;
    bool mains = false;  ///< draws mains power
    bool hot = false;    ///< burns skin and cloth
};

/// One physical chart. Copies of a design come in sizes and age by themselves.
struct ChartCopy {
    ChartCopyId id = 0;
    std::string label{};
    std::string chart = "fen-24";  ///< id of the chart file
    double scale = 1;              ///< its size over that of the chart file
    std::string madeOn{};          ///< date, or empty
    int replaceAfterMonths = 24;
    std::string reference{};  ///< where this copy's own values come from; empty: the chart file's
    std::string values{};     ///< refero-chart JSON with what was measured on this copy; empty: the design's
};

/// A display or an instrument that has to be checked from time to time.
struct Checked {
    CheckedId id = 0;
    std::string label{}, serial{};
    bool display = true;
    std::string checkedOn{};  ///< date, or empty
    int everyDays = 30;
};

/// How a body writes one kind of recording, by the constants of its data sheet.
struct RecordingCurve {
    RecordingCurveId id = 0;
    std::string label{};
    BodyId body = 0;  ///< 0: any
    Recording recording = Recording::logVideo;
    LogCurve curve{};     ///< its name is the label
    std::string gamut{};  ///< as primariesFrom() takes it; empty: not known
};

/// What a test on the bench said of a body in one recording profile. Stops are from the exposure that the
/// test called normal.
struct ProfileTest {
    ProfileTestId id = 0;
    BodyId body = 0;
    std::string profile{};               ///< as the camera calls it
    double lowStops = 0, highStops = 0;  ///< exposures that can be used
    double bestStops = 0;
    std::string testedOn{};  ///< date
    std::string document{};  ///< refero-series JSON
};

struct Kit {
    std::vector<Body> bodies;
    std::vector<Lens> lenses;
    std::vector<Lamp> lamps;
    std::vector<ChartCopy> charts;
    std::vector<Checked> checked;
    std::vector<RecordingCurve> curves;
    std::vector<ProfileTest> tests;

    const Body* body(BodyId id) const;
    const Lens* lens(LensId id) const;
    const Lamp* lamp(LampId id) const;
    const ChartCopy* chart(ChartCopyId id) const;
    /// The body's own, else one for any body; null where the kit has none.
    const RecordingCurve* curve(BodyId body, Recording recording) const;
    /// The latest of a body's profile; null where it was never tested.
    const ProfileTest* test(BodyId body, std::string_view profile) const;
};

/// Each names the field, the value and the range.
Status validate(const Body& body);
Status validate(const Lens& lens);
Status validate(const Lamp& lamp);
Status validate(const ChartCopy& copy);
Status validate(const Checked& checked);
Status validate(const RecordingCurve& curve);
Status validate(const ProfileTest& test);

}  // namespace refero::plan
