-- Settings with a revision; prices with the currency that they are in; every name of an ingredient, for finding it.

ALTER TABLE shop ADD COLUMN revision INTEGER NOT NULL DEFAULT 1;

-- In the smallest coin of the row's own currency, which stays when the shop changes its own.
ALTER TABLE pack ADD COLUMN currency TEXT CHECK (length(currency) = 3);
UPDATE pack SET currency = (SELECT currency FROM shop) WHERE price_minor IS NOT NULL;
ALTER TABLE pack_price ADD COLUMN currency TEXT CHECK (length(currency) = 3);
UPDATE pack_price SET currency = (SELECT currency FROM shop);
DROP INDEX pack_price_day;
CREATE UNIQUE INDEX pack_price_day ON pack_price (ingredient_id, pack_name, priced_on, currency);

-- Aliases as they are compared; names are in ingredient itself. plain_name() is given by the program.
CREATE TABLE ingredient_alias (
  plain_name TEXT NOT NULL,
  ingredient_id INTEGER NOT NULL REFERENCES ingredient (id) ON DELETE CASCADE,
  PRIMARY KEY (plain_name, ingredient_id)
) STRICT, WITHOUT ROWID;
INSERT OR IGNORE INTO ingredient_alias (plain_name, ingredient_id)
  SELECT plain_name(alias.value), ingredient.id FROM ingredient, json_each(ingredient.facts, '$.aliases') AS alias
  WHERE alias.type = 'text';
CREATE INDEX ingredient_alias_of ON ingredient_alias (ingredient_id);
