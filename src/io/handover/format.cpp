// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/format.h"

#include <algorithm>
#include <string>

#include "core/say/say.h"
#include "io/handover/handover_format.h"

namespace refero::io {

const HandoverFormat& handoverFormat(Format format) {
    static const std::array<const HandoverFormat*, kFormats.size()> all{
        &kCube, &kCube1d, &kClf, &kCdl, &kIcc4, &kIcc2, &kDcp, &kOcio, &kDocument, &kTable};
    return *all[static_cast<std::size_t>(format)];
}

const FormatInfo& info(Format format) {
    return handoverFormat(format).info;
}

Result<Format> formatByName(std::string_view wanted) {
    std::string all;
    for (const Format f : kFormats) {
        if (info(f).name == wanted) return f;
        all += (all.empty() ? "" : f == kFormats.back() ? " and " : ", ") + std::string(info(f).name);
    }
    return failure(say("Refero does not write \"%1\"; it writes %2.", wanted, all));
}

}  // namespace refero::io
