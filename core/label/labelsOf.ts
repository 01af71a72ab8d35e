import type { ProductFacts } from '../catalogue/facts.ts';
import type { Currency } from '../catalogue/money.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import type { LabelView } from './labelKind.ts';
import { labelKind } from './labels/index.ts';
import { filledWords } from './placeholders.ts';
import type { StoreLabel, StoreLabels } from './storeLabel.ts';

export interface LabelContext {
  labels: StoreLabels;
  currency: Currency;
  texts: StoreTexts;
  /** UTC ms. */
  newSince: number;
}

/** What a label says of a product; its own words only where every figure in them is known. */
const saidOf = (label: StoreLabel, product: ProductFacts, { currency, texts }: LabelContext): string =>
  (label.words && filledWords(label.words, product, currency)) ||
  labelKind(label.kind)!.text(product, texts, label);

/** It has colours of its own. */
export const isColoured = ({ ground, ink }: StoreLabel): boolean => ground !== undefined || ink !== undefined;

/** Labels that stand on a product, in order of precedence, as many as may at once. */
export function labelsOf(
  product: ProductFacts,
  context: LabelContext,
  isShown: (kind: string) => boolean,
): LabelView[] {
  const views: LabelView[] = [];
  for (const label of context.labels.list) {
    if (views.length === context.labels.most) break;
    const kind = labelKind(label.kind);
    if (!kind || !isShown(kind.id) || !kind.stands(product, label, context.newSince)) continue;
    const text = saidOf(label, product, context);
    if (text)
      views.push({
        id: label.id,
        kind: kind.id,
        text,
        at: label.at ?? 'upperStart',
        coloured: isColoured(label),
      });
  }
  return views;
}
