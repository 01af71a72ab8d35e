-- Up Migration

-- Tags by what rules, labels and addresses know them by, and what they are called: another name changes nothing of those.
CREATE TABLE tag (
  number serial PRIMARY KEY,
  id text NOT NULL UNIQUE,
  name text NOT NULL
);
INSERT INTO tag (id, name) SELECT DISTINCT tag, tag FROM product_tag ORDER BY 1;

-- What a product is given first is a tag from then on.
CREATE FUNCTION tags_given() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  INSERT INTO tag (id, name)
    SELECT DISTINCT c.tag, c.tag FROM changed c WHERE NOT EXISTS (SELECT FROM tag t WHERE t.id = c.tag) ORDER BY 1
  ON CONFLICT (id) DO NOTHING;
  RETURN NULL;
END $$;
CREATE TRIGGER tags_given AFTER INSERT ON product_tag
  REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION tags_given();

-- What they are called is shown with anything; one that is new or gone is so with its products.
CREATE TRIGGER announce AFTER UPDATE ON tag FOR EACH STATEMENT EXECUTE FUNCTION announce_as('all');
