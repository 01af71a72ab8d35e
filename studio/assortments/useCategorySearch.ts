import { useStudio } from '../studioContext.tsx';

/** Finds categories by a part of their name; says where each stands, and leaves out the ones already chosen. */
export function useCategorySearch(
  chosen: readonly number[],
): (words: string) => { id: string; words: string; aside: string }[] {
  const { tree } = useStudio();
  return (words) => {
    const wanted = words.trim().toLowerCase();
    return tree.all
      .filter((category) => !chosen.includes(category.id) && category.name.toLowerCase().includes(wanted))
      .slice(0, 30)
      .map((category) => ({
        id: String(category.id),
        words: category.name,
        aside: [...tree.ancestors(category.id).map((one) => one.name), String(category.products)].join(', '),
      }));
  };
}
