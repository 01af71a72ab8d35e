-- Up Migration

-- Lists are sorted by item code too.
CREATE OR REPLACE FUNCTION announce_products_altered() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM announce(ARRAY(
    SELECT DISTINCT name FROM before o JOIN after n USING (id), unnest(ARRAY[
      'product.' || id,
      CASE WHEN n.title_key <> o.title_key THEN 'rule.titleKey' END,
      CASE WHEN n.code <> o.code THEN 'rule.code' END,
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
