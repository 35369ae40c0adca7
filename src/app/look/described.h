// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

namespace refero::look {

/// A widget that paints what it tells: the same in words, for those who do not see. Asked for only when a
/// screen reader wants it.
class Described {
  public:
    virtual ~Described() = default;
    virtual QString describe() const = 0;
};

/// From now on a screen reader is given the words of such widgets; call once.
void describeToReaders();

}  // namespace refero::look
