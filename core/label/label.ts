import type { ProductFacts } from '../catalogue/facts.ts';

/** A mark on a card, in words. */
export interface LabelView {
  kind: string;
  text: string;
}

/** One kind of label: when it stands, and what it says (calculations §13). */
export interface LabelKind {
  id: string;
  name: string;
  find: readonly string[];
  /** Shown on a new card. */
  atFirst: boolean;
  text(product: ProductFacts): string | null;
}

/** Whole percent off, rounded down so that it never overstates; null where there is under one percent to say. */
export function percentOff(regular: number, reduced: number): number | null {
  const percent = Math.floor((100 * (regular - reduced)) / regular);
  return percent < 1 ? null : percent;
}

const reducedLabel: LabelKind = {
  id: 'reduced',
  name: 'Label for reduced',
  find: ['label', 'reduced', 'sale', 'percent'],
  atFirst: true,
  text: ({ price }) => {
    if (price.reduced === null) return null;
    const percent = percentOff(price.regular, price.reduced);
    return percent === null ? 'Reduced' : `${percent}% off`;
  },
};

const soldOutLabel: LabelKind = {
  id: 'soldOut',
  name: 'Label for sold out',
  find: ['label', 'sold out', 'stock'],
  atFirst: true,
  text: ({ stock }) => (stock.state === 'out' ? 'Sold out' : null),
};

/** In order of precedence. */
export const labelKinds: readonly LabelKind[] = [soldOutLabel, reducedLabel];
