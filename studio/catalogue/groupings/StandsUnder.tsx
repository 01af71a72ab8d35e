import type { Grouping } from '../../../core/groupings/grouping.ts';
import { besides, placeFault } from '../../../core/groupings/places.ts';
import { Pick } from '../../ui/Pick.tsx';

interface StandsUnderProps {
  all: readonly Grouping[];
  /** The one that is to stand there; absent where it is new. */
  of?: Grouping;
  value: number | null;
  onChange(parent: number | null): void;
}

/** Each with the names of those above it. */
const paths = (all: readonly Grouping[], parent: number | null = null, above = ''): [number, string][] =>
  besides(all, parent).flatMap((one) => {
    const path = above + one.name;
    return [[one.id, path] as [number, string], ...paths(all, one.id, `${path} / `)];
  });

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
