-- Candles that run on batteries and have no flame.
ALTER TABLE item ADD COLUMN battery INTEGER NOT NULL DEFAULT 0 CHECK (battery IN (0, 1));
