-- SPDX-FileCopyrightText: The Refero authors
-- SPDX-License-Identifier: GPL-3.0-or-later
-- Corrections as they were, by name, to be held against others; and things of known colour in frames.
CREATE TABLE snapshot (
  id INTEGER PRIMARY KEY, setup INTEGER NOT NULL, made TEXT NOT NULL, label TEXT NOT NULL,
  document TEXT NOT NULL) STRICT;

CREATE TABLE known_colour (
  id INTEGER PRIMARY KEY, setup INTEGER NOT NULL, label TEXT NOT NULL, path TEXT NOT NULL, red REAL NOT NULL,
  green REAL NOT NULL, blue REAL NOT NULL, deviation_red REAL NOT NULL, deviation_green REAL NOT NULL,
  deviation_blue REAL NOT NULL, pixels INTEGER NOT NULL, lightness REAL NOT NULL, a REAL NOT NULL, b REAL NOT NULL,
  counts INTEGER NOT NULL) STRICT;
