import type { ProductAssortment } from './products.ts';
import { clauseKind } from './clauses/index.ts';
import { clauseHolds, groupHolds } from './holds.ts';
import type { ProductRecord, World } from './kinds.ts';
import { isGroup, type Group, type Part } from './rule.ts';
import { plain, type Names } from '../sentence/sentence.ts';

/** Where a product stands, or the first reason against it. */
export type Explanation =
  | { in: true; place: number; because: 'putIn' | 'rule' | 'fallback'; text: string }
  | { in: false; reason: 'leftOut' | 'soldOut' | 'rule' | 'shownAbove' | 'limit'; text: string };

const sayPart = (part: Part, names: Names): string =>
  isGroup(part) ? 'a group' : plain(clauseKind(part.is).say(part, names));

/** Why a group does not hold: the first clause against it; for "any", every branch; for "none", the one that does. */
function against(group: Group, product: ProductRecord, world: World, names: Names, at: string): string {
  const holds = (part: Part) =>
    isGroup(part) ? groupHolds(part, product, world) : clauseHolds(part, product, world);
  const why = (part: Part, place: string): string =>
    isGroup(part)
      ? against(part, product, world, names, `${place}.`)
      : `clause ${place}: ${clauseKind(part.is).against(part, product, world, names)}`;
  if (group.join === 'all') {
    const i = group.parts.findIndex((part) => !holds(part));
    return why(group.parts[i]!, `${at}${i + 1}`);
  }
  if (group.join === 'any')
    return `none of these holds: ${group.parts.map((part, i) => why(part, `${at}${i + 1}`)).join('; ')}`;
  const i = group.parts.findIndex(holds);
  return `clause ${at}${i + 1}: it is ${sayPart(group.parts[i]!, names)}, which the rule leaves out`;
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
        text: `In, at place ${place}: too few match, and it tops up`,
      };
    const put = byHand.putIn.includes(product.id);
    const pin = byHand.pins.find(({ id }) => id === product.id);
    return {
      in: true,
      place,
      because: put ? 'putIn' : 'rule',
      text: `In, at place ${place}${pin ? ', where it is pinned' : put ? ', put in by hand' : ''}`,
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
    return out('rule', `Left out by ${against(rule, product, world, names, '')}`);
  if (!put && above.has(product.id)) return out('shownAbove', 'Left out since the page shows it above');
  return out(
    'limit',
    `Beyond the greatest number: it would stand at place ${standing.placeWithoutLimit ?? '?'}, and ${limit ?? 'fewer'} are let in`,
  );
}

/** What a rule names that is gone, clause by clause. */
export function goneIn(rule: Group, names: Names): string[] {
  return rule.parts.flatMap((part) =>
    isGroup(part) ? goneIn(part, names) : clauseKind(part.is).gone(part, names),
  );
}
