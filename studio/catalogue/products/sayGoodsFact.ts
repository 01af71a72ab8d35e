import type { GoodsEdit } from '../../../core/goods/goodsEdit.ts';
import { goodsFact } from '../../../core/goods/goodsFacts.ts';
import type { Names } from '../../../core/sentence/sentence.ts';
import type { SaidFact } from '../NotWritten.tsx';

/** A fact of a product, and a value of it in words. */
export function sayGoodsFact({ of, fact: id, part }: GoodsEdit, value: unknown, names: Names): SaidFact {
  const fact = goodsFact(of, id)!;
  return {
    name: (of === 'field' && names.field(String(part))?.name) || fact.name,
    now: fact.say(value, names) || (fact.none ?? ''),
  };
}
