-- Up Migration

-- What a product belongs to, beside the product itself, so that one index answers rules that join several:
-- its categories with all above them, the values of its variants, its tags. Kept by the triggers below from
-- product_category, product_option_value and product_tag.
ALTER TABLE product ADD COLUMN category_path integer[] NOT NULL DEFAULT '{}';
ALTER TABLE product ADD COLUMN option_values integer[] NOT NULL DEFAULT '{}';
ALTER TABLE product ADD COLUMN tags text[] NOT NULL DEFAULT '{}';

CREATE FUNCTION refresh_members(wanted integer[]) RETURNS void LANGUAGE sql AS $$
  UPDATE product p SET category_path = m.category_path, option_values = m.option_values, tags = m.tags
  FROM (
    SELECT id,
      ARRAY(SELECT DISTINCT cc.ancestor_id FROM product_category pc
        JOIN category_closure cc ON cc.descendant_id = pc.category_id WHERE pc.product_id = id ORDER BY 1) AS category_path,
      ARRAY(SELECT option_value_id FROM product_option_value WHERE product_id = id ORDER BY 1) AS option_values,
      ARRAY(SELECT tag FROM product_tag WHERE product_id = id ORDER BY 1) AS tags
    FROM unnest(wanted) id
  ) m
  WHERE p.id = m.id
    AND (p.category_path, p.option_values, p.tags) IS DISTINCT FROM (m.category_path, m.option_values, m.tags);
$$;

CREATE FUNCTION members_changed() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM refresh_members(ARRAY(SELECT DISTINCT product_id FROM changed));
  RETURN NULL;
END $$;
CREATE TRIGGER members_added AFTER INSERT ON product_category
  REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION members_changed();
CREATE TRIGGER members_altered AFTER UPDATE ON product_category
  REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION members_changed();
CREATE TRIGGER members_removed AFTER DELETE ON product_category
  REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION members_changed();
CREATE TRIGGER members_added AFTER INSERT ON product_option_value
  REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION members_changed();
CREATE TRIGGER members_altered AFTER UPDATE ON product_option_value
  REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION members_changed();
CREATE TRIGGER members_removed AFTER DELETE ON product_option_value
  REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION members_changed();
CREATE TRIGGER members_added AFTER INSERT ON product_tag
  REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION members_changed();
CREATE TRIGGER members_altered AFTER UPDATE ON product_tag
  REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION members_changed();
CREATE TRIGGER members_removed AFTER DELETE ON product_tag
  REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION members_changed();

-- A category that moves takes the products in it and below it along.
CREATE FUNCTION category_moved() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF NEW.parent_id IS DISTINCT FROM OLD.parent_id THEN
    PERFORM refresh_members(ARRAY(SELECT DISTINCT pc.product_id FROM product_category pc
      JOIN category_closure cc ON cc.descendant_id = pc.category_id WHERE cc.ancestor_id = NEW.id));
  END IF;
  RETURN NULL;
END $$;
-- Fires after category_closes_row, since triggers of a kind fire in the order of their names.
CREATE TRIGGER category_moved AFTER UPDATE OF parent_id ON category FOR EACH ROW EXECUTE FUNCTION category_moved();

SELECT refresh_members(ARRAY(SELECT id FROM product));
-- Written at once, since a list of what is to be written later would be read through by every question.
CREATE INDEX product_members ON product USING gin (category_path, option_values, tags) WITH (fastupdate = off);

-- How many products there are, and how many in stock: what a selection of everything comes to, without counting.
ALTER TABLE store_figures ADD COLUMN products integer NOT NULL DEFAULT 0;
ALTER TABLE store_figures ADD COLUMN in_stock integer NOT NULL DEFAULT 0;
CREATE FUNCTION count_products() RETURNS void LANGUAGE sql AS $$
  UPDATE store_figures SET (products, in_stock) = (SELECT count(*), count(*) FILTER (WHERE p.in_stock) FROM product p);
$$;
CREATE FUNCTION products_counted() RETURNS trigger LANGUAGE plpgsql AS $$
DECLARE more integer := 0; more_in_stock integer := 0;
BEGIN
  IF TG_OP <> 'INSERT' THEN
    SELECT -count(*), -count(*) FILTER (WHERE o.in_stock) INTO more, more_in_stock FROM before o;
  END IF;
  IF TG_OP <> 'DELETE' THEN
    SELECT more + count(*), more_in_stock + count(*) FILTER (WHERE n.in_stock) INTO more, more_in_stock FROM after n;
  END IF;
  IF more <> 0 OR more_in_stock <> 0 THEN
    UPDATE store_figures SET products = products + more, in_stock = in_stock + more_in_stock;
  END IF;
  RETURN NULL;
END $$;
CREATE TRIGGER products_added AFTER INSERT ON product
  REFERENCING NEW TABLE AS after FOR EACH STATEMENT EXECUTE FUNCTION products_counted();
CREATE TRIGGER products_altered AFTER UPDATE ON product
  REFERENCING OLD TABLE AS before NEW TABLE AS after FOR EACH STATEMENT EXECUTE FUNCTION products_counted();
CREATE TRIGGER products_removed AFTER DELETE ON product
  REFERENCING OLD TABLE AS before FOR EACH STATEMENT EXECUTE FUNCTION products_counted();
-- TRUNCATE has no rows to tell of.
CREATE FUNCTION products_emptied() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM count_products();
  RETURN NULL;
END $$;
CREATE TRIGGER products_emptied AFTER TRUNCATE ON product FOR EACH STATEMENT EXECUTE FUNCTION products_emptied();
SELECT count_products();
