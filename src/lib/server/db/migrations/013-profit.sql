-- What an order brought when it was handed over, by slab and piece type: prices change later, and this does not. In coins with fractions, before
-- tax; null if the price was unknown.

CREATE TABLE sale_price (
  order_key TEXT NOT NULL,
  slab_id INTEGER NOT NULL REFERENCES slab (id),
  -- Empty for any.
  kind TEXT NOT NULL,
  unit TEXT NOT NULL CHECK (unit IN ('g', 'piece')),
  -- As it was called then; empty for the counter.
  channel TEXT NOT NULL,
  currency TEXT NOT NULL,
  net_each REAL,
  selling_each REAL,
  PRIMARY KEY (order_key, slab_id, kind, unit)
) STRICT, WITHOUT ROWID;

-- What runs cost, as calculated after their last event.
CREATE TABLE run_cost (
  run_id INTEGER PRIMARY KEY REFERENCES run (id),
  last_sequence INTEGER NOT NULL,
  cost TEXT NOT NULL CHECK (json_valid(cost))
) STRICT;

CREATE INDEX stock_sold ON stock_entry (at, slab_id) WHERE slab_id IS NOT NULL;
CREATE INDEX run_by_lot ON run (slab_id, lot);
