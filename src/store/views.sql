-- The views of the store. They are temporary: each connection makes them when it opens, and no data file holds them.

-- A shot as it is now: with its events applied, without what was undone.
CREATE TEMP VIEW shot_now AS
SELECT
  seq, id, session_id, source, import_id, hit_ms, monitor, club_label, club_id, swing, carry_m, total_m, ball_speed_mps,
  club_speed_mps, launch_deg, spin_rpm, offline_m, peak_m, landing_deg, mark, posted, held_because,
  -- A monitor that is only compared takes no shot of its own.
  is_taken AND is_whole AND NOT is_watching AS present, is_taken AND is_whole AND is_watching AS watched
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
    WHEN s.held_because IS NOT NULL AND NOT EXISTS (
      SELECT 1 FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'released'
      AND e.batch NOT IN (SELECT batch FROM undone)) THEN s.held_because
    WHEN EXISTS (
      SELECT 1 FROM uncleared u JOIN session v ON v.id = s.session_id
      WHERE u.shot_seq = s.seq AND coalesce(v.clear_ms, -1) < s.hit_ms) THEN 'range-not-clear'
  END AS held_because,
  CASE WHEN t.shot_seq IS NULL
    THEN s.source <> 'typed' OR EXISTS (SELECT 1 FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'taken')
    ELSE coalesce((SELECT e.kind = 'taken' FROM shot_event e
              WHERE e.shot_seq = s.seq AND e.kind IN ('taken', 'withdrawn')
              AND e.batch NOT IN (SELECT batch FROM undone) ORDER BY e.seq DESC LIMIT 1),
             s.source <> 'typed'
             AND NOT EXISTS (SELECT 1 FROM shot_event e WHERE e.shot_seq = s.seq AND e.kind = 'taken')) END AS is_taken,
  w.monitor IS NOT NULL AS is_watching,
  s.import_id IS NULL OR s.import_id NOT IN (SELECT import_id FROM import_under_way) AS is_whole
FROM shot s LEFT JOIN touched t ON t.shot_seq = s.seq
  LEFT JOIN watching w ON w.session_id = s.session_id AND w.monitor = s.monitor AND w.is_on = 1);
