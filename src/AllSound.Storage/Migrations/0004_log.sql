-- Lines of the site log are records too: written once, under the job.
CREATE TABLE record_with_log (
  job_id TEXT NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('job', 'building', 'space', 'surface', 'photo', 'entry')),
  id TEXT NOT NULL,
  parent TEXT NOT NULL,
  position INTEGER NOT NULL,
  data TEXT NOT NULL,
  version INTEGER NOT NULL,
  PRIMARY KEY (job_id, kind, id)
) STRICT;

INSERT INTO record_with_log SELECT job_id, kind, id, parent, position, data, version FROM record;
DROP TABLE record;
ALTER TABLE record_with_log RENAME TO record;
CREATE INDEX record_by_version ON record (job_id, version);
