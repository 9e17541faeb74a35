-- devices that were let in from the studio's own screen, and the key that their cookies are signed with
CREATE TABLE device (
  id TEXT PRIMARY KEY CHECK (length(id) BETWEEN 1 AND 64),
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
  paired_at TEXT NOT NULL,
  seen_at TEXT NOT NULL
) STRICT;
CREATE TABLE device_key (
  only_one INTEGER PRIMARY KEY CHECK (only_one = 1),
  secret BLOB NOT NULL CHECK (length(secret) = 32)
) STRICT;
INSERT INTO device_key (only_one, secret) VALUES (1, randomblob(32));
