import { bandById, type Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { partKind } from '../card/parts/index.ts';
import { placeOf } from '../card/slots.ts';
import { TEXT_ZONE } from '../card/zones.ts';
import { listed } from '../sentence/sentence.ts';
import { cardPxIn, lookedAtPx } from '../view/clipped.ts';
import { overlapping } from '../view/onPicture.ts';
import { shownIn } from '../view/shownIn.ts';
import type { ShelfView } from '../view/view.ts';
import { ofShelves, type Fix, type PageCheck } from './check.ts';

/** Puts a part with the text at the widths at which it is over something else; at the others it stays. */
function withTheText(shelf: ShelfView, id: string, bandIds: ReadonlySet<string>, bands: Bands): Fix {
  const { zone } = placeOf(shelf.card, id)!;
  const value = Object.fromEntries(
    bands.map((band) => [band.id, bandIds.has(band.id) ? TEXT_ZONE : valueAt(zone, bands, band.id)]),
  );
  return {
    words: `${partKind(id)!.name} with the text there`,
    command: { do: 'set', on: { shelf: shelf.id }, setting: `card.parts.${id}.zone`, value },
  };
}

/** Parts and labels on pictures that come over each other where pictures are narrow. */
export const partsCollide: PageCheck = {
  id: 'parts-collide',
  title: 'Parts that come over each other on the picture',
  severity: 'weak',
  reads: 'page',
  find: (view) =>
    ofShelves(view, (shelf) => {
      const at = new Map<string, Set<string>>();
      const cards = new Set<number>();
      for (const step of shelf.steps) {
        const cardPx = cardPxIn(shelf, step, view.bands, lookedAtPx(step, view.bands));
        for (const card of shownIn(shelf, step))
          for (const id of overlapping(card, shelf.card, step, view.bands, cardPx)) {
            at.set(id, (at.get(id) ?? new Set()).add(step.bandId));
            cards.add(card.id);
          }
      }
      const [first] = at;
      if (!first) return null;
      const [id, bandIds] = first;
      const names = [...bandIds].map((band) => bandById(view.bands, band)!.name);
      return {
        text: `${partKind(id)!.name} comes over something else on the picture on ${listed(names)}: ${cards.size} of the ${shelf.cards.length} cards`,
        fix: withTheText(shelf, id, bandIds, view.bands),
        goTo: 'card',
      };
    }),
};
