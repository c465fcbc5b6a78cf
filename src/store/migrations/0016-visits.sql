-- That a golfer agreed to be kept here, in the coach's words.
ALTER TABLE golfer ADD COLUMN consent TEXT CHECK (length(trim(consent)) BETWEEN 1 AND 400);

-- An hour of a golfer with a coach: when, what it is to do, and what came of it. NULL: not said.
CREATE TABLE visit (
  id           TEXT PRIMARY KEY,
  golfer_id    TEXT NOT NULL REFERENCES golfer (id),
  at_ms        INTEGER NOT NULL CHECK (at_ms >= 0),
  offset_min   INTEGER NOT NULL CHECK (offset_min BETWEEN -900 AND 900),
  minutes      INTEGER NOT NULL CHECK (minutes BETWEEN 5 AND 600),
  to_do        TEXT CHECK (length(trim(to_do)) BETWEEN 1 AND 1000),
  words        TEXT CHECK (length(trim(words)) BETWEEN 1 AND 4000),
  -- When the coach asks how it went, and what is looked at then.
  follow_after INTEGER CHECK (follow_after BETWEEN 1 AND 60),
  follow_in    TEXT,
  follow_look  TEXT CHECK (length(trim(follow_look)) BETWEEN 1 AND 400),
  ended_ms     INTEGER CHECK (ended_ms >= 0),
  changes      INTEGER NOT NULL CHECK (changes >= 0),
  CHECK ((follow_after IS NULL) = (follow_in IS NULL))
) STRICT;
CREATE INDEX visit_of_golfer ON visit (golfer_id, at_ms);
CREATE INDEX visit_at ON visit (at_ms);

-- What the golfer says after play, beside the visit that asked for it.
CREATE TABLE after_play (
  visit_id   TEXT PRIMARY KEY REFERENCES visit (id),
  said_ms    INTEGER NOT NULL CHECK (said_ms >= 0),
  lacked_m   REAL CHECK (lacked_m BETWEEN 0 AND 500),
  off_id     TEXT REFERENCES club (id),
  went       TEXT,
  unused_id  TEXT REFERENCES club (id),
  words      TEXT CHECK (length(trim(words)) BETWEEN 1 AND 1000),
  CHECK ((off_id IS NULL) = (went IS NULL))
) STRICT, WITHOUT ROWID;

-- The desk itself: who sits at it, and whether one golfer alone wants it.
CREATE TABLE desk (
  id         INTEGER PRIMARY KEY CHECK (id = 1),
  coach      TEXT CHECK (length(trim(coach)) BETWEEN 1 AND 60),
  is_wanted  INTEGER NOT NULL CHECK (is_wanted IN (0, 1))
) STRICT;
