import { pageKind } from '../pages/index.ts';
import { shelvesOf } from './places.ts';
import type { Plan } from './plan.ts';
import { saidParts } from './saidParts.ts';

/** Whether a card, or a row of a table, of any page for everybody lets a shopper keep a product for later: then there is a way to find it again. */
export const keepsForLater = ({ pages, shelves }: Plan): boolean =>
  Object.values(pages).some(
    ({ kind, bays }) =>
      !pageKind(kind).own &&
      bays.some((bay) =>
        shelvesOf(bay).some((id) => Object.hasOwn(shelves, id) && saidParts(shelves[id]!).includes('save')),
      ),
  );
