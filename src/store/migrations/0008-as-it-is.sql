-- What an even step is to a golfer; NULL: what is usual for the bag. "By segment" was what everybody had before.
ALTER TABLE golfer ADD COLUMN even_school TEXT CHECK (length(even_school) BETWEEN 1 AND 40);
UPDATE golfer SET even_school = step_school WHERE step_school <> 'segment';
ALTER TABLE golfer DROP COLUMN step_school;

-- The station that is open in the bay follows the plan.
ALTER TABLE golfer ADD COLUMN follow_plan INTEGER NOT NULL DEFAULT 1 CHECK (follow_plan IN (0, 1));

-- A step, a hole or a pair that the golfer wants as it is, with the reason; the newest of each stands, and one without
-- a reason takes it back.
CREATE TABLE left_on_purpose (
  seq        INTEGER PRIMARY KEY AUTOINCREMENT,
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  -- What it is about, as JSON with its keys in order.
  about      TEXT NOT NULL CHECK (json_valid(about)),
  because    TEXT CHECK (length(trim(because)) BETWEEN 1 AND 200),
  set_ms     INTEGER NOT NULL
) STRICT;

CREATE INDEX left_of_golfer ON left_on_purpose (golfer_id, about, seq);

-- The one session that takes a monitor's shots; a monitor without a name is ''.
CREATE TABLE receiver (
  monitor     TEXT PRIMARY KEY COLLATE NOCASE CHECK (length(monitor) <= 60),
  session_id  TEXT NOT NULL REFERENCES session (id),
  since_ms    INTEGER NOT NULL
) STRICT;

CREATE INDEX receiver_of_session ON receiver (session_id);

-- What was open in the bay last took every shot until now.
INSERT INTO receiver (monitor, session_id, since_ms)
SELECT '', id, open_ms FROM session
WHERE open_club_id IS NOT NULL AND ended_ms IS NULL AND hurt_ms IS NULL AND golfer_id IS NOT NULL
ORDER BY open_ms DESC LIMIT 1;

-- What a golfer says of the names that monitors and files have for clubs: which club it is, that it waits, or that it
-- goes by its letters again. The newest of a label whose batch was not undone stands.
CREATE TABLE label_event (
  seq        INTEGER PRIMARY KEY AUTOINCREMENT,
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  label      TEXT NOT NULL COLLATE NOCASE CHECK (length(label) BETWEEN 1 AND 40),
  club_id    TEXT REFERENCES club (id),
  says       TEXT NOT NULL CHECK (length(says) BETWEEN 1 AND 40),
  batch      TEXT NOT NULL,
  at_ms      INTEGER NOT NULL,
  CHECK ((says = 'is') = (club_id IS NOT NULL))
) STRICT;

CREATE INDEX label_of_golfer ON label_event (golfer_id, label, seq);
INSERT INTO label_event (golfer_id, label, club_id, says, batch, at_ms)
SELECT golfer_id, label, club_id, 'is', 'before 0008', 0 FROM club_label ORDER BY golfer_id, label;
DROP TABLE club_label;

-- A monitor's shot has its taking as an event, so that undo takes it back like a typed one. Those from before have none.
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
            AND e.batch NOT IN (SELECT batch FROM undone) ORDER BY e.seq DESC LIMIT 1),
           s.source <> 'typed'
           AND NOT EXISTS (SELECT 1 FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'taken')) AS present
FROM shot s;
