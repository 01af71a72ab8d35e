import { string } from '../schema/schema.ts';
import { choice, name, own } from '../settings/values.ts';
import { setting, type Complete, type Sparse } from '../settings/setting.ts';
import type { Bay, StoredBay } from '../bays/index.ts';
import { LONGEST_NAME } from './words.ts';

const slug = own<string>(
  string()
    .matches(/^([a-z0-9]+(-[a-z0-9]+)*)?$/, 'An address has small letters, digits and single hyphens.')
    .max(80)
    .defined(),
  (value) => (value ? `/page/${value}` : 'no address'),
  { is: 'text', longest: 80, long: false, empty: 'no address' },
);

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
    offBecause: (read) => (read('kind') === 'own' ? null : 'This page has an address of its kind'),
  }),
};

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
