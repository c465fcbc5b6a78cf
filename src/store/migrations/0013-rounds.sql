-- A round: a place, a day, its air and ground where somebody said them. A round that was opened by mistake stays, removed.
CREATE TABLE round (
  id             TEXT PRIMARY KEY,
  golfer_id      TEXT NOT NULL REFERENCES golfer (id),
  place          TEXT CHECK (length(trim(place)) BETWEEN 1 AND 60),
  opened_ms      INTEGER NOT NULL CHECK (opened_ms >= 0),
  offset_min     INTEGER NOT NULL CHECK (offset_min BETWEEN -900 AND 900),
  competition    INTEGER NOT NULL CHECK (competition IN (0, 1)),
  temp_c         REAL CHECK (temp_c BETWEEN -60 AND 70),
  altitude_m     REAL CHECK (altitude_m BETWEEN -1000 AND 9000),
  sea_level_hpa  REAL CHECK (sea_level_hpa BETWEEN 800 AND 1150),
  humidity       REAL CHECK (humidity BETWEEN 0 AND 1),
  turf           TEXT,
  removed_ms     INTEGER CHECK (removed_ms >= 0)
) STRICT;
CREATE INDEX round_golfer ON round (golfer_id, opened_ms);

-- What a golfer said of a shot of a round, whole each time: the newest word that was not undone stands.
CREATE TABLE round_said (
  seq        INTEGER PRIMARY KEY AUTOINCREMENT,
  said       TEXT NOT NULL UNIQUE,
  round_id   TEXT NOT NULL REFERENCES round (id),
  shot_id    TEXT NOT NULL,
  at_ms      INTEGER NOT NULL CHECK (at_ms >= 0),
  club_id    TEXT NOT NULL REFERENCES club (id),
  swing      TEXT NOT NULL,
  left_m     REAL CHECK (left_m BETWEEN 0 AND 700),
  after_m    REAL CHECK (after_m BETWEEN 0 AND 700),
  carry_m    REAL CHECK (carry_m BETWEEN 0 AND 500),
  lie        TEXT,
  gone       INTEGER NOT NULL CHECK (gone IN (0, 1)),
  -- Words that came together are undone together.
  batch      TEXT NOT NULL,
  undone_ms  INTEGER CHECK (undone_ms >= 0)
) STRICT;
CREATE INDEX round_said_round ON round_said (round_id, seq);

-- For which kinds of club the golfer's card takes on what shots on the course were off those in the bay.
CREATE TABLE as_on_course (
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  kind       TEXT NOT NULL,
  set_ms     INTEGER NOT NULL CHECK (set_ms >= 0),
  PRIMARY KEY (golfer_id, kind)
) STRICT, WITHOUT ROWID;

-- The golfer and the aim. NULL: not said.
ALTER TABLE golfer ADD COLUMN level TEXT;
ALTER TABLE golfer ADD COLUMN driver_m REAL CHECK (driver_m BETWEEN 20 AND 400);
ALTER TABLE golfer ADD COLUMN usual_turf TEXT;
ALTER TABLE golfer ADD COLUMN bag_wish TEXT;
ALTER TABLE golfer ADD COLUMN likes TEXT CHECK (length(likes) <= 400);
-- How sure the golfer wants to be of what a shot must clear, as JSON by the kind of hazard; NULL: what is usual.
ALTER TABLE golfer ADD COLUMN sureness TEXT CHECK (json_valid(sureness) AND json_type(sureness) = 'object');
