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
    manager,  ///< the system's colour manager named its file
    chosen,   ///< a file that a person chose; kept for the next start
    assumed,  ///< nobody: sRGB
};

/// For the whole application; pictures that are drawn from now on are meant for it. Of that screen, which is
/// plugged in at that connector: the chosen file, else the X server's, else the colour manager's, else sRGB.
/// Call once after QApplication exists. True where it is another one than before.
bool find(int screen = 0, const QString& connector = {});
/// What the colour manager says of the display at a connector; for the next find().
void know(const QString& connector, const QString& file);
/// An empty path goes back to what `find` finds without it.
Status choose(const QString& path);

io::DisplayTransform transform();
Source source();
/// One sentence for a person.
QString inWords();
/// The same in a few words, for a line beside the picture.
QString briefly();

}  // namespace refero::display
