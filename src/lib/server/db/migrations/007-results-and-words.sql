-- Results that took long to work out, by a digest of everything that they depend on; and indexes of letters for finding names.

CREATE TABLE result (
  key TEXT PRIMARY KEY,
  value BLOB NOT NULL,
  made_at TEXT NOT NULL
) STRICT, WITHOUT ROWID;
CREATE INDEX result_by_age ON result (made_at);

-- Names as they are compared, by groups of three letters. plain_name() is given by the program.
CREATE VIRTUAL TABLE ingredient_letters USING fts5 (letters, tokenize = 'trigram');
INSERT INTO ingredient_letters (rowid, letters)
  SELECT id, plain_name || coalesce((SELECT group_concat(char(10) || a.plain_name, '') FROM ingredient_alias AS a WHERE a.ingredient_id = ingredient.id), '')
  FROM ingredient;
CREATE VIRTUAL TABLE slab_letters USING fts5 (letters, tokenize = 'trigram');
INSERT INTO slab_letters (rowid, letters)
  SELECT v.slab_id, plain_name(v.name) FROM slab_version AS v
  WHERE v.number = (SELECT max(number) FROM slab_version WHERE slab_id = v.slab_id);
