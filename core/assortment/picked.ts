import type { Assortment } from './assortment.ts';
import { clauseKind } from './clauses/index.ts';
import { clausesIn } from './rule.ts';

/** Whether somebody chose single items of it by hand, so that each of them is meant to be seen. */
export function isPicked(assortment: Assortment): boolean {
  switch (assortment.of) {
    case 'products': {
      const { byHand, rule } = assortment;
      return (
        byHand.putIn.length + byHand.pins.length > 0 ||
        clausesIn(rule).some((clause) => clauseKind(clause.is).picks === true)
      );
    }
    case 'categories':
      return assortment.choose.from === 'named';
    case 'collections':
    case 'entries':
      return assortment.ids !== null;
    case 'pictures':
      return true;
  }
}
