-- how a curtain draws, panels that are never drawn, looped cords; sheers get a way, pins and a making of their own
ALTER TABLE dressing ADD COLUMN draw TEXT CHECK (draw IN ('pair', 'left', 'right'));
ALTER TABLE dressing ADD COLUMN decorative INTEGER NOT NULL DEFAULT 0 CHECK (decorative IN (0, 1));
ALTER TABLE dressing ADD COLUMN cord TEXT NOT NULL DEFAULT 'unknown' CHECK (cord IN ('unknown', 'none', 'loop'));
ALTER TABLE dressing ADD COLUMN sheer_pin_mm REAL CHECK (sheer_pin_mm >= 0);
ALTER TABLE dressing ADD COLUMN sheer_route_json TEXT CHECK (json_valid(sheer_route_json));
ALTER TABLE dressing ADD COLUMN sheer_making_json TEXT DEFAULT '{"clothWidthMm":null,"repeatMm":null,"halfDrop":false}' CHECK (json_valid(sheer_making_json));
ALTER TABLE opening ADD COLUMN blind_cord TEXT NOT NULL DEFAULT 'unknown' CHECK (blind_cord IN ('unknown', 'none', 'loop'));

-- rules whose values can't be: a length below nothing, where only a take-down may stand above its rod
DELETE FROM own_rule
  WHERE rule_id NOT LIKE 'windows.takeDown%'
    AND EXISTS (SELECT 1 FROM json_each(own_rule.value_json) AS part WHERE part.type IN ('integer', 'real') AND part.value < 0);
