import { clauseKind, type Clause } from '../assortment/clauses/index.ts';
import { sayGroup } from '../assortment/say.ts';
import { clausesIn, ruleSchema, type Group } from '../assortment/rule.ts';
import { colourSchema } from '../colour/colourSchema.ts';
import { addressSchema, LONGEST_TAG, pictureIdSchema, wordsSchema } from '../facts/factSchemas.ts';
import { LONGEST_OPTION } from '../goods/variants.ts';
import { idSchema, mixed, object, string, type Schema } from '../schema/schema.ts';
import { schemaFault } from '../schema/schemaFault.ts';
import { counted, type Names } from '../sentence/sentence.ts';
import { GROUPINGS, type Grouping, type GroupingOf } from './grouping.ts';
import { placeOf, type Place } from './places.ts';

/** Something that can be set of one of a kind. */
export interface GroupingFact {
  id: 'name' | 'slug' | 'description' | 'extraLine' | 'unit' | 'colour' | 'pictureId' | 'rule' | 'place';
  name: string;
  schema: Schema;
  /** @param all of its kind, since where it stands depends on the others */
  read(all: readonly Grouping[], one: Grouping): unknown;
  /** A value of it in words; empty for none. */
  say(value: unknown, names: Names): string;
}

/** One way in which products are put together, or something that is said of them. */
export interface GroupingKind {
  of: GroupingOf;
  one: string;
  many: string;
  /** What their list is called. */
  title: string;
  /** What can be set of it, in the order in which it is offered. */
  facts: readonly GroupingFact[];
  /** They stand under one another. */
  tree?: true;
  /** Each holds values of one type, and rules name it by its address. */
  typed?: true;
  /** Each is one of another kind's for good, and listed with it. */
  under?: GroupingOf;
  /** What each has of another kind. */
  holds?: GroupingOf;
  /** What one goes on being known by once it is called otherwise, in a sentence. */
  knownAs?(one: Pick<Grouping, 'slug'>): string;
  /** It cannot be taken out as long as products have it. */
  staysWithProducts?: true;
  /** What is said of a new one. */
  begins: string;
  /** What of them is counted where it is missing. */
  lacks: readonly Lacking[];
  /** Whether a part of something stored asks for one; those of other kinds are asked for by clauses of their own. */
  isAskedFor?(stored: Readonly<Record<string, unknown>>, one: Pick<Grouping, 'id' | 'slug'>): boolean;
}

/** What some may lack, each a filter of their list. */
export interface Lacking {
  id: string;
  /** "without a picture" */
  words: string;
  /** "no picture" */
  short: string;
  is(one: Grouping): boolean;
}

const FILLED_BY_HAND = 'It has no products until you put some into it.';

export const LONGEST_GROUPING = { name: 120, line: 200, unit: 12, description: 2_000 };

const asTyped: GroupingFact['say'] = (value) => (value === '' ? '' : `“${String(value)}”`);

const text = (
  id: 'name' | 'slug' | 'description' | 'extraLine' | 'unit',
  name: string,
  schema: unknown,
): GroupingFact => ({ id, name, schema: schema as Schema, read: (_, one) => one[id], say: asTyped });

const named = (longest: number) => text('name', 'Name', wordsSchema(longest, 'It needs a name.'));
const name = named(LONGEST_GROUPING.name);
/** It stands in files and beside swatches. */
const shortName = named(LONGEST_OPTION);
const slug = text('slug', 'Address', addressSchema);
const description = text('description', 'Description', string().max(LONGEST_GROUPING.description).defined());
const unit = text('unit', 'Unit', string().max(LONGEST_GROUPING.unit).defined());
const extraLine = text('extraLine', 'Extra line', string().max(LONGEST_GROUPING.line).defined());

const colour: GroupingFact = {
  id: 'colour',
  name: 'Colour',
  schema: colourSchema.nullable().defined(),
  read: (_, one) => one.colour,
  say: (value) => (value === null ? '' : String(value)),
};

const pictureId: GroupingFact = {
  id: 'pictureId',
  name: 'Picture',
  schema: pictureIdSchema.nullable().defined(),
  read: (_, one) => one.pictureId,
  say: (value) => (value === null ? '' : 'another picture'),
};

/** Whether a clause can be in the rule of a collection: one that finds the same from wherever it is asked. */
export const canFill = ({ is }: Clause): boolean => is !== 'collection' && !clauseKind(is).fromWhere;

/** Why a rule cannot fill a collection; null where it can. */
function ruleFault(rule: Group): string | null {
  const clauses = clausesIn(rule);
  if (clauses.length === 0) return 'Say at least one thing that its products have in common.';
  const unfit = clauses.find((clause) => !canFill(clause));
  if (!unfit) return null;
  return unfit.is === 'collection'
    ? 'A collection cannot be filled from collections.'
    : 'A collection has the same products wherever it is shown, so its rule cannot go by the page or the shopper.';
}

const rule: GroupingFact = {
  id: 'rule',
  name: 'Rule',
  schema: mixed()
    .nullable()
    .defined()
    .test('fits', function (value) {
      if (value === null) return true;
      const fault = schemaFault(ruleSchema, value) ?? ruleFault(value as Group);
      return fault === null || this.createError({ message: fault });
    }),
  read: (_, one) => one.rule,
  say: (value, names) => (value === null ? '' : `“${sayGroup(value as Group, names)}”`),
};

const place: GroupingFact = {
  id: 'place',
  name: 'Place',
  schema: object({ parent: idSchema.nullable().defined(), before: idSchema.nullable().defined() })
    .noUnknown()
    .required(),
  read: (all, one) => placeOf(all, one.id),
  say: (value, names) => {
    const { parent } = value as Place;
    return parent === null ? 'another one' : `under ${names.category(parent) ?? 'another category'}`;
  },
};

const lacksPicture: Lacking = {
  id: 'picture',
  words: 'without a picture',
  short: 'no picture',
  is: (one) => one.pictureId === null,
};
const lacksDescription: Lacking = {
  id: 'description',
  words: 'without a description',
  short: 'no description',
  is: (one) => one.description.trim() === '',
};
const lacksProducts: Lacking = {
  id: 'products',
  words: 'without products',
  short: 'no products',
  is: (one) => one.products === 0 && one.rule === null,
};

/** Every kind there is; to add one, list it here and where it is kept. */
export const groupingKinds: Readonly<Record<GroupingOf, GroupingKind>> = {
  category: {
    of: 'category',
    one: 'category',
    many: 'categories',
    title: 'Categories',
    facts: [name, slug, place, description, extraLine, pictureId],
    tree: true,
    begins: FILLED_BY_HAND,
    lacks: [lacksPicture, lacksDescription, lacksProducts],
  },
  collection: {
    of: 'collection',
    one: 'collection',
    many: 'collections',
    title: 'Collections',
    facts: [name, slug, rule, description, pictureId, place],
    begins: FILLED_BY_HAND,
    lacks: [lacksPicture, lacksDescription, lacksProducts],
  },
  field: {
    of: 'field',
    one: 'field',
    many: 'fields',
    title: 'Fields',
    facts: [name, unit, place],
    typed: true,
    begins: 'What it holds stays so. Each product is given its own where the product is edited.',
    lacks: [lacksProducts],
    // Rules, filters and cards name a field in the same way.
    isAskedFor: (stored, { slug }) => stored.field === slug,
  },
  brand: {
    of: 'brand',
    one: 'brand',
    many: 'brands',
    title: 'Brands',
    facts: [name],
    begins: 'It has no products until it is set where they are edited.',
    lacks: [lacksProducts],
  },
  tag: {
    of: 'tag',
    one: 'tag',
    many: 'tags',
    title: 'Tags',
    facts: [named(LONGEST_TAG)],
    begins: 'Products are given it where they are edited, or several at once in their list.',
    lacks: [lacksProducts],
    knownAs: ({ slug }) => `Rules, labels and files know it as “${slug}” as well.`,
    // Labels name a tag as rules do.
    isAskedFor: ({ is, tags, tag }, { slug }) =>
      tag === slug || (is === 'tag' && Array.isArray(tags) && tags.includes(slug)),
  },
  option: {
    of: 'option',
    one: 'option',
    many: 'options',
    title: 'Options',
    facts: [shortName, place],
    holds: 'value',
    staysWithProducts: true,
    begins: 'Products are given it where they are edited, under prices and stock.',
    lacks: [lacksProducts],
    // So do rules, filters and the swatches of a card.
    isAskedFor: (stored, { id }) => stored.option === id,
  },
  value: {
    of: 'value',
    one: 'value',
    many: 'values',
    title: 'Values',
    facts: [shortName, colour, pictureId, place],
    under: 'option',
    staysWithProducts: true,
    begins: 'It has no products until one of them has a variant in it.',
    lacks: [lacksProducts],
    isAskedFor: ({ is, values }, { id }) => is === 'option' && Array.isArray(values) && values.includes(id),
  },
};

/** Kinds that have a list of their own. */
export const listedKinds: readonly GroupingKind[] = GROUPINGS.map((of) => groupingKinds[of]).filter(
  ({ under }) => !under,
);

/** Why one cannot be taken out of the catalogue, in a sentence; null where it can. */
export function whyItStays(of: GroupingOf, { catchAll, products }: Grouping): string | null {
  if (catchAll) return 'Products without a category stand here, so it stays.';
  return groupingKinds[of].staysWithProducts && products > 0
    ? `${counted(products, 'product comes', 'products come')} in it, so it stays. Take it off them first.`
    : null;
}

export const groupingFact = (of: GroupingOf, id: string): GroupingFact | undefined =>
  groupingKinds[of].facts.find((fact) => fact.id === id);
