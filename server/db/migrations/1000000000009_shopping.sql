-- Up Migration

-- What names an order to the shopper who placed it: made by the page it was placed from, so that the same form sent
-- twice is one order.
ALTER TABLE shop_order ADD COLUMN token uuid UNIQUE;

-- Messages that a store would send or be sent by mail; nothing leaves the machine.
CREATE TABLE message (
  id integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
  at timestamptz NOT NULL,
  kind text NOT NULL CHECK (kind IN ('order', 'question', 'quote')),
  -- Who it is from, or for: a shopper.
  name text NOT NULL,
  email text NOT NULL,
  subject text NOT NULL,
  body text NOT NULL,
  product_id integer REFERENCES product ON DELETE SET NULL,
  order_id integer REFERENCES shop_order ON DELETE CASCADE,
  read_at timestamptz
);
CREATE INDEX message_newest ON message (at DESC, id DESC);

-- Lists that go by what was sold change with an order, and so does what is said of a product's sales.
CREATE FUNCTION announce_sold() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM announce(ARRAY(SELECT DISTINCT 'sold.' || product_id FROM arrived)
    || ARRAY['rule.soldByDay', 'rule.lastSoldAt', 'rule.orders', 'rule.boughtWith']);
  RETURN NULL;
END $$;
CREATE TRIGGER announce_sold AFTER INSERT ON order_line
  REFERENCING NEW TABLE AS arrived FOR EACH STATEMENT EXECUTE FUNCTION announce_sold();

ALTER TABLE journal_entry ADD COLUMN author text NOT NULL DEFAULT '';
