-- SPDX-FileCopyrightText: The Refero authors
-- SPDX-License-Identifier: GPL-3.0-or-later
-- What of the kit was assumed, since no file told it: a person is asked.
ALTER TABLE body ADD COLUMN sensor_assumed INTEGER NOT NULL DEFAULT 0;
ALTER TABLE lens ADD COLUMN focal_length_assumed INTEGER NOT NULL DEFAULT 0;
