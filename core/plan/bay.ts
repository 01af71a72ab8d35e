import { sayTime } from '../catalogue/clockTime.ts';
import { array, object, string } from '../schema/schema.ts';
import { listed, lowered, type Names } from '../sentence/sentence.ts';
import {
  choice,
  colourOr,
  integer,
  numberChoice,
  inParts,
  own,
  text,
  time,
  yesNo,
} from '../settings/values.ts';
import {
  fromHouse,
  setting,
  varying,
  type Complete,
  type ReadSetting,
  type Setting,
  type Sparse,
} from '../settings/setting.ts';
import { ALIGNS } from '../card/card.ts';
import type { Style } from '../style/styleTree.ts';
import { LONGEST_HEADING } from './words.ts';

const HEADING_STANDS = { above: 'Above', beside: 'Beside what it is about' } as const;

const withoutHeading = (read: ReadSetting) => (read('heading.words') ? null : 'There is no heading');

const unlessSeen = (read: ReadSetting) =>
  withoutHeading(read) ?? (read('heading.shown') ? null : 'The heading is hidden');

/** What can be set of the heading over a bay. */
export const headingSettings = {
  heading: {
    /** Empty words, no heading. */
    words: setting(text(LONGEST_HEADING, 'no heading'), '', {
      name: 'Heading',
      find: ['heading', 'title', 'text'],
      say: (words) => (words ? `headed "${words}"` : 'without a heading'),
      stays: true,
    }),
    level: setting(numberChoice<1 | 2 | 3 | 4>(1, 2, 3, 4), 2, {
      name: 'Heading level',
      find: ['heading', 'level', 'h2'],
      offBecause: withoutHeading,
    }),
    align: setting(choice(ALIGNS), 'start', {
      name: 'Heading alignment',
      find: ['heading', 'align', 'centre'],
      offBecause: unlessSeen,
    }),
    /** Hidden, it is still read aloud, and names the bay. */
    shown: setting(yesNo(), true, {
      name: 'Heading shown',
      find: ['heading', 'title', 'show', 'hide'],
      about: 'Hidden, it is still read aloud.',
      say: (shown) => (shown ? 'heading shown' : 'heading hidden'),
      offBecause: withoutHeading,
    }),
    stands: varying(choice(HEADING_STANDS), 'above', {
      name: 'Where the heading stands',
      find: ['heading', 'above', 'beside', 'place'],
      about: 'Where too little room is left beside it, it stands above.',
      say: (stands) => `heading ${lowered(HEADING_STANDS[stands])}`,
      offBecause: unlessSeen,
    }),
    widthPx: varying(integer(120, 480, 'px', { step: 10 }), 240, {
      name: 'Width of the heading',
      find: ['heading', 'width', 'beside'],
      offBecause: (read) =>
        unlessSeen(read) ??
        (Object.values(read('heading.stands') as object).includes('beside')
          ? null
          : 'The heading stands above'),
    }),
  },
};

const LIES = { over: 'In front', under: 'Behind' } as const;

/** What can be set of the look of every bay. */
export const lookSettings = {
  look: {
    /** As wide as the window, content width, or a greatest width of one's own within that. */
    width: setting(choice({ content: 'Content width', window: 'Full width', own: 'Custom' }), 'content', {
      name: 'Width',
      find: ['width', 'wide', 'window', 'content', 'full'],
    }),
    ownPx: setting(integer(240, 2560, 'px', { step: 10 }), 760, {
      name: 'Custom width, at most',
      find: ['width', 'custom', 'maximum'],
      offBecause: (read) => (read('look.width') === 'own' ? null : 'The width is not custom'),
    }),
    /** Space at each side, px. */
    margin: varying(integer(0, 200, 'px', { step: 4 }), fromHouse('margin'), {
      name: 'Margins at the sides',
      find: ['margin', 'sides', 'space'],
    }),
    /** Null for the page's own. */
    background: setting(colourOr("the page's"), null, { name: 'Background', find: ['background', 'colour'] }),
    above: varying(integer(0, 400, 'px', { step: 4 }), 40, {
      name: 'Space above',
      find: ['space', 'above', 'margin'],
    }),
    below: varying(integer(0, 400, 'px', { step: 4 }), 40, {
      name: 'Space below',
      find: ['space', 'below', 'margin'],
    }),
    /** Px by which it is moved up, over what stands above it. */
    rise: varying(integer(0, 200, 'px', { step: 4 }), 0, {
      name: 'Moved up over what is above',
      find: ['overlap', 'over', 'under', 'up', 'layer', 'behind', 'front'],
      about:
        'Its space above counts too: with 40 px of that, 60 px put its content 20 px over what is above.',
      say: (px) => (px > 0 ? `moved up by ${px} px` : 'not moved up'),
    }),
    lies: setting(choice(LIES), 'over', {
      name: 'Where they meet, it lies',
      find: ['overlap', 'over', 'under', 'layer', 'behind', 'front'],
      say: (lies) => (lies === 'over' ? 'in front of what is above' : 'behind what is above'),
      offBecause: (read) =>
        Object.values(read('look.rise') as object).some((px) => px > 0) ? null : 'It is not moved up',
    }),
  },
};

const bandsOrAll = inParts(
  own<string[] | null>(
    array(string().max(60).required())
      .min(1, 'A bay is shown at one width at least.')
      .max(24)
      .nullable()
      .defined(),
    (bands, names) =>
      bands === null
        ? 'every width'
        : listed(bands.map((id) => names.bands.find((band) => band.id === id)?.name ?? 'a removed width')),
  ),
);

const anchor = own<string>(
  string()
    .matches(
      /^([a-z][a-z0-9]*(-[a-z0-9]+)*)?$/,
      'A name for links has small letters, digits and single hyphens.',
    )
    .notOneOf(['main', 'foot'], 'This name is taken by a part that every page has.')
    .max(40)
    .defined(),
  (value) => (value ? `#${value}` : 'none'),
  { is: 'text', longest: 40, long: false, empty: 'no name' },
);

/** When and where a bay is shown, and what links to it are written with. */
export const visibilitySettings = {
  /** In the sidebar of its page; the header and the footer have none. */
  aside: setting(yesNo(), false, {
    name: 'In the sidebar',
    find: ['sidebar', 'side', 'beside', 'column'],
    about:
      'At which side the sidebar stands, how wide it is and where it goes on narrow screens is in the page settings.',
    say: (aside) => (aside ? 'in the sidebar' : 'not in the sidebar'),
  }),
  /** Null for every one. */
  bands: setting(bandsOrAll, null, {
    name: 'Shown at these widths',
    find: ['phone', 'tablet', 'laptop', 'wide', 'width', 'device', 'visibility'],
    say: (bands, names) =>
      bands === null ? 'shown at every width' : `shown only on ${bandsOrAll.say(bands, names)}`,
  }),
  /** Not on the public page, kept in the draft. */
  hidden: setting(yesNo(), false, {
    name: 'Hidden from shoppers',
    find: ['hide', 'show', 'off', 'visibility'],
    say: (hidden) => (hidden ? 'hidden' : 'shown'),
  }),
  /** By the clocks of the store; null for as long as it is there. */
  from: setting(time('from now on'), null, {
    name: 'Shown from',
    find: ['from', 'time', 'date', 'schedule', 'begin'],
    say: (value) => (value === null ? 'shown from now on' : `shown from ${sayTime(value)}`),
    stays: true,
  }),
  until: setting(time('for good'), null, {
    name: 'Shown until',
    find: ['until', 'time', 'date', 'schedule', 'end'],
    say: (value) => (value === null ? 'shown for good' : `shown until ${sayTime(value)}`),
    stays: true,
  }),
  /** Empty for none. */
  anchor: setting(anchor, '', {
    name: 'Name for links to it',
    find: ['anchor', 'link', 'name', 'jump', '#'],
    about:
      'A link to #name goes to this bay: from this page as it is, from others after the address of the page.',
    stays: true,
  }),
};

/** A bay of a page. */
export interface BayRef {
  page: string;
  bay: string;
}

/** A bay of another page in a sentence. */
export const sayBayOf = ({ page, bay }: BayRef, names: Names): string => {
  const [called, on] = [names.bay(bay), names.page(page)];
  return called && on ? `"${called}" on "${on}"` : 'a removed bay';
};

/** What a bay is told that is the same on several pages. */
export const sameAsSettings = {
  /** The bay of another page that it has its words and its look from; null where those are its own (sameAs.ts). */
  sameAs: setting(
    own<BayRef | null>(
      object({ page: string().max(60).required(), bay: string().max(60).required() })
        .noUnknown()
        .nullable()
        .defined(),
      (ref, names) => (ref === null ? 'its own' : `the same as ${sayBayOf(ref, names)}`),
    ),
    null,
    {
      name: 'Words and look',
      find: ['same', 'together', 'other page', 'header', 'banner', 'follow', 'shared'],
      say: (ref, names) =>
        ref === null ? 'words and look of its own' : `words and look the same as ${sayBayOf(ref, names)}`,
      stays: true,
    },
  ),
};

const TAKES = {
  own: 'As wide as it is',
  rest: 'The room that is left',
  quarter: 'A quarter of the row',
  third: 'A third of the row',
  half: 'Half of the row',
  row: 'The whole row',
} as const;
export type Takes = keyof typeof TAKES;

/** Where a bay stands in the rows of the header or the footer. */
export const placeSettings = {
  place: {
    takes: varying(choice<Takes>(TAKES), 'own', {
      name: 'Width in its row',
      find: ['width', 'row', 'column', 'beside', 'quarter', 'third', 'half'],
      say: (takes) => lowered(TAKES[takes]),
    }),
    side: varying(choice(ALIGNS), 'start', {
      name: 'Where it stands in its room',
      find: ['align', 'side', 'left', 'right', 'middle', 'centre'],
    }),
    /** Read aloud and reached by keys where it is in the order. */
    last: varying(yesNo(), false, {
      name: 'Below all others',
      find: ['last', 'below', 'order', 'row'],
      say: (last) => (last ? 'below all others' : 'in its place'),
    }),
  },
};

/** What every bay has, whatever it holds. */
type BaySettings = typeof headingSettings &
  typeof lookSettings &
  typeof placeSettings &
  typeof sameAsSettings &
  typeof visibilitySettings & { style: Setting<Style> };
export type BayBase = { id: string } & Complete<BaySettings>;
export type StoredBayBase = { id: string } & Sparse<BaySettings>;
export type Heading = BayBase['heading'];
export type BayLook = BayBase['look'];
export type BayPlace = BayBase['place'];
