-- What a look is for, and how its furniture stands: pieces of the room that are moved or taken out for it, and things of
-- the stash that stand on the floor in this look only.
ALTER TABLE look ADD COLUMN brief_json TEXT NOT NULL
  DEFAULT '{"purpose":"everyday","filling":"usual","order":"class","visitorAges":[],"mostCost":null}'
  CHECK (json_valid(brief_json));

-- zones that were approved beside whole walls
ALTER TABLE look ADD COLUMN approved_zones_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(approved_zones_json));

CREATE TABLE moved (
  room_id TEXT NOT NULL,
  look_id TEXT NOT NULL,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  is_out INTEGER NOT NULL CHECK (is_out IN (0, 1)),
  x_mm REAL NOT NULL,
  y_mm REAL NOT NULL,
  turn_deg REAL NOT NULL,
  PRIMARY KEY (room_id, look_id, id),
  FOREIGN KEY (room_id, look_id) REFERENCES look (room_id, id) DEFERRABLE INITIALLY DEFERRED
) STRICT, WITHOUT ROWID;

CREATE TABLE brought (
  room_id TEXT NOT NULL,
  look_id TEXT NOT NULL,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  item_id TEXT NOT NULL REFERENCES item (id) DEFERRABLE INITIALLY DEFERRED,
  x_mm REAL NOT NULL,
  y_mm REAL NOT NULL,
  turn_deg REAL NOT NULL,
  PRIMARY KEY (room_id, look_id, id),
  FOREIGN KEY (room_id, look_id) REFERENCES look (room_id, id) DEFERRABLE INITIALLY DEFERRED
) STRICT, WITHOUT ROWID;
CREATE INDEX brought_by_item ON brought (item_id);

DROP VIEW item_use;
CREATE VIEW item_use (item_id, room_id, look_id, used) AS
  SELECT item_id, room_id, look_id, count FROM placement
  UNION ALL
  SELECT item_id, room_id, look_id, 1 FROM brought
  UNION ALL
  SELECT item_id, room_id, look_id, 1 FROM hanging
  UNION ALL
  SELECT print_item_id, room_id, look_id, 1 FROM hanging WHERE print_item_id IS NOT NULL
  UNION ALL
  SELECT item_id, room_id, look_id, coalesce(panels, 2) FROM dressing WHERE item_id IS NOT NULL
  UNION ALL
  SELECT sheer_item_id, room_id, look_id, coalesce(sheer_panels, 2) FROM dressing WHERE sheer_item_id IS NOT NULL
  UNION ALL
  SELECT item_id, room_id, NULL, 0 FROM found;

-- what is only wished for: how many, from which size to which, the most it may cost
ALTER TABLE item ADD COLUMN wish_json TEXT CHECK (wish_json IS NULL OR json_valid(wish_json));

-- the clear height under a seat or a bed, where it was measured
ALTER TABLE piece ADD COLUMN gap_mm REAL CHECK (gap_mm >= 0);
