-- batches of changes that were written, so that one sent again after its answer was lost is known
CREATE TABLE sent_batch (
  seq INTEGER PRIMARY KEY,
  id TEXT NOT NULL CHECK (length(id) BETWEEN 1 AND 64),
  room_id TEXT NOT NULL,
  revision INTEGER NOT NULL CHECK (revision > 0),
  UNIQUE (room_id, id)
) STRICT;
