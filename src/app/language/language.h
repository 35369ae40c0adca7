// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <QStringList>

/// In which language the window speaks, and with it all that the core says for it.
namespace refero::language {

/// The codes of those that ship; English first.
QStringList shipped();
/// As its speakers call it.
QString nameOf(const QString& code);

/// What the person chose; empty: the system's.
QString chosen();
/// Keeps it for the next start.
void choose(const QString& code);

/// The chosen one, else the first of the system's that ships, else English.
QString wanted();
/// All that is said from now on; windows that stand already keep their texts.
void speak(const QString& code);

}  // namespace refero::language
