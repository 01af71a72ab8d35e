import { fold } from '../../../core/catalogue/fold.ts';
import { linkTo } from '../../../core/plan/linkTo.ts';
import { useCategorySearch } from '../../assortments/useCategorySearch.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';

/** More than this is found by typing. */
const MOST_LISTED = 60;

/** Finds what a link can lead to by its name: pages of the store, collections and categories; each as the link to it. */
export function useLinkSearch(): (words: string) => { id: string; words: string; aside: string }[] {
  const { tree, vocabulary } = useStudio();
  const plan = useDraft((state) => state.plan);
  const categories = useCategorySearch();
  const { collections } = vocabulary;
  return (typed) => {
    const wanted = fold(typed);
    const pages = Object.values(plan.pages)
      .map(({ id, name }) => ({ id: `page:${id}`, words: name, aside: 'page' }))
      .filter(({ id }) => linkTo(id, { plan, tree, collections }) !== null);
    const others = [
      ...pages,
      ...collections.map(({ id, name }) => ({ id: `collection:${id}`, words: name, aside: 'collection' })),
    ].filter(({ words }) => fold(words).includes(wanted));
    const below = categories(typed).map(({ id, words, aside }) => ({
      id: `category:${id}`,
      words,
      aside: `category, ${aside}`,
    }));
    return [...others, ...below].slice(0, MOST_LISTED);
  };
}
