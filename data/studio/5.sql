-- SPDX-FileCopyrightText: The Refero authors
-- SPDX-License-Identifier: GPL-3.0-or-later
-- Whether a person put a frame where it is stood only in the words of its reason.
ALTER TABLE frame ADD COLUMN placement TEXT NOT NULL DEFAULT 'sorted';
UPDATE frame SET placement = 'by-hand' WHERE because IN (
  'Put here by hand.', 'Its setup was begun with it.', 'Opened as its chart frame.', 'Added to this setup by hand.',
  'It came in for this setup.');
