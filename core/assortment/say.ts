import { capital, counted, listed, type Names, type Piece, type Sentence } from '../sentence/sentence.ts';
import {
  isGroup,
  type Assortment,
  type CategoryAssortment,
  type Group,
  type ProductAssortment,
} from './assortment.ts';
import { clauseKind } from './clauses/index.ts';
import { orderKind } from './orders/index.ts';

function sayPart(part: Group['parts'][number], names: Names): string {
  return isGroup(part) ? sayGroup(part, names) : clauseKind(part.is).say(part, names);
}

export function sayGroup(group: Group, names: Names): string {
  const parts = group.parts.map((part) => sayPart(part, names));
  if (group.join === 'all') return parts.join(', ');
  if (group.join === 'any') return `either ${listed(parts, 'or')}`;
  return `not ${listed(parts, 'or')}`;
}

const soldOutWords = {
  asTheyCome: 'sold-out pieces as they come',
  toTheEnd: 'sold-out pieces last',
  out: 'in stock',
};

function sayProducts({ rule, order, soldOut, limit }: ProductAssortment, names: Names): Sentence {
  const parts: Piece[] = [];
  if (rule.parts.length === 0) parts.push({ text: 'All products', opens: 'rule' });
  else if (rule.join === 'all')
    rule.parts.forEach((part, i) => {
      if (i > 0) parts.push(', ');
      const words = sayPart(part, names);
      parts.push({ text: i === 0 ? capital(words) : words, opens: 'rule' });
    });
  else parts.push({ text: capital(sayGroup(rule, names)), opens: 'rule' });
  if (soldOut !== 'asTheyCome') parts.push(', ', { text: soldOutWords[soldOut], opens: 'soldOut' });
  parts.push(', ', { text: orderKind(order.by).say(order), opens: 'order' });
  if (limit !== null) parts.push('; ', { text: `at most ${limit}`, opens: 'limit' });
  return parts;
}

const categoryOrderWords = {
  own: 'in your own order',
  name: 'by name',
  count: 'fullest first',
  asNamed: 'in the order named',
};

export function sayChoice(choose: CategoryAssortment['choose'], names: Names): string {
  if (choose.from === 'roots') return 'Main categories';
  if (choose.from === 'all') return 'All categories';
  if (choose.from === 'children') return `Categories in ${names.category(choose.id) ?? 'one that is gone'}`;
  if (choose.ids.length > 2) return counted(choose.ids.length, 'named category', 'named categories');
  return (
    capital(listed(choose.ids.map((id) => names.category(id) ?? 'one that is gone'))) ||
    'Categories still to be named'
  );
}

export function sayWithout(without: CategoryAssortment['without']): string {
  const gone = [
    without.empty && 'empty ones',
    without.pictureless && 'ones without a picture',
    without.catchAll && 'the catch-all',
  ].filter((word) => word !== false);
  return gone.length ? `without ${listed(gone)}` : 'leaving none out';
}

function sayCategories({ choose, without, order, limit }: CategoryAssortment, names: Names): Sentence {
  return [
    { text: sayChoice(choose, names), opens: 'choose' },
    ', ',
    { text: sayWithout(without), opens: 'without' },
    ', ',
    { text: categoryOrderWords[order.by], opens: 'order' },
    ...(limit === null ? [] : ['; ', { text: `at most ${limit}`, opens: 'limit' }]),
  ];
}

/** The selection read aloud; each piece opens the setting it tells of. */
export function sayAssortment(assortment: Assortment, names: Names): Sentence {
  return assortment.of === 'products' ? sayProducts(assortment, names) : sayCategories(assortment, names);
}
