-- Up Migration

-- What cards are likeliest to fail on, kept beside the product so that the hardest of many are found in one pass:
-- how long its title is, and the shape of its first picture, width to height; none for a product without one.
ALTER TABLE product ADD COLUMN title_length integer NOT NULL GENERATED ALWAYS AS (char_length(title)) STORED;
ALTER TABLE product ADD COLUMN picture_ratio real;

CREATE FUNCTION refresh_picture_ratios(wanted integer[]) RETURNS void LANGUAGE sql AS $$
  UPDATE product p SET picture_ratio = r.ratio
  FROM (
    SELECT of AS id, (SELECT pic.width::real / pic.height FROM product_picture pp JOIN picture pic ON pic.id = pp.picture_id
      WHERE pp.product_id = of ORDER BY pp.position LIMIT 1) AS ratio
    FROM unnest(wanted) of
  ) r
  WHERE p.id = r.id AND p.picture_ratio IS DISTINCT FROM r.ratio;
$$;
CREATE FUNCTION product_pictures_changed() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM refresh_picture_ratios(ARRAY(SELECT DISTINCT product_id FROM changed));
  RETURN NULL;
END $$;
CREATE TRIGGER ratios_added AFTER INSERT ON product_picture
  REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION product_pictures_changed();
CREATE TRIGGER ratios_altered AFTER UPDATE ON product_picture
  REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION product_pictures_changed();
CREATE TRIGGER ratios_removed AFTER DELETE ON product_picture
  REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION product_pictures_changed();

SELECT refresh_picture_ratios(ARRAY(SELECT id FROM product));
