// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <optional>

#include "workflow/receivers.h"

namespace refero {

using workflow::kReceivers;
using workflow::Receiver;

/// What a receiver's card says.
struct ReceiverInfo {
    const char* object;  ///< of its card
    const char* gets;    ///< a few words
    const char* why;     ///< a sentence
};
/// Nothing stands for one file of one's own choice.
const ReceiverInfo& info(std::optional<Receiver> receiver);
QString title(std::optional<Receiver> receiver);

/// "TIFF, 16 bit, sRGB".
QString inWords(const io::FrameOutput& output);

}  // namespace refero
