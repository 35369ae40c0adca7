// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string_view>

#include "workflow/delivery_items.h"

namespace refero::workflow {

/// Who gets something, and what usually helps them.
enum class Receiver { rawDeveloper, editor, compositor, client, archive };
inline constexpr std::array kReceivers{Receiver::rawDeveloper, Receiver::editor, Receiver::compositor,
                                       Receiver::client, Receiver::archive};
/// "raw", "editor", "compositor", "client", "archive".
std::string_view name(Receiver receiver);
Result<Receiver> receiverByName(std::string_view name);
/// "Raw developer": for people and in the record.
std::string_view title(Receiver receiver);

/// What this receiver gets of a correction; of encoded frames no camera profile, which is for raw files.
Delivery deliveryFor(Receiver receiver, const Correction& correction);

}  // namespace refero::workflow
