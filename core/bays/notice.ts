import { LONGEST_HEADING } from '../plan/words.ts';
import { link, text } from '../settings/values.ts';
import { setting } from '../settings/setting.ts';
import { contentLine, linkLine, opens, orElse } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { visibilityLine } from '../spec/visibility.ts';
import type { BayKind } from './bayKind.ts';
import { withoutShelves } from './withoutShelves.ts';

const settings = {
  text: {
    words: setting(text(LONGEST_HEADING, 'no text'), '', {
      name: 'Text',
      find: ['words', 'text', 'notice'],
      about: 'Without text the notice is not shown.',
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
    contentLine('text', 'Text', (bay) => [opens(orElse(bay.words, 'Nothing yet'), 'words')]),
    linkLine,
    lookLine,
    visibilityLine,
  ],
  addable: true,
  leads: true,
  named: () => 'Notice',
  atFirst: (id) => ({
    bay: { id, holds: 'notice', words: 'Something every shopper should know' },
    shelves: [],
  }),
  ...withoutShelves,
  pictures: () => [],
  *view({ words, link: to }) {
    return { content: { words, link: to }, empty: !words };
  },
  tones: () => [],
  heads: () => false,
  heightPx: () => NOTICE_PX,
  css: () => '',
};
