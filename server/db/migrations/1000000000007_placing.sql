-- Up Migration

-- Drafts and releases that were begun before take the settings of where texts stand, of frames, of heights by the
-- screen, and of the look of arrows and marks, as they stood for until now.
CREATE FUNCTION with_placing(shelf jsonb, band text) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
  SELECT jsonb_build_object('slideBy', 'ratio', 'slideScreen', jsonb_build_object(band, 70))
    || shelf
    || jsonb_build_object(
      'moving', '{"comes":"moves"}'::jsonb
        || jsonb_build_object(
          'arrowLook', '{"ink":null,"ground":null,"edge":false,"offset":8}'::jsonb,
          'markLook', '{"ink":null,"current":null,"size":9,"shape":"round"}'::jsonb)
        || (shelf->'moving'),
      'card', jsonb_build_object(
          'text', jsonb_build_object(
            'side', jsonb_build_object(band, 'under'), 'share', jsonb_build_object(band, 50),
            'reach', jsonb_build_object(band, 0), 'ground', 'light', 'when', 'always', 'comes', 'fades'),
          'frame', 'plain',
          'inside', jsonb_build_object(band, 12))
        || (shelf->'card')
        || jsonb_build_object('picture',
          jsonb_build_object('screen', jsonb_build_object(band, 50)) || (shelf->'card'->'picture')))
$$;

UPDATE draft_document SET body = with_placing(body, coalesce((
    SELECT house.body->'bands'->0->>'id' FROM draft_document house WHERE house.key = 'house'), 'phone'))
  WHERE key LIKE 'shelf:%' AND body IS NOT NULL;
ALTER TABLE release DISABLE TRIGGER release_is_kept;
UPDATE release SET plan = plan
  || jsonb_build_object('shelves', (
    SELECT coalesce(jsonb_object_agg(key, with_placing(value, plan->'house'->'bands'->0->>'id')), '{}') FROM jsonb_each(plan->'shelves')));
ALTER TABLE release ENABLE TRIGGER release_is_kept;
DROP FUNCTION with_placing(jsonb, text);
