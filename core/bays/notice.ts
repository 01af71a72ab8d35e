import { LONGEST_HEADING } from '../plan/words.ts';
import { cssString } from '../css/written.ts';
import { link, text, yesNo } from '../settings/values.ts';
import { setting } from '../settings/setting.ts';
import { contentLine, linkLine, opens, orElse } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { closedKey } from './closedKey.ts';
import type { BayKind } from './bayKind.ts';
import { withoutShelves } from './withoutShelves.ts';

const settings = {
  text: {
    words: setting(text(LONGEST_HEADING, 'no text'), '', {
      name: 'Text',
      find: ['words', 'text', 'notice'],
      about: 'Without text the notice is not shown.',
    }),
    closable: setting(yesNo(), false, {
      name: 'Shoppers can close it',
      find: ['close', 'dismiss', 'hide'],
      about: 'It stays closed on their device until it says something else.',
      say: (closable) => (closable ? 'can be closed by shoppers' : 'cannot be closed'),
    }),
  },
  link: {
    link: setting(link(), '', { name: 'Link', find: ['link', 'leads', 'address'] }),
  },
};

export interface NoticeContent {
  words: string;
  /** Where it leads; empty for nowhere. */
  link: string;
  /** What it is kept in mind by once it was closed; null where it stays. */
  closes: string | null;
}

const NOTICE_PX = 41;

/** One line of text across the page. */
export const noticeBay: BayKind<typeof settings, NoticeContent> = {
  id: 'notice',
  name: 'Notice',
  settings,
  defaults: { 'look.width': 'window', 'look.background': '#2b3a55', 'look.above': 0, 'look.below': 0 },
  hasHeading: false,
  elements: ['notice'],
  spec: [
    contentLine('text', 'Text', ({ words, closable }) => [
      opens(orElse(words, 'Nothing yet'), 'words'),
      ...(closable ? [', ', opens('can be closed', 'closable')] : []),
    ]),
    linkLine,
    lookLine,
    visibilityLine,
  ],
  addable: true,
  alike: true,
  aroundPages: true,
  leads: true,
  named: () => 'Notice',
  atFirst: (id) => ({
    bay: { id, holds: 'notice', words: 'Something every shopper should know' },
    shelves: [],
  }),
  ...withoutShelves,
  pictures: () => [],
  *view({ id, words, link: to, closable }) {
    const closes = closable ? closedKey(id, words, to) : null;
    return { content: { words, link: to, closes }, empty: !words };
  },
  scripted: ({ closes }) => closes !== null,
  keepsClosed: ({ closes }) => closes !== null,
  tones: () => [],
  heads: () => false,
  heightPx: () => NOTICE_PX,
  css: ({ closes }, scope) =>
    closes === null ? '' : `[data-closed~=${cssString(closes)}] ${scope}{display:none}`,
};
