import {
  headingSettings,
  lookSettings,
  placeSettings,
  sameAsSettings,
  sayBayOf,
  visibilitySettings,
} from '../plan/bay.ts';
import { joined, merged, withDefaults, type Lines } from '../settings/merged.ts';
import { placed, type LineId, type PlacedSetting, type Tree } from '../settings/setting.ts';
import { opens } from '../spec/content.ts';
import type { Line } from '../spec/line.ts';
import { lookAroundLine } from '../spec/look.ts';
import { placeLine } from '../spec/place.ts';
import { styleTree } from '../style/styleTree.ts';
import { askBay } from './ask.ts';
import { bannerBay } from './banner.ts';
import { bannersBay } from './banners.ts';
import { basketBay } from './basket.ts';
import type { BayKind, BayOf, StoredBayOf } from './bayKind.ts';
import { checkoutBay } from './checkout.ts';
import { contactBay } from './contact.ts';
import { entryBay } from './entry.ts';
import { jumpBay } from './jump.ts';
import { lineBay } from './line.ts';
import { linksBay } from './links.ts';
import { menuBay } from './menu.ts';
import { noticeBay } from './notice.ts';
import { orderBay } from './order.ts';
import { ordersBay } from './orders.ts';
import { ownLinksBay } from './ownLinks.ts';
import { pictureTextBay } from './pictureText.ts';
import { productBay } from './product.ts';
import { reviewsBay } from './reviews.ts';
import { searchBay } from './search.ts';
import { shelfBay } from './shelf.ts';
import { storeNameBay } from './storeName.ts';
import { tabsBay } from './tabs.ts';
import { wordsBay } from './words.ts';

/** Everything a bay can hold, in the order offered; to add a kind, write its file and list it here. */
const kinds = {
  shelf: shelfBay,
  tabs: tabsBay,
  banner: bannerBay,
  banners: bannersBay,
  pictureText: pictureTextBay,
  words: wordsBay,
  notice: noticeBay,
  links: linksBay,
  line: lineBay,
  jump: jumpBay,
  reviews: reviewsBay,
  contact: contactBay,
  search: searchBay,
  product: productBay,
  entry: entryBay,
  basket: basketBay,
  checkout: checkoutBay,
  order: orderBay,
  orders: ordersBay,
  ask: askBay,
  storeName: storeNameBay,
  menu: menuBay,
  ownLinks: ownLinksBay,
};

type Kinds = typeof kinds;
export type BayHolds = keyof Kinds;

type SettingsOf<K extends BayHolds> = Kinds[K] extends BayKind<infer S, infer _C> ? S : never;
type ContentOf<K extends BayHolds> = Kinds[K] extends BayKind<infer _S, infer C> ? C : never;

/** One horizontal stretch of a page, complete. */
export type Bay = { [K in BayHolds]: BayOf<K, SettingsOf<K>> }[BayHolds];
/** As it is stored: only what was set. */
export type StoredBay = { [K in BayHolds]: StoredBayOf<K, SettingsOf<K>> }[BayHolds];
/** What the view of a bay holds. */
export type ContentView = { [K in BayHolds]: { holds: K } & ContentOf<K> }[BayHolds];

/** A kind whose settings and content are known to itself alone. */
export type AnyBayKind = BayKind<Lines, object>;

export const bayKinds = Object.values(kinds) as unknown as readonly AnyBayKind[];

const byId = new Map(bayKinds.map((kind) => [kind.id, kind]));

export const isBayKind = (holds: unknown): holds is BayHolds => typeof holds === 'string' && byId.has(holds);
/** Throws RangeError where there is no such kind. */
export function bayKind(holds: string): AnyBayKind {
  const found = byId.get(holds);
  if (!found) throw new RangeError(`There is no kind of bay "${holds}".`);
  return found;
}

/** How the elements of a bay of a kind are styled. */
const elementsOf = ({ hasHeading, elements = [] }: AnyBayKind) =>
  styleTree('bay', hasHeading ? ['heading', ...elements] : elements);

const common = (kind: AnyBayKind) => ({
  look: withDefaults(
    joined(kind.hasHeading ? headingSettings : {}, lookSettings, elementsOf(kind)),
    kind.defaults,
  ),
  visibility: visibilitySettings,
});

/** What leads a page stands above its columns. */
const ASIDE = 'aside';

/** Settings of the room that a bay has on a page, where it has a place in a row instead. */
const OF_PAGES: ReadonlySet<string> = new Set([
  'look.width',
  'look.ownPx',
  'look.margin',
  'look.rise',
  'look.lies',
  ASIDE,
]);

const listOf = (kind: AnyBayKind): PlacedSetting[] =>
  Object.entries<Tree>({ ...kind.settings, ...common(kind) }).flatMap(([line, tree], i) => [
    ...(kind.alike && i === 0 ? placed('bay', line as LineId, sameAsSettings) : []),
    ...placed('bay', line as LineId, tree).filter(({ id }) => id !== ASIDE || !kind.leads),
  ]);

/** Every setting of a bay of each kind, with its place: on a page, and in the header or the footer. */
const settings = new Map(bayKinds.map((kind) => [kind.id, listOf(kind)]));
const aroundPages = new Map(
  bayKinds
    .filter((kind) => kind.aroundPages)
    .map((kind) => [
      kind.id,
      [
        ...placed('bay', 'place', withDefaults(placeSettings, kind.defaults)),
        ...listOf(kind).filter(({ id }) => !OF_PAGES.has(id)),
      ],
    ]),
);

/** A heading and a place are there for all, so that documents have one shape. */
const trees = new Map<string, Tree>(
  bayKinds.map((kind) => [
    kind.id,
    withDefaults(
      joined(
        merged(kind.settings),
        headingSettings,
        lookSettings,
        placeSettings,
        sameAsSettings,
        visibilitySettings,
        elementsOf(kind),
      ),
      kind.defaults,
    ),
  ]),
);

/** Everything that can be set of a bay of a kind, and where. */
export const bayTree = (holds: string): Tree => trees.get(holds)!;
/** @param around it stands in the header or the footer */
export const baySettings = (holds: string, around = false): readonly PlacedSetting[] =>
  (around && aroundPages.get(holds)) || settings.get(holds)!;

/** The first line says besides whose words and look a bay has. */
const withSame = ([first, ...rest]: readonly Line[]): Line[] => [
  {
    ...first!,
    say: (input) => {
      const { bay, names } = input;
      const said = first!.say(input);
      return bay.sameAs
        ? [opens(`The same as ${sayBayOf(bay.sameAs, names)}`, 'sameAs'), ': ', ...said]
        : said;
    },
  },
  ...rest,
];

const specs = new Map(bayKinds.map(({ id, alike, spec }) => [id, alike ? withSame(spec) : spec]));

/** The lines of the spec of a bay. */
export function specOf(holds: string, around = false): readonly Line[] {
  const { aroundPages: can } = bayKind(holds);
  const spec = specs.get(holds)!;
  if (!around || !can) return spec;
  const at = spec.findIndex(({ id }) => id === 'look');
  return [...spec.slice(0, at), placeLine, lookAroundLine, ...spec.slice(at + 1)];
}
