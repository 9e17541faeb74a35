-- What is done to things, to furniture and to the room itself for a look, and what they are after that.
CREATE TABLE work (
  room_id TEXT NOT NULL,
  look_id TEXT NOT NULL,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  act TEXT NOT NULL,
  worked_on TEXT NOT NULL CHECK (worked_on IN ('walls', 'wall', 'trim', 'floor', 'fitting', 'piece', 'item')),
  of_id TEXT,
  item_id TEXT REFERENCES item (id) DEFERRABLE INITIALLY DEFERRED,
  after_json TEXT NOT NULL CHECK (json_valid(after_json)),
  coats INTEGER NOT NULL CHECK (coats >= 1),
  area_mm2 REAL CHECK (area_mm2 > 0),
  strip_json TEXT CHECK (strip_json IS NULL OR json_valid(strip_json)),
  pulls_json TEXT CHECK (pulls_json IS NULL OR json_valid(pulls_json)),
  left_litres REAL CHECK (left_litres >= 0),
  left_mm REAL CHECK (left_mm >= 0),
  cost INTEGER CHECK (cost >= 0),
  minutes INTEGER CHECK (minutes >= 0),
  wait_hours REAL CHECK (wait_hours >= 0),
  undo TEXT NOT NULL CHECK (undo IN ('unknown', 'yes', 'no')),
  trial TEXT NOT NULL CHECK (trial IN ('none', 'toDo', 'done')),
  done_on TEXT,
  note TEXT NOT NULL,
  PRIMARY KEY (room_id, look_id, id),
  FOREIGN KEY (room_id, look_id) REFERENCES look (room_id, id) DEFERRABLE INITIALLY DEFERRED
) STRICT, WITHOUT ROWID;
CREATE INDEX work_by_item ON work (item_id);

-- a wall that is finished otherwise than the rest
ALTER TABLE wall ADD COLUMN finish_json TEXT CHECK (finish_json IS NULL OR json_valid(finish_json));

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
  SELECT item_id, room_id, look_id, 0 FROM work WHERE item_id IS NOT NULL
  UNION ALL
  SELECT item_id, room_id, NULL, 0 FROM found;
