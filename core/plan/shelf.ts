import {
  assortmentSettings,
  completeAssortment,
  type Assortment,
  type StoredAssortment,
} from '../assortment/assortment.ts';
import { OFS, type Of } from '../assortment/of.ts';
import { DRESSED, insteadSchema, type Instead } from '../card/instead.ts';
import { counted } from '../sentence/sentence.ts';
import { complete, type Around } from '../settings/complete.ts';
import { joined } from '../settings/merged.ts';
import { inParts, name, own, yesNo } from '../settings/values.ts';
import {
  placed,
  setting,
  type Complete,
  type LineId,
  type PlacedSetting,
  type Sparse,
  type Tree,
} from '../settings/setting.ts';
import { string } from '../schema/schema.ts';
import { rulesTree } from '../rules/rulesTree.ts';
import { keptStyle } from '../style/keptStyle.ts';
import { styleTree } from '../style/styleTree.ts';
import { columnsSettings, layoutSettings, shelfCardSettings } from './shelfSettings.ts';
import { toolsSettings } from './toolsSettings.ts';
import { LONGEST_NAME } from './words.ts';

const showsSettings = {
  /** The name in the owner's own list. */
  name: setting(name(LONGEST_NAME, 'A shelf needs a name.'), 'Shelf', {
    name: 'Name in your list',
    find: ['name'],
    say: (value) => `named "${value}"`,
    stays: true,
  }),
  /** The saved assortment that it shows; null while it shows one of its own. */
  assortmentId: setting(
    own<string | null>(string().max(60).nullable().defined(), (id, names) =>
      id === null ? 'this shelf only' : `"${names.assortment(id) ?? 'a removed assortment'}"`,
    ),
    null,
    { name: 'Assortment', find: ['saved', 'assortment', 'shared'] },
  ),
  /** Leave out what bays above it show on their first page. */
  notTwice: setting(yesNo(), false, {
    name: 'Leave out what is shown above',
    find: ['twice', 'same', 'above', 'repeat'],
    items: ['products', 'categories', 'collections', 'entries'],
  }),
  /** What its cards show instead of what the catalogue has. */
  instead: setting(
    inParts(
      own<Instead[]>(insteadSchema, (list) =>
        list.length ? `for ${counted(list.length, 'card')} of this shelf` : 'none',
      ),
    ),
    [],
    {
      name: 'Own texts and pictures',
      find: ['own', 'picture', 'title', 'description', 'instead', 'header'],
      about: 'On this shelf alone; what the catalogue has stays.',
      items: DRESSED,
      stays: true,
    },
  ),
};

const likeSettings = {
  /** The shelf that it has its layout, columns, card and look from; null where those are its own (like.ts). */
  like: setting(
    own<string | null>(string().max(60).nullable().defined(), (id, names) =>
      id === null ? 'its own' : `as "${names.shelf(id) ?? 'a removed shelf'}"`,
    ),
    null,
    {
      name: 'Layout and look',
      find: ['layout', 'look', 'tab', 'apart', 'same'],
      say: (id, names) =>
        id === null
          ? 'layout and look of its own'
          : `layout and look as "${names.shelf(id) ?? 'a removed shelf'}"`,
      stays: true,
    },
  ),
};

const shelfStyle = styleTree('shelf');
const shelfRules = rulesTree('Own rules of the shelf');

const lines = {
  shows: showsSettings,
  layout: { ...likeSettings, ...layoutSettings },
  columns: columnsSettings,
  card: shelfCardSettings,
  tools: toolsSettings,
  look: { ...shelfStyle, ...shelfRules } as unknown as Tree,
};

/** What can be set of a shelf, besides what it shows. */
export const shelfTree = joined(
  showsSettings,
  likeSettings,
  layoutSettings,
  columnsSettings,
  shelfCardSettings,
  toolsSettings,
  shelfStyle,
  shelfRules,
);

/** One display of one assortment; it can be in several bays. */
export interface Shelf extends Complete<typeof shelfTree> {
  id: string;
  /** Its own; kept while a saved one is shown. */
  assortment: Assortment;
}

export interface StoredShelf extends Sparse<typeof shelfTree> {
  id: string;
  assortment?: StoredAssortment;
}

const settings = new Map<Of, PlacedSetting[]>(
  OFS.map((of) => [
    of,
    [
      ...placed('shelf', 'shows', { assortment: assortmentSettings[of] }),
      ...Object.entries<Tree>(lines).flatMap(([line, tree]) => placed('shelf', line as LineId, tree)),
    ],
  ]),
);

/** Every setting of a shelf whose own assortment is of a kind, each with its place. */
export const shelfSettings = (of: Of): readonly PlacedSetting[] => settings.get(of)!;

const all: StoredAssortment = { of: 'products' };

/** The shelf's own assortment as it is stored. */
export const ownAssortment = (stored: StoredShelf): StoredAssortment => stored.assortment ?? all;

export function completeShelf(stored: StoredShelf, around: Around): Shelf {
  const made = complete(shelfTree, stored, around);
  return {
    ...made,
    style: keptStyle(stored.style, around.bands, made.style),
    id: stored.id,
    assortment: completeAssortment(ownAssortment(stored)),
  };
}

export type Paging = Shelf['paging'];
export type Moving = Shelf['moving'];
export type LastRow = Shelf['lastRow'][string];
export type Align = Shelf['lastRowAlign'][string];
