import { useQuery } from '@tanstack/react-query';
import { readItems } from '../../../core/api/assortments.ts';
import { faceOf, type Item } from '../../../core/card/item.ts';
import type { Plan } from '../../../core/plan/plan.ts';
import type { Shelf } from '../../../core/plan/shelf.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { nobody } from '../../api/items.ts';
import { useStudio } from '../../studioContext.tsx';

/** So many of a shelf's items are looked at for something to show of a part. */
const LOOKED_AT = 24;

/** Some of a shelf's own items with all that is known of them, whatever its card says now; null while they are fetched. */
export function useSampleItems(plan: Plan, shelf: Shelf | null): readonly Item[] | null {
  const { client } = useStudio();
  const assortment = shelf && assortmentOf(plan, shelf);
  const asked = useQuery({
    queryKey: ['sample items', assortment],
    queryFn: () =>
      client.ask(readItems, {
        body: {
          assortment: assortment!,
          fallbacks: [],
          without: [],
          seenBy: nobody,
          start: 0,
          count: LOOKED_AT,
        },
      }),
    enabled: assortment !== null,
    staleTime: 60_000,
    retry: false,
  });
  return asked.isPending ? null : (asked.data?.items ?? []);
}

/** One of them to be drawn, with a picture where one has; undefined where there are none. */
export const toDraw = (items: readonly Item[]): Item | undefined =>
  items.find((one) => faceOf(one).picture !== null) ?? items[0];
