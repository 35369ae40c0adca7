// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/output_profile.h"

#include "io/icc/icc_file.h"

namespace refero::io {

std::optional<std::string> outputProfile(OutputSpace space) {
    const OutputSpaceInfo& s = info(space);
    if (!s.primaries || s.encoding == Encoding::acescct) return {};
    auto bytes = displayProfile(rgbToXyzD50(*s.primaries), s.encoding, std::string(s.label));
    return bytes ? std::optional(*std::move(bytes)) : std::nullopt;
}

}  // namespace refero::io
