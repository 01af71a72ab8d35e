-- Up Migration
-- Addresses that something was found at before: of a page of the owner's own, by the id of its document, or of something
-- of the catalogue, by its id there. Whoever comes to one is sent on to where that is now.
CREATE TABLE former_address (
  kind text NOT NULL,
  slug text NOT NULL,
  id text NOT NULL,
  PRIMARY KEY (kind, slug)
);

CREATE FUNCTION keep_former_slug() RETURNS trigger AS $$
BEGIN
  INSERT INTO former_address (kind, slug, id) VALUES (TG_ARGV[0], OLD.slug, OLD.id::text)
  ON CONFLICT (kind, slug) DO UPDATE SET id = excluded.id;
  RETURN NULL;
END $$ LANGUAGE plpgsql;

CREATE TRIGGER category_former_slug AFTER UPDATE OF slug ON category
  FOR EACH ROW WHEN (OLD.slug <> NEW.slug) EXECUTE FUNCTION keep_former_slug('category');
CREATE TRIGGER collection_former_slug AFTER UPDATE OF slug ON collection
  FOR EACH ROW WHEN (OLD.slug <> NEW.slug) EXECUTE FUNCTION keep_former_slug('collection');
CREATE TRIGGER product_former_slug AFTER UPDATE OF slug ON product
  FOR EACH ROW WHEN (OLD.slug <> NEW.slug) EXECUTE FUNCTION keep_former_slug('product');
CREATE TRIGGER entry_former_slug AFTER UPDATE OF slug ON journal_entry
  FOR EACH ROW WHEN (OLD.slug <> NEW.slug) EXECUTE FUNCTION keep_former_slug('entry');
