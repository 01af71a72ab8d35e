import type { PictureFacts, ProductFacts } from '../catalogue/facts.ts';
import type { Currency } from '../catalogue/money.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import { LABEL_PICTURE_PX, type LabelView } from './labelKind.ts';
import { fartherPx, placeOf } from './labelPlaces.ts';
import { labelKind } from './labels/index.ts';
import { filledWords } from './placeholders.ts';
import type { StoreLabel, StoreLabels } from './storeLabel.ts';

export interface LabelContext {
  labels: StoreLabels;
  currency: Currency;
  texts: StoreTexts;
  /** Stored pictures that labels show. */
  pictures: readonly PictureFacts[];
  /** UTC ms. */
  newSince: number;
}

/** What a label says of a product; its own words only where every figure in them is known. */
const saidOf = (label: StoreLabel, product: ProductFacts, { currency, texts }: LabelContext): string =>
  (label.words && filledWords(label.words, product, currency)) ||
  labelKind(label.kind)!.text(product, texts, label);

/** Something of it is said by its id in style sheets. */
export const isOwn = ({ kind, ground, ink, apartPx }: StoreLabel): boolean =>
  [ground, ink, apartPx].some((one) => one !== undefined) || labelKind(kind)?.tied === true;

/** The picture of a label at the size that it stands in; null where it has none, or one that is gone. */
function pictureOf(
  { picture, picturePx = LABEL_PICTURE_PX }: StoreLabel,
  pictures: LabelContext['pictures'],
): LabelView['picture'] {
  const facts = picture === undefined ? undefined : pictures.find(({ id }) => id === picture);
  if (!facts) return null;
  return { facts, widthPx: Math.round((picturePx * facts.width) / facts.height), heightPx: picturePx };
}

/** Labels that stand on a product, in order of precedence, as many as may at once. */
export function labelsOf(
  product: ProductFacts,
  context: LabelContext,
  isShown: (label: StoreLabel) => boolean,
): LabelView[] {
  const views: LabelView[] = [];
  for (const label of context.labels.list) {
    if (views.length === context.labels.most) break;
    const kind = labelKind(label.kind);
    if (!kind || !isShown(label) || !kind.stands(product, label, context.newSince)) continue;
    const text = saidOf(label, product, context);
    if (text)
      views.push({
        id: label.id,
        kind: kind.id,
        text,
        at: placeOf(label),
        fartherPx: fartherPx(label),
        own: isOwn(label),
        picture: pictureOf(label, context.pictures),
      });
  }
  return views;
}
