-- Numbers of rows are never given twice, photos are files of their own, and the server sees whether the file is still written.
-- Tables that others refer to are rebuilt as SQLite's documentation of ALTER TABLE describes, with foreign keys off.

CREATE TABLE slab_new (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  created_at TEXT NOT NULL,
  removed_at TEXT
) STRICT;
INSERT INTO slab_new SELECT id, created_at, removed_at FROM slab;
DROP TABLE slab;
ALTER TABLE slab_new RENAME TO slab;

CREATE TABLE ingredient_new (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  revision INTEGER NOT NULL DEFAULT 1,
  name TEXT NOT NULL,
  plain_name TEXT NOT NULL UNIQUE,
  density_g_per_ml REAL CHECK (density_g_per_ml > 0),
  unit_mass_g REAL CHECK (unit_mass_g > 0),
  facts TEXT NOT NULL CHECK (json_valid(facts))
) STRICT;
INSERT INTO ingredient_new
  SELECT id, revision, name, plain_name, density_g_per_ml, unit_mass_g, facts FROM ingredient;
DROP TABLE ingredient;
ALTER TABLE ingredient_new RENAME TO ingredient;

CREATE TABLE tin_new (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  revision INTEGER NOT NULL DEFAULT 1,
  name TEXT NOT NULL,
  count INTEGER NOT NULL CHECK (count >= 1),
  shape TEXT NOT NULL CHECK (shape IN ('rectangle', 'round', 'sheet')),
  length_mm REAL CHECK (length_mm > 0),
  width_mm REAL CHECK (width_mm > 0),
  diameter_mm REAL CHECK (diameter_mm > 0),
  depth_mm REAL CHECK (depth_mm > 0),
  corner_mm REAL CHECK (corner_mm >= 0),
  flare_deg REAL CHECK (flare_deg >= 0),
  CHECK ((shape = 'round') = (diameter_mm IS NOT NULL)),
  CHECK ((shape <> 'round') = (length_mm IS NOT NULL AND width_mm IS NOT NULL)),
  CHECK (shape = 'sheet' OR depth_mm IS NOT NULL)
) STRICT;
INSERT INTO tin_new SELECT id, revision, name, count, shape, length_mm, width_mm, diameter_mm, depth_mm, corner_mm, flare_deg FROM tin;
DROP TABLE tin;
ALTER TABLE tin_new RENAME TO tin;

CREATE TABLE run_new (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  slab_id INTEGER NOT NULL REFERENCES slab (id),
  version INTEGER NOT NULL CHECK (version >= 1),
  lot TEXT NOT NULL UNIQUE,
  begun_at TEXT NOT NULL,
  plan TEXT NOT NULL CHECK (json_valid(plan)),
  document TEXT NOT NULL CHECK (json_valid(document)),
  context TEXT CHECK (context IS NULL OR json_valid(context))
) STRICT;
INSERT INTO run_new SELECT id, slab_id, version, lot, begun_at, plan, document, context FROM run;
DROP TABLE run;
ALTER TABLE run_new RENAME TO run;
CREATE INDEX run_of_slab ON run (slab_id, begun_at);
CREATE INDEX run_by_day ON run (begun_at);
CREATE TRIGGER run_is_found AFTER INSERT ON run BEGIN
  INSERT INTO run_words (words, run_id) VALUES (json_extract(new.plan, '$.name') || ' ' || new.lot, new.id);
END;

CREATE TABLE run_event_new (
  sequence INTEGER PRIMARY KEY AUTOINCREMENT,
  run_id INTEGER NOT NULL REFERENCES run (id),
  id TEXT NOT NULL,
  at TEXT NOT NULL,
  body TEXT NOT NULL CHECK (json_valid(body)),
  UNIQUE (run_id, id)
) STRICT;
INSERT INTO run_event_new SELECT sequence, run_id, id, at, body FROM run_event;
DROP TABLE run_event;
ALTER TABLE run_event_new RENAME TO run_event;
CREATE INDEX run_event_after ON run_event (run_id, sequence);
CREATE INDEX run_event_over ON run_event (run_id) WHERE json_extract(body, '$.kind') IN ('finished', 'stopped');
CREATE INDEX run_event_back ON run_event (run_id, json_extract(body, '$.event'))
  WHERE json_extract(body, '$.kind') = 'taken-back';
CREATE INDEX run_event_lot ON run_event (json_extract(body, '$.lot'), run_id) WHERE json_extract(body, '$.kind') = 'lot';
CREATE INDEX run_event_lot_of ON run_event (json_extract(body, '$.ingredient'), json_extract(body, '$.lot'), at, run_id)
  WHERE json_extract(body, '$.kind') = 'lot';
CREATE TRIGGER run_event_is_found AFTER INSERT ON run_event
WHEN json_extract(new.body, '$.kind') IN
  ('note', 'tasted', 'photo', 'lot', 'rejects', 'next-time', 'stopped', 'step-skipped', 'amount-changed')
BEGIN
  INSERT INTO run_words (words, run_id) VALUES (
    concat_ws(' ', json_extract(new.body, '$.text'), json_extract(new.body, '$.why'),
      json_extract(new.body, '$.lot'), json_extract(new.body, '$.ingredient')),
    new.run_id);
END;

-- Photos lie in files named by their hash. Those that were in the database go out of it when it is opened next.
ALTER TABLE run_photo RENAME TO run_photo_blob;
CREATE TABLE run_photo (
  run_id INTEGER NOT NULL REFERENCES run (id),
  id TEXT NOT NULL,
  sha256 TEXT NOT NULL CHECK (length(sha256) = 64),
  bytes INTEGER NOT NULL CHECK (bytes > 0),
  PRIMARY KEY (run_id, id)
) STRICT, WITHOUT ROWID;

-- The number of restores from a copy: lots of later runs, which the copy does not have, are not given again.
CREATE TABLE restored (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  times INTEGER NOT NULL CHECK (times >= 0)
) STRICT;
INSERT INTO restored (id, times) VALUES (1, 0);

-- Written now and then, to see that the file can be written.
CREATE TABLE canary (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  at TEXT NOT NULL
) STRICT;
INSERT INTO canary (id, at) VALUES (1, '');
