-- Up Migration

-- Texts are kept apart from what rules read, so that a rule reads narrow rows.
CREATE TABLE product_text (
  product_id integer PRIMARY KEY REFERENCES product ON DELETE CASCADE,
  short_text text NOT NULL DEFAULT '',
  long_text text NOT NULL DEFAULT '',
  -- Folded words of title, tags and brand, made by the core; what the words of a rule begin.
  words text[] NOT NULL DEFAULT '{}',
  word_vector tsvector GENERATED ALWAYS AS (array_to_tsvector(words)) STORED
);
ALTER TABLE product ADD COLUMN last_sold_at timestamptz;
-- Orders that hold it.
ALTER TABLE product ADD COLUMN orders integer NOT NULL DEFAULT 0;
-- Price that a shopper pays.
ALTER TABLE product ADD COLUMN paid integer GENERATED ALWAYS AS (coalesce(reduced, price)) STORED;
DROP INDEX product_by_price;

CREATE INDEX product_paid ON product (paid, id);
CREATE INDEX product_in_stock ON product (on_sale_from DESC, id) WHERE in_stock;
CREATE INDEX product_rated ON product (rating_count, rating_sum, id) WHERE rating_count > 0;
CREATE INDEX product_words ON product_text USING gin (word_vector);
CREATE INDEX product_brand ON product (brand_id);
CREATE INDEX product_fields ON product USING gin (fields jsonb_path_ops);
CREATE INDEX product_kind ON product (kind, id);
CREATE INDEX product_position ON product (position, title_key, id);
CREATE INDEX product_last_sold ON product (last_sold_at DESC NULLS LAST, id);

-- A collection may be filled by a rule in place of by hand.
ALTER TABLE collection ADD COLUMN rule jsonb;
CREATE INDEX collection_product_of ON collection_product (product_id);

-- Values that any variant of a product has. Kept by the triggers below.
CREATE TABLE product_option_value (
  option_value_id integer NOT NULL REFERENCES option_value ON DELETE CASCADE,
  product_id integer NOT NULL REFERENCES product ON DELETE CASCADE,
  PRIMARY KEY (option_value_id, product_id)
);
CREATE INDEX product_option_value_of ON product_option_value (product_id);

CREATE FUNCTION refresh_option_values(wanted integer[]) RETURNS void LANGUAGE sql AS $$
  DELETE FROM product_option_value WHERE product_id = ANY(wanted);
  INSERT INTO product_option_value (option_value_id, product_id)
    SELECT DISTINCT vv.option_value_id, v.product_id
    FROM variant v JOIN variant_value vv ON vv.variant_id = v.id WHERE v.product_id = ANY(wanted);
$$;

CREATE FUNCTION variant_values_changed() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM refresh_option_values(ARRAY(
    SELECT DISTINCT v.product_id FROM changed c JOIN variant v ON v.id = c.variant_id));
  RETURN NULL;
END $$;
CREATE TRIGGER values_added AFTER INSERT ON variant_value
  REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION variant_values_changed();
CREATE TRIGGER values_removed AFTER DELETE ON variant_value
  REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION variant_values_changed();

CREATE FUNCTION variants_removed() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM refresh_option_values(ARRAY(SELECT DISTINCT product_id FROM gone));
  RETURN NULL;
END $$;
CREATE TRIGGER variants_removed AFTER DELETE ON variant
  REFERENCING OLD TABLE AS gone FOR EACH STATEMENT EXECUTE FUNCTION variants_removed();

-- Orders that hold both of two products, both ways round.
CREATE TABLE bought_together (
  product_id integer NOT NULL REFERENCES product ON DELETE CASCADE,
  other_id integer NOT NULL REFERENCES product ON DELETE CASCADE,
  orders integer NOT NULL,
  PRIMARY KEY (product_id, other_id)
);

-- Figures of the whole store that rules need: one row.
CREATE TABLE store_figures (
  only_one boolean PRIMARY KEY DEFAULT true CHECK (only_one),
  orders integer NOT NULL DEFAULT 0,
  time_zone text NOT NULL DEFAULT 'UTC'
);
INSERT INTO store_figures DEFAULT VALUES;

CREATE FUNCTION store_day(at timestamptz) RETURNS integer LANGUAGE sql STABLE AS $$
  SELECT ((at AT TIME ZONE time_zone)::date - DATE '1970-01-01') FROM store_figures;
$$;

-- Roll-ups follow the orders as they arrive.
CREATE FUNCTION orders_arrived() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  UPDATE store_figures SET orders = orders + (SELECT count(*) FROM arrived);
  RETURN NULL;
END $$;
CREATE TRIGGER orders_arrived AFTER INSERT ON shop_order
  REFERENCING NEW TABLE AS arrived FOR EACH STATEMENT EXECUTE FUNCTION orders_arrived();

CREATE FUNCTION lines_arrived() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  INSERT INTO sold_daily (product_id, day, units)
    SELECT a.product_id, store_day(o.placed_at), sum(a.quantity)
    FROM arrived a JOIN shop_order o ON o.id = a.order_id GROUP BY 1, 2
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
    ) pair GROUP BY 1, 2
  ON CONFLICT (product_id, other_id) DO UPDATE SET orders = bought_together.orders + excluded.orders;
  RETURN NULL;
END $$;
CREATE TRIGGER lines_arrived AFTER INSERT ON order_line
  REFERENCING NEW TABLE AS arrived FOR EACH STATEMENT EXECUTE FUNCTION lines_arrived();

CREATE FUNCTION events_arrived() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  INSERT INTO viewed_daily (product_id, day, views)
    SELECT product_id, store_day(at), count(*) FROM arrived
    WHERE kind = 'viewed' AND product_id IS NOT NULL GROUP BY 1, 2
  ON CONFLICT (product_id, day) DO UPDATE SET views = viewed_daily.views + excluded.views;
  RETURN NULL;
END $$;
CREATE TRIGGER events_arrived AFTER INSERT ON shopper_event
  REFERENCING NEW TABLE AS arrived FOR EACH STATEMENT EXECUTE FUNCTION events_arrived();
CREATE INDEX viewed_daily_day ON viewed_daily (day, product_id) INCLUDE (views);

CREATE TRIGGER announce AFTER INSERT OR UPDATE OR DELETE ON collection FOR EACH STATEMENT EXECUTE FUNCTION announce_catalogue();
CREATE TRIGGER announce AFTER INSERT OR UPDATE OR DELETE ON collection_product FOR EACH STATEMENT EXECUTE FUNCTION announce_catalogue();
CREATE TRIGGER announce AFTER INSERT OR UPDATE OR DELETE ON product_tag FOR EACH STATEMENT EXECUTE FUNCTION announce_catalogue();
CREATE TRIGGER announce AFTER INSERT OR UPDATE OR DELETE ON journal_entry FOR EACH STATEMENT EXECUTE FUNCTION announce_catalogue();
CREATE TRIGGER announce AFTER INSERT OR UPDATE OR DELETE ON brand FOR EACH STATEMENT EXECUTE FUNCTION announce_catalogue();

-- Stores that were begun before: what the new columns hold is reckoned from what is there.
UPDATE product SET last_sold_at = s.at, orders = s.orders FROM (
  SELECT product_id, max(placed_at) AS at, count(DISTINCT order_id) AS orders
  FROM order_line JOIN shop_order ON shop_order.id = order_id GROUP BY 1) s WHERE product.id = s.product_id;
UPDATE store_figures SET orders = (SELECT count(*) FROM shop_order),
  time_zone = coalesce((SELECT body->>'timeZone' FROM draft_document WHERE key = 'house'), 'UTC');
INSERT INTO bought_together
  SELECT l.product_id, other.product_id, count(DISTINCT l.order_id)
  FROM order_line l JOIN order_line other ON other.order_id = l.order_id AND other.product_id <> l.product_id GROUP BY 1, 2;
SELECT refresh_option_values(ARRAY(SELECT id FROM product));
INSERT INTO product_text (product_id, short_text, long_text, words) SELECT id, short_text, long_text, array_remove(regexp_split_to_array(concat_ws(' ', title_key,
  (SELECT regexp_replace(lower(b.name), '[^[:alnum:]]+', ' ', 'g') FROM brand b WHERE b.id = product.brand_id),
  (SELECT string_agg(regexp_replace(lower(t.tag), '[^[:alnum:]]+', ' ', 'g'), ' ') FROM product_tag t WHERE t.product_id = product.id)), '\s+'), '') FROM product;
ALTER TABLE product DROP COLUMN short_text, DROP COLUMN long_text;
CREATE TRIGGER announce AFTER INSERT OR UPDATE OR DELETE ON product_text FOR EACH STATEMENT EXECUTE FUNCTION announce_catalogue();

-- An order changes figures of a product, but not what pages are made from.
DROP TRIGGER announce ON product;
CREATE TRIGGER announce AFTER INSERT OR DELETE ON product FOR EACH STATEMENT EXECUTE FUNCTION announce_catalogue();
CREATE TRIGGER announce_change AFTER UPDATE OF slug, title, title_key, kind, code, brand_id, featured,
  position, on_sale_from, rating_sum, rating_count, fields, shown_variant_id, price, reduced, price_varies, in_stock, stock
  ON product FOR EACH STATEMENT EXECUTE FUNCTION announce_catalogue();

-- Units sold in the spans of days that are asked for most, as of one day of the store; kept as orders arrive, and
-- reckoned anew when the day turns.
CREATE TABLE sold_window (
  days integer NOT NULL,
  product_id integer NOT NULL REFERENCES product ON DELETE CASCADE,
  units integer NOT NULL,
  PRIMARY KEY (days, product_id)
);
CREATE INDEX sold_window_best ON sold_window (days, units DESC, product_id);
ALTER TABLE store_figures ADD COLUMN windows_as_of integer;

CREATE FUNCTION roll_sold_windows(today integer) RETURNS void LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_advisory_xact_lock(731904);
  IF (SELECT windows_as_of FROM store_figures) IS NOT DISTINCT FROM today THEN RETURN; END IF;
  DELETE FROM sold_window;
  INSERT INTO sold_window (days, product_id, units)
    SELECT span.days, product_id, sum(units) FROM (VALUES (7), (30), (90), (365)) span (days)
    JOIN sold_daily ON day > today - span.days AND day <= today GROUP BY 1, 2;
  UPDATE store_figures SET windows_as_of = today;
  PERFORM pg_notify('changed', 'catalogue');
END $$;

CREATE FUNCTION windows_follow() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  INSERT INTO sold_window (days, product_id, units)
    SELECT span.days, a.product_id, sum(a.quantity)
    FROM arrived a JOIN shop_order o ON o.id = a.order_id, (VALUES (7), (30), (90), (365)) span (days), store_figures f
    WHERE store_day(o.placed_at) > f.windows_as_of - span.days AND store_day(o.placed_at) <= f.windows_as_of
    GROUP BY 1, 2
  ON CONFLICT (days, product_id) DO UPDATE SET units = sold_window.units + excluded.units;
  RETURN NULL;
END $$;
CREATE TRIGGER windows_follow AFTER INSERT ON order_line
  REFERENCING NEW TABLE AS arrived FOR EACH STATEMENT EXECUTE FUNCTION windows_follow();
