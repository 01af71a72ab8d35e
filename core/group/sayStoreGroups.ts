import { SELLING_BY, type SellingBy } from '../catalogue/selling.ts';
import { listed, lowered, type Names } from '../sentence/sentence.ts';
import { groupNamed, type StoreGroup } from './storeGroup.ts';

/** The name of a category or a collection; undefined where it is gone. */
export function groupName(group: string, names: Names): string | undefined {
  const { of, id } = groupNamed(group);
  return names[of](id);
}

/** How what is in a category is sold, in words. */
export const saySold = (by: SellingBy): string =>
  by === 'none' ? 'not sold here' : `sold ${lowered(SELLING_BY[by])}`;

/** What is set for categories and collections, in words: "Bowls with an icon, Kilns sold by asking for a quote". */
export const sayStoreGroups = (groups: readonly StoreGroup[], names: Names): string =>
  groups.length === 0
    ? 'none with an icon or sold otherwise'
    : listed(
        groups.map(({ id, icon, by }) => {
          const name = groupName(id, names) ?? 'one that is gone';
          const set = [icon && 'with an icon', by && saySold(by)];
          return `${name} ${listed(set.filter((one) => one !== undefined)) || 'as it is'}`;
        }),
      );
