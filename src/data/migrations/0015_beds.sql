-- Bedding, how warm it keeps and how deep its pocket is; metals; cloth that is cut; how thick a mattress is and where its
-- pillows go at night; for how long what hangs and stands is there.
ALTER TABLE item ADD COLUMN bedding TEXT
  CHECK (bedding IN ('spread', 'duvet', 'duvetCover', 'sheet', 'fitted', 'topper', 'skirt'));
ALTER TABLE item ADD COLUMN tog REAL CHECK (tog >= 0);
ALTER TABLE item ADD COLUMN pocket_mm REAL CHECK (pocket_mm >= 0);
ALTER TABLE item ADD COLUMN metal TEXT CHECK (metal IN ('brass', 'copper', 'iron', 'nickel', 'silver', 'steel'));
ALTER TABLE item ADD COLUMN cloth_json TEXT CHECK (json_valid(cloth_json));
ALTER TABLE piece ADD COLUMN thick_mm REAL CHECK (thick_mm > 0);
ALTER TABLE look ADD COLUMN night_json TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(night_json));
ALTER TABLE dressing ADD COLUMN layer TEXT NOT NULL DEFAULT 'season' CHECK (layer IN ('permanent', 'season', 'occasion'));
ALTER TABLE hanging ADD COLUMN layer TEXT NOT NULL DEFAULT 'season' CHECK (layer IN ('permanent', 'season', 'occasion'));
ALTER TABLE brought ADD COLUMN layer TEXT NOT NULL DEFAULT 'season' CHECK (layer IN ('permanent', 'season', 'occasion'));
