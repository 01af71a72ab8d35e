-- Up Migration
-- A message that was removed can be put back for a while.
ALTER TABLE message ADD COLUMN removed_at timestamptz;
CREATE INDEX message_removed ON message (removed_at) WHERE removed_at IS NOT NULL;
-- It was never read: icons are set with the arrangement.
ALTER TABLE category DROP COLUMN icon;
