-- Up Migration

-- What the list of all products is narrowed by: an item code by its beginning, and which have a short description.
CREATE INDEX product_code ON product (lower(code) text_pattern_ops);
CREATE INDEX product_text_short ON product_text (product_id) WHERE short_text <> '';
CREATE INDEX product_price ON product (price, id);
