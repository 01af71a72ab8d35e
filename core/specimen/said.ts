import type { PartView } from '../card/parts/index.ts';
import type { ProductFacts } from '../catalogue/facts.ts';
import type { Selling } from '../catalogue/selling.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import { specimenProduct, specimenShelf, specimenStored, specimenView } from './specimen.ts';

type Parts = NonNullable<NonNullable<StoredShelf['card']>['parts']>;

/** What one part says of a product with these facts. */
export function specimenSaid<P extends keyof Parts & string>(
  part: P,
  facts: Partial<ProductFacts>,
  own: NonNullable<Parts[P]> = {},
  selling: Partial<Selling> = {},
): PartView | undefined {
  const card = { parts: { [part]: { shown: { phone: true }, ...own } } } as NonNullable<StoredShelf['card']>;
  const { house, ...others } = specimenStored([specimenShelf('s', { card })]);
  const plan = completePlan({ ...others, house: { ...house, selling } });
  const view = specimenView(plan, 1, {}, [{ of: 'products', product: specimenProduct(1, facts) }]);
  return shelvesOn(view)[0]!.shelf.cards[0]!.parts.find((one) => one.part === part.valueOf());
}
