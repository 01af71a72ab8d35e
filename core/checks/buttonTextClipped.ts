import { bandById } from '../bands/bands.ts';
import { partKind } from '../card/parts/index.ts';
import { ofPart } from '../card/shown.ts';
import { counted, listed } from '../sentence/sentence.ts';
import { wrappedButtons } from '../view/buttons.ts';
import { cardPxIn, lookedAtPx } from '../view/clipped.ts';
import { shownIn } from '../view/shownIn.ts';
import type { ShelfView } from '../view/view.ts';
import { ofShelves, type Fix, type PageCheck } from './check.ts';

/** An icon instead of words, on buttons that can have one. */
export function iconFix({ id, card }: ShelfView, part: string): Fix | null {
  if (!Object.hasOwn(ofPart(card, part) ?? {}, 'shows')) return null;
  return {
    words: 'Show its icon',
    command: { do: 'set', on: { shelf: id }, setting: `card.parts.${part}.shows`, value: 'icon' },
  };
}

/** Buttons of cards whose words have no room on one line. */
export const buttonTextClipped: PageCheck = {
  id: 'button-text-clipped',
  title: 'Button words that do not fit',
  severity: 'hint',
  reads: 'page',
  find: (view) =>
    ofShelves(view, (shelf) => {
      const at = new Map<string, { bands: Set<string>; cards: Set<number>; lines: number }>();
      for (const step of shelf.steps) {
        const cardPx = cardPxIn(shelf, step, view.bands, lookedAtPx(step, view.bands));
        for (const card of shownIn(shelf, step))
          for (const { part, lines } of wrappedButtons(card, shelf.card, step, view.bands, cardPx)) {
            const one = at.get(part) ?? { bands: new Set(), cards: new Set(), lines: 0 };
            one.bands.add(step.bandId);
            one.cards.add(card.id);
            at.set(part, { ...one, lines: Math.max(one.lines, lines) });
          }
      }
      const [first] = at;
      if (!first) return null;
      const [part, { bands, cards, lines }] = first;
      const names = [...bands].map((band) => bandById(view.bands, band)!.name);
      return {
        text: `${partKind(part)!.name} needs ${counted(lines, 'line')} for its words on ${listed(names)}: ${cards.size} of the ${shelf.cards.length} cards`,
        fix: iconFix(shelf, part),
        goTo: 'card',
      };
    }),
};
