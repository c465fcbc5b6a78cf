-- The golfer's schools: which number is a stock, and what an even step is.
ALTER TABLE golfer ADD COLUMN stock_rule TEXT NOT NULL DEFAULT 'mean-solid'
  CHECK (stock_rule IN ('mean-solid', 'median-solid', 'best-n-of-m', 'mean-all', 'reliable', 'model'));
ALTER TABLE golfer ADD COLUMN step_school TEXT NOT NULL DEFAULT 'segment'
  CHECK (step_school IN ('segment', 'tenth', 'spread', 'loft', 'own'));

-- The golfer's own limits of an even step, by segment.
CREATE TABLE golfer_zone (
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  segment    TEXT NOT NULL CHECK (segment IN ('top', 'irons', 'wedges')),
  narrow_m   REAL NOT NULL CHECK (narrow_m > 0),
  wide_m     REAL NOT NULL CHECK (wide_m > narrow_m),
  PRIMARY KEY (golfer_id, segment)
) STRICT;

-- Stocks set by hand, with their reason; the newest of a station stands, and one without a carry takes it back.
CREATE TABLE hand_stock (
  seq        INTEGER PRIMARY KEY AUTOINCREMENT,
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  club_id    TEXT NOT NULL REFERENCES club (id),
  swing      TEXT NOT NULL CHECK (length(swing) BETWEEN 1 AND 40),
  carry_m    REAL CHECK (carry_m BETWEEN 2.7 AND 412),
  because    TEXT NOT NULL CHECK (length(because) <= 120),
  set_ms     INTEGER NOT NULL
) STRICT;

CREATE INDEX hand_stock_of_golfer ON hand_stock (golfer_id, club_id, swing, seq);
