// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QColor>
#include <QFont>
#include <QString>

/// The one place that names a colour, a size or a font. All chrome is exactly neutral (R = G = B).
namespace refero::look {

enum class Surround {
    dim,    ///< a grading room
    booth,  ///< a viewing booth
};

struct Palette {
    QColor ground, panel, raised, line, quiet, text, loud, viewing;
};

const Palette& palette();
Surround surround();
/// Changes the whole application's look.
void setSurround(Surround surround);
/// Whether the desktop asks for high contrast: text, lines and what is chosen stand out more. What surrounds
/// a picture stays as it is, since colours are judged against it.
bool highContrast();
void setHighContrast(bool on);

/// Quiet hues of the three channels, for plotted data; they also differ by dash and marker.
QColor channel(int index);

inline constexpr int kStep = 4;    ///< spacing, px
inline constexpr int kRadius = 4;  ///< of every corner, px
/// Below this width of the window everything beside the picture takes less room.
inline constexpr int kCompactBelow = 1200;
inline constexpr int kLedgerWidth = 236, kLedgerWidthCompact = 208, kLedgerWidthLeast = 180,
                     kLedgerWidthMost = 440;
inline constexpr int kFindingsWidth = 316, kFindingsWidthCompact = 272;

enum class Size { small = 12, body = 13, title = 16, large = 22, huge = 34, distant = 112 };

QFont font(Size size, QFont::Weight weight = QFont::Normal);
/// The same with tabular figures, for numbers in columns.
QFont figures(Size size, QFont::Weight weight = QFont::Normal);

/// Loads the shipped fonts and dresses the application; call once after QApplication exists.
void dress();

}  // namespace refero::look
