import { goneIn } from '../assortment/explain.ts';
import { assortmentOf } from '../plan/showing.ts';
import { counted, listed } from '../sentence/sentence.ts';
import { ofShelves, type PageCheck } from './check.ts';

/** A rule, a pin or a list by hand that names what is no longer there. */
export const goneFromRule: PageCheck = {
  id: 'gone-from-rule',
  title: 'Named, but no longer there',
  severity: 'weak',
  reads: 'page',
  find: (view, plan, names) =>
    ofShelves(view, ({ id }) => {
      const shelf = plan.shelves[id];
      const assortment = shelf && assortmentOf(plan, shelf);
      if (!shelf || assortment?.of !== 'products') return null;
      const there = (product: number) => names.product(product) !== undefined;
      const { putIn, leftOut, pins } = assortment.byHand;
      const byHand = {
        putIn: putIn.filter(there),
        leftOut: leftOut.filter(there),
        pins: pins.filter((pin) => there(pin.id)),
      };
      const lost =
        putIn.length +
        leftOut.length +
        pins.length -
        byHand.putIn.length -
        byHand.leftOut.length -
        byHand.pins.length;
      const gone = goneIn(assortment.rule, names);
      if (lost === 0 && gone.length === 0) return null;
      const on = shelf.assortmentId === null ? { shelf: shelf.id } : { assortment: shelf.assortmentId };
      return {
        text:
          gone.length > 0
            ? `Its rule names what was removed: ${listed(gone.slice(0, 3))}${gone.length > 3 ? ' and more' : ''}`
            : `${counted(lost, 'product')} chosen by hand ${lost === 1 ? 'was' : 'were'} removed`,
        fix:
          gone.length === 0
            ? {
                words: 'Remove them',
                command: { do: 'set', on, setting: 'assortment.byHand', value: byHand },
              }
            : null,
        goTo: 'shows',
      };
    }),
};
