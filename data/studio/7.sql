-- SPDX-FileCopyrightText: The Refero authors
-- SPDX-License-Identifier: GPL-3.0-or-later
-- What tests said of a body's recording profiles, and what a setup is planned to record in.
CREATE TABLE profile_test (
  id INTEGER PRIMARY KEY, body INTEGER NOT NULL, profile TEXT NOT NULL, low_stops REAL NOT NULL,
  high_stops REAL NOT NULL, best_stops REAL NOT NULL, tested_on TEXT NOT NULL, document TEXT NOT NULL) STRICT;
ALTER TABLE setup ADD COLUMN profile TEXT NOT NULL DEFAULT '';
ALTER TABLE setup ADD COLUMN exposure_stops REAL NOT NULL DEFAULT 0;
