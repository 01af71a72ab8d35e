-- Up Migration

-- Filters look at every variant of a product, and not only at the one that is shown: what it costs, whether there is any
-- of it, and what it is in each option. Stock that goes from five to four changes nothing of that.
CREATE FUNCTION announce_variants_altered() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM announce(ARRAY(SELECT DISTINCT 'rule.variants' FROM before o JOIN after n USING (id)
    WHERE (n.product_id, coalesce(n.reduced, n.price), n.stock IS NULL OR n.stock > 0)
      IS DISTINCT FROM (o.product_id, coalesce(o.reduced, o.price), o.stock IS NULL OR o.stock > 0)));
  RETURN NULL;
END $$;
CREATE TRIGGER announce_altered_rules AFTER UPDATE ON variant
  REFERENCING OLD TABLE AS before NEW TABLE AS after FOR EACH STATEMENT EXECUTE FUNCTION announce_variants_altered();
CREATE TRIGGER announce_rules AFTER INSERT OR DELETE ON variant FOR EACH STATEMENT EXECUTE FUNCTION announce_as('rule.variants');
CREATE TRIGGER announce_rules AFTER INSERT OR UPDATE OR DELETE ON variant_value FOR EACH STATEMENT EXECUTE FUNCTION announce_as('rule.variants');
