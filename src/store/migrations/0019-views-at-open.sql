-- The views are made at each open, by src/store/views.sql.
DROP VIEW shot_now;

-- Finds the session that goes on without looking at all that ended.
CREATE INDEX session_going_on ON session (golfer_id) WHERE ended_ms IS NULL;
