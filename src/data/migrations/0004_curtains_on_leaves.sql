-- curtains on the leaves of French doors and casements: one more place where a rod can be fixed, which the table's check has to know
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
  mount TEXT NOT NULL DEFAULT 'wall' CHECK (mount IN ('wall', 'ceiling', 'inside', 'cafe', 'leaf')),
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
INSERT INTO dressing_2 (room_id, look_id, id, position, opening_id, item_id, heading, landing, rod_height_mm, extension_left_mm, extension_right_mm, fullness, panels, route_kind, route_stock_mm, drawn, mount, hem_at, rod_make, rod_outer_mm, pin_mm, joins_next, cloth_width_mm, repeat_mm, half_drop, lining, light_share, sheer_heading, sheer_item_id, sheer_landing, sheer_fullness, sheer_panels, sheer_drawn)
  SELECT room_id, look_id, id, position, opening_id, item_id, heading, landing, rod_height_mm, extension_left_mm, extension_right_mm, fullness, panels, route_kind, route_stock_mm, drawn, mount, hem_at, rod_make, rod_outer_mm, pin_mm, joins_next, cloth_width_mm, repeat_mm, half_drop, lining, light_share, sheer_heading, sheer_item_id, sheer_landing, sheer_fullness, sheer_panels, sheer_drawn FROM dressing;
DROP TABLE dressing;
ALTER TABLE dressing_2 RENAME TO dressing;
CREATE INDEX dressing_by_item ON dressing (item_id);
CREATE INDEX dressing_by_sheer ON dressing (sheer_item_id) WHERE sheer_item_id IS NOT NULL;
