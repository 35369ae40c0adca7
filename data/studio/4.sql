-- SPDX-FileCopyrightText: The Refero authors
-- SPDX-License-Identifier: GPL-3.0-or-later
-- What went out stays in the record when its correction is built anew: of which setup, for whom, and what the
-- correction was like then, so that it is seen when that has changed.
ALTER TABLE handover ADD COLUMN setup INTEGER NOT NULL DEFAULT 0;
ALTER TABLE handover ADD COLUMN receiver TEXT NOT NULL DEFAULT '';
ALTER TABLE handover ADD COLUMN note TEXT NOT NULL DEFAULT '';
ALTER TABLE handover ADD COLUMN mean_difference REAL NOT NULL DEFAULT 0;
ALTER TABLE handover ADD COLUMN bytes INTEGER NOT NULL DEFAULT 0;
ALTER TABLE handover ADD COLUMN sha256 TEXT NOT NULL DEFAULT '';
ALTER TABLE handover ADD COLUMN fingerprint TEXT NOT NULL DEFAULT '';
UPDATE handover SET setup = COALESCE((SELECT setup FROM correction WHERE correction.id = handover.correction), 0);
