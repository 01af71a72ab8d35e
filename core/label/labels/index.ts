import type { Varying } from '../../bands/varying.ts';
import { yesNo } from '../../settings/values.ts';
import { varying, type Setting } from '../../settings/setting.ts';
import type { LabelKind } from '../labelKind.ts';
import { featuredLabel } from './featured.ts';
import { lowStockLabel } from './lowStock.ts';
import { newLabel } from './new.ts';
import { saleLabel } from './sale.ts';
import { soldOutLabel } from './soldOut.ts';
import { tagLabel } from './tag.ts';

/** Every kind of label, in the order offered; to add one, write its file and list it here. */
export const labelKinds: readonly LabelKind[] = [
  soldOutLabel,
  saleLabel,
  lowStockLabel,
  newLabel,
  featuredLabel,
  tagLabel,
];

const byId = new Map(labelKinds.map((kind) => [kind.id, kind]));

export const labelKind = (id: string): LabelKind | undefined => byId.get(id);

/** What can be set of each kind of label on one shelf: whether it is shown there. */
export const labelSettings: { readonly [label: string]: { shown: Setting<Varying<boolean>> } } =
  Object.fromEntries(
    labelKinds.map(({ id, name, find }) => [
      id,
      {
        shown: varying(yesNo(), true, {
          name,
          find: [...find, 'show', 'hide'],
          items: ['products'],
          say: (shown) => `${name.toLowerCase()} ${shown ? 'shown' : 'not shown'}`,
        }),
      },
    ]),
  );
