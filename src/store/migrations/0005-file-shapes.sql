-- What the columns of a golfer's files hold, by the titles that they have: said once for files of one shape.
CREATE TABLE file_shape (
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  shape      TEXT NOT NULL CHECK (length(shape) BETWEEN 1 AND 4000),
  -- A JSON list of { field, unit }, one for each column.
  columns    TEXT NOT NULL CHECK (json_valid(columns)),
  used_ms    INTEGER NOT NULL,
  PRIMARY KEY (golfer_id, shape)
) STRICT;
