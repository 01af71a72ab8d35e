import { assortmentSettings } from '../assortment/assortment.ts';
import { OFS, type Of } from '../assortment/of.ts';
import { baySettings, bayTree, type StoredBay } from '../bays/index.ts';
import { placed, type PlacedSetting, type SettingOn, type Tree } from '../settings/setting.ts';
import { isEdge, pageKind } from '../pages/index.ts';
import { houseSettings, type StoredHouse } from './house.ts';
import { pageSettings, type StoredPage } from './page.ts';
import { savedSettings, savedTree, type StoredSaved } from './savedAssortment.ts';
import { ownAssortment, shelfSettings, shelfTree, type StoredShelf } from './shelf.ts';
import type { StoredPlan } from './storedPlan.ts';

/** What a setting is set on. */
export type Target =
  | { house: true }
  | { shelf: string }
  | { assortment: string }
  | { page: string; bay: string }
  | { page: string; bay?: undefined };

export type TargetDocument = StoredHouse | StoredPage | StoredBay | StoredShelf | StoredSaved;

/** A target with all that can be set of it. */
export interface Subject {
  on: SettingOn;
  document: TargetDocument;
  tree: Tree;
  settings: readonly PlacedSetting[];
}

const trees = (own: Tree): Record<Of, Tree> =>
  Object.fromEntries(
    OFS.map((of) => [of, { ...own, assortment: assortmentSettings[of] }]),
  ) as unknown as Record<Of, Tree>;
const shelfTrees = trees(shelfTree);
const savedTrees = trees(savedTree);

const {
  selling,
  groups,
  labels,
  swatches,
  pictureSizes,
  style,
  schemes,
  colours,
  scale,
  rules,
  texts,
  storeName,
  locale,
  currency,
  timeZone,
  newForDays,
  shop,
  ...otherOfHouse
} = houseSettings;
const houseList = [
  ...placed('house', 'page', otherOfHouse),
  ...placed('house', 'store', { storeName, locale, currency, timeZone, newForDays, shop }),
  ...placed('house', 'selling', { selling }),
  ...placed('house', 'groups', { groups }),
  ...placed('house', 'labels', { labels }),
  ...placed('house', 'swatches', { swatches }),
  ...placed('house', 'pictures', { pictureSizes }),
  ...placed('house', 'style', { colours, scale, style, schemes, rules, texts }),
];
const { background, sticks, between, ends, style: ownStyle, ...ofPages } = pageSettings;
const pageList = [
  ...placed('page', 'page', { ...ofPages, background }),
  ...placed('page', 'style', { style: ownStyle }),
];
const keptList = placed('page', 'page', { background });
const edgeList = {
  head: placed('page', 'page', { sticks, background, between, ends }),
  foot: placed('page', 'page', { background, between, ends }),
};

const pageListOf = ({ kind }: StoredPage) => {
  const { edge, kept } = pageKind(kind);
  if (kept) return keptList;
  return edge ? edgeList[edge] : pageList;
};

/** What a shelf shows, its own or a saved assortment, of which kind. */
export function ofOf(plan: StoredPlan, shelf: StoredShelf): Of {
  const saved = shelf.assortmentId ? plan.assortments[shelf.assortmentId] : undefined;
  return (saved?.assortment ?? ownAssortment(shelf)).of;
}

/** The target as it is stored, and what can be set of it; undefined where it is gone. */
export function subjectOf(plan: StoredPlan, target: Target): Subject | undefined {
  if ('house' in target)
    return { on: 'house', document: plan.house, tree: houseSettings, settings: houseList };
  if ('shelf' in target) {
    const document = plan.shelves[target.shelf];
    if (!document) return undefined;
    const { of } = ownAssortment(document);
    return { on: 'shelf', document, tree: shelfTrees[of], settings: shelfSettings(of) };
  }
  if ('assortment' in target) {
    const document = plan.assortments[target.assortment];
    if (!document) return undefined;
    const { of } = document.assortment;
    return { on: 'assortment', document, tree: savedTrees[of], settings: savedSettings(of) };
  }
  const page = plan.pages[target.page];
  if (target.bay === undefined)
    return page && { on: 'page', document: page, tree: pageSettings, settings: pageListOf(page) };
  const bay = page?.bays.find((one) => one.id === target.bay);
  return (
    bay && {
      on: 'bay',
      document: bay,
      tree: bayTree(bay.holds),
      settings: baySettings(bay.holds, page ? isEdge(page) : false),
    }
  );
}
