import type { Varying } from '../../bands/varying.ts';
import { yesNo } from '../../settings/values.ts';
import { varying, type Setting } from '../../settings/setting.ts';
import type { LabelKind } from '../labelKind.ts';
import { saleLabel } from './sale.ts';
import { soldOutLabel } from './soldOut.ts';

/** Every kind of label, in order of precedence; to add one, write its file and list it here. */
export const labelKinds: readonly LabelKind[] = [soldOutLabel, saleLabel];

/** What can be set of each label. */
export const labelSettings: { readonly [label: string]: { shown: Setting<Varying<boolean>> } } =
  Object.fromEntries(
    labelKinds.map(({ id, name, find, atFirst }) => [
      id,
      {
        shown: varying(yesNo(), atFirst, {
          name,
          find: [...find, 'show', 'hide'],
          items: ['products'],
          say: (shown) => `${name.toLowerCase()} ${shown ? 'shown' : 'not shown'}`,
        }),
      },
    ]),
  );
