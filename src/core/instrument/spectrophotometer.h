// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/chart/chart.h"
#include "core/result.h"

namespace refero {

/// An instrument that measures what it lies on. Calls may take seconds; one thread at a time.
class Spectrophotometer {
  public:
    virtual ~Spectrophotometer() = default;
    /// Model and serial number, for the record.
    virtual std::string name() const = 0;
    /// Measures its white tile, which takes out what has drifted since. An error where it does not lie there.
    virtual Status calibrate() = 0;
    /// It has drifted too far, or was never put on its tile: `measure` refuses.
    virtual bool wantsTile() const = 0;
    /// Reflectance of what it lies on, 45/0 geometry, at its own wavelengths.
    virtual Result<Reflectance> measure() = 0;
    /// Which patch the person is asked to lay it on next. A real instrument takes no notice.
    virtual void layOn(const std::string& patchId) = 0;
};

}  // namespace refero
