import { object, string } from '../../schema/schema.ts';
import type { ClauseKind } from '../kinds.ts';

export interface FeaturedClause {
  is: 'featured';
}

export const featuredClause: ClauseKind<FeaturedClause> = {
  id: 'featured',
  name: 'Marked as featured',
  find: ['featured', 'marked', 'favourite'],
  schema: object({
    is: string()
      .oneOf(['featured'] as const)
      .required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'featured' }),
  say: () => 'featured',
  gone: () => [],
  holds: (_, product) => product.featured,
};
