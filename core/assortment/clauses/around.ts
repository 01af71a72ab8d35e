import { LOOKED_AT } from '../kinds.ts';
import { inCollection } from './collection.ts';
import { plainClause } from './plainClause.ts';

export type AroundClause = { is: 'around' };

/** The listing of the page: a category and below, a collection, what was searched, what is kept for later; elsewhere everything. */
export const aroundClause = plainClause('around', 'from the listing of the page', {
  fromWhere: true,
  name: 'The listing of the page',
  find: ['page', 'around', 'same listing', 'this category'],
  looksAt: (around) => {
    if (around === null) return [];
    if (around.of === 'category') return ['categoryIds'];
    if (around.of === 'saved') return [];
    // What is found is another with the words of any product.
    return around.of === 'collection' ? LOOKED_AT : ['words'];
  },
  holds: (_, product, world, ruleHolds) => {
    const { around, tree } = world;
    if (around === null) return true;
    if (around.of === 'category')
      return tree.withBelow(around.id).some((id) => product.categoryIds.includes(id));
    return around.of === 'collection'
      ? inCollection(around.id, product, world, ruleHolds)
      : around.ids.includes(product.id);
  },
  against: () => 'it is not in the listing of the page',
  reads: 'around',
});
