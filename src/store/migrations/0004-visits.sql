-- What a golfer likes in the bay.
ALTER TABLE golfer ADD COLUMN ask_expectation INTEGER NOT NULL DEFAULT 1 CHECK (ask_expectation IN (0, 1));
ALTER TABLE golfer ADD COLUMN longest_min INTEGER NOT NULL DEFAULT 75 CHECK (longest_min BETWEEN 10 AND 600);
ALTER TABLE golfer ADD COLUMN home_altitude_m REAL CHECK (home_altitude_m BETWEEN -500 AND 5000);
ALTER TABLE golfer ADD COLUMN temp_unit TEXT NOT NULL DEFAULT 'C' CHECK (temp_unit IN ('C', 'F'));
-- Shots in wind or from a bad lie count beside the others.
ALTER TABLE golfer ADD COLUMN wind_counts INTEGER NOT NULL DEFAULT 0 CHECK (wind_counts IN (0, 1));

-- When the golfer last said that the range is clear, and when something hurt.
ALTER TABLE session ADD COLUMN clear_ms INTEGER;
ALTER TABLE session ADD COLUMN hurt_ms INTEGER;
-- Of its plan: a rest of so many seconds after so many shots, and whether a settled station needs no more.
ALTER TABLE session ADD COLUMN rest_every INTEGER NOT NULL DEFAULT 16 CHECK (rest_every BETWEEN 0 AND 200);
ALTER TABLE session ADD COLUMN rest_s INTEGER NOT NULL DEFAULT 85 CHECK (rest_s BETWEEN 0 AND 3600);
ALTER TABLE session ADD COLUMN until_settled INTEGER NOT NULL DEFAULT 0 CHECK (until_settled IN (0, 1));

-- A plan that is too long for one day: blocks of later days wait for another session.
ALTER TABLE plan_block ADD COLUMN day INTEGER NOT NULL DEFAULT 1 CHECK (day BETWEEN 1 AND 100);

-- A monitor as its owner describes it, with its checklist. Distances in metres.
CREATE TABLE monitor_profile (
  golfer_id     TEXT NOT NULL REFERENCES golfer (id),
  name          TEXT NOT NULL COLLATE NOCASE CHECK (length(trim(name)) BETWEEN 1 AND 40),
  net_least_m   REAL NOT NULL CHECK (net_least_m BETWEEN 0 AND 100),
  unit_least_m  REAL NOT NULL CHECK (unit_least_m BETWEEN 0 AND 100),
  unit_most_m   REAL NOT NULL CHECK (unit_most_m >= unit_least_m),
  -- A JSON list of { what, touches }.
  checks        TEXT NOT NULL CHECK (json_valid(checks)),
  PRIMARY KEY (golfer_id, name)
) STRICT;

-- How a session was set up; what was skipped is NULL. The monitor's profile stands as it was on that day.
CREATE TABLE set_up (
  session_id    TEXT PRIMARY KEY REFERENCES session (id),
  surface       TEXT CHECK (surface IN ('mat', 'grass', 'rough')),
  ball          TEXT CHECK (length(trim(ball)) BETWEEN 1 AND 40),
  ball_temp_c   REAL CHECK (ball_temp_c BETWEEN -50 AND 80),
  temp_c        REAL CHECK (temp_c BETWEEN -50 AND 60),
  pressure_hpa  REAL CHECK (pressure_hpa BETWEEN 500 AND 1100),
  humidity      REAL CHECK (humidity BETWEEN 0 AND 1),
  wind_mps      REAL CHECK (wind_mps BETWEEN 0 AND 60),
  wind          TEXT CHECK (wind IN ('felt', 'into', 'with', 'from-left', 'from-right')),
  air_source    TEXT CHECK (air_source IN ('typed', 'station')),
  altitude_m    REAL CHECK (altitude_m BETWEEN -500 AND 5000),
  altitude_of   TEXT CHECK (altitude_of IN ('here', 'home')),
  monitor       TEXT CHECK (length(trim(monitor)) BETWEEN 1 AND 40),
  net_least_m   REAL,
  unit_least_m  REAL,
  unit_most_m   REAL,
  net_m         REAL CHECK (net_m BETWEEN 0 AND 1000),
  unit_m        REAL CHECK (unit_m BETWEEN 0 AND 1000),
  -- A JSON list of { what, touches, checked }.
  checks        TEXT CHECK (json_valid(checks)),
  CHECK ((monitor IS NULL) = (checks IS NULL)),
  CHECK ((monitor IS NULL) = (net_least_m IS NULL)),
  CHECK ((monitor IS NULL) = (unit_least_m IS NULL)),
  CHECK ((monitor IS NULL) = (unit_most_m IS NULL))
) STRICT;

-- What a golfer says of a session while it goes on. Rows are only ever added; those of an undone batch do not stand.
CREATE TABLE session_event (
  seq         INTEGER PRIMARY KEY AUTOINCREMENT,
  session_id  TEXT NOT NULL REFERENCES session (id),
  batch       TEXT NOT NULL,
  at_ms       INTEGER NOT NULL,
  kind        TEXT NOT NULL CHECK (kind IN ('warm-up', 'air', 'expectation')),
  -- The first shot for which it holds.
  from_seq    INTEGER NOT NULL,
  is_on       INTEGER CHECK (is_on IN (0, 1)),
  wind        TEXT CHECK (wind IN ('felt', 'into', 'with', 'from-left', 'from-right')),
  temp_c      REAL CHECK (temp_c BETWEEN -50 AND 60),
  surface     TEXT CHECK (surface IN ('mat', 'grass', 'rough')),
  club_id     TEXT REFERENCES club (id),
  swing       TEXT CHECK (length(swing) BETWEEN 1 AND 40),
  carry_m     REAL CHECK (carry_m BETWEEN 2.7 AND 412),
  CHECK ((kind = 'warm-up') = (is_on IS NOT NULL)),
  CHECK ((kind = 'expectation') = (carry_m IS NOT NULL)),
  CHECK ((kind = 'expectation') = (club_id IS NOT NULL)),
  CHECK ((kind = 'expectation') = (swing IS NOT NULL)),
  CHECK (kind = 'air' OR (wind IS NULL AND temp_c IS NULL AND surface IS NULL))
) STRICT;

CREATE INDEX session_event_of_session ON session_event (session_id, seq);

-- What one undo takes back: all that shares a batch, in the order in which it was done in its session.
CREATE TABLE action (
  seq         INTEGER PRIMARY KEY AUTOINCREMENT,
  batch       TEXT NOT NULL,
  session_id  TEXT NOT NULL REFERENCES session (id),
  UNIQUE (batch, session_id)
) STRICT;

CREATE INDEX action_of_session ON action (session_id, seq);

INSERT INTO action (batch, session_id)
SELECT e.batch, s.session_id FROM shot_event e JOIN shot s ON s.seq = e.shot_seq
GROUP BY e.batch, s.session_id ORDER BY min(e.seq);

CREATE TRIGGER shot_event_is_an_action AFTER INSERT ON shot_event
BEGIN
  INSERT INTO action (batch, session_id) SELECT NEW.batch, session_id FROM shot WHERE seq = NEW.shot_seq
  ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER session_event_is_an_action AFTER INSERT ON session_event
BEGIN
  INSERT INTO action (batch, session_id) VALUES (NEW.batch, NEW.session_id) ON CONFLICT DO NOTHING;
END;

-- Shots that came before the range was said to be clear: held until it is.
CREATE TABLE uncleared (
  shot_seq  INTEGER PRIMARY KEY REFERENCES shot (seq)
) STRICT;

DROP VIEW shot_now;
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
  CASE
    WHEN s.held_because IS NULL AND NOT EXISTS (SELECT 1 FROM uncleared u WHERE u.shot_seq = s.seq) THEN NULL
    WHEN EXISTS (
      SELECT 1 FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'released'
      AND e.batch NOT IN (SELECT batch FROM undone)) THEN NULL
    ELSE coalesce(s.held_because, 'range-not-clear') END AS held_because,
  coalesce((SELECT e.kind = 'taken' FROM shot_event e
            WHERE e.shot_seq = s.seq AND e.kind IN ('taken', 'withdrawn')
            AND e.batch NOT IN (SELECT batch FROM undone) ORDER BY e.seq DESC LIMIT 1), s.source <> 'typed') AS present
FROM shot s;
