import type { FieldValue } from '../assortment/kinds.ts';
import type { Goods, GoodsVariant } from '../goods/goods.ts';
import { edited, goodsEdits, goodsFault, type GoodsEdit } from '../goods/goodsEdit.ts';
import { calledBy, type RowFault } from './importRow.ts';
import type { Lookup } from './lookup.ts';
import { Unreadable } from './targets.ts';
import type { Wanted, WantedVariant } from './wanted.ts';

/** A variant that is not there yet. */
export interface NewVariant {
  code: string;
  price: number;
  reduced: number | null;
  stock: number | null;
  /** Ids of option values; below nothing for those that are made with it. */
  values: readonly number[];
}

/** A product that is not there yet. */
export interface NewGoods extends Pick<
  Goods,
  | 'title'
  | 'code'
  | 'shortText'
  | 'longText'
  | 'brandId'
  | 'featured'
  | 'categoryIds'
  | 'collectionIds'
  | 'pictureIds'
  | 'tags'
  | 'fields'
> {
  /** What its address is to be; empty for one made of its title. */
  slug: string;
  variants: readonly NewVariant[];
}

/** What would happen to the product of some rows. */
export type Outcome = { line: number; rows: number } & (
  | { is: 'new'; goods: NewGoods }
  | { is: 'changed'; goods: Goods; edits: readonly GoodsEdit[]; added: readonly NewVariant[] }
  | { is: 'unchanged' }
  | { is: 'refused'; fault: RowFault }
);
export type OutcomeIs = Outcome['is'];

/** Facts of a product; first what may be refused, so that nothing is made for what is. */
const FACTS = [
  'collectionIds',
  'title',
  'shortText',
  'longText',
  'brandId',
  'featured',
  'categoryIds',
  'tags',
  'pictureIds',
] as const;
const OF_VARIANT = ['code', 'price', 'reduced', 'stock'] as const;

/** What a file wants of a product, against what is there. */
export function compared(wanted: Wanted, there: Goods | undefined, lookup: Lookup): Outcome {
  const { line, rows, keys } = wanted;
  const at = { line, rows };
  const refused = (why: string, field = '', onLine = line): Outcome => ({
    ...at,
    is: 'refused',
    fault: { line: onLine, field, why, of: there?.title ?? calledBy(keys) },
  });
  const priced = wanted.variants.map(withoutNoReduction);
  if (!there) {
    if (keys.title === '') return refused('The title is empty.', 'Title');
    const unpriced = priced.find(({ price }) => price === undefined);
    if (unpriced || priced.length === 0) return refused('The price is empty.', 'Price', unpriced?.line);
    const unfit = goodsFault({ title: keys.title, variants: priced.map(asVariant) });
    if (unfit !== null) return refused(unfit, 'Reduced price');
    const facts = factsOf(wanted, lookup);
    if (facts instanceof Unreadable) return refused(facts.why, 'Collections');
    return { ...at, is: 'new', goods: newGoods(wanted, priced, facts, lookup) };
  }
  const [edits, added]: [GoodsEdit[], WantedVariant[]] = [[], []];
  for (const variant of priced) {
    const which = variantOf(there, variant, lookup);
    if (typeof which === 'string') return refused(which, '', variant.line);
    if (which === null) added.push(variant);
    else
      for (const fact of OF_VARIANT)
        if (variant[fact] !== undefined)
          edits.push(...goodsEdits(there, { of: 'variant', part: which.id, fact }, variant[fact]));
  }
  const unpriced = added.find(({ price }) => price === undefined);
  if (unpriced) return refused('The price is empty.', 'Price', unpriced.line);
  const after = edits.reduce(edited, there);
  const unfit = goodsFault({ title: after.title, variants: [...after.variants, ...added.map(asVariant)] });
  if (unfit !== null) return refused(unfit, 'Reduced price');
  const facts = factsOf(wanted, lookup);
  if (facts instanceof Unreadable) return refused(facts.why, 'Collections');
  for (const [fact, is] of facts) edits.push(...goodsEdits(there, { of: 'product', part: null, fact }, is));
  if (keys.code !== '')
    edits.push(...goodsEdits(there, { of: 'product', part: null, fact: 'code' }, keys.code));
  for (const [id, { value }] of wanted.fields)
    edits.push(...goodsEdits(there, { of: 'field', part: id, fact: 'value' }, value));
  return edits.length === 0 && added.length === 0
    ? { ...at, is: 'unchanged' }
    : { ...at, is: 'changed', goods: there, edits, added: added.map((one) => newVariant(one, lookup)) };
}

/** A reduced price that is the price itself is none. */
const withoutNoReduction = (variant: WantedVariant): WantedVariant =>
  variant.reduced !== undefined && variant.reduced === variant.price
    ? { ...variant, reduced: null }
    : variant;

const asVariant = ({ price = 0, reduced = null, choice }: WantedVariant): GoodsVariant => ({
  id: 0,
  pictureId: null,
  values: [],
  code: '',
  price,
  reduced,
  stock: null,
  choice: choice.map(([, value]) => value).join(', '),
});

type Facts = ReadonlyMap<(typeof FACTS)[number], unknown>;

/** What a file says of a product. */
function factsOf({ product }: Wanted, lookup: Lookup): Facts | Unreadable {
  const facts = new Map<(typeof FACTS)[number], unknown>();
  for (const fact of FACTS) {
    const said = product.get(fact);
    const is = said && named(fact, said.value, lookup);
    if (is instanceof Unreadable) return is;
    if (is !== undefined) facts.set(fact, is);
  }
  return facts;
}

/** What has a list of its own by its names, everything else as it is; undefined where that cannot be told. */
function named(fact: (typeof FACTS)[number], value: unknown, lookup: Lookup): unknown {
  if (fact === 'brandId') return value === '' ? null : lookup.brand(value as string);
  if (fact === 'categoryIds')
    return [...new Set((value as string[][]).map((path) => lookup.category(path)))].sort((a, b) => a - b);
  if (fact === 'collectionIds') {
    const names = value as string[];
    const ruled = names.find((name) => lookup.isRuled(name));
    return ruled === undefined
      ? [...new Set(names.map((name) => lookup.collection(name)))].sort((a, b) => a - b)
      : new Unreadable(`The collection “${ruled}” is filled by a rule, so that nothing can be put into it.`);
  }
  if (fact === 'tags') return [...new Set((value as string[]).map((name) => lookup.tag(name)))].sort();
  if (fact === 'pictureIds') {
    const ids = (value as string[]).map((name) => lookup.picture(name));
    // What it has stays where it cannot have all that are named.
    return ids.includes(null) ? undefined : [...new Set(ids)];
  }
  return value;
}

const chosen = ({ choice }: WantedVariant, lookup: Lookup) =>
  choice.map(([option, value]) => lookup.value(option, value)).sort((a, b) => a.option - b.option);

/** Which variant of a product is meant; null for one that is not there yet, a sentence where it cannot be told. */
function variantOf(
  { variants, title }: Goods,
  wanted: WantedVariant,
  lookup: Lookup,
): GoodsVariant | null | string {
  const [only] = variants;
  if (wanted.choice.length > 0) {
    if (variants.length === 1 && only!.choice === '')
      return `${title} is there without options, so that no variant can be added to it.`;
    const said = chosen(wanted, lookup);
    return (
      variants.find(
        ({ values }) => values.length === said.length && said.every(({ id }) => values.includes(id)),
      ) ?? null
    );
  }
  if (variants.length === 1) return only!;
  const coded = variants.filter(({ code }) => wanted.code && code === wanted.code);
  if (coded.length === 1) return coded[0]!;
  return OF_VARIANT.some((fact) => wanted[fact] !== undefined)
    ? `${title} has ${variants.length} variants, and the row does not say which it is of.`
    : only!;
}

const newVariant = (variant: WantedVariant, lookup: Lookup): NewVariant => ({
  code: variant.code ?? '',
  price: variant.price!,
  reduced: variant.reduced ?? null,
  // One that nobody has counted is sold out until somebody does, as every new product is.
  stock: variant.stock === undefined ? 0 : variant.stock,
  values: chosen(variant, lookup).map(({ id }) => id),
});

function newGoods(
  { fields, keys }: Wanted,
  variants: readonly WantedVariant[],
  facts: Facts,
  lookup: Lookup,
): NewGoods {
  const said = <T>(fact: (typeof FACTS)[number], none: T): T =>
    facts.has(fact) ? (facts.get(fact) as T) : none;
  return {
    slug: keys.slug,
    title: keys.title,
    code: keys.code,
    shortText: said('shortText', ''),
    longText: said('longText', ''),
    brandId: said<number | null>('brandId', null),
    featured: said('featured', false),
    categoryIds: said<number[]>('categoryIds', []),
    collectionIds: said<number[]>('collectionIds', []),
    pictureIds: said<string[]>('pictureIds', []),
    tags: said<string[]>('tags', []),
    fields: Object.fromEntries(
      [...fields].flatMap(([id, { value }]) => (value === null ? [] : [[id, value] as [string, FieldValue]])),
    ),
    variants: variants.map((variant) => newVariant(variant, lookup)),
  };
}
