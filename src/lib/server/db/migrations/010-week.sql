-- Batches that are planned, where their steps were placed, times at which something is not there, extra hours, and the revision of the
-- whole week.

CREATE TABLE batch (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  revision INTEGER NOT NULL DEFAULT 1,
  slab_id INTEGER NOT NULL REFERENCES slab (id),
  due TEXT NOT NULL,
  document TEXT NOT NULL,
  placed TEXT,
  run_id INTEGER REFERENCES run (id),
  deleted_at TEXT
) STRICT;
CREATE INDEX batch_due ON batch (due) WHERE deleted_at IS NULL;
CREATE UNIQUE INDEX batch_run ON batch (run_id) WHERE run_id IS NOT NULL;

CREATE TABLE blocked_time (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  resource TEXT NOT NULL,
  starts_at TEXT NOT NULL,
  ends_at TEXT NOT NULL
) STRICT;

CREATE TABLE extra_hours (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  person TEXT NOT NULL,
  starts_at TEXT NOT NULL,
  ends_at TEXT NOT NULL
) STRICT;

CREATE TABLE week_state (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  revision INTEGER NOT NULL
) STRICT;
INSERT INTO week_state (id, revision) VALUES (1, 1);
