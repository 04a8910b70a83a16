-- Sheets on the rack; the day of each price and what prices were before; pots, bowls and boxes; names of slabs for finding.

CREATE TABLE tin_new (
  id INTEGER PRIMARY KEY,
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

ALTER TABLE pack ADD COLUMN priced_on TEXT;

-- One row for each price that a pack has had, from the day it held. Packs are known by name, so that history outlives a change.
CREATE TABLE pack_price (
  id INTEGER PRIMARY KEY,
  ingredient_id INTEGER NOT NULL REFERENCES ingredient (id) ON DELETE CASCADE,
  pack_name TEXT NOT NULL,
  mass_g REAL NOT NULL CHECK (mass_g > 0),
  price_minor INTEGER NOT NULL CHECK (price_minor >= 0),
  priced_on TEXT NOT NULL
) STRICT;
CREATE UNIQUE INDEX pack_price_day ON pack_price (ingredient_id, pack_name, priced_on);

-- Pots, bowls and boxes, as JSON.
ALTER TABLE shop ADD COLUMN things TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(things));

ALTER TABLE slab_version ADD COLUMN name TEXT GENERATED ALWAYS AS (json_extract(document, '$.name')) VIRTUAL;
-- A list of names reads this index alone, and opens no document.
CREATE INDEX slab_version_named ON slab_version (slab_id, number, kept_at, name);
