-- Which monitor measured a shot: its own name, or the golfer's word for it. NULL: nobody said.
ALTER TABLE shot ADD COLUMN monitor TEXT CHECK (length(trim(monitor)) BETWEEN 1 AND 60);
DROP TRIGGER shot_is_never_changed;
UPDATE shot SET monitor = nullif(trim(posted ->> 'monitor'), '')
WHERE source = 'monitor' AND json_valid(posted) AND length(trim(posted ->> 'monitor')) <= 60;
CREATE TRIGGER shot_is_never_changed BEFORE UPDATE ON shot
BEGIN SELECT RAISE (ABORT, 'a shot is never changed: add an event to it'); END;

-- What the golfer says of a second monitor in a session: that it watches the balls of another one, so that what it says is
-- compared, and in no stock; or that it sees balls of its own.
CREATE TABLE watching (
  session_id  TEXT NOT NULL REFERENCES session (id),
  monitor     TEXT NOT NULL,
  is_on       INTEGER NOT NULL CHECK (is_on IN (0, 1)),
  set_ms      INTEGER NOT NULL CHECK (set_ms >= 0),
  PRIMARY KEY (session_id, monitor)
) STRICT, WITHOUT ROWID;

-- Where the golfer says which reading of the one monitor belongs to which of the other; NULL: to none.
CREATE TABLE pair_moved (
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  shot_id    TEXT NOT NULL,
  with_id    TEXT,
  at_ms      INTEGER NOT NULL CHECK (at_ms >= 0),
  PRIMARY KEY (golfer_id, shot_id)
) STRICT, WITHOUT ROWID;

-- By what a monitor's numbers are off another's, as the golfer found it; it acts where it is switched on.
CREATE TABLE correction (
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  monitor    TEXT NOT NULL,
  field      TEXT NOT NULL,
  -- What is added, in the field's own unit, and the share on top of it.
  plus       REAL NOT NULL CHECK (plus BETWEEN -5000 AND 5000),
  share      REAL NOT NULL CHECK (share BETWEEN -0.5 AND 0.5),
  -- Half of the 90% interval of what it changes.
  half       REAL NOT NULL CHECK (half BETWEEN 0 AND 5000),
  against    TEXT NOT NULL,
  pairs      INTEGER NOT NULL CHECK (pairs >= 0),
  set_ms     INTEGER NOT NULL CHECK (set_ms >= 0),
  is_on      INTEGER NOT NULL CHECK (is_on IN (0, 1)),
  PRIMARY KEY (golfer_id, monitor, field)
) STRICT, WITHOUT ROWID;

-- What a monitor measures and what it works out, and the air in which it does.
ALTER TABLE monitor_profile ADD COLUMN computes TEXT CHECK (json_valid(computes) AND json_type(computes) = 'array');
ALTER TABLE monitor_profile ADD COLUMN air_temp_c REAL CHECK (air_temp_c BETWEEN -50 AND 60);
-- The same as it stood on a session's day.
ALTER TABLE set_up ADD COLUMN monitor_computes TEXT
  CHECK (json_valid(monitor_computes) AND json_type(monitor_computes) = 'array');
ALTER TABLE set_up ADD COLUMN monitor_air_temp_c REAL CHECK (monitor_air_temp_c BETWEEN -50 AND 60);

-- A ball by the golfer's own word for it, and what was found of it against another; that acts where it is switched on.
CREATE TABLE ball (
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  name       TEXT NOT NULL CHECK (length(trim(name)) BETWEEN 1 AND 40),
  is_range   INTEGER NOT NULL CHECK (is_range IN (0, 1)),
  worn       INTEGER NOT NULL CHECK (worn IN (0, 1)),
  PRIMARY KEY (golfer_id, name)
) STRICT, WITHOUT ROWID;
CREATE TABLE ball_factor (
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  ball       TEXT NOT NULL,
  counted_as TEXT NOT NULL,
  factors    TEXT NOT NULL CHECK (json_valid(factors) AND json_type(factors) = 'array'),
  shots      INTEGER NOT NULL CHECK (shots >= 0),
  set_ms     INTEGER NOT NULL CHECK (set_ms >= 0),
  is_on      INTEGER NOT NULL CHECK (is_on IN (0, 1)),
  PRIMARY KEY (golfer_id, ball)
) STRICT, WITHOUT ROWID;

DROP VIEW shot_now;
CREATE VIEW shot_now AS
SELECT
  seq, id, session_id, source, import_id, hit_ms, monitor, club_label, club_id, swing, carry_m, total_m, ball_speed_mps,
  club_speed_mps, launch_deg, spin_rpm, offline_m, peak_m, landing_deg, mark, posted, held_because,
  -- What a monitor that only watches said of a ball is no shot of its own.
  stands AND NOT is_watching AS present, stands AND is_watching AS watched
FROM (SELECT
  s.seq, s.id, s.session_id, s.source, s.import_id, s.hit_ms, s.monitor, s.club_label,
  CASE WHEN t.shot_seq IS NULL THEN s.club_id ELSE
    coalesce((SELECT e.club_id FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'station'
              AND e.batch NOT IN (SELECT batch FROM undone) ORDER BY e.seq DESC LIMIT 1), s.club_id) END AS club_id,
  CASE WHEN t.shot_seq IS NULL THEN s.swing ELSE
    coalesce((SELECT e.swing FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'station'
              AND e.batch NOT IN (SELECT batch FROM undone) ORDER BY e.seq DESC LIMIT 1), s.swing) END AS swing,
  s.carry_m, s.total_m, s.ball_speed_mps, s.club_speed_mps, s.launch_deg, s.spin_rpm, s.offline_m, s.peak_m,
  s.landing_deg,
  CASE WHEN t.shot_seq IS NULL THEN NULL ELSE
    (SELECT e.mark FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'mark'
     AND e.batch NOT IN (SELECT batch FROM undone) ORDER BY e.seq DESC LIMIT 1) END AS mark,
  s.posted,
  CASE
    WHEN t.shot_seq IS NULL THEN s.held_because
    WHEN s.held_because IS NULL AND NOT EXISTS (SELECT 1 FROM uncleared u WHERE u.shot_seq = s.seq) THEN NULL
    WHEN EXISTS (
      SELECT 1 FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'released'
      AND e.batch NOT IN (SELECT batch FROM undone)) THEN NULL
    ELSE coalesce(s.held_because, 'range-not-clear') END AS held_because,
  CASE WHEN t.shot_seq IS NULL
    THEN s.source <> 'typed' OR EXISTS (SELECT 1 FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'taken')
    ELSE coalesce((SELECT e.kind = 'taken' FROM shot_event e
              WHERE e.shot_seq = s.seq AND e.kind IN ('taken', 'withdrawn')
              AND e.batch NOT IN (SELECT batch FROM undone) ORDER BY e.seq DESC LIMIT 1),
             s.source <> 'typed'
             AND NOT EXISTS (SELECT 1 FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'taken')) END AS stands,
  w.monitor IS NOT NULL AS is_watching
FROM shot s LEFT JOIN touched t ON t.shot_seq = s.seq
  LEFT JOIN watching w ON w.session_id = s.session_id AND w.monitor = s.monitor AND w.is_on = 1);
