-- Up Migration

-- Goods that were put in to try layouts with, and are taken out together.
CREATE TABLE sample_product (product_id integer PRIMARY KEY REFERENCES product ON DELETE CASCADE);
CREATE TABLE sample_category (category_id integer PRIMARY KEY REFERENCES category ON DELETE CASCADE);
CREATE TABLE sample_picture (picture_id text PRIMARY KEY REFERENCES picture ON DELETE CASCADE);
