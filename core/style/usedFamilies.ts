import { FIRST_FAMILY, typeFamily } from '../text/families/index.ts';
import type { Slope, TypeFamily } from '../text/typeFamily.ts';
import { pageElement } from './elements/page.ts';
import { setValues } from './setValues.ts';
import type { Style } from './styleTree.ts';

/** The type families that styles call for, that of the page first, and whether any has italics. */
export function usedFamilies(
  house: Style,
  others: readonly Style[],
): { families: TypeFamily[]; slopes: Slope[] } {
  const set = [house, ...others].flatMap(setValues);
  const named = set.filter(({ property }) => property === 'family');
  const ofPage = named.find(({ element }) => element === pageElement);
  const ids = [ofPage?.value ?? FIRST_FAMILY.id, ...named.map(({ value }) => value)] as string[];
  return {
    families: [...new Set(ids)].map(typeFamily),
    slopes: set.some(({ property, value }) => property === 'slope' && value === 'italic')
      ? ['upright', 'italic']
      : ['upright'],
  };
}
