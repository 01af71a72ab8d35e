import type { ComponentType } from 'react';
import type { Of } from '../../../core/assortment/of.ts';
import { Stack } from '../../settings/Stack.tsx';
import { categories } from './categories.tsx';
import { collections } from './collections.tsx';
import { entries } from './entries.tsx';
import type { AssortmentKind, AssortmentProps } from './kind.ts';
import { LimitControls } from './LimitControls.tsx';
import { pictures } from './pictures.tsx';
import { products } from './products.tsx';

const kinds: { [K in Of]: AssortmentKind<K> } = { products, categories, collections, entries, pictures };

/** Everything that can be set of an assortment, one under the other; for the narrow column of the spec. */
export function AssortmentControls({ assortment, on }: AssortmentProps) {
  const { Which, Beyond } = kinds[assortment.of] as {
    Which: ComponentType<AssortmentProps>;
    Beyond?: ComponentType<AssortmentProps>;
  };
  return (
    <Stack>
      <Which assortment={assortment} on={on} />
      <LimitControls assortment={assortment} on={on} />
      {Beyond && <Beyond assortment={assortment} on={on} />}
    </Stack>
  );
}
