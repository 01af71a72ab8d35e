-- Up Migration

-- Documents of drafts and releases are brought to the newest format when they are read (core/plan/upgrades).
SELECT 1;
