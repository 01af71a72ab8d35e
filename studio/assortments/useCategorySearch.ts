import { fold } from '../../core/catalogue/fold.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { useStudio } from '../studioContext.tsx';
import type { Tickable } from '../ui/TickList.tsx';

/** More than this is found by typing. */
const MOST_LISTED = 100;

/** Finds categories by a part of their name, all of them for none; says where each is and how many it holds. */
export function useCategorySearch(): (words: string) => Tickable[] {
  const { tree } = useStudio();
  return (words) => {
    const wanted = fold(words);
    return tree.all
      .filter(({ name }) => fold(name).includes(wanted))
      .slice(0, MOST_LISTED)
      .map(({ id, name, products }) => ({
        id: String(id),
        words: name,
        aside: [...tree.ancestors(id).map((one) => one.name), counted(products, 'product')].join(', '),
      }));
  };
}
