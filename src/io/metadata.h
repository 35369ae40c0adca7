// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>

namespace refero::io {

/// What a frame's file says of how it was taken; empty or zero where it says nothing.
struct FrameMetadata {
    std::string body, serial, lens, taken, description;
    std::string uniqueModel;  ///< a DNG's own name of the body, which camera profiles are found by
    std::string artist, copyright;
    std::string offset;            ///< of `taken` from UTC, "+01:00"; empty where the file does not say
    std::string whiteBalance;      ///< "auto", "manual", or the camera's own words
    std::string pictureProfile;    ///< the camera's own name of how it draws its JPEGs and clips
    std::string interoperability;  ///< "R98" of sRGB, "R03" of opRGB (DCF 2.0)
    double focalLength35mm = 0;    ///< equivalent on 36 x 24 mm
    double focalLengthMm = 0;
    double exposureSeconds = 0;
    double fNumber = 0;
    double iso = 0;
    int pixelsWide = 0, pixelsHigh = 0;            ///< of the picture, before it is turned
    double sensorWidthMm = 0, sensorHeightMm = 0;  ///< of the part of the sensor that recorded it
    int orientation = 1;                           ///< EXIF 2.3, 1 to 8
};

/// EXIF as the file has it, the camera makers' own fields included. What cannot be is left out: text that is
/// not UTF-8, lengths of 0 or of kilometres. Never an error: a picture without metadata is a picture.
FrameMetadata readMetadata(const std::filesystem::path& path);

}  // namespace refero::io
