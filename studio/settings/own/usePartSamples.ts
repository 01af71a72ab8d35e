import { partsOf } from '../../../core/card/parts/index.ts';
import { ofPart } from '../../../core/card/shown.ts';
import type { Plan } from '../../../core/plan/plan.ts';
import type { Shelf } from '../../../core/plan/shelf.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { fieldWords } from '../../../core/catalogue/fieldWords.ts';
import { cardStoreOf } from '../../../core/view/cardStoreOf.ts';
import { textsFor } from '../../../core/texts/index.ts';
import { useSampleItems } from './useSampleItems.ts';
import { useNow } from '../../useNow.ts';
import { fieldKey } from './fieldsOffered.ts';

/** What each part, and each of the store's own fields, would say of the shelf's own items, by its id; null while that is fetched. */
export function usePartSamples(plan: Plan, shelf: Shelf | null): ReadonlyMap<string, string> | null {
  const now = useNow();
  const items = useSampleItems(plan, shelf);
  if (!shelf || items === null) return null;
  const { of } = assortmentOf(plan, shelf);
  const context = { ...cardStoreOf(plan.house, now), texts: textsFor(plan.house), labels: [] };
  const samples = new Map(
    partsOf(of).flatMap((kind) => {
      const own = ofPart(shelf.card, kind.id)!;
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
