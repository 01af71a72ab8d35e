import { bandById } from '../bands/bands.ts';
import { partKind } from '../card/parts/index.ts';
import { listed } from '../sentence/sentence.ts';
import { cardPxIn, lookedAtPx } from '../view/clipped.ts';
import { overlapping } from '../view/onPicture.ts';
import { shownIn } from '../view/shownIn.ts';
import { ofShelves, type PageCheck } from './check.ts';
import { withTheText } from './withTheText.ts';

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
