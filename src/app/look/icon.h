// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPixmap>
#include <QString>

namespace refero::look {

/// A shipped line icon, drawn in the given colour for the given device pixel ratio.
QPixmap icon(const QString& name, int size, const QColor& colour, qreal ratio);

}  // namespace refero::look
