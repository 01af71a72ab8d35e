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
CREATE TABLE goods_import_chunk (
  import_id integer NOT NULL REFERENCES goods_import ON DELETE CASCADE,
  chunk integer NOT NULL,
  bytes bytea NOT NULL,
  PRIMARY KEY (import_id, chunk)
);
ALTER TABLE goods_import_chunk ALTER COLUMN bytes SET STORAGE EXTERNAL;

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

-- What products belong to, as it is kept with them.
CREATE FUNCTION members_of(wanted integer[])
RETURNS TABLE (id integer, category_path integer[], option_values integer[], tags text[]) LANGUAGE sql STABLE AS $$
  SELECT one,
    ARRAY(SELECT DISTINCT cc.ancestor_id FROM product_category pc
      JOIN category_closure cc ON cc.descendant_id = pc.category_id WHERE pc.product_id = one ORDER BY 1),
    ARRAY(SELECT option_value_id FROM product_option_value WHERE product_id = one ORDER BY 1),
    ARRAY(SELECT tag FROM product_tag WHERE product_id = one ORDER BY 1)
  FROM unnest(wanted) one;
$$;
CREATE OR REPLACE FUNCTION refresh_members(wanted integer[]) RETURNS void LANGUAGE sql AS $$
  UPDATE product p SET category_path = m.category_path, option_values = m.option_values, tags = m.tags
  FROM members_of(wanted) m
  WHERE NOT is_bulk() AND p.id = m.id
    AND (p.category_path, p.option_values, p.tags) IS DISTINCT FROM (m.category_path, m.option_values, m.tags);
$$;

-- The variants that cards show: the cheapest now, among those in stock if any.
CREATE FUNCTION shown_of(wanted integer[])
RETURNS TABLE (product_id integer, id integer, price integer, reduced integer, stock integer, available boolean, varies boolean)
LANGUAGE sql STABLE AS $$
  SELECT DISTINCT ON (v.product_id) v.product_id, v.id, v.price, v.reduced, v.stock, (v.stock IS NULL OR v.stock > 0),
    max(coalesce(v.reduced, v.price)) OVER (PARTITION BY v.product_id) > coalesce(v.reduced, v.price)
  FROM variant v WHERE v.product_id = ANY(wanted)
  ORDER BY v.product_id, (v.stock IS NULL OR v.stock > 0) DESC, coalesce(v.reduced, v.price), v.position, v.id;
$$;
-- Those without any variant stay as they are.
CREATE FUNCTION choose_shown_variants(wanted integer[]) RETURNS void LANGUAGE sql AS $$
  UPDATE product SET shown_variant_id = shown.id, price = shown.price, reduced = shown.reduced, in_stock = shown.available,
    stock = shown.stock, price_varies = shown.varies
  FROM shown_of(wanted) shown WHERE product.id = shown.product_id;
$$;
DROP FUNCTION choose_shown_variant(integer);

CREATE OR REPLACE FUNCTION variant_changed() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF is_bulk() THEN RETURN NULL; END IF;
  PERFORM choose_shown_variants(ARRAY[
    CASE WHEN TG_OP <> 'INSERT' THEN OLD.product_id END, CASE WHEN TG_OP <> 'DELETE' THEN NEW.product_id END]);
  RETURN NULL;
END $$;

-- Catches up with what was left out of these products, in one statement, since each writes all that is found by of a product.
CREATE FUNCTION after_bulk(wanted integer[]) RETURNS void LANGUAGE plpgsql AS $$
BEGIN
  UPDATE product p SET category_path = m.category_path, option_values = m.option_values, tags = m.tags,
    shown_variant_id = coalesce(shown.id, p.shown_variant_id), price = coalesce(shown.price, p.price),
    reduced = CASE WHEN shown.id IS NULL THEN p.reduced ELSE shown.reduced END,
    in_stock = coalesce(shown.available, p.in_stock),
    stock = CASE WHEN shown.id IS NULL THEN p.stock ELSE shown.stock END,
    price_varies = coalesce(shown.varies, p.price_varies)
  FROM members_of(wanted) m LEFT JOIN shown_of(wanted) shown ON shown.product_id = m.id
  WHERE p.id = m.id;
  PERFORM write_search(wanted);
END $$;

-- What belongs to new products may be written before them, so that each is written once.
ALTER TABLE variant ALTER CONSTRAINT variant_product_id_fkey DEFERRABLE;
ALTER TABLE product_category ALTER CONSTRAINT product_category_product_id_fkey DEFERRABLE;
ALTER TABLE product_tag ALTER CONSTRAINT product_tag_product_id_fkey DEFERRABLE;
ALTER TABLE product_text ALTER CONSTRAINT product_text_product_id_fkey DEFERRABLE;
ALTER TABLE product_option_value ALTER CONSTRAINT product_option_value_product_id_fkey DEFERRABLE;

-- What goes with a product that is removed is found without reading all there is.
CREATE INDEX shopper_event_any_product ON shopper_event (product_id) WHERE product_id IS NOT NULL;
CREATE INDEX bought_together_other ON bought_together (other_id);
