-- SPDX-FileCopyrightText: The Refero authors
-- SPDX-License-Identifier: GPL-3.0-or-later
-- A step's changes in parts, one for each edit that joins it: a day's step grows with every setup, and would else be
-- written anew with each.
CREATE TABLE step_part (
  id INTEGER PRIMARY KEY, step INTEGER NOT NULL REFERENCES step (id) ON DELETE CASCADE, changes TEXT NOT NULL) STRICT;
CREATE INDEX step_part_of ON step_part (step);
INSERT INTO step_part (step, changes) SELECT id, changes FROM step ORDER BY id;
ALTER TABLE step DROP COLUMN changes;
