import type { ComponentType } from 'react';
import type { Clause } from '../../../core/assortment/clauses/index.ts';
import {
  KindControls,
  NewControls,
  PriceControls,
  RatingControls,
  ReducedControls,
  SoldControls,
  StockControls,
  WordsControls,
} from './byFigure.tsx';
import {
  BrandControls,
  CategoryControls,
  CollectionControls,
  FieldControls,
  NamedControls,
  OptionControls,
  TagControls,
} from './fromCatalogue.tsx';
import type { ClauseProps } from './clauseProps.ts';

/** Clauses that say it all by being there. */
type Plain = 'featured' | 'around' | 'related' | 'sameBrand' | 'lookedAt';

/** Controls of every clause that has something to set, under the id of the core's definition. */
export const clauseControls: {
  [K in Exclude<Clause['is'], Plain>]: ComponentType<ClauseProps<Extract<Clause, { is: K }>>>;
} = {
  category: CategoryControls,
  collection: CollectionControls,
  tag: TagControls,
  brand: BrandControls,
  kind: KindControls,
  price: PriceControls,
  reduced: ReducedControls,
  stock: StockControls,
  rating: RatingControls,
  new: NewControls,
  sold: SoldControls,
  field: FieldControls,
  option: OptionControls,
  words: WordsControls,
  named: NamedControls,
};

export const controlsOf = (clause: Clause): ComponentType<ClauseProps<Clause>> | undefined =>
  (clauseControls as Partial<Record<Clause['is'], ComponentType<never>>>)[clause.is] as
    ComponentType<ClauseProps<Clause>> | undefined;
