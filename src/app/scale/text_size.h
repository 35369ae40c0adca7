// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <array>

/// The size of text and of all that stands around it. Everything grows alike, so that nothing is cut;
/// pictures keep their pixels. The toolkit takes its size when the program starts.
namespace refero::textsize {

/// Percent of the usual size that a person may choose.
inline constexpr std::array kSizes{100, 125, 150, 175, 200};

/// Percent that a person chose; 0: as the desktop has it.
int chosen();
/// 0 for the desktop's. It holds from the next start.
void choose(int percent);

/// How much larger than usual a desktop wants text, 1 to 2.5 in steps of 0.05: by the size of its own font in
/// points (`desktop` as XDG_CURRENT_DESKTOP has it; 1 for one whose usual size is not known), times the scale
/// that it says beside that.
double factorOf(const QString& desktop, double points, double scale);

/// Before the application is made: the size that is to be expected, from the last start. What the person set
/// for the toolkit itself (QT_SCALE_FACTOR) stays.
void prepare();
/// With the application: where the desktop wants another size than expected, the program begins anew in its
/// place. To be called before anything is opened.
void follow(char** arguments);
/// The program anew in its place, with the size that is wanted now; returns where that fails.
void beginAnew(char** arguments);

}  // namespace refero::textsize
