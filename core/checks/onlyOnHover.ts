import { partKind } from '../card/parts/index.ts';
import { everShown, ofPart } from '../card/shown.ts';
import { drawsCards } from '../layouts/index.ts';
import { textsOver } from '../view/textsOver.ts';
import { ofShelves, type PageCheck } from './check.ts';

/** What shoppers decide by, where a mouse does not see it before it is over the card. */
export const onlyOnHover: PageCheck = {
  id: 'only-on-hover',
  title: 'What is seen only when pointed at',
  severity: 'hint',
  reads: 'page',
  find: (view) =>
    ofShelves(view, ({ id: shelf, card, cards, steps, layouts }) => {
      if (cards.length === 0 || !drawsCards(layouts)) return null;
      const set = (setting: string) => ({
        words: 'Show it always',
        command: { do: 'set', on: { shelf }, setting, value: 'always' } as const,
      });
      if (card.text.when === 'hover' && steps.some(textsOver))
        return {
          text: 'The words on pictures are seen only when a card is pointed at; by touch always',
          fix: set('card.text.when'),
          goTo: 'card',
        };
      const hidden = card.order.find(
        (part) =>
          partKind(part)?.decides &&
          everShown(card, part) &&
          (ofPart(card, part) as { when?: string }).when === 'hover',
      );
      if (!hidden) return null;
      return {
        text: `${partKind(hidden)!.name} is seen only when a card is pointed at; by touch always`,
        fix: set(`card.parts.${hidden}.when`),
        goTo: 'card',
      };
    }),
};
