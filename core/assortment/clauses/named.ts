import { array, idSchema, object, string } from '../../schema/schema.ts';
import { counted, listed } from '../../sentence/sentence.ts';
import type { ClauseKind } from '../kinds.ts';

export interface NamedClause {
  is: 'named';
  ids: number[];
}

export const MOST_NAMED = 500;

export const namedClause: ClauseKind<NamedClause> = {
  id: 'named',
  name: 'Named one by one',
  find: ['named', 'picked', 'by hand', 'these'],
  schema: object({
    is: string()
      .oneOf(['named'] as const)
      .required(),
    ids: array(idSchema)
      .max(MOST_NAMED, `At most ${MOST_NAMED} products can be named one by one.`)
      .required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'named', ids: [] }),
  say: ({ ids }, names) => {
    if (ids.length === 0) return 'named ones, still to be named';
    if (ids.length > 2) return `${counted(ids.length, 'named product')}`;
    return listed(ids.map((id) => names.product(id) ?? 'a product that is gone'));
  },
  gone: ({ ids }, names) => ids.filter((id) => !names.product(id)).map((id) => `product ${id}`),
  holds: ({ ids }, product) => ids.includes(product.id),
};
