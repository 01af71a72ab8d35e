import { bandById } from '../bands/bands.ts';
import { labelName } from '../label/sayLabel.ts';
import { listed } from '../sentence/sentence.ts';
import { cardPxIn, lookedAtPx } from '../view/clipped.ts';
import { labelsOver } from '../view/onPicture.ts';
import { shownIn } from '../view/shownIn.ts';
import { ofShelves, type PageCheck } from './check.ts';

/** Labels in two corners that come over each other where pictures are narrow. */
export const labelsCollide: PageCheck = {
  id: 'labels-collide',
  title: 'Labels that come over each other',
  severity: 'weak',
  reads: 'page',
  find: (view, { house }) =>
    ofShelves(view, (shelf) => {
      const bands = new Set<string>();
      const cards = new Set<number>();
      let over: { id: string; place: string } | null = null;
      for (const step of shelf.steps) {
        const cardPx = cardPxIn(shelf, step, view.bands, lookedAtPx(step, view.bands));
        for (const card of shownIn(shelf, step))
          for (const one of labelsOver(card, shelf.card, step, view.bands, cardPx)) {
            bands.add(step.bandId);
            cards.add(card.id);
            over ??= one;
          }
      }
      const label = over && house.labels.list.find(({ id }) => id === over.id);
      if (!over || !label) return null;
      const { place } = over;
      const names = [...bands].map((band) => bandById(view.bands, band)!.name);
      return {
        text: `${labelName(label)} comes over another label on ${listed(names)}: ${cards.size} of the ${shelf.cards.length} cards`,
        fix: {
          words: 'Put both into one corner',
          command: {
            do: 'set',
            on: { house: true },
            setting: 'labels.list',
            value: house.labels.list.map((one) => (one === label ? { ...one, at: place } : one)),
          },
        },
        goTo: 'card',
      };
    }),
};
