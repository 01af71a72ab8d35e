import type { Assortment } from './assortment.ts';
import { clauseKind } from './clauses/index.ts';
import type { Changing, Reads } from './kinds.ts';
import { orderKind } from './orders/index.ts';
import { clausesIn } from './rule.ts';

export interface Depends {
  /** When it changes by itself, at the oftenest. */
  changing: Changing;
  reads: ReadonlySet<Reads>;
}

const often: readonly Changing[] = ['never', 'daily', 'hourly'];

/** What answers of these assortments depend on besides the catalogue. */
export function dependsOf(assortments: readonly Assortment[]): Depends {
  const reads = new Set<Reads>();
  let changing: Changing = 'never';
  const note = (kind: { changing?: Changing; reads?: Reads }) => {
    if (kind.reads) reads.add(kind.reads);
    if (kind.changing && often.indexOf(kind.changing) > often.indexOf(changing)) changing = kind.changing;
  };
  for (const assortment of assortments) {
    if (assortment.of !== 'products') continue;
    const { order } = assortment;
    for (const clause of clausesIn(assortment.rule)) note(clauseKind(clause.is));
    note(
      order.by === 'shuffled'
        ? { changing: order.anew === 'never' ? 'never' : order.anew }
        : orderKind(order.by),
    );
  }
  return { changing, reads };
}
