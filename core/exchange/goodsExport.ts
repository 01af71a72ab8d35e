import { decimalMoney } from '../catalogue/money.ts';
import type { Goods, GoodsVariant } from '../goods/goods.ts';
import { cellOf } from './cellOf.ts';
import { VARIANTS } from './jsonCells.ts';
import { optionTarget, targetsOf, type OwnTargets } from './ownTargets.ts';

/** A product as it is exported: what it names, by names. */
export interface ExportedGoods {
  goods: Goods;
  brand: string;
  /** Each as its levels from the root down. */
  categories: readonly (readonly string[])[];
  /** Those that are filled by hand. */
  collections: readonly string[];
  tags: readonly string[];
  /** Each by its name, or by its id where that could be another's. */
  pictures: readonly string[];
  /** For each variant, its value of each option it has. */
  choices: readonly Readonly<Record<string, string>>[];
}

/** What is exported of products, column by column. */
interface ExportColumn {
  target: string;
  /** A key is said with every variant; what else is of the product is said once. */
  of: 'key' | 'product' | 'variant';
  value(exported: ExportedGoods, at: number): unknown;
}

const key = (target: 'slug' | 'code' | 'title'): ExportColumn => ({
  target,
  of: 'key',
  value: ({ goods }) => goods[target],
});

const ofProduct = (target: string, value: (exported: ExportedGoods) => unknown): ExportColumn => ({
  target,
  of: 'product',
  value,
});

const ofVariant = (target: string, say: (variant: GoodsVariant) => unknown): ExportColumn => ({
  target,
  of: 'variant',
  value: ({ goods }, at) => {
    const variant = goods.variants[at];
    return variant && say(variant);
  },
});

const KEYS: readonly ExportColumn[] = [key('slug'), key('code'), key('title')];

const PRODUCT: readonly ExportColumn[] = [
  ofProduct('shortText', ({ goods }) => goods.shortText),
  ofProduct('longText', ({ goods }) => goods.longText),
  ofProduct('brand', ({ brand }) => brand),
  ofProduct('categories', ({ categories }) => categories),
  ofProduct('collections', ({ collections }) => collections),
  ofProduct('tags', ({ tags }) => tags),
  ofProduct('pictures', ({ pictures }) => pictures),
  ofProduct('featured', ({ goods }) => goods.featured),
];

const variantColumns = (currency: string): readonly ExportColumn[] => {
  const money = (minor: number | null) => (minor === null ? null : decimalMoney(minor, currency));
  return [
    ofVariant('variantCode', ({ code }) => code),
    ofVariant('price', ({ price }) => money(price)),
    ofVariant('reduced', ({ reduced }) => money(reduced)),
    ofVariant('stock', ({ stock }) => stock),
  ];
};

/** Products as they are exported, in either of two ways, both of which an import reads as what is there already. */
export interface GoodsExport {
  /** Of the columns of a table. */
  names: string[];
  /** A row for each variant; what is of the product stands in the first. */
  rows(exported: ExportedGoods): string[][];
  /** The same as values under their names, with the variants in a list; what is empty is left out. */
  product(exported: ExportedGoods): Record<string, unknown>;
}

const isEmpty = (value: unknown): boolean => cellOf(value) === '';

export function goodsExport(own: OwnTargets, currency: string): GoodsExport {
  const targets = targetsOf(own);
  const columns = [
    ...KEYS,
    ...PRODUCT,
    ...variantColumns(currency),
    ...own.options.map(({ name }): ExportColumn => ({
      target: optionTarget(name).id,
      of: 'variant',
      value: ({ choices }, at) => choices[at]?.[name],
    })),
    ...own.fields.map(({ id }) => ofProduct(`field:${id}`, ({ goods }) => goods.fields[id])),
  ].map((column) => ({ ...column, name: targets.find(({ id }) => id === column.target)!.name }));
  const valuesOf = (exported: ExportedGoods, at: number, isOf: (of: ExportColumn['of']) => boolean) =>
    Object.fromEntries(
      columns
        .filter(({ of }) => isOf(of))
        .map(({ name, value }) => [name, value(exported, at)] as const)
        .filter(([, value]) => !isEmpty(value)),
    );
  return {
    names: columns.map(({ name }) => name),
    rows: (exported) =>
      Array.from({ length: Math.max(1, exported.goods.variants.length) }, (_, at) =>
        columns.map(({ of, value }) => (of === 'product' && at > 0 ? '' : cellOf(value(exported, at)))),
      ),
    product: (exported) => ({
      ...valuesOf(exported, 0, (of) => of !== 'variant'),
      [VARIANTS]: exported.goods.variants.map((_, at) => valuesOf(exported, at, (of) => of === 'variant')),
    }),
  };
}
