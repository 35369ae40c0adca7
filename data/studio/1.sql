-- The studio file, version 1. Never edited once released: what comes later is a further file.
-- Times are ISO 8601 in UTC, dates ISO 8601; lengths carry their unit in the name; 0 in a reference is "none".

CREATE TABLE meta (key TEXT PRIMARY KEY, value TEXT NOT NULL) STRICT;
INSERT INTO meta VALUES ('next_id', '1');

-- What was done, by name, with what it changed, so that it can be taken back and done again.
CREATE TABLE step (
  id INTEGER PRIMARY KEY AUTOINCREMENT, at TEXT NOT NULL, name TEXT NOT NULL,
  changes TEXT NOT NULL, undone INTEGER NOT NULL DEFAULT 0) STRICT;

-- The dated record of every thing done, undone and done again; nothing is ever taken out of it.
CREATE TABLE event (id INTEGER PRIMARY KEY AUTOINCREMENT, at TEXT NOT NULL, what TEXT NOT NULL) STRICT;

CREATE TABLE body (
  id INTEGER PRIMARY KEY, model TEXT NOT NULL, serial TEXT NOT NULL, nickname TEXT NOT NULL, motion INTEGER NOT NULL,
  sensor_width_mm REAL NOT NULL, sensor_height_mm REAL NOT NULL,
  pixels_wide INTEGER NOT NULL, pixels_high INTEGER NOT NULL) STRICT;

CREATE TABLE lens (
  id INTEGER PRIMARY KEY, model TEXT NOT NULL, serial TEXT NOT NULL,
  shortest_mm REAL NOT NULL, longest_mm REAL NOT NULL) STRICT;

CREATE TABLE lamp (
  id INTEGER PRIMARY KEY, label TEXT NOT NULL, kind TEXT NOT NULL, warm_up_minutes REAL NOT NULL,
  mains INTEGER NOT NULL, hot INTEGER NOT NULL) STRICT;

CREATE TABLE chart_copy (
  id INTEGER PRIMARY KEY, label TEXT NOT NULL, chart TEXT NOT NULL, scale REAL NOT NULL, made_on TEXT NOT NULL,
  replace_after_months INTEGER NOT NULL, reference TEXT NOT NULL, own_values TEXT NOT NULL) STRICT;

-- Charts of one's own, as refero-chart JSON.
CREATE TABLE chart_design (
  id INTEGER PRIMARY KEY, chart TEXT NOT NULL, label TEXT NOT NULL, document TEXT NOT NULL) STRICT;

-- How a body (0: any) writes one kind of recording; NULL where the curve has no straight part.
CREATE TABLE recording_curve (
  id INTEGER PRIMARY KEY, label TEXT NOT NULL, body INTEGER NOT NULL, recording TEXT NOT NULL, base REAL NOT NULL,
  logarithm_slope REAL NOT NULL, logarithm_offset REAL NOT NULL, linear_slope REAL NOT NULL, linear_offset REAL NOT NULL,
  linear_break REAL, straight_slope REAL) STRICT;

CREATE TABLE checked (
  id INTEGER PRIMARY KEY, label TEXT NOT NULL, serial TEXT NOT NULL, display INTEGER NOT NULL,
  checked_on TEXT NOT NULL, every_days INTEGER NOT NULL) STRICT;

CREATE TABLE shoot (
  id INTEGER PRIMARY KEY, code TEXT NOT NULL, label TEXT NOT NULL, client TEXT NOT NULL, date TEXT NOT NULL,
  policy TEXT NOT NULL, move_limit_stops REAL NOT NULL, move_limit_mired REAL NOT NULL,
  limits TEXT NOT NULL, limit_changes TEXT NOT NULL) STRICT;

CREATE TABLE place (
  id INTEGER PRIMARY KEY, shoot INTEGER NOT NULL, label TEXT NOT NULL, latitude REAL, longitude REAL,
  offset_minutes INTEGER NOT NULL, position INTEGER NOT NULL) STRICT;

CREATE TABLE setup (
  id INTEGER PRIMARY KEY, shoot INTEGER NOT NULL, label TEXT NOT NULL,
  body INTEGER NOT NULL, lens INTEGER NOT NULL, lamp INTEGER NOT NULL, place INTEGER NOT NULL,
  power_percent REAL NOT NULL, modifier TEXT NOT NULL, recording TEXT NOT NULL,
  position INTEGER NOT NULL, start_minutes INTEGER, end_minutes INTEGER, chart_copy INTEGER NOT NULL,
  focal_length_mm REAL NOT NULL, distance_m REAL NOT NULL, note TEXT NOT NULL) STRICT;

CREATE TABLE frame (
  id INTEGER PRIMARY KEY, shoot INTEGER NOT NULL, setup INTEGER NOT NULL, role TEXT NOT NULL, path TEXT NOT NULL,
  bytes INTEGER NOT NULL, sha256 TEXT NOT NULL, taken TEXT NOT NULL, because TEXT NOT NULL, doubt TEXT NOT NULL,
  body TEXT NOT NULL, serial TEXT NOT NULL, lens TEXT NOT NULL, focal_length_mm REAL NOT NULL,
  exposure_seconds REAL NOT NULL, f_number REAL NOT NULL, iso REAL NOT NULL, balance TEXT NOT NULL,
  picture_profile TEXT NOT NULL, clock_seconds INTEGER NOT NULL, slip TEXT NOT NULL, chart TEXT NOT NULL,
  certainty REAL NOT NULL, grey_card INTEGER NOT NULL, white_red REAL NOT NULL, white_green REAL NOT NULL,
  white_blue REAL NOT NULL, pictures INTEGER NOT NULL) STRICT;

-- The conditions are those of the moment: the setup may have changed since.
CREATE TABLE reading (
  id INTEGER PRIMARY KEY, setup INTEGER NOT NULL, frame INTEGER NOT NULL, made TEXT NOT NULL, shot_at TEXT NOT NULL,
  verdict TEXT NOT NULL, body INTEGER NOT NULL, lens INTEGER NOT NULL, lamp INTEGER NOT NULL, place INTEGER NOT NULL,
  power_percent REAL NOT NULL, modifier TEXT NOT NULL, recording TEXT NOT NULL, document TEXT NOT NULL) STRICT;

CREATE TABLE correction (
  id INTEGER PRIMARY KEY, setup INTEGER NOT NULL, reading INTEGER NOT NULL, made TEXT NOT NULL, label TEXT NOT NULL,
  model TEXT NOT NULL, mean_difference REAL NOT NULL, unseen_difference REAL NOT NULL, document TEXT NOT NULL) STRICT;

CREATE TABLE handover (
  id INTEGER PRIMARY KEY, correction INTEGER NOT NULL, made TEXT NOT NULL, format TEXT NOT NULL,
  encoding TEXT NOT NULL, path TEXT NOT NULL, engine TEXT NOT NULL, colours INTEGER NOT NULL,
  largest_difference REAL NOT NULL) STRICT;

CREATE TABLE note (
  id INTEGER PRIMARY KEY, shoot INTEGER NOT NULL, setup INTEGER NOT NULL, made TEXT NOT NULL, text TEXT NOT NULL) STRICT;

CREATE TABLE tick (
  id INTEGER PRIMARY KEY, shoot INTEGER NOT NULL, task TEXT NOT NULL, made TEXT NOT NULL) STRICT;
