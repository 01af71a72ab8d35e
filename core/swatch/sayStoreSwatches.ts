import { listed, lowered, type Names } from '../sentence/sentence.ts';
import { SHOWN_BY, type StoreSwatch } from './storeSwatch.ts';

/** How values are shown, in words: "Fogbank by its colour #9fb3b8 and Oatmeal by words". */
export const sayStoreSwatches = (swatches: readonly StoreSwatch[], names: Names): string =>
  swatches.length === 0
    ? 'each value by what it has'
    : listed(
        swatches.map(({ id, by, colour }) => {
          const value = names.optionValue(Number(id)) ?? 'a value that is gone';
          return `${value} by ${lowered(SHOWN_BY[by])}${by === 'colour' && colour ? ` ${colour}` : ''}`;
        }),
      );
