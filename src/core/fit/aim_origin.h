// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/result.h"

namespace refero {

enum class AimKind {
    reference,  ///< the chart's reference values
    reading,    ///< another camera's chart shot, as it shows itself or through its correction
};
/// "reference", "reading": for files.
std::string_view name(AimKind kind);
Result<AimKind> aimKindByName(std::string_view name);

/// What a correction goes towards, for its document. The texts are empty where the aim is the reference.
struct AimOrigin {
    AimKind kind = AimKind::reference;
    std::string framePath, body, chartName, taken;
    std::string encoding;  ///< name of the aim's own
    /// Name of the correction through which a scene-linear aim was seen, or of the transform that made a
    /// picture of it; else empty.
    std::string through;
    /// Of such a transform: its file, and the output space whose numbers it gives; else empty.
    std::string throughFile, throughSpace;
    /// Mean CIEDE2000 expected of patches that the aim's chart does not have; 0 where the charts are one.
    double translationError = 0;
    std::string fingerprint;  ///< of what the aim was made from; another one makes the correction out of date
    std::vector<std::string> heldBack;  ///< steps of a match that are not taken, by their ids

    friend bool operator==(const AimOrigin&, const AimOrigin&) = default;
};

}  // namespace refero
