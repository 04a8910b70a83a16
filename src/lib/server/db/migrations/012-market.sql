-- Markets that were held: what was taken and sold of a slab.

CREATE TABLE market_day (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  slab_id INTEGER NOT NULL REFERENCES slab (id),
  market TEXT NOT NULL,
  held_on TEXT NOT NULL,
  taken INTEGER NOT NULL CHECK (taken > 0),
  sold INTEGER NOT NULL CHECK (sold >= 0 AND sold <= taken),
  sold_out_at TEXT,
  deleted_at TEXT
) STRICT;
CREATE INDEX market_day_of ON market_day (slab_id, held_on) WHERE deleted_at IS NULL;
