-- Furniture that is round or oval from above.
ALTER TABLE piece ADD COLUMN round INTEGER NOT NULL DEFAULT 0 CHECK (round IN (0, 1));
