import type { Varying } from '../bands/varying.ts';
import type { ALIGNS } from '../card/card.ts';
import type { Names } from '../sentence/sentence.ts';
import { sayVarying } from '../spec/sayVarying.ts';

export type Align = keyof typeof ALIGNS;

const STANDS: Readonly<Record<Align, string>> = {
  start: 'at the start',
  center: 'in the middle',
  end: 'at the end',
};

/** The same as CSS writes it for what flows in a line. */
export const JUSTIFIED: Readonly<Record<Align, string>> = {
  start: 'flex-start',
  center: 'center',
  end: 'flex-end',
};

/** Where something stands in its room, by width: "in the middle". */
export const sayStands = (align: Varying<Align>, names: Names): string =>
  sayVarying(align, names, (one) => STANDS[one]);
