-- Up Migration
-- A picture of the store stays itself while the file that it shows is replaced: whatever names it follows.
CREATE TABLE picture_file (
  -- SHA-256 of the bytes
  id text PRIMARY KEY CHECK (id ~ '^[0-9a-f]{64}$'),
  width integer NOT NULL CHECK (width > 0),
  height integer NOT NULL CHECK (height > 0),
  bytes bytea NOT NULL,
  dominant text NOT NULL,
  placeholder text NOT NULL,
  see_through boolean NOT NULL DEFAULT false,
  -- 8 by 8 cells, each the colours of its darkest and lightest 5 percent
  grid jsonb NOT NULL
);
ALTER TABLE picture_file ALTER COLUMN bytes SET STORAGE EXTERNAL;
INSERT INTO picture_file (id, width, height, bytes, dominant, placeholder, see_through, grid)
  SELECT id, width, height, bytes, dominant, placeholder, see_through, grid FROM picture;

ALTER TABLE picture ADD COLUMN file_id text REFERENCES picture_file;
UPDATE picture SET file_id = id;
ALTER TABLE picture ALTER COLUMN file_id SET NOT NULL;
-- What it shows, for those who do not see it, where nothing nearer says so.
ALTER TABLE picture ADD COLUMN alt text NOT NULL DEFAULT '';
-- The file before this one, which can be put back.
ALTER TABLE picture ADD COLUMN former_file_id text REFERENCES picture_file;
ALTER TABLE picture ADD COLUMN added_at timestamptz NOT NULL DEFAULT now();
ALTER TABLE picture DROP COLUMN width, DROP COLUMN height, DROP COLUMN media_type, DROP COLUMN bytes,
  DROP COLUMN dominant, DROP COLUMN placeholder, DROP COLUMN see_through, DROP COLUMN grid;
CREATE INDEX picture_file_of ON picture (file_id);
CREATE INDEX picture_former_file ON picture (former_file_id) WHERE former_file_id IS NOT NULL;
CREATE INDEX picture_newest ON picture (added_at DESC, id);
-- Who shows a picture is asked for whenever one is opened.
CREATE INDEX product_picture_shows ON product_picture (picture_id);
CREATE INDEX variant_picture ON variant (picture_id) WHERE picture_id IS NOT NULL;

CREATE OR REPLACE FUNCTION refresh_picture_ratios(wanted integer[]) RETURNS void LANGUAGE sql AS $$
  UPDATE product p SET picture_ratio = r.ratio
  FROM (
    SELECT of AS id, (SELECT f.width::real / f.height FROM product_picture pp
      JOIN picture pic ON pic.id = pp.picture_id JOIN picture_file f ON f.id = pic.file_id
      WHERE pp.product_id = of ORDER BY pp.position LIMIT 1) AS ratio
    FROM unnest(wanted) AS of
  ) r
  WHERE p.id = r.id AND p.picture_ratio IS DISTINCT FROM r.ratio;
$$;
CREATE FUNCTION picture_replaced() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM refresh_picture_ratios(ARRAY(SELECT DISTINCT product_id FROM product_picture WHERE picture_id = NEW.id));
  RETURN NULL;
END $$;
CREATE TRIGGER replaced AFTER UPDATE OF file_id ON picture FOR EACH ROW
  WHEN (OLD.file_id <> NEW.file_id) EXECUTE FUNCTION picture_replaced();

-- Which pictures a release names, so that none that could be put back loses one.
CREATE TABLE release_picture (
  release_number integer NOT NULL REFERENCES release ON DELETE CASCADE,
  picture_id text NOT NULL,
  PRIMARY KEY (picture_id, release_number)
);
CREATE FUNCTION names_pictures(document jsonb) RETURNS SETOF text LANGUAGE sql IMMUTABLE AS $$
  SELECT DISTINCT found[1] FROM regexp_matches(document::text, '"([0-9a-f]{64})"', 'g') AS found;
$$;
CREATE FUNCTION release_pictures() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  INSERT INTO release_picture SELECT NEW.number, id FROM names_pictures(NEW.plan) AS id;
  RETURN NULL;
END $$;
CREATE TRIGGER names_pictures AFTER INSERT ON release FOR EACH ROW EXECUTE FUNCTION release_pictures();
INSERT INTO release_picture SELECT number, id FROM release, names_pictures(plan) AS id;

-- Every picture that something shows or names.
CREATE VIEW used_picture AS
  SELECT picture_id AS id FROM product_picture
  UNION SELECT picture_id FROM variant WHERE picture_id IS NOT NULL
  UNION SELECT picture_id FROM category WHERE picture_id IS NOT NULL
  UNION SELECT picture_id FROM collection WHERE picture_id IS NOT NULL
  UNION SELECT picture_id FROM journal_entry WHERE picture_id IS NOT NULL
  UNION SELECT picture_id FROM option_value WHERE picture_id IS NOT NULL
  UNION SELECT names_pictures(body) FROM draft_document WHERE body IS NOT NULL
  UNION SELECT picture_id FROM release_picture;
