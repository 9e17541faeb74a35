-- Windows and walls: where a rod is fixed and what it is, double rods, how a curtain is made; a crown, and what a room is built of; stairs;
-- pieces that hang as one, prints in frames, holes that are in the walls already.
-- Every new column has a default, so that what undo kept of a row from before can still be put back.

ALTER TABLE room ADD COLUMN crown_mm REAL NOT NULL DEFAULT 0 CHECK (crown_mm >= 0);
ALTER TABLE room ADD COLUMN walls_of TEXT NOT NULL DEFAULT 'plasterboard' CHECK (walls_of IN ('plasterboard', 'plaster', 'brick', 'wood'));
ALTER TABLE room ADD COLUMN floor_of TEXT NOT NULL DEFAULT 'wood' CHECK (floor_of IN ('wood', 'carpet', 'tile', 'concrete'));
ALTER TABLE room ADD COLUMN holes_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(holes_json));

ALTER TABLE hanging ADD COLUMN group_id TEXT;
ALTER TABLE hanging ADD COLUMN group_dx_mm REAL;
ALTER TABLE hanging ADD COLUMN group_dy_mm REAL;
ALTER TABLE hanging ADD COLUMN pinned INTEGER NOT NULL DEFAULT 0 CHECK (pinned IN (0, 1));
ALTER TABLE hanging ADD COLUMN leans INTEGER NOT NULL DEFAULT 0 CHECK (leans IN (0, 1));
ALTER TABLE hanging ADD COLUMN print_item_id TEXT REFERENCES item (id) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE hanging ADD COLUMN print_json TEXT CHECK (print_json IS NULL OR json_valid(print_json));
CREATE INDEX hanging_by_print ON hanging (print_item_id) WHERE print_item_id IS NOT NULL;

CREATE TABLE hanging_group (
  room_id TEXT NOT NULL,
  look_id TEXT NOT NULL,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  name TEXT NOT NULL CHECK (name <> ''),
  wall_id TEXT NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('row', 'column', 'grid', 'stair', 'hinged', 'pair', 'free')),
  hinge TEXT NOT NULL CHECK (hinge IN ('tops', 'centres', 'bottoms', 'line')),
  over_piece_id TEXT,
  axis_id TEXT,
  x_mm REAL,
  centre_mm REAL CHECK (centre_mm >= 0),
  above_mm REAL CHECK (above_mm >= 0),
  gap_mm REAL CHECK (gap_mm >= 0),
  apart_mm REAL CHECK (apart_mm >= 0),
  columns INTEGER CHECK (columns > 0),
  pitch_deg REAL,
  zone_json TEXT CHECK (zone_json IS NULL OR json_valid(zone_json)),
  ratio REAL CHECK (ratio > 0),
  seed INTEGER NOT NULL,
  reuse_holes INTEGER NOT NULL CHECK (reuse_holes IN (0, 1)),
  PRIMARY KEY (room_id, look_id, id),
  FOREIGN KEY (room_id, look_id) REFERENCES look (room_id, id) DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (room_id, wall_id) REFERENCES wall (room_id, id) DEFERRABLE INITIALLY DEFERRED
) STRICT, WITHOUT ROWID;

ALTER TABLE fitting ADD COLUMN rises TEXT NOT NULL DEFAULT 'right' CHECK (rises IN ('left', 'right'));

-- a shower curtain hangs before a tub, which is a fitting: what is dressed is an opening or a fitting of the room
CREATE TABLE dressing_2 (
  room_id TEXT NOT NULL,
  look_id TEXT NOT NULL,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  opening_id TEXT NOT NULL,
  item_id TEXT REFERENCES item (id) DEFERRABLE INITIALLY DEFERRED,
  heading TEXT NOT NULL,
  landing TEXT NOT NULL,
  rod_height_mm REAL CHECK (rod_height_mm > 0),
  extension_left_mm REAL CHECK (extension_left_mm >= 0),
  extension_right_mm REAL CHECK (extension_right_mm >= 0),
  fullness REAL CHECK (fullness > 0),
  panels INTEGER CHECK (panels > 0),
  route_kind TEXT,
  route_stock_mm REAL CHECK (route_stock_mm > 0),
  drawn TEXT NOT NULL CHECK (drawn IN ('open', 'closed')),
  mount TEXT NOT NULL DEFAULT 'wall' CHECK (mount IN ('wall', 'ceiling', 'inside', 'cafe')),
  hem_at TEXT NOT NULL DEFAULT 'floor' CHECK (hem_at IN ('floor', 'sill', 'apron')),
  rod_make TEXT NOT NULL DEFAULT 'tube' CHECK (rod_make IN ('tube', 'telescoping', 'wood', 'track', 'tension')),
  rod_outer_mm REAL CHECK (rod_outer_mm > 0),
  pin_mm REAL CHECK (pin_mm >= 0),
  joins_next INTEGER NOT NULL DEFAULT 0 CHECK (joins_next IN (0, 1)),
  cloth_width_mm REAL CHECK (cloth_width_mm > 0),
  repeat_mm REAL CHECK (repeat_mm >= 0),
  half_drop INTEGER NOT NULL DEFAULT 0 CHECK (half_drop IN (0, 1)),
  lining TEXT NOT NULL DEFAULT 'none' CHECK (lining IN ('none', 'lining', 'interlining', 'blackout')),
  light_share REAL CHECK (light_share BETWEEN 0 AND 1),
  sheer_heading TEXT,
  sheer_item_id TEXT REFERENCES item (id) DEFERRABLE INITIALLY DEFERRED,
  sheer_landing TEXT,
  sheer_fullness REAL CHECK (sheer_fullness > 0),
  sheer_panels INTEGER CHECK (sheer_panels > 0),
  sheer_drawn TEXT CHECK (sheer_drawn IN ('open', 'closed')),
  PRIMARY KEY (room_id, look_id, id),
  UNIQUE (room_id, look_id, opening_id),
  FOREIGN KEY (room_id, look_id) REFERENCES look (room_id, id) DEFERRABLE INITIALLY DEFERRED,
  CHECK ((sheer_heading IS NULL) = (sheer_landing IS NULL) AND (sheer_landing IS NULL) = (sheer_drawn IS NULL))
) STRICT, WITHOUT ROWID;
INSERT INTO dressing_2 (room_id, look_id, id, position, opening_id, item_id, heading, landing, rod_height_mm, extension_left_mm, extension_right_mm, fullness, panels, route_kind, route_stock_mm, drawn)
  SELECT room_id, look_id, id, position, opening_id, item_id, heading, landing, rod_height_mm, extension_left_mm, extension_right_mm, fullness, panels, route_kind, route_stock_mm, drawn FROM dressing;
DROP TABLE dressing;
ALTER TABLE dressing_2 RENAME TO dressing;
CREATE INDEX dressing_by_item ON dressing (item_id);
CREATE INDEX dressing_by_sheer ON dressing (sheer_item_id) WHERE sheer_item_id IS NOT NULL;

-- pleats are now reckoned from the ring's eye and the pin's place, centre brackets from how the rod sags
DELETE FROM own_rule WHERE rule_id = 'windows.centreBracketSpan';
UPDATE own_rule SET rule_id = 'windows.pin', value_json = json(max(0, 44.45 - CAST(value_json AS REAL))) WHERE rule_id = 'windows.takeDownPinchPleat';
