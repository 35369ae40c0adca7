// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/look/label.h"

namespace refero::look {

/// Small, quiet words on one line, beside what they name.
inline Label* caption(const QString& words, QWidget* parent = nullptr) {
    auto* l = new Label(words, Size::small, Label::Tone::quiet, QFont::Normal, parent);
    l->setWordWrap(false);
    return l;
}

}  // namespace refero::look
