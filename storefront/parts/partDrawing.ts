import type { StoreTexts } from '../../core/texts/storeTexts.ts';
import type { ReactNode } from 'react';
import type { LabelView } from '../../core/label/labelKind.ts';
import type { PartView } from '../../core/card/parts/index.ts';
import type { CardView } from '../../core/view/view.ts';

/** What the drawing of a part may know besides what the part says. */
export interface PartContext {
  card: CardView;
  /** The form of its basket button; of this card alone on the page. */
  formId: string;
  /** The form of all rows of a table, where one press adds those that are filled in; absent elsewhere. */
  rowsFormId?: string | null;
  sizes: string;
  eager: boolean;
  /** The element of the card's title, one level under the shelf's heading; of a row no heading. */
  Title: 'h2' | 'h3' | 'h4' | 'h5' | 'p';
  texts: StoreTexts;
  /** What stands on the picture; labels first in each place. */
  onPicture(labels: readonly LabelView[]): ReactNode;
}

export type PartDrawing<P extends PartView['part']> = (
  view: Extract<PartView, { part: P }>,
  context: PartContext,
) => ReactNode;
