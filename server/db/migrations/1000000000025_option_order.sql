-- Up Migration

-- The owner's own order of options; those that were there stand by their age.
ALTER TABLE option ADD COLUMN position integer NOT NULL DEFAULT 0;
