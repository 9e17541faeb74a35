-- The studio: its homes, rooms, looks and stash. Lengths in mm, masses in g, money in the smallest coin.
-- Foreign keys are checked at the end of a transaction, so that undo may put rows back in any order.

CREATE TABLE studio (
  only INTEGER PRIMARY KEY CHECK (only = 1),
  name TEXT NOT NULL CHECK (name <> '')
) STRICT;
INSERT INTO studio (only, name) VALUES (1, 'My studio');

CREATE TABLE own_rule (
  seq INTEGER PRIMARY KEY AUTOINCREMENT,
  rule_id TEXT NOT NULL UNIQUE,
  value_json TEXT CHECK (value_json IS NULL OR json_valid(value_json)),
  school TEXT
) STRICT;

CREATE TABLE home (
  seq INTEGER PRIMARY KEY AUTOINCREMENT,
  id TEXT NOT NULL UNIQUE,
  name TEXT NOT NULL CHECK (name <> ''),
  children_ages_json TEXT NOT NULL CHECK (json_valid(children_ages_json)),
  pets INTEGER NOT NULL CHECK (pets IN (0, 1)),
  feather_free INTEGER NOT NULL CHECK (feather_free IN (0, 1)),
  rented INTEGER NOT NULL CHECK (rented IN (0, 1)),
  wheelchair INTEGER NOT NULL CHECK (wheelchair IN (0, 1))
) STRICT;

CREATE TABLE item (
  seq INTEGER PRIMARY KEY AUTOINCREMENT,
  id TEXT NOT NULL UNIQUE,
  name TEXT NOT NULL CHECK (name <> ''),
  kind TEXT NOT NULL,
  count INTEGER NOT NULL CHECK (count >= 0),
  width_mm REAL NOT NULL CHECK (width_mm > 0),
  height_mm REAL NOT NULL CHECK (height_mm > 0),
  depth_mm REAL NOT NULL CHECK (depth_mm >= 0),
  colours_json TEXT NOT NULL CHECK (json_valid(colours_json)),
  pattern_kind TEXT NOT NULL,
  pattern_repeat_mm REAL NOT NULL CHECK (pattern_repeat_mm >= 0),
  texture TEXT NOT NULL,
  cloth_gsm REAL NOT NULL CHECK (cloth_gsm >= 0),
  mass_g REAL NOT NULL CHECK (mass_g >= 0),
  fill TEXT NOT NULL,
  glazed INTEGER NOT NULL CHECK (glazed IN (0, 1)),
  washable INTEGER NOT NULL CHECK (washable IN (0, 1)),
  price INTEGER NOT NULL CHECK (price >= 0),
  tags_on INTEGER NOT NULL CHECK (tags_on IN (0, 1)),
  season_json TEXT NOT NULL CHECK (json_valid(season_json)),
  whereabouts TEXT NOT NULL,
  note TEXT NOT NULL
) STRICT;
CREATE INDEX item_by_kind ON item (kind, name);

CREATE TABLE room (
  seq INTEGER PRIMARY KEY AUTOINCREMENT,
  id TEXT NOT NULL UNIQUE,
  home_id TEXT NOT NULL REFERENCES home (id) DEFERRABLE INITIALLY DEFERRED,
  name TEXT NOT NULL CHECK (name <> ''),
  unit TEXT NOT NULL CHECK (unit IN ('in', 'ft-in', 'cm')),
  ceiling_mm REAL NOT NULL CHECK (ceiling_mm > 0),
  wall_finish_json TEXT NOT NULL CHECK (json_valid(wall_finish_json)),
  floor_finish_json TEXT NOT NULL CHECK (json_valid(floor_finish_json)),
  trim_finish_json TEXT NOT NULL CHECK (json_valid(trim_finish_json)),
  note TEXT NOT NULL
) STRICT;
CREATE INDEX room_by_home ON room (home_id);

-- position: place in the file's list, counted from 0
CREATE TABLE wall (
  room_id TEXT NOT NULL REFERENCES room (id) DEFERRABLE INITIALLY DEFERRED,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  name TEXT NOT NULL,
  x_mm REAL NOT NULL,
  y_mm REAL NOT NULL,
  PRIMARY KEY (room_id, id)
) STRICT, WITHOUT ROWID;

CREATE TABLE opening (
  room_id TEXT NOT NULL,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  name TEXT NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('window', 'door', 'arch')),
  wall_id TEXT NOT NULL,
  x_mm REAL NOT NULL,
  width_mm REAL NOT NULL CHECK (width_mm > 0),
  sill_mm REAL NOT NULL CHECK (sill_mm >= 0),
  height_mm REAL NOT NULL CHECK (height_mm > 0),
  trim_mm REAL NOT NULL CHECK (trim_mm >= 0),
  drop_left_mm REAL CHECK (drop_left_mm > 0),
  drop_middle_mm REAL CHECK (drop_middle_mm > 0),
  drop_right_mm REAL CHECK (drop_right_mm > 0),
  PRIMARY KEY (room_id, id),
  FOREIGN KEY (room_id, wall_id) REFERENCES wall (room_id, id) DEFERRABLE INITIALLY DEFERRED,
  CHECK ((drop_left_mm IS NULL) = (drop_middle_mm IS NULL) AND (drop_middle_mm IS NULL) = (drop_right_mm IS NULL))
) STRICT, WITHOUT ROWID;

CREATE TABLE fitting (
  room_id TEXT NOT NULL,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  name TEXT NOT NULL,
  kind TEXT NOT NULL,
  wall_id TEXT NOT NULL,
  x_mm REAL NOT NULL,
  width_mm REAL NOT NULL CHECK (width_mm > 0),
  bottom_mm REAL NOT NULL CHECK (bottom_mm >= 0),
  height_mm REAL NOT NULL CHECK (height_mm > 0),
  depth_mm REAL NOT NULL CHECK (depth_mm >= 0),
  colours_json TEXT NOT NULL CHECK (json_valid(colours_json)),
  PRIMARY KEY (room_id, id),
  FOREIGN KEY (room_id, wall_id) REFERENCES wall (room_id, id) DEFERRABLE INITIALLY DEFERRED
) STRICT, WITHOUT ROWID;

CREATE TABLE piece (
  room_id TEXT NOT NULL REFERENCES room (id) DEFERRABLE INITIALLY DEFERRED,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  name TEXT NOT NULL,
  kind TEXT NOT NULL,
  x_mm REAL NOT NULL,
  y_mm REAL NOT NULL,
  turn_deg REAL NOT NULL,
  width_mm REAL NOT NULL CHECK (width_mm > 0),
  depth_mm REAL NOT NULL CHECK (depth_mm > 0),
  height_mm REAL NOT NULL CHECK (height_mm > 0),
  bottom_mm REAL NOT NULL CHECK (bottom_mm >= 0),
  seat_width_mm REAL CHECK (seat_width_mm > 0),
  seat_height_mm REAL CHECK (seat_height_mm > 0),
  seat_depth_mm REAL CHECK (seat_depth_mm > 0),
  seats INTEGER,
  wanted_sitters INTEGER,
  colours_json TEXT NOT NULL CHECK (json_valid(colours_json)),
  pattern_kind TEXT NOT NULL,
  pattern_repeat_mm REAL NOT NULL CHECK (pattern_repeat_mm >= 0),
  PRIMARY KEY (room_id, id)
) STRICT, WITHOUT ROWID;

CREATE TABLE look (
  room_id TEXT NOT NULL REFERENCES room (id) DEFERRABLE INITIALLY DEFERRED,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  name TEXT NOT NULL CHECK (name <> ''),
  season TEXT CHECK (season IN ('spring', 'summer', 'autumn', 'winter')),
  tab_order INTEGER NOT NULL,
  sheet_taken TEXT,
  rod_line_mm REAL CHECK (rod_line_mm > 0),
  planned_shares_json TEXT CHECK (planned_shares_json IS NULL OR json_valid(planned_shares_json)),
  PRIMARY KEY (room_id, id)
) STRICT, WITHOUT ROWID;

CREATE TABLE dressing (
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
  PRIMARY KEY (room_id, look_id, id),
  UNIQUE (room_id, look_id, opening_id),
  FOREIGN KEY (room_id, look_id) REFERENCES look (room_id, id) DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (room_id, opening_id) REFERENCES opening (room_id, id) DEFERRABLE INITIALLY DEFERRED
) STRICT, WITHOUT ROWID;
CREATE INDEX dressing_by_item ON dressing (item_id);

CREATE TABLE hanging (
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
  PRIMARY KEY (room_id, look_id, id),
  FOREIGN KEY (room_id, look_id) REFERENCES look (room_id, id) DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (room_id, wall_id) REFERENCES wall (room_id, id) DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (room_id, over_piece_id) REFERENCES piece (room_id, id) DEFERRABLE INITIALLY DEFERRED
) STRICT, WITHOUT ROWID;
CREATE INDEX hanging_by_item ON hanging (item_id);

CREATE TABLE placement (
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
  FOREIGN KEY (room_id, look_id) REFERENCES look (room_id, id) DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (room_id, piece_id) REFERENCES piece (room_id, id) DEFERRABLE INITIALLY DEFERRED
) STRICT, WITHOUT ROWID;
CREATE INDEX placement_by_item ON placement (item_id);

-- How often a room was changed; not part of what undo takes back.
CREATE TABLE room_revision (
  room_id TEXT PRIMARY KEY,
  revision INTEGER NOT NULL CHECK (revision >= 0),
  changed_at TEXT NOT NULL
) STRICT, WITHOUT ROWID;

-- What was done, newest last, with the rows before and after; room_id is null for acts on the studio itself.
CREATE TABLE journal_entry (
  seq INTEGER PRIMARY KEY AUTOINCREMENT,
  room_id TEXT,
  label_json TEXT NOT NULL CHECK (json_valid(label_json)),
  done_at TEXT NOT NULL,
  undone INTEGER NOT NULL DEFAULT 0 CHECK (undone IN (0, 1))
) STRICT;
CREATE INDEX journal_entry_by_room ON journal_entry (room_id, undone, seq);

CREATE TABLE journal_step (
  seq INTEGER PRIMARY KEY AUTOINCREMENT,
  entry INTEGER NOT NULL REFERENCES journal_entry (seq) ON DELETE CASCADE,
  table_name TEXT NOT NULL,
  before_json TEXT CHECK (before_json IS NULL OR json_valid(before_json)),
  after_json TEXT CHECK (after_json IS NULL OR json_valid(after_json))
) STRICT;
CREATE INDEX journal_step_by_entry ON journal_step (entry, seq);
