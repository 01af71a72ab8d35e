import type { ComponentType } from 'react';
import type { Assortment } from '../../../core/assortment/assortment.ts';
import type { Of } from '../../../core/assortment/of.ts';
import type { Target } from '../../../core/plan/target.ts';

export interface AssortmentProps<A extends Assortment = Assortment> {
  assortment: A;
  /** Where it is kept: a shelf's own, or a saved one. */
  on: Target;
  /** Room for controls beside each other. */
  wide?: boolean;
}

/** The controls of one kind of assortment; how many there may be at most belongs to all kinds. */
export interface AssortmentKind<K extends Of> {
  /** Which ones, and in what order. */
  Which: ComponentType<AssortmentProps<Extract<Assortment, { of: K }>>>;
  /** What is said after the greatest number. */
  Beyond?: ComponentType<AssortmentProps<Extract<Assortment, { of: K }>>>;
}
