-- Runs: actual makings of a slab. What each was begun with is frozen; what happened since is events that are only ever added to.

CREATE TABLE run (
  id INTEGER PRIMARY KEY,
  slab_id INTEGER NOT NULL REFERENCES slab (id),
  version INTEGER NOT NULL CHECK (version >= 1),
  lot TEXT NOT NULL UNIQUE,
  begun_at TEXT NOT NULL,
  plan TEXT NOT NULL CHECK (json_valid(plan)),
  document TEXT NOT NULL CHECK (json_valid(document))
) STRICT;
CREATE INDEX run_of_slab ON run (slab_id, begun_at);

-- `id` is the device's own: the same event sent again is known by it. `sequence` is the order in which they came in here.
CREATE TABLE run_event (
  sequence INTEGER PRIMARY KEY,
  run_id INTEGER NOT NULL REFERENCES run (id),
  id TEXT NOT NULL,
  at TEXT NOT NULL,
  body TEXT NOT NULL CHECK (json_valid(body)),
  UNIQUE (run_id, id)
) STRICT;
CREATE INDEX run_event_after ON run_event (run_id, sequence);
