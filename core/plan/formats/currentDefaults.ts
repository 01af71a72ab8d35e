import { assortmentSettings } from '../../assortment/assortment.ts';
import { bayKinds, bayTree } from '../../bays/index.ts';
import { placed, type Tree } from '../../settings/setting.ts';
import { houseSettings } from '../house.ts';
import { pageSettings } from '../page.ts';
import { shelfTree } from '../shelf.ts';
import type { FormatDefaults, FrozenDefaults } from './dropDefaults.ts';

const ofTree = (tree: Tree): FrozenDefaults =>
  Object.fromEntries(
    placed('shelf', 'page', tree)
      // Nothing is set of a style at first, in whatever format, and it has some thousand settings.
      .filter(({ id }) => !id.startsWith('style.'))
      .map(({ id, varies, byDefault }) => [id, { varies, ...byDefault }]),
  ) as FrozenDefaults;

const ofTrees = (trees: Readonly<Record<string, Tree>>) =>
  Object.fromEntries(Object.entries(trees).map(([kind, tree]) => [kind, ofTree(tree)]));

/** The defaults of the current format, which a test holds equal to those that are frozen. */
export const currentDefaults = (): FormatDefaults => ({
  house: ofTree(houseSettings),
  page: ofTree(pageSettings),
  shelf: ofTree(shelfTree),
  bay: ofTrees(Object.fromEntries(bayKinds.map(({ id }) => [id, bayTree(id)]))),
  assortment: ofTrees(assortmentSettings),
});
