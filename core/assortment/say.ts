import {
  capital,
  counted,
  listed,
  plain,
  type Names,
  type Piece,
  type Sentence,
} from '../sentence/sentence.ts';
import type { Assortment } from './assortment.ts';
import { clauseKind } from './clauses/index.ts';
import { ofWords } from './of.ts';
import type { CategoriesWithout, CategoryChoice } from './others/categories.ts';
import type { ByHand, ProductAssortment } from './products.ts';
import type { Fallback } from './fallback.ts';
import { orderKind } from './orders/index.ts';
import { isGroup, type Group, type Part } from './rule.ts';

export const partWords = (part: Part, names: Names): string =>
  isGroup(part) ? `(${sayGroup(part, names)})` : plain(clauseKind(part.is).say(part, names));

/** A rule read aloud: "in Vases and below, in stock". Nothing for one without clauses. */
export function sayGroup(group: Group, names: Names): string {
  const parts = group.parts.map((part) => partWords(part, names));
  if (parts.length === 0) return '';
  if (group.join === 'all') return parts.join(', ');
  return group.join === 'any' ? `either ${listed(parts, 'or')}` : `not ${listed(parts, 'or')}`;
}

export const soldOutWords: Record<ProductAssortment['soldOut'], string> = {
  asTheyCome: 'sold-out products in order',
  toTheEnd: 'sold-out products last',
  out: 'in stock',
};

export function sayFallback({ fallback }: { fallback: Fallback | null }, names: Names): string {
  if (!fallback) return 'what there is, however few';
  if (fallback.then === 'goAway') return `if fewer than ${fallback.fewerThan} match, the bay is hidden`;
  const from = fallback.from === null ? undefined : names.assortment(fallback.from);
  return `if fewer than ${fallback.fewerThan} match, topped up from ${from ?? 'a removed assortment'}`;
}

export function sayByHand({ putIn, leftOut, pins }: ByHand): string {
  return [
    pins.length && `${pins.length} pinned`,
    putIn.length && `${putIn.length} put in`,
    leftOut.length && `${leftOut.length} left out`,
  ]
    .filter(Boolean)
    .join(', ');
}

function sayProducts(assortment: ProductAssortment, names: Names): Sentence {
  const { rule, order, soldOut, limit, byHand, fallback } = assortment;
  const parts: Piece[] = [];
  if (rule.parts.length === 0) parts.push({ text: 'All products', opens: 'rule' });
  else if (rule.join === 'all')
    rule.parts.forEach((part, i) => {
      if (i > 0) parts.push(', ');
      const words = partWords(part, names);
      parts.push({ text: i === 0 ? capital(words) : words, opens: 'rule' });
    });
  else parts.push({ text: capital(sayGroup(rule, names)), opens: 'rule' });
  if (soldOut !== 'asTheyCome') parts.push(', ', { text: soldOutWords[soldOut], opens: 'soldOut' });
  parts.push(', ', { text: orderKind(order.by).say(order), opens: 'order' });
  if (limit !== null) parts.push('; ', { text: `at most ${limit}`, opens: 'limit' });
  const hand = sayByHand(byHand);
  if (hand) parts.push('; ', { text: hand, opens: 'byHand' });
  if (fallback) parts.push('; ', { text: sayFallback(assortment, names), opens: 'fallback' });
  return parts;
}

export const otherOrderWords: Record<string, string> = {
  own: 'in your own order',
  name: 'by name',
  title: 'by title',
  count: 'most products first',
  newest: 'newest first',
  oldest: 'oldest first',
  asNamed: 'in the order picked',
};

export function sayChoice(choose: CategoryChoice, names: Names): string {
  if (choose.from === 'roots') return 'Main categories';
  if (choose.from === 'around') return 'Categories below that of the page';
  if (choose.from === 'all') return 'All categories';
  if (choose.from === 'children') return `Categories in ${names.category(choose.id) ?? 'a removed one'}`;
  if (choose.ids.length > 2)
    return counted(choose.ids.length, 'hand-picked category', 'hand-picked categories');
  return (
    capital(listed(choose.ids.map((id) => names.category(id) ?? 'a removed one'))) ||
    'Categories (none chosen yet)'
  );
}

const levelWords = ['main categories', 'subcategories', 'the third level', 'the fourth level'];
export const levelName = (depth: number): string => levelWords[depth] ?? `level ${depth + 1}`;

export function sayWithout(
  without: Partial<CategoriesWithout> & { empty: boolean; pictureless: boolean },
): string {
  const gone = [
    without.empty && 'empty ones',
    without.pictureless && 'ones without a picture',
    without.catchAll && 'uncategorised',
    ...(without.levels ?? []).map(levelName),
  ].filter((word) => typeof word === 'string');
  return gone.length ? `without ${listed(gone)}` : 'leaving none out';
}

function sayOthers(assortment: Exclude<Assortment, ProductAssortment>, names: Names): Sentence {
  const { of, limit } = assortment;
  const most: Piece[] = limit === null ? [] : ['; ', { text: `at most ${limit}`, opens: 'limit' }];
  if (of === 'pictures')
    return [{ text: counted(assortment.items.length, 'picture'), opens: 'items' }, ...most];
  const order: Piece = { text: otherOrderWords[assortment.order.by]!, opens: 'order' };
  if (of === 'categories')
    return [
      { text: sayChoice(assortment.choose, names), opens: 'choose' },
      ...(assortment.grouped ? [' ', { text: 'with their subcategories', opens: 'grouped' }] : []),
      ', ',
      { text: sayWithout(assortment.without), opens: 'without' },
      ', ',
      order,
      ...most,
    ];
  const { ids } = assortment;
  const chosen: Piece = {
    text:
      ids === null
        ? `All ${ofWords[of].many}`
        : counted(ids.length, `hand-picked ${ofWords[of].one}`, `hand-picked ${ofWords[of].many}`),
    opens: 'ids',
  };
  if (of === 'collections')
    return [chosen, ', ', { text: sayWithout(assortment.without), opens: 'without' }, ', ', order, ...most];
  return [
    chosen,
    ...(assortment.tags.length
      ? [', ', { text: `tagged ${listed(assortment.tags, 'or')}`, opens: 'tags' }]
      : []),
    ', ',
    order,
    ...most,
  ];
}

/** The selection read aloud; each piece opens the setting it tells of. */
export function sayAssortment(assortment: Assortment, names: Names): Sentence {
  return assortment.of === 'products' ? sayProducts(assortment, names) : sayOthers(assortment, names);
}
