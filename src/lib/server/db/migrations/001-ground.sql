-- What a shop holds: its settings, its larder with packs and prices, its tins, and its slabs in versions.

CREATE TABLE shop (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  name TEXT NOT NULL,
  currency TEXT NOT NULL CHECK (length(currency) = 3),
  measures TEXT NOT NULL CHECK (measures IN ('us', 'metric', 'au', 'imperial')),
  scale_step_g REAL NOT NULL CHECK (scale_step_g > 0)
) STRICT;
INSERT INTO shop (id, name, currency, measures, scale_step_g) VALUES (1, '', 'EUR', 'metric', 1);

-- plain_name is the name as it is compared; facts holds what is read only with the whole ingredient, as JSON.
CREATE TABLE ingredient (
  id INTEGER PRIMARY KEY,
  revision INTEGER NOT NULL DEFAULT 1,
  name TEXT NOT NULL,
  plain_name TEXT NOT NULL UNIQUE,
  density_g_per_ml REAL CHECK (density_g_per_ml > 0),
  unit_mass_g REAL CHECK (unit_mass_g > 0),
  facts TEXT NOT NULL CHECK (json_valid(facts))
) STRICT;

-- Prices in the smallest coin of the shop's currency.
CREATE TABLE pack (
  ingredient_id INTEGER NOT NULL REFERENCES ingredient (id) ON DELETE CASCADE,
  position INTEGER NOT NULL CHECK (position >= 0),
  name TEXT NOT NULL,
  mass_g REAL NOT NULL CHECK (mass_g > 0),
  price_minor INTEGER CHECK (price_minor >= 0),
  PRIMARY KEY (ingredient_id, position)
) STRICT;

CREATE TABLE tin (
  id INTEGER PRIMARY KEY,
  revision INTEGER NOT NULL DEFAULT 1,
  name TEXT NOT NULL,
  count INTEGER NOT NULL CHECK (count >= 1),
  shape TEXT NOT NULL CHECK (shape IN ('rectangle', 'round')),
  length_mm REAL CHECK (length_mm > 0),
  width_mm REAL CHECK (width_mm > 0),
  diameter_mm REAL CHECK (diameter_mm > 0),
  depth_mm REAL NOT NULL CHECK (depth_mm > 0),
  corner_mm REAL CHECK (corner_mm >= 0),
  flare_deg REAL CHECK (flare_deg >= 0),
  CHECK ((shape = 'round') = (diameter_mm IS NOT NULL)),
  CHECK ((shape = 'rectangle') = (length_mm IS NOT NULL AND width_mm IS NOT NULL))
) STRICT;

CREATE TABLE slab (
  id INTEGER PRIMARY KEY,
  created_at TEXT NOT NULL,
  removed_at TEXT
) STRICT;

-- Every keep makes a version; the document is a slab file.
CREATE TABLE slab_version (
  slab_id INTEGER NOT NULL REFERENCES slab (id) ON DELETE CASCADE,
  number INTEGER NOT NULL CHECK (number >= 1),
  document TEXT NOT NULL CHECK (json_valid(document)),
  kept_at TEXT NOT NULL,
  PRIMARY KEY (slab_id, number)
) STRICT;
