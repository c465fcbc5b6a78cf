-- The air in which a golfer compares clubs, and whether tables show it or the air of each shot.
ALTER TABLE golfer ADD COLUMN reference_temp_c REAL NOT NULL DEFAULT 20 CHECK (reference_temp_c BETWEEN -30 AND 50);
ALTER TABLE golfer ADD COLUMN reference_pressure_hpa REAL NOT NULL DEFAULT 1013.25 CHECK (reference_pressure_hpa BETWEEN 500 AND 1100);
ALTER TABLE golfer ADD COLUMN reference_humidity REAL NOT NULL DEFAULT 0.5 CHECK (reference_humidity BETWEEN 0 AND 1);
ALTER TABLE golfer ADD COLUMN compare_in TEXT NOT NULL DEFAULT 'as-hit' CHECK (compare_in IN ('as-hit', 'reference'));

-- Whose air the carries belong to, and what else the air is read from.
ALTER TABLE set_up ADD COLUMN carry_from TEXT CHECK (carry_from IN ('measured', 'computed'));
ALTER TABLE set_up ADD COLUMN device_temp_c REAL CHECK (device_temp_c BETWEEN -50 AND 60);
ALTER TABLE set_up ADD COLUMN sea_level_hpa REAL CHECK (sea_level_hpa BETWEEN 850 AND 1100);
ALTER TABLE set_up ADD COLUMN wind_height_m REAL CHECK (wind_height_m BETWEEN 0.5 AND 100);

-- The golfer wants a session's air left unsaid: it is not asked about again.
ALTER TABLE session ADD COLUMN air_left INTEGER NOT NULL DEFAULT 0 CHECK (air_left IN (0, 1));

-- Places that the golfer plays at, by name.
CREATE TABLE course_place (
  golfer_id   TEXT NOT NULL REFERENCES golfer (id),
  name        TEXT NOT NULL COLLATE NOCASE CHECK (length(trim(name)) BETWEEN 1 AND 40),
  altitude_m  REAL NOT NULL CHECK (altitude_m BETWEEN -500 AND 5000),
  turf        TEXT NOT NULL CHECK (turf IN ('soft', 'normal', 'firm')),
  PRIMARY KEY (golfer_id, name)
) STRICT;

-- The day that the golfer's card stands for, as last set.
CREATE TABLE course_day (
  golfer_id      TEXT PRIMARY KEY REFERENCES golfer (id),
  place          TEXT CHECK (length(trim(place)) BETWEEN 1 AND 40),
  set_ms         INTEGER NOT NULL,
  temp_c         REAL NOT NULL CHECK (temp_c BETWEEN -30 AND 50),
  altitude_m     REAL NOT NULL CHECK (altitude_m BETWEEN -500 AND 5000),
  sea_level_hpa  REAL NOT NULL CHECK (sea_level_hpa BETWEEN 850 AND 1100),
  humidity       REAL NOT NULL CHECK (humidity BETWEEN 0 AND 1),
  tailwind_mps   REAL NOT NULL CHECK (tailwind_mps BETWEEN -60 AND 60),
  crosswind_mps  REAL NOT NULL CHECK (crosswind_mps BETWEEN -60 AND 60),
  turf           TEXT NOT NULL CHECK (turf IN ('soft', 'normal', 'firm'))
) STRICT;
