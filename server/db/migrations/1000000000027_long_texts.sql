-- Up Migration

-- Long texts may be written in HTML (core/goods/markup.ts), of which searches find the words alone.
CREATE FUNCTION without_markup(said text) RETURNS text LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT CASE WHEN said LIKE '%<%' AND said ~* '</?(p|div|span|br|h[1-6]|ul|ol|li|blockquote|strong|b|em|i|u|a|table|tbody|tr|td|th|section|article|font|center|small|hr|img|style|script)(\s[^<>]*)?/?>'
    THEN regexp_replace(regexp_replace(said, '<[/!a-zA-Z][^<>]*>', ' ', 'g'), '&(amp|lt|gt);', ' ', 'g')
    ELSE said END;
$$;
DO $$
DECLARE
  was text := pg_get_functiondef('write_search(integer[])'::regprocedure);
  is_now text := replace(was, 'coalesce(x.long_text, '''')', 'without_markup(coalesce(x.long_text, ''''))');
BEGIN
  IF is_now = was THEN RAISE EXCEPTION 'What is searched of long texts is written otherwise.'; END IF;
  EXECUTE is_now;
END $$;
SELECT write_search(ARRAY(SELECT product_id FROM product_text WHERE without_markup(long_text) <> long_text));
