import type { ProductFact } from '../catalogue/facts.ts';
import type { Card } from './card.ts';
import { partKinds } from './parts/index.ts';
import { everShown } from './shown.ts';

const known = new WeakMap<Card, readonly ProductFact[]>();

/** What of products a card says, at one width or another, besides what every card does. */
export function neededFacts(card: Card): readonly ProductFact[] {
  let found = known.get(card);
  if (!found) {
    const needs = partKinds.filter(({ id }) => everShown(card, id)).flatMap((kind) => kind.needs);
    known.set(card, (found = [...new Set(needs)].sort()));
  }
  return found;
}
