-- SPDX-FileCopyrightText: The Refero authors
-- SPDX-License-Identifier: GPL-3.0-or-later
-- What a flat-field frame tells of a lens, and what a person marked as grey in a subject's frame.
ALTER TABLE lens ADD COLUMN fall_off_stops REAL NOT NULL DEFAULT 0;
ALTER TABLE lens ADD COLUMN fall_off_f_number REAL NOT NULL DEFAULT 0;
ALTER TABLE frame ADD COLUMN grey_red REAL NOT NULL DEFAULT 0;
ALTER TABLE frame ADD COLUMN grey_green REAL NOT NULL DEFAULT 0;
ALTER TABLE frame ADD COLUMN grey_blue REAL NOT NULL DEFAULT 0;
