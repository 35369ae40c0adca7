// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/colour/shown_picture.h"
#include "core/fit/correction.h"

namespace refero {

/// A picture as it shows itself, in the form of a correction: nothing is balanced, levelled or moved. Of HLG
/// the system gamma is taken channel by channel, which is right for greys and near them.
Correction asShownCorrection(const ShownPicture& picture, const Transfer& encoding);
/// Of any recording: scene-linear ones are taken as BT.709, as they come.
Correction asShownCorrection(const Transfer& encoding);

}  // namespace refero
