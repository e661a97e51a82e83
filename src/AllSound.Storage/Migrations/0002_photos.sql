-- Photos live in the database, so that a copy of the one file takes them along. They hang on ids, not on rows: a job that
-- is put in again keeps its photos, and a zone that is merged hands its photos to its element.
CREATE TABLE photo (
  job_id TEXT NOT NULL,
  id TEXT NOT NULL,
  surface_id TEXT NOT NULL,
  stage TEXT NOT NULL CHECK (stage IN ('before', 'during', 'after')),
  wet INTEGER NOT NULL CHECK (wet IN (0, 1)),
  caption TEXT NOT NULL,
  pair_of TEXT,
  taken TEXT NOT NULL,
  width INTEGER NOT NULL,
  height INTEGER NOT NULL,
  data BLOB NOT NULL,
  thumb BLOB NOT NULL,
  PRIMARY KEY (job_id, id)
) STRICT;

CREATE INDEX photo_by_surface ON photo (job_id, surface_id, taken);
