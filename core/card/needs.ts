import type { ProductFact } from '../catalogue/facts.ts';
import { labelNeeds } from './cardLabels.ts';
import type { CardStore } from '../catalogue/cardStore.ts';
import { sellsOtherwise } from '../group/soldAs.ts';
import type { Card } from './card.ts';
import { partKinds } from './parts/index.ts';
import { ofPart } from './shown.ts';

/** What of the store reaches which facts a card says. */
type Store = Pick<CardStore, 'labels' | 'groups'>;

const known = new WeakMap<Card, { store: Store; said: readonly string[]; needs: readonly ProductFact[] }>();

/** What of products is to be read besides what every card says. @param said parts that a shelf says (plan/saidParts.ts) */
export function neededFacts(card: Card, said: readonly string[], store: Store): readonly ProductFact[] {
  let found = known.get(card);
  if (found?.said !== said || found.store.labels !== store.labels || found.store.groups !== store.groups) {
    const { labels, groups } = store;
    const ofParts = partKinds
      .filter(({ id }) => said.includes(id))
      .flatMap((kind) => [...kind.needs, ...(kind.alsoNeeds?.(ofPart(card, kind.id)!) ?? [])]);
    // Which way of selling is a product's own goes by them.
    const ofSelling: ProductFact[] = sellsOtherwise(groups) ? ['categories'] : [];
    const needs = [...new Set([...ofParts, ...labelNeeds(labels, card), ...ofSelling])].sort();
    known.set(card, (found = { store: { labels, groups }, said, needs }));
  }
  return found.needs;
}
