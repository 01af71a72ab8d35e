import { valueAt, type Varying } from '../bands/varying.ts';
import { byBand } from '../css/containers.ts';
import { cssString } from '../css/written.ts';
import { string } from '../schema/schema.ts';
import { setting, varying } from '../settings/setting.ts';
import { integer, own, text } from '../settings/values.ts';
import { contentLine, opens, orElse } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { visibilityLine } from '../spec/visibility.ts';
import type { BayKind } from './bayKind.ts';
import { LONGEST_BUTTON } from './textItem.ts';
import { alignLine, alignSetting, type Align } from './stands.ts';
import { withoutShelves } from './withoutShelves.ts';

const settings = {
  text: {
    words: setting(text(LONGEST_BUTTON, 'no text'), '', {
      name: 'Text',
      find: ['text', 'words', 'button', 'jump'],
      about: 'Without text the button is not shown.',
    }),
  },
  link: {
    /** Id of a bay of the same page; empty, or of one that is gone, until another is chosen. */
    target: setting(
      own<string>(string().max(60).defined(), (id, names) => names.bay(id) ?? 'nowhere'),
      '',
      {
        name: 'Jumps to',
        find: ['jump', 'bay', 'scroll', 'target', 'anchor'],
        say: (id, names) => (names.bay(id) ? `jumps to "${names.bay(id)}"` : 'jumps nowhere'),
        stays: true,
      },
    ),
    ms: setting(integer(0, 3_000, 'ms', { step: 100 }), 500, {
      name: 'Time it takes',
      find: ['time', 'speed', 'smooth', 'scroll'],
      about: 'At once for shoppers who want less movement.',
    }),
    offset: varying(integer(0, 300, 'px', { step: 4 }), 0, {
      name: 'Space kept clear above the bay',
      find: ['offset', 'space', 'above', 'fixed', 'sticky'],
    }),
  },
  columns: {
    align: alignSetting('center'),
  },
};

export interface JumpContent {
  words: string;
  /** The id that its target has on the page; null where there is none. */
  to: string | null;
  ms: number;
  offset: Varying<number>;
  align: Varying<Align>;
}

const BUTTON_PX = 46;

/** A button that takes the shopper to another bay of the page. */
export const jumpBay: BayKind<typeof settings, JumpContent> = {
  id: 'jump',
  name: 'Jump button',
  settings,
  defaults: { 'look.above': 16, 'look.below': 16 },
  hasHeading: false,
  elements: ['jumpButton'],
  spec: [
    contentLine('text', 'Text', ({ words }) => [opens(orElse(words, 'Nothing yet'), 'words')]),
    contentLine('link', 'Target', ({ target, ms, offset }, names) => [
      opens(names.bay(String(target)) ? `To "${names.bay(String(target))}"` : 'No bay chosen', 'target'),
      ', ',
      opens(ms === 0 ? 'at once' : `in ${Number(ms) / 1_000} s`, 'ms'),
      ', ',
      opens(
        sayVarying(offset as Varying<number>, names, (px) => `${px} px clear above it`),
        'offset',
      ),
    ]),
    alignLine,
    lookLine,
    visibilityLine,
  ],
  addable: true,
  named: ({ words }) => words || 'Jump button',
  atFirst: (id) => ({ bay: { id, holds: 'jump', words: 'Down to the goods' }, shelves: [] }),
  ...withoutShelves,
  leadsTo: ({ target }) => target,
  pictures: () => [],
  *view({ words, target, ms, offset, align }, { anchorOf }) {
    const to = anchorOf(target);
    return { content: { words, to, ms, offset, align }, empty: words === '' || to === null };
  },
  tones: () => [],
  heads: () => false,
  heightPx: () => BUTTON_PX,
  scripted: () => true,
  css: ({ to, offset, align }, scope, bands) =>
    byBand(
      bands,
      (band) =>
        `${scope} .jump{text-align:${valueAt(align, bands, band)}}` +
        (to === null
          ? ''
          : `[id=${cssString(to)}]{scroll-margin-top:calc(${valueAt(offset, bands, band)}px + var(--stuck,0px))}`),
    ),
};
