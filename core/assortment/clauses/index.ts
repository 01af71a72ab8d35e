import type { ClauseKind } from '../kinds.ts';
import { aroundClause, type AroundClause } from './around.ts';
import { brandClause, type BrandClause } from './brand.ts';
import { categoryClause, type CategoryClause } from './category.ts';
import { collectionClause, type CollectionClause } from './collection.ts';
import { featuredClause, type FeaturedClause } from './featured.ts';
import { fieldClause, type FieldClause } from './field.ts';
import { kindClause, type KindClause } from './kind.ts';
import { lookedAtClause, type LookedAtClause } from './lookedAt.ts';
import { namedClause, type NamedClause } from './named.ts';
import { newClause, type NewClause } from './new.ts';
import { optionClause, type OptionClause } from './option.ts';
import { priceClause, type PriceClause } from './price.ts';
import { ratingClause, type RatingClause } from './rating.ts';
import { reducedClause, type ReducedClause } from './reduced.ts';
import { relatedClause, type RelatedClause } from './related.ts';
import { sameBrandClause, type SameBrandClause } from './sameBrand.ts';
import { soldClause, type SoldClause } from './sold.ts';
import { stockClause, type StockClause } from './stock.ts';
import { tagClause, type TagClause } from './tag.ts';
import { wordsClause, type WordsClause } from './words.ts';

export type Clause =
  | AroundClause
  | BrandClause
  | CategoryClause
  | CollectionClause
  | FeaturedClause
  | FieldClause
  | KindClause
  | LookedAtClause
  | NamedClause
  | NewClause
  | OptionClause
  | PriceClause
  | RatingClause
  | ReducedClause
  | RelatedClause
  | SameBrandClause
  | SoldClause
  | StockClause
  | TagClause
  | WordsClause;

/** Every kind of clause there is; to add one, write its file and list it here. */
export const clauseKinds: readonly ClauseKind<Clause>[] = [
  categoryClause,
  collectionClause,
  tagClause,
  brandClause,
  kindClause,
  priceClause,
  reducedClause,
  stockClause,
  ratingClause,
  newClause,
  featuredClause,
  soldClause,
  fieldClause,
  optionClause,
  wordsClause,
  aroundClause,
  relatedClause,
  sameBrandClause,
  lookedAtClause,
  namedClause,
];

export function clauseKind(id: string): ClauseKind<Clause> {
  const kind = clauseKinds.find((one) => one.id === id);
  if (!kind) throw new RangeError(`There is no clause "${id}".`);
  return kind;
}
