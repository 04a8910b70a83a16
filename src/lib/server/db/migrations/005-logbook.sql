-- The logbook: what a run was reckoned with, its words, its pictures, and which versions its lessons have made.

-- Ingredients and shop as they were when the run began, so that what it cost stays what it cost. None for runs from before this.
ALTER TABLE run ADD COLUMN context TEXT CHECK (context IS NULL OR json_valid(context));
CREATE INDEX run_by_day ON run (begun_at);

-- Runs that are over are told by these events, and these are told by whether they were taken back.
CREATE INDEX run_event_over ON run_event (run_id) WHERE json_extract(body, '$.kind') IN ('finished', 'stopped');
CREATE INDEX run_event_back ON run_event (run_id, json_extract(body, '$.event'))
  WHERE json_extract(body, '$.kind') = 'taken-back';
CREATE INDEX run_event_lot ON run_event (json_extract(body, '$.lot'), run_id) WHERE json_extract(body, '$.kind') = 'lot';
CREATE INDEX run_event_lot_of ON run_event (json_extract(body, '$.ingredient'), json_extract(body, '$.lot'), at, run_id)
  WHERE json_extract(body, '$.kind') = 'lot';

-- Everything of a run that is found by word.
CREATE VIRTUAL TABLE run_words USING fts5 (words, run_id UNINDEXED, tokenize = 'unicode61 remove_diacritics 2');
CREATE TRIGGER run_is_found AFTER INSERT ON run BEGIN
  INSERT INTO run_words (words, run_id) VALUES (json_extract(new.plan, '$.name') || ' ' || new.lot, new.id);
END;
CREATE TRIGGER run_event_is_found AFTER INSERT ON run_event
WHEN json_extract(new.body, '$.kind') IN
  ('note', 'tasted', 'photo', 'lot', 'rejects', 'next-time', 'stopped', 'step-skipped', 'amount-changed')
BEGIN
  INSERT INTO run_words (words, run_id) VALUES (
    concat_ws(' ', json_extract(new.body, '$.text'), json_extract(new.body, '$.why'),
      json_extract(new.body, '$.lot'), json_extract(new.body, '$.ingredient')),
    new.run_id);
END;
INSERT INTO run_words (words, run_id) SELECT json_extract(plan, '$.name') || ' ' || lot, id FROM run;

CREATE TABLE run_photo (
  run_id INTEGER NOT NULL REFERENCES run (id),
  id TEXT NOT NULL,
  jpeg BLOB NOT NULL CHECK (length(jpeg) > 0),
  PRIMARY KEY (run_id, id)
) STRICT, WITHOUT ROWID;

CREATE TABLE version_from_run (
  slab_id INTEGER NOT NULL,
  number INTEGER NOT NULL,
  run_id INTEGER NOT NULL REFERENCES run (id),
  PRIMARY KEY (slab_id, number, run_id),
  FOREIGN KEY (slab_id, number) REFERENCES slab_version (slab_id, number) ON DELETE CASCADE
) STRICT;
