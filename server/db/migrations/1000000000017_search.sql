-- Up Migration

-- What the search of the store reads of products (calculations §21), kept by the triggers below.
CREATE TABLE product_search (
  product_id integer PRIMARY KEY REFERENCES product ON DELETE CASCADE,
  -- The title, folded.
  title text COLLATE "C" NOT NULL,
  -- Item codes of the product and of its variants, folded.
  codes text[] NOT NULL,
  -- Title (A); brand, tags, categories, options, codes (B); short text and fields (C); long text (D). Words as they are
  -- written of A and B, and the stems that the store's language makes of all.
  vector tsvector NOT NULL,
  on_sale_from timestamptz NOT NULL
);
CREATE INDEX product_search_vector ON product_search USING gin (vector);
CREATE INDEX product_search_title ON product_search (title);

-- Words of A and B as they are written, for those that are misspelt. One that is in use no longer stays, and finds nothing.
CREATE TABLE search_word (word text COLLATE "C" PRIMARY KEY);
CREATE INDEX search_word_parts ON search_word USING gin (word gin_trgm_ops);

-- The language whose stems are kept.
ALTER TABLE store_figures ADD COLUMN search_language regconfig NOT NULL DEFAULT 'pg_catalog.english';

-- As the core's fold does, for what the core has not folded.
-- As the core's fold does, of what the core has not folded.
CREATE FUNCTION search_fold(said text) RETURNS text LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT btrim(regexp_replace(lower(regexp_replace(normalize(said, NFKD), '[\u0300-\u036f]+', '', 'g')), '[^[:alnum:]]+', ' ', 'g'));
$$;

CREATE FUNCTION refresh_search(wanted integer[]) RETURNS void LANGUAGE plpgsql AS $$
DECLARE language regconfig;
BEGIN
  IF cardinality(wanted) = 0 THEN RETURN; END IF;
  -- One after the other, so that what is written was read after all that was written before.
  PERFORM pg_advisory_xact_lock(731906);
  SELECT search_language INTO language FROM store_figures;
  WITH said AS MATERIALIZED (
    SELECT p.id, p.on_sale_from, search_fold(p.title) AS title, of_codes.codes,
      search_fold(concat_ws(' ', b.name, array_to_string(p.tags, ' '), of_categories.names, of_options.names,
        array_to_string(of_codes.codes, ' '))) AS beside,
      search_fold(concat_ws(' ', x.short_text, of_fields.words)) AS short,
      -- A vector holds a megabyte.
      search_fold(left(coalesce(x.long_text, ''), 50000)) AS long
    FROM product p
    LEFT JOIN product_text x ON x.product_id = p.id
    LEFT JOIN brand b ON b.id = p.brand_id
    CROSS JOIN LATERAL (SELECT string_agg(c.name, ' ') AS names FROM category c
      WHERE c.id = ANY(p.category_path) AND NOT c.catch_all) of_categories
    CROSS JOIN LATERAL (SELECT string_agg(v.name, ' ') AS names FROM option_value v
      WHERE v.id = ANY(p.option_values)) of_options
    CROSS JOIN LATERAL (SELECT string_agg(CASE WHEN f.type = 'yesNo'
        THEN CASE WHEN p.fields -> f.id = 'true' THEN f.name END
        ELSE concat_ws(' ', f.name, p.fields ->> f.id, f.unit) END, ' ') AS words
      FROM field f WHERE p.fields ? f.id) of_fields
    CROSS JOIN LATERAL (SELECT ARRAY(SELECT DISTINCT search_fold(code) FROM (
        SELECT p.code UNION ALL SELECT v.code FROM variant v WHERE v.product_id = p.id) every
      WHERE search_fold(code) <> '') AS codes) of_codes
    WHERE p.id = ANY(wanted)
  ), words AS (
    INSERT INTO search_word (word)
      SELECT DISTINCT word FROM said, unnest(string_to_array(title || ' ' || beside, ' ')) word
      WHERE word ~ '^[[:alpha:]]{3,40}$' ORDER BY 1
    ON CONFLICT DO NOTHING
  )
  INSERT INTO product_search (product_id, title, codes, on_sale_from, vector)
    SELECT id, title, codes, on_sale_from,
      setweight(to_tsvector('simple', title), 'A') || setweight(to_tsvector('simple', beside), 'B')
        || setweight(to_tsvector(language, title), 'A') || setweight(to_tsvector(language, beside), 'B')
        || setweight(to_tsvector(language, short), 'C') || setweight(to_tsvector(language, long), 'D')
    FROM said ORDER BY id
  ON CONFLICT (product_id) DO UPDATE SET title = excluded.title, codes = excluded.codes,
      on_sale_from = excluded.on_sale_from, vector = excluded.vector
    WHERE (product_search.title, product_search.codes, product_search.on_sale_from, product_search.vector)
      IS DISTINCT FROM (excluded.title, excluded.codes, excluded.on_sale_from, excluded.vector);
END $$;

-- Another language has other stems; nothing where it is the same.
CREATE FUNCTION search_in(language regconfig) RETURNS void LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_advisory_xact_lock(731906);
  IF (SELECT search_language FROM store_figures) = language THEN RETURN; END IF;
  UPDATE store_figures SET search_language = language;
  PERFORM refresh_search(ARRAY(SELECT id FROM product));
  PERFORM announce(ARRAY['all']);
END $$;

CREATE FUNCTION search_products_altered() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM refresh_search(ARRAY(SELECT id FROM before o JOIN after n USING (id)
    WHERE (n.title, n.code, n.fields, n.brand_id, n.category_path, n.option_values, n.tags, n.on_sale_from)
      IS DISTINCT FROM (o.title, o.code, o.fields, o.brand_id, o.category_path, o.option_values, o.tags, o.on_sale_from)));
  RETURN NULL;
END $$;
CREATE TRIGGER search_altered AFTER UPDATE ON product
  REFERENCING OLD TABLE AS before NEW TABLE AS after FOR EACH STATEMENT EXECUTE FUNCTION search_products_altered();

CREATE FUNCTION search_products_new() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM refresh_search(ARRAY(SELECT id FROM changed));
  RETURN NULL;
END $$;
CREATE TRIGGER search_new AFTER INSERT ON product
  REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION search_products_new();

CREATE FUNCTION search_products_of() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM refresh_search(ARRAY(SELECT DISTINCT product_id FROM changed));
  RETURN NULL;
END $$;
CREATE TRIGGER search_new AFTER INSERT ON product_text REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION search_products_of();
CREATE TRIGGER search_altered AFTER UPDATE ON product_text REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION search_products_of();
CREATE TRIGGER search_gone AFTER DELETE ON product_text REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION search_products_of();
CREATE TRIGGER search_new AFTER INSERT ON variant REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION search_products_of();
CREATE TRIGGER search_gone AFTER DELETE ON variant REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION search_products_of();

CREATE FUNCTION search_variants_altered() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM refresh_search(ARRAY(SELECT DISTINCT unnest(ARRAY[o.product_id, n.product_id]) FROM before o JOIN after n USING (id)
    WHERE (n.product_id, n.code) IS DISTINCT FROM (o.product_id, o.code)));
  RETURN NULL;
END $$;
CREATE TRIGGER search_altered AFTER UPDATE ON variant
  REFERENCING OLD TABLE AS before NEW TABLE AS after FOR EACH STATEMENT EXECUTE FUNCTION search_variants_altered();

-- What many products are called by.
CREATE FUNCTION search_names_altered() RETURNS trigger LANGUAGE plpgsql AS $$
DECLARE named text[] := ARRAY(SELECT n.id::text FROM before o JOIN after n USING (id)
    WHERE to_jsonb(n) - 'position' IS DISTINCT FROM to_jsonb(o) - 'position');
BEGIN
  IF cardinality(named) = 0 THEN RETURN NULL; END IF;
  IF TG_TABLE_NAME = 'brand' THEN
    PERFORM refresh_search(ARRAY(SELECT id FROM product WHERE brand_id = ANY(named::integer[])));
  ELSIF TG_TABLE_NAME = 'category' THEN
    PERFORM refresh_search(ARRAY(SELECT id FROM product WHERE category_path && named::integer[]));
  ELSIF TG_TABLE_NAME = 'option_value' THEN
    PERFORM refresh_search(ARRAY(SELECT id FROM product WHERE option_values && named::integer[]));
  ELSE
    PERFORM refresh_search(ARRAY(SELECT id FROM product WHERE fields ?| named));
  END IF;
  RETURN NULL;
END $$;
DO $$
DECLARE one text;
BEGIN
  FOREACH one IN ARRAY ARRAY['brand', 'category', 'option_value', 'field'] LOOP
    EXECUTE format('CREATE TRIGGER search_altered AFTER UPDATE ON %I REFERENCING OLD TABLE AS before NEW TABLE AS after FOR EACH STATEMENT EXECUTE FUNCTION search_names_altered()', one);
  END LOOP;
END $$;
CREATE FUNCTION search_fields_other() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM refresh_search(ARRAY(SELECT id FROM product WHERE fields ?| ARRAY(SELECT id FROM changed)));
  RETURN NULL;
END $$;
CREATE TRIGGER search_new AFTER INSERT ON field REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION search_fields_other();
CREATE TRIGGER search_gone AFTER DELETE ON field REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION search_fields_other();

CREATE EXTENSION IF NOT EXISTS fuzzystrmatch;
SELECT refresh_search(ARRAY(SELECT id FROM product));

-- From here on, what a search finds can be another with every change of these.
CREATE TRIGGER announce_new AFTER INSERT ON product_search FOR EACH STATEMENT EXECUTE FUNCTION announce_as('rule.words');
CREATE FUNCTION announce_search_altered() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM announce(ARRAY(SELECT 'rule.words' FROM changed LIMIT 1));
  RETURN NULL;
END $$;
CREATE TRIGGER announce_altered AFTER UPDATE ON product_search
  REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION announce_search_altered();
