import type { Bands } from '../bands/bands.ts';
import { listed } from '../sentence/sentence.ts';
import type { StepView } from '../view/view.ts';

const TEENS = new Set([11, 12, 13]);
const ENDS: Readonly<Record<number, string>> = { 1: 'st', 2: 'nd', 3: 'rd' };

/** "1st", "2nd", "11th". */
export const ordinal = (place: number): string =>
  `${place}${TEENS.has(place % 100) ? 'th' : (ENDS[place % 10] ?? 'th')}`;

/** More columns than this are counted, not named. */
const MOST_NAMED = 3;

/** "Picture, Title and Price; 6 in the second line", "7 columns", "all 9". */
function sayStep({ table }: StepView, nameOf: (id: string) => string): string {
  const { stay, left } = table!;
  if (left.length === 0) return `all ${stay.length}`;
  const here =
    stay.length <= MOST_NAMED ? listed(stay.map(({ id }) => nameOf(id))) : `${stay.length} columns`;
  return `${here}; ${left.length} in the second line`;
}

/** Which columns a table has at each width of the store, the widest range of each first; of widths at which it is a table. */
export function sayTable(
  steps: readonly StepView[],
  bands: Bands,
  nameOf: (id: string) => string,
): { band: string; words: string }[] {
  return bands.flatMap(({ id, name }) => {
    const own = steps.filter(({ bandId, table }) => bandId === id && table);
    const [last, ...narrower] = [...own].reverse();
    if (!last) return [];
    const below = narrower.flatMap(({ table }, i) => {
      const wider = narrower[i - 1] ?? last;
      const count = table!.stay.length;
      return count === wider.table!.stay.length ? [] : `${count} below ${wider.from}`;
    });
    return [{ band: name, words: [sayStep(last, nameOf), ...below].join(', ') }];
  });
}
