// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/output_profile.h"

#include "io/icc/icc_file.h"

namespace refero::io {

std::optional<std::string> outputProfile(OutputSpace space) {
    const OutputSpaceInfo& s = info(space);
    // A profile's connection space ends just above white.
    if (!s.primaries || s.encoding == Encoding::acescct || s.white != 1) return {};
    auto bytes = displayProfile(*s.primaries, s.encoding, std::string(s.label));
    return bytes ? std::optional(*std::move(bytes)) : std::nullopt;
}

}  // namespace refero::io
