import { useCallback, useEffect, useState } from 'react';
import { readTitles, type NamedProduct } from '../core/api/catalogue.ts';
import { productsNamedBy } from '../core/assortment/evaluate.ts';
import type { Plan } from '../core/plan/plan.ts';
import type { Client } from './api/client.ts';
import type { Draft } from './draft/draftStore.ts';

type Named = Pick<Plan, 'shelves' | 'assortments'>;

/** Ids of the products that rules name, pin, put in or leave out. */
export const namedInPlan = ({ shelves, assortments }: Named): number[] => [
  ...new Set(
    [...Object.values(shelves), ...Object.values(assortments)].flatMap(({ assortment }) =>
      productsNamedBy(assortment),
    ),
  ),
];

export interface Titles {
  /** Of products that are there; what is missing is no longer there. */
  titles: ReadonlyMap<number, string>;
  learnTitles(products: readonly NamedProduct[]): void;
}

/**
 * Titles of the products that rules name. Whichever way one comes into the draft (dragged, pinned, merged, undone), its
 * title is fetched; it counts as gone only once the server says so.
 * @param first those that were named when the draft was opened
 */
export function useTitles(draft: Draft, client: Pick<Client, 'ask'>, first: readonly NamedProduct[]): Titles {
  const [titles, setTitles] = useState<ReadonlyMap<number, string>>(
    () => new Map(first.map(({ id, title }) => [id, title])),
  );
  const learnTitles = useCallback(
    (products: readonly NamedProduct[]) =>
      setTitles((known) => new Map([...known, ...products.map(({ id, title }) => [id, title] as const)])),
    [],
  );
  useEffect(() => {
    // Those that are gone were asked for, too.
    const asked = new Set([...namedInPlan(draft.getState().plan), ...first.map(({ id }) => id)]);
    const ask = async (ids: readonly number[]) => {
      for (const id of ids) asked.add(id);
      setTitles((known) => new Map([...ids.map((id) => [id, 'Fetching…'] as const), ...known]));
      try {
        const { products } = await client.ask(readTitles, { body: { ids } });
        const found = new Map(products.map(({ id, title }) => [id, title]));
        setTitles(
          (known) =>
            new Map([...known].filter(([id]) => !ids.includes(id) || found.has(id)).concat([...found])),
        );
      } catch {
        // Asked for again with the next change.
        for (const id of ids) asked.delete(id);
      }
    };
    return draft.subscribe(({ plan }, before) => {
      const { shelves, assortments } = before.plan;
      if (plan.shelves === shelves && plan.assortments === assortments) return;
      const missing = namedInPlan(plan).filter((id) => !asked.has(id));
      if (missing.length) void ask(missing);
    });
  }, [draft, client, first]);
  return { titles, learnTitles };
}
