-- The ledger of stock: entries that are only ever added. What is held is their sum, in whole thousandths of a gram or of a piece.

CREATE TABLE stock_entry (
  sequence INTEGER PRIMARY KEY AUTOINCREMENT,
  id TEXT NOT NULL UNIQUE,
  at TEXT NOT NULL,
  why TEXT NOT NULL CHECK (why IN ('delivery', 'count', 'waste', 'sale', 'made', 'used', 'returned')),
  ingredient_id INTEGER,
  slab_id INTEGER REFERENCES slab (id),
  -- As it was called when it was entered.
  name TEXT NOT NULL,
  kind TEXT NOT NULL DEFAULT '',
  lot TEXT NOT NULL DEFAULT '',
  unit TEXT NOT NULL CHECK (unit IN ('g', 'piece')),
  change_thousandths INTEGER NOT NULL,
  keeps_until TEXT,
  facts TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(facts)),
  -- What booked it, if it was not entered by hand.
  run_id INTEGER REFERENCES run (id),
  order_key TEXT,
  undoes TEXT UNIQUE,
  CHECK ((ingredient_id IS NULL) <> (slab_id IS NULL))
) STRICT;
CREATE INDEX stock_of_ingredient ON stock_entry (ingredient_id, lot, at, change_thousandths, keeps_until, run_id)
  WHERE ingredient_id IS NOT NULL;
CREATE INDEX stock_of_slab ON stock_entry (slab_id, kind, lot, unit, at, change_thousandths, keeps_until)
  WHERE slab_id IS NOT NULL;
CREATE INDEX stock_of_run ON stock_entry (run_id) WHERE run_id IS NOT NULL;
CREATE INDEX stock_of_order ON stock_entry (order_key) WHERE order_key IS NOT NULL;
CREATE INDEX stock_by_time ON stock_entry (at, sequence);

-- What is held now, so that lists need not add up the whole ledger: changed with every entry, and nowhere else. Zero stands for null.
CREATE TABLE stock_held (
  ingredient_id INTEGER NOT NULL,
  slab_id INTEGER NOT NULL,
  kind TEXT NOT NULL,
  lot TEXT NOT NULL,
  unit TEXT NOT NULL,
  thousandths INTEGER NOT NULL,
  keeps_until TEXT,
  PRIMARY KEY (ingredient_id, slab_id, kind, lot, unit)
) STRICT, WITHOUT ROWID;
CREATE INDEX stock_held_now ON stock_held (ingredient_id, slab_id) WHERE thousandths <> 0;
-- Ingredients that somebody has delivered or counted: of the others it is unknown what is held.
CREATE TABLE stock_known (
  ingredient_id INTEGER PRIMARY KEY
) STRICT;
CREATE TRIGGER stock_entry_counts AFTER INSERT ON stock_entry BEGIN
  INSERT INTO stock_held (ingredient_id, slab_id, kind, lot, unit, thousandths, keeps_until)
    VALUES (coalesce(new.ingredient_id, 0), coalesce(new.slab_id, 0), new.kind, new.lot, new.unit, new.change_thousandths, new.keeps_until)
    ON CONFLICT DO UPDATE SET thousandths = thousandths + excluded.thousandths,
      keeps_until = max(coalesce(keeps_until, excluded.keeps_until), coalesce(excluded.keeps_until, keeps_until));
  INSERT OR IGNORE INTO stock_known (ingredient_id)
    SELECT new.ingredient_id WHERE new.ingredient_id IS NOT NULL AND new.run_id IS NULL;
END;

-- Figures that stood with the ingredients become opening entries.
INSERT INTO stock_entry (id, at, why, ingredient_id, name, unit, change_thousandths, facts)
  SELECT lower(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-4' || substr(hex(randomblob(2)), 2) || '-a' ||
      substr(hex(randomblob(2)), 2) || '-' || hex(randomblob(6))),
    strftime('%Y-%m-%dT%H:%M:%fZ', 'now'), 'count', id, name, 'g',
    CAST(round(json_extract(facts, '$.heldG') * 1000) AS INTEGER),
    json_object('counted', json_extract(facts, '$.heldG'))
  FROM ingredient WHERE json_extract(facts, '$.heldG') IS NOT NULL;
UPDATE ingredient SET facts = json_remove(facts, '$.heldG') WHERE json_extract(facts, '$.heldG') IS NOT NULL;

-- Who sells a pack.
ALTER TABLE pack ADD COLUMN supplier TEXT;

-- Runs from before the ledger book nothing.
ALTER TABLE run ADD COLUMN books_stock INTEGER NOT NULL DEFAULT 0 CHECK (books_stock IN (0, 1));
