-- A job as rows: each record that can be edited by itself carries its own version.
CREATE TABLE job (
  id TEXT NOT NULL PRIMARY KEY,
  data TEXT NOT NULL,
  version INTEGER NOT NULL
) STRICT;

CREATE TABLE building (
  job_id TEXT NOT NULL REFERENCES job (id) ON DELETE CASCADE,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  data TEXT NOT NULL,
  version INTEGER NOT NULL,
  PRIMARY KEY (job_id, id)
) STRICT;

CREATE TABLE space (
  job_id TEXT NOT NULL,
  id TEXT NOT NULL,
  building_id TEXT NOT NULL,
  position INTEGER NOT NULL,
  data TEXT NOT NULL,
  version INTEGER NOT NULL,
  PRIMARY KEY (job_id, id),
  FOREIGN KEY (job_id, building_id) REFERENCES building (job_id, id) ON DELETE CASCADE
) STRICT;

CREATE TABLE surface (
  job_id TEXT NOT NULL,
  id TEXT NOT NULL,
  space_id TEXT NOT NULL,
  position INTEGER NOT NULL,
  data TEXT NOT NULL,
  version INTEGER NOT NULL,
  PRIMARY KEY (job_id, id),
  FOREIGN KEY (job_id, space_id) REFERENCES space (job_id, id) ON DELETE CASCADE
) STRICT;

CREATE INDEX surface_by_space ON surface (job_id, space_id, position);
