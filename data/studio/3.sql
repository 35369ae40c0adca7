-- SPDX-FileCopyrightText: The Refero authors
-- SPDX-License-Identifier: GPL-3.0-or-later
-- Corrections as they were, by name, to be held against others.
CREATE TABLE snapshot (
  id INTEGER PRIMARY KEY, setup INTEGER NOT NULL, made TEXT NOT NULL, label TEXT NOT NULL,
  document TEXT NOT NULL) STRICT;
