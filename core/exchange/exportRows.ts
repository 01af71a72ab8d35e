import { decimalMoney } from '../catalogue/money.ts';
import type { FieldValue } from '../assortment/kinds.ts';
import type { Goods, GoodsVariant } from '../goods/goods.ts';
import { escaped } from './cells.ts';
import { optionTarget, targetsOf, type OwnTargets } from './targets.ts';

/** A product as it is exported: what it names, by names. */
export interface ExportedGoods {
  goods: Goods;
  brand: string;
  /** Each as its levels from the root down. */
  categories: readonly (readonly string[])[];
  /** For each variant, its value of each option it has. */
  choices: readonly Readonly<Record<string, string>>[];
}

/** A number that no mark of thousands could be read in. */
function plainNumber(value: number): string {
  const said = String(value);
  return /\.\d{3}$/u.test(said) ? `${said}0` : said;
}

function fieldCell(value: FieldValue | undefined): string {
  if (value === undefined) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return typeof value === 'number' ? plainNumber(value) : value;
}

/** What stands in a table of products, column by column; the columns of the product are empty after its first row. */
interface ExportColumn {
  target: string;
  cell(exported: ExportedGoods, at: number, variant: GoodsVariant | undefined): string;
}

const ofProduct = (target: string, say: (exported: ExportedGoods) => string): ExportColumn => ({
  target,
  cell: (exported, at) => (at === 0 ? say(exported) : ''),
});

const KEYS: readonly ExportColumn[] = [
  { target: 'slug', cell: ({ goods }) => goods.slug },
  { target: 'code', cell: ({ goods }) => goods.code },
  { target: 'title', cell: ({ goods }) => goods.title },
];

const PRODUCT: readonly ExportColumn[] = [
  ofProduct('shortText', ({ goods }) => goods.shortText),
  ofProduct('longText', ({ goods }) => goods.longText),
  ofProduct('brand', ({ brand }) => brand),
  ofProduct('categories', ({ categories }) =>
    categories.map((path) => path.map(escaped).join(' > ')).join('; '),
  ),
  ofProduct('tags', ({ goods }) => goods.tags.map(escaped).join('; ')),
  ofProduct('featured', ({ goods }) => (goods.featured ? 'yes' : 'no')),
];

const variantColumns = (currency: string): readonly ExportColumn[] => {
  const money = (minor: number | null | undefined) =>
    minor === null || minor === undefined ? '' : decimalMoney(minor, currency);
  return [
    { target: 'variantCode', cell: (_, _at, variant) => variant?.code ?? '' },
    { target: 'price', cell: (_, _at, variant) => money(variant?.price) },
    { target: 'reduced', cell: (_, _at, variant) => money(variant?.reduced) },
    { target: 'stock', cell: (_, _at, variant) => String(variant?.stock ?? '') },
  ];
};

/** A table of products with one row for each variant, that an import reads as what is there already. */
export function exportTable(
  own: OwnTargets,
  currency: string,
): { names: string[]; rows(exported: ExportedGoods): string[][] } {
  const targets = targetsOf(own);
  const columns: readonly ExportColumn[] = [
    ...KEYS,
    ...PRODUCT,
    ...variantColumns(currency),
    ...own.options.map(({ name }): ExportColumn => ({
      target: optionTarget(name).id,
      cell: ({ choices }, at) => choices[at]?.[name] ?? '',
    })),
    ...own.fields.map(({ id }) => ofProduct(`field:${id}`, ({ goods }) => fieldCell(goods.fields[id]))),
  ];
  return {
    names: columns.map(({ target }) => targets.find(({ id }) => id === target)!.name),
    rows: (exported) => {
      const { variants } = exported.goods;
      return (variants.length === 0 ? [undefined] : variants).map((variant, at) =>
        columns.map(({ cell }) => cell(exported, at, variant)),
      );
    },
  };
}
