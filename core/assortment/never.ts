import type { Clause } from './clauses/index.ts';
import { isGroup, type Group, type Part } from './rule.ts';

/** Chooses from a list of which nothing is chosen yet, or from nothing that there can be. */
function clauseNever(clause: Clause): boolean {
  switch (clause.is) {
    case 'category':
    case 'collection':
    case 'brand':
    case 'named':
      return clause.ids.length === 0;
    case 'tag':
      return clause.tags.length === 0;
    case 'kind':
      return clause.kinds.length === 0;
    case 'option':
      return clause.values.length === 0;
    default:
      return false;
  }
}

/** Two clauses that no product can meet at once. */
function atOdds(a: Clause, b: Clause): boolean {
  if (a.is === 'price' && b.is === 'price')
    return Math.max(a.least ?? 0, b.least ?? 0) > Math.min(a.most ?? Infinity, b.most ?? Infinity);
  if (a.is === 'stock' && b.is === 'stock') return (a.state === 'out') !== (b.state === 'out');
  if (a.is === 'kind' && b.is === 'kind') return !a.kinds.some((kind) => b.kinds.includes(kind));
  if (a.is === 'brand' && b.is === 'brand') return !a.ids.some((id) => b.ids.includes(id));
  if (a.is === 'field' && b.is === 'field' && a.field === b.field) {
    if (a.compare === 'is' && b.compare === 'is') return a.value !== b.value;
    const [least, most] = a.compare === 'atLeast' ? [a, b] : [b, a];
    return least.compare === 'atLeast' && most.compare === 'atMost' && least.value > most.value;
  }
  return false;
}

const always = (part: Part): boolean => isGroup(part) && part.parts.length === 0;

/** Whether a rule can hold for no product whatever, by how it is made and not by what there is. */
export function neverHolds(part: Part): boolean {
  if (!isGroup(part)) return clauseNever(part);
  const { join, parts } = part;
  if (parts.length === 0) return false;
  if (join === 'any') return parts.every(neverHolds);
  if (join === 'none') return parts.some(always);
  const clauses = parts.filter((one): one is Clause => !isGroup(one));
  return parts.some(neverHolds) || clauses.some((a, i) => clauses.slice(i + 1).some((b) => atOdds(a, b)));
}

/** Whether an assortment's rule can hold for nothing that its rule for stock lets in. */
export const neverShows = (rule: Group, soldOut: 'asTheyCome' | 'toTheEnd' | 'out'): boolean =>
  neverHolds(rule) ||
  (soldOut === 'out' &&
    rule.join === 'all' &&
    rule.parts.some((part) => !isGroup(part) && part.is === 'stock' && part.state === 'out'));
