-- Orders of customers, what differs at single occurrences of standing orders, and packs with a fixed mix of pieces.

CREATE TABLE customer_order (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  revision INTEGER NOT NULL DEFAULT 1,
  name TEXT NOT NULL,
  due TEXT NOT NULL,
  status TEXT NOT NULL,
  repeats INTEGER NOT NULL,
  document TEXT NOT NULL,
  deleted_at TEXT
) STRICT;
CREATE INDEX customer_order_due ON customer_order (due) WHERE deleted_at IS NULL AND repeats = 0;
CREATE INDEX customer_order_repeats ON customer_order (id) WHERE deleted_at IS NULL AND repeats = 1;

CREATE TABLE order_occurrence (
  order_id INTEGER NOT NULL REFERENCES customer_order (id),
  occurrence TEXT NOT NULL,
  document TEXT NOT NULL,
  PRIMARY KEY (order_id, occurrence)
) STRICT, WITHOUT ROWID;

CREATE TABLE assortment (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  revision INTEGER NOT NULL DEFAULT 1,
  document TEXT NOT NULL,
  deleted_at TEXT
) STRICT;
