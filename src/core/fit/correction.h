// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/fit/colour_transform.h"
#include "core/fit/fit_report.h"
#include "core/fit/fit_terms.h"
#include "core/fit/provenance.h"

namespace refero {

/// A correction as a document. Its parts stand side by side, so that who needs its numbers alone takes a
/// ColourTransform, who tells how good it is a FitReport.
struct Correction : Provenance, FitTerms, ColourTransform, FitReport {};

}  // namespace refero
