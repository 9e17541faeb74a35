-- The whole room and everything owned: slopes, beams, standpoints and photos of a room, what was found in it when it was
-- cleared, how openings move, the parts of pieces, all that a thing of the stash is, storage places, photos.
-- Every new column has a default, so that what undo kept of a row from before can still be put back.

ALTER TABLE home ADD COLUMN wool_free INTEGER NOT NULL DEFAULT 0 CHECK (wool_free IN (0, 1));
ALTER TABLE home ADD COLUMN scent_free INTEGER NOT NULL DEFAULT 0 CHECK (scent_free IN (0, 1));

CREATE TABLE storage_place (
  seq INTEGER PRIMARY KEY AUTOINCREMENT,
  id TEXT NOT NULL UNIQUE,
  name TEXT NOT NULL CHECK (name <> ''),
  kind TEXT NOT NULL CHECK (kind IN ('box', 'bag', 'shelf', 'drawer', 'underFurniture', 'cupboard')),
  room_id TEXT,
  width_mm REAL NOT NULL CHECK (width_mm > 0),
  depth_mm REAL NOT NULL CHECK (depth_mm > 0),
  height_mm REAL NOT NULL CHECK (height_mm > 0),
  note TEXT NOT NULL
) STRICT;

ALTER TABLE item ADD COLUMN set_of INTEGER NOT NULL DEFAULT 1 CHECK (set_of > 0);
ALTER TABLE item ADD COLUMN back_json TEXT CHECK (back_json IS NULL OR json_valid(back_json));
ALTER TABLE item ADD COLUMN sheen TEXT NOT NULL DEFAULT 'matt';
ALTER TABLE item ADD COLUMN fibre TEXT NOT NULL DEFAULT 'unknown';
ALTER TABLE item ADD COLUMN care_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(care_json));
ALTER TABLE item ADD COLUMN defects TEXT NOT NULL DEFAULT '';
ALTER TABLE item ADD COLUMN defects_lit TEXT NOT NULL DEFAULT '';
ALTER TABLE item ADD COLUMN poisonous INTEGER NOT NULL DEFAULT 0 CHECK (poisonous IN (0, 1));
ALTER TABLE item ADD COLUMN scented INTEGER NOT NULL DEFAULT 0 CHECK (scented IN (0, 1));
ALTER TABLE item ADD COLUMN state TEXT NOT NULL DEFAULT 'owned' CHECK (state IN ('owned', 'ordered', 'gone'));
ALTER TABLE item ADD COLUMN source TEXT NOT NULL DEFAULT '';
ALTER TABLE item ADD COLUMN bought_on TEXT;
ALTER TABLE item ADD COLUMN due_on TEXT;
ALTER TABLE item ADD COLUMN return_by TEXT;
ALTER TABLE item ADD COLUMN seasons_served INTEGER NOT NULL DEFAULT 0 CHECK (seasons_served >= 0);
ALTER TABLE item ADD COLUMN place_id TEXT;
ALTER TABLE item ADD COLUMN room_id TEXT;
ALTER TABLE item ADD COLUMN photo_id TEXT;
ALTER TABLE item ADD COLUMN colour_from TEXT NOT NULL DEFAULT 'typed' CHECK (colour_from IN ('typed', 'photo', 'corrected', 'reader'));
ALTER TABLE item ADD COLUMN seen INTEGER NOT NULL DEFAULT 1 CHECK (seen IN (0, 1));
ALTER TABLE item ADD COLUMN raw_colours_json TEXT CHECK (raw_colours_json IS NULL OR json_valid(raw_colours_json));
ALTER TABLE item ADD COLUMN relied_json TEXT CHECK (relied_json IS NULL OR json_valid(relied_json));
ALTER TABLE item ADD COLUMN spectrum_json TEXT CHECK (spectrum_json IS NULL OR json_valid(spectrum_json));
CREATE INDEX item_by_place ON item (place_id) WHERE place_id IS NOT NULL;
CREATE INDEX item_by_return ON item (return_by) WHERE return_by IS NOT NULL;

ALTER TABLE room ADD COLUMN slopes_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(slopes_json));
ALTER TABLE room ADD COLUMN beams_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(beams_json));
ALTER TABLE room ADD COLUMN standpoints_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(standpoints_json));
ALTER TABLE room ADD COLUMN sees_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(sees_json));
ALTER TABLE room ADD COLUMN childs_room INTEGER NOT NULL DEFAULT 0 CHECK (childs_room IN (0, 1));
ALTER TABLE room ADD COLUMN wall_photos_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(wall_photos_json));
ALTER TABLE room ADD COLUMN readings_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(readings_json));
ALTER TABLE room ADD COLUMN before_photos_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(before_photos_json));

ALTER TABLE look ADD COLUMN approved_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(approved_json));

-- the kinds of openings grew: a CHECK cannot be changed in place
CREATE TABLE opening_2 (
  room_id TEXT NOT NULL,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  name TEXT NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('window', 'frenchDoor', 'door', 'arch')),
  wall_id TEXT NOT NULL,
  x_mm REAL NOT NULL,
  width_mm REAL NOT NULL CHECK (width_mm > 0),
  sill_mm REAL NOT NULL CHECK (sill_mm >= 0),
  height_mm REAL NOT NULL CHECK (height_mm > 0),
  trim_mm REAL NOT NULL CHECK (trim_mm >= 0),
  opens TEXT NOT NULL DEFAULT 'fixed' CHECK (opens IN ('fixed', 'sash', 'in', 'out')),
  hinge TEXT NOT NULL DEFAULT 'none' CHECK (hinge IN ('none', 'left', 'right', 'both')),
  handle_mm REAL NOT NULL DEFAULT 0 CHECK (handle_mm >= 0),
  reveal_mm REAL NOT NULL DEFAULT 0 CHECK (reveal_mm >= 0),
  sill_depth_mm REAL NOT NULL DEFAULT 0 CHECK (sill_depth_mm >= 0),
  under_mm REAL NOT NULL DEFAULT 0 CHECK (under_mm >= 0),
  overlooked INTEGER NOT NULL DEFAULT 0 CHECK (overlooked IN (0, 1)),
  hazy INTEGER NOT NULL DEFAULT 0 CHECK (hazy IN (0, 1)),
  drop_left_mm REAL CHECK (drop_left_mm > 0),
  drop_middle_mm REAL CHECK (drop_middle_mm > 0),
  drop_right_mm REAL CHECK (drop_right_mm > 0),
  PRIMARY KEY (room_id, id),
  FOREIGN KEY (room_id, wall_id) REFERENCES wall (room_id, id) DEFERRABLE INITIALLY DEFERRED,
  CHECK ((drop_left_mm IS NULL) = (drop_middle_mm IS NULL) AND (drop_middle_mm IS NULL) = (drop_right_mm IS NULL))
) STRICT, WITHOUT ROWID;
INSERT INTO opening_2 (room_id, id, position, name, kind, wall_id, x_mm, width_mm, sill_mm, height_mm, trim_mm, drop_left_mm, drop_middle_mm, drop_right_mm)
  SELECT room_id, id, position, name, kind, wall_id, x_mm, width_mm, sill_mm, height_mm, trim_mm, drop_left_mm, drop_middle_mm, drop_right_mm FROM opening;
DROP TABLE opening;
ALTER TABLE opening_2 RENAME TO opening;

ALTER TABLE fitting ADD COLUMN mantel_width_mm REAL CHECK (mantel_width_mm > 0);
ALTER TABLE fitting ADD COLUMN mantel_depth_mm REAL CHECK (mantel_depth_mm > 0);
ALTER TABLE fitting ADD COLUMN mantel_top_mm REAL CHECK (mantel_top_mm > 0);

ALTER TABLE piece ADD COLUMN arm_height_mm REAL NOT NULL DEFAULT 0 CHECK (arm_height_mm >= 0);
ALTER TABLE piece ADD COLUMN loose_cushions INTEGER NOT NULL DEFAULT 0 CHECK (loose_cushions >= 0);
ALTER TABLE piece ADD COLUMN mattress_mm REAL CHECK (mattress_mm > 0);
ALTER TABLE piece ADD COLUMN headboard_mm REAL CHECK (headboard_mm >= 0);
ALTER TABLE piece ADD COLUMN footboard_mm REAL CHECK (footboard_mm >= 0);
ALTER TABLE piece ADD COLUMN shelves_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(shelves_json));
ALTER TABLE piece ADD COLUMN chairs INTEGER NOT NULL DEFAULT 0 CHECK (chairs >= 0);

-- a thing may lie on a mantel, which belongs to a fitting: what it lies on is a piece or a fitting of the room
CREATE TABLE placement_2 (
  room_id TEXT NOT NULL,
  look_id TEXT NOT NULL,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  item_id TEXT NOT NULL REFERENCES item (id) DEFERRABLE INITIALLY DEFERRED,
  piece_id TEXT NOT NULL,
  placed_as TEXT NOT NULL CHECK (placed_as IN ('pillow', 'throw', 'object')),
  x_mm REAL NOT NULL,
  layer INTEGER NOT NULL,
  fill TEXT NOT NULL,
  turned INTEGER NOT NULL CHECK (turned IN (0, 1)),
  PRIMARY KEY (room_id, look_id, id),
  FOREIGN KEY (room_id, look_id) REFERENCES look (room_id, id) DEFERRABLE INITIALLY DEFERRED
) STRICT, WITHOUT ROWID;
INSERT INTO placement_2 SELECT * FROM placement;
DROP TABLE placement;
ALTER TABLE placement_2 RENAME TO placement;
CREATE INDEX placement_by_item ON placement (item_id);
CREATE INDEX placement_by_room ON placement (room_id, piece_id);

CREATE TABLE found (
  room_id TEXT NOT NULL REFERENCES room (id) DEFERRABLE INITIALLY DEFERRED,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  item_id TEXT NOT NULL REFERENCES item (id) DEFERRABLE INITIALLY DEFERRED,
  wall_id TEXT,
  verdict TEXT CHECK (verdict IN ('stays', 'moves', 'away', 'letGo', 'mend')),
  to_room_id TEXT,
  place_id TEXT,
  PRIMARY KEY (room_id, id)
) STRICT, WITHOUT ROWID;
CREATE INDEX found_by_item ON found (item_id);

CREATE TABLE irritation (
  room_id TEXT NOT NULL REFERENCES room (id) DEFERRABLE INITIALLY DEFERRED,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  wall_id TEXT,
  text TEXT NOT NULL CHECK (text <> ''),
  done_in TEXT,
  PRIMARY KEY (room_id, id)
) STRICT, WITHOUT ROWID;

CREATE TABLE task (
  room_id TEXT NOT NULL REFERENCES room (id) DEFERRABLE INITIALLY DEFERRED,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  kind TEXT NOT NULL,
  text TEXT NOT NULL CHECK (text <> ''),
  item_id TEXT,
  wait_minutes INTEGER NOT NULL CHECK (wait_minutes >= 0),
  started_at TEXT,
  done INTEGER NOT NULL CHECK (done IN (0, 1)),
  PRIMARY KEY (room_id, id)
) STRICT, WITHOUT ROWID;

-- Photos, re-encoded and without their camera's notes. They are never changed, so undo need not know them.
CREATE TABLE photo (
  id TEXT PRIMARY KEY,
  width_px INTEGER NOT NULL CHECK (width_px > 0),
  height_px INTEGER NOT NULL CHECK (height_px > 0),
  taken_in_at TEXT NOT NULL,
  image BLOB NOT NULL,
  small BLOB NOT NULL
) STRICT;
