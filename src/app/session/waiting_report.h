// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "app/session/parcel_items.h"

namespace refero {

/// A report that went out before the frames that go with it were done.
struct WaitingReport {
    ParcelContent content;
    std::string place;      ///< folder and name of its files, without their endings
    studio::Id record = 0;  ///< of the handover
};

}  // namespace refero
