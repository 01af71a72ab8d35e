-- Up Migration

-- Drafts and releases that were begun before take the new settings of shelves, bays and pages, as they stood for
-- until now. The first band's id is the key under which values that vary by width begin.
CREATE FUNCTION with_forms(shelf jsonb, band text) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
  SELECT jsonb_build_object(
      'visible', jsonb_build_object(band, 2.5),
      'lastRowAlign', jsonb_build_object(band, 'start'),
      'equalHeights', jsonb_build_object(band, true),
      'moving', jsonb_build_object(
        'step', jsonb_build_object(band, 1), 'arrows', jsonb_build_object(band, true), 'arrowPlace', 'over',
        'arrowSize', jsonb_build_object(band, 40), 'arrowShape', 'round', 'arrowSign', '',
        'marks', jsonb_build_object(band, 'none'), 'play', false, 'restMs', 5000, 'moveMs', 350, 'loop', false,
        'swipe', true, 'drag', true, 'start', 1),
      'slideRatio', jsonb_build_object(band, '16:9'),
      'listPicture', jsonb_build_object(band, 140),
      'spread', jsonb_build_object('items', jsonb_build_object(band, 2), 'facing', jsonb_build_object(band, false)),
      'direction', 'page')
    || (shelf - 'pager')
    || jsonb_build_object(
      'form', jsonb_build_object(band, shelf->'form'),
      'paging', jsonb_build_object('by', shelf->'pager', 'words', 'Show more', 'link', ''),
      'amount', (shelf->'amount') || jsonb_build_object('items', jsonb_build_object(band, shelf->'amount'->'items')),
      'card', (shelf->'card') || jsonb_build_object('picture', jsonb_build_object(
        'by', 'ratio', 'ratio', jsonb_build_object(band, shelf->'card'->'picture'->'ratio'),
        'height', jsonb_build_object(band, 240), 'fit', shelf->'card'->'picture'->'fit')))
$$;
CREATE FUNCTION with_own_width(page jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
  SELECT '{"direction":"language"}'::jsonb || page || jsonb_build_object('bays', coalesce((
    SELECT jsonb_agg(bay || jsonb_build_object('look', '{"ownPx":760,"margin":null}'::jsonb || (bay->'look')) ORDER BY at)
    FROM jsonb_array_elements(page->'bays') WITH ORDINALITY AS all_bays (bay, at)), '[]'))
$$;

UPDATE draft_document SET body = with_forms(body, coalesce((
    SELECT house.body->'bands'->0->>'id' FROM draft_document house WHERE house.key = 'house'), 'phone'))
  WHERE key LIKE 'shelf:%' AND body IS NOT NULL AND body ? 'pager';
UPDATE draft_document SET body = with_own_width(body) WHERE key LIKE 'page:%' AND body IS NOT NULL;
ALTER TABLE release DISABLE TRIGGER release_is_kept;
UPDATE release SET plan = plan
  || jsonb_build_object('shelves', (
    SELECT coalesce(jsonb_object_agg(key, with_forms(value, plan->'house'->'bands'->0->>'id')), '{}') FROM jsonb_each(plan->'shelves')))
  || jsonb_build_object('pages', (
    SELECT coalesce(jsonb_object_agg(key, with_own_width(value)), '{}') FROM jsonb_each(plan->'pages')));
ALTER TABLE release ENABLE TRIGGER release_is_kept;
DROP FUNCTION with_forms(jsonb, text), with_own_width(jsonb);
