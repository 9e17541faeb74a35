-- Round covers and inserts; how throws are folded and pillows shown; cushions that a look takes out of a seat.
ALTER TABLE item ADD COLUMN round INTEGER NOT NULL DEFAULT 0 CHECK (round IN (0, 1));
ALTER TABLE placement ADD COLUMN fold TEXT CHECK (fold IN ('open', 'halves', 'thirds'));
ALTER TABLE placement ADD COLUMN hangs_mm REAL CHECK (hangs_mm >= 0);
ALTER TABLE placement ADD COLUMN chopped INTEGER NOT NULL DEFAULT 0 CHECK (chopped IN (0, 1));
ALTER TABLE placement ADD COLUMN zip TEXT NOT NULL DEFAULT 'down' CHECK (zip IN ('down', 'left', 'right', 'up'));
ALTER TABLE look ADD COLUMN cushions_out_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(cushions_out_json));
