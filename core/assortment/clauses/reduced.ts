import { object, string } from '../../schema/schema.ts';
import type { ClauseKind } from '../kinds.ts';

export interface ReducedClause {
  is: 'reduced';
}

export const reducedClause: ClauseKind<ReducedClause> = {
  id: 'reduced',
  name: 'Reduced in price',
  find: ['reduced', 'sale', 'offer', 'price', 'cheaper'],
  schema: object({
    is: string()
      .oneOf(['reduced'] as const)
      .required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'reduced' }),
  say: () => 'reduced',
  gone: () => [],
  holds: (_, product) => product.reduced !== null,
};
