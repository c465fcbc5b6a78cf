-- Shots to which something happened besides being taken. Of all others the view reads the shot's own row alone, which is
-- most of the work of reading a long history. What happened still stands in the events; this says only where to look.
CREATE TABLE touched (
  shot_seq  INTEGER PRIMARY KEY REFERENCES shot (seq) ON DELETE CASCADE
) STRICT;
INSERT OR IGNORE INTO touched
SELECT shot_seq FROM shot_event WHERE kind <> 'taken' OR batch IN (SELECT batch FROM undone);
INSERT OR IGNORE INTO touched SELECT shot_seq FROM uncleared;

CREATE TRIGGER shot_event_touches AFTER INSERT ON shot_event
WHEN NEW.kind <> 'taken' OR NEW.batch IN (SELECT batch FROM undone)
BEGIN INSERT OR IGNORE INTO touched (shot_seq) VALUES (NEW.shot_seq); END;

CREATE TRIGGER undone_touches AFTER INSERT ON undone
BEGIN INSERT OR IGNORE INTO touched SELECT shot_seq FROM shot_event WHERE batch = NEW.batch; END;

CREATE TRIGGER uncleared_touches AFTER INSERT ON uncleared
BEGIN INSERT OR IGNORE INTO touched (shot_seq) VALUES (NEW.shot_seq); END;

DROP VIEW shot_now;
CREATE VIEW shot_now AS
SELECT
  s.seq, s.id, s.session_id, s.source, s.import_id, s.hit_ms, s.club_label,
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
             AND NOT EXISTS (SELECT 1 FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'taken')) END AS present
FROM shot s LEFT JOIN touched t ON t.shot_seq = s.seq;
