-- Up Migration

-- The file of a whole store that is being brought in, how much of it is here, and what has become of it. There is one at a time.
CREATE TABLE store_import (
  id integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
  file_name text NOT NULL,
  bytes bigint NOT NULL CHECK (bytes > 0),
  sent_at timestamptz NOT NULL,
  sent_by integer REFERENCES account ON DELETE SET NULL,
  state text NOT NULL CHECK (state IN ('arriving', 'arrived', 'writing', 'written', 'failed')),
  -- Goes up with everything that is asked of it, so that work on what was asked before ends.
  run integer NOT NULL DEFAULT 1,
  -- What it begins with.
  head jsonb,
  -- Lines and files that are written.
  done integer NOT NULL DEFAULT 0,
  fault text
);
-- Parts of equal length, but for the last.
CREATE TABLE store_import_part (
  import_id integer NOT NULL REFERENCES store_import ON DELETE CASCADE,
  part integer NOT NULL,
  bytes bytea NOT NULL,
  PRIMARY KEY (import_id, part)
);
ALTER TABLE store_import_part ALTER COLUMN bytes SET STORAGE EXTERNAL;
