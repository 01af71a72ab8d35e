-- Up Migration

-- A file of products that was sent, what it is read as, and what has become of it. The last one is kept, so that it can be undone.
CREATE TABLE goods_import (
  id integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
  file_name text NOT NULL,
  bytes integer NOT NULL,
  sent_at timestamptz NOT NULL,
  state text NOT NULL CHECK (state IN ('comparing', 'compared', 'writing', 'written', 'undoing', 'undone', 'failed')),
  -- Goes up with everything that is asked of it, so that work on what was asked before ends.
  run integer NOT NULL DEFAULT 1,
  -- How it is read: its dialect, its decimal mark, what each column holds.
  settings jsonb NOT NULL,
  -- Its columns with the first of their values.
  columns jsonb NOT NULL,
  -- Rows that the work at hand has come through.
  rows_read integer NOT NULL DEFAULT 0,
  -- What would happen, or has.
  found jsonb,
  written_at timestamptz,
  fault text,
  -- What was made besides products: ids of brands, categories, options, values.
  made jsonb,
  -- What undoing it left as it is, since it was changed meanwhile.
  left_over jsonb
);
CREATE TABLE goods_import_piece (
  import_id integer NOT NULL REFERENCES goods_import ON DELETE CASCADE,
  piece integer NOT NULL,
  bytes bytea NOT NULL,
  PRIMARY KEY (import_id, piece)
);
ALTER TABLE goods_import_piece ALTER COLUMN bytes SET STORAGE EXTERNAL;

-- What an import did to each product: the edits of one that was there, or what a new one was like.
CREATE TABLE goods_import_change (
  import_id integer NOT NULL REFERENCES goods_import ON DELETE CASCADE,
  product_id integer NOT NULL,
  edits jsonb NOT NULL,
  -- Ids of variants that were added to it.
  variants integer[] NOT NULL,
  -- Of a new one; null for one that was there.
  mark text,
  PRIMARY KEY (import_id, product_id)
);

-- What a column of such a name was matched to the last time; null where it was left out.
CREATE TABLE goods_import_column (
  name text PRIMARY KEY,
  target text
);

-- While many products are written in one transaction, what is kept of each of them is reckoned once, by whoever writes them.
CREATE FUNCTION is_bulk() RETURNS boolean LANGUAGE sql STABLE AS $$
  SELECT current_setting('wide_shelf.bulk', true) IS NOT DISTINCT FROM 'on';
$$;

ALTER FUNCTION refresh_search(integer[]) RENAME TO write_search;
CREATE FUNCTION refresh_search(wanted integer[]) RETURNS void LANGUAGE plpgsql AS $$
BEGIN
  IF NOT is_bulk() THEN PERFORM write_search(wanted); END IF;
END $$;

CREATE OR REPLACE FUNCTION variant_changed() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF is_bulk() THEN RETURN NULL; END IF;
  IF TG_OP <> 'INSERT' THEN PERFORM choose_shown_variant(OLD.product_id); END IF;
  IF TG_OP <> 'DELETE' THEN PERFORM choose_shown_variant(NEW.product_id); END IF;
  RETURN NULL;
END $$;

-- Catches up with what was left out of these products.
CREATE FUNCTION after_bulk(wanted integer[]) RETURNS void LANGUAGE plpgsql AS $$
BEGIN
  PERFORM choose_shown_variant(id) FROM unnest(wanted) id;
  PERFORM write_search(wanted);
END $$;
