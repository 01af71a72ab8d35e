import type { FilterKind } from '../filterKind.ts';
import { brandFilter, type BrandFilter } from './brand.ts';
import { categoryFilter, type CategoryFilter } from './category.ts';
import { fieldFilter, measureFilter, type FieldFilter, type MeasureFilter } from './field.ts';
import { optionFilter, type OptionFilter } from './option.ts';
import { priceFilter, type PriceFilter } from './price.ts';
import { ratingFilter, type RatingFilter } from './rating.ts';
import { reducedFilter, type ReducedFilter } from './reduced.ts';
import { stockFilter, type StockFilter } from './stock.ts';
import { tagFilter, type TagFilter } from './tag.ts';

export type Filter =
  | CategoryFilter
  | PriceFilter
  | OptionFilter
  | StockFilter
  | RatingFilter
  | BrandFilter
  | TagFilter
  | ReducedFilter
  | FieldFilter
  | MeasureFilter;

/** Every filter there is; to add one, define it and list it here. */
const kinds = [
  categoryFilter,
  priceFilter,
  optionFilter,
  stockFilter,
  ratingFilter,
  brandFilter,
  tagFilter,
  reducedFilter,
  fieldFilter,
  measureFilter,
];
export const filterKinds = kinds as unknown as readonly FilterKind<Filter>[];

const byId = new Map(filterKinds.map((kind) => [kind.id, kind]));
export const filterKind = (id: Filter['by']): FilterKind<Filter> => byId.get(id)!;

/** What tells one filter of a listing from the others. */
export const filterId = (filter: Filter): string =>
  'option' in filter
    ? `option.${filter.option}`
    : 'field' in filter
      ? `${filter.by}.${filter.field}`
      : filter.by;
