-- SPDX-FileCopyrightText: The Refero authors
-- SPDX-License-Identifier: GPL-3.0-or-later
-- The gamut of a recording, as data: chromaticities of red, green, blue and white, or a space's name.
ALTER TABLE recording_curve ADD COLUMN primaries TEXT NOT NULL DEFAULT '';
