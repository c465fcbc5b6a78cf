-- A stock covers the numbers that lie this near to it.
ALTER TABLE golfer ADD COLUMN tolerance_m REAL NOT NULL DEFAULT 4.572 CHECK (tolerance_m BETWEEN 0.5 AND 20);

-- Swings as the golfer defines them. A changed definition is a new swing with a name of its own; the old one keeps its
-- shots and is hit no more. Full, three-quarter and half are there without a row until they are defined.
CREATE TABLE swing_definition (
  golfer_id     TEXT NOT NULL REFERENCES golfer (id),
  swing         TEXT NOT NULL CHECK (length(trim(swing)) BETWEEN 1 AND 40),
  -- How far back the arm goes on a clock's face, or what share of the full length that is.
  clock         REAL CHECK (clock BETWEEN 6 AND 13),
  length_share  REAL CHECK (length_share > 0 AND length_share <= 1),
  grip_down_cm  REAL NOT NULL DEFAULT 0 CHECK (grip_down_cm BETWEEN 0 AND 15),
  tempo         TEXT CHECK (length(trim(tempo)) BETWEEN 1 AND 60),
  from_ms       INTEGER NOT NULL,
  until_ms      INTEGER,
  PRIMARY KEY (golfer_id, swing)
) STRICT;

-- Stations that the golfer wants in the next plan.
CREATE TABLE wanted_station (
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  club_id    TEXT NOT NULL REFERENCES club (id),
  swing      TEXT NOT NULL CHECK (length(swing) BETWEEN 1 AND 40),
  PRIMARY KEY (golfer_id, club_id, swing)
) STRICT;

-- Called yardages and what was hit at them. They feed no stock.
CREATE TABLE drill_shot (
  seq        INTEGER PRIMARY KEY AUTOINCREMENT,
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  -- One practice: its calls share it.
  drill      TEXT NOT NULL CHECK (length(drill) BETWEEN 1 AND 60),
  at_ms      INTEGER NOT NULL,
  called_m   REAL NOT NULL CHECK (called_m BETWEEN 2.7 AND 412),
  club_id    TEXT NOT NULL REFERENCES club (id),
  swing      TEXT NOT NULL CHECK (length(swing) BETWEEN 1 AND 40),
  finish_m   REAL NOT NULL CHECK (finish_m BETWEEN 0 AND 500)
) STRICT;

CREATE INDEX drill_of_golfer ON drill_shot (golfer_id, seq);
