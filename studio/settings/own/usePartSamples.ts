import { useQuery } from '@tanstack/react-query';
import { readItems } from '../../../core/api/assortments.ts';
import { partsOf } from '../../../core/card/parts/index.ts';
import { ofPart } from '../../../core/card/shown.ts';
import type { Plan } from '../../../core/plan/plan.ts';
import type { Shelf } from '../../../core/plan/shelf.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { fieldWords } from '../../../core/catalogue/fieldWords.ts';
import { cardStoreOf } from '../../../core/view/cardStoreOf.ts';
import { textsFor } from '../../../core/texts/index.ts';
import { nobody } from '../../api/items.ts';
import { useNow } from '../../useNow.ts';
import { fieldKey } from './fieldsOffered.ts';
import { useStudio } from '../../studioContext.tsx';

/** So many of a shelf's items are looked at for something to show of a part. */
const LOOKED_AT = 24;

/** What each part, and each of the store's own fields, would say of the shelf's own items, by its id; null while that is fetched. */
export function usePartSamples(plan: Plan, shelf: Shelf | null): ReadonlyMap<string, string> | null {
  const { client } = useStudio();
  const now = useNow();
  const assortment = shelf && assortmentOf(plan, shelf);
  const asked = useQuery({
    queryKey: ['part samples', assortment],
    queryFn: () =>
      client.ask(readItems, {
        // All that is known of them, whatever the card says now.
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
  if (asked.isPending) return null;
  const items = asked.data?.items ?? [];
  const context = { ...cardStoreOf(plan.house, now), texts: textsFor(plan.house.locale), labels: [] };
  const samples = new Map(
    partsOf(assortment!.of).flatMap((kind) => {
      const own = ofPart(shelf!.card, kind.id)!;
      for (const item of items) {
        const view = kind.view(item, kind.reads(own), context);
        if (view && kind.words) return [[kind.id, kind.words(view)]];
      }
      return [];
    }),
  );
  for (const item of items)
    for (const field of item.of === 'products' ? item.product.fields : []) {
      const key = fieldKey(field.id);
      if (!samples.has(key)) samples.set(key, fieldWords(field, context.texts, context.currency.locale));
    }
  return samples;
}
