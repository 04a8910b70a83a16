-- Slab files say maxScaleFactor and scaleFactor where they said maxMultiple and multiple. Inside a text of a file the quotes are
-- escaped, so that only names of fields and of modes match.

UPDATE slab_version
SET document = replace(replace(document, '"maxMultiple":', '"maxScaleFactor":'), '"mode":"multiple"', '"mode":"scaleFactor"')
WHERE instr(document, '"maxMultiple":') OR instr(document, '"mode":"multiple"');

UPDATE slab_version
SET document = replace(document, '"mode": "multiple"', '"mode": "scaleFactor"')
WHERE instr(document, '"mode": "multiple"');

UPDATE run
SET document = replace(replace(document, '"maxMultiple":', '"maxScaleFactor":'), '"mode":"multiple"', '"mode":"scaleFactor"')
WHERE instr(document, '"maxMultiple":') OR instr(document, '"mode":"multiple"');

UPDATE run
SET document = replace(document, '"mode": "multiple"', '"mode": "scaleFactor"')
WHERE instr(document, '"mode": "multiple"');

DELETE FROM result;
