// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QStringList>
#include <stop_token>

#include "core/read/reading.h"
#include "core/result.h"

namespace refero {

/// A made-up camera test: one scene at five exposures in two recording profiles. The frames are shot where
/// they are not there yet; slow.
Result<QStringList> demoSeries(const QString& folder, const std::stop_token& stop);

/// Three made-up transforms for this chart shot's camera: a look, one that expects a stop more, and one of
/// few numbers. Slow.
Result<QStringList> demoTransforms(const Reading& reading, const QString& folder);

}  // namespace refero
