import type { ProductFact } from '../catalogue/facts.ts';
import { labelKind } from '../label/labels/index.ts';
import type { StoreLabel, StoreLabels } from '../label/storeLabel.ts';
import type { Card } from './card.ts';
import { labelEverShown } from './shown.ts';

/** Labels of the store that a card shows at one width or another. */
export const labelsShown = ({ list }: StoreLabels, card: Card): StoreLabel[] =>
  list.filter((label) => labelKind(label.kind) && labelEverShown(card, label));

/** What of products the labels of a card go by. */
export const labelNeeds = (labels: StoreLabels, card: Card): ProductFact[] =>
  labelsShown(labels, card).flatMap(({ kind }) => labelKind(kind)!.needs);
