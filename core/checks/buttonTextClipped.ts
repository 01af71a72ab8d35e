import { partKind } from '../card/parts/index.ts';
import { ofPart } from '../card/shown.ts';
import { counted } from '../sentence/sentence.ts';
import { wrappedButtons } from '../view/buttons.ts';
import type { ShelfView } from '../view/view.ts';
import { acrossSteps } from './acrossSteps.ts';
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
      const found = acrossSteps(shelf, view.bands, wrappedButtons, ({ part }) => part);
      if (!found) return null;
      const { part } = found.first;
      const lines = Math.max(...found.all.map((one) => one.lines));
      return {
        text: `${partKind(part)!.name} needs ${counted(lines, 'line')} for its words ${found.where}`,
        element: part,
        fix: iconFix(shelf, part),
        goTo: 'card',
      };
    }),
};
