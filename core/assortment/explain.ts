import type { ProductAssortment } from './products.ts';
import { clauseKind } from './clauses/index.ts';
import { clauseHolds, groupHolds } from './holds.ts';
import type { ProductRecord, World } from './kinds.ts';
import { isGroup, joinWords, type Group, type Part } from './rule.ts';
import { plain, type Names } from '../sentence/sentence.ts';

/** Where a product stands, or the first reason against it. */
export type Explanation =
  | { in: true; place: number; because: 'putIn' | 'rule' | 'fallback'; text: string }
  | { in: false; reason: 'leftOut' | 'soldOut' | 'rule' | 'shownAbove' | 'limit'; text: string };

const sayPart = (part: Part, names: Names): string =>
  isGroup(part) ? joinWords[part.join] : plain(clauseKind(part.is).say(part, names));

/** Why a group does not hold: the first clause against it; for "any", every branch; for "none", the one that does. */
function against(group: Group, product: ProductRecord, world: World, names: Names): string {
  const holds = (part: Part) =>
    isGroup(part) ? groupHolds(part, product, world) : clauseHolds(part, product, world);
  const why = (part: Part): string =>
    isGroup(part)
      ? against(part, product, world, names)
      : `"${sayPart(part, names)}": ${clauseKind(part.is).against(part, product, world, names)}`;
  if (group.join === 'all') return why(group.parts.find((part) => !holds(part))!);
  if (group.join === 'any') return `"any of these": ${group.parts.map(why).join('; ')}`;
  return `"none of these": "${sayPart(group.parts.find(holds)!, names)}" is true of it`;
}

export interface Standing {
  /** Place counted from 1; null where it is not in the list. */
  place: number | null;
  /** How many of the list are its own; those after were topped up. */
  own: number;
  /** Place that it would have without the greatest number; null where the rule does not give it. */
  placeWithoutLimit: number | null;
}

/**
 * Explains one product (calculations §12).
 * @param standing where the list, as it was resolved, has it
 * @param above what the page shows above
 */
export function explain(
  assortment: ProductAssortment,
  product: ProductRecord,
  standing: Standing,
  world: World,
  names: Names,
  above: ReadonlySet<number> = new Set(),
): Explanation {
  const { byHand, soldOut, rule, limit } = assortment;
  const { place, own } = standing;
  if (place !== null) {
    if (place > own)
      return {
        in: true,
        place,
        because: 'fallback',
        text: `At place ${place}, as a top-up since too few match`,
      };
    const put = byHand.putIn.includes(product.id);
    const pin = byHand.pins.find(({ id }) => id === product.id);
    return {
      in: true,
      place,
      because: put ? 'putIn' : 'rule',
      text: `At place ${place}${pin ? ', where it is pinned' : put ? ', put in by hand' : ''}`,
    };
  }
  const out = (reason: (Explanation & { in: false })['reason'], text: string): Explanation => ({
    in: false,
    reason,
    text,
  });
  if (byHand.leftOut.includes(product.id)) return out('leftOut', 'Left out by hand');
  if (soldOut === 'out' && !product.inStock)
    return out('soldOut', 'Left out since it is sold out, and sold-out products are hidden');
  const put = byHand.putIn.includes(product.id);
  if (!put && !groupHolds(rule, product, world))
    return out('rule', `Left out by ${against(rule, product, world, names)}`);
  if (!put && above.has(product.id)) return out('shownAbove', 'Left out since the page shows it above');
  return out(
    'limit',
    `Over the limit: it would be at place ${standing.placeWithoutLimit ?? '?'}, and the limit is ${limit ?? 'lower'}`,
  );
}

/** What a rule names that is gone, clause by clause. */
export function goneIn(rule: Group, names: Names): string[] {
  return rule.parts.flatMap((part) =>
    isGroup(part) ? goneIn(part, names) : clauseKind(part.is).gone(part, names),
  );
}
