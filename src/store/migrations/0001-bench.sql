-- Lengths in metres, speeds in metres per second, angles in degrees.
-- Times are milliseconds since 1970 with the offset of the place in minutes.

CREATE TABLE golfer (
  id           TEXT PRIMARY KEY,
  name         TEXT NOT NULL UNIQUE COLLATE NOCASE CHECK (length(trim(name)) BETWEEN 1 AND 60),
  hand         TEXT NOT NULL CHECK (hand IN ('right', 'left')),
  length_unit  TEXT NOT NULL CHECK (length_unit IN ('yd', 'm')),
  speed_unit   TEXT NOT NULL CHECK (speed_unit IN ('mph', 'km/h', 'm/s')),
  goal_low_m   REAL CHECK (goal_low_m > 0),
  goal_high_m  REAL CHECK (goal_high_m > goal_low_m),
  created_ms   INTEGER NOT NULL,
  CHECK ((goal_low_m IS NULL) = (goal_high_m IS NULL))
) STRICT;

CREATE TABLE club (
  id         TEXT PRIMARY KEY,
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  name       TEXT NOT NULL COLLATE NOCASE CHECK (length(trim(name)) BETWEEN 1 AND 40),
  kind       TEXT NOT NULL CHECK (kind IN ('driver', 'wood', 'hybrid', 'iron', 'wedge', 'putter')),
  loft_deg   REAL CHECK (loft_deg BETWEEN 0 AND 80),
  UNIQUE (golfer_id, name)
) STRICT;

-- What a monitor or a file calls a club, mapped once.
CREATE TABLE club_label (
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  label      TEXT NOT NULL COLLATE NOCASE CHECK (length(label) BETWEEN 1 AND 40),
  club_id    TEXT NOT NULL REFERENCES club (id),
  PRIMARY KEY (golfer_id, label)
) STRICT;

-- A dated set-up of clubs: the newest is the golfer's bag. Clubs in none of its slots are on the rack.
CREATE TABLE bag (
  id         TEXT PRIMARY KEY,
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  name       TEXT NOT NULL CHECK (length(trim(name)) BETWEEN 1 AND 60),
  since_ms   INTEGER NOT NULL
) STRICT;

CREATE TABLE bag_slot (
  bag_id   TEXT NOT NULL REFERENCES bag (id),
  slot     INTEGER NOT NULL CHECK (slot BETWEEN 0 AND 13),
  club_id  TEXT NOT NULL REFERENCES club (id),
  PRIMARY KEY (bag_id, slot),
  UNIQUE (bag_id, club_id)
) STRICT;

-- One visit. Without a golfer: shots that came while nothing was open, and wait for their golfer.
CREATE TABLE session (
  id            TEXT PRIMARY KEY CHECK (length(id) BETWEEN 1 AND 100),
  golfer_id     TEXT REFERENCES golfer (id),
  started_ms    INTEGER NOT NULL,
  offset_min    INTEGER NOT NULL CHECK (offset_min BETWEEN -900 AND 900),
  place         TEXT CHECK (place IN ('indoor', 'range', 'course')),
  ended_ms      INTEGER,
  -- The station that is open in the bay, and since when.
  open_club_id  TEXT REFERENCES club (id),
  open_swing    TEXT CHECK (length(open_swing) BETWEEN 1 AND 40),
  open_ms       INTEGER,
  CHECK ((open_club_id IS NULL) = (open_swing IS NULL)),
  CHECK ((open_club_id IS NULL) = (open_ms IS NULL))
) STRICT;

CREATE INDEX session_of_golfer ON session (golfer_id, started_ms);

CREATE TABLE file_import (
  id        TEXT PRIMARY KEY,
  golfer_id TEXT NOT NULL REFERENCES golfer (id),
  name      TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 200),
  at_ms     INTEGER NOT NULL
) STRICT;

-- One hit ball as measured. Rows are only ever added.
CREATE TABLE shot (
  seq             INTEGER PRIMARY KEY AUTOINCREMENT,
  id              TEXT NOT NULL UNIQUE CHECK (length(id) BETWEEN 1 AND 100),
  session_id      TEXT NOT NULL REFERENCES session (id),
  source          TEXT NOT NULL CHECK (source IN ('typed', 'monitor', 'file')),
  import_id       TEXT REFERENCES file_import (id),
  hit_ms          INTEGER NOT NULL,
  -- The club as the source named it, and the club of the golfer that this was taken for.
  club_label      TEXT CHECK (length(club_label) BETWEEN 1 AND 40),
  club_id         TEXT REFERENCES club (id),
  swing           TEXT NOT NULL CHECK (length(swing) BETWEEN 1 AND 40),
  carry_m         REAL CHECK (carry_m BETWEEN -1e12 AND 1e12),
  total_m         REAL CHECK (total_m BETWEEN -1e12 AND 1e12),
  ball_speed_mps  REAL CHECK (ball_speed_mps BETWEEN -1e12 AND 1e12),
  club_speed_mps  REAL CHECK (club_speed_mps BETWEEN -1e12 AND 1e12),
  launch_deg      REAL CHECK (launch_deg BETWEEN -1e12 AND 1e12),
  spin_rpm        REAL CHECK (spin_rpm BETWEEN -1e12 AND 1e12),
  offline_m       REAL CHECK (offline_m BETWEEN -1e12 AND 1e12),
  peak_m          REAL CHECK (peak_m BETWEEN -1e12 AND 1e12),
  landing_deg     REAL CHECK (landing_deg BETWEEN -1e12 AND 1e12),
  -- Read, but waiting for the golfer; and what was posted, for a shot that was not taken as it came.
  held_because    TEXT CHECK (held_because IN ('implausible-carry', 'unknown-club', 'other-station', 'unknown-field', 'no-station')),
  posted          TEXT,
  CHECK ((source = 'file') = (import_id IS NOT NULL))
) STRICT;

CREATE INDEX shot_of_session ON shot (session_id, seq);

CREATE TRIGGER shot_is_never_changed BEFORE UPDATE ON shot
BEGIN SELECT RAISE (ABORT, 'a shot is never changed: add an event to it'); END;

CREATE TRIGGER shot_is_never_deleted BEFORE DELETE ON shot
BEGIN SELECT RAISE (ABORT, 'a shot is never deleted: withdraw it'); END;

-- What happened to a shot since. All rows of one action share its batch, and are undone together.
CREATE TABLE shot_event (
  seq       INTEGER PRIMARY KEY AUTOINCREMENT,
  shot_seq  INTEGER NOT NULL REFERENCES shot (seq),
  batch     TEXT NOT NULL,
  at_ms     INTEGER NOT NULL,
  kind      TEXT NOT NULL CHECK (kind IN ('taken', 'withdrawn', 'mark', 'station', 'released')),
  mark      TEXT CHECK (mark IN ('solid', 'fat', 'thin', 'off-centre', 'wild', 'misread', 'other-club')),
  club_id   TEXT REFERENCES club (id),
  swing     TEXT CHECK (length(swing) BETWEEN 1 AND 40),
  CHECK (mark IS NULL OR kind = 'mark'),
  CHECK ((kind = 'station') = (club_id IS NOT NULL)),
  CHECK ((kind = 'station') = (swing IS NOT NULL))
) STRICT;

CREATE INDEX event_of_shot ON shot_event (shot_seq, kind, seq);
CREATE INDEX event_of_batch ON shot_event (batch);

CREATE TABLE undone (
  batch  TEXT PRIMARY KEY,
  at_ms  INTEGER NOT NULL
) STRICT;

-- A shot as it stands now: its own row with the last event of each kind that was not undone.
-- It is there by the last taking or withdrawal that stands; with none, unless it was typed, since then
-- its own taking was undone.
CREATE VIEW shot_now AS
SELECT
  s.seq, s.id, s.session_id, s.source, s.import_id, s.hit_ms, s.club_label,
  coalesce((SELECT e.club_id FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'station'
            AND e.batch NOT IN (SELECT batch FROM undone) ORDER BY e.seq DESC LIMIT 1), s.club_id) AS club_id,
  coalesce((SELECT e.swing FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'station'
            AND e.batch NOT IN (SELECT batch FROM undone) ORDER BY e.seq DESC LIMIT 1), s.swing) AS swing,
  s.carry_m, s.total_m, s.ball_speed_mps, s.club_speed_mps, s.launch_deg, s.spin_rpm, s.offline_m, s.peak_m,
  s.landing_deg,
  (SELECT e.mark FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'mark'
   AND e.batch NOT IN (SELECT batch FROM undone) ORDER BY e.seq DESC LIMIT 1) AS mark,
  s.posted,
  CASE WHEN s.held_because IS NULL OR EXISTS (
    SELECT 1 FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'released'
    AND e.batch NOT IN (SELECT batch FROM undone)) THEN NULL ELSE s.held_because END AS held_because,
  coalesce((SELECT e.kind = 'taken' FROM shot_event e
            WHERE e.shot_seq = s.seq AND e.kind IN ('taken', 'withdrawn')
            AND e.batch NOT IN (SELECT batch FROM undone) ORDER BY e.seq DESC LIMIT 1), s.source <> 'typed') AS present
FROM shot s;
