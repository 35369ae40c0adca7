-- SPDX-FileCopyrightText: The Refero authors
-- SPDX-License-Identifier: GPL-3.0-or-later
-- Corrections that came from another studio: they belong to no setup of this one.
CREATE TABLE shelf (
  id INTEGER PRIMARY KEY, made TEXT NOT NULL, label TEXT NOT NULL, body TEXT NOT NULL, light_kind TEXT NOT NULL,
  light TEXT NOT NULL, shoot TEXT NOT NULL, shot_at TEXT NOT NULL, document TEXT NOT NULL) STRICT;
-- How a camera balanced a raw file, and its own picture beside it.
ALTER TABLE frame ADD COLUMN camera_red REAL NOT NULL DEFAULT 0;
ALTER TABLE frame ADD COLUMN camera_blue REAL NOT NULL DEFAULT 0;
ALTER TABLE frame ADD COLUMN twin TEXT NOT NULL DEFAULT '';
ALTER TABLE frame ADD COLUMN dialled_kelvin REAL NOT NULL DEFAULT 0;
