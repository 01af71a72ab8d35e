import type { TextSize } from '../card/textSize.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import type { ProductFacts } from '../catalogue/facts.ts';

/** How a label is written, and the space at both its ends, px. */
export const LABEL_TEXT: TextSize = { fontPx: 12.5, linePx: 12.5, weight: 560 };
export const LABEL_PADDING_PX = 8;

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
