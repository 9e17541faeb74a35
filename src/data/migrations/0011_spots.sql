-- A thing is put on a spot: a part of a piece, of a fitting, of an opening, or of another placed thing. It may lie in
-- more ways than three, show its back, be several of a kind, and belong to the season or to an occasion.
DROP VIEW item_use;
CREATE TABLE placement_3 (
  room_id TEXT NOT NULL,
  look_id TEXT NOT NULL,
  id TEXT NOT NULL,
  position INTEGER NOT NULL,
  item_id TEXT NOT NULL REFERENCES item (id) DEFERRABLE INITIALLY DEFERRED,
  spot_of TEXT NOT NULL,
  spot_part TEXT NOT NULL,
  x_mm REAL NOT NULL,
  out_mm REAL,
  turn_deg REAL NOT NULL DEFAULT 0,
  row INTEGER NOT NULL DEFAULT 0,
  layer TEXT NOT NULL DEFAULT 'season' CHECK (layer IN ('permanent', 'season', 'occasion')),
  lie TEXT NOT NULL,
  face TEXT NOT NULL DEFAULT 'front' CHECK (face IN ('front', 'back')),
  count INTEGER NOT NULL DEFAULT 1 CHECK (count > 0),
  locked INTEGER NOT NULL DEFAULT 0 CHECK (locked IN (0, 1)),
  fill TEXT,
  PRIMARY KEY (room_id, look_id, id),
  FOREIGN KEY (room_id, look_id) REFERENCES look (room_id, id) DEFERRABLE INITIALLY DEFERRED
) STRICT, WITHOUT ROWID;

INSERT INTO placement_3 (room_id, look_id, id, position, item_id, spot_of, spot_part, x_mm, row, lie, fill)
SELECT
  p.room_id, p.look_id,
  -- a thing may now carry others, so that its name may not be one that carries already
  CASE WHEN EXISTS (SELECT 1 FROM piece AS h WHERE h.room_id = p.room_id AND h.id = p.id)
    OR EXISTS (SELECT 1 FROM fitting AS h WHERE h.room_id = p.room_id AND h.id = p.id)
    OR EXISTS (SELECT 1 FROM opening AS h WHERE h.room_id = p.room_id AND h.id = p.id)
  THEN p.id || '-on' ELSE p.id END,
  p.position, p.item_id, p.piece_id,
  CASE WHEN h.id IS NULL THEN 'mantel' WHEN h.seat_width_mm IS NOT NULL THEN 'seat'
    WHEN h.mattress_mm IS NOT NULL THEN 'mattress' ELSE 'top' END,
  p.x_mm, p.layer,
  CASE WHEN p.placed_as = 'throw' THEN 'overBack' WHEN p.placed_as <> 'pillow' THEN 'standing'
    WHEN p.turned = 1 THEN 'proppedSide' ELSE 'propped' END,
  CASE WHEN p.placed_as = 'pillow' THEN p.fill END
FROM placement AS p LEFT JOIN piece AS h ON h.room_id = p.room_id AND h.id = p.piece_id;

-- what undo kept of things that were put somewhere
CREATE TEMP TABLE kept_placement AS
SELECT
  s.seq, side.name AS side,
  json_object(
    'room_id', json_extract(side.row, '$.room_id'), 'look_id', json_extract(side.row, '$.look_id'),
    'id', json_extract(side.row, '$.id'), 'position', json_extract(side.row, '$.position'),
    'item_id', json_extract(side.row, '$.item_id'),
    'spot_of', json_extract(side.row, '$.piece_id'),
    'spot_part', CASE WHEN h.id IS NULL THEN 'mantel' WHEN h.seat_width_mm IS NOT NULL THEN 'seat'
      WHEN h.mattress_mm IS NOT NULL THEN 'mattress' ELSE 'top' END,
    'x_mm', json_extract(side.row, '$.x_mm'), 'out_mm', NULL, 'turn_deg', 0.0,
    'row', json_extract(side.row, '$.layer'), 'layer', 'season',
    'lie', CASE WHEN json_extract(side.row, '$.placed_as') = 'throw' THEN 'overBack'
      WHEN json_extract(side.row, '$.placed_as') <> 'pillow' THEN 'standing'
      WHEN json_extract(side.row, '$.turned') = 1 THEN 'proppedSide' ELSE 'propped' END,
    'face', 'front', 'count', 1, 'locked', 0,
    'fill', CASE WHEN json_extract(side.row, '$.placed_as') = 'pillow' THEN json_extract(side.row, '$.fill') END
  ) AS row
FROM journal_step AS s
JOIN (
  SELECT seq, 'before' AS name, before_json AS row FROM journal_step WHERE before_json IS NOT NULL
  UNION ALL
  SELECT seq, 'after', after_json FROM journal_step WHERE after_json IS NOT NULL
) AS side ON side.seq = s.seq
LEFT JOIN piece AS h
  ON h.room_id = json_extract(side.row, '$.room_id') AND h.id = json_extract(side.row, '$.piece_id')
WHERE s.table_name = 'placement';
UPDATE journal_step SET before_json =
  (SELECT k.row FROM kept_placement AS k WHERE k.seq = journal_step.seq AND k.side = 'before')
WHERE table_name = 'placement' AND before_json IS NOT NULL;
UPDATE journal_step SET after_json =
  (SELECT k.row FROM kept_placement AS k WHERE k.seq = journal_step.seq AND k.side = 'after')
WHERE table_name = 'placement' AND after_json IS NOT NULL;
DROP TABLE kept_placement;

DROP TABLE placement;
ALTER TABLE placement_3 RENAME TO placement;
CREATE INDEX placement_by_item ON placement (item_id);
CREATE INDEX placement_by_spot ON placement (room_id, spot_of);

CREATE VIEW item_use (item_id, room_id, look_id, used) AS
  SELECT item_id, room_id, look_id, count FROM placement
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
