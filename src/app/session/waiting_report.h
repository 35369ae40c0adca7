// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/session/parcel_items.h"

namespace refero {

/// A report that went out before the frames that go with it were done.
struct WaitingReport {
    ParcelContent content;
    studio::Id record = 0;  ///< of the handover, which knows where it is
};

}  // namespace refero
