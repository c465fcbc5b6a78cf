-- What is known of how a club is made: what of it was said, as JSON of the form's words.
ALTER TABLE club ADD COLUMN build TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(build) AND json_type(build) = 'object');

-- Fixes that a golfer tried on paper and kept under a name: none of them is done.
CREATE TABLE tried_refit (
  golfer_id  TEXT NOT NULL REFERENCES golfer (id),
  name       TEXT NOT NULL CHECK (length(trim(name)) BETWEEN 1 AND 60),
  fixes      TEXT NOT NULL CHECK (json_valid(fixes) AND json_type(fixes) = 'array'),
  kept_ms    INTEGER NOT NULL,
  PRIMARY KEY (golfer_id, name)
) STRICT, WITHOUT ROWID;
