import type { ProductFact } from '../catalogue/facts.ts';
import { labelNeeds } from './cardLabels.ts';
import type { StoreLabels } from '../label/storeLabel.ts';
import type { Card } from './card.ts';
import { partKinds } from './parts/index.ts';
import { everShown, ofPart } from './shown.ts';

const known = new WeakMap<Card, { labels: StoreLabels; needs: readonly ProductFact[] }>();

/** What of products a card says, at one width or another, besides what every card does. */
export function neededFacts(card: Card, labels: StoreLabels): readonly ProductFact[] {
  let found = known.get(card);
  if (found?.labels !== labels) {
    const ofParts = partKinds
      .filter(({ id }) => everShown(card, id))
      .flatMap((kind) => [...kind.needs, ...(kind.alsoNeeds?.(ofPart(card, kind.id)!) ?? [])]);
    const needs = [...new Set([...ofParts, ...labelNeeds(labels, card)])].sort();
    known.set(card, (found = { labels, needs }));
  }
  return found.needs;
}
