-- where a rod was before the chosen way moved it, so that the other ways still say what they would do from there
ALTER TABLE dressing ADD COLUMN rod_before_json TEXT;
-- a look that shows how the room was found: it stays as it is, and dressing it begins a copy
ALTER TABLE look ADD COLUMN is_record INTEGER CHECK (is_record IN (0, 1));
