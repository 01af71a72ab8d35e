import { counted } from '../sentence/sentence.ts';
import type { Found } from './importState.ts';
import type { Made } from './lookup.ts';
import type { How, Target } from './targets.ts';

/** How a column is read and what is in it, in a few words; empty for one that is left out. */
export function sayColumn(
  target: Target | undefined,
  how: How,
  at: number,
  found: Found | null,
  currency: string,
): string {
  if (!target) return '';
  const said: string[] = [];
  if (target.money) said.push(`money in ${currency}`);
  if (target.says) said.push(target.says(how));
  const column = found?.columns[at];
  if (found && column) {
    const fresh = newOf(target, found);
    if (fresh) said.push(fresh);
    if (target.id === 'code')
      said.push(`${counted(found.counts.changed + found.counts.unchanged, 'product')} there already`);
    if (target.of === 'product' && !target.says && column.longest > 0)
      said.push(`the longest has ${counted(column.longest, 'letter')}`);
    if (column.empty > 0 && !target.says) said.push(`empty in ${counted(column.empty, 'row')}`);
  }
  return said.join('; ');
}

/** What of it is not there yet. */
function newOf({ fact, of, makes }: Target, { made, newTags, lostPictures, lost }: Found): string | null {
  if (makes) return 'a new field';
  if (fact === 'collectionIds' && made.collections.length > 0)
    return counted(made.collections.length, 'new collection');
  if (fact === 'pictureIds' && lostPictures > 0)
    return `${counted(lostPictures, 'picture')} not found by name (${lost.slice(0, 2).join(', ')}${lostPictures > 2 ? ', …' : ''}): those products keep the pictures that they have`;
  if (fact === 'categoryIds' && made.categories.length > 0)
    return counted(made.categories.length, 'new category', 'new categories');
  if (fact === 'brandId' && made.brands.length > 0) return counted(made.brands.length, 'new brand');
  if (fact === 'tags' && newTags > 0) return counted(newTags, 'new tag');
  if (of !== 'option') return null;
  const option = made.options.find(({ name }) => name === fact);
  const isNew = ({ optionId }: Made['values'][number]) => (option ? optionId === option.id : optionId > 0);
  const values = counted(made.values.filter(isNew).length, option ? 'value' : 'new value');
  if (option) return `a new option of ${values}`;
  return made.values.some(isNew) ? values : null;
}
