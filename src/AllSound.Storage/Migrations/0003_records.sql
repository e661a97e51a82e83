-- Every record of a job in one table, with the change that wrote it. Changes are numbered by one clock, so that no version is used
-- twice, whatever is deleted, made again, put in over or brought back. What a change replaced or took away is kept for a time, to be
-- undone, brought back, or looked at.
CREATE TABLE record (
  job_id TEXT NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('job', 'building', 'space', 'surface', 'photo')),
  id TEXT NOT NULL,
  parent TEXT NOT NULL,
  position INTEGER NOT NULL,
  data TEXT NOT NULL,
  version INTEGER NOT NULL,
  PRIMARY KEY (job_id, kind, id)
) STRICT;

CREATE INDEX record_by_version ON record (job_id, version);

CREATE TABLE change (
  version INTEGER NOT NULL PRIMARY KEY,
  job_id TEXT NOT NULL,
  at TEXT NOT NULL,
  label TEXT NOT NULL,
  token TEXT
) STRICT;

CREATE UNIQUE INDEX change_by_token ON change (job_id, token) WHERE token IS NOT NULL;
CREATE INDEX change_by_job ON change (job_id, version);

CREATE TABLE superseded (
  until INTEGER NOT NULL,
  job_id TEXT NOT NULL,
  kind TEXT NOT NULL,
  id TEXT NOT NULL,
  parent TEXT NOT NULL,
  position INTEGER NOT NULL,
  data TEXT NOT NULL,
  version INTEGER NOT NULL,
  PRIMARY KEY (until, kind, id)
) STRICT;

CREATE INDEX superseded_by_record ON superseded (job_id, kind, id, until);
CREATE INDEX superseded_by_version ON superseded (job_id, version);

-- How far a job has come: its last change, and how many there were. Stays when the job is put away.
CREATE TABLE head (
  job_id TEXT NOT NULL PRIMARY KEY,
  revision INTEGER NOT NULL,
  changes INTEGER NOT NULL
) STRICT;

CREATE TABLE clock (
  one INTEGER NOT NULL PRIMARY KEY CHECK (one = 1),
  last INTEGER NOT NULL
) STRICT;

-- The picture of a photo: as it came, as it is shown, and small. An original that an older version did not keep is null.
CREATE TABLE picture (
  job_id TEXT NOT NULL,
  id TEXT NOT NULL,
  original BLOB,
  shown BLOB NOT NULL,
  thumb BLOB NOT NULL,
  added INTEGER NOT NULL,
  PRIMARY KEY (job_id, id)
) STRICT;

INSERT INTO record SELECT id, 'job', id, '', 0, data, version FROM job;
INSERT INTO record SELECT job_id, 'building', id, job_id, position, data, version FROM building;
INSERT INTO record SELECT job_id, 'space', id, building_id, position, data, version FROM space;
INSERT INTO record SELECT job_id, 'surface', id, space_id, position, data, version FROM surface;
INSERT INTO record
SELECT job_id, 'photo', id, surface_id, row_number() OVER (PARTITION BY job_id ORDER BY taken, id),
  json_object('stage', stage, 'wet', json(CASE wet WHEN 1 THEN 'true' ELSE 'false' END), 'caption', caption, 'pairOf', pair_of,
    'taken', taken, 'width', width, 'height', height), 1
FROM photo WHERE EXISTS (SELECT 1 FROM surface s WHERE s.job_id = photo.job_id AND s.id = photo.surface_id);
INSERT INTO picture
SELECT job_id, id, NULL, data, thumb, 1 FROM photo
WHERE EXISTS (SELECT 1 FROM surface s WHERE s.job_id = photo.job_id AND s.id = photo.surface_id);
INSERT INTO clock SELECT 1, COALESCE(MAX(version), 0) FROM record;
INSERT INTO head
SELECT job_id, MAX(version), SUM(version) FROM record WHERE kind <> 'photo' GROUP BY job_id;

DROP TABLE photo;
DROP TABLE surface;
DROP TABLE space;
DROP TABLE building;
DROP TABLE job;
