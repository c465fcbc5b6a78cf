-- What a club is from a day on: its shots belong to the set-up of their day. The first, since 0, is the club as it is.
CREATE TABLE club_set_up (
  club_id   TEXT NOT NULL REFERENCES club (id),
  since_ms  INTEGER NOT NULL CHECK (since_ms >= 0),
  loft_deg  REAL CHECK (loft_deg BETWEEN 0 AND 80),
  build     TEXT NOT NULL CHECK (json_valid(build) AND json_type(build) = 'object'),
  PRIMARY KEY (club_id, since_ms)
) STRICT, WITHOUT ROWID;
INSERT INTO club_set_up SELECT id, 0, loft_deg, build FROM club;
ALTER TABLE club DROP COLUMN loft_deg;
ALTER TABLE club DROP COLUMN build;

-- A stock whose newest shots are older than this says so; NULL: what is usual.
ALTER TABLE golfer ADD COLUMN age_limit_days INTEGER CHECK (age_limit_days BETWEEN 14 AND 365);
