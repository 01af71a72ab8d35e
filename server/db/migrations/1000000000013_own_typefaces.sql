-- Up Migration
-- Type families of the owner's own. A file is kept as it is served: made smaller, a part for each character set.
CREATE TABLE own_family (
  id text PRIMARY KEY,
  name text NOT NULL,
  stand_in text NOT NULL,
  added_at timestamptz NOT NULL DEFAULT now()
);
CREATE TABLE own_font (
  -- SHA-256 of the file that was put in, hex.
  id text PRIMARY KEY,
  family_id text NOT NULL REFERENCES own_family ON DELETE CASCADE,
  slope text NOT NULL,
  weight_from int NOT NULL,
  weight_to int NOT NULL,
  -- Widths of its letters (core/text/face.ts).
  face jsonb NOT NULL,
  added_at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX own_font_family ON own_font (family_id);
CREATE TABLE own_font_part (
  font_id text NOT NULL REFERENCES own_font ON DELETE CASCADE,
  characters text NOT NULL,
  bytes bytea NOT NULL,
  PRIMARY KEY (font_id, characters)
);
