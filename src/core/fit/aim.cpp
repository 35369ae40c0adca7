// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/aim.h"

#include "core/say/say.h"

namespace refero {

std::string_view name(AimKind kind) {
    return kind == AimKind::reading ? "reading" : "reference";
}

Result<AimKind> aimKindByName(std::string_view wanted) {
    for (const AimKind kind : {AimKind::reference, AimKind::reading})
        if (name(kind) == wanted) return kind;
    return failure(say("There is no aim called \"%1\". Known are reference and reading.", wanted));
}

}  // namespace refero
