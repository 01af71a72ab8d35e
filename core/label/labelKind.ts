import type { StoreTexts } from '../texts/storeTexts.ts';
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
  text(product: ProductFacts, texts: StoreTexts): string | null;
}
