-- Up Migration

-- What has changed is announced by name (core/view/reads.ts), so that only what was made from it is made anew:
-- "product.12" where anything that is shown of a product changed, "rule.price" where what rules look at did.
DROP TRIGGER announce ON product;
DROP TRIGGER announce_change ON product;
DROP TRIGGER announce ON category;
DROP TRIGGER announce ON product_category;
DROP TRIGGER announce ON product_picture;
DROP TRIGGER announce ON picture;
DROP TRIGGER announce ON collection;
DROP TRIGGER announce ON collection_product;
DROP TRIGGER announce ON product_tag;
DROP TRIGGER announce ON journal_entry;
DROP TRIGGER announce ON brand;
DROP TRIGGER announce ON product_text;
DROP FUNCTION announce_catalogue();

-- A notice holds 8000 bytes; what does not fit in there is everything.
CREATE FUNCTION announce(names text[]) RETURNS void LANGUAGE plpgsql AS $$
DECLARE said text := array_to_string(ARRAY(SELECT DISTINCT name FROM unnest(names) name WHERE name IS NOT NULL ORDER BY 1), ' ');
BEGIN
  IF said = '' THEN RETURN; END IF;
  PERFORM pg_notify('changed', CASE WHEN octet_length(said) > 7000 THEN 'all' ELSE said END);
END $$;

-- The same names whatever the rows are; given with the trigger.
CREATE FUNCTION announce_as() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM announce(TG_ARGV::text[]);
  RETURN NULL;
END $$;

CREATE FUNCTION announce_products_altered() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM announce(ARRAY(
    SELECT DISTINCT name FROM before o JOIN after n USING (id), unnest(ARRAY[
      'product.' || id,
      CASE WHEN n.title_key <> o.title_key THEN 'rule.titleKey' END,
      CASE WHEN n.category_path <> o.category_path THEN 'rule.categoryIds' END,
      CASE WHEN n.tags <> o.tags THEN 'rule.tags' END,
      CASE WHEN n.brand_id IS DISTINCT FROM o.brand_id THEN 'rule.brandId' END,
      CASE WHEN n.kind <> o.kind THEN 'rule.kind' END,
      CASE WHEN n.featured <> o.featured THEN 'rule.featured' END,
      CASE WHEN n.on_sale_from <> o.on_sale_from THEN 'rule.onSaleFrom' END,
      CASE WHEN n.price <> o.price THEN 'rule.price' END,
      CASE WHEN n.reduced IS DISTINCT FROM o.reduced THEN 'rule.reduced' END,
      CASE WHEN n.in_stock <> o.in_stock THEN 'rule.inStock' END,
      CASE WHEN n.stock IS DISTINCT FROM o.stock THEN 'rule.stock' END,
      CASE WHEN n.rating_sum <> o.rating_sum THEN 'rule.ratingSum' END,
      CASE WHEN n.rating_count <> o.rating_count THEN 'rule.ratingCount' END,
      CASE WHEN n.fields <> o.fields THEN 'rule.fields' END,
      CASE WHEN n.option_values <> o.option_values THEN 'rule.optionValueIds' END,
      CASE WHEN n.position IS DISTINCT FROM o.position THEN 'rule.position' END
    ]) name
    -- An order changes figures of a product, but nothing that is shown.
    WHERE (n.slug, n.title, n.title_key, n.kind, n.code, n.brand_id, n.featured, n.position, n.on_sale_from, n.rating_sum,
        n.rating_count, n.fields, n.shown_variant_id, n.price, n.reduced, n.price_varies, n.in_stock, n.stock,
        n.category_path, n.option_values, n.tags)
      IS DISTINCT FROM
      (o.slug, o.title, o.title_key, o.kind, o.code, o.brand_id, o.featured, o.position, o.on_sale_from, o.rating_sum,
        o.rating_count, o.fields, o.shown_variant_id, o.price, o.reduced, o.price_varies, o.in_stock, o.stock,
        o.category_path, o.option_values, o.tags)));
  RETURN NULL;
END $$;
CREATE TRIGGER announce_altered AFTER UPDATE ON product
  REFERENCING OLD TABLE AS before NEW TABLE AS after FOR EACH STATEMENT EXECUTE FUNCTION announce_products_altered();

CREATE FUNCTION announce_products_gone() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM announce(ARRAY(SELECT 'product.' || id FROM gone) || ARRAY['rule', 'categories', 'collections']);
  RETURN NULL;
END $$;
CREATE TRIGGER announce_gone AFTER DELETE ON product
  REFERENCING OLD TABLE AS gone FOR EACH STATEMENT EXECUTE FUNCTION announce_products_gone();
CREATE TRIGGER announce_new AFTER INSERT ON product FOR EACH STATEMENT EXECUTE FUNCTION announce_as('rule');
CREATE TRIGGER announce_emptied AFTER TRUNCATE ON product FOR EACH STATEMENT EXECUTE FUNCTION announce_as('all');

-- Whatever belongs to a product is shown with it.
CREATE FUNCTION announce_products_of() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM announce(ARRAY(SELECT DISTINCT 'product.' || product_id FROM changed) || TG_ARGV::text[]);
  RETURN NULL;
END $$;
CREATE FUNCTION announce_products_of_variants() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM announce(ARRAY(SELECT DISTINCT 'product.' || v.product_id FROM changed c JOIN variant v ON v.id = c.variant_id));
  RETURN NULL;
END $$;
DO $$
DECLARE one record;
BEGIN
  FOR one IN SELECT * FROM (VALUES
    ('variant', $f$announce_products_of()$f$),
    ('product_category', $f$announce_products_of('categories')$f$),
    ('product_picture', $f$announce_products_of()$f$),
    ('product_text', $f$announce_products_of('rule.words')$f$),
    ('collection_product', $f$announce_products_of('collections', 'rule.collectionIds')$f$),
    ('variant_value', $f$announce_products_of_variants()$f$)
  ) AS told (belongs, tells) LOOP
    EXECUTE format('CREATE TRIGGER announce_new AFTER INSERT ON %I REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION %s', one.belongs, one.tells);
    EXECUTE format('CREATE TRIGGER announce_altered AFTER UPDATE ON %I REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION %s', one.belongs, one.tells);
    EXECUTE format('CREATE TRIGGER announce_gone AFTER DELETE ON %I REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION %s', one.belongs, one.tells);
  END LOOP;
END $$;

CREATE TRIGGER announce AFTER INSERT OR UPDATE OR DELETE ON collection FOR EACH STATEMENT EXECUTE FUNCTION announce_as('collections', 'rule.collectionIds');
CREATE TRIGGER announce AFTER INSERT OR UPDATE OR DELETE ON journal_entry FOR EACH STATEMENT EXECUTE FUNCTION announce_as('entries');
-- These are shown with anything, and change seldom.
CREATE TRIGGER announce AFTER INSERT OR UPDATE OR DELETE ON category FOR EACH STATEMENT EXECUTE FUNCTION announce_as('all');
CREATE TRIGGER announce AFTER UPDATE OR DELETE ON picture FOR EACH STATEMENT EXECUTE FUNCTION announce_as('all');
CREATE TRIGGER announce AFTER INSERT OR UPDATE OR DELETE ON brand FOR EACH STATEMENT EXECUTE FUNCTION announce_as('all');
CREATE TRIGGER announce AFTER INSERT OR UPDATE OR DELETE ON option FOR EACH STATEMENT EXECUTE FUNCTION announce_as('all');
CREATE TRIGGER announce AFTER INSERT OR UPDATE OR DELETE ON option_value FOR EACH STATEMENT EXECUTE FUNCTION announce_as('all');
CREATE TRIGGER announce AFTER INSERT OR UPDATE OR DELETE ON field FOR EACH STATEMENT EXECUTE FUNCTION announce_as('all');

CREATE OR REPLACE FUNCTION roll_sold_windows(today integer) RETURNS void LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_advisory_xact_lock(731904);
  IF (SELECT windows_as_of FROM store_figures) IS NOT DISTINCT FROM today THEN RETURN; END IF;
  DELETE FROM sold_window;
  INSERT INTO sold_window (days, product_id, units)
    SELECT span.days, product_id, sum(units) FROM (VALUES (7), (30), (90), (365)) span (days)
    JOIN sold_daily ON day > today - span.days AND day <= today GROUP BY 1, 2;
  UPDATE store_figures SET windows_as_of = today;
  PERFORM announce(ARRAY['all']);
END $$;

-- Orders are counted in sixteen rows, so that those that arrive at once do not wait for one another.
CREATE TABLE order_count (
  slot integer PRIMARY KEY CHECK (slot BETWEEN 0 AND 15),
  orders bigint NOT NULL DEFAULT 0
);
INSERT INTO order_count SELECT slot, CASE WHEN slot = 0 THEN (SELECT orders FROM store_figures) ELSE 0 END FROM generate_series(0, 15) slot;
ALTER TABLE store_figures DROP COLUMN orders;
CREATE OR REPLACE FUNCTION orders_arrived() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  UPDATE order_count SET orders = orders + (SELECT count(*) FROM arrived) WHERE slot = pg_backend_pid() % 16;
  RETURN NULL;
END $$;

-- Products of an order are taken in one order, so that two orders of the same never wait for each other in a ring.
CREATE OR REPLACE FUNCTION lines_arrived() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM FROM product WHERE id IN (SELECT product_id FROM arrived) ORDER BY id FOR NO KEY UPDATE;
  INSERT INTO sold_daily (product_id, day, units)
    SELECT a.product_id, store_day(o.placed_at), sum(a.quantity)
    FROM arrived a JOIN shop_order o ON o.id = a.order_id GROUP BY 1, 2 ORDER BY 1, 2
  ON CONFLICT (product_id, day) DO UPDATE SET units = sold_daily.units + excluded.units;
  UPDATE product p SET last_sold_at = greatest(p.last_sold_at, s.at), orders = p.orders + s.orders
  FROM (SELECT a.product_id, max(o.placed_at) AS at, count(DISTINCT a.order_id) FILTER (WHERE NOT EXISTS (
          SELECT FROM order_line l WHERE l.order_id = a.order_id AND l.product_id = a.product_id
            AND NOT EXISTS (SELECT FROM arrived same WHERE same.order_id = l.order_id AND same.line = l.line))) AS orders
        FROM arrived a JOIN shop_order o ON o.id = a.order_id GROUP BY 1) s
  WHERE p.id = s.product_id;
  INSERT INTO bought_together (product_id, other_id, orders)
    SELECT pair.product_id, pair.other_id, count(*) FROM (
      SELECT DISTINCT l.order_id, l.product_id, other.product_id AS other_id
      FROM order_line l JOIN order_line other ON other.order_id = l.order_id AND other.product_id <> l.product_id
      WHERE l.order_id IN (SELECT order_id FROM arrived)
        AND EXISTS (SELECT FROM arrived a WHERE a.order_id = l.order_id AND a.product_id IN (l.product_id, other.product_id))
      EXCEPT
      -- pairs that the order held before these lines came
      SELECT l.order_id, l.product_id, other.product_id
      FROM order_line l JOIN order_line other ON other.order_id = l.order_id AND other.product_id <> l.product_id
      WHERE l.order_id IN (SELECT order_id FROM arrived)
        AND NOT EXISTS (SELECT FROM arrived a WHERE a.order_id = l.order_id AND a.line = l.line)
        AND NOT EXISTS (SELECT FROM arrived a WHERE a.order_id = other.order_id AND a.line = other.line)
    ) pair GROUP BY 1, 2 ORDER BY 1, 2
  ON CONFLICT (product_id, other_id) DO UPDATE SET orders = bought_together.orders + excluded.orders;
  RETURN NULL;
END $$;
CREATE OR REPLACE FUNCTION windows_follow() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  INSERT INTO sold_window (days, product_id, units)
    SELECT span.days, a.product_id, sum(a.quantity)
    FROM arrived a JOIN shop_order o ON o.id = a.order_id, (VALUES (7), (30), (90), (365)) span (days), store_figures f
    WHERE store_day(o.placed_at) > f.windows_as_of - span.days AND store_day(o.placed_at) <= f.windows_as_of
    GROUP BY 1, 2 ORDER BY 1, 2
  ON CONFLICT (days, product_id) DO UPDATE SET units = sold_window.units + excluded.units;
  RETURN NULL;
END $$;

-- Products are found by any part of their titles.
CREATE EXTENSION IF NOT EXISTS pg_trgm;
CREATE INDEX product_title_parts ON product USING gin (title_key gin_trgm_ops);

-- One code for the first owner, however many processes start at once; gone once there is one.
CREATE TABLE setup_code (
  only_one boolean PRIMARY KEY DEFAULT true CHECK (only_one),
  code text NOT NULL
);
