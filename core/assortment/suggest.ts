import type { CategoryTree } from '../catalogue/categoryTree.ts';
import { fold } from '../catalogue/fold.ts';
import type { Vocabulary } from '../catalogue/vocabulary.ts';
import { capital, plain, type Names } from '../sentence/sentence.ts';
import { clauseKinds, type Clause } from './clauses/index.ts';
import type { FieldClause } from './clauses/field.ts';
import type { Group } from './rule.ts';
import { orderKinds, type Order } from './orders/index.ts';
import { sayGroup } from './say.ts';

/** Something that typed words may mean: a clause to add, or an order to take. */
export interface Suggestion {
  id: string;
  words: string;
  /** What kind of thing it is. */
  aside: string;
  clause?: Clause;
  /** A group of clauses: empty yet, or with the one that is not to hold. */
  group?: Group;
  order?: Order;
  /** The whole rule, changed. */
  rule?: Group;
}

/** What people say for a group. */
const groupWords: readonly [Group['join'], string, readonly string[]][] = [
  ['any', 'Any of these…', ['any', 'either', 'or', 'group']],
  ['none', 'None of these…', ['none', 'not', 'without', 'except', 'but']],
  ['all', 'All of these…', ['all', 'every', 'and']],
];

/** Begins the text (0), begins a word of it (1), stands in it (2); null where it is not found. */
function rankOf(text: string, wanted: string): number | null {
  const folded = fold(text);
  if (folded.startsWith(wanted)) return 0;
  if (` ${folded}`.includes(` ${wanted}`)) return 1;
  return folded.includes(wanted) ? 2 : null;
}

const MOST = 40;

/** What begins words that mean the opposite of what follows. */
const NOT = /^(?:is not|are not|not|none of|no|without|except|but not|never)\s+(?=\S)/i;

/** What begins words that mean just what follows. */
const IS = /^\s*(?:is|are)\s+(?!not\b)(?=\S)/i;

/** What words after "not" mean, as groups in which it does not hold. */
function opposites(
  typed: string,
  meaning: (words: string) => readonly Suggestion[],
  names: Names,
): Suggestion[] {
  const opposite = NOT.exec(typed);
  if (!opposite) return [];
  return meaning(typed.slice(opposite[0].length)).flatMap(({ id, aside, clause }) => {
    if (!clause) return [];
    const group: Group = { join: 'none', parts: [clause] };
    return [{ id: `not ${id}`, words: capital(sayGroup(group, names)), aside, group }];
  });
}

/**
 * What typed words may mean, best first: kinds of clause and order by what people call them, and whatever
 * really occurs in the catalogue by a part of its name. What a number stands for the kinds say themselves.
 */
export function suggest(
  said: string,
  vocabulary: Vocabulary,
  tree: CategoryTree,
  names: Names,
): Suggestion[] {
  const typed = said.replace(IS, '');
  const wanted = fold(typed);
  if (!wanted) return [];
  const found: { suggestion: Suggestion; rank: number }[] = [];
  const offer = (id: string, texts: readonly string[], lead: number, make: () => Omit<Suggestion, 'id'>) => {
    const ranks = texts.map((text) => rankOf(text, wanted)).filter((rank) => rank !== null);
    if (ranks.length) found.push({ suggestion: { id, ...make() }, rank: Math.min(...ranks) + lead });
  };
  const clause = (made: Clause, aside: string) => {
    const kind = clauseKinds.find(({ id }) => id === made.is)!;
    return { words: capital(plain(kind.say(made, names))), aside, clause: made };
  };

  const words = new Set(typed.toLowerCase().split(/[^\p{L}%]+/u));
  for (const kind of clauseKinds) {
    // A kind that is called by its name among the words goes first.
    const called = kind.find.some((word) => words.has(word)) ? -1 : 0.5;
    const meant = kind.typed?.(typed.toLowerCase()) ?? [];
    for (const [i, one] of meant.entries())
      found.push({
        suggestion: { id: `typed:${kind.id}:${i}`, ...clause(one, kind.name) },
        rank: called + i / 10,
      });
    // These are offered by the name of the field or the option itself.
    if (kind.id === 'field' || kind.id === 'option') continue;
    offer(`clause:${kind.id}`, [kind.name, ...kind.find], 0, () => ({
      words: kind.name,
      aside: 'Clause',
      clause: kind.atFirst(),
    }));
  }
  for (const [join, words, find] of groupWords)
    offer(`group:${join}`, find, 0.4, () => ({ words, aside: 'Group', group: { join, parts: [] } }));
  for (const option of vocabulary.options) {
    offer(`option:${option.id}`, [option.name], 0, () => ({
      words: `${option.name} is…`,
      aside: 'Option',
      clause: { is: 'option', option: option.id, values: [] },
    }));
    for (const value of option.values)
      offer(`value:${value.id}`, [value.name], 0.1, () => ({
        ...clause({ is: 'option', option: option.id, values: [value.id] }, `${value.products} products`),
      }));
  }
  for (const field of vocabulary.fields) {
    const first = (value: FieldClause['value'], compare: FieldClause['compare']): FieldClause => ({
      is: 'field',
      field: field.id,
      compare,
      value,
    });
    offer(`field:${field.id}`, [field.name], 0, () => ({
      words: `${field.name}…`,
      aside: 'Custom field',
      clause:
        field.type === 'number'
          ? first(field.least ?? 0, 'atLeast')
          : first(field.values[0] ?? (field.type === 'yesNo' ? true : ''), 'is'),
    }));
    if (field.type === 'text')
      for (const value of field.values)
        offer(`field:${field.id}:${String(value)}`, [String(value)], 0.2, () =>
          clause(first(value, 'is'), 'Custom field'),
        );
  }
  for (const category of tree.all)
    offer(`category:${category.id}`, [category.name], 0.1, () =>
      clause({ is: 'category', ids: [category.id], below: true }, `${category.products} products`),
    );
  for (const collection of vocabulary.collections)
    offer(`collection:${collection.id}`, [collection.name], 0.2, () =>
      clause({ is: 'collection', ids: [collection.id] }, 'Collection'),
    );
  for (const brand of vocabulary.brands)
    offer(`brand:${brand.id}`, [brand.name], 0.2, () =>
      clause({ is: 'brand', ids: [brand.id] }, `${brand.products} products`),
    );
  for (const { tag, name, products } of vocabulary.tags)
    offer(`tag:${tag}`, [name], 0.2, () => clause({ is: 'tag', tags: [tag] }, `${products} products`));
  for (const kind of orderKinds)
    offer(`order:${kind.id}`, [kind.name, ...kind.find], 0.3, () => ({
      words: capital(kind.say(kind.atFirst())),
      aside: 'Order',
      order: kind.atFirst(),
    }));
  const plainly = found
    .map((one, at) => ({ ...one, at }))
    .sort((a, b) => a.rank - b.rank || a.at - b.at)
    .map(({ suggestion }) => suggestion);
  const meaning = (words: string) => suggest(words, vocabulary, tree, names);
  return [...opposites(typed.trim(), meaning, names), ...plainly].slice(0, MOST);
}
