-- Lists that grow (marks, rules, schools, kinds of events, winds, surfaces, swings) are the core's, and defaults are too:
-- the tables that held some are made anew. Ranges, references and NOT NULL stay.

DROP VIEW shot_now;
DROP TRIGGER shot_event_is_an_action;
DROP TRIGGER session_event_is_an_action;

CREATE TABLE new_golfer (
  id                      TEXT PRIMARY KEY,
  name                    TEXT NOT NULL UNIQUE COLLATE NOCASE CHECK (length(trim(name)) BETWEEN 1 AND 60),
  hand                    TEXT NOT NULL CHECK (hand IN ('right', 'left')),
  length_unit             TEXT NOT NULL,
  speed_unit              TEXT NOT NULL,
  goal_low_m              REAL CHECK (goal_low_m > 0),
  goal_high_m             REAL CHECK (goal_high_m > goal_low_m),
  created_ms              INTEGER NOT NULL,
  stock_rule              TEXT NOT NULL,
  ask_expectation         INTEGER NOT NULL CHECK (ask_expectation IN (0, 1)),
  longest_min             INTEGER NOT NULL CHECK (longest_min BETWEEN 10 AND 600),
  home_altitude_m         REAL CHECK (home_altitude_m BETWEEN -500 AND 5000),
  temp_unit               TEXT NOT NULL,
  wind_counts             INTEGER NOT NULL CHECK (wind_counts IN (0, 1)),
  reference_temp_c        REAL NOT NULL CHECK (reference_temp_c BETWEEN -30 AND 50),
  reference_pressure_hpa  REAL NOT NULL CHECK (reference_pressure_hpa BETWEEN 500 AND 1100),
  reference_humidity      REAL NOT NULL CHECK (reference_humidity BETWEEN 0 AND 1),
  compare_in              TEXT NOT NULL,
  tolerance_m             REAL NOT NULL CHECK (tolerance_m BETWEEN 0.5 AND 20),
  -- NULL: what is usual for the bag.
  even_school             TEXT,
  follow_plan             INTEGER NOT NULL CHECK (follow_plan IN (0, 1)),
  CHECK ((goal_low_m IS NULL) = (goal_high_m IS NULL))
) STRICT;
INSERT INTO new_golfer SELECT
  id, name, hand, length_unit, speed_unit, goal_low_m, goal_high_m, created_ms, stock_rule, ask_expectation, longest_min,
  home_altitude_m, temp_unit, wind_counts, reference_temp_c, reference_pressure_hpa, reference_humidity, compare_in,
  tolerance_m, even_school, follow_plan
FROM golfer;
DROP TABLE golfer;
ALTER TABLE new_golfer RENAME TO golfer;

CREATE TABLE new_golfer_zone (
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  segment    TEXT NOT NULL,
  narrow_m   REAL NOT NULL CHECK (narrow_m > 0),
  wide_m     REAL NOT NULL CHECK (wide_m > narrow_m),
  PRIMARY KEY (golfer_id, segment)
) STRICT;
INSERT INTO new_golfer_zone SELECT golfer_id, segment, narrow_m, wide_m FROM golfer_zone;
DROP TABLE golfer_zone;
ALTER TABLE new_golfer_zone RENAME TO golfer_zone;

CREATE TABLE new_session (
  id             TEXT PRIMARY KEY CHECK (length(id) BETWEEN 1 AND 100),
  golfer_id      TEXT REFERENCES golfer (id),
  started_ms     INTEGER NOT NULL,
  offset_min     INTEGER NOT NULL CHECK (offset_min BETWEEN -900 AND 900),
  place          TEXT,
  ended_ms       INTEGER,
  -- The station that is open in the bay, and since when.
  open_club_id   TEXT REFERENCES club (id),
  open_swing     TEXT CHECK (length(open_swing) BETWEEN 1 AND 40),
  open_ms        INTEGER,
  -- When the golfer last said that the range is clear, and when something hurt.
  clear_ms       INTEGER,
  hurt_ms        INTEGER,
  -- Of its plan: a rest of so many seconds after so many shots, and whether a settled station needs no more.
  rest_every     INTEGER NOT NULL CHECK (rest_every BETWEEN 0 AND 200),
  rest_s         INTEGER NOT NULL CHECK (rest_s BETWEEN 0 AND 3600),
  until_settled  INTEGER NOT NULL CHECK (until_settled IN (0, 1)),
  -- The golfer wants its air left unsaid.
  air_left       INTEGER NOT NULL CHECK (air_left IN (0, 1)),
  CHECK ((open_club_id IS NULL) = (open_swing IS NULL)),
  CHECK ((open_club_id IS NULL) = (open_ms IS NULL))
) STRICT;
INSERT INTO new_session SELECT
  id, golfer_id, started_ms, offset_min, place, ended_ms, open_club_id, open_swing, open_ms, clear_ms, hurt_ms, rest_every,
  rest_s, until_settled, air_left
FROM session;
DROP TABLE session;
ALTER TABLE new_session RENAME TO session;
CREATE INDEX session_of_golfer ON session (golfer_id, started_ms);

CREATE TABLE new_shot (
  seq             INTEGER PRIMARY KEY AUTOINCREMENT,
  id              TEXT NOT NULL UNIQUE CHECK (length(id) BETWEEN 1 AND 100),
  session_id      TEXT NOT NULL REFERENCES session (id),
  source          TEXT NOT NULL,
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
  held_because    TEXT,
  posted          TEXT,
  CHECK ((source = 'file') = (import_id IS NOT NULL))
) STRICT;
INSERT INTO new_shot SELECT
  seq, id, session_id, source, import_id, hit_ms, club_label, club_id, swing, carry_m, total_m, ball_speed_mps,
  club_speed_mps, launch_deg, spin_rpm, offline_m, peak_m, landing_deg, held_because, posted
FROM shot;
DROP TABLE shot;
ALTER TABLE new_shot RENAME TO shot;
CREATE INDEX shot_of_session ON shot (session_id, seq);
CREATE TRIGGER shot_is_never_changed BEFORE UPDATE ON shot
BEGIN SELECT RAISE (ABORT, 'a shot is never changed: add an event to it'); END;
CREATE TRIGGER shot_is_never_deleted BEFORE DELETE ON shot
BEGIN SELECT RAISE (ABORT, 'a shot is never deleted: withdraw it'); END;

CREATE TABLE new_shot_event (
  seq       INTEGER PRIMARY KEY AUTOINCREMENT,
  shot_seq  INTEGER NOT NULL REFERENCES shot (seq),
  batch     TEXT NOT NULL,
  at_ms     INTEGER NOT NULL,
  kind      TEXT NOT NULL,
  mark      TEXT,
  club_id   TEXT REFERENCES club (id),
  swing     TEXT CHECK (length(swing) BETWEEN 1 AND 40),
  CHECK (mark IS NULL OR kind = 'mark'),
  CHECK ((kind = 'station') = (club_id IS NOT NULL)),
  CHECK ((kind = 'station') = (swing IS NOT NULL))
) STRICT;
INSERT INTO new_shot_event SELECT seq, shot_seq, batch, at_ms, kind, mark, club_id, swing FROM shot_event;
DROP TABLE shot_event;
ALTER TABLE new_shot_event RENAME TO shot_event;
CREATE INDEX event_of_shot ON shot_event (shot_seq, kind, seq);
CREATE INDEX event_of_batch ON shot_event (batch);
CREATE TRIGGER shot_event_is_an_action AFTER INSERT ON shot_event
BEGIN
  INSERT INTO action (batch, session_id) SELECT NEW.batch, session_id FROM shot WHERE seq = NEW.shot_seq
  ON CONFLICT DO NOTHING;
END;

-- What a golfer says of a session while it goes on: what it is about stands in columns, what is said of it as JSON.
CREATE TABLE new_session_event (
  seq         INTEGER PRIMARY KEY AUTOINCREMENT,
  session_id  TEXT NOT NULL REFERENCES session (id),
  batch       TEXT NOT NULL,
  at_ms       INTEGER NOT NULL,
  kind        TEXT NOT NULL,
  -- The first shot for which it holds.
  from_seq    INTEGER NOT NULL,
  club_id     TEXT REFERENCES club (id),
  swing       TEXT CHECK (length(swing) BETWEEN 1 AND 40),
  said        TEXT NOT NULL CHECK (json_valid(said)),
  CHECK ((club_id IS NULL) = (swing IS NULL)),
  CHECK (said ->> 'carryM' BETWEEN 2.7 AND 412),
  CHECK (said ->> 'tempC' BETWEEN -50 AND 60)
) STRICT;
INSERT INTO new_session_event SELECT seq, session_id, batch, at_ms, kind, from_seq, club_id, swing,
  CASE kind
    WHEN 'warm-up' THEN json_object('on', json(iif(is_on = 1, 'true', 'false')))
    WHEN 'air' THEN json_object('wind', wind, 'tempC', temp_c, 'surface', surface)
    ELSE json_object('carryM', carry_m)
  END
FROM session_event;
DROP TABLE session_event;
ALTER TABLE new_session_event RENAME TO session_event;
CREATE INDEX session_event_of_session ON session_event (session_id, seq);
CREATE TRIGGER session_event_is_an_action AFTER INSERT ON session_event
BEGIN
  INSERT INTO action (batch, session_id) VALUES (NEW.batch, NEW.session_id) ON CONFLICT DO NOTHING;
END;

CREATE TABLE new_set_up (
  session_id     TEXT PRIMARY KEY REFERENCES session (id),
  surface        TEXT,
  ball           TEXT CHECK (length(trim(ball)) BETWEEN 1 AND 40),
  ball_temp_c    REAL CHECK (ball_temp_c BETWEEN -50 AND 80),
  temp_c         REAL CHECK (temp_c BETWEEN -50 AND 60),
  pressure_hpa   REAL CHECK (pressure_hpa BETWEEN 500 AND 1100),
  humidity       REAL CHECK (humidity BETWEEN 0 AND 1),
  wind_mps       REAL CHECK (wind_mps BETWEEN 0 AND 60),
  wind           TEXT,
  air_source     TEXT,
  altitude_m     REAL CHECK (altitude_m BETWEEN -500 AND 5000),
  altitude_of    TEXT,
  monitor        TEXT CHECK (length(trim(monitor)) BETWEEN 1 AND 40),
  net_least_m    REAL,
  unit_least_m   REAL,
  unit_most_m    REAL,
  net_m          REAL CHECK (net_m BETWEEN 0 AND 1000),
  unit_m         REAL CHECK (unit_m BETWEEN 0 AND 1000),
  -- A JSON list of { what, touches, checked }.
  checks         TEXT CHECK (json_valid(checks)),
  carry_from     TEXT,
  device_temp_c  REAL CHECK (device_temp_c BETWEEN -50 AND 60),
  sea_level_hpa  REAL CHECK (sea_level_hpa BETWEEN 850 AND 1100),
  wind_height_m  REAL CHECK (wind_height_m BETWEEN 0.5 AND 100),
  CHECK ((monitor IS NULL) = (checks IS NULL)),
  CHECK ((monitor IS NULL) = (net_least_m IS NULL)),
  CHECK ((monitor IS NULL) = (unit_least_m IS NULL)),
  CHECK ((monitor IS NULL) = (unit_most_m IS NULL))
) STRICT;
INSERT INTO new_set_up SELECT
  session_id, surface, ball, ball_temp_c, temp_c, pressure_hpa, humidity, wind_mps, wind, air_source, altitude_m,
  altitude_of, monitor, net_least_m, unit_least_m, unit_most_m, net_m, unit_m, checks, carry_from, device_temp_c,
  sea_level_hpa, wind_height_m
FROM set_up;
DROP TABLE set_up;
ALTER TABLE new_set_up RENAME TO set_up;

CREATE TABLE new_plan_block (
  session_id  TEXT NOT NULL REFERENCES session (id),
  place       INTEGER NOT NULL CHECK (place >= 0),
  club_id     TEXT NOT NULL REFERENCES club (id),
  swing       TEXT NOT NULL CHECK (length(swing) BETWEEN 1 AND 40),
  shots       INTEGER NOT NULL CHECK (shots BETWEEN 1 AND 200),
  -- A plan that is too long for one day: blocks of later days wait for another session.
  day         INTEGER NOT NULL CHECK (day BETWEEN 1 AND 100),
  PRIMARY KEY (session_id, place)
) STRICT;
INSERT INTO new_plan_block SELECT session_id, place, club_id, swing, shots, day FROM plan_block;
DROP TABLE plan_block;
ALTER TABLE new_plan_block RENAME TO plan_block;

CREATE TABLE new_swing_definition (
  golfer_id     TEXT NOT NULL REFERENCES golfer (id),
  swing         TEXT NOT NULL CHECK (length(trim(swing)) BETWEEN 1 AND 40),
  -- How far back the arm goes on a clock's face, or what share of the full length that is.
  clock         REAL CHECK (clock BETWEEN 6 AND 13),
  length_share  REAL CHECK (length_share > 0 AND length_share <= 1),
  grip_down_cm  REAL NOT NULL CHECK (grip_down_cm BETWEEN 0 AND 15),
  tempo         TEXT CHECK (length(trim(tempo)) BETWEEN 1 AND 60),
  from_ms       INTEGER NOT NULL,
  until_ms      INTEGER,
  PRIMARY KEY (golfer_id, swing)
) STRICT;
INSERT INTO new_swing_definition SELECT golfer_id, swing, clock, length_share, grip_down_cm, tempo, from_ms, until_ms
FROM swing_definition ORDER BY rowid;
DROP TABLE swing_definition;
ALTER TABLE new_swing_definition RENAME TO swing_definition;

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
            AND e.batch NOT IN (SELECT batch FROM undone) ORDER BY e.seq DESC LIMIT 1),
           s.source <> 'typed'
           AND NOT EXISTS (SELECT 1 FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'taken')) AS present
FROM shot s;
