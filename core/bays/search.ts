import type { Bands } from '../bands/bands.ts';
import { bandAt } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { linesOf, widthOf } from '../card/text.ts';
import type { TextSize } from '../card/textSize.ts';
import { byBand } from '../css/containers.ts';
import { innerWidth, type Room } from '../geometry/steps.ts';
import { sayFound } from '../search/sayFound.ts';
import { setting, varying } from '../settings/setting.ts';
import { choice, integer, yesNo } from '../settings/values.ts';
import { contentLine, opens } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { textsFor } from '../texts/index.ts';
import { withHeading } from '../view/headingHeight.ts';
import { lowered } from '../sentence/sentence.ts';
import type { BayKind } from './bayKind.ts';
import { withoutShelves } from './withoutShelves.ts';

const SHOWN = { field: 'As a field', link: 'As a link with an icon' } as const;
type Shown = keyof typeof SHOWN;

const settings = {
  columns: {
    shown: varying(choice<Shown>(SHOWN), 'field', {
      name: 'Shown',
      find: ['field', 'icon', 'search', 'show'],
      about: 'It links to the page of searches, where the field is.',
    }),
    fieldPx: varying(integer(160, 720, 'px', { step: 10 }), 280, {
      name: 'Width of the field',
      find: ['width', 'field', 'search'],
      offBecause: (read) =>
        Object.values(read('shown') as Varying<Shown>).includes('field') ? null : 'There is no field',
    }),
    suggests: setting(yesNo(), true, {
      name: 'Suggests while it is typed',
      find: ['suggestions', 'typing', 'autocomplete', 'complete'],
      say: (suggests) => (suggests ? 'suggests while it is typed' : 'without suggestions'),
    }),
  },
};

export interface SearchContent {
  /** What is searched on this page; empty elsewhere. */
  words: string;
  /** What is said of how it was found; empty where it was found as it was typed. */
  said: string;
  button: string;
  shown: Varying<Shown>;
  fieldPx: Varying<number>;
  suggests: boolean;
  room: Room;
}

/** As the sheet of the storefront has them, px. */
const TEXT: TextSize = { fontPx: 15, linePx: 22.5, weight: 400 };
const BUTTON_TEXT: TextSize = { ...TEXT, weight: 560 };
const CONTROL_PX = 40;
const BUTTON_ENDS_PX = 28;
const LEAST_FIELD_PX = 110;
const LINK_PX = 24;
const SAID_GAP_PX = 12;

const isField = ({ shown }: SearchContent, bands: Bands, band: string): boolean =>
  valueAt(shown, bands, band) === 'field';

const buttonPx = ({ button }: SearchContent): number => widthOf(button, BUTTON_TEXT) + BUTTON_ENDS_PX;

function heightIn(content: SearchContent, bands: Bands, band: string, widthPx: number): number {
  const field = isField(content, bands, band) ? CONTROL_PX : LINK_PX;
  return content.said ? field + SAID_GAP_PX + linesOf(content.said, TEXT, widthPx) * TEXT.linePx : field;
}

/** The field in which shoppers search the store. */
export const searchBay: BayKind<typeof settings, SearchContent> = {
  id: 'search',
  name: 'Search field',
  settings,
  defaults: { 'look.above': 0, 'look.below': 0, 'heading.level': 3 },
  hasHeading: true,
  elements: ['ownLink'],
  spec: [
    contentLine('columns', 'Layout', ({ shown, fieldPx, suggests }, names) => [
      opens(
        sayVarying(shown as Varying<Shown>, names, (one) => SHOWN[one]),
        'shown',
      ),
      ', ',
      opens(
        sayVarying(fieldPx as Varying<number>, names, (px) => `${px} px wide`),
        'fieldPx',
      ),
      ', ',
      opens(lowered(suggests ? 'Suggests while it is typed' : 'Without suggestions'), 'suggests'),
    ]),
    lookLine,
    visibilityLine,
  ],
  addable: true,
  aroundPages: true,
  named: ({ heading }) => heading.words || 'Search field',
  atFirst: (id) => ({ bay: { id, holds: 'search' }, shelves: [] }),
  ...withoutShelves,
  pictures: () => [],
  *view({ shown, fieldPx, suggests }, { room, aroundPages, about: { search }, plan }) {
    const texts = textsFor(plan.house);
    return {
      content: {
        words: search?.words ?? '',
        said: search && !aroundPages ? sayFound(search, texts) : '',
        button: texts.searchNow,
        shown,
        fieldPx,
        suggests,
        room,
      },
      empty: false,
    };
  },
  tones: () => [],
  heads: (_, heading) => heading.words !== '' && heading.level === 1,
  scripted: ({ suggests }) => suggests,
  ownPx: (content, bands, band) =>
    isField(content, bands, band) ? valueAt(content.fieldPx, bands, band) : LINK_PX,
  leastPx: (content, bands, band) =>
    isField(content, bands, band) ? LEAST_FIELD_PX + buttonPx(content) : LINK_PX,
  heightIn: (content, heading, bands, band, widthPx) =>
    withHeading(heading, bands, widthPx, heightIn(content, bands, band, widthPx)),
  heightPx: (content, heading, bands, regionPx) => {
    const band = bandAt(bands, regionPx).id;
    const innerPx = innerWidth(content.room, bands, band, regionPx);
    return withHeading(heading, bands, regionPx, heightIn(content, bands, band, innerPx));
  },
  css: ({ shown, fieldPx }, scope, bands) =>
    byBand(bands, (band) => {
      const field = valueAt(shown, bands, band) === 'field';
      return `${scope}{--field:${valueAt(fieldPx, bands, band)}px;--searched:${field ? 'flex' : 'none'};--search-link:${field ? 'none' : 'flex'}}`;
    }),
};
