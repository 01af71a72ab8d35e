-- Up Migration
-- Messages come by forms of the owner's own as well.
ALTER TABLE message DROP CONSTRAINT message_kind_check;
ALTER TABLE message ADD CONSTRAINT message_kind_check CHECK (kind IN ('order', 'question', 'quote', 'contact'));
