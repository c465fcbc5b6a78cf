-- What a session set out to hit, block by block.
CREATE TABLE plan_block (
  session_id  TEXT NOT NULL REFERENCES session (id),
  place       INTEGER NOT NULL CHECK (place >= 0),
  club_id     TEXT NOT NULL REFERENCES club (id),
  swing       TEXT NOT NULL CHECK (length(swing) BETWEEN 1 AND 40),
  shots       INTEGER NOT NULL CHECK (shots BETWEEN 1 AND 200),
  PRIMARY KEY (session_id, place)
) STRICT;
