// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string_view>

#include "core/result.h"

namespace refero::io {

/// What a correction can be written as.
enum class Format {
    cube,    ///< 3D LUT
    cube1d,  ///< 1D LUT: balance, level and greys, no colour
    clf,     ///< Common LUT Format (SMPTE ST 2136-1)
    cdl,     ///< ASC CDL 1.2
    icc,     ///< input profile, ICC version 4 (ISO 15076-1)
    icc2,    ///< input profile, ICC version 2 (ICC.1:2001-04)
    dcp,     ///< camera profile of the DNG specification 1.4
    ocio,    ///< OpenColorIO configuration, with its CLF beside it
    json,    ///< the correction's own document
    csv,     ///< its patches as a table
};
inline constexpr std::array kFormats{Format::cube, Format::cube1d, Format::clf,  Format::cdl,  Format::icc,
                                     Format::icc2, Format::dcp,    Format::ocio, Format::json, Format::csv};

struct FormatInfo {
    std::string_view name;     ///< as on the command line
    std::string_view label;    ///< for a person
    std::string_view ending;   ///< of its files, with the dot
    std::string_view carries;  ///< a sentence
    bool hasInputEncoding;     ///< what it will be fed can be chosen
    bool gives;                ///< what it gives can be chosen; else it is what its kind says
    /// Above these another engine's difference from what the file should do is a failure; CIEDE2000.
    double largest, mean;
};
const FormatInfo& info(Format format);
inline std::string_view name(Format format) {
    return info(format).name;
}
Result<Format> formatByName(std::string_view name);

/// What a LUT's grid may make of a colour at most, and on average; CIEDE2000.
inline constexpr double kProofLimit = 1.0, kProofMean = 0.2;

}  // namespace refero::io
