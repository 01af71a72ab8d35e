import { pageKind } from '../pages/index.ts';
import { plainPage } from '../pages/pageKind.ts';
import { boolean, number, string } from '../schema/schema.ts';
import { ALIGNS } from '../card/card.ts';
import { choice, colourOr, integer, name, own, text, yesNo } from '../settings/values.ts';
import {
  byWidth,
  setting,
  varying,
  type Complete,
  type ReadSetting,
  type Sparse,
} from '../settings/setting.ts';
import { styleTree } from '../style/styleTree.ts';
import type { Bay, StoredBay } from '../bays/index.ts';
import { lowered } from '../sentence/sentence.ts';
import { LONGEST_NAME } from './words.ts';

const slug = own<string>(
  string()
    .matches(/^([a-z0-9]+(-[a-z0-9]+)*)?$/, 'An address has small letters, digits and single hyphens.')
    .max(80)
    .defined(),
  (value) => (value ? `/page/${value}` : 'no address'),
  { is: 'text', longest: 80, long: false, empty: 'no address' },
);

const notOwn = (read: ReadSetting) =>
  read('kind') === 'own' ? null : 'This page has an address of its kind';

export const SIDE_STANDS = {
  start: 'At the start',
  end: 'At the end',
  under: 'Under the page',
  button: 'Behind a button',
} as const;
export type SideStands = keyof typeof SIDE_STANDS;

const withoutSide = (read: ReadSetting) =>
  (read('bays') as readonly { aside?: boolean }[]).some(({ aside }) => aside)
    ? null
    : 'No bay is set to stand in the sidebar';

/** As much as search results show, and a little more. */
const LONGEST_DESCRIPTION = 320;

/** What can be set of a page. */
export const pageSettings = {
  /** Heads the page where it has no banner, and its title in a browser. */
  name: setting(name(LONGEST_NAME, 'A page needs a name.'), 'Page', {
    name: 'Name of the page',
    find: ['name', 'title'],
    say: (value) => `named "${value}"`,
  }),
  /** Reading direction: the language's, or its own. */
  direction: setting(
    choice({ language: 'As the language', ltr: 'Left to right', rtl: 'Right to left' }),
    'language',
    { name: 'Reading direction', find: ['right to left', 'rtl', 'direction'] },
  ),
  /** Where it stands below /page/; of the owner's own pages only. */
  slug: setting(slug, '', {
    name: 'Address of the page',
    find: ['address', 'slug'],
    offBecause: notOwn,
    stays: true,
  }),
  /** Id of the one thing that it is arranged for; null for all of its kind. */
  about: setting(
    own<number | null>(number().integer().min(1).nullable().defined(), (about) =>
      about === null ? 'all of its kind' : 'one of its kind',
    ),
    null,
    { name: 'Arranged for', stays: true },
  ),
  /** What it is about, for search results; empty for what its bays say. */
  description: setting(text(LONGEST_DESCRIPTION, 'what its bays say'), '', {
    name: 'Description for search results',
    find: ['description', 'search', 'meta', 'google'],
    offBecause: (read) =>
      pageKind(String(read('kind'))).needs === null || read('about') !== null
        ? null
        : 'What each of these pages is about is said there',
    stays: true,
  }),
  /** How wide its content is at most. */
  width: setting(choice({ store: 'As the store', own: 'Custom' }), 'store', {
    name: 'Content width',
    find: ['width', 'wide', 'content', 'narrow'],
  }),
  ownPx: setting(integer(320, 2560, 'px', { step: 10 }), 960, {
    name: 'Custom content width, at most',
    find: ['width', 'custom', 'maximum'],
    offBecause: (read) => (read('width') === 'own' ? null : 'The content is as wide as that of the store'),
  }),
  /** Its bays stand on one sheet of content width, with the background around it. */
  framed: setting(yesNo(), false, {
    name: 'Framed panel',
    find: ['frame', 'panel', 'box', 'border'],
    about: 'All bays stand on one sheet, and the background is seen beside it.',
    say: (framed) => (framed ? 'on a framed panel' : 'without a frame'),
  }),
  /** Its own name over its bays, where none of them heads it. */
  headed: setting(yesNo(), true, {
    name: 'Heading',
    find: ['heading', 'title', 'name', 'show'],
    about:
      'The name of the page above its bays, unless one of them heads it. Hidden, it is still read aloud.',
    say: (headed) => (headed ? 'with its heading' : 'heading hidden'),
  }),
  headingAlign: setting(choice(ALIGNS), 'start', {
    name: 'Heading alignment',
    find: ['heading', 'align', 'centre'],
    offBecause: (read) => (read('headed') ? null : 'The heading is hidden'),
  }),
  /** The bays that are set to stand in it; without any there is none. */
  side: {
    stands: varying(choice(SIDE_STANDS), byWidth('under', { 800: 'start' }), {
      name: 'Sidebar',
      find: ['sidebar', 'side', 'beside', 'column', 'left', 'right'],
      about:
        'Bays stand in it that are set to under Visibility. Where too little room is left beside it, it stands under the page.',
      say: (stands) => `sidebar ${lowered(SIDE_STANDS[stands])}`,
      offBecause: withoutSide,
    }),
    widthPx: varying(integer(160, 480, 'px', { step: 10 }), 260, {
      name: 'Width of the sidebar',
      find: ['sidebar', 'width'],
      offBecause: withoutSide,
    }),
    gap: varying(integer(0, 120, 'px', { step: 4 }), 40, {
      name: 'Space beside the sidebar',
      find: ['sidebar', 'gap', 'space', 'between'],
      offBecause: withoutSide,
    }),
  },
  breadcrumb: setting(yesNo(), true, {
    name: 'Breadcrumb',
    find: ['breadcrumb', 'trail', 'path', 'way'],
    say: (shown) => (shown ? 'with a breadcrumb' : 'without a breadcrumb'),
    offBecause: (read) =>
      pageKind(String(read('kind'))).trail === plainPage.trail ? 'Nothing stands above this page' : null,
  }),
  /** Null for that of the store. */
  background: setting(colourOr("the store's"), null, {
    name: 'Background',
    find: ['background', 'colour'],
  }),
  /** Of the header: it stays at the top while a page is scrolled. */
  sticks: varying(yesNo(), false, {
    name: 'Stays at the top',
    find: ['sticky', 'fixed', 'top', 'scroll', 'stays'],
    about: 'While shoppers scroll, the header stays in sight.',
    say: (sticks) => (sticks ? 'stays at the top' : 'scrolls with the page'),
  }),
  /** Of header and footer. */
  between: varying(integer(0, 120, 'px', { step: 4 }), 24, {
    name: 'Space between bays',
    find: ['gap', 'space', 'between'],
  }),
  ends: varying(integer(0, 160, 'px', { step: 4 }), 12, {
    name: 'Space above and below',
    find: ['space', 'height', 'padding', 'above', 'below'],
  }),
  unlisted: setting(yesNo(), false, {
    name: 'Hidden from search engines',
    find: ['search', 'hide', 'index', 'robots'],
    say: (unlisted) => (unlisted ? 'hidden from search engines' : 'found by search engines'),
  }),
  /** Kept, and nowhere to be seen, until it is brought back; of the owner's own pages only. */
  removed: setting(
    own<boolean>(boolean().defined(), (removed) => (removed ? 'deleted' : 'there')),
    false,
    {
      name: 'Deleted',
      say: (removed) => (removed ? 'the page is deleted' : 'the page is brought back'),
      stays: true,
    },
  ),
  /** Of all that stands on it, in the place of the house's. */
  ...styleTree('page'),
};

/** Whether a page is deleted for now; a page of its kind always stays. */
export const isRemoved = ({ kind, removed }: Pick<StoredPage, 'kind' | 'removed'>): boolean =>
  removed === true && pageKind(kind).many;

export interface Page extends Complete<typeof pageSettings> {
  id: string;
  /** Of `pageKinds`. */
  kind: string;
  bays: Bay[];
}

export interface StoredPage extends Sparse<typeof pageSettings> {
  id: string;
  kind: string;
  bays: StoredBay[];
}

export const MOST_BAYS = 60;
