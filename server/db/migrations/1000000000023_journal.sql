-- Up Migration

-- The text of an entry is paragraphs, headings, lists and shelves; what is being written is kept beside it until it is saved.
ALTER TABLE journal_entry
  ADD COLUMN text jsonb NOT NULL DEFAULT '[]',
  ADD COLUMN draft jsonb,
  ADD COLUMN hidden boolean NOT NULL DEFAULT false;
UPDATE journal_entry SET text = coalesce((
  SELECT jsonb_agg(jsonb_build_object('type', 'paragraph', 'content', jsonb_build_array(
    jsonb_build_object('type', 'text', 'text', paragraph))) ORDER BY at)
  FROM unnest(string_to_array(body, E'\n\n')) WITH ORDINALITY AS one (paragraph, at)
  WHERE btrim(paragraph) <> ''), '[]');
ALTER TABLE journal_entry DROP COLUMN body;

-- What is being written shows nowhere, so that nobody is told of it.
DROP TRIGGER announce ON journal_entry;
CREATE TRIGGER announce AFTER INSERT OR DELETE
  OR UPDATE OF slug, title, summary, text, picture_id, published_at, hidden, tags, author ON journal_entry
  FOR EACH STATEMENT EXECUTE FUNCTION announce_as('entries');
