import { partKinds } from '../card/parts/index.ts';
import { everShown, ofPart } from '../card/shown.ts';
import { drawsCards } from '../layouts/index.ts';
import { ofShelves, type PageCheck } from './check.ts';

/** With fewer products without it, a field is worth its place. */
const LEAST_SHARE = 0.5;

/** Fields of the store's own on cards or in columns, where most of what is shown has nothing in them. */
export const fieldMissing: PageCheck = {
  id: 'field-missing',
  title: 'Fields that most products have nothing in',
  severity: 'hint',
  reads: 'page',
  find: (view, plan, names) =>
    ofShelves(view, ({ id: shelf, of, card, cards, layouts, says }) => {
      if (of !== 'products' || cards.length === 0) return null;
      for (const kind of partKinds) {
        if (!kind.ofField || !says.includes(kind.id)) continue;
        const lacking = cards.filter(({ parts }) => !parts.some(({ part }) => part === kind.id)).length;
        if (lacking < cards.length * LEAST_SHARE) continue;
        const name = kind.named?.(ofPart(card, kind.id)!, names) ?? kind.name;
        const onCards = drawsCards(layouts) && everShown(card, kind.id);
        return {
          text:
            lacking === cards.length
              ? `${name} is shown ${onCards ? 'on cards' : 'in the table'}, but none of the ${cards.length} products has it`
              : `${name} is missing on ${lacking} of the ${cards.length} shown`,
          fix: {
            words: `Take ${name} ${onCards ? 'off the card' : 'out of the table'}`,
            command: {
              do: 'set',
              on: { shelf },
              ...(onCards
                ? { setting: `card.parts.${kind.id}.shown`, value: { [view.bands[0]!.id]: false } }
                : {
                    setting: 'layoutOwn.table.columns',
                    value: plan.shelves[shelf]!.layoutOwn.table.columns.filter(({ id }) => id !== kind.id),
                  }),
            },
          },
          goTo: onCards ? 'card' : 'columns',
        };
      }
      return null;
    }),
};
