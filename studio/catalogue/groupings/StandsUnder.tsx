import { categoryTree } from '../../../core/catalogue/categoryTree.ts';
import type { Grouping } from '../../../core/groupings/grouping.ts';
import { placeFault } from '../../../core/groupings/places.ts';
import { Pick } from '../../ui/Pick.tsx';

interface StandsUnderProps {
  all: readonly Grouping[];
  /** The one that is to stand there; absent where it is new. */
  of?: Grouping;
  value: number | null;
  onChange(parent: number | null): void;
}

/** Each with the names of those above it. */
function paths(all: readonly Grouping[]): [number, string][] {
  const tree = categoryTree(all);
  return tree.roots
    .flatMap(({ id }) => tree.withBelow(id))
    .map((id) => [id, [...tree.ancestors(id), tree.byId(id)!].map(({ name }) => name).join(' / ')]);
}

/** Which category one stands under; those that it cannot stand under are not offered. */
export function StandsUnder({ all, of, value, onChange }: StandsUnderProps) {
  return (
    <Pick
      label="Stands under"
      value={String(value ?? '')}
      options={[
        { value: '', words: 'None: a main category' },
        ...paths(all)
          .filter(
            ([id]) => id === value || placeFault(all, of?.id ?? null, { parent: id, before: null }) === null,
          )
          .map(([id, words]) => ({ value: String(id), words })),
      ]}
      onChange={(id) => onChange(id === '' ? null : Number(id))}
    />
  );
}
