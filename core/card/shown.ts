import type { Bands } from '../bands/bands.ts';
import { mapped, valueAt, type Varying } from '../bands/varying.ts';
import type { StoreLabel } from '../label/storeLabel.ts';
import type { Card } from './card.ts';

type Shown = Readonly<Record<string, { shown: Varying<boolean> } | undefined>>;

/** Settings of a part of a card, by its id; undefined where there is no such part. */
export const ofPart = (card: Card, id: string): { shown: Varying<boolean> } | undefined =>
  (card.parts as Shown)[id];

const anywhere = (one: { shown: Varying<boolean> } | undefined): boolean =>
  one !== undefined && Object.values(one.shown).includes(true);

/** A part is shown at one width at least. */
export const everShown = (card: Card, part: string): boolean => anywhere(ofPart(card, part));

/** What tells a label of the store from others. */
type LabelNamed = Pick<StoreLabel, 'id' | 'kind'>;

/** Whether a label is left in by the list of those left out of a card, at each width. */
export const ownLabelIn = ({ ownLabelsOut }: Card, id: string): Varying<boolean> =>
  mapped(ownLabelsOut, (out) => !out.includes(id));

/** A label is shown at one width at least. */
export const labelEverShown = (card: Card, { id, kind }: LabelNamed): boolean =>
  anywhere(card.labels[kind]) && anywhere({ shown: ownLabelIn(card, id) });

/** A label is shown at a band. */
export function labelShownAt(card: Card, { id, kind }: LabelNamed, bands: Bands, bandId: string): boolean {
  const shown = card.labels[kind]?.shown;
  return (
    shown !== undefined &&
    valueAt(shown, bands, bandId) &&
    !valueAt(card.ownLabelsOut, bands, bandId).includes(id)
  );
}

const hidden = new WeakMap<Card['parts'], { bands: Bands; at: Map<string, ReadonlySet<string>> }>();

/** Parts that are not shown at a band; found once for all cards of a shelf. */
export function hiddenAt({ parts }: Card, bands: Bands, bandId: string): ReadonlySet<string> {
  let known = hidden.get(parts);
  if (known?.bands !== bands) hidden.set(parts, (known = { bands, at: new Map() }));
  let found = known.at.get(bandId);
  if (!found) {
    found = new Set(
      Object.entries(parts)
        .filter(([, { shown }]) => !valueAt(shown, bands, bandId))
        .map(([id]) => id),
    );
    known.at.set(bandId, found);
  }
  return found;
}
