// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/scene.h"

#include <cmath>

namespace refero::sim {

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
            return need(
                s.exposureSeconds >= 0 && s.exposureSeconds <= 3600 && s.fNumber >= 0 && s.fNumber <= 128,
                "exposure_seconds must be 0 to 3600 and f_number 0 to 128.");
        })
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
            return need(s.motionPixels >= 0 && s.motionPixels <= 200, "motion_pixels must be 0 to 200.");
        })
        .and_then([&] { return need(std::abs(s.distortion) <= 0.2, "distortion must be -0.2 to 0.2."); })
        .and_then([&] {
            return need(!raw || s.encoding == Encoding::linear, "encoding of a raw file must be linear.");
        })
        .and_then([&] {
            return need(s.maskedBorder >= 0 && s.maskedBorder <= 500, "masked_border must be 0 to 500.");
        });
}

}  // namespace refero::sim
