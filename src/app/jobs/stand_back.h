// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace refero {

/// The calling thread, the window's, is served as soon as it asks.
void goFirst();

/// The calling thread goes behind the window's where all cores are at work; so do the threads that it begins,
/// and those that share its work on pictures.
void standBack();

}  // namespace refero
