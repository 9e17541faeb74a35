-- Where items of the stash are used, in one view: in a look, or found in the room (then look_id is NULL and nothing is used up).

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
