-- a picture hangs over a piece of furniture or over a fitting: a mantel, a radiator
DROP VIEW item_use;
CREATE TABLE hanging_2 (
  room_id TEXT NOT NULL,
  look_id TEXT NOT NULL,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  item_id TEXT NOT NULL REFERENCES item (id) DEFERRABLE INITIALLY DEFERRED,
  wall_id TEXT NOT NULL,
  over_piece_id TEXT,
  x_mm REAL,
  centre_mm REAL CHECK (centre_mm >= 0),
  gap_mm REAL CHECK (gap_mm >= 0),
  hanger_json TEXT NOT NULL CHECK (json_valid(hanger_json)),
  group_id TEXT,
  group_dx_mm REAL,
  group_dy_mm REAL,
  pinned INTEGER NOT NULL DEFAULT 0 CHECK (pinned IN (0, 1)),
  leans INTEGER NOT NULL DEFAULT 0 CHECK (leans IN (0, 1)),
  print_item_id TEXT REFERENCES item (id) DEFERRABLE INITIALLY DEFERRED,
  print_json TEXT CHECK (print_json IS NULL OR json_valid(print_json)),
  PRIMARY KEY (room_id, look_id, id),
  FOREIGN KEY (room_id, look_id) REFERENCES look (room_id, id) DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (room_id, wall_id) REFERENCES wall (room_id, id) DEFERRABLE INITIALLY DEFERRED
) STRICT, WITHOUT ROWID;
INSERT INTO hanging_2 (room_id, look_id, id, position, item_id, wall_id, over_piece_id, x_mm, centre_mm, gap_mm, hanger_json, group_id, group_dx_mm, group_dy_mm, pinned, leans, print_item_id, print_json)
  SELECT room_id, look_id, id, position, item_id, wall_id, over_piece_id, x_mm, centre_mm, gap_mm, hanger_json, group_id, group_dx_mm, group_dy_mm, pinned, leans, print_item_id, print_json FROM hanging;
DROP TABLE hanging;
ALTER TABLE hanging_2 RENAME TO hanging;
CREATE INDEX hanging_by_item ON hanging (item_id);
CREATE INDEX hanging_by_print ON hanging (print_item_id) WHERE print_item_id IS NOT NULL;

CREATE VIEW item_use (item_id, room_id, look_id, used) AS
  SELECT item_id, room_id, look_id, 1 FROM placement
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
