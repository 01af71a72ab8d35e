import { TARGETS } from './targets.ts';
import { isGroup, VARIANTS } from './jsonCells.ts';

type Node = Record<string, unknown>;

/** So deep that products stand in what a page says of itself. */
const MOST_DEEP = 12;
/** Kinds of schema.org that are products. */
const PRODUCTS = new Set(['Product', 'ProductGroup', 'ProductModel', 'IndividualProduct', 'SomeProducts']);
/** Where products stand in lists, feeds and pages. */
const HOLDS = ['@graph', 'dataFeedElement', 'itemListElement', 'item', 'mainEntity', 'itemOffered'];
/** What variants of a product may differ in, as schema.org names it. */
const DIFFERS = ['color', 'size', 'material', 'pattern'];

const listOf = (value: unknown): unknown[] =>
  Array.isArray(value) ? value : value === undefined || value === null ? [] : [value];

/** The last step of a name that may be whole: "https://schema.org/OutOfStock". */
const shortName = (value: unknown): string =>
  typeof value === 'string' ? value.split(/[/#:]/u).at(-1)! : '';

const isOf = (node: Node, kinds: ReadonlySet<string>): boolean =>
  listOf(node['@type']).some((one) => kinds.has(shortName(one)));

/** Something said as words, as a thing with a name, or as a list of either, of which the first counts. */
function saidAs(value: unknown): string {
  const [first] = listOf(value);
  if (isGroup(first)) return saidAs(first.name ?? first['@value'] ?? first.value);
  return typeof first === 'string' || typeof first === 'number' ? String(first) : '';
}

/** Whether the beginning of a file is that of JSON-LD. */
export const isJsonLd = (beginning: string): boolean =>
  /^\uFEFF?\s*[[{]/u.test(beginning) && /"@(?:context|type|graph)"\s*:/u.test(beginning);

/** Every product that a value of JSON-LD tells of, wherever in it. */
export function productsIn(value: unknown, deep = 0): Node[] {
  if (deep > MOST_DEEP) return [];
  if (Array.isArray(value)) return value.flatMap((one) => productsIn(one, deep + 1));
  if (!isGroup(value)) return [];
  if (isOf(value, PRODUCTS)) return [value];
  return HOLDS.flatMap((name) => productsIn(value[name], deep + 1));
}

const nameOf = (target: string): string => TARGETS.find(({ id }) => id === target)!.name;

/** With its values in the columns of this store; what is empty is left out. */
const inColumns = (values: Readonly<Record<string, unknown>>): Node =>
  Object.fromEntries(
    Object.entries(values).flatMap(([target, value]) =>
      value === '' || value === undefined || (Array.isArray(value) && value.length === 0)
        ? []
        : [[nameOf(target), value]],
    ),
  );

/** What it costs and whether there is any: of the first offer, and the lowest of several in one. */
function sold(node: Node): { price: string; stock: string } {
  const [offer] = listOf(node.offers);
  const said = isGroup(offer) ? offer : {};
  const [inner] = listOf(said.priceSpecification ?? said.offers);
  const price = saidAs(said.price) || saidAs(said.lowPrice) || (isGroup(inner) ? saidAs(inner.price) : '');
  const level = saidAs(said.inventoryLevel ?? node.inventoryLevel);
  const isOut = /^(OutOfStock|SoldOut|Discontinued)$/u.test(shortName(said.availability));
  return { price, stock: level || (isOut ? '0' : '') };
}

const codeOf = (node: Node): string => saidAs(node.sku) || saidAs(node.productID) || saidAs(node.mpn);

/** Properties of its own, each a column by its name. */
const ownOf = (node: Node): Node =>
  Object.fromEntries(
    listOf(node.additionalProperty).flatMap((one) => {
      const name = isGroup(one) ? saidAs(one.name) : '';
      return isGroup(one) && name
        ? [[name, typeof one.value === 'boolean' ? one.value : saidAs(one.value)]]
        : [];
    }),
  );

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

/** A product of schema.org as the line of a file of JSON Lines that an import reads (calculations §23). */
export function asLine(node: Node): Node {
  const categories = listOf(node.category).map((one) =>
    saidAs(one)
      .split('>')
      .map((level) => level.trim())
      .filter(Boolean),
  );
  const keywords = listOf(node.keywords).flatMap((one) =>
    typeof one === 'string' && !Array.isArray(node.keywords) ? one.split(',') : [saidAs(one)],
  );
  const [offer] = listOf(node.offers);
  const whole = inColumns({
    slug: saidAs(node.url) || saidAs(isGroup(offer) ? offer.url : ''),
    code: saidAs(node.productGroupID) || codeOf(node),
    title: saidAs(node.name),
    shortText: saidAs(node.description),
    brand: saidAs(node.brand ?? node.manufacturer),
    categories: categories.filter((path) => path.length > 0),
    tags: keywords.map((one) => one.trim()).filter(Boolean),
  });
  const variants = listOf(node.hasVariant)
    .filter(isGroup)
    .map((variant) => ({
      ...inColumns({ variantCode: codeOf(variant), ...sold(variant) }),
      ...Object.fromEntries(
        DIFFERS.flatMap((name) => (saidAs(variant[name]) ? [[capital(name), saidAs(variant[name])]] : [])),
      ),
    }));
  return {
    ...ownOf(node),
    ...whole,
    ...(variants.length > 0 ? { [VARIANTS]: variants } : inColumns(sold(node))),
  };
}
