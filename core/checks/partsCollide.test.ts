import { describe, expect, it } from 'vitest';
import type { Item } from '../card/item.ts';
import { apply } from '../plan/commands.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import {
  specimenNames,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { findingsOn } from './index.ts';

type Parts = NonNullable<NonNullable<StoredShelf['card']>['parts']>;
const shown = { shown: { phone: true } };

const goods: Item[] = [1, 2, 3].map((id) => ({
  of: 'products',
  product: specimenProduct(id, {
    brand: 'The Lower Kiln at the End of the Lane',
    code: 'KC-1001',
    rating: { mean: 4, count: 39 },
    price:
      id === 1 ? { regular: 4400, reduced: 2850, from: false } : { regular: 900, reduced: null, from: false },
  }),
}));

const planWith = (parts: Parts, columns: Record<string, number> = { phone: 2 }): StoredPlan =>
  specimenStored([specimenShelf('s', { card: { parts }, columns: { by: 'count', count: columns } })]);
const found = (stored: StoredPlan) => {
  const plan = completePlan(stored);
  return findingsOn(specimenView(plan, goods.length, {}, goods), plan, specimenNames).filter(
    ({ check }) => check === 'parts-collide',
  );
};

describe('parts that come over each other on the picture', () => {
  it('are found where a corner has no room beside the label, and only there', () => {
    const plan = planWith({ rating: { ...shown, zone: { phone: 'upperEnd' } } }, { phone: 2, laptop: 3 });
    const [one] = found(plan);
    expect(one!.text).toBe('Rating comes over something else on the picture on Phone: 1 of the 3 cards');
    const after = apply(plan, one!.fix!.command);
    expect(found(after)).toEqual([]);
    expect(completePlan(after).shelves.s!.card.parts.rating.zone).toMatchObject({
      phone: 'text',
      tablet: 'upperEnd',
    });
  });

  it('are found between two corners, and between a corner and the bar at the foot', () => {
    const corners: Parts = {
      brand: { ...shown, zone: { phone: 'lowerStart' } },
      code: { ...shown, zone: { phone: 'lowerEnd' } },
    };
    expect(found(planWith(corners))[0]!.text).toMatch(/^Item code comes over/);
    expect(found(planWith(corners, { phone: 1 }))).toEqual([]);
    const bar: Parts = {
      code: { ...shown, zone: { phone: 'lowerEnd' } },
      rating: { ...shown, zone: { phone: 'foot' } },
    };
    const [over] = found(planWith(bar, { phone: 1 }));
    expect(over!.text).toMatch(/^Item code comes over/);
    expect(found(apply(planWith(bar, { phone: 1 }), over!.fix!.command))).toEqual([]);
  });

  it('are not found where each has a place of its own, is not shown, or has nothing to say', () => {
    expect(
      found(
        planWith({
          rating: { ...shown, zone: { phone: 'lowerEnd' } },
          code: { ...shown, zone: { phone: 'upperEnd' } },
        }),
      ),
    ).toEqual([]);
    expect(found(planWith({ rating: { shown: { phone: false }, zone: { phone: 'upperEnd' } } }))).toEqual([]);
    expect(found(planWith({ category: { ...shown, zone: { phone: 'upperEnd' } } }))).toEqual([]);
  });
});
