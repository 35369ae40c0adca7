// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

class QWidget;

namespace refero::look {

/// `page` and all in it take other colours when it is shown, and not while nobody sees it. For a child of a
/// stack; the rest of its window has its colours at once.
void colourWhenSeen(QWidget& page);

/// Gives the application's palette to the pages that are seen now.
void colourPages();

}  // namespace refero::look
