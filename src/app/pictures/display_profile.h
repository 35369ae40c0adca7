// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

#include "core/result.h"
#include "io/icc/display_transform.h"

namespace refero::display {

/// Where what is known of the display comes from.
enum class Source {
    system,   ///< the display's own profile, as the X server holds it (ICC Profiles in X, version 0.4)
    chosen,   ///< a file that a person chose; kept for the next start
    assumed,  ///< nobody: sRGB
};

/// For the whole application; pictures that are drawn from now on are meant for it. The system's profile,
/// else the chosen file, else sRGB. Call once after QApplication exists.
/// Of that screen; one's own file before the system's. True where it is another one than before.
bool find(int screen = 0);
/// An empty path goes back to what `find` finds without it.
Status choose(const QString& path);

io::DisplayTransform transform();
Source source();
/// One sentence for a person.
QString inWords();
/// The same in a few words, for a line beside the picture.
QString briefly();

}  // namespace refero::display
