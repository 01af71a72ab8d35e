import { array, idSchema, object, string } from '../../schema/schema.ts';
import { counted } from '../../sentence/sentence.ts';
import type { ClauseKind } from '../kinds.ts';
import { both, goneOf, named } from './chosen.ts';
import { listed } from '../../sentence/sentence.ts';

export interface NamedClause {
  is: 'named';
  ids: number[];
}

export const MOST_NAMED = 500;

export const namedClause: ClauseKind<NamedClause> = {
  id: 'named',
  name: 'Hand-picked',
  find: ['named', 'picked', 'by hand', 'these'],
  schema: object({
    is: string()
      .oneOf(['named'] as const)
      .required(),
    ids: array(idSchema).max(MOST_NAMED, `At most ${MOST_NAMED} products can be hand-picked.`).required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'named', ids: [] }),
  picks: true,
  say: ({ ids }, names) => [
    {
      text:
        ids.length === 0
          ? 'named ones, still to be named'
          : ids.length > 2
            ? counted(ids.length, 'named product')
            : listed(named(ids, names.product, 'a removed product'), 'or'),
      opens: 'clause',
    },
  ],
  looksAt: [],
  gone: ({ ids }, names) => goneOf(ids, names.product, 'product'),
  either: (a, b) => ({ ...a, ids: both(a.ids, b.ids) }),
  holds: ({ ids }, product) => ids.includes(product.id),
  against: ({ ids }) => `it is not among the ${counted(ids.length, 'named product')}`,
};
