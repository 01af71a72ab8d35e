import type { Varying } from '../bands/varying.ts';
import { ALIGNS } from '../card/card.ts';
import { capital, type Names } from '../sentence/sentence.ts';
import { varying } from '../settings/setting.ts';
import { choice } from '../settings/values.ts';
import { contentLine, opens } from '../spec/content.ts';
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

/** Where what a bay holds stands in its room. */
export const alignSetting = (first: Align) =>
  varying(choice<Align>(ALIGNS), first, {
    name: 'Alignment',
    find: ['align', 'centre', 'center', 'middle', 'left', 'right'],
  });

/** The line of a spec that says no more of the layout than that. */
export const alignLine = contentLine('columns', 'Layout', ({ align }, names) => [
  opens(capital(sayStands(align as Varying<Align>, names)), 'align'),
]);
