// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <array>

#include "app/session/parcel.h"

namespace refero {

/// Who gets something, and what usually helps them.
enum class Receiver { rawDeveloper, editor, compositor, client, archive };
inline constexpr std::array kReceivers{Receiver::rawDeveloper, Receiver::editor, Receiver::compositor,
                                       Receiver::client, Receiver::archive};

struct ReceiverInfo {
    const char* object;  ///< of its card
    const char* title;
    const char* gets;  ///< a few words
    const char* why;   ///< a sentence
};
const ReceiverInfo& info(Receiver receiver);

/// What this receiver gets of a correction; of encoded frames no camera profile, which is for raw files.
Parcel parcelFor(Receiver receiver, const Correction& correction);

/// "TIFF, 16 bit, sRGB".
QString inWords(const io::FrameOutput& output);

}  // namespace refero
