import { atomFeed } from './atom.ts';
import type { Feed } from './feed.ts';
import { jsonLdFeed } from './jsonLd.ts';

/** Every feed there is; each is switched on by itself. To add one, write its file and list it here. */
export const feeds: readonly Feed[] = [atomFeed, jsonLdFeed];
