-- Tokens by which other programs may ask the services. Only a digest is kept: a token is shown once, when it is made.

CREATE TABLE access_token (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  name TEXT NOT NULL,
  digest TEXT NOT NULL UNIQUE,
  access TEXT NOT NULL CHECK (access IN ('read', 'full')),
  made_at TEXT NOT NULL,
  used_at TEXT,
  revoked_at TEXT
) STRICT;
